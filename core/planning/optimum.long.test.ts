import { describe, expect, test } from 'vitest';
import { checkWith, drawModel, exhaustiveCost, policyCost } from '../../tests/support/reducedModel';
import { seededRandom } from '../../tests/support/seededRandom';

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
      const fewer = { ...model, checks: model.checks.slice(1) };
      expect(exhaustiveCost(model)).toBeLessThanOrEqual(exhaustiveCost(fewer) + 1e-9);
    }
  });

  test('a check made more telling never costs more', () => {
    const random = seededRandom(8);
    for (let at = 0; at < 40; at += 1) {
      const model = drawModel(random);
      const [first, ...others] = model.checks;
      if (!first) continue;
      const shown = [...(first.outcomes[1]?.chance ?? [])];
      const withCheck = (seen: readonly number[]) => ({
        ...model,
        checks: [checkWith(first.name, first.minutes, first.record.setups, seen, model), ...others],
      });
      const sharper = withCheck(shown.map((chance) => (chance > 0.5 ? 1 : 0)));
      const blunter = withCheck(shown.map((chance) => (chance > 0.5 ? 0.8 : 0.2)));
      expect(exhaustiveCost(sharper)).toBeLessThanOrEqual(exhaustiveCost(blunter) + 1e-9);
    }
  });
});
