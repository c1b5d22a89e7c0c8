import type { Infer } from './shapes';
import * as words from './words';

/** The contract of the case file, as data. `words.ts` has its vocabulary; validator, JSON Schema and types come from here. */

const text = { is: 'text', max: 20_000 } as const;
const id = { is: 'text', max: 200, pattern: /\S/u, example: 'o1' } as const;
const number = { is: 'number' } as const;
const positive = { is: 'number', above: 0 } as const;
const notNegative = { is: 'number', min: 0 } as const;
const share = { is: 'number', min: 0, max: 1 } as const;
const celsius = { is: 'number', min: -80, max: 300 } as const;
const flag = { is: 'flag' } as const;
const moment = {
  is: 'text',
  pattern:
    /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,9})?)?(Z|[+-]\d{2}:\d{2})$/,
  example: '2026-05-04T17:30:00+02:00',
} as const;
const word = <const W extends readonly string[]>(of: W) => ({ is: 'word', of }) as const;
const listOf = <const W extends readonly string[]>(of: W) => ({ is: 'list', of: word(of), max: 100 }) as const;
const record = <const N, const M>(needs: N, may: M) => ({ is: 'record', needs, may }) as const;
const codes = { is: 'list', of: { is: 'text', max: 100 }, max: 500 } as const;

const band = record({ min: notNegative, max: notNegative }, { at: celsius });

export const SPECS = record(
  {},
  {
    sensorResistance: band,
    handSpinVoltage: record({ min: notNegative }, { max: notNegative }),
    supplyAtPlug: record({ min: notNegative }, { max: notNegative }),
    toneRingTeeth: { is: 'number', min: 4, max: 400 },
    ringDiameter: positive,
    airGap: record({ min: notNegative, max: notNegative }, {}),
    tyre: { is: 'text', max: 40 },
    torques: { is: 'map', of: positive, keys: words.TORQUE_POINTS },
  },
);

export const OWN_MEANING = record(
  {},
  { channel: word(words.CHANNELS), failure: word(words.FAILURES), segment: word(words.PLACES_OF_REPAIR), text },
);

export const VEHICLE = record(
  { channels: { is: 'list', of: word(words.CHANNELS), min: 1, max: 4, unique: true } },
  {
    name: { is: 'text', max: 200 },
    /** What sort of car it is, in the owner's words. */
    words: { is: 'text', max: 200 },
    sensorTypes: { is: 'map', of: word(words.SENSOR_TYPES), keys: words.CHANNELS },
    places: {
      is: 'map',
      of: record({}, { sensor: word(words.SENSOR_PLACES), plug: word(words.PLUG_PLACES) }),
      keys: words.CHANNELS,
    },
    steeringSide: word(words.SIDES),
    highVoltage: flag,
    supplyNominal: { is: 'number', above: 0, max: 60 },
    codeMeanings: { is: 'map', of: OWN_MEANING },
    specs: SPECS,
    odometer: notNegative,
  },
);

export const OWNER = record(
  {},
  {
    hourValue: notNegative,
    currency: { is: 'text', max: 12 },
    tools: { is: 'list', of: { is: 'text', max: 200 }, max: 500 },
    schools: { is: 'map', of: { is: 'anything' } },
    meter: record({}, { percent: { is: 'number', min: 0, max: 50 }, counts: { is: 'number', min: 0, max: 1000 } }),
    prices: { is: 'map', of: { is: 'anything' } },
  },
);

/** Keys that every observation may carry. */
const common = {
  at: moment,
  channel: word(words.CHANNELS),
  note: text,
  photo: { is: 'text', max: 200 },
  withdrawn: flag,
} as const;
const kind = <const N, const M>(needs: N, may: M) => record({ id, ...needs }, { ...common, ...may });

export const OBSERVATION = {
  is: 'variants',
  tag: 'kind',
  of: {
    lamps: kind({ lit: listOf(words.LAMPS) }, { pattern: listOf(words.LAMP_PATTERNS) }),
    symptom: kind({ symptom: word(words.SYMPTOMS) }, { bend: word(words.SIDES) }),
    code: kind(
      { code: { is: 'text', max: 100 }, status: word(words.CODE_STATUSES) },
      {
        failure: word(words.FAILURES),
        meaning: text,
        module: word(words.MODULES),
        odometer: notNegative,
        shownAs: { is: 'text', max: 200 },
      },
    ),
    'no-code': kind({}, { module: word(words.MODULES), tested: flag }),
    'no-answer': kind({}, { module: word(words.MODULES) }),
    clear: kind(
      { result: word(words.CLEAR_RESULTS) },
      { method: word(words.CLEAR_METHODS), returned: codes, stayed: codes },
    ),
    live: kind(
      { while: word(words.LIVE_WHILE), finding: word(words.LIVE_FINDINGS) },
      {
        speed: notNegative,
        rhythm: word(words.RHYTHMS),
        strength: share,
        confidence: share,
        jumpsAt: word(words.JUMPS_AT),
        temperature: celsius,
        shownAs: { is: 'text', max: 200 },
      },
    ),
    drive: kind(
      { result: word(words.DRIVE_RESULTS) },
      { distance: notNegative, trips: { is: 'number', min: 1, max: 1000 } },
    ),
    look: {
      ...kind(
        { part: word(Object.keys(words.LOOK_FINDINGS) as words.LookPart[]), finding: { is: 'text', max: 40 } },
        { unsure: { is: 'flag' } },
      ),
      pairs: { first: 'part', second: 'finding', allowed: words.LOOK_FINDINGS },
    },
    meter: {
      ...kind(
        {
          point: word(Object.keys(words.METER_QUANTITIES) as words.MeterPoint[]),
          quantity: word(words.QUANTITIES),
          value: { is: 'either', of: [number, { is: 'constant', value: 'overload' }] },
        },
        {
          unsteady: flag,
          while: word(words.METER_WHILE),
          jumpsAt: word(words.JUMPS_AT),
          temperature: celsius,
          range: positive,
          resolution: positive,
          ends: word(words.METER_ENDS),
          ignition: { is: 'either', of: [flag, word(['on', 'off'])] },
        },
      ),
      pairs: { first: 'point', second: 'quantity', allowed: words.METER_QUANTITIES },
    },
    distance: kind({ point: word(words.DISTANCE_POINTS), value: { is: 'number', min: 0, max: 1 } }, {}),
    swap: kind({ with: word(words.CHANNELS), result: word(words.SWAP_RESULTS) }, { putBack: flag }),
    substitute: kind({ result: word(words.SUBSTITUTE_RESULTS) }, {}),
    unplug: kind({ result: word(words.UNPLUG_RESULTS) }, {}),
    history: kind({ event: word(words.HISTORY_EVENTS) }, { ago: notNegative }),
  },
} as const;

const orNull = <const S>(of: S) => ({ is: 'either', of: [of, { is: 'nothing' }] }) as const;

export const REPAIR = record(
  {
    id,
    action: word(words.REPAIR_ACTIONS),
    segment: word(words.PLACES_OF_REPAIR),
    result: word(words.REPAIR_RESULTS),
  },
  { at: moment, channel: orNull(word(words.CHANNELS)), after: orNull(id), note: text },
);

export const WORK = record(
  { id, step: { is: 'text', max: 200 } },
  { at: moment, undone: flag, skipped: flag, note: text },
);

/** What was taken out, place by place, so that it is counted back in. Added with the fastener board. */
export const FASTENER = record(
  { id, kind: word(words.FASTENER_KINDS), name: { is: 'text', max: 200 }, count: { is: 'number', min: 1, max: 99 } },
  {
    at: moment,
    channel: orNull(word(words.CHANNELS)),
    /** The step of the guide that took it out. */
    step: { is: 'text', max: 200 },
    /** Its number on the card. */
    place: { is: 'number', min: 1, max: 999 },
    /** Across flats or of the bit, in the owner's words: `10 mm`, `3/8 in`. */
    size: { is: 'text', max: 60 },
    thread: { is: 'text', max: 60 },
    state: word(words.FASTENER_STATES),
    renew: flag,
    locker: flag,
    /** The hole was empty before. */
    empty: flag,
    /** How many are back in. */
    back: { is: 'number', min: 0, max: 99 },
    /** Left out knowingly. */
    leftOut: flag,
    put: { is: 'text', max: 200 },
    /** Where it sits on the picture of the corner: shares of its width and height from the left and the top. */
    spot: record({ x: { is: 'number', min: 0, max: 1 }, y: { is: 'number', min: 0, max: 1 } }, { on: id }),
    note: text,
  },
);

export const COST = record(
  { id, item: { is: 'text', max: 500 }, amount: notNegative, use: word(words.COST_USES) },
  { at: moment, currency: { is: 'text', max: 12 }, case: word(words.QUOTE_CASES) },
);

export const ATTACHMENT = record(
  { id, name: { is: 'text', max: 500 }, type: { is: 'text', max: 200 } },
  {
    takenAt: moment,
    sha256: { is: 'text', pattern: /^[0-9a-fA-F]{64}$/, example: '64 hexadecimal digits' },
    /** What it shows: the id of an observation, a repair, a cost, a note or a fastener, or the key of a step as `work` has it. */
    of: { is: 'text', max: 500 },
  },
);

export const CASE_FILE = record(
  {
    format: { is: 'constant', value: 'zelf-case' },
    version: { is: 'constant', value: 1 },
    vehicle: VEHICLE,
    observations: { is: 'list', of: OBSERVATION, max: 5000 },
  },
  {
    owner: OWNER,
    repairs: { is: 'list', of: REPAIR, max: 500 },
    work: { is: 'list', of: WORK, max: 5000 },
    fasteners: { is: 'list', of: FASTENER, max: 500 },
    costs: { is: 'list', of: COST, max: 5000 },
    attachments: { is: 'list', of: ATTACHMENT, max: 2000 },
    notes: { is: 'list', of: { is: 'anything' }, max: 5000 },
    ending: orNull(word(words.ENDINGS)),
    /** A practice car, where the job is one: its own room reads it. */
    practice: { is: 'anything' },
  },
);

export type CaseFile = Infer<typeof CASE_FILE>;
export type Vehicle = Infer<typeof VEHICLE>;
export type Specs = Infer<typeof SPECS>;
export type Owner = Infer<typeof OWNER>;
export type OwnMeaning = Infer<typeof OWN_MEANING>;
export type Observation = Infer<typeof OBSERVATION>;
export type ObservationKind = Observation['kind'];
export type ObservationOf<K extends ObservationKind> = Extract<Observation, { kind: K }>;
export type Repair = Infer<typeof REPAIR>;
export type Work = Infer<typeof WORK>;
export type Fastener = Infer<typeof FASTENER>;
export type Cost = Infer<typeof COST>;
export type Attachment = Infer<typeof ATTACHMENT>;
