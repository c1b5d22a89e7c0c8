import type { SensorType } from '../../casefile/words';
import { FORMS, type Cause } from '../faults';
import { namesOn, type Scale } from '../outcomes/outcome';

/**
 * What a check shows under each fault: one table a check, read by people and by the inference.
 * A row's chances may leave outcomes out: what is left of 1 is shared evenly among them.
 */
export interface Table {
  /** The check's name; observations of the same topic, channel and stage are reports of one thing. */
  readonly topic: string;
  /** The topic of the first look, where this is what another shows; its own where left out. */
  readonly about?: string;
  /** The first is what a sound channel shows. */
  readonly outcomes: readonly string[];
  /** What is seen when no fault of the rows is there. */
  readonly otherwise: Row;
  readonly rows: readonly (Row & { readonly for: readonly Cause[] })[];
  /** Chance that the observer is mistaken altogether. */
  readonly mistaken: number;
  /** How a reading is turned into these outcomes; left out where they are words. */
  readonly scale?: Scale;
  /** Whether each outcome but the first is seen or not by itself, so that several may be seen at once: looks. */
  readonly findingsAddUp?: true;
}

export interface Row {
  readonly gives: Readonly<Record<string, number>>;
  readonly why: string;
}

/** A check may mean different things on passive and active sensors; null: it says nothing there. */
export interface TypedTable {
  readonly passive: Table | null;
  readonly active: Table | null;
}

/** Chances of one table in the order of its outcomes: `null` where the fault has no row of its own. */
export interface Chances {
  readonly table: Table;
  readonly otherwise: readonly number[];
  readonly byFault: ReadonlyMap<Cause, readonly number[]>;
  /** Causes of one row show the same: the row's number, from 1. */
  readonly rowOf: ReadonlyMap<Cause, number>;
}

function spread(outcomes: readonly string[], gives: Row['gives']): number[] {
  const value = Object.values(gives).reduce((sum, give) => sum + give, 0);
  const open = outcomes.filter((outcome) => gives[outcome] === undefined).length;
  const rest = open > 0 ? Math.max(0, 1 - value) / open : 0;
  return outcomes.map((outcome) => gives[outcome] ?? rest);
}

const compiled = new WeakMap<Table, Chances>();

/**
 * A table's chances, spread out and looked up once.
 * @param table the table. @returns chances in the order of `table.outcomes`, each row summing to 1.
 * @example chancesOf({ topic: 't', outcomes: ['a', 'b'], mistaken: 0, otherwise: { gives: { a: 0.9 }, why: '' }, rows: [] }).otherwise[0] // => 0.9
 */
export function chancesOf(table: Table): Chances {
  const known = compiled.get(table);
  if (known) return known;
  const byFault = new Map<Cause, readonly number[]>();
  const rowOf = new Map<Cause, number>();
  table.rows.forEach((row, at) => {
    const chances = spread(table.outcomes, row.gives);
    for (const fault of row.for) {
      byFault.set(fault, chances);
      rowOf.set(fault, at + 1);
    }
  });
  for (const { fault, form } of FORMS) {
    const whole = byFault.get(fault);
    if (!whole || byFault.has(form)) continue;
    byFault.set(form, whole);
    rowOf.set(form, rowOf.get(fault) ?? 0);
  }
  const chances: Chances = { table, otherwise: spread(table.outcomes, table.otherwise.gives), byFault, rowOf };
  compiled.set(table, chances);
  return chances;
}

/**
 * The chances of a check's outcomes under several causes at once: what any of them shows can be seen, nothing is seen only if none shows.
 * @param chances a table's chances. @param causes the faults present.
 * @returns chances in the order of outcomes; causes that the table does not name do not count.
 * @example chancesUnder({ table: { outcomes: ['good', 'open'] }, otherwise: [0.9, 0.1], byFault: new Map([['lead-open', [0.02, 0.98]]]), rowOf: new Map([['lead-open', 1]]) }, ['lead-open']) // => [0.02,0.98]
 */
export function chancesUnder(chances: Chances, causes: readonly Cause[]): readonly number[] {
  const named = causes.map((cause) => chances.byFault.get(cause)).filter((entry) => entry !== undefined);
  const [first, second] = named;
  if (!first) return chances.otherwise;
  if (!second) return first;
  return joined(named);
}

function joined(all: readonly (readonly number[])[]): readonly number[] {
  const first = all[0] as readonly number[];
  const raw = first.map((_one, index) =>
    index === 0
      ? all.reduce((product, row) => product * (row[0] ?? 0), 1)
      : 1 - all.reduce((product, row) => product * (1 - (row[index] ?? 0)), 1),
  );
  const sum = raw.reduce((total, value) => total + value, 0);
  return raw.map((value) => value / sum);
}

/**
 * The names that a table takes over from its scale.
 * @example ofScale({ topic: 'battery-rest', sound: 'well', outcomes: [{ id: 'low' }, { id: 'well' }] }).outcomes // => ["well","low"]
 */
export function ofScale(scale: Scale): Pick<Table, 'topic' | 'outcomes'> & { readonly scale: Scale } {
  return { topic: scale.topic, outcomes: namesOn(scale), scale };
}

/**
 * The table that holds for a sensor type.
 * @param typed both tables. @param type passive or active. @returns the table; null where the check says nothing there.
 * @example tableFor({ passive: null, active: null }, 'active') // => null
 */
export function tableFor(typed: TypedTable, type: SensorType): Table | null {
  return typed[type];
}

/**
 * The same table whatever the sensor.
 * @example Object.keys(bothTypes({ topic: 't', outcomes: [], mistaken: 0, otherwise: { gives: {}, why: '' }, rows: [] })) // => ["passive","active"]
 */
export function bothTypes(table: Table): TypedTable {
  return { passive: table, active: table };
}
