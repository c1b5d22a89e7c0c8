import type { RouteLocationRaw } from 'vue-router';
import type { FullAssessment } from '../../../core/judgement/assess';
import type { Bar, BarId } from '../../../core/judgement/bar';
import { moveSentence } from '../../../core/judgement/sentence';
import type { CaseFile } from '../../../core/casefile/contract';
import { repairOfMove, type MoveRef } from '../../../core/knowledge/moves';
import { checkRecord } from '../../../core/knowledge/checks/all';
import type { SideSpeech } from '../../../core/vehicle/sides';
import { texts } from '#words/shared/nextMove';

/** The one recommended action, ready to be shown. */
export interface MoveView {
  readonly heading: string;
  readonly sentence: string;
  readonly minutes: number | null;
  readonly cost: number | null;
  readonly why: string;
  readonly button: string;
  readonly to: RouteLocationRaw;
  readonly isStop: boolean;
}

/** Where a move is made. */
export function placeOfMove(move: MoveRef): RouteLocationRaw {
  const at = move.channel ?? '';
  if (move.is === 'repair') return { name: 'fix', query: { repair: repairOfMove(move), at } };
  if (move.check === 'code' || move.check === 'clear') return { name: 'codes' };
  if (move.check === 'ask:history') return { name: 'dash' };
  return { name: 'check', query: { do: move.check, at, ...(move.while ? { while: move.while } : {}) } };
}

function buttonFor(move: MoveRef): string {
  if (move.is === 'repair') return texts.fixThis;
  if (move.check === 'code') return texts.enterCodes;
  if (move.check === 'clear') return texts.eraseAndSee;
  return checkRecord(move.check)?.isQuestion ? texts.answer : texts.doThisCheck;
}

const HEADINGS: Readonly<Record<BarId, string>> = {
  closed: texts.thisJobIsClosed,
  watching: texts.watchIsRunning,
  stop: texts.stopHere,
  cured: texts.everythingPointsToA,
  repair: texts.readyToRepair,
  next: texts.nextMove,
};

/** Where one goes who is offered no move. */
const ELSEWHERE: Readonly<Record<Exclude<BarId, 'repair' | 'next'>, Pick<MoveView, 'button' | 'to'>>> = {
  closed: { button: texts.seeWhatWasDone, to: { name: 'notebook' } },
  watching: { button: texts.noteATrip, to: { name: 'prove' } },
  stop: { button: texts.openTheRecord, to: { name: 'notebook' } },
  cured: { button: texts.toTheProof, to: { name: 'prove' } },
};

function viewOf({ id, move, sentence, why }: Bar, file: CaseFile, sides: SideSpeech): MoveView {
  const said = { heading: HEADINGS[id], why, isStop: id === 'stop' };
  if (move)
    return {
      ...said,
      sentence: moveSentence(move.move, file, sides),
      minutes: Math.round(move.minutes),
      cost: move.cost,
      button: buttonFor(move.move),
      to: placeOfMove(move.move),
    };
  const place = id === 'repair' || id === 'next' ? ELSEWHERE.stop : ELSEWHERE[id];
  return { ...said, sentence, minutes: id === 'watching' ? 1 : null, cost: null, ...place };
}

/** What the bar shows; null before the first judgement. */
export function nextMoveView(
  assessment: FullAssessment | null,
  file: CaseFile | null,
  sides: SideSpeech,
): MoveView | null {
  return assessment?.bar && file ? viewOf(assessment.bar, file, sides) : null;
}
