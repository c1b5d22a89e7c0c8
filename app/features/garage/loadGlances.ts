import { shallowRef, type ShallowRef } from 'vue';
import type { FullAssessment } from '../../../core/judgement/assess';
import type { Speech } from '../../../core/report/describe';
import type { JobRecord } from '../../storage/garageStorage';
import type { Glance } from './blankGlance';
import { whenIdle } from './whenIdle';

type Read = (job: JobRecord, assessment: FullAssessment | null, speech: Speech) => Glance;

/** What makes a glance of a judgement, once it has been fetched; null until then. */
export function loadGlances(): ShallowRef<Read | null> {
  const read = shallowRef<Read | null>(null);
  whenIdle(() => void import('./glanceView').then(({ glanceOf }) => (read.value = glanceOf)));
  return read;
}
