import type { CaseFile, Work } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { readWorkStep } from '../casefile/workStep';
import { minutesOf } from '../quantities/moment';

/** What the case file's `work` says of a step. */
export interface WorkState {
  readonly done: boolean;
  /** Done, and put back since. */
  readonly undone: boolean;
  readonly skipped: boolean;
}

export const NOT_YET: WorkState = { done: false, undone: false, skipped: false };

const stateOf = (last: Work | undefined): WorkState => {
  const skipped = last?.skipped === true;
  return {
    done: last !== undefined && !skipped && last.undone !== true,
    undone: last !== undefined && !skipped && last.undone === true,
    skipped,
  };
};

/**
 * What was last done of a step.
 * @param file the case. @param key as `work` has it, such as `wheel-off@front-right`.
 * @example workState(CASE, 'wheel-off@rear-left').done // => false
 */
export const workState = (file: CaseFile, key: string): WorkState =>
  stateOf((file.work ?? []).findLast(({ step }) => step === key));

/**
 * The same, counting only what was done after something else was last done: a nut is torqued after each time that the wheel was off.
 * @example workStateAfter({ ...CASE, work: [{ step: 'nuts' }, { step: 'wheel-off' }] }, 'nuts', 'wheel-off').done // => false
 */
export function workStateAfter(file: CaseFile, key: string, opened: string): WorkState {
  const work = file.work ?? [];
  const from = work.findLastIndex(({ step }) => step === opened);
  return stateOf(work.slice(from + 1).findLast(({ step }) => step === key));
}

/**
 * The same, counting only what was done since the corner's last repair whose result is known: a second repair has its steps before it.
 * @example workStateNow({ ...CASE, work: [{ step: 'wheel-off@front-right' }] }, 'wheel-off@front-right', 'front-right').done // => true
 */
export function workStateNow(file: CaseFile, key: string, channel: Channel | null): WorkState {
  const repaired = (file.repairs ?? []).findLast(
    ({ channel: where, result }) => (where ?? null) === channel && result !== 'unknown',
  )?.at;
  const isOld = ({ at }: Work): boolean =>
    repaired !== undefined && at !== undefined && minutesOf(at) <= minutesOf(repaired);
  return stateOf((file.work ?? []).findLast((entry) => entry.step === key && !isOld(entry)));
}

/** How the owner's own steps begin in `work`: what was taken off as well, and what broke. */
export const OWN_STEPS = ['own', 'broke'] as const;
export type OwnKind = (typeof OWN_STEPS)[number];

/** A step that the owner added. */
export interface OwnStep {
  readonly key: string;
  readonly kind: OwnKind;
  /** What it is, in the owner's words. */
  readonly words: string;
  readonly state: WorkState;
  /** The steps that had been done before it, first to last. */
  readonly before: readonly string[];
}

/**
 * The owner's own steps at a corner, in the order they were made.
 * @example ownSteps({ ...CASE, work: [{ step: 'own:a@front-right', note: 'undertray' }] }, 'front-right').map(({ words }) => words) // => ["undertray"]
 */
export function ownSteps(file: CaseFile, channel: Channel | null): readonly OwnStep[] {
  const work = file.work ?? [];
  return work.flatMap((entry, at): OwnStep[] => {
    const step = readWorkStep(entry.step);
    const kind = OWN_STEPS.find((name) => name === step.name);
    const isFirst = work.findIndex((other) => other.step === entry.step) === at;
    if (!kind || !isFirst || step.channel !== channel) return [];
    return [
      {
        key: entry.step,
        kind,
        words: entry.note ?? '',
        state: workState(file, entry.step),
        before: work.slice(0, at).map(({ step }) => step),
      },
    ];
  });
}
