import type { RepairSegment } from '../../casefile/words';

/** How an answer is taken: good, bad, worth another look, or nothing by itself. */
export type Tone = 'good' | 'bad' | 'borderline' | 'plain';

/** Figures of the owner's spec sheet that a limit may be. */
export type ManualFigure = 'spin-voltage' | 'plug-feed' | 'air-gap-min' | 'air-gap-max';

/** What a limit may be a share of: an end of the band that the reading is judged by, the battery as measured, or a figure of the manual. */
export type LimitBase = 'band-min' | 'band-max' | 'battery' | ManualFigure;

/** What stands in for the manual's figures (generic): volt, volt, metre, metre. */
export const USUAL_FIGURES: Readonly<Record<ManualFigure, number>> = {
  'spin-voltage': 0.1,
  'plug-feed': 4.6,
  'air-gap-min': 0.0003,
  'air-gap-max': 0.0015,
};

/** Passive coils usually lie here, ohm at °C (generic; the manual decides). */
export const USUAL_COIL_BAND = { min: 600, max: 2500, at: 20 } as const;

/** How far coils and their readings differ, as shares (trade experience; the meter's ±(1 % + 3 counts) on each reading). */
export const COILS_DIFFER = {
  /** Ohm that may be a coil at all: what lies outside says nothing of the other side's. */
  couldBe: [300, 5000],
  /** Two sides of an axle seldom by more. */
  sides: 0.2,
  /** Two sides that agree this well outvote a printed band in part: a new part can read outside it and still work. */
  sidesAgree: 0.1,
  /** How well such a reading still fits the band, 0 to 1. */
  outvoted: 0.6,
  /** Two readings of one coil, and ohm of the wires between plug and module. */
  readings: 0.03,
  wiresOhm: 10,
} as const;

/** A limit between two outcomes, in the unit of its scale. */
export type Limit =
  /** The same on every car. */
  | { readonly fixed: number }
  /** The manual's figure; the usual one of `USUAL_FIGURES` where the sheet has none. */
  | { readonly manual: ManualFigure }
  /** A share of another figure. */
  | { readonly share: number; readonly of: LimitBase }
  /** Of a 12 V car; other systems have as much more as their nominal voltage. */
  | { readonly at12V: number };

/** What an owner reads of an outcome. `whose` is the band that a coil was judged by, in words. */
export type Wording = string | ((whose: string) => string);

/** More words about a number; `at` says at which temperature it was measured, and is empty where that plays no part. */
export type Detail = (at: string) => string;

/** What an answer says of each part of the path, good or bad; parts left out it says nothing of. */
export interface Says {
  readonly good?: readonly RepairSegment[];
  readonly bad?: readonly RepairSegment[];
  /** The topic that must have been answered well too before anything is called good. */
  readonly with?: string;
}

/** One answer that a check may give, with everything about it. */
export interface OutcomeRecord extends Says {
  /** As the check's table calls it. */
  readonly id: string;
  readonly tone: Tone;
  readonly text: Wording;
  /** Readings under this are this outcome, down to the limit of the one before it; the last on the scale has none. */
  readonly below?: Limit;
  /** Not read off a number: the reading jumped, or the display showed overload only. */
  readonly offScale?: true;
  /** What is said instead of a figure this far off. */
  readonly far?: { readonly under?: Limit; readonly over?: Limit; readonly text: Wording; readonly detail?: Detail };
  /** What is said instead where a number, not an overload, is this outcome. */
  readonly ofNumber?: Wording;
  /** What is said beside a number; where left out only how far it may be off. */
  readonly detail?: Detail;
  /** What it may be as well, where the reading could not have shown better: likelihoods beside 1. */
  readonly maybe?: Readonly<Record<string, number>>;
  /** The same where nothing tells that the meter could have shown the next outcome's least. */
  readonly maybeOnCoarse?: Readonly<Record<string, number>>;
}

/** How a kind of reading is judged: the outcomes in the order of the figure, the smallest first. */
export interface Scale {
  /** As the check's table has it. */
  readonly topic: string;
  readonly unit: 'Ω' | 'V' | 'A' | 'm';
  /** What a sound car shows: the first outcome of the check's table. */
  readonly sound: string;
  readonly outcomes: readonly OutcomeRecord[];
  /** Watched while a wire is moved: only whether the reading stays counts, not its figure. */
  readonly flexed?: true;
  /** How far the doing of it may put the figure off, as a share of it, beside the meter's own accuracy. */
  readonly doing?: number;
  /** The half-width of the tool, in the unit, where it is no meter. */
  readonly tool?: number;
  /** Figures that a display may well show here, on sick cars too: a figure typed without its unit is read by them. */
  readonly shows: readonly [from: number, to: number];
  /** What overload on a range set by hand amounts to; where left out overload is the last outcome. */
  readonly overload?: OverloadRecord;
}

/**
 * What overload says, by the range's full scale in the unit. Between the two limits every outcome may be it as far as it
 * reaches above the full scale, told on a logarithmic scale: what hides a leak is the range.
 */
export interface OverloadRecord {
  /** From this full scale on, and where the meter chose its range by itself, overload is taken at its word. */
  readonly believedFrom: number;
  readonly believed: Readonly<Record<string, number>>;
  /** Up to this full scale it says nothing at all. */
  readonly saysNothingTo?: number;
}

/**
 * The names of a scale's outcomes as a check's table has them: what a sound car shows first.
 * @param scale the scale. @returns names, each once.
 * @example namesOn({ sound: 'well', outcomes: [{ id: 'low' }, { id: 'well' }] }) // => ["well","low"]
 */
export function namesOn({ sound, outcomes }: Pick<Scale, 'sound' | 'outcomes'>): readonly string[] {
  return [sound, ...outcomes.map(({ id }) => id).filter((id) => id !== sound)];
}
