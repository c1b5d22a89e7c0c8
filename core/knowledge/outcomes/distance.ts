import type { Scale } from './outcome';
import { texts } from '#words/knowledge/outcomes';

/** Gauged with a blade. */

/** Half-width of a measurement with a feeler gauge, metre (generic). */
const BLADE_METRE = 0.00005;

export const AIR_GAP_SCALE: Scale = {
  topic: 'air-gap',
  unit: 'm',
  sound: 'inside',
  shows: [0, 0.05],
  tool: BLADE_METRE,
  outcomes: [
    {
      id: 'narrow',
      tone: 'bad',
      bad: ['gap', 'ring'],
      text: texts.gapNarrow,
      below: { manual: 'air-gap-min' },
    },
    { id: 'inside', tone: 'good', good: ['gap'], text: texts.gapRight, below: { manual: 'air-gap-max' } },
    { id: 'wide', tone: 'bad', bad: ['gap'], text: texts.gapWide },
  ],
};

/** A tenth or so is rust flakes and the blade's own feel. */
export const RING_RUNOUT_SCALE: Scale = {
  topic: 'ring-runout',
  unit: 'm',
  sound: 'even',
  shows: [0, 0.05],
  tool: BLADE_METRE,
  outcomes: [
    { id: 'even', tone: 'good', good: ['ring'], text: texts.runsTrue, below: { fixed: 0.00015 } },
    { id: 'uneven', tone: 'bad', bad: ['ring', 'gap'], text: texts.runsOut },
  ],
};

export const FLANGE_VOID_SCALE: Scale = {
  topic: 'flange-void',
  unit: 'm',
  sound: 'flat',
  shows: [0, 0.05],
  tool: BLADE_METRE,
  outcomes: [
    { id: 'flat', tone: 'good', good: ['gap'], text: texts.sitsFlat, below: { fixed: 0.0001 } },
    { id: 'lifted', tone: 'bad', bad: ['gap'], text: texts.lifted },
  ],
};
