import type { texts as en } from '../../en/shared/costs';

export const texts: typeof en = {
  howItGoes: 'Falls es wie verläuft',
  spentOnThisJob: 'Für diesen Auftrag ausgegeben',
  remove: (item) => `${item} entfernen`,
  spent: 'Ausgegeben',
  savedAgainstTheQuote: 'Gegenüber dem Angebot gespart',
  addAPrice: 'Preis hinzufügen',
  sensorPatternPart: 'Sensor, Nachbau',
  what: 'Was',
  price: (currency) => `Preis, ${currency}`,
  whatItWasGood: 'Wozu es gut war',
  add: 'Hinzufügen',
};
