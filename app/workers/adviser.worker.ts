import { expose } from 'comlink';
import { assessFully, type FullAssessment } from '../../core/adviser/assess';
import { imaginePaths } from '../../core/adviser/imagine';
import type { SegmentView } from '../../core/adviser/segments';
import type { CaseFile, Observation } from '../../core/casefile/contract';

const api = {
  assess: (file: CaseFile): FullAssessment => assessFully(file),
  imagine: (file: CaseFile, seen: readonly Observation[]): SegmentView[][] => imaginePaths(file, seen),
};

export type AdviserApi = typeof api;

expose(api);
