import type { Debrief } from '../../bench/practice/debrief';
import type { Lesson } from '../../bench/practice/lesson';
import type { HiddenFault } from '../../bench/world';
import type { Vehicle } from '../../core/casefile/contract';
import type { Practice } from '../../bench/practice/session';
import type { CarResult } from '../../bench/trial/trial';
import type { BenchApi } from './bench.worker';
import { supervise, type Supervised } from './supervised';

const startWorker = (): Worker =>
  new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module', name: 'bench' });
/** Whole cars are played through between two answers; a slow phone takes its time, in ms. */
const PATIENCE = { first: 60_000, second: 120_000 };
const hire = (): Supervised<BenchApi> => supervise<BenchApi>(startWorker, undefined, PATIENCE);

/** Looks back on a practice, off the screen's thread. */
export async function debriefInWorker(practice: Practice, hand = hire()): Promise<Debrief> {
  try {
    return await hand.ask((remote) => remote.debrief(JSON.parse(JSON.stringify(practice)) as Practice));
  } finally {
    hand.end();
  }
}

/** Plays the owner's car with the fault that it turned out to have, off the screen's thread. */
async function lessonInWorker(vehicle: Vehicle, found: HiddenFault): Promise<Lesson> {
  const hand = hire();
  try {
    return await hand.ask((remote) => remote.lesson(JSON.parse(JSON.stringify(vehicle)) as Vehicle, { ...found }));
  } finally {
    hand.end();
  }
}

/** A trial that can be watched and stopped. */
export interface RunningTrial {
  readonly done: Promise<readonly CarResult[]>;
  stop(): void;
}

/** So many cars are asked for at a time. */
const SHARE = 2;

/**
 * A trial shared out between two workers, a few cars at a time.
 * @param cars how many. @param seed which. @param progress told how many are done. @param hireOne gives a worker.
 * @returns the results so far when it is stopped; rejected when a worker cannot be had.
 */
export function runTrial(
  cars: number,
  seed: number,
  progress: (done: number) => void,
  hireOne: () => Supervised<BenchApi> = hire,
): RunningTrial {
  const results: CarResult[][] = [];
  let [next, done, isStopped] = [0, 0, false];
  async function work(hand: Supervised<BenchApi>): Promise<void> {
    try {
      while (!isStopped && next < cars) {
        const from = next;
        next += SHARE;
        const made = await hand.ask((remote) => remote.cars(from, Math.min(cars, from + SHARE), seed));
        results[from] = made;
        done += made.length;
        progress(done);
      }
    } catch (error) {
      isStopped = true;
      throw error;
    } finally {
      hand.end();
    }
  }
  return {
    done: Promise.all([work(hireOne()), work(hireOne())]).then(() => results.flat()),
    stop: () => (isStopped = true),
  };
}

/** The bench's long work, off the screen's thread. */
export interface BenchClient {
  readonly debrief: (practice: Practice) => Promise<Debrief>;
  readonly lesson: (vehicle: Vehicle, found: HiddenFault) => Promise<Lesson>;
  readonly trial: (cars: number, seed: number, progress: (done: number) => void) => RunningTrial;
}

/** Each work in workers of its own. */
export const createBenchClient = (): BenchClient => ({
  debrief: (practice) => debriefInWorker(practice),
  lesson: lessonInWorker,
  trial: (cars, seed, progress) => runTrial(cars, seed, progress),
});
