import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { possibleAnswers } from './possibleAnswers';
import type { CheckRef } from '../knowledge/moves';
import type { RankingRow } from './ranking';
import type { Move } from './move';
import type { FaultId } from '../knowledge/faults';
import { logEvidence, faultChances, posteriorOf } from '../belief/posterior';

/** An answer that would put another fault first: what would change the adviser's mind. */
export interface Overturn {
  readonly move: CheckRef;
  readonly answer: string;
  /** What would then be likeliest. */
  readonly instead: { readonly channel: Channel | null; readonly fault: FaultId; readonly probability: number };
  /** How likely that answer is, 0 to 1, by what is believed now. */
  readonly chance: number;
}

const MOST_CHECKS = 8;
const MOST_TOLD = 4;
const WORTH_TELLING = 0.02;

/**
 * The answers that would overturn the judgement, of the checks that are worth making.
 * @param file the case. @param next its moves, best first. @param top the likeliest row of its ranking.
 * @returns the likeliest overturning answers first, at most four; none when no check could change what comes first.
 * @example Array.isArray(overturnsOf(CASE)) // => true
 */
export function overturnsOf(file: CaseFile, next: readonly Move[], top: RankingRow | undefined): readonly Overturn[] {
  if (!top) return [];
  const now = logEvidence(posteriorOf(file));
  const checks = next.flatMap(({ move }) => (move.is === 'check' ? [move] : [])).slice(0, MOST_CHECKS);
  const found = checks.flatMap((move) => {
    return possibleAnswers(move, file).flatMap((answer): Overturn[] => {
      const then = posteriorOf({ ...file, observations: [...file.observations, answer.observation] });
      const chance = Math.min(1, Math.exp(logEvidence(then) - now));
      const [first] = [...faultChances(then)].sort((a, b) => b.probability - a.probability);
      if (!first || chance < WORTH_TELLING || first.probability < then.none) return [];
      if (first.fault === top.fault && first.channel === top.channel) return [];
      return [{ move, answer: answer.words, instead: first, chance }];
    });
  });
  return found.sort((a, b) => b.chance - a.chance).slice(0, MOST_TOLD);
}
