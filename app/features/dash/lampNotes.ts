import type { CaseFile, ObservationOf } from '../../../core/casefile/contract';

export type Lamps = ObservationOf<'lamps'>;
export type Lamp = Lamps['lit'][number];
export type Pattern = NonNullable<Lamps['pattern']>[number];

const LATER_KINDS: readonly string[] = ['code', 'clear', 'drive', 'no-code'];

/** The newest note of the lamps. */
export function lastLamps(file: CaseFile | null): Lamps | null {
  const found = file?.observations.filter((one): one is Lamps => one.kind === 'lamps' && !one.withdrawn) ?? [];
  return found.at(-1) ?? null;
}

/** Lamps seen again after codes, a drive or a repair are a new observation; until then the last one is corrected. */
function isStillOpen(file: CaseFile, lamps: Lamps): boolean {
  const at = file.observations.findIndex((one) => one.id === lamps.id);
  const later = file.observations.slice(at + 1).some((one) => LATER_KINDS.includes(one.kind));
  const repaired = (file.repairs ?? []).some(
    (one) => one.after === undefined || file.observations.findIndex((each) => each.id === one.after) >= at,
  );
  return !later && !repaired;
}

/** The note of how the lamps were at first, just before the present one and with nothing but history and symptoms between. */
export function earlierLamps(file: CaseFile | null): Lamps | null {
  const last = lastLamps(file);
  if (!file || !last) return null;
  const at = file.observations.findIndex((one) => one.id === last.id);
  const before = file.observations.slice(0, at).filter((one) => !one.withdrawn);
  const found = before.filter((one): one is Lamps => one.kind === 'lamps').at(-1);
  if (!found) return null;
  const between = before.slice(before.findIndex((one) => one.id === found.id) + 1);
  return between.some((one) => LATER_KINDS.includes(one.kind)) ? null : found;
}

/** The list with the word added, or taken out. */
export function toggled<T>(list: readonly T[], one: T): readonly T[] {
  return list.includes(one) ? list.filter((each) => each !== one) : [...list, one];
}

interface Note {
  readonly lit: readonly Lamp[];
  readonly pattern: readonly Pattern[];
}

/** The file with the present note of the lamps changed, or a new one begun where it is settled. */
export function withLamps(file: CaseFile, make: (before: Note) => Note, id: string, at: string): CaseFile {
  const last = lastLamps(file);
  const next = make({ lit: last?.lit ?? [], pattern: last?.pattern ?? [] });
  if (last && isStillOpen(file, last))
    return {
      ...file,
      observations: file.observations.map((one) => (one.id === last.id ? { ...last, ...next } : one)),
    };
  return { ...file, observations: [...file.observations, { id, at, kind: 'lamps', ...next }] };
}

/** The file with a word of how the lamps were at first added or taken out: a note of its own before the present one. */
export function withEarlier(file: CaseFile, word: Pattern, id: string, at: string): CaseFile {
  const [last, first] = [lastLamps(file), earlierLamps(file)];
  if (!last) return file;
  if (!first) {
    const note: Lamps = { id, at, kind: 'lamps', lit: last.lit, pattern: [word] };
    return { ...file, observations: file.observations.flatMap((one) => (one.id === last.id ? [note, one] : [one])) };
  }
  const pattern = toggled(first.pattern ?? [], word);
  const next = pattern.length === 0 ? { ...first, pattern, withdrawn: true } : { ...first, pattern };
  return { ...file, observations: file.observations.map((one) => (one.id === first.id ? next : one)) };
}

/** The file with the bend in which a symptom shows; the same again takes it back. */
export function withBend(file: CaseFile, id: string, bend: 'left' | 'right'): CaseFile {
  const observations = file.observations.map((one) => {
    if (one.id !== id || one.kind !== 'symptom') return one;
    const { bend: before, ...others } = one;
    return before === bend ? others : { ...others, bend };
  });
  return { ...file, observations };
}
