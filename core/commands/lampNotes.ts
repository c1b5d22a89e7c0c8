import type { CaseFile, ObservationOf } from '../casefile/contract';

export type Lamps = ObservationOf<'lamps'>;
export type Lamp = Lamps['lit'][number];
export type Pattern = NonNullable<Lamps['pattern']>[number];

const LATER_KINDS: readonly string[] = ['code', 'clear', 'drive', 'no-code'];

/**
 * The newest note of the lamps.
 * @example lastLamps(CASE).lit // => ["abs"]
 */
export function lastLamps(file: CaseFile | null): Lamps | null {
  const found = file?.observations.filter((seen): seen is Lamps => seen.kind === 'lamps' && !seen.withdrawn) ?? [];
  return found.at(-1) ?? null;
}

/** Whether a repair stands after an observation. */
function isRepairedSince(file: CaseFile, id: string): boolean {
  const place = (wanted: string): number => file.observations.findIndex((seen) => seen.id === wanted);
  return (file.repairs ?? []).some(
    (made) => made.after === undefined || (made.after !== null && place(made.after) >= place(id)),
  );
}

/**
 * The note of how the lamps are now; null where a repair has been made since the last one: nobody knows until somebody looks.
 * @example presentLamps(CASE) // => null
 */
export function presentLamps(file: CaseFile | null): Lamps | null {
  const last = lastLamps(file);
  return last && file && !isRepairedSince(file, last.id) ? last : null;
}

/** Lamps seen again after codes, a drive or a repair are a new observation; until then the last seen is corrected. */
function isStillOpen(file: CaseFile, lamps: Lamps): boolean {
  const at = file.observations.findIndex((seen) => seen.id === lamps.id);
  const later = file.observations.slice(at + 1).some((seen) => LATER_KINDS.includes(seen.kind));
  return !later && !isRepairedSince(file, lamps.id);
}

/**
 * The note of how the lamps were at first, just before the present note and with nothing but history and symptoms between.
 * @example earlierLamps(CASE) // => null
 */
export function earlierLamps(file: CaseFile | null): Lamps | null {
  const last = lastLamps(file);
  if (!file || !last) return null;
  const at = file.observations.findIndex((seen) => seen.id === last.id);
  const before = file.observations.slice(0, at).filter((seen) => !seen.withdrawn);
  const found = before.filter((seen): seen is Lamps => seen.kind === 'lamps').at(-1);
  if (!found) return null;
  const between = before.slice(before.findIndex((seen) => seen.id === found.id) + 1);
  return between.some((seen) => LATER_KINDS.includes(seen.kind)) ? null : found;
}

/**
 * The list with the word added, or taken out.
 * @example toggled(['abs'], 'stability') // => ["abs","stability"]
 */
export function toggled<T>(list: readonly T[], word: T): readonly T[] {
  return list.includes(word) ? list.filter((other) => other !== word) : [...list, word];
}

interface Note {
  readonly lit: readonly Lamp[];
  readonly pattern: readonly Pattern[];
}

/**
 * The file with the present note of the lamps changed, or a new one begun where that is settled.
 * @example withLamps(CASE, (before) => ({ ...before, lit: ['abs', 'stability'] }), 'new', '2026-05-01T10:00:00+02:00').observations.at(-1).lit // => ["abs","stability"]
 */
export function withLamps(file: CaseFile, make: (before: Note) => Note, id: string, at: string): CaseFile {
  const last = presentLamps(file);
  const next = make({ lit: last?.lit ?? [], pattern: last?.pattern ?? [] });
  if (last && isStillOpen(file, last))
    return {
      ...file,
      observations: file.observations.map((seen) => (seen.id === last.id ? { ...last, ...next } : seen)),
    };
  return { ...file, observations: [...file.observations, { id, at, kind: 'lamps', ...next }] };
}

/**
 * The file with a word of how the lamps were at first added or taken out: a note of its own, before the present one.
 * @example withEarlier(CASE, 'intermittent', 'new', '2026-05-01T10:00:00+02:00').observations[0] // => {"id":"new","at":"2026-05-01T10:00:00+02:00","kind":"lamps","lit":["abs"],"pattern":["intermittent"]}
 */
export function withEarlier(file: CaseFile, word: Pattern, id: string, at: string): CaseFile {
  const [last, first] = [lastLamps(file), earlierLamps(file)];
  if (!last) return file;
  if (!first) {
    const note: Lamps = { id, at, kind: 'lamps', lit: last.lit, pattern: [word] };
    return {
      ...file,
      observations: file.observations.flatMap((seen) => (seen.id === last.id ? [note, seen] : [seen])),
    };
  }
  const pattern = toggled(first.pattern ?? [], word);
  const next = pattern.length === 0 ? { ...first, pattern, withdrawn: true } : { ...first, pattern };
  return { ...file, observations: file.observations.map((seen) => (seen.id === first.id ? next : seen)) };
}

/**
 * The file with the bend in which a symptom shows; the same again takes it back.
 * @example withBend({ ...CASE, observations: [{ id: 'o1', kind: 'symptom', symptom: 'kicks-in-while-braking' }] }, 'o1', 'left').observations[0].bend // => "left"
 */
export function withBend(file: CaseFile, id: string, bend: 'left' | 'right'): CaseFile {
  const observations = file.observations.map((seen) => {
    if (seen.id !== id || seen.kind !== 'symptom') return seen;
    const { bend: before, ...others } = seen;
    return before === bend ? others : { ...others, bend };
  });
  return { ...file, observations };
}
