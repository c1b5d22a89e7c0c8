/** A note of a job, as far as anything is known of it. */
export interface Note {
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
