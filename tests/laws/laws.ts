import { describe, expect, test } from 'vitest';
import { LAWS, problemsIn } from './all';

/** So many situations go into one test, so that none takes long. */
const A_TEST = 40;

/** Whether a situation is among the third that `npm test` puts; `npm run laws` puts them all. */
const isInThird = (name: string): boolean =>
  [...name].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 1009, 7) % 3 === 0;

/**
 * Tests a law over a third of its situations, or over one share of that third: a long law is spread over several files.
 * @param number the law's. @param least situations that it must have at the least: a test that its lists were not emptied.
 * @param share which share, from 1, of how many.
 */
export function testLaw(number: number, least: number, [share, shares] = [1, 1]): void {
  const law = LAWS.find((candidate) => candidate.number === number);
  if (!law) throw new Error(`no law ${number}`);
  const own = law.situations
    .filter(({ name }) => isInThird(name))
    .filter((_situation, index) => index % shares === share - 1);
  describe(`law ${number}: ${law.name}, share ${share} of ${shares}`, () => {
    test(`speaks of ${least} situations or more`, () => expect(law.situations.length).toBeGreaterThanOrEqual(least));
    test('about a third of them are put here', () =>
      expect(own.length * shares).toBeGreaterThan(law.situations.length / 5));
    for (let from = 0; from < own.length; from += A_TEST) {
      const part = own.slice(from, from + A_TEST);
      test(`situations ${from + 1} to ${from + part.length} of this share`, () => {
        const broken = part.flatMap((situation) => {
          const problems = problemsIn(situation);
          return problems.length > 0 ? [`${situation.name}: ${problems.join('; ')}`] : [];
        });
        expect(broken).toEqual([]);
      });
    }
  });
}
