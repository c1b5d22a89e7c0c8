import { BROKEN_NOW_AND_THEN, CORRODED, LASTING, TURNING } from './groups';
import type { Table } from './table';

/** What a reader tells beside codes of a wheel: none at all, no answer, causes by name. */

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
