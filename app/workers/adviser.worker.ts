import { expose } from 'comlink';
import { assessFully, type FullAssessment } from '../../core/adviser/assess';
import type { CaseFile } from '../../core/casefile/contract';

const api = {
  assess: (file: CaseFile): FullAssessment => assessFully(file),
};

export type AdviserApi = typeof api;

expose(api);
