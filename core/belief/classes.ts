import type { CarModel, ChannelModel } from './model';

/** Ways of a channel that no evidence about the whole car can tell apart: computed with as one. */
export interface WayClass {
  readonly ways: readonly number[];
  /** Whether a real fault was there in any epoch. */
  readonly faulty: boolean;
  /** What the class contributes to each term of the car evidence, all terms in a row. */
  readonly parts: Float64Array;
  /** By piece of car evidence: whether it concerns this class. */
  readonly concerned: Uint8Array;
  /** By repair with a word on it: a fault left afterwards, one taken away. */
  readonly left: Uint8Array;
  readonly removed: Uint8Array;
}

/** Everything about the ways of a channel that evidence on the whole car may depend on, a column a trait. */
interface Columns {
  readonly parts: readonly Float64Array[];
  readonly concerned: readonly Uint8Array[];
  readonly left: readonly Uint8Array[];
  readonly removed: readonly Uint8Array[];
}

function columnsOf(model: CarModel, c: number): Columns {
  return {
    parts: model.carEvidence.flatMap((evidence) => evidence.terms.map((term) => term.byChannel[c] as Float64Array)),
    concerned: model.carEvidence.map((evidence) => evidence.concernedByChannel[c] as Uint8Array),
    left: model.repairEvidence.map((repairEvidence) => repairEvidence.leftByChannel[c] as Uint8Array),
    removed: model.repairEvidence.map((repairEvidence) => repairEvidence.removedByChannel[c] as Uint8Array),
  };
}

/** More distinct values than this in one column there can't be: a channel has fewer ways. */
const MOST_VALUES = 65_536;

/** Splits classes further by the values of one column. */
function refine(classOf: readonly number[], column: Float64Array | Uint8Array): readonly number[] {
  if (column.every((value) => value === column[0])) return classOf;
  const values = new Map<number, number>();
  const pairs = new Map<number, number>();
  return classOf.map((before, way) => {
    const value = column[way] as number;
    const at = values.get(value) ?? values.size;
    values.set(value, at);
    const pair = before * MOST_VALUES + at;
    const now = pairs.get(pair) ?? pairs.size;
    pairs.set(pair, now);
    return now;
  });
}

/**
 * Sorts the ways of one channel into classes that evidence on the whole car cannot tell apart.
 * @param model the variant. @param c the channel's place in it.
 * @returns classes that together hold every way once; sound ones first.
 * @example classesOf(MODEL, 0).flatMap(({ ways }) => ways).length === MODEL.channels[0].hypotheses.length // => true
 */
export function classesOf(model: CarModel, c: number): readonly WayClass[] {
  const { hypotheses } = model.channels[c] as ChannelModel;
  const columns = columnsOf(model, c);
  let classOf: readonly number[] = hypotheses.map((way) => Number(way.faulty));
  for (const column of [...columns.parts, ...columns.concerned, ...columns.left, ...columns.removed])
    classOf = refine(classOf, column);
  const members = new Map<number, number[]>();
  classOf.forEach((at, way) => members.set(at, [...(members.get(at) ?? []), way]));
  const made = [...members.values()].map((ways): WayClass => {
    const way = ways[0] as number;
    return {
      ways,
      faulty: hypotheses[way]?.faulty ?? false,
      parts: Float64Array.from(columns.parts, (column) => column[way] as number),
      concerned: Uint8Array.from(columns.concerned, (column) => column[way] as number),
      left: Uint8Array.from(columns.left, (column) => column[way] as number),
      removed: Uint8Array.from(columns.removed, (column) => column[way] as number),
    };
  });
  return made.sort((a, b) => Number(a.faulty) - Number(b.faulty));
}
