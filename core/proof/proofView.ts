import type { CaseFile } from '../casefile/contract';
import { answerOf, PROOF_ANSWERS, type AnswerContext, type ProofAnswer } from './answers';
import { drivesSince, proofSteps, proofVerdict, type ProofStep, type ProofVerdict } from './proofSteps';
import { standingRepairs } from './sinceRepair';
import { tripsBefore } from './before';
import { comesAndGoes } from './trips';
import { doubtLeft, tripsNeeded, type TripsBefore } from './watch';

/** Where nobody knows what the repair was made for, it is a guess. */
const A_GUESS = 0.5;

type Ranking = readonly { readonly fault: string; readonly probability: number }[];

/** The whole proof of a job, as a screen shows it. */
export interface ProofView {
  readonly verdict: ProofVerdict;
  readonly steps: readonly {
    readonly step: ProofStep;
    readonly answers: readonly ProofAnswer[];
    readonly answer: ProofAnswer | null;
  }[];
  /** One doubt, wherever it is shown: after the drives where the fault came and went. */
  readonly doubt: number;
  readonly trips: number;
  readonly kilometres: number;
  /** Clean trips still needed; null for a fault that stays. */
  readonly tripsNeeded: number | null;
  /** The doubt after each clean trip, from none on; empty for a fault that stays. */
  readonly course: readonly number[];
  readonly repaired: ReturnType<typeof standingRepairs>;
}

/** The doubt before any trip, from the adviser. */
function doubtOf(ranking: Ranking): number {
  const none = ranking.find((row) => row.fault === 'none')?.probability ?? 0;
  return 1 - none;
}

/** More trips are not drawn. */
const MOST_DRAWN = 60;

const courseOf = (q: number, before: TripsBefore, trips: number): readonly number[] =>
  Array.from({ length: trips + 1 }, (_, clean) => doubtLeft(q, clean, before));

/**
 * The proof as it stands.
 * @param file the case. @param ranking the adviser's faults with their chances.
 * @param repairDoubt the doubt about the repair before any drive, 0 to 1; null where none was made. @returns steps with their answers, verdict, drives and doubt.
 * @example proofView(CASE, [], null).verdict // => "not-begun"
 */
export function proofView(file: CaseFile, ranking: Ranking, repairDoubt: number | null): ProofView {
  const steps = proofSteps(file);
  const { trips, kilometres } = drivesSince(file);
  const isWatched = comesAndGoes(file, ranking);
  const q = repairDoubt ?? A_GUESS;
  const before = tripsBefore(file);
  const needed = isWatched ? Math.max(0, tripsNeeded(q, before) - trips) : null;
  return {
    verdict: proofVerdict(steps, { trips, kilometres, tripsNeeded: needed }),
    steps: steps.map((step) => ({ step, answers: PROOF_ANSWERS[step.id], answer: answerOf(step) })),
    doubt: isWatched ? doubtLeft(q, trips, before) : doubtOf(ranking),
    trips,
    kilometres,
    tripsNeeded: needed,
    course: needed === null ? [] : courseOf(q, before, Math.min(MOST_DRAWN, Math.max(trips, trips + needed))),
    repaired: standingRepairs(file),
  };
}

/**
 * What answers are made from, whatever is chosen: the codes of the car, and the lamps that were lit.
 * @example answerFacts(CASE).codes // => ["C0034"]
 */
export function answerFacts(file: CaseFile): Pick<AnswerContext, 'codes' | 'lit'> {
  const counted = file.observations.filter((seen) => !seen.withdrawn);
  const codes = counted.flatMap((seen) => (seen.kind === 'code' ? [seen.code] : []));
  const lit = counted.findLast((seen) => seen.kind === 'lamps' && seen.lit.length > 0);
  return { codes: [...new Set(codes)], lit: lit?.kind === 'lamps' ? lit.lit : [] };
}
