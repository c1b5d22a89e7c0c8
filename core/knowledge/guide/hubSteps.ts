import { texts } from '#words/knowledge/hubSteps';
import type { StepRow } from './step';

/** What is opened for a ring or a bearing, and done there. */

export const HUB_NUT: StepRow = {
  id: 'hub-nut-cracked',
  needs: ['chock'],
  corner: true,
  phase: 'make-safe',
  text: texts.crackTheHubNut,
  why: texts.itTakesTheMost,
  tools: ['breaker-bar', 'socket-set'],
  ladder: 'tight-hub-nut',
};
export const HUB_UNIT: StepRow = {
  id: 'hub-unit-out',
  needs: ['hub-nut-cracked', 'disc-off'],
  corner: true,
  phase: 'free-it',
  text: texts.takeTheHubUnit,
  why: texts.turnItInItsSeat,
  tools: ['socket-set', 'penetrant'],
  cautions: ['eyes'],
  undo: {
    phase: 'fit',
    text: texts.putTheHubUnit,
    why: texts.pressedInTheWrong,
    tools: ['torque-wrench'],
  },
};
export const SHAFT: StepRow = {
  id: 'shaft-out',
  needs: ['hub-nut-cracked', 'disc-off'],
  corner: true,
  phase: 'free-it',
  text: texts.pushTheShaftOut,
  why: texts.tapTheNutNot,
  tools: ['soft-hammer', 'wire-hook'],
  cautions: ['eyes'],
  undo: { phase: 'fit', text: texts.slideTheShaftBack, why: texts.turnTheSplines },
};
/** After the wheel is on and the car is down. */
export const HUB_NUT_TORQUE: StepRow = {
  id: 'hub-nut-torqued',
  corner: true,
  phase: 'close-up',
  text: texts.tightenTheHubNut,
  why: texts.aHubNutIsUsed,
  tools: ['torque-wrench'],
  torque: 'hub-nut',
};

const at = (
  id: StepRow['id'],
  phase: 'prepare' | 'fit',
  text: string,
  why: string,
  extra: Partial<StepRow> = {},
): StepRow => ({ id, phase, corner: true, text, why, ...extra });

export const RING_STEPS: readonly StepRow[] = [
  at('ring-off', 'prepare', texts.takeTheOldRing, texts.neverHitTheJoint, {
    needs: ['shaft-out'],
    tools: ['cutters'],
    cautions: ['eyes'],
  }),
  at('ring-seat-bright', 'prepare', texts.brightUnderTheRing, texts.theNewRingSplits, {
    needs: ['ring-off'],
    tools: ['scraper', 'emery-cloth'],
  }),
  at('ring-on', 'fit', texts.warmTheNewRing, texts.itMustGoOn, {
    needs: ['ring-seat-bright'],
    tools: ['soft-hammer', 'gloves'],
  }),
  at('ring-true', 'fit', texts.watchTheRingTurn, texts.aRingThatWobbles, {
    needs: ['ring-on'],
    tools: ['feeler-gauge'],
  }),
];
export const BEARING_STEPS: readonly StepRow[] = [
  at('encoder-checked', 'prepare', texts.holdTheCard, texts.onlyOneFaceCarries, { tools: ['magnet-card'] }),
  at('hub-seat-bright', 'prepare', texts.cleanTheHubSeat, texts.rustInTheSeat, {
    needs: ['hub-unit-out'],
    tools: ['wire-brush', 'emery-cloth'],
    cautions: ['dust'],
  }),
];
export const TYRE: StepRow = at('tyre-matched', 'fit', texts.fitTheRightTyre, texts.aSmallerTyreTurns);
export const SWITCH: StepRow = {
  ...at('switch-replaced', 'fit', texts.renewTheSwitch, texts.letThePedalUp),
  corner: false,
};
