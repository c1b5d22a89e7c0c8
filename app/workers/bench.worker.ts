import { expose } from 'comlink';
import { debriefOf, type Debrief } from '../../bench/practice/debrief';
import { lessonOf } from '../../bench/practice/lesson';
import type { Practice } from '../../bench/practice/session';
import { trialCars, type CarResult } from '../../bench/trial/trial';
import { hold } from './lifeline';

const api = {
  hold,
  lesson: lessonOf,
  debrief: (practice: Practice): Debrief => debriefOf(practice),
  /** The next cars of a trial; the caller asks again for as long as it wants to go on. */
  cars: (from: number, to: number, seed: number): CarResult[] => trialCars(from, to, seed),
};

export type BenchApi = typeof api;

expose(api);
