import type { Said } from '../../said';

export const texts = {
  corners: 'Corners',
  rAxle: 'R axle',
  atFault: 'at fault',
  suspect: (percent: Said) => `suspect ${percent}`,
  notRuledOut: (percent: Said) => `not ruled out, ${percent}`,
};
