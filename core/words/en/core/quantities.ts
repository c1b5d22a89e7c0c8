import type { Said } from '../../said';

export const texts = {
  inch: (size: Said) => `${size} in`,
  isLongerThanCharacters: (lONGEST: Said) => `is longer than ${lONGEST} characters; type only what the display shows`,
  isEmptyTypeWhat: 'is empty; type what the display shows, or OL',
  isNoReadingWrite: (what: Said) => `"${what}" is no reading; write for example 1.03 kΩ, 230 mV or OL`,
  couldBeOrWrite: (typed: Said, whole: Said, rest: Said) =>
    `"${typed}" could be ${whole}${rest} or ${whole}.${rest}; write one of these`,
  cannotBeNegativeA: 'cannot be negative; a resistance or AC voltage is 0 or more',
};
