import type { texts as en } from '../../en/shared/route';

export const texts: typeof en = {
  whereItGoesBad: 'Wo sie schlecht wird',
  solidAndDashed:
    'Die Leitung ist durchgezogen gezeichnet, der Kabelbaum zum Steuergerät gestrichelt. Bei dir kann sie anders verlaufen.',
  usualWay:
    'Der übliche Weg: Leitung durchgezogen, Kabelbaum gestrichelt. Sag im Datenblatt, wo dein Stecker sitzt, und die Zeichnung folgt.',
};
