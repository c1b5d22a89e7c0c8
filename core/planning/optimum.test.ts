import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { checkWith, jobOf, ranked, scenariosWith } from '../../tests/support/reducedModel';
import { HOUR_VALUE, REPAIRS, WORKSHOP_PRICE } from '../knowledge/repairs/all';

describe('laws of planning', () => {
  const faults = ['sensor-open', 'loom-open', 'gap-wide'] as const;
  const shares = fc.array(fc.integer({ min: 10, max: 100 }), { minLength: 3, maxLength: 3 });
  const job = (chances: readonly number[]) => jobOf(caseOf(car('passive'), []), scenariosWith(faults, chances));

  test('a free check that settles one fault is the first move or the one after a cheap repair', () => {
    fc.assert(
      fc.property(shares, (chances) => {
        const made = job(chances);
        const perfect = checkWith('perfect', 0, [], [1, 0, 0], made);
        const moves = ranked({ ...made, checks: [perfect] });
        const at = moves.findIndex((move) => move.move === perfect);
        expect(at).toBeGreaterThanOrEqual(0);
        const before = moves.slice(0, at).map((move) => move.money);
        expect(
          before.every((money) => money < 10),
          before.join(),
        ).toBe(true);
      }),
    );
  });

  test('a check that tells nothing is not offered', () => {
    fc.assert(
      fc.property(shares, fc.integer({ min: 1, max: 30 }), (chances, minutes) => {
        const made = job(chances);
        const blind = checkWith('blind', minutes, [], [0.5, 0.5, 0.5], made);
        expect(ranked({ ...made, checks: [blind] }).map((move) => move.move)).not.toContain(blind);
      }),
    );
  });

  describe('a check is worth no more than its price less than what it tells: a dearer one never saves more', () => {
    const savingOf = (chances: readonly number[], length: number): number => {
      const made = job(chances);
      const check = checkWith('told', length, [], [0.95, 0.05, 0.05], made);
      return ranked({ ...made, checks: [check] }).find((move) => move.move === check)?.saving ?? -Infinity;
    };
    test('in a hundred jobs', () => {
      fc.assert(
        fc.property(shares, fc.integer({ min: 0, max: 20 }), (chances, minutes) => {
          expect(savingOf(chances, minutes + 5)).toBeLessThanOrEqual(savingOf(chances, minutes) + 1e-9);
        }),
      );
    });
    /* A limit of what is too dear to look on with once broke the law in these. */
    test.each([
      [[10, 10, 90], 20],
      [[10, 31, 69], 20],
    ])('chances of %j, %i minutes and five more', (chances, minutes) => {
      expect(savingOf(chances, minutes + 5)).toBeLessThanOrEqual(savingOf(chances, minutes) + 1e-9);
    });
  });

  test('costs scaled scale the plan: the order of moves stays, every figure is multiplied', () => {
    fc.assert(
      fc.property(shares, fc.constantFrom(2, 3, 10), (chances, factor) => {
        const plans = [1, factor].map((times) => {
          const prices = Object.fromEntries(REPAIRS.map((record) => [record.repair, record.price * times]));
          const file = caseOf(car('passive'), [], [], {
            owner: { hourValue: HOUR_VALUE * times, prices },
            costs: [{ id: 'q', item: 'quote', amount: WORKSHOP_PRICE * times, currency: 'EUR', use: 'quote' }],
          });
          const made = jobOf(file, scenariosWith(faults, chances));
          return ranked({ ...made, checks: [checkWith('a', 9, ['plug-apart'], [0.9, 0.1, 0.1], made)] });
        });
        expect(plans[1]?.map((move) => move.move.name)).toEqual(plans[0]?.map((move) => move.move.name));
        plans[0]?.forEach((move, at) => expect(plans[1]?.[at]?.finish).toBeCloseTo(move.finish * factor, 4));
      }),
    );
  });
});
