import { wrap, type Remote } from 'comlink';
import type { Debrief } from '../../bench/practice/debrief';
import type { Practice } from '../../bench/practice/session';
import type { CarResult } from '../../bench/trial/trial';
import type { BenchApi } from './bench.worker';

interface Hand {
  readonly remote: Remote<BenchApi>;
  end(): void;
}

function hire(): Hand {
  const worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });
  return { remote: wrap<BenchApi>(worker), end: () => worker.terminate() };
}

/** Looks back on a practice, off the screen's thread. */
export async function debriefInWorker(practice: Practice): Promise<Debrief> {
  const hand = hire();
  try {
    return await hand.remote.debrief(JSON.parse(JSON.stringify(practice)) as Practice);
  } finally {
    hand.end();
  }
}

/** A trial that can be watched and stopped. */
export interface RunningTrial {
  readonly done: Promise<readonly CarResult[]>;
  stop(): void;
}

/**
 * A trial shared out between two workers, a few cars at a time.
 * @param cars how many. @param seed which. @param progress told how many are done. @returns the results so far when it is stopped.
 */
export function runTrial(cars: number, seed: number, progress: (done: number) => void): RunningTrial {
  const results: CarResult[][] = [];
  let [next, done, isStopped] = [0, 0, false];
  async function work(hand: Hand): Promise<void> {
    while (!isStopped && next < cars) {
      const from = next;
      next += 2;
      const made = await hand.remote.cars(from, cars, seed);
      results[from] = made;
      done += made.length;
      progress(done);
    }
    hand.end();
  }
  return {
    done: Promise.all([work(hire()), work(hire())]).then(() => results.flat()),
    stop: () => (isStopped = true),
  };
}
