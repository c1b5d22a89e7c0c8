import type { CaseFile } from '../../core/casefile/contract';
import type { Practice } from '../../bench/practice/session';

/** A job that is practised: its file carries the practice car beside what the contract knows. */
export type PracticeFile = CaseFile & { readonly practice?: Practice };

/** The practice car of a job; null for a job of a real vehicle. */
export function practiceOf(file: CaseFile | null): Practice | null {
  const carried: PracticeFile | null = file;
  return carried?.practice ?? null;
}
