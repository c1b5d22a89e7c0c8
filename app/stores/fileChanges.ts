import type { FullAssessment } from '../../core/judgement/assess';
import type { CaseFile, Observation, Repair, Work } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';

/** Changes of a case file: each takes the newest file and gives the changed one. */

export function withWithdrawn(file: CaseFile, id: string, withdrawn: boolean): CaseFile {
  return { ...file, observations: file.observations.map((one) => (one.id === id ? { ...one, withdrawn } : one)) };
}

/** An observation before it has an id and a time. */
export type NewObservation = Observation extends infer O
  ? O extends Observation
    ? Omit<O, 'id' | 'at'>
    : never
  : never;

/** The observation said again, in its old place: what came before and after it stays so. */
export function withCorrected(file: CaseFile, id: string, said: NewObservation): CaseFile {
  return {
    ...file,
    observations: file.observations.map((one) =>
      one.id === id ? { ...said, id, ...(one.at === undefined ? {} : { at: one.at }) } : one,
    ),
  };
}

export function withNote(file: CaseFile, id: string, note: string): CaseFile {
  return { ...file, observations: file.observations.map((one) => (one.id === id ? { ...one, note } : one)) };
}

/** `done` adds an entry, `undone` closes the last one, `open` takes the last one away, `skipped` notes that the step isn't needed here. */
export function withWork(
  file: CaseFile,
  step: string,
  state: 'done' | 'undone' | 'skipped' | 'open',
  id: string,
  at: string,
): CaseFile {
  const work = file.work ?? [];
  const last = work.findLastIndex((one) => one.step === step);
  if (state === 'open') return { ...file, work: work.filter((_one, index) => index !== last) };
  if (state === 'undone')
    return { ...file, work: work.map((one, index) => (index === last ? { ...one, undone: true } : one)) };
  const known = work[last];
  if (state === 'done' && known && known.undone === true)
    return { ...file, work: work.map((one, index) => (index === last ? { ...one, undone: false } : one)) };
  const entry: Work & { skipped?: boolean } = { id, at, step, ...(state === 'skipped' ? { skipped: true } : {}) };
  return { ...file, work: [...work, entry] };
}

/** A repair stands after everything observed so far. */
export function withRepair(
  file: CaseFile,
  repair: Omit<Repair, 'id' | 'at' | 'after'>,
  id: string,
  at: string,
): CaseFile {
  return {
    ...file,
    repairs: [...(file.repairs ?? []), { ...repair, id, at, after: file.observations.at(-1)?.id ?? null }],
  };
}

export function withRepairResult(file: CaseFile, id: string, result: Repair['result']): CaseFile {
  return { ...file, repairs: (file.repairs ?? []).map((one) => (one.id === id ? { ...one, result } : one)) };
}

/** The corner that holds most suspicion; before a judgement the one looked at last, else the first. */
export function mostSuspect(assessment: FullAssessment | null, file: CaseFile | null): Channel {
  const channels = file?.vehicle.channels ?? [];
  const first = channels[0] ?? 'front-left';
  if (!assessment)
    return file?.observations.findLast((one) => one.channel && channels.includes(one.channel))?.channel ?? first;
  const share = (channel: Channel): number =>
    assessment.ranking.reduce((sum, one) => sum + (one.channel === channel ? one.probability : 0), 0);
  return channels.reduce((best, one) => (share(one) > share(best) + 1e-9 ? one : best), first);
}
