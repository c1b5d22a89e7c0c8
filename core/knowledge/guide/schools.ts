import { texts } from '#words/knowledge/schools';

/** Where practitioners differ. */
export const SCHOOL_IDS = ['lubricant', 'joint', 'part'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** One way to do it, with what speaks for it and what against. */
export interface School {
  readonly id: string;
  readonly words: string;
  readonly why: string;
}

/** A question on which practitioners differ; the first answer is the one that Zelf takes while nobody has chosen. */
export interface SchoolQuestion {
  readonly question: string;
  readonly ways: readonly [School, ...School[]];
}

export const SCHOOLS: Readonly<Record<SchoolId, SchoolQuestion>> = {
  lubricant: {
    question: texts.lubricant,
    ways: [
      { id: 'grease', words: texts.grease, why: texts.greaseWhy },
      { id: 'oil', words: texts.oil, why: texts.oilWhy },
      { id: 'dry', words: texts.dry, why: texts.dryWhy },
    ],
  },
  joint: {
    question: texts.joint,
    ways: [
      { id: 'solder', words: texts.solder, why: texts.solderWhy },
      { id: 'solder-sleeve', words: texts.solderSleeve, why: texts.solderSleeveWhy },
      { id: 'crimp', words: texts.crimp, why: texts.crimpWhy },
    ],
  },
  part: {
    question: texts.part,
    ways: [
      { id: 'supplier', words: texts.supplier, why: texts.supplierWhy },
      { id: 'genuine', words: texts.genuine, why: texts.genuineWhy },
      { id: 'pattern', words: texts.pattern, why: texts.patternWhy },
      { id: 'used', words: texts.used, why: texts.usedWhy },
    ],
  },
};

/**
 * The way that an owner has chosen.
 * @param schools of the case file's owner. @param id the question. @returns the chosen way; Zelf's own while none is chosen.
 * @example wayOf({}, 'joint').id // => "solder"
 */
export function wayOf(schools: Readonly<Record<string, unknown>> | undefined, id: SchoolId): School {
  const { ways } = SCHOOLS[id];
  return ways.find((way) => way.id === schools?.[id]) ?? ways[0];
}
