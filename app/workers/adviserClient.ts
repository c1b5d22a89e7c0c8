import type { PartView } from '../../core/judgement/parts';
import type { CaseFile, Observation } from '../../core/casefile/contract';
import type { FullAssessment } from '../../core/judgement/assess';
import type { Overturn } from '../../core/judgement/overturn';
import type { AdviserApi } from './adviser.worker';
import { supervise, type Supervised, type Watcher } from './supervised';

/** The adviser, off the screen's thread. A newer question makes older answers void. */
export interface AdviserClient {
  /** Resolves to null when a newer question was asked meanwhile. @throws WorkerTrouble when the adviser cannot be had. */
  assess(file: CaseFile): Promise<FullAssessment | null>;
  /** The judgement of a job beside the open one: no newer question makes it void. */
  glance(file: CaseFile): Promise<FullAssessment>;
  /** What the paths would be for each thing that might be seen. */
  imagine(file: CaseFile, seen: readonly Observation[]): Promise<readonly (readonly PartView[])[]>;
  /** Which answers would put another fault first. */
  overturns(file: CaseFile): Promise<readonly Overturn[]>;
}

/** Vue's proxies cannot be sent to a worker. */
function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T;
}

const startWorker = (): Worker =>
  new Worker(new URL('./adviser.worker.ts', import.meta.url), { type: 'module', name: 'adviser' });

/**
 * The adviser in a worker that is started at the first question.
 * @param watcher told when it had to be started again. @param worker looks after the worker; other ones for tests.
 */
export function createAdviserClient(
  watcher?: Watcher,
  worker: Supervised<AdviserApi> = supervise<AdviserApi>(startWorker, watcher),
): AdviserClient {
  let newest = 0;
  return {
    async assess(file) {
      newest += 1;
      const mine = newest;
      try {
        const answer = await worker.ask((remote) => remote.assess(plain(file)));
        return mine === newest ? answer : null;
      } catch (error) {
        if (mine !== newest) return null;
        throw error;
      }
    },
    glance: (file) => worker.ask((remote) => remote.assess(plain(file))),
    imagine: (file, seen) => worker.ask((remote) => remote.imagine(plain(file), plain(seen))),
    overturns: (file) => worker.ask((remote) => remote.overturns(plain(file))),
  };
}
