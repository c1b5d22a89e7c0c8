import type { CaseFile } from '../casefile/contract';
import { drivesSince, proofSteps, proofVerdict } from './proofSteps';

const ENDED: Readonly<Record<NonNullable<CaseFile['ending']>, string>> = {
  solved: 'Solved: the lamps stay out.',
  unverified: 'Ended without proof.',
  unsolved: 'Ended unsolved.',
  'handed-over': 'Handed over to a workshop.',
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
  if (verdict === 'proved') return [ENDED.solved, 'Proved by reader: erased, driven, read again.'];
  if (verdict !== 'proved-by-lamp') return [ENDED.solved];
  return [ENDED.solved, `Proved by lamps and ${trips} drives over ${Math.round(kilometres)} km; codes were not read.`];
}
