import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { GENERIC_COIL_BAND } from '../evidence/coilBand';

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
export const wrongPartKey = (channel: Channel | null): string => `wrong-part@${channel ?? 'car'}`;

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

/** Below this no coil is whole, whatever its band, ohm. */
const SHORTED = 50;

/**
 * Judges a new sensor's resistance before it is fitted: outside the printed band is a warning, never a verdict; open or shorted is.
 * @param file the case: kind of sensor, the manual's band. @param channel the corner. @param ohm reading in ohm, 0 or more; Infinity for overload.
 * @returns what it amounts to; an active sensor says nothing by its resistance.
 * @example newPartVerdict(CASE, 'front-right', 40) // => "shorted"
 */
export function newPartVerdict(file: CaseFile, channel: Channel, ohm: number): NewPartVerdict {
  if (file.vehicle.sensorTypes?.[channel] === 'active') return 'says-nothing';
  if (!Number.isFinite(ohm)) return 'open';
  if (ohm < SHORTED) return 'shorted';
  const { min, max } = file.vehicle.specs?.sensorResistance ?? GENERIC_COIL_BAND;
  return ohm >= min && ohm <= max ? 'good' : 'outside';
}
