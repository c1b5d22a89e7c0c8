import type { Channel, SensorType } from '../casefile/words';
import type { Scenario } from '../belief/posterior';
import type { Cause } from '../knowledge/faults';

/** A fault at its place; channel null is for what all share. */
export interface PlacedFault {
  readonly channel: Channel | null;
  readonly fault: Cause;
}

/** One state that the car may be in, or come into when a repair takes part of its faults away. */
export interface State {
  readonly faults: readonly PlacedFault[];
  readonly typeOf: (channel: Channel) => SensorType;
}

/** All states of a plan with what is believed of each, and how to find the state that is left after a repair. */
export interface States {
  readonly all: readonly State[];
  /** What is believed now; states that only a repair leads to have 0. Sums to 1. */
  readonly weights: Float64Array;
  /** Number of the state of the same car with only these faults. */
  readonly left: (from: number, faults: readonly PlacedFault[]) => number;
}

const keyOf = (faults: readonly PlacedFault[]): string =>
  faults
    .map(({ channel, fault }) => `${channel ?? ''}.${fault}`)
    .sort()
    .join(' ');

/** Every choice of the faults, the empty one included. */
function subsetsOf(faults: readonly PlacedFault[]): readonly (readonly PlacedFault[])[] {
  return faults.reduce<readonly (readonly PlacedFault[])[]>(
    (made, fault) => [...made, ...made.map((subset) => [...subset, fault])],
    [[]],
  );
}

/**
 * The states of a plan: the scenarios that are believed in, and all that repairs may make of them.
 * @param scenarios what may be wrong, probabilities above 0. @returns the states; scenarios first, in their order.
 * @example statesOf([]).all.length // => 0
 */
export function statesOf(scenarios: readonly Scenario[]): States {
  const all: State[] = [];
  const numbers = new Map<string, number>();
  const owner = new Map<number, number>();
  const carOf = new Map<Scenario['typeOf'], number>();
  const add = (faults: readonly PlacedFault[], typeOf: State['typeOf']): number => {
    const car = carOf.get(typeOf) ?? carOf.size;
    carOf.set(typeOf, car);
    const key = `${car}|${keyOf(faults)}`;
    const known = numbers.get(key);
    if (known !== undefined) return known;
    numbers.set(key, all.length);
    owner.set(all.length, car);
    return all.push({ faults, typeOf }) - 1;
  };
  const places = scenarios.map((scenario) => add(scenario.faults, scenario.typeOf));
  for (const scenario of scenarios) subsetsOf(scenario.faults).forEach((faults) => add(faults, scenario.typeOf));
  const weights = new Float64Array(all.length);
  scenarios.forEach((scenario, at) => {
    const place = places[at] as number;
    weights[place] = (weights[place] as number) + scenario.probability;
  });
  return {
    all,
    weights,
    left: (from, faults) => numbers.get(`${owner.get(from)}|${keyOf(faults)}`) ?? from,
  };
}

/** One answer that a check may give, and how likely each state makes it. */
export interface CheckOutcome {
  readonly name: string;
  /** By state. */
  readonly chance: Float64Array;
}

/** Below this chance of any fault at a corner, no corner is in question yet. */
const IN_QUESTION = 0.05;

/**
 * What is believed of the likeliest corner, given that the fault is there.
 * @param states what may be wrong. @returns weights by state, those of the whole car where no corner is in question.
 * @example cornerInQuestion(STATES).length === STATES.all.length // => true
 */
export function cornerInQuestion({ all, weights }: States): Float64Array {
  const shares = new Map<string, number>();
  all.forEach(({ faults }, s) => {
    for (const channel of new Set(faults.map((fault) => fault.channel)))
      if (channel) shares.set(channel, (shares.get(channel) ?? 0) + (weights[s] as number));
  });
  const [channel, share] = [...shares].sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
  if (share < IN_QUESTION) return weights;
  return weights.map((weight, s) =>
    all[s]?.faults.some((fault) => fault.channel === channel && fault.fault !== 'stale-code') ? weight / share : 0,
  );
}
