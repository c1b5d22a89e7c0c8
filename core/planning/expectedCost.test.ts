import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { Scenario } from '../belief/posterior';
import { expectedRepairCost, optionCosts, repairProblem, type RepairProblem } from './expectedCost';
import { minutesToOpen, openFor, standingOpen } from '../knowledge/setups';

const file = caseOf(car('passive'), []);
const entry = (fault: string, probability: number): Scenario => ({
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
      Float64Array.from(scenarios, (scenario) => scenario.probability),
      priced,
    ),
  };
}

describe('the best two repairs, then a workshop', () => {
  test('one fault: the cost of its repair', () => {
    const { cost, costs, first } = solve([entry('loom-open', 1)]);
    expect(cost).toBeCloseTo(costs[first] ?? 0, 9);
  });

  test('independent faults: the cheapest of every order of at most two repairs, with a workshop behind', () => {
    const faults = ['loom-open', 'gap-wide', 'plug-corroded', 'ring-debris', 'bearing-play'];
    const numbers = (max: number) =>
      fc.array(fc.integer({ min: 1, max }), { minLength: faults.length, maxLength: faults.length });
    fc.assert(
      fc.property(numbers(99), numbers(300), (shares, costs) => {
        const sum = shares.reduce((total, share) => total + share, 0);
        const q = shares.map((share) => share / sum);
        const { cost, problem } = solve(
          faults.map((fault, i) => entry(fault, q[i] ?? 0)),
          costs,
        );
        expect(problem.options).toHaveLength(faults.length);
        let least = problem.workshop;
        q.forEach((first, i) => {
          least = Math.min(least, (costs[i] ?? 0) + (1 - first) * problem.workshop);
          q.forEach((second, j) => {
            if (i === j) return;
            const left = 1 - first - second;
            least = Math.min(least, (costs[i] ?? 0) + (1 - first) * (costs[j] ?? 0) + left * problem.workshop);
          });
        });
        expect(cost).toBeGreaterThanOrEqual(least - 1e-9);
        expect(cost).toBeLessThanOrEqual(least * 1.001);
      }),
      { numRuns: 200 },
    );
  });

  test('two faults at once need both repairs: with one try left, only if they belong together', () => {
    const both: Scenario = {
      ...entry('loom-open', 1),
      faults: [
        { channel: 'front-left', fault: 'loom-open' },
        { channel: 'front-left', fault: 'gap-wide' },
      ],
    };
    const problem = repairProblem([both], file);
    const costs = optionCosts(problem, new Set(), file);
    const cost = (tries: number) => expectedRepairCost({ ...problem, tries }, Float64Array.of(1), costs).cost;
    expect(cost(2)).toBeCloseTo((costs[0] ?? 0) + (costs[1] ?? 0), 9);
    expect(cost(1)).toBeCloseTo(cost(2), 9);
    const either = repairProblem([entry('loom-open', 0.5), entry('gap-wide', 0.5)], file);
    const priced = optionCosts(either, new Set(), file);
    const half = Float64Array.of(0.5, 0.5);
    expect(expectedRepairCost({ ...either, tries: 1 }, half, priced).cost).toBeGreaterThan(
      expectedRepairCost(either, half, priced).cost + 0.4 * either.workshop,
    );
  });

  test('an old code is erased for what it costs, without using up a try', () => {
    const stale: Scenario = { ...entry('loom-open', 0.4), faults: [{ channel: 'front-left', fault: 'stale-code' }] };
    const problem = repairProblem([stale, entry('loom-open', 0.3), entry('gap-wide', 0.3)], file);
    const costs = optionCosts(problem, new Set(), file);
    const { cost, first } = expectedRepairCost(problem, Float64Array.of(0.4, 0.3, 0.3), costs);
    expect(problem.options[first]?.row.repair).toBe('clear');
    expect(cost).toBeLessThan(0.1 * problem.workshop + Math.max(...costs) * 1.5);
  });

  test('a repair dearer than the workshop is left to it', () => {
    const { first, problem, cost } = solve([entry('loom-open', 1)], [10_000]);
    expect(first).toBe(-1);
    expect(cost).toBe(problem.workshop);
  });

  test('one repair may cure several faults: the sensor brings its lead', () => {
    const { problem } = solve([entry('sensor-open', 0.5), entry('lead-open', 0.5)]);
    const sensor = problem.options.findIndex((option) => option.row.repair === 'replaced:sensor');
    expect(problem.cures[sensor]).toHaveLength(2);
  });

  test('costs scaled scale the expected cost', () => {
    const scenarios = [entry('loom-open', 0.4), entry('gap-wide', 0.6)];
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
