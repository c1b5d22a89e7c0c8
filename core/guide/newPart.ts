import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { contextWith, timelineOf } from '../evidence/timeline';
import { typedReading, type TypedReading } from '../evidence/typedReading';
import type { Verdict } from '../evidence/verdict';

/** What is laid beside the old part, one by one. */
export const PART_TRAITS = ['length', 'tip', 'bracket', 'plug', 'lead', 'clips', 'key'] as const;
export type PartTrait = (typeof PART_TRAITS)[number];

/**
 * How `work` notes that a trait of the new part is like the old one's, or another.
 * @example traitKey('length', 'same', 'front-right') // => "part:length:same@front-right"
 */
export const traitKey = (trait: PartTrait, is: 'same' | 'other', channel: Channel | null): string =>
  `part:${trait}:${is}@${channel ?? 'car'}`;
/**
 * How `work` notes that the new part was the wrong one.
 * @example wrongPartKey('front-right') // => "wrong-part@front-right"
 */
export const wrongPartKey = (channel: Channel | null): string => `${WRONG_PART}@${channel ?? 'car'}`;
export const WRONG_PART = 'wrong-part';

/**
 * What has been said of the new part's traits; the newest answer counts.
 * @example traitsOf({ ...CASE, work: [{ step: 'part:length:other@front-right' }] }, 'front-right') // => {"length":"other"}
 */
export function traitsOf(
  file: CaseFile,
  channel: Channel | null,
): Readonly<Partial<Record<PartTrait, 'same' | 'other'>>> {
  const said: Partial<Record<PartTrait, 'same' | 'other'>> = {};
  for (const { step, undone } of file.work ?? [])
    for (const trait of PART_TRAITS)
      for (const is of ['same', 'other'] as const)
        if (undone !== true && step === traitKey(trait, is, channel)) said[trait] = is;
  return said;
}

/** What a reading of a new coil amounts to before it is fitted. */
export type NewPartVerdict = 'good' | 'outside' | 'open' | 'shorted' | 'says-nothing';

/** What each outcome of a coil is to somebody who has not fitted it yet: off its band is a warning, a new part can read so and work. */
const IN_HAND: Readonly<Record<string, NewPartVerdict>> = {
  inside: 'good',
  low: 'outside',
  high: 'outside',
  'near-zero': 'shorted',
  open: 'open',
};

/**
 * Reads a new sensor's resistance as typed, before it is fitted, as a reading at a fitted one's pins is read and judged.
 * @param file the case: kind of sensor, the manual's band. @param channel the corner. @param text the display, with or without its unit.
 * @returns the reading with its verdict, or a question about its unit, or why it is none.
 * @example typedNewPart(CASE, 'front-right', '1.4').unit // => "kΩ"
 */
export function typedNewPart(file: CaseFile, channel: Channel, text: string): TypedReading {
  const timeline = timelineOf(file);
  const pins = { kind: 'meter', point: 'sensor', quantity: 'resistance', channel } as const;
  return typedReading(text, null, pins, (reading) => contextWith(timeline, reading));
}

/**
 * What the verdict on a new coil amounts to before it is fitted: outside the printed band is a warning, never a verdict; open or shorted is.
 * @param verdict of the reading; null where it has none. @returns what to tell; an active sensor says nothing by its resistance.
 * @example newPartVerdict(typedNewPart(CASE, 'front-right', '40 Ω').verdict) // => "shorted"
 */
export function newPartVerdict(verdict: Verdict | null): NewPartVerdict {
  return IN_HAND[verdict?.outcome ?? ''] ?? 'says-nothing';
}
