import type { texts } from '#words/shared/terms';
import type { Plate } from '../plate';

export type TermId = keyof (typeof texts)['terms'];

const CORNER = { scene: 'corner', state: 'whole' } as const;

/** A drawing for every trade word that can be tapped. */
export const TERM_PLATES: Readonly<Record<TermId, Plate>> = {
  'air-gap': { scene: 'seat', state: 'blade-gap', crop: [60, 180, 240, 160] },
  ring: { scene: 'ring', state: 'sound' },
  encoder: { scene: 'seat', state: 'encoder', crop: [40, 160, 300, 200] },
  knuckle: { ...CORNER, focus: ['knuckle', 'knuckle-boss'], crop: [230, 180, 330, 240] },
  hub: { ...CORNER, focus: ['hub', 'studs'], crop: [150, 260, 330, 240] },
  'o-ring': { scene: 'seat', state: 'pull', crop: [70, 0, 270, 180] },
  flange: { scene: 'seat', state: 'bent', crop: [70, 0, 270, 180] },
  bore: { scene: 'seat', state: 'bore-film', crop: [40, 60, 300, 200] },
  lead: { ...CORNER, focus: ['lead'], crop: [300, 140, 330, 240] },
  loom: { scene: 'loom', state: 'sound' },
  module: { scene: 'module-plug', state: 'seated' },
  'arch-liner': { ...CORNER, focus: ['arch-back'] },
  caliper: { ...CORNER, focus: ['caliper'], crop: [100, 230, 330, 240] },
  penetrant: { scene: 'stuck', state: 'soak' },
  grommet: { scene: 'loom', state: 'sound', crop: [260, 70, 176, 130] },
  sleeve: { scene: 'mend', state: 'sleeve' },
  clamp: { scene: 'battery', state: 'sound' },
  'ground-point': { scene: 'ground', state: 'sound' },
  stand: { scene: 'raise', state: 'on-stand' },
  chock: { scene: 'raise', state: 'chocked' },
};
