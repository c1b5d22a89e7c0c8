import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import {
  checkWith,
  drawModel,
  exhaustiveCost,
  policyCost,
  scenariosWith,
  situationOf,
} from '../../tests/support/reducedModel';
import { seededRandom } from '../../tests/support/seededRandom';
import { planMoves } from './plan';
import { HOUR_VALUE, REPAIRS, WORKSHOP_PRICE } from '../knowledge/repairs';

describe('the planner against an exhaustive one', () => {
  test('over 500 random reduced jobs its policy costs within 3 % of the optimum', () => {
    const random = seededRandom(500);
    let [optimum, policy, worst] = [0, 0, 0];
    for (let at = 0; at < 500; at += 1) {
      const model = drawModel(random);
      const [least, ours] = [exhaustiveCost(model), policyCost(model)];
      expect(ours).toBeGreaterThanOrEqual(least - 1e-6);
      optimum += least;
      policy += ours;
      worst = Math.max(worst, ours / least - 1);
    }
    const excess = policy / optimum - 1;
    console.info(
      `planner: ${(100 * excess).toFixed(2)} % above the optimum over 500 jobs, at worst ${(100 * worst).toFixed(1)} %`,
    );
    expect(excess).toBeLessThanOrEqual(0.03);
  }, 120_000);

  test('more information never costs in expectation', () => {
    const random = seededRandom(7);
    for (let at = 0; at < 60; at += 1) {
      const model = drawModel(random);
      const fewer = { ...model, candidates: model.candidates.slice(1) };
      expect(exhaustiveCost(model)).toBeLessThanOrEqual(exhaustiveCost(fewer) + 1e-9);
    }
  });

  test('a check made more telling never costs more', () => {
    const random = seededRandom(8);
    for (let at = 0; at < 40; at += 1) {
      const model = drawModel(random);
      const [first, ...others] = model.candidates;
      if (!first) continue;
      const sure = [...(first.outcomes[1]?.chance ?? [])].map((value) => (value > 0.5 ? 1 : 0));
      const sharper = { ...model, candidates: [checkWith(first.check, first.minutes, first.setups, sure), ...others] };
      const blunt = [...(first.outcomes[1]?.chance ?? [])].map((value) => (value > 0.5 ? 0.8 : 0.2));
      const blunter = { ...model, candidates: [checkWith(first.check, first.minutes, first.setups, blunt), ...others] };
      expect(exhaustiveCost(sharper)).toBeLessThanOrEqual(exhaustiveCost(blunter) + 1e-9);
    }
  });
});

describe('laws of planning', () => {
  const faults = ['sensor-open', 'loom-open', 'gap-wide'] as const;
  const shares = fc.array(fc.integer({ min: 10, max: 100 }), { minLength: 3, maxLength: 3 });

  test('a free perfect check is always worth it: nothing is repaired before it is made', () => {
    fc.assert(
      fc.property(shares, (chances) => {
        const situation = situationOf(caseOf(car('passive'), []), scenariosWith(faults, chances));
        const perfect = checkWith('perfect', 0, [], [1, 0, 0]);
        const plan = planMoves(situation, [perfect]);
        const priced = plan.moves.find((move) => move.candidate === perfect);
        expect(priced?.finish).toBeLessThanOrEqual(plan.repairsOnly + 1e-9);
      }),
    );
  });

  test('a check that tells nothing is never worth more than its price', () => {
    fc.assert(
      fc.property(shares, fc.integer({ min: 1, max: 30 }), (chances, minutes) => {
        const situation = situationOf(caseOf(car('passive'), []), scenariosWith(faults, chances));
        const blind = checkWith('blind', minutes, [], [0.5, 0.5, 0.5]);
        const plan = planMoves(situation, [blind]);
        const priced = plan.moves.find((move) => move.candidate === blind);
        expect(priced?.finish).toBeCloseTo(plan.repairsOnly + (situation.problem.hourValue * minutes) / 60, 6);
        expect(plan.moves[0]?.candidate).not.toBe(blind);
      }),
    );
  });

  test('costs scaled scale the plan: the order of moves stays, every figure is multiplied', () => {
    fc.assert(
      fc.property(shares, fc.constantFrom(2, 3, 10), (chances, factor) => {
        const plans = [1, factor].map((times) => {
          const prices = Object.fromEntries(REPAIRS.map((row) => [row.repair, row.price * times]));
          const file = caseOf(car('passive'), [], [], {
            owner: { hourValue: HOUR_VALUE * times, prices },
            costs: [{ id: 'q', item: 'quote', amount: WORKSHOP_PRICE * times, currency: 'EUR', use: 'quote' }],
          });
          const situation = situationOf(file, scenariosWith(faults, chances));
          return planMoves(situation, [checkWith('a', 9, ['plug-apart'], [0.9, 0.1, 0.1])]);
        });
        expect(plans[1]?.moves.map((move) => move.name)).toEqual(plans[0]?.moves.map((move) => move.name));
        plans[0]?.moves.forEach((move, at) => expect(plans[1]?.moves[at]?.finish).toBeCloseTo(move.finish * factor, 4));
      }),
    );
  });
});
