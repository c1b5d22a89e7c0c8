import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../../tests/support/caseBuilder';
import type { Scenario } from '../posterior';
import { expectedRepairCost, optionCosts, repairProblem, type RepairProblem } from './expectedCost';
import { minutesToOpen, openFor, standingOpen } from './setups';

const file = caseOf(car('passive'), []);
const one = (fault: string, probability: number): Scenario => ({
  probability,
  faults: [{ channel: 'front-left', fault: fault as never }],
  typeOf: () => 'passive',
});

function solve(
  scenarios: readonly Scenario[],
  costs?: readonly number[],
): { problem: RepairProblem; cost: number; first: number; costs: Float64Array } {
  const problem = repairProblem(scenarios, file);
  const priced = costs
    ? Float64Array.from(problem.options, (_o, r) => costs[r] ?? 50)
    : optionCosts(problem, new Set(), file);
  return {
    problem,
    costs: priced,
    ...expectedRepairCost(
      problem,
      Float64Array.from(scenarios, (each) => each.probability),
      priced,
    ),
  };
}

describe('repairs in the order of chance over cost', () => {
  test('one fault: the cost of its repair', () => {
    const { cost, costs, first } = solve([one('loom-open', 1)]);
    expect(cost).toBeCloseTo(costs[first] ?? 0, 9);
  });

  test('independent faults: Σ qᵢcᵢ + Σᵢ<ⱼ min(qᵢcⱼ, qⱼcᵢ), while no workshop is cheaper', () => {
    const faults = ['loom-open', 'gap-wide', 'plug-corroded', 'ring-debris'];
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 4, maxLength: 4 }),
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 4, maxLength: 4 }),
        (shares, costs) => {
          const sum = shares.reduce((total, each) => total + each, 0);
          const q = shares.map((each) => each / sum);
          const { cost, problem } = solve(
            faults.map((fault, i) => one(fault, q[i] ?? 0)),
            costs,
          );
          expect(problem.options).toHaveLength(4);
          let formula = 0;
          for (let i = 0; i < 4; i += 1) {
            formula += (q[i] ?? 0) * (costs[i] ?? 0);
            for (let j = i + 1; j < 4; j += 1)
              formula += Math.min((q[i] ?? 0) * (costs[j] ?? 0), (q[j] ?? 0) * (costs[i] ?? 0));
          }
          expect(Math.abs(cost - formula) / formula).toBeLessThan(0.02);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('a repair dearer than the workshop is left to it', () => {
    const { first, problem, cost } = solve([one('loom-open', 1)], [10_000]);
    expect(first).toBe(-1);
    expect(cost).toBe(problem.workshop);
  });

  test('one repair may cure several faults: the sensor brings its lead', () => {
    const { problem } = solve([one('sensor-open', 0.5), one('lead-open', 0.5)]);
    const sensor = problem.options.findIndex((option) => option.row.repair === 'replaced:sensor');
    expect(problem.cures[sensor]).toHaveLength(2);
  });

  test('costs scaled scale the expected cost', () => {
    const scenarios = [one('loom-open', 0.4), one('gap-wide', 0.6)];
    expect(solve(scenarios, [20, 30]).cost * 2).toBeCloseTo(solve(scenarios, [40, 60]).cost, 9);
  });
});

describe('set-ups are shared', () => {
  const vehicle = car('passive', {
    places: {
      'front-left': { sensor: 'knuckle', plug: 'arch-liner' },
      'rear-left': { sensor: 'knuckle', plug: 'sill' },
    },
  });
  const placed = caseOf(vehicle, []);
  test('a plug behind the arch liner needs the wheel off, one at the sill does not', () => {
    expect(minutesToOpen(openFor(['plug-apart'], placed, 'front-left'), new Set(), placed)).toBe(26);
    expect(minutesToOpen(openFor(['plug-apart'], placed, 'rear-left'), new Set(), placed)).toBe(6);
  });
  test('what was measured shows what stands open', () => {
    const stage = caseOf(vehicle, [
      { kind: 'meter', channel: 'front-left', point: 'sensor', quantity: 'resistance', value: 1200 },
    ]).observations;
    const open = standingOpen(placed, stage);
    expect(minutesToOpen(openFor(['plug-apart', 'wheel-off'], placed, 'front-left'), open, placed)).toBe(0);
  });
  test('what was put back is closed again', () => {
    const work = [
      { id: 'w1', step: 'wheel-off@front-left' },
      { id: 'w2', step: 'wheel-off@front-left', undone: true },
    ];
    expect(standingOpen({ ...placed, work }, []).has('wheel-off@front-left')).toBe(false);
  });
});
