import { CLEAR } from '../tables/erase';
import { bothTypes } from '../tables/table';
import * as trials from '../tables/trials';
import { WIRING, type CheckRecord } from './check';
import { texts } from '#words/knowledge/questions';

/** Questions that the owner answers from memory or from the manual. */
export const QUESTIONS: readonly CheckRecord[] = [
  {
    check: 'ask:history',
    isQuestion: true,
    of: 'subject',
    name: texts.earlierWork,
    words: texts.thinkWhatWasWorked,
    ifs: [texts.ifSomebodyWorkedAt],
    table: bothTypes(trials.ASK_HISTORY),
    minutes: 1,
    setups: [],
  },
  {
    check: 'ask:specs',
    isQuestion: true,
    of: 'channel',
    name: texts.theManualsFigure,
    words: texts.findTheCoilsResistance,
    ifs: [texts.ifYourReadingLies, { text: texts.ifItLiesInside, sends: WIRING }],
    table: bothTypes(trials.ASK_SPECS),
    minutes: 8,
    setups: [],
    only: 'passive',
    answer: { is: 'specs' },
    sheet: { title: texts.theCoilsResistanceFrom },
  },
];

/** Reading the codes: which corner, and what kind of fault. Its outcomes are worked out over all channels. */
export const READ_CODES = {
  check: 'code',
  of: 'car',
  name: texts.codes,
  words: texts.readTheCodesAll,
  ifs: [
    texts.ifACodeNames,
    { text: texts.ifThereIsNoCode, sends: ['look:fluid', 'meter:battery:dc-voltage', 'look:brake-switch'] },
  ],
  minutes: 4,
  setups: ['reader'],
} as const satisfies Omit<CheckRecord, 'table'>;

/** Recording, erasing and seeing what returns. */
export const ERASE: CheckRecord = {
  check: 'clear',
  of: 'subject',
  name: texts.erased,
  words: texts.writeTheCodesDown,
  ifs: [texts.ifACodeIs, { text: texts.ifItIsBackOnMoving, sends: ['look:ring', 'look:gap'] }, texts.ifItStaysAway],
  table: bothTypes(CLEAR),
  minutes: 9,
  setups: ['reader'],
};

export const ASK_TYPE = {
  check: 'ask:sensor-type',
  isQuestion: true,
  of: 'subject',
  name: texts.sensorKind,
  words: texts.findOutWhetherThe,
  ifs: [texts.ifTheyAreActive],
  minutes: 3,
  setups: [],
  answer: { is: 'sensor-type' },
  sheet: { title: texts.whichKindOfSensor },
} as const satisfies Omit<CheckRecord, 'table'>;
