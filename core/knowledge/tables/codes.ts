import { BROKEN_NOW_AND_THEN, CORRODED, LASTING, TURNING } from './groups';
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
