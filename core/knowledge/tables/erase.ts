import { BROKEN_NOW_AND_THEN, CORRODED, LASTING, LOOM_SHORT, TURNING, WIRE_OPEN } from './groups';
import type { Table } from './table';

/** What comes back after recording and erasing, and what refuses to be erased. */

/** What happened to the channel's code after recording and erasing. */
export const CLEAR: Table = {
  topic: 'clear',
  outcomes: ['stayed-clear', 'returned-at-key-on', 'returned-when-moving', 'returned-later'],
  mistaken: 0.02,
  otherwise: { gives: { 'stayed-clear': 0.95, 'returned-at-key-on': 0.01 }, why: 'nothing to set it' },
  rows: [
    {
      for: [...WIRE_OPEN, ...LOOM_SHORT, 'lead-short', 'plug-loose', 'module-input'],
      gives: { 'returned-at-key-on': 0.87, 'returned-when-moving': 0.06, 'returned-later': 0.03 },
      why: 'an electrical fault that is present is found at key-on',
    },
    {
      for: ['sensor-short'],
      gives: { 'returned-at-key-on': 0.68, 'returned-when-moving': 0.2, 'returned-later': 0.07 },
      why: 'a part short may pass the key-on check',
    },
    {
      for: ['sensor-dead'],
      gives: { 'returned-at-key-on': 0.5, 'returned-when-moving': 0.4, 'returned-later': 0.05 },
      why: 'draws the wrong current, or only gives no pulses',
    },
    {
      for: ['loom-crossed'],
      gives: { 'returned-at-key-on': 0.22, 'returned-when-moving': 0.58, 'returned-later': 0.08 },
      why: 'wrong polarity shows at once, exchanged corners on moving',
    },
    {
      for: [...CORRODED],
      gives: { 'returned-at-key-on': 0.6, 'returned-when-moving': 0.26, 'returned-later': 0.08 },
      why: 'a bad contact comes and goes',
    },
    {
      for: [...BROKEN_NOW_AND_THEN],
      gives: { 'returned-at-key-on': 0.14, 'returned-when-moving': 0.65, 'returned-later': 0.14 },
      why: 'waits for the next shake, which a drive often brings',
    },
    {
      for: [...TURNING],
      gives: { 'returned-at-key-on': 0.03, 'returned-when-moving': 0.82, 'returned-later': 0.1 },
      why: 'needs the wheels',
    },
    {
      for: ['ring-wrong', 'tyre-mismatch'],
      gives: { 'returned-at-key-on': 0.05, 'returned-when-moving': 0.8, 'returned-later': 0.1 },
      why: 'needs the wheels',
    },
    {
      for: ['stale-code'],
      gives: { 'stayed-clear': 0.965, 'returned-at-key-on': 0.01 },
      why: 'history does not come back',
    },
    {
      for: ['battery-low'],
      gives: { 'stayed-clear': 0.3, 'returned-at-key-on': 0.4, 'returned-when-moving': 0.1 },
      why: 'comes back with the next weak start',
    },
    {
      for: ['module-supply'],
      gives: { 'stayed-clear': 0.2, 'returned-at-key-on': 0.6, 'returned-when-moving': 0.08 },
      why: 'the feed is still low',
    },
  ],
};

/** A current fault may refuse to be erased. */
export const CLEAR_REFUSED: Table = {
  topic: 'clear-refused',
  outcomes: ['erased', 'refused'],
  mistaken: 0.05,
  otherwise: { gives: { refused: 0.08 }, why: 'engine running, or a reader that cannot' },
  rows: [
    {
      for: [...LASTING, 'module-supply'],
      gives: { refused: 0.3 },
      why: 'some modules keep a code while its fault is present',
    },
  ],
};
