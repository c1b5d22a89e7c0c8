import type { OutcomeRecord, OverloadRecord, Says, Scale } from './outcome';
import { texts } from '#words/knowledge/outcomes';

/** Readings at the sensor's pins, at its plug, and of the whole circuit from the module's end. */

const JUMPS = { id: 'unsteady', tone: 'bad', text: texts.itJumpsAContact, offScale: true } as const;

/** Ranges below this show overload on sound coils too. */
export const FULL_COIL_RANGE_OHM = 20_000;

const COIL_OVERLOAD: OverloadRecord = {
  believedFrom: FULL_COIL_RANGE_OHM,
  believed: { open: 1, high: 0.2 },
};

/** A coil against its band. Two coils of one type differ by some tens of per cent; what lies further off is another thing. */
function coil(topic: string, parts: Says['good'] & object, within: string): Scale {
  const bad = { tone: 'bad', bad: parts, detail: (at: string) => `${at}. ${within}` } as const;
  return {
    topic,
    unit: 'Ω',
    sound: 'inside',
    shows: [0, 2e6],
    overload: COIL_OVERLOAD,
    outcomes: [
      { id: 'near-zero', ...bad, text: texts.wellBelow, below: { share: 0.1, of: 'band-min' } },
      {
        id: 'low',
        ...bad,
        text: texts.below,
        below: { share: 1, of: 'band-min' },
        far: { under: { share: 0.6, of: 'band-min' }, text: texts.wellBelow },
      },
      {
        id: 'inside',
        tone: 'good',
        good: parts,
        text: texts.inside,
        detail: texts.aWholeCoilCan,
        below: { share: 1, of: 'band-max' },
      },
      {
        id: 'high',
        ...bad,
        text: texts.above,
        detail: texts.compareWithTheOther,
        below: { share: 20, of: 'band-max' },
        far: { over: { share: 1 / 0.6, of: 'band-max' }, text: texts.wellAbove, detail: texts.seldomSound },
      },
      { id: 'open', ...bad, text: texts.overloadOlNoConnection, ofNumber: texts.asGoodAsOpen },
      { ...JUMPS, bad: parts },
    ],
  };
}

export const SENSOR_RESISTANCE_SCALE = coil('sensor-resistance', ['sensor', 'lead'], texts.theSensorOrIts);
export const MODULE_END_SCALE = coil(
  'module-end-resistance',
  ['sensor', 'lead', 'plug', 'loom'],
  texts.sensorLeadPlugOr,
);

/**
 * A coil or a wire read while it is flexed: the figure counts for nothing, only whether it stays.
 * @param topic as the table has it. @param bad parts that a jump stands against. @param good parts that a steady reading speaks for.
 * @example flexed('t', ['loom'], []).outcomes.map(({ id }) => id) // => ["steady","unsteady","open"]
 */
export function flexed(topic: string, bad: Says['bad'] & object, good: Says['good'] & object): Scale {
  const broken = { tone: 'bad', bad, offScale: true } as const;
  return {
    topic,
    unit: 'Ω',
    sound: 'steady',
    flexed: true,
    shows: [0, 5000],
    outcomes: [
      { id: 'steady', tone: 'good', good, text: texts.steadyWhileMoved },
      { ...JUMPS, bad },
      { id: 'open', ...broken, text: texts.overloadOlNoConnection },
    ],
  };
}

export const SENSOR_WIGGLE_SCALE = flexed('sensor-resistance-wiggle', ['sensor', 'lead'], ['lead']);

/** From here on a meter's reading is as good as none (1 MΩ, generic). */
export const INSULATED_OHM = 1e6;
/** A leak under this is a short (trade experience). */
const SHORT_OHM = 1e3;

/**
 * Between two things that must not touch. Overload is as it should be; a range set too low hides a leak.
 * @param topic as the table has it. @param bad parts that a leak stands against. @param isOneKind whether a leak and a short are one outcome.
 * @example insulation('t', ['loom']).outcomes.map(({ id }) => id) // => ["short","leak","insulated"]
 */
export function insulation(topic: string, bad: Says['bad'] & object, isOneKind = false): Scale {
  const leak = { tone: 'bad', bad, below: { fixed: INSULATED_OHM } } as const;
  const short: OutcomeRecord = { id: 'short', tone: 'bad', bad, text: texts.shorted, below: { fixed: SHORT_OHM } };
  return {
    topic,
    unit: 'Ω',
    sound: 'insulated',
    shows: [0, 2e9],
    overload: {
      believedFrom: INSULATED_OHM,
      believed: { insulated: 1 },
      saysNothingTo: 200,
    },
    outcomes: [
      ...(isOneKind ? [] : [short]),
      { id: 'leak', ...leak, text: texts.itLeaks },
      { id: 'insulated', tone: 'good', text: texts.insulatedAsItShould },
    ],
  };
}

export const SENSOR_TO_GROUND_SCALE = insulation('sensor-to-ground', ['sensor', 'lead'], true);

/** A coil spun by hand at about one turn a second: the hand is no motor. */
function spin(topic: string, parts: Says['good'] & object): Scale {
  return {
    topic,
    unit: 'V',
    sound: 'normal',
    shows: [0.005, 5],
    doing: 0.2,
    outcomes: [
      {
        id: 'none',
        tone: 'bad',
        bad: parts,
        text: texts.nothingThere,
        below: { share: 0.15, of: 'spin-voltage' },
        maybe: { low: 0.1 },
        maybeOnCoarse: { low: 0.5, normal: 0.3 },
      },
      { id: 'low', tone: 'bad', bad: parts, text: texts.tooLow, below: { manual: 'spin-voltage' } },
      { id: 'normal', tone: 'good', good: parts, text: texts.aSignalIsThere },
      { id: 'waver', tone: 'bad', bad: ['ring', 'gap'], text: texts.itRisesAndFalls, offScale: true },
    ],
  };
}

export const SENSOR_SPIN_SCALE = spin('sensor-spin-voltage', ['ring', 'gap', 'sensor', 'lead']);
export const MODULE_SPIN_SCALE = spin('module-spin-voltage', ['ring', 'gap', 'sensor', 'lead', 'plug', 'loom']);

/** Under this a meter on a dead wire shows what it picks up (generic). */
export const DEAD_VOLT = 0.8;

/** The four that a feed can be, the smallest first: nothing; less than any sensor works on; a regulated feed; battery voltage. */
function feed(outcomes: Readonly<Record<'none' | 'low' | 'part' | 'full', Omit<OutcomeRecord, 'id' | 'below'>>>) {
  return [
    { id: 'none', ...outcomes.none, below: { fixed: DEAD_VOLT } },
    { id: 'low', ...outcomes.low, below: { manual: 'plug-feed' } },
    { id: 'part', ...outcomes.part, below: { share: 0.7, of: 'battery' } },
    { id: 'full', ...outcomes.full },
  ] as const;
}

const UNFED = { tone: 'bad', bad: ['loom', 'module'] } as const;
const FED = { tone: 'good', good: ['loom'] } as const;

/** The module feeds an active sensor. */
export const FEED_SCALE: Scale = {
  topic: 'supply-at-plug',
  unit: 'V',
  sound: 'full',
  shows: [0.05, 30],
  outcomes: feed({
    none: { ...UNFED, text: texts.nothingThere },
    low: { ...UNFED, text: texts.tooLow },
    part: { ...FED, text: texts.fedAtARegulated },
    full: { ...FED, text: texts.fedAsItShould },
  }),
};

/** Nothing feeds a passive one: an input's bias is no fault, battery voltage is a touch. */
export const PASSIVE_FEED_SCALE: Scale = {
  topic: 'supply-at-plug',
  unit: 'V',
  sound: 'low',
  shows: [0.05, 30],
  outcomes: feed({
    none: { tone: 'plain', text: texts.passiveIsNotFed },
    low: { tone: 'plain', text: texts.passiveIsNotFed },
    part: { tone: 'plain', text: texts.passiveIsNotFed },
    full: { tone: 'borderline', bad: ['loom'], text: texts.passiveYetFed },
  }),
};

const CURRENT_PATH = ['sensor', 'lead', 'plug', 'loom'] as const;

/** An active sensor answers in current: 7 and 14 mA, some 28. */
export const CURRENT_SCALE: Scale = {
  topic: 'sensor-current',
  unit: 'A',
  sound: 'normal',
  shows: [0.0005, 0.3],
  outcomes: [
    { id: 'none', tone: 'bad', bad: CURRENT_PATH, text: texts.drawsNothing, below: { fixed: 0.002 } },
    {
      id: 'normal',
      tone: 'good',
      good: ['lead', 'plug', 'loom'],
      text: texts.drawsCurrent,
      below: { fixed: 0.035 },
    },
    { id: 'high', tone: 'bad', bad: ['sensor', 'lead'], text: texts.tooHigh },
  ],
};
