import type { texts as en } from '../../en/shared/keypad';

export const texts: typeof en = {
  deleteWords: 'Löschen',
  ol: 'OL',
};
