import { expose } from 'comlink';
import { debriefOf, type Debrief } from '../../bench/practice/debrief';
import type { Practice } from '../../bench/practice/session';
import { trialCars, type CarResult } from '../../bench/trial/trial';

/** So many cars are done between two words home. */
const SHARE = 2;

const api = {
  debrief: (practice: Practice): Debrief => debriefOf(practice),
  /** The next cars of a trial; the caller asks again for as long as it wants to go on. */
  cars: (from: number, to: number, seed: number): CarResult[] => trialCars(from, Math.min(to, from + SHARE), seed),
};

export type BenchApi = typeof api;

expose(api);
