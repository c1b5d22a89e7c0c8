import type { CaseFile } from '../casefile/contract';
import type { SideSpeech } from '../vehicle/sides';
import { describeObservation, describeRepair } from './describe';
import { texts } from '#words/core/report';

/** One thing that happened in a job. */
export interface TimelineEntry {
  readonly id: string;
  /** When, ISO 8601; empty where nobody noted it. */
  readonly at: string;
  readonly words: string;
  readonly detail: string;
}

interface Note {
  readonly id?: unknown;
  readonly at?: unknown;
  readonly text: string;
}

/**
 * Notes come from any program: only those with a text are shown.
 * @example isNote(5) // => false
 */
export function isNote(note: unknown): note is Note {
  return typeof note === 'object' && note !== null && typeof (note as { text?: unknown }).text === 'string';
}

const textOr = (value: unknown, other: string): string => (typeof value === 'string' ? value : other);

/**
 * What happened in a job: observations, repairs and notes.
 * @param file the job. @param speech how sides are spoken.
 * @returns the entries, newest first; those without a time come last.
 * @example timelineOf({ ...CASE, observations: [], repairs: [], notes: [{ text: 'wet' }, 5] }, { sides: 'left-right' }).map((entry) => entry.words) // => ["wet"]
 */
export function timelineOf(file: CaseFile, speech: { readonly sides: SideSpeech }): TimelineEntry[] {
  const seen = file.observations.map((observation): TimelineEntry => {
    const { title, figure, detail } = describeObservation(observation, file, speech);
    return {
      id: observation.id,
      at: observation.at ?? '',
      words: title + (figure ? `: ${figure}` : ''),
      detail: observation.withdrawn ? 'withdrawn' : detail,
    };
  });
  const made = (file.repairs ?? []).map((repair): TimelineEntry => ({
    id: repair.id,
    at: repair.at ?? '',
    words: describeRepair(repair, file, speech),
    detail: repair.result === 'unknown' ? texts.repairNotProvedYet : texts.repair(repair.result),
  }));
  const notes = (file.notes ?? []).filter(isNote).map((note, at): TimelineEntry => ({
    id: textOr(note.id, `note-${at}`),
    at: textOr(note.at, ''),
    words: note.text,
    detail: 'note',
  }));
  return [...seen, ...made, ...notes].sort((a, b) => b.at.localeCompare(a.at));
}
