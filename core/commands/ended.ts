import type { CaseFile, Repair } from '../casefile/contract';

/**
 * A job with its ending. In a solved one the last repair of each corner is the one that did it, where nobody has said otherwise.
 * @example ended(CASE, 'unsolved').ending // => "unsolved"
 */
export function ended(file: CaseFile, ending: CaseFile['ending']): CaseFile {
  const repairs = file.repairs ?? [];
  if (ending !== 'solved') return { ...file, ending };
  const isLast = (made: Repair, at: number): boolean =>
    !repairs.slice(at + 1).some((later) => (later.channel ?? null) === (made.channel ?? null));
  const proved = repairs.map((made, at) =>
    made.result === 'unknown' && isLast(made, at) ? { ...made, result: 'fixed' as const } : made,
  );
  return { ...file, ending, repairs: proved };
}
