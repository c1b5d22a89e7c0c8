import { BROKEN_NOW_AND_THEN, WIRE_OPEN } from './groups';
import type { SensorType } from '../../casefile/words';
import type { Table, TypedTable } from './table';

/** Speeds that the reader shows: standing, by hand, with the lead moved, on the road. */

const OUTCOMES = [
  'follows',
  'zero',
  'drops-out',
  'once-per-turn',
  'erratic',
  'reads-fast',
  'reads-slow',
  'stuck-high',
  'wrong-direction',
  'no-direction',
  'cuts-in-late',
  'answers-as-other-channel',
];

const SILENT = {
  zero: 0.82,
  'drops-out': 0.04,
  erratic: 0.03,
  'stuck-high': 0.05,
  follows: 0.02,
  'cuts-in-late': 0.01,
};

/** Faults of the circuit. */
const grounded = (type: SensorType): Table['rows'] =>
  type === 'active'
    ? [{ for: ['loom-short-to-ground'], gives: SILENT, why: 'its feed or its answer goes to ground' }]
    : [
        {
          for: ['loom-short-to-ground', 'lead-short/body', 'sensor-short/body'],
          gives: { zero: 0.45, follows: 0.28, erratic: 0.12, 'cuts-in-late': 0.05, 'drops-out': 0.05 },
          why: 'a floating coil still speaks over one grounded wire',
        },
      ];

/** Contacts and wires that come and go. */
const contactRows = (drive: boolean, type: SensorType): Table['rows'] => [
  {
    for: ['plug-corroded', 'module-plug-corroded'],
    gives:
      type === 'active'
        ? {
            zero: 0.62,
            'drops-out': drive ? 0.24 : 0.14,
            erratic: 0.05,
            'cuts-in-late': 0.01,
            follows: drive ? 0.06 : 0.14,
          }
        : drive
          ? { zero: 0.22, 'drops-out': 0.54, erratic: 0.07, 'cuts-in-late': 0.05, follows: 0.08 }
          : { zero: 0.38, 'drops-out': 0.26, erratic: 0.06, 'cuts-in-late': 0.05, follows: 0.2 },
    why: 'a bad contact comes and goes with every shake; an active sensor starves behind it',
  },
  {
    for: [...BROKEN_NOW_AND_THEN],
    gives: {
      zero: 0.06,
      'drops-out': drive ? 0.64 : 0.22,
      erratic: 0.08,
      follows: drive ? 0.16 : 0.58,
      'once-per-turn': 0.01,
    },
    why: 'whole until it is shaken',
  },
];

const circuitRows = (drive: boolean, type: SensorType): Table['rows'] => [
  ...grounded(type),
  { for: [...WIRE_OPEN, 'plug-loose'], gives: SILENT, why: 'no circuit, no speed' },
  {
    for: ['lead-short', 'loom-short-to-supply', 'loom-short-across'],
    gives: SILENT,
    why: 'a bridged signal never arrives',
  },
  {
    for: ['sensor-short'],
    gives:
      type === 'active'
        ? SILENT
        : { zero: 0.28, 'cuts-in-late': 0.32, 'drops-out': 0.06, erratic: 0.07, follows: 0.22 },
    why: 'bridged turns leave less signal, a few bridged ones enough',
  },
  {
    for: ['module-input'],
    gives: { zero: 0.75, erratic: 0.08, 'stuck-high': 0.06, follows: 0.05 },
    why: 'the input is deaf',
  },
  {
    for: ['sensor-dead'],
    gives: {
      zero: 0.76,
      'no-direction': 0.09,
      'wrong-direction': 0.02,
      'stuck-high': 0.05,
      erratic: 0.02,
      'drops-out': 0.02,
      follows: 0.02,
    },
    why: 'no pulses, or pulses without direction',
  },
  {
    for: ['ring-wrong'],
    gives:
      type === 'active'
        ? {
            zero: 0.62,
            'reads-fast': 0.08,
            'reads-slow': 0.08,
            'wrong-direction': 0.04,
            'no-direction': 0.06,
            follows: drive ? 0.03 : 0.07,
          }
        : {
            zero: 0.2,
            'reads-fast': drive ? 0.32 : 0.22,
            'reads-slow': drive ? 0.32 : 0.22,
            erratic: 0.04,
            'cuts-in-late': 0.04,
            follows: drive ? 0.05 : 0.25,
          },
    why: 'deaf side towards the sensor, or another count, which a wheel turned by hand hardly shows',
  },
  ...contactRows(drive, type),
];

/** Faults of the signal's source and of the car: seen alike by hand and on the road, but for what needs speed. */
const tooWeak = (drive: boolean): Table['rows'] => [
  {
    for: ['gap-wide', 'sensor-weak'],
    gives: drive
      ? { 'cuts-in-late': 0.7, zero: 0.1, 'drops-out': 0.06, erratic: 0.03, follows: 0.06 }
      : { zero: 0.62, 'cuts-in-late': 0.2, 'drops-out': 0.05, erratic: 0.03, follows: 0.07 },
    why: 'too little signal when slow: what the module misses on the road it hardly hears by hand',
  },
  {
    for: ['sensor-dirty', 'sensor-damaged'],
    gives: drive
      ? { 'cuts-in-late': 0.62, zero: 0.1, 'drops-out': 0.08, erratic: 0.08, follows: 0.08 }
      : { zero: 0.57, 'cuts-in-late': 0.2, 'drops-out': 0.06, erratic: 0.06, follows: 0.08 },
    why: 'too little signal when slow, or a rough one',
  },
];

/** An active sensor hears the field or it doesn't, whatever the speed: below its threshold it is silent. */
const TOO_WEAK_FOR_ACTIVE: Table['rows'] = [
  {
    for: ['gap-wide', 'sensor-weak', 'sensor-dirty', 'sensor-damaged'],
    gives: { zero: 0.66, 'cuts-in-late': 0.08, 'drops-out': 0.12, erratic: 0.06, follows: 0.05 },
    why: 'below its threshold at every speed, or just at it',
  },
];

/** Fuzz on a magnetic encoder silences a sensor that is near its threshold; on teeth it weakens and roughens the signal. */
const debris = (drive: boolean, type: SensorType): Table['rows'][number] => ({
  for: ['ring-debris'],
  gives:
    type === 'active'
      ? { zero: 0.34, 'once-per-turn': 0.26, erratic: 0.18, 'drops-out': 0.09, 'cuts-in-late': 0.03, follows: 0.07 }
      : drive
        ? { 'once-per-turn': 0.32, 'cuts-in-late': 0.27, erratic: 0.2, 'drops-out': 0.08, zero: 0.04, follows: 0.07 }
        : { zero: 0.36, 'once-per-turn': 0.24, erratic: 0.15, 'cuts-in-late': 0.08, 'drops-out': 0.06, follows: 0.08 },
  why: 'false teeth and weak ones',
});

const signalRows = (drive: boolean, type: SensorType): Table['rows'] => [
  {
    for: ['sensor-open/high'],
    gives: { 'cuts-in-late': 0.4, zero: 0.38, follows: 0.1, 'drops-out': 0.05 },
    why: 'a high coil lets a little through to the module',
  },
  ...(type === 'active' ? TOO_WEAK_FOR_ACTIVE : tooWeak(drive)),
  debris(drive, type),
  {
    for: ['ring-damaged', 'ring-swollen'],
    gives: { 'once-per-turn': 0.72, erratic: 0.1, 'drops-out': 0.07, 'cuts-in-late': 0.02, follows: 0.05 },
    why: 'the same place passes once a turn',
  },
  {
    for: ['bearing-play'],
    gives: { 'once-per-turn': 0.55, erratic: 0.16, 'drops-out': 0.08, 'cuts-in-late': 0.06, follows: 0.1 },
    why: 'the gap wanders with each turn and bend',
  },
  {
    for: ['loom-crossed'],
    gives: { 'answers-as-other-channel': 0.42, zero: 0.3, 'wrong-direction': 0.05, erratic: 0.05, follows: 0.1 },
    why: 'two corners exchanged, or polarity',
  },
  {
    for: ['tyre-mismatch'],
    gives: drive
      ? { 'reads-fast': 0.46, 'reads-slow': 0.46, follows: 0.05 }
      : { 'reads-fast': 0.22, 'reads-slow': 0.22, follows: 0.53 },
    why: 'a fixed ratio at every speed, hardly seen by hand',
  },
  {
    for: ['module-supply', 'battery-low'],
    gives: { zero: 0.2, 'drops-out': 0.1, erratic: 0.08, follows: 0.5 },
    why: 'the module starves',
  },
];

const SOUND = {
  follows: 0.93,
  'answers-as-other-channel': 0.015,
  zero: 0.012,
  'drops-out': 0.006,
  erratic: 0.008,
  'cuts-in-late': 0.01,
};

const liveSpin = (type: SensorType): Table => ({
  topic: 'live-hand-spin',
  outcomes: OUTCOMES,
  mistaken: 0.02,
  otherwise: { gives: SOUND, why: 'zero only when spun too slowly for the module; a reader may name corners wrongly' },
  rows: [...circuitRows(false, type), ...signalRows(false, type)],
});
export const LIVE_SPIN: TypedTable = { passive: liveSpin('passive'), active: liveSpin('active') };

const liveDrive = (type: SensorType): Table => ({
  topic: 'live-drive',
  outcomes: OUTCOMES,
  mistaken: 0.02,
  otherwise: { gives: { ...SOUND, 'answers-as-other-channel': 0.003 }, why: 'on the road a sound corner follows' },
  rows: [...circuitRows(true, type), ...signalRows(true, type)],
});
export const LIVE_DRIVE: TypedTable = { passive: liveDrive('passive'), active: liveDrive('active') };

export const LIVE_STATIONARY: Table = {
  topic: 'live-stationary',
  outcomes: ['zero', 'stuck-high', 'erratic'],
  mistaken: 0.02,
  otherwise: { gives: { zero: 0.97 }, why: 'a standing wheel shows nothing' },
  rows: [
    {
      for: ['loom-open', 'lead-open', 'sensor-open', 'plug-loose', 'sensor-dead', 'loom-short-to-supply'],
      gives: { zero: 0.86, 'stuck-high': 0.11 },
      why: 'a broken feed may show a value that never moves',
    },
    {
      for: [
        'plug-corroded',
        'module-plug-corroded',
        'loom-short-across',
        'loom-short-to-ground',
        'lead-short',
        'sensor-short',
        'module-input',
      ],
      gives: { zero: 0.85, erratic: 0.08 },
      why: 'stray pick-up',
    },
    {
      for: ['lead-intermittent', 'loom-intermittent', 'sensor-intermittent'],
      gives: { zero: 0.92, erratic: 0.05 },
      why: 'stray pick-up now and then',
    },
  ],
};

export const LIVE_WIGGLE: Table = {
  topic: 'live-wiggle',
  outcomes: ['steady', 'drops-out'],
  mistaken: 0.02,
  otherwise: { gives: { 'drops-out': 0.03 }, why: 'sound wires do not care' },
  rows: [
    { for: ['lead-intermittent', 'plug-loose'], gives: { 'drops-out': 0.8 }, why: 'where it jumps is where it breaks' },
    { for: ['plug-corroded'], gives: { 'drops-out': 0.5 }, why: 'contacts move' },
    {
      for: ['loom-intermittent', 'sensor-intermittent', 'module-plug-corroded'],
      gives: { 'drops-out': 0.35 },
      why: 'reached by the wiggling only in part',
    },
  ],
};
