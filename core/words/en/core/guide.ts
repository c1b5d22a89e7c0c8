import type { Said } from '../../said';

export const texts = {
  thisCorner: 'this corner',
  youAddedThis: 'You added this step.',
  youTookItOff: 'You took it off on the way in.',
  putBack: (what: Said) => `Put back: ${what}`,
  itBroke: (what: Said) => `Broke: ${what}`,
  fitANew: (what: Said) => `Fit a new one: ${what}`,
};
