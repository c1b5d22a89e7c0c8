import type { CaseFile } from '../casefile/contract';
import { drivesSince, proofSteps, proofVerdict } from './proofSteps';
import { texts } from '#words/core/proof';

const ENDED: Readonly<Record<NonNullable<CaseFile['ending']>, string>> = {
  solved: texts.solvedTheLampsStay,
  unverified: texts.endedWithoutProof,
  unsolved: texts.endedUnsolved,
  'handed-over': texts.handedOverToA,
};

/**
 * How a job ended, in sentences; of a solved one, too, what that rests on.
 * @param file the case. @returns one or two sentences; none while the job is open.
 * @example endingWords({ ...CASE, ending: 'unsolved' }) // => ["Ended unsolved."]
 */
export function endingWords(file: CaseFile): readonly string[] {
  const { ending } = file;
  if (!ending) return [];
  if (ending !== 'solved') return [ENDED[ending]];
  const { trips, kilometres } = drivesSince(file);
  const verdict = proofVerdict(proofSteps(file), { trips, kilometres, tripsNeeded: null });
  if (verdict === 'proved') return [ENDED.solved, texts.provedByReaderErased];
  if (verdict !== 'proved-by-lamp') return [ENDED.solved];
  return [ENDED.solved, texts.provedByLampsAnd(trips, Math.round(kilometres))];
}
