import { CLEAR } from '../tables/erase';
import { bothTypes } from '../tables/table';
import * as trials from '../tables/trials';
import type { CheckRecord } from './check';

/** Questions that the owner answers from memory or from the manual. */
export const QUESTIONS: readonly CheckRecord[] = [
  {
    check: 'ask:history',
    of: 'subject',
    name: 'Earlier work',
    words: 'Think: what was worked on last, and at which corner?',
    ifs: 'If somebody worked at this corner lately, what they touched is looked at first.',
    table: bothTypes(trials.ASK_HISTORY),
    minutes: 1,
    setups: [],
  },
  {
    check: 'ask:specs',
    of: 'channel',
    name: "The manual's figure",
    words: "Find the coil's resistance in the manual",
    ifs: "If your reading lies outside the manual's band, the sensor is the fault. If it lies inside, look at the wiring.",
    table: bothTypes(trials.ASK_SPECS),
    minutes: 8,
    setups: [],
    only: 'passive',
    answer: { is: 'specs' },
    sheet: { title: "The coil's resistance, from the manual", drawing: 'ask' },
  },
];

/** Reading the codes: which corner, and what kind of fault. Its outcomes are worked out over all channels. */
export const READ_CODES = {
  check: 'code',
  of: 'car',
  name: 'Codes',
  words: 'Read the codes, all modules',
  ifs: 'If a code names a wheel, you look at that corner alone. If there is none, look at fluid, battery and switch.',
  minutes: 4,
  setups: ['reader'],
} as const satisfies Omit<CheckRecord, 'table'>;

/** Recording, erasing and seeing what returns. */
export const ERASE: CheckRecord = {
  check: 'clear',
  of: 'subject',
  name: 'Erased',
  words: 'Write the codes down, erase them, then see what comes back',
  ifs: 'If a code is back at key-on, the fault is electrical. If it is back on moving, look at ring and gap. If it stays away, it was history.',
  table: bothTypes(CLEAR),
  minutes: 9,
  setups: ['reader'],
};

export const ASK_TYPE = {
  check: 'ask:sensor-type',
  of: 'subject',
  name: 'Sensor kind',
  words: 'Find out whether the sensors are passive or active',
  ifs: 'If they are active, ohms across them mean nothing; if they are passive, there is no feed to measure.',
  minutes: 3,
  setups: [],
  answer: { is: 'sensor-type' },
  sheet: { title: 'Which kind of sensor does this car have?', drawing: 'ask' },
} as const satisfies Omit<CheckRecord, 'table'>;
