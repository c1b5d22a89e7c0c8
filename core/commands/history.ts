import { changesBetween, reversed, withChanges, type Change } from './change';

/** One step of work, as it can be taken back and made again. */
export interface Step {
  /** What it was, as words after "undo". */
  readonly name: string;
  readonly changes: readonly Change[];
}

/** Steps that were made, the last one last; and those that were taken back, the last one taken back last. */
export interface History {
  readonly done: readonly Step[];
  readonly undone: readonly Step[];
}

export const NO_HISTORY: History = { done: [], undone: [] };

/** Nobody takes back more than this. */
const MOST_STEPS = 150;

/** A state with the steps that led to it. */
export interface Kept<T> {
  readonly state: T;
  readonly history: History;
}

/**
 * Makes a step.
 * @param kept the state before, with its history. @param name what the step is. @param after the state after it.
 * @returns both; the same ones when nothing changed. What had been taken back can't be made again afterwards.
 * @example withStep({ state: { a: 1 }, history: NO_HISTORY }, 'a step', { a: 2 }).history.done.length // => 1
 */
export function withStep<T>({ state, history }: Kept<T>, name: string, after: T): Kept<T> {
  const changes = changesBetween(state, after);
  if (changes.length === 0) return { state, history };
  return { state: after, history: { done: [...history.done, { name, changes }].slice(-MOST_STEPS), undone: [] } };
}

/**
 * Takes the last step back.
 * @param kept the state with its history. @returns both after it; the same ones when there is nothing to take back.
 * @example undone(withStep({ state: { a: 1 }, history: NO_HISTORY }, 'a step', { a: 2 })).state // => {"a":1}
 */
export function undone<T>({ state, history }: Kept<T>): Kept<T> {
  const step = history.done.at(-1);
  if (!step) return { state, history };
  return {
    state: withChanges(state, reversed(step.changes)),
    history: { done: history.done.slice(0, -1), undone: [...history.undone, step] },
  };
}

/**
 * Makes the step again that was taken back last.
 * @param kept the state with its history. @returns both after it; the same ones when nothing had been taken back.
 * @example redone(undone(withStep({ state: { a: 1 }, history: NO_HISTORY }, 'a step', { a: 2 }))).state // => {"a":2}
 */
export function redone<T>({ state, history }: Kept<T>): Kept<T> {
  const step = history.undone.at(-1);
  if (!step) return { state, history };
  return {
    state: withChanges(state, step.changes),
    history: { done: [...history.done, step], undone: history.undone.slice(0, -1) },
  };
}
