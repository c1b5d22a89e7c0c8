import type { Said } from '../../said';

export const texts = {
  photo: 'Photo',
  keeping: 'Keeping it',
  addFor: (what: Said) => `Add a photo: ${what}`,
  enlarge: (what: Said) => `Enlarge the photo: ${what}`,
  notHere: 'on another device',
  isNotHere: 'This photo is not on this device. A back-up of the other device brings it here.',
  noPicture: (names: Said) => `This browser cannot read these as pictures: ${names}. The others were kept.`,
  removed: 'The photo is removed.',
  putItBack: 'Put it back',
  takenAt: (moment: Said) => `Taken on ${moment}`,
  remove: 'Remove this photo',
};
