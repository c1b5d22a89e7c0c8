import { describe, expect, test } from 'vitest';
import { problemsIn } from './all';
import type { Law } from './law';

/** So many situations go into one test, so that none takes long. */
const A_TEST = 120;

/**
 * Tests a law over all its situations, some a test.
 * @param law the law. @param least situations that it must have at the least: a test that its lists were not emptied.
 */
export function testLaw(law: Law, least: number): void {
  describe(`law ${law.number}: ${law.name}`, () => {
    test(`speaks of ${least} situations or more`, () => expect(law.situations.length).toBeGreaterThanOrEqual(least));
    for (let from = 0; from < law.situations.length; from += A_TEST) {
      const part = law.situations.slice(from, from + A_TEST);
      test(`situations ${from + 1} to ${from + part.length}`, () => {
        const broken = part.flatMap((situation) => {
          const problems = problemsIn(situation);
          return problems.length > 0 ? [`${situation.name}: ${problems.join('; ')}`] : [];
        });
        expect(broken).toEqual([]);
      });
    }
  });
}
