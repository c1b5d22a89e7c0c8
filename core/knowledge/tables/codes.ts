import { BROKEN_NOW_AND_THEN, CORRODED, LASTING, ONCE_A_TURN, TURNING, WIRE_OPEN } from './groups';
import type { Table } from './table';

/** Trouble codes: whether one names the channel, what failure it tells, its status, and what comes back after erasing. */

export const CODE_NAMED: Table = {
  topic: 'code-named',
  outcomes: ['not-named', 'named'],
  mistaken: 0.01,
  otherwise: { gives: { named: 0.025 }, why: 'readers mix up corners; makers use the numbers otherwise' },
  rows: [
    {
      for: [...LASTING, 'sensor-dead', 'ring-wrong'],
      gives: { named: 0.93 },
      why: 'the monitor tests it all the time',
    },
    { for: [...CORRODED, 'loom-crossed'], gives: { named: 0.9 }, why: 'seen when it is open' },
    { for: [...BROKEN_NOW_AND_THEN], gives: { named: 0.9 }, why: 'each opening leaves a code' },
    { for: [...TURNING], gives: { named: 0.88 }, why: 'what lit the lamp was seen by comparing wheels' },
    { for: ['tyre-mismatch'], gives: { named: 0.5 }, why: 'the odd wheel, or all as implausible' },
    { for: ['stale-code'], gives: { named: 0.95 }, why: 'that is what it is' },
    { for: ['battery-low'], gives: { named: 0.4 }, why: 'low voltage throws codes for any wheel' },
    { for: ['module-supply'], gives: { named: 0.3 }, why: 'a sagging feed looks like sensors' },
  ],
};

const FAILURE_OUTCOMES = [
  'none-told',
  'open',
  'short-to-ground',
  'short-to-supply',
  'circuit',
  'intermittent',
  'no-signal',
  'erratic',
  'implausible',
  'direction',
  'supply',
];

/** Given that a code names the channel: the failure it tells. */
export const CODE_FAILURE: Table = {
  topic: 'code-failure',
  outcomes: FAILURE_OUTCOMES,
  mistaken: 0.06,
  otherwise: {
    gives: {
      'none-told': 0,
      open: 0.14,
      circuit: 0.22,
      'no-signal': 0.14,
      implausible: 0.16,
      erratic: 0.08,
      intermittent: 0.08,
    },
    why: 'whatever once happened',
  },
  rows: [
    {
      for: [...WIRE_OPEN, 'plug-loose'],
      gives: {
        'none-told': 0,
        open: 0.4,
        circuit: 0.33,
        'no-signal': 0.1,
        supply: 0.04,
        intermittent: 0.03,
        'short-to-supply': 0.04,
        'short-to-ground': 0.02,
        implausible: 0.02,
        erratic: 0.01,
        direction: 0.01,
      },
      why: 'an open is seen electrically; some modules only miss the signal',
    },
    {
      for: ['sensor-short', 'lead-short'],
      gives: {
        'none-told': 0,
        circuit: 0.36,
        'short-to-ground': 0.24,
        open: 0.08,
        'no-signal': 0.12,
        supply: 0.05,
        erratic: 0.04,
        implausible: 0.04,
        'short-to-supply': 0.03,
        intermittent: 0.03,
        direction: 0.01,
      },
      why: 'a bridge or leak',
    },
    {
      for: ['loom-short-to-ground'],
      gives: {
        'none-told': 0,
        'short-to-ground': 0.55,
        circuit: 0.25,
        supply: 0.06,
        'no-signal': 0.06,
        open: 0.02,
        'short-to-supply': 0.01,
      },
      why: 'named as what it is',
    },
    {
      for: ['loom-short-to-supply'],
      gives: {
        'none-told': 0,
        'short-to-supply': 0.6,
        circuit: 0.22,
        'no-signal': 0.05,
        open: 0.03,
        'short-to-ground': 0.02,
      },
      why: 'named as what it is',
    },
    {
      for: ['loom-short-across'],
      gives: {
        'none-told': 0,
        circuit: 0.38,
        'short-to-ground': 0.2,
        'no-signal': 0.2,
        open: 0.05,
        supply: 0.05,
        'short-to-supply': 0.04,
      },
      why: 'the pair bridged',
    },
    {
      for: [...CORRODED],
      gives: {
        'none-told': 0,
        circuit: 0.34,
        open: 0.3,
        intermittent: 0.12,
        'no-signal': 0.05,
        erratic: 0.09,
        implausible: 0.03,
        supply: 0.04,
        'short-to-ground': 0.02,
      },
      why: 'a bad contact is electrical: open, or resisting',
    },
    {
      for: [...BROKEN_NOW_AND_THEN],
      gives: {
        'none-told': 0,
        intermittent: 0.26,
        open: 0.25,
        circuit: 0.2,
        erratic: 0.15,
        'no-signal': 0.06,
        implausible: 0.05,
      },
      why: 'opens now and then',
    },
    {
      for: ['gap-wide', 'sensor-weak', 'sensor-damaged', 'sensor-dirty'],
      gives: {
        'none-told': 0,
        'no-signal': 0.56,
        implausible: 0.24,
        erratic: 0.1,
        intermittent: 0.04,
        circuit: 0.02,
        open: 0.012,
        direction: 0.008,
        supply: 0.008,
      },
      why: 'the circuit is whole, the signal small',
    },
    {
      for: ['ring-debris'],
      gives: {
        'none-told': 0,
        'no-signal': 0.32,
        erratic: 0.3,
        implausible: 0.28,
        intermittent: 0.04,
        circuit: 0.02,
        open: 0.01,
        direction: 0.01,
        supply: 0.01,
      },
      why: 'fuzz weakens the field as well as roughening it',
    },
    {
      for: [...ONCE_A_TURN],
      gives: {
        'none-told': 0,
        erratic: 0.42,
        implausible: 0.33,
        'no-signal': 0.12,
        intermittent: 0.04,
        circuit: 0.02,
        direction: 0.02,
        open: 0.01,
        supply: 0.01,
      },
      why: 'the signal trembles',
    },
    {
      for: ['ring-wrong'],
      gives: {
        'none-told': 0,
        'no-signal': 0.4,
        implausible: 0.35,
        erratic: 0.1,
        direction: 0.09,
        circuit: 0.02,
        open: 0.01,
      },
      why: 'deaf, or counting wrongly',
    },
    {
      for: ['sensor-dead'],
      gives: {
        'none-told': 0,
        'no-signal': 0.27,
        circuit: 0.28,
        open: 0.16,
        supply: 0.08,
        implausible: 0.1,
        direction: 0.05,
        erratic: 0.04,
      },
      why: 'dead electronics draw the wrong current or give no pulses',
    },
    {
      for: ['loom-crossed'],
      gives: { 'none-told': 0, circuit: 0.3, implausible: 0.25, 'no-signal': 0.2, direction: 0.08, erratic: 0.05 },
      why: 'wrong polarity, or two corners exchanged',
    },
    {
      for: ['module-input'],
      gives: {
        'none-told': 0,
        circuit: 0.4,
        open: 0.15,
        'no-signal': 0.12,
        supply: 0.1,
        'short-to-ground': 0.06,
        'short-to-supply': 0.05,
      },
      why: 'the input itself',
    },
    {
      for: ['tyre-mismatch'],
      gives: { 'none-told': 0, implausible: 0.85, erratic: 0.06 },
      why: 'a wheel that does not agree',
    },
    {
      for: ['battery-low', 'module-supply'],
      gives: { 'none-told': 0, circuit: 0.4, supply: 0.25, implausible: 0.1, 'no-signal': 0.08, open: 0.07 },
      why: 'voltage too low, or too little of it',
    },
  ],
};

/** Whether codes with a failure word name a channel's fault alike or in several ways. */
export const CODE_MIXED: Table = {
  topic: 'code-mixed',
  outcomes: ['alike', 'mixed'],
  mistaken: 0.05,
  otherwise: { gives: { mixed: 0.06 }, why: 'old codes of different days' },
  rows: [
    {
      for: [...BROKEN_NOW_AND_THEN, ...CORRODED],
      gives: { mixed: 0.42 },
      why: 'named by what it was when it was seen: open while standing, intermittent or erratic on the road',
    },
    { for: [...LASTING, 'sensor-dead'], gives: { mixed: 0.06 }, why: 'the same at every test' },
    { for: [...TURNING, 'ring-wrong'], gives: { mixed: 0.1 }, why: 'one test finds it, now and then another' },
    { for: ['battery-low', 'module-supply'], gives: { mixed: 0.15 }, why: 'whatever the low voltage upsets' },
  ],
};

/** Given that a code names the channel: the strongest status told. */
export const CODE_STATUS: Table = {
  topic: 'code-status',
  outcomes: ['stored', 'pending', 'current'],
  mistaken: 0.04,
  otherwise: { gives: { current: 0.15, pending: 0.15 }, why: 'no fault there now' },
  rows: [
    { for: [...LASTING], gives: { current: 0.82, pending: 0.06 }, why: 'present now' },
    {
      for: ['sensor-dead'],
      gives: { current: 0.52, pending: 0.08 },
      why: 'seen at key-on only where its current is wrong',
    },
    { for: [...CORRODED], gives: { current: 0.65, pending: 0.06 }, why: 'seldom whole for long' },
    {
      for: ['loom-crossed'],
      gives: { current: 0.3, pending: 0.12 },
      why: 'wrong polarity at once, exchanged corners on moving',
    },
    {
      for: [...TURNING, 'tyre-mismatch', 'ring-wrong'],
      gives: { current: 0.13, pending: 0.13 },
      why: 'standing still it is only stored, but for modules that latch it',
    },
    { for: [...BROKEN_NOW_AND_THEN], gives: { current: 0.17, pending: 0.12 }, why: 'whole at the moment' },
    { for: ['stale-code'], gives: { current: 0.03, pending: 0.05 }, why: 'history' },
    { for: ['battery-low'], gives: { current: 0.2, pending: 0.15 }, why: 'set while cranking' },
    { for: ['module-supply'], gives: { current: 0.5, pending: 0.1 }, why: 'while the feed is low' },
  ],
};

/** The reader reached the brake module and found no code. */
export const NO_CODE: Table = {
  topic: 'no-code',
  outcomes: ['none', 'some'],
  mistaken: 0.05,
  otherwise: { gives: { some: 0.05 }, why: 'nothing wrong' },
  rows: [
    {
      for: [...LASTING, 'sensor-dead', 'ring-wrong', 'module-supply'],
      gives: { some: 0.94 },
      why: 'a lasting fault leaves a code',
    },
    {
      for: [...CORRODED, ...BROKEN_NOW_AND_THEN, ...TURNING, 'loom-crossed'],
      gives: { some: 0.85 },
      why: 'most leave a code',
    },
    { for: ['tyre-mismatch', 'brake-switch'], gives: { some: 0.6 }, why: 'on some cars' },
    { for: ['battery-low'], gives: { some: 0.75 }, why: 'low voltage leaves codes in most modules' },
    { for: ['brake-fluid-low'], gives: { some: 0.25 }, why: 'a lamp of its own' },
    { for: ['stale-code'], gives: { some: 0.97 }, why: 'it would have been seen' },
  ],
};

/** "Circuit" in a reader's text is a habit of its makers: far weaker than a failure type byte. */
export const CIRCUIT_BY_WORD: Readonly<Record<string, number>> = {
  circuit: 1,
  open: 0.7,
  'short-to-ground': 0.6,
  'short-to-supply': 0.6,
  supply: 0.5,
  intermittent: 0.5,
  'no-signal': 0.55,
  implausible: 0.45,
  erratic: 0.4,
  direction: 0.3,
};

const ofCause = (topic: string, rows: Table['rows']): Table => ({
  topic,
  outcomes: ['absent', 'present'],
  mistaken: 0.004,
  otherwise: { gives: { present: 0.002 }, why: 'seldom without cause' },
  rows,
});

/** Codes that name no wheel but a cause of their own. */
export const CODE_OF_CAUSE = {
  'brake-switch': ofCause('code-brake-switch', [
    { for: ['brake-switch'], gives: { present: 0.75 }, why: 'named as what it is' },
    { for: ['battery-low'], gives: { present: 0.03 }, why: 'low voltage throws many codes' },
  ]),
  'brake-fluid': ofCause('code-brake-fluid', [
    { for: ['brake-fluid-low'], gives: { present: 0.75 }, why: 'named as what it is' },
    { for: ['battery-low'], gives: { present: 0.03 }, why: 'low voltage throws many codes' },
  ]),
  supply: ofCause('code-supply', [
    { for: ['battery-low'], gives: { present: 0.5 }, why: 'every module measures its own supply' },
    { for: ['module-supply'], gives: { present: 0.55 }, why: 'named as what it is' },
    { for: ['module-plug-corroded'], gives: { present: 0.02 }, why: 'its feed pins may be green too' },
  ]),
} as const;

/** The reader got no answer from the brake module. */
export const NO_ANSWER: Table = {
  topic: 'no-answer',
  outcomes: ['answers', 'silent'],
  mistaken: 0.1,
  otherwise: { gives: { silent: 0.08 }, why: 'some readers cannot reach the brake module at all' },
  rows: [
    { for: ['module-supply'], gives: { silent: 0.85 }, why: 'a module without feed is silent' },
    { for: ['module-plug-corroded'], gives: { silent: 0.3 }, why: 'its bus pins rot as well' },
    { for: ['battery-low'], gives: { silent: 0.3 }, why: 'too little voltage to talk' },
  ],
};

/** Another module tells, now, that it has lost the brake module: no doubt of any reader. */
export const LOST_NOW: Table = {
  topic: 'lost-now',
  outcomes: ['absent', 'present'],
  mistaken: 0.02,
  otherwise: { gives: { present: 0.006 }, why: 'the bus does not lie' },
  rows: [
    { for: ['module-supply'], gives: { present: 0.7 }, why: 'a module without feed is missed at once' },
    { for: ['module-plug-corroded'], gives: { present: 0.2 }, why: 'its bus pins rot as well' },
    { for: ['battery-low'], gives: { present: 0.15 }, why: 'too little voltage to talk' },
  ],
};

/** Another module has stored that it once lost the brake module. */
export const LOST_ONCE: Table = {
  topic: 'lost-once',
  outcomes: ['absent', 'present'],
  mistaken: 0.03,
  otherwise: { gives: { present: 0.03 }, why: 'a weak start, or work on the car, long ago' },
  rows: [
    { for: ['module-supply'], gives: { present: 0.5 }, why: 'a feed that sags' },
    { for: ['battery-low'], gives: { present: 0.5 }, why: 'voltage that breaks down while cranking' },
    { for: ['module-plug-corroded'], gives: { present: 0.2 }, why: 'its bus pins rot as well' },
    { for: ['stale-code'], gives: { present: 0.12 }, why: 'what once set the one set the other' },
  ],
};

/** No answer a second time, with another reader or after the feed was looked at. */
export const NO_ANSWER_AGAIN: Table = {
  topic: 'no-answer-again',
  outcomes: ['answers', 'silent'],
  mistaken: 0.05,
  otherwise: { gives: { silent: 0.08 }, why: 'a second reader that cannot reach it either is rare' },
  rows: [
    { for: ['module-supply'], gives: { silent: 0.92 }, why: 'a module without feed is silent' },
    { for: ['module-plug-corroded'], gives: { silent: 0.3 }, why: 'its bus pins rot as well' },
    { for: ['battery-low'], gives: { silent: 0.3 }, why: 'too little voltage to talk' },
  ],
};

/** A code whose wheel nobody knows. */
export const CODE_UNPLACED: Table = {
  topic: 'code-unplaced',
  outcomes: ['absent', 'present'],
  mistaken: 0.05,
  otherwise: { gives: { present: 0.15 }, why: 'a code of another matter' },
  rows: [
    {
      for: [
        ...LASTING,
        ...CORRODED,
        ...BROKEN_NOW_AND_THEN,
        ...TURNING,
        'sensor-dead',
        'ring-wrong',
        'loom-crossed',
        'tyre-mismatch',
      ],
      gives: { present: 0.6 },
      why: 'a bare number may be any wheel',
    },
    { for: ['stale-code', 'battery-low', 'module-supply'], gives: { present: 0.6 }, why: 'old or voltage codes' },
  ],
};

/** Given that a code names the channel and tells its odometer reading: how long ago it was set. */
export const CODE_AGE: Table = {
  topic: 'code-age',
  outcomes: ['recent', 'old'],
  mistaken: 0.03,
  otherwise: { gives: { old: 0.4 }, why: 'readings are stored with the first event, the last, or neither' },
  rows: [
    { for: ['stale-code'], gives: { old: 0.8 }, why: 'history was set some time ago' },
    {
      for: [...LASTING, 'sensor-dead', 'ring-wrong', 'loom-crossed'],
      gives: { old: 0.08 },
      why: 'a lasting fault sets its code anew; a few modules keep the first date',
    },
    {
      for: [...CORRODED, ...BROKEN_NOW_AND_THEN, ...TURNING, 'tyre-mismatch'],
      gives: { old: 0.15 },
      why: 'comes back within a few hundred kilometres',
    },
    { for: ['battery-low', 'module-supply'], gives: { old: 0.2 }, why: 'set at the last weak start' },
  ],
};

/** Many codes over several modules or wheels, all of one odometer reading. */
export const CODE_FLOOD: Table = {
  topic: 'code-flood',
  outcomes: ['single', 'flood'],
  mistaken: 0.02,
  otherwise: { gives: { flood: 0.03 }, why: 'one faulty channel seldom upsets so many modules at once' },
  rows: [
    { for: ['battery-low'], gives: { flood: 0.55 }, why: 'low voltage throws codes everywhere at one moment' },
    { for: ['module-supply'], gives: { flood: 0.35 }, why: 'a shared feed takes several down together' },
    { for: ['stale-code'], gives: { flood: 0.35 }, why: 'left from an old flat battery' },
  ],
};
