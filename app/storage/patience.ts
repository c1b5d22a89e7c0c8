import { faultOf, NotKept, type Fault } from './faults';
import type { JobRecord } from './records';
import type { Stop } from './shelf';

/** A change of a job that could not be kept. */
export interface Unsaved {
  readonly job: string;
  readonly change: (job: JobRecord) => JobRecord;
}

/** What is done when the store fails: whoever sits before it decides. */
export interface Patience {
  /** Told of a fault; resolves to true to try again, to false to give up. */
  failed(fault: Fault, unsaved: Unsaved | null): Promise<boolean>;
  /** Told when the store has not answered for long, and when it has after all. */
  waiting(): Stop;
  /** Told when something begins to be kept, and when it is kept or given up: the page must not go before. */
  keeping(): Stop;
}

/** Tries nothing again. */
export const NO_PATIENCE: Patience = {
  failed: () => Promise.resolve(false),
  waiting: () => () => undefined,
  keeping: () => () => undefined,
};

/** A store that has not answered after this, in ms, is held by something. */
export const LONG_WAIT = 5000;

/** Says that the store is slow once it has been for long; the stop says, once, that it has answered or is no longer asked. */
export function whenLong(patience: Patience): Stop {
  let answered: Stop = () => undefined;
  const timer = setTimeout(() => (answered = patience.waiting()), LONG_WAIT);
  return () => {
    clearTimeout(timer);
    answered();
    answered = () => undefined;
  };
}

async function waitFor<T>(work: () => Promise<T>, patience: Patience): Promise<T> {
  const answered = whenLong(patience);
  try {
    return await work();
  } finally {
    answered();
  }
}

/**
 * Does some work of the store until it succeeds or is given up.
 * @throws NotKept when given up; any error that is not the store's own at once.
 */
export async function patiently<T>(
  work: () => Promise<T>,
  patience: Patience,
  unsaved: Unsaved | null = null,
): Promise<T> {
  for (;;) {
    try {
      return await waitFor(work, patience);
    } catch (error) {
      const fault = faultOf(error);
      if (!fault) throw error;
      if (!(await patience.failed(fault, unsaved))) throw new NotKept(fault);
    }
  }
}

/** Keeps something, patiently; from its first step to its last the page is asked to stay. */
export async function keepPatiently<T>(
  work: () => Promise<T>,
  patience: Patience,
  unsaved: Unsaved | null = null,
): Promise<T> {
  const kept = patience.keeping();
  try {
    return await patiently(work, patience, unsaved);
  } finally {
    kept();
  }
}
