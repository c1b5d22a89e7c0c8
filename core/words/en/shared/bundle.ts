import { plural } from '#words/language';
import type { Said } from '../../said';

export const texts = {
  tooLarge: 'is larger than 512 MB: no back-up of Zelf is.',
  isNoBundle: 'is no back-up of Zelf, or it was cut off on the way. Nothing of it was taken in.',
  isDamaged: 'is damaged: its checksum is not that of the manifest. Nothing of the back-up was taken in.',
  isNotRight: 'is not as Zelf writes it. Nothing of the back-up was taken in.',
  saveAll: 'Back up the whole garage',
  file: (what: Said, day: Said) => `zelf-${what}-${day}.zip`,
  garage: 'garage',
  everythingStays: 'Everything stays on this device. No account, no network after the first load.',
  room: (used: Said, quota: Said) => `${used} of ${quota} used.`,
  roomUsed: 'Room used',
  mayBeCleared: 'The browser may clear it when room gets short.',
  askToKeep: 'Ask it to keep everything',
  neverBackedUp: 'Nothing of this garage has been backed up yet. A back-up also brings it to another device.',
  lastBackUp: (day: Said) => `The last back-up is from ${day}, and jobs have changed since.`,
  title: (name: Said) => `What is in ${name}`,
  added: (count: number) => plural(count, { one: '# job is new', other: '# jobs are new' }),
  merged: (count: number) =>
    plural(count, {
      one: '# job is here, too, and is put together with yours',
      other: '# jobs are here, too, and are put together with yours',
    }),
  same: (count: number) => plural(count, { one: '# job is here as it is', other: '# jobs are here as they are' }),
  vehicles: (count: number) => plural(count, { one: '# vehicle is new', other: '# vehicles are new' }),
  clashes: (count: number) =>
    plural(count, {
      one: '1 entry was changed here and there: the version that says more stands',
      other: '# entries were changed here and there: of each the version that says more stands',
    }),
  photos: (count: number) => plural(count, { one: '1 photo comes with it', other: '# photos come with it' }),
  nothing: 'Everything in it is here already.',
  takeIn: 'Take it in',
  leave: 'Leave it',
  isIn: 'The back-up was taken in.',
};
