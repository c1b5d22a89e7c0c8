import type { texts as en } from '../../en/core/guide';

export const texts: typeof en = {
  thisCorner: 'dieses Rad',
  youAddedThis: 'Diesen Schritt hast du hinzugefügt.',
  youTookItOff: 'Du hast es auf dem Hinweg abgenommen.',
  putBack: (what) => `Wieder anbauen: ${what}`,
  itBroke: (what) => `Zerbrochen: ${what}`,
  fitANew: (what) => `Neu einbauen: ${what}`,
};
