import type { Observation, ObservationOf } from '../casefile/contract';
import type { Quantity } from '../casefile/words';
import { parseReading, type Reading } from '../quantities/parseReading';
import { scaleOf } from './judgeMeter';
import type { ReadingContext } from './report';
import type { Verdict } from './verdict';
import { verdictOf } from './verdictOf';
import { texts } from '#words/core/evidence';

/** The units that a meter shows, the usual one first. */
export const UNITS_OF: Readonly<Record<Quantity, readonly string[]>> = {
  resistance: ['kΩ', 'Ω', 'MΩ'],
  'ac-voltage': ['V', 'mV'],
  'dc-voltage': ['V', 'mV'],
  'dc-current': ['mA', 'A'],
};

/** A figure as somebody typed it: read, or asked about, or refused with the reason. */
export type TypedReading =
  | { readonly is: 'read'; readonly reading: Reading; readonly unit: string; readonly verdict: Verdict | null }
  /** Several units make sense, or none does. */
  | { readonly is: 'asks'; readonly words: string }
  | { readonly is: 'refused'; readonly words: string };

/** The reading that a typed figure may be, without its value. */
export type FigureOf = Omit<ObservationOf<'meter'>, 'id' | 'value' | 'resolution'>;

interface Candidate {
  readonly reading: Reading;
  readonly unit: string;
  readonly verdict: Verdict | null;
  readonly makesSense: boolean;
}

function candidate(text: string, unit: string, of: FigureOf, context: ContextOf): Candidate | string {
  const read = parseReading(unit === '' ? text : `${text} ${unit}`, of.quantity);
  if (!read.ok) return read.problems[0]?.message ?? '';
  const { value, resolution } = read.value;
  const meter = { ...of, id: '', value, ...(resolution ? { resolution } : {}) } as ObservationOf<'meter'>;
  const beside = context(meter);
  const [from, to] = scaleOf(meter, beside)?.shows ?? [0, Infinity];
  const size = value === 'overload' ? 0 : Math.abs(value);
  const makesSense = value === 'overload' || (size >= from && size <= to);
  return { reading: read.value, unit, verdict: verdictOf(meter, beside), makesSense };
}

/** Whether a figure lies in a band that has an upper end: then the field's own band tells the unit. */
function isInBand({ verdict }: Candidate): boolean {
  const { value = 0, min = null, max = null } = verdict?.figure ?? {};
  return max !== null && value <= max.value && value >= (min?.value ?? 0);
}

type ContextOf = (reading: Observation) => ReadingContext;

/** A letter that may be a unit or its prefix. */
const HAS_UNIT = /[\p{L}Ω]/u;

/**
 * Reads a figure as typed beside its field: with the unit that was chosen or written; without one by the band of the field.
 * @param text the figure, a point or comma in it, or overload in any writing. @param unit the unit that was chosen; null for none.
 * @param of what the reading is of. @param context the stage with this reading in it.
 * @returns the reading and its verdict; a question where two units make sense, or none, so that nothing is condemned on a guess.
 * @example typedReading('1.4', null, { kind: 'meter', point: 'sensor', quantity: 'resistance', channel: 'front-right' }, () => STAGE).unit // => "kΩ"
 * @example typedReading('4', null, { kind: 'meter', point: 'sensor', quantity: 'resistance', channel: 'front-right' }, () => STAGE).is // => "asks"
 */
export function typedReading(text: string, unit: string | null, of: FigureOf, context: ContextOf): TypedReading {
  const isWritten = HAS_UNIT.test(text);
  const plain = candidate(text, isWritten ? '' : (unit ?? ''), of, context);
  if (typeof plain === 'string') return { is: 'refused', words: plain };
  const isSettled = unit !== null || isWritten || plain.reading.value === 'overload' || plain.reading.value === 0;
  if (isSettled) return { is: 'read', ...plain };
  const candidates = UNITS_OF[of.quantity]
    .map((known) => candidate(text, known, of, context))
    .filter((found): found is Candidate => typeof found !== 'string' && found.makesSense);
  const inBand = candidates.filter(isInBand);
  const [only, ...others] = inBand.length > 0 ? inBand : candidates;
  if (only && others.length === 0) return { is: 'read', ...only };
  return { is: 'asks', words: texts.whichUnit(UNITS_OF[of.quantity].map((known) => `${text} ${known}`).join(', ')) };
}
