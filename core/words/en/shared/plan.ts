import type { Said } from '../../said';

export const texts = {
  corners: 'Corners',
  short: {
    'front-left': 'FL',
    'front-right': 'FR',
    'rear-left': 'RL',
    'rear-right': 'RR',
    'rear-axle': 'R axle',
  },
  atFault: 'at fault',
  suspect: (percent: Said) => `suspect ${percent}`,
  notRuledOut: (percent: Said) => `not ruled out, ${percent}`,
};
