import { wrap, type Remote } from 'comlink';
import { texts } from '#words/shared/app';

/** What a worker could not do, in one word: it could not be started, died, did not answer, or failed at its work. */
export type WorkerFault = 'gone' | 'died' | 'hung' | 'threw';

export class WorkerTrouble extends Error {
  constructor(
    readonly fault: WorkerFault,
    message: string,
  ) {
    super(message);
  }
}

/** Every supervised worker can be held on to. */
export interface Lifeline {
  /** Resolves once the worker holds the lock of its name. */
  hold(name: string): Promise<void>;
}

/** How long a worker may take, in ms, before it is started again, and then before it is given up. */
export interface Patience {
  readonly first: number;
  readonly second: number;
}

export const PATIENCE: Patience = { first: 8000, second: 30_000 };

interface Hand<Api> {
  readonly remote: Remote<Api>;
  /** Rejects when the worker is lost. */
  readonly lost: Promise<never>;
  end(): void;
}

let count = 0;

/** Learns of a worker's death: its lock becomes free. Does nothing in a browser without locks. */
function watchLife(remote: Remote<Lifeline>, name: string, died: () => void): () => void {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  if (!locks) return () => undefined;
  const over = new AbortController();
  const hold = (remote as unknown as Lifeline).hold(name);
  void hold
    .then(() => locks.request(name, { signal: over.signal }, () => Promise.resolve(died())))
    .catch(() => undefined);
  return () => over.abort();
}

function hire<Api extends Lifeline>(start: () => Worker): Hand<Api> {
  let worker: Worker;
  try {
    worker = start();
  } catch (error) {
    throw new WorkerTrouble('gone', error instanceof Error ? error.message : texts.couldNotBeStarted);
  }
  const remote = wrap<Api>(worker);
  let isOver = false;
  let lose: (trouble: WorkerTrouble) => void = () => undefined;
  const lost = new Promise<never>((_resolve, reject) => (lose = reject));
  lost.catch(() => undefined);
  worker.addEventListener('error', (event) => {
    event.preventDefault();
    lose(new WorkerTrouble('gone', event.message || texts.itsProgramCouldNot));
  });
  count += 1;
  const letGo = watchLife(
    remote,
    `zelf-worker-${count}-${Math.random()}`,
    () => isOver || lose(new WorkerTrouble('died', texts.itWasEnded)),
  );
  const end = (): void => {
    isOver = true;
    letGo();
    worker.terminate();
  };
  return { remote, lost, end };
}

function within<T>(work: Promise<T>, lost: Promise<never>, ms: number): Promise<T> {
  let timer: ReturnType<typeof setTimeout>;
  const late = new Promise<never>((_resolve, reject) => {
    timer = setTimeout(() => reject(new WorkerTrouble('hung', texts.noAnswerWithinS(ms / 1000))), ms);
  });
  return Promise.race([work, lost, late]).finally(() => clearTimeout(timer));
}

const asTrouble = (error: unknown): WorkerTrouble =>
  error instanceof WorkerTrouble
    ? error
    : new WorkerTrouble('threw', error instanceof Error ? error.message : String(error));

/** A worker that is started at its first work, started again when it is lost, and asked once more. */
export interface Supervised<Api> {
  /** @throws WorkerTrouble when it failed twice. */
  ask<T>(work: (remote: Remote<Api>) => Promise<T>): Promise<T>;
  end(): void;
}

/** Whom a worker's troubles concern. */
export interface Watcher {
  /** The worker was lost; another is asked now. */
  restarted(why: WorkerTrouble): void;
  /** The other one answered. */
  recovered(): void;
}

const NOBODY: Watcher = { restarted: () => undefined, recovered: () => undefined };

/**
 * Looks after a worker.
 * @param start makes one. @param watcher told when a worker had to be started again. @param patience how long it may take.
 */
export function supervise<Api extends Lifeline>(
  start: () => Worker,
  watcher: Watcher = NOBODY,
  patience = PATIENCE,
): Supervised<Api> {
  let hand: Hand<Api> | null = null;

  async function once<T>(work: (remote: Remote<Api>) => Promise<T>, ms: number): Promise<T> {
    const mine = (hand ??= hire<Api>(start));
    try {
      return await within(work(mine.remote), mine.lost, ms);
    } catch (error) {
      if (hand === mine) hand = null;
      mine.end();
      throw asTrouble(error);
    }
  }

  return {
    async ask(work) {
      try {
        return await once(work, patience.first);
      } catch (error) {
        watcher.restarted(asTrouble(error));
        const answer = await once(work, patience.second);
        watcher.recovered();
        return answer;
      }
    },
    end() {
      hand?.end();
      hand = null;
    },
  };
}
