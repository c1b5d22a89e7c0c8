import { BROKEN_NOW_AND_THEN, CORRODED, LASTING, LOOM_SHORT, ONCE_A_TURN, WEAK_SIGNAL, WIRE_OPEN } from './groups';
import type { Table } from './table';

/** Lamps, their pattern and symptoms: what the car shows by itself. They name no corner. */

/** The family that one deaf channel switches off: ABS, stability, hill start and the like. */
export const FAMILY_LAMPS: Table = {
  topic: 'lamps-family',
  outcomes: ['out', 'lit'],
  mistaken: 0.01,
  otherwise: { gives: { lit: 0.06 }, why: 'a bulb check taken for a fault, or a lamp of another system' },
  rows: [
    {
      for: [...LASTING, 'loom-crossed', 'sensor-dead', 'ring-wrong'],
      gives: { lit: 0.97 },
      why: 'a lasting fault keeps the lamp lit',
    },
    { for: [...CORRODED], gives: { lit: 0.85 }, why: 'contacts come and go' },
    { for: [...BROKEN_NOW_AND_THEN], gives: { lit: 0.7 }, why: 'on some trips it behaves' },
    {
      for: [...WEAK_SIGNAL, ...ONCE_A_TURN, 'ring-debris', 'tyre-mismatch'],
      gives: { lit: 0.8 },
      why: 'lit once the wheels have turned; after a restart it may be out',
    },
    { for: ['stale-code'], gives: { lit: 0.1 }, why: 'a stored code alone lights no lamp on most cars' },
    { for: ['module-supply'], gives: { lit: 0.95 }, why: 'a dead module cannot put its lamps out' },
    { for: ['battery-low'], gives: { lit: 0.8 }, why: 'low voltage switches systems off' },
    { for: ['brake-switch'], gives: { lit: 0.6 }, why: 'stability wants to know the pedal' },
    { for: ['brake-fluid-low'], gives: { lit: 0.35 }, why: 'some cars light ABS with the fluid warning' },
  ],
};

/** Lamps of two or more other systems at once (airbag, engine, service, pads …). */
export const OTHER_SYSTEMS: Table = {
  topic: 'lamps-other-systems',
  outcomes: ['few', 'many'],
  mistaken: 0.02,
  otherwise: { gives: { many: 0.08 }, why: 'one deaf corner may light an airbag or service lamp as an echo' },
  rows: [
    { for: ['battery-low'], gives: { many: 0.5 }, why: 'low voltage lights everything' },
    { for: ['module-supply'], gives: { many: 0.2 }, why: 'a shared feed or ground' },
  ],
};

/** The red brake lamp. */
export const RED_LAMP: Table = {
  topic: 'lamp-brake-red',
  outcomes: ['out', 'lit'],
  mistaken: 0.02,
  otherwise: { gives: { lit: 0.04 }, why: 'parking brake left on a notch' },
  rows: [
    { for: ['brake-fluid-low'], gives: { lit: 0.85 }, why: 'the float switch lights it' },
    { for: ['module-supply'], gives: { lit: 0.4 }, why: 'without the module brake-force distribution is off' },
    { for: ['battery-low'], gives: { lit: 0.2 }, why: 'low voltage lights many lamps' },
  ],
};

const pattern = (word: string, mistaken: number, otherwise: Table['otherwise'], rows: Table['rows']): Table => ({
  topic: `lamp-pattern-${word}`,
  outcomes: ['not-reported', 'reported'],
  mistaken,
  otherwise,
  rows,
});

/** One table a pattern word; only what is told counts, silence says nothing. */
export const LAMP_PATTERN_TABLES: Readonly<Record<string, Table>> = {
  'steady-from-key-on': pattern(
    'steady-from-key-on',
    0.04,
    { gives: { reported: 0.3 }, why: 'people take the bulb check for it' },
    [
      {
        for: [...LASTING, 'module-supply'],
        gives: { reported: 0.8 },
        why: 'a circuit fault is seen standing still',
      },
      {
        for: [...CORRODED, 'sensor-dead', 'loom-crossed'],
        gives: { reported: 0.5 },
        why: 'seen at key-on by some modules',
      },
      { for: [...BROKEN_NOW_AND_THEN], gives: { reported: 0.15 }, why: 'only when it happens to be open then' },
      {
        for: [...WEAK_SIGNAL, ...ONCE_A_TURN, 'ring-debris', 'ring-wrong', 'tyre-mismatch'],
        gives: { reported: 0.15 },
        why: 'some modules keep the lamp lit until the wheels have turned well',
      },
      {
        for: ['battery-low', 'brake-switch', 'brake-fluid-low'],
        gives: { reported: 0.4 },
        why: 'does not need the wheels',
      },
    ],
  ),
  'after-moving-off': pattern(
    'after-moving-off',
    0.04,
    { gives: { reported: 0.12 }, why: 'nothing to compare wheels by' },
    [
      {
        for: [...WEAK_SIGNAL, ...ONCE_A_TURN, 'ring-debris', 'ring-wrong', 'tyre-mismatch'],
        gives: { reported: 0.75 },
        why: 'a signal fault is seen once the wheels turn',
      },
      {
        for: ['sensor-dead', 'loom-crossed', 'sensor-short'],
        gives: { reported: 0.4 },
        why: 'modules that test by plausibility need motion',
      },
      { for: [...BROKEN_NOW_AND_THEN, ...CORRODED], gives: { reported: 0.4 }, why: 'movement opens it' },
      {
        for: [...WIRE_OPEN, ...LOOM_SHORT, 'lead-short', 'plug-loose', 'module-input', 'module-supply'],
        gives: { reported: 0.08 },
        why: 'a circuit fault does not wait for motion',
      },
    ],
  ),
  intermittent: pattern('intermittent', 0.04, { gives: { reported: 0.15 }, why: 'comes and goes for other reasons' }, [
    { for: [...BROKEN_NOW_AND_THEN], gives: { reported: 0.8 }, why: 'a broken strand touches now and then' },
    {
      for: [
        ...CORRODED,
        'ring-debris',
        'sensor-dirty',
        'gap-wide',
        'sensor-weak',
        ...ONCE_A_TURN,
        'sensor-damaged',
        'plug-loose',
      ],
      gives: { reported: 0.4 },
      why: 'at its limit it comes and goes',
    },
    {
      for: [
        'lead-open',
        'loom-open',
        'sensor-open',
        'sensor-short',
        'lead-short',
        ...LOOM_SHORT,
        'module-input',
        'ring-wrong',
        'loom-crossed',
      ],
      gives: { reported: 0.06 },
      why: 'a lasting fault lasts',
    },
    { for: ['battery-low'], gives: { reported: 0.4 }, why: 'with the state of charge' },
  ]),
  'when-turning': pattern('when-turning', 0.04, { gives: { reported: 0.05 }, why: 'seldom without cause' }, [
    { for: ['lead-intermittent'], gives: { reported: 0.45 }, why: 'steering flexes a front lead' },
    { for: ['bearing-play'], gives: { reported: 0.4 }, why: 'side load moves the ring' },
    {
      for: ['gap-wide', 'sensor-damaged', 'loom-intermittent', 'lead-short', 'tyre-mismatch'],
      gives: { reported: 0.15 },
      why: 'side load and steering change things a little',
    },
  ]),
  'on-bumps': pattern('on-bumps', 0.04, { gives: { reported: 0.05 }, why: 'seldom without cause' }, [
    { for: [...BROKEN_NOW_AND_THEN, 'plug-loose'], gives: { reported: 0.4 }, why: 'shaking opens it' },
    { for: [...CORRODED, 'bearing-play'], gives: { reported: 0.25 }, why: 'shaking moves contacts and rings' },
  ]),
  'when-wet': pattern('when-wet', 0.04, { gives: { reported: 0.05 }, why: 'seldom without cause' }, [
    { for: [...CORRODED, 'sensor-short'], gives: { reported: 0.4 }, why: 'water bridges' },
    {
      for: ['lead-short', ...LOOM_SHORT, 'lead-intermittent', 'loom-intermittent', 'loom-open'],
      gives: { reported: 0.18 },
      why: 'a chafed wire leaks when wet',
    },
  ]),
  'when-hot': pattern('when-hot', 0.04, { gives: { reported: 0.04 }, why: 'seldom without cause' }, [
    { for: ['sensor-intermittent'], gives: { reported: 0.45 }, why: 'a cracked joint opens when warm' },
    {
      for: ['sensor-weak', 'sensor-dead', 'sensor-short', 'bearing-play'],
      gives: { reported: 0.12 },
      why: 'heat moves its limits',
    },
  ]),
  'goes-out-after-restart': pattern(
    'goes-out-after-restart',
    0.04,
    { gives: { reported: 0.15 }, why: 'a passing event' },
    [
      {
        for: [...WEAK_SIGNAL, ...ONCE_A_TURN, 'ring-debris', 'ring-wrong', 'tyre-mismatch'],
        gives: { reported: 0.5 },
        why: 'quiet until the wheels turn again',
      },
      { for: [...BROKEN_NOW_AND_THEN, ...CORRODED], gives: { reported: 0.45 }, why: 'touching again' },
      {
        for: [...LASTING, 'module-supply'],
        gives: { reported: 0.04 },
        why: 'a circuit fault is found again at once',
      },
      { for: ['battery-low'], gives: { reported: 0.4 }, why: 'the charging system lifts the voltage' },
    ],
  ),
};

/** Now and then at first, always by now: told by two notes of the lamps. It stands in for both patterns. */
export const LAMP_GREW: Table = pattern('grew', 0.04, { gives: { reported: 0.06 }, why: 'seldom without cause' }, [
  { for: [...WIRE_OPEN], gives: { reported: 0.5 }, why: 'the last strand has parted' },
  { for: [...CORRODED], gives: { reported: 0.45 }, why: 'rot goes on until nothing passes' },
  {
    for: ['sensor-short', 'lead-short', 'loom-short-to-ground', 'loom-short-across', 'sensor-dead', 'plug-loose'],
    gives: { reported: 0.25 },
    why: 'water and wear grow',
  },
  {
    for: ['gap-wide', 'ring-swollen', 'ring-damaged', 'sensor-weak', 'bearing-play', 'module-supply'],
    gives: { reported: 0.25 },
    why: 'rust and play grow until the signal is gone',
  },
  { for: [...BROKEN_NOW_AND_THEN], gives: { reported: 0.12 }, why: 'by now it opens at nearly every start' },
]);
