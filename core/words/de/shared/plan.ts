import type { texts as en } from '../../en/shared/plan';

export const texts: typeof en = {
  corners: 'Räder',
  short: {
    'front-left': 'VL',
    'front-right': 'VR',
    'rear-left': 'HL',
    'rear-right': 'HR',
    'rear-axle': 'H-Achse',
  },
};
