import { wrap, type Remote } from 'comlink';
import type { FullAssessment } from '../../core/judgement/assess';
import type { Overturn } from '../../core/judgement/overturn';
import type { SegmentView } from '../../core/belief/segments';
import type { CaseFile, Observation } from '../../core/casefile/contract';
import type { AdviserApi } from './adviser.worker';

/** The adviser, off the screen's thread. A newer question makes older answers void. */
export interface AdviserClient {
  /** Resolves to null when a newer question was asked meanwhile. */
  assess(file: CaseFile): Promise<FullAssessment | null>;
  /** What the paths would be for each thing that might be seen. */
  imagine(file: CaseFile, seen: readonly Observation[]): Promise<SegmentView[][]>;
  /** Which answers would put another fault first. */
  overturns(file: CaseFile): Promise<readonly Overturn[]>;
}

/** Vue's proxies cannot be sent to a worker. */
function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T;
}

/** Starts the worker at the first question. */
export function createAdviserClient(): AdviserClient {
  let remote: Remote<AdviserApi> | null = null;
  let newest = 0;
  const connect = (): Remote<AdviserApi> =>
    (remote ??= wrap<AdviserApi>(new Worker(new URL('./adviser.worker.ts', import.meta.url), { type: 'module' })));
  return {
    async assess(file) {
      newest += 1;
      const mine = newest;
      const answer = await connect().assess(plain(file));
      return mine === newest ? answer : null;
    },
    imagine: (file, seen) => connect().imagine(plain(file), plain(seen)),
    overturns: (file) => connect().overturns(plain(file)),
  };
}
