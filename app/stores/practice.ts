import type { CaseFile } from '../../core/casefile/contract';
import type { Practice } from '../../bench/practice/session';

/** A job that is practised: its file carries the practice car. */
export type PracticeFile = CaseFile & { readonly practice: Practice };

/** Files come from anywhere: what does not look like a practice car is none. */
function isPractice(value: unknown): value is Practice {
  if (typeof value !== 'object' || value === null) return false;
  const { level, seed, actions } = value as Readonly<Record<string, unknown>>;
  return typeof level === 'string' && typeof seed === 'number' && Array.isArray(actions);
}

/** The practice car of a job; null for a job of a real vehicle. */
export function practiceOf(file: CaseFile | null): Practice | null {
  return isPractice(file?.practice) ? file.practice : null;
}
