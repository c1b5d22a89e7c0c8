import type { Said } from '../../said';

export const texts = {
  howItGoes: 'If it goes how',
  spentOnThisJob: 'Spent on this job',
  remove: (item: Said) => `Remove ${item}`,
  spent: 'Spent',
  savedAgainstTheQuote: 'Saved against the quote',
  addAPrice: 'Add a price',
  sensorPatternPart: 'Sensor, pattern part',
  what: 'What',
  price: (currency: Said) => `Price, ${currency}`,
  whatItWasGood: 'What it was good for',
  add: 'Add',
};
