import { expose } from 'comlink';
import { assessFully, imagineParts, type FullAssessment } from '../../core/judgement/assess';
import { overturnsOf, type Overturn } from '../../core/judgement/overturn';
import type { PartView } from '../../core/judgement/parts';
import type { CaseFile, Observation } from '../../core/casefile/contract';
import { hold } from './lifeline';

const api = {
  hold,
  assess: (file: CaseFile): FullAssessment => assessFully(file),
  overturns: (file: CaseFile): readonly Overturn[] => {
    const { next, ranking } = assessFully(file);
    return overturnsOf(file, next, ranking[0]);
  },
  imagine: (file: CaseFile, seen: readonly Observation[]): readonly (readonly PartView[])[] => imagineParts(file, seen),
};

export type AdviserApi = typeof api;

expose(api);
