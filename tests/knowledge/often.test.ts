import { describe, expect, test } from 'vitest';
import { ALL_FAULTS, type FaultId } from '../../core/knowledge/faults';
import { historyFactor, HISTORY } from '../../core/knowledge/history';
import { FAULT_PAIRS } from '../../core/knowledge/pairs';
import * as priors from '../../core/knowledge/priors';

/** How often a fault is met, in words; least number of 1,000 jobs. */
const OFTEN = [
  ['common', 70],
  ['usual', 30],
  ['uncommon', 12],
  ['rare', 4],
  ['not met', 0],
] as const;

function word(share: number): string {
  return OFTEN.find(([, least]) => share >= least)?.[0] ?? '';
}

/** Fault, on passive sensors, on active ones: the second entry of the catalogue. */
const MET: readonly (readonly [FaultId, string, string])[] = [
  ['ring-damaged', 'usual', 'uncommon'],
  ['ring-swollen', 'usual', 'not met'],
  ['ring-wrong', 'rare', 'uncommon'],
  ['ring-debris', 'uncommon', 'usual'],
  ['gap-wide', 'usual', 'usual'],
  ['bearing-play', 'uncommon', 'uncommon'],
  ['sensor-open', 'common', 'uncommon'],
  ['sensor-short', 'usual', 'uncommon'],
  ['sensor-weak', 'usual', 'uncommon'],
  ['sensor-damaged', 'usual', 'usual'],
  ['sensor-intermittent', 'usual', 'usual'],
  ['sensor-dead', 'not met', 'common'],
  ['sensor-dirty', 'usual', 'usual'],
  ['lead-open', 'common', 'common'],
  ['lead-intermittent', 'common', 'common'],
  ['lead-short', 'usual', 'usual'],
  ['plug-corroded', 'common', 'common'],
  ['plug-loose', 'usual', 'usual'],
  ['loom-open', 'usual', 'usual'],
  ['loom-intermittent', 'usual', 'usual'],
  ['loom-short-to-ground', 'uncommon', 'uncommon'],
  ['loom-short-to-supply', 'rare', 'rare'],
  ['loom-short-across', 'uncommon', 'uncommon'],
  ['loom-crossed', 'rare', 'rare'],
  ['module-plug-corroded', 'uncommon', 'uncommon'],
  ['module-input', 'uncommon', 'uncommon'],
  ['tyre-mismatch', 'rare', 'rare'],
  ['stale-code', 'usual', 'usual'],
  ['battery-low', 'usual', 'usual'],
  ['module-supply', 'uncommon', 'uncommon'],
  ['brake-switch', 'uncommon', 'uncommon'],
  ['brake-fluid-low', 'uncommon', 'uncommon'],
];

test('how often each fault is met', () => {
  expect(ALL_FAULTS.map((fault) => [fault.id, word(fault.often.passive), word(fault.often.active)])).toEqual(MET);
});

/** How much likelier an event makes a fault, in words; least factor. */
const TIMES = [
  ['far likelier', 12],
  ['much likelier', 4],
  ['likelier', 1.75],
  ['a little likelier', 1.05],
  ['the same', 0.95],
  ['less likely', 0],
] as const;

interface Told {
  /** Days after which the event hardly counts any more: least and most. */
  readonly fades: readonly [number, number] | null;
  readonly times: Readonly<Record<string, string>>;
}

/** What is known of the car's past, and what it says: the second entry. */
const PAST: Readonly<Record<string, Told>> = {
  'wheel-bearing': {
    fades: [72, 192],
    times: {
      'plug-loose': 'much likelier',
      'lead-open': 'much likelier',
      'lead-intermittent': 'much likelier',
      'lead-short': 'much likelier',
      'ring-wrong': 'far likelier',
      'ring-damaged': 'likelier',
      'ring-debris': 'likelier',
      'gap-wide': 'likelier',
      'sensor-damaged': 'much likelier',
    },
  },
  'shock-or-strut': {
    fades: [72, 192],
    times: {
      'plug-loose': 'much likelier',
      'lead-open': 'much likelier',
      'lead-intermittent': 'much likelier',
      'lead-short': 'much likelier',
    },
  },
  brakes: {
    fades: [54, 144],
    times: {
      'plug-loose': 'much likelier',
      'lead-open': 'much likelier',
      'lead-intermittent': 'much likelier',
      'lead-short': 'much likelier',
      'sensor-damaged': 'likelier',
      'brake-switch': 'a little likelier',
      'brake-fluid-low': 'likelier',
    },
  },
  driveshaft: {
    fades: [72, 192],
    times: {
      'plug-loose': 'much likelier',
      'lead-open': 'much likelier',
      'lead-intermittent': 'much likelier',
      'lead-short': 'much likelier',
      'ring-wrong': 'far likelier',
      'ring-damaged': 'much likelier',
      'sensor-damaged': 'likelier',
    },
  },
  steering: {
    fades: [54, 144],
    times: {
      'lead-open': 'likelier',
      'lead-intermittent': 'likelier',
      'plug-loose': 'likelier',
    },
  },
  'wheels-or-tyres': {
    fades: [54, 144],
    times: {
      'tyre-mismatch': 'far likelier',
      'lead-open': 'a little likelier',
    },
  },
  battery: {
    fades: [108, 288],
    times: {
      'battery-low': 'less likely',
      'stale-code': 'likelier',
      'module-supply': 'a little likelier',
    },
  },
  'flat-battery-event': {
    fades: [72, 192],
    times: {
      'battery-low': 'likelier',
      'stale-code': 'much likelier',
    },
  },
  'stood-unused': {
    fades: [120, 320],
    times: {
      'battery-low': 'much likelier',
      'ring-damaged': 'a little likelier',
      'ring-swollen': 'a little likelier',
      'plug-corroded': 'a little likelier',
      'gap-wide': 'a little likelier',
      'stale-code': 'likelier',
    },
  },
  rodents: {
    fades: [180, 480],
    times: {
      'lead-open': 'much likelier',
      'loom-open': 'much likelier',
      'loom-short-across': 'much likelier',
      'loom-short-to-ground': 'much likelier',
      'lead-short': 'likelier',
      'loom-intermittent': 'likelier',
    },
  },
  'salted-roads': {
    fades: null,
    times: {
      'ring-damaged': 'likelier',
      'ring-swollen': 'likelier',
      'gap-wide': 'likelier',
      'plug-corroded': 'likelier',
      'loom-open': 'a little likelier',
    },
  },
  water: {
    fades: [54, 144],
    times: {
      'plug-corroded': 'likelier',
      'module-plug-corroded': 'likelier',
      'loom-open': 'a little likelier',
      'loom-intermittent': 'a little likelier',
      'lead-intermittent': 'a little likelier',
      'sensor-short': 'likelier',
      'sensor-open': 'a little likelier',
    },
  },
  'crash-or-kerb': {
    fades: [120, 320],
    times: {
      'bearing-play': 'much likelier',
      'gap-wide': 'much likelier',
      'ring-damaged': 'likelier',
      'sensor-damaged': 'likelier',
      'lead-open': 'likelier',
      'loom-open': 'a little likelier',
    },
  },
  'sensor-replaced': {
    fades: [219, 584],
    times: {
      'gap-wide': 'much likelier',
      'plug-loose': 'much likelier',
      'ring-debris': 'likelier',
      'sensor-open': 'less likely',
      'sensor-short': 'less likely',
      'sensor-dead': 'less likely',
      'sensor-weak': 'less likely',
      'sensor-damaged': 'less likely',
      'sensor-dirty': 'less likely',
      'loom-open': 'likelier',
      'loom-intermittent': 'likelier',
    },
  },
  'wiring-added': {
    fades: [219, 584],
    times: {
      'loom-crossed': 'far likelier',
      'loom-open': 'much likelier',
      'loom-short-to-supply': 'much likelier',
      'loom-short-to-ground': 'much likelier',
      'loom-short-across': 'likelier',
      'module-supply': 'likelier',
    },
  },
  'nothing-known': {
    fades: null,
    times: {
      'ring-wrong': 'less likely',
      'loom-crossed': 'less likely',
      'tyre-mismatch': 'less likely',
      'plug-loose': 'less likely',
      'stale-code': 'less likely',
      'lead-open': 'less likely',
      'lead-intermittent': 'less likely',
    },
  },
  'known-weak-point': { fades: null, times: {} },
};

describe('what the past says', () => {
  test('every event has its entry', () =>
    expect(HISTORY.map((row) => row.event).sort()).toEqual(Object.keys(PAST).sort()));
  test.each(HISTORY)('$event', ({ event, times, fadesDays }) => {
    const said = Object.entries(times).map(([fault, factor]) => [
      fault,
      TIMES.find(([, least]) => (factor ?? 0) >= least)?.[0] ?? '',
    ]);
    expect(Object.fromEntries(said)).toEqual(PAST[event]?.times);
    const fades = PAST[event]?.fades;
    if (!fades) expect(fadesDays).toBeNull();
    else expect([(fadesDays ?? 0) >= fades[0], (fadesDays ?? 0) <= fades[1]]).toEqual([true, true]);
  });
  test('an event fades: whole at once, a third of its strength after its time, what never fades never does', () => {
    const strength = (days: number | undefined): number =>
      Math.log(historyFactor('wheel-bearing', 'ring-wrong', days)) /
      Math.log(historyFactor('wheel-bearing', 'ring-wrong', 0));
    expect(strength(undefined)).toBe(1);
    expect(strength(120)).toBeCloseTo(Math.sqrt(0.1), 6);
    expect(strength(240)).toBeCloseTo(0.1, 6);
    expect(historyFactor('salted-roads', 'ring-swollen', 9000)).toBe(historyFactor('salted-roads', 'ring-swollen', 0));
    expect(historyFactor('wheel-bearing', 'brake-fluid-low', 0)).toBe(1);
  });
});

/** What comes of what, and how often. */
const COMES_OF: readonly (readonly [string, string, 'often' | 'sometimes' | 'seldom'])[] = [
  ['ring-swollen', 'sensor-damaged', 'often'],
  ['bearing-play', 'sensor-damaged', 'sometimes'],
  ['bearing-play', 'ring-damaged', 'seldom'],
  ['ring-damaged', 'sensor-damaged', 'seldom'],
  ['plug-corroded', 'sensor-short', 'seldom'],
  ['plug-corroded', 'lead-open', 'seldom'],
  ['loom-crossed', 'loom-open', 'sometimes'],
  ['loom-open', 'plug-corroded', 'seldom'],
  ['gap-wide', 'ring-debris', 'seldom'],
];

test('pairs of faults, and how often the one brings the other', () => {
  const say = (chance: number): string => (chance >= 0.25 ? 'often' : chance >= 0.12 ? 'sometimes' : 'seldom');
  expect(FAULT_PAIRS.map(({ cause, consequence, chance }) => [cause, consequence, say(chance)])).toEqual(COMES_OF);
});

/** The numbers that say how faults come together, each with what a mechanic would still sign. */
const TOGETHER: readonly (readonly [keyof typeof priors, number, number])[] = [
  ['SOME_FAULT_ODDS', 5, 15],
  ['SECOND_CHANNEL', 0.006, 0.03],
  ['SHARED_ODDS', 0.7, 2.2],
  ['SHARED_BESIDE_FAULT', 0.02, 0.12],
  ['STALE_CHANCE', 0.015, 0.06],
  ['ACTIVE_CHANCE', 0.35, 0.65],
  ['SAME_TYPE_CHANCE', 0.88, 0.98],
  ['MODULE_PLUG_ROT_ODDS', 0.01, 0.07],
  ['WORK_LEAVES_PLUG_LOOSE', 0.004, 0.03],
];

test.each(TOGETHER)('%s lies between %d and %d', (name, least, most) => {
  expect(priors[name]).toBeGreaterThanOrEqual(least);
  expect(priors[name]).toBeLessThanOrEqual(most);
});

test('no number of how faults come together is left out', () =>
  expect(Object.keys(priors).sort()).toEqual(TOGETHER.map(([name]) => name).sort()));
