import type { texts as en } from '../../en/core/quantities';

export const texts: typeof en = {
  inch: (size) => `${size} Zoll`,
  isLongerThanCharacters: (longest) => `ist länger als ${longest} Zeichen; schreib nur, was die Anzeige zeigt`,
  isEmptyTypeWhat: 'ist leer; schreib, was die Anzeige zeigt, oder OL',
  isNoReadingWrite: (what) => `„${what}“ ist kein Messwert; schreib zum Beispiel 1,03 kΩ, 230 mV oder OL`,
  couldBeOrWrite: (typed, whole, rest) =>
    `„${typed}“ könnte ${whole}${rest} oder ${whole},${rest} sein; schreib eines davon`,
  cannotBeNegativeA: 'kann nicht negativ sein; ein Widerstand oder eine Wechselspannung ist 0 oder mehr',
};
