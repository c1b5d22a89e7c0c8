import type { RouteLocationRaw } from 'vue-router';
import type { FullAssessment, Move } from '../../../core/judgement/assess';
import { moveSentence } from '../../../core/judgement/sentence';
import type { CaseFile } from '../../../core/casefile/contract';
import { proofView } from '../../../core/proof/proofView';
import { MOST_TRIPS_SAID } from '../../../core/proof/watch';
import { endingWords } from '../../../core/proof/endingWords';
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
export function placeOfMove(move: Pick<Move, 'check' | 'channel' | 'while'>): RouteLocationRaw {
  if (move.check === 'code' || move.check === 'clear') return { name: 'codes' };
  if (move.check === 'ask:history') return { name: 'dash' };
  if (move.check.startsWith('repair:'))
    return { name: 'fix', query: { repair: move.check.slice(7), at: move.channel ?? '' } };
  return {
    name: 'check',
    query: { do: move.check, at: move.channel ?? '', ...(move.while ? { while: move.while } : {}) },
  };
}

function buttonFor(check: string): string {
  if (check === 'code') return texts.enterCodes;
  if (check === 'clear') return texts.eraseAndSee;
  if (check.startsWith('repair:')) return texts.fixThis;
  return check.startsWith('ask:') ? texts.answer : texts.doThisCheck;
}

const STOP_HEADINGS: Readonly<Record<string, string>> = {
  'enough-known': texts.readyToRepair,
};

function stopView(
  assessment: FullAssessment,
  move: Move | undefined,
  file: CaseFile,
  sides: SideSpeech,
): MoveView | null {
  const { stop } = assessment;
  if (!stop) return null;
  if (stop.id === 'enough-known' && move)
    return {
      ...moveViewOf(move, file, sides),
      heading: texts.readyToRepair,
      why: stop.reason,
    };
  if (stop.id === 'nothing-wrong')
    return {
      heading: texts.everythingPointsToA,
      sentence: texts.nowDriveItAnd,
      minutes: null,
      cost: null,
      why: stop.reason,
      button: texts.toTheProof,
      to: { name: 'prove' },
      isStop: false,
    };
  return {
    heading: STOP_HEADINGS[stop.id] ?? texts.stopHere,
    sentence: stop.reason,
    minutes: null,
    cost: null,
    why: '',
    button: texts.openTheRecord,
    to: { name: 'notebook' },
    isStop: true,
  };
}

function moveViewOf(move: Move, file: CaseFile, sides: SideSpeech): MoveView {
  return {
    heading: texts.nextMove,
    sentence: moveSentence(move, file, sides),
    minutes: Math.round(move.minutes),
    cost: move.cost,
    why: move.why,
    button: buttonFor(move.check),
    to: placeOfMove(move),
    isStop: false,
  };
}

/** A job that is closed asks for nothing more. */
function closedView(file: CaseFile): MoveView {
  const [sentence = '', ...more] = endingWords(file);
  return {
    heading: texts.thisJobIsClosed,
    sentence,
    minutes: null,
    cost: null,
    why: more.join(' '),
    button: texts.seeWhatWasDone,
    to: { name: 'notebook' },
    isStop: false,
  };
}

/** A repair that stands and is being watched: only trips can tell. */
function watchView({ ranking, repairDoubt }: FullAssessment, file: CaseFile): MoveView | null {
  if ((file.repairs ?? []).length === 0) return null;
  const { verdict, tripsNeeded } = proofView(file, ranking, repairDoubt);
  if (verdict !== 'watching' || !tripsNeeded || tripsNeeded > MOST_TRIPS_SAID) return null;
  return {
    heading: texts.watchIsRunning,
    sentence: texts.driveAndNote,
    minutes: 1,
    cost: null,
    why: texts.afterMoreTrips(tripsNeeded),
    button: texts.noteATrip,
    to: { name: 'prove' },
    isStop: false,
  };
}

/** What the bar shows: how the job ended, else the stop with its reason, else the best move; null before the first judgement. */
export function nextMoveView(
  assessment: FullAssessment | null,
  file: CaseFile | null,
  sides: SideSpeech,
): MoveView | null {
  if (!assessment || !file) return null;
  if (file.ending) return closedView(file);
  const move = assessment.next[0];
  return (
    watchView(assessment, file) ??
    stopView(assessment, move, file, sides) ??
    (move ? moveViewOf(move, file, sides) : null)
  );
}
