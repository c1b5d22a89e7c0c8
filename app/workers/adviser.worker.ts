import { expose } from 'comlink';
import { assessFully, type FullAssessment } from '../../core/judgement/assess';
import { imaginePaths } from '../../core/belief/imagine';
import { overturnsOf, type Overturn } from '../../core/judgement/overturn';
import type { SegmentView } from '../../core/belief/segments';
import type { CaseFile, Observation } from '../../core/casefile/contract';
import { hold } from './lifeline';

const api = {
  hold,
  assess: (file: CaseFile): FullAssessment => assessFully(file),
  overturns: (file: CaseFile): readonly Overturn[] => {
    const { next, ranking } = assessFully(file);
    return overturnsOf(file, next, ranking[0]);
  },
  imagine: (file: CaseFile, seen: readonly Observation[]): SegmentView[][] => imaginePaths(file, seen),
};

export type AdviserApi = typeof api;

expose(api);
