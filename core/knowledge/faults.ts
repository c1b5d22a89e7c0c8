import { texts } from '#words/knowledge/faults';

import { CHANNEL_FAULTS, SHARED_FAULTS, STALE_CODE, type FaultRow } from './faultRows';

export type ChannelFaultId = (typeof CHANNEL_FAULTS)[number]['id'];
export type SharedFaultId = (typeof SHARED_FAULTS)[number]['id'];
export type FaultId = ChannelFaultId | SharedFaultId | 'stale-code';

export const ALL_FAULTS: readonly (FaultRow & { readonly id: FaultId })[] = [
  ...CHANNEL_FAULTS,
  STALE_CODE,
  ...SHARED_FAULTS,
];

/**
 * Some faults take one of several forms that readings tell apart: the form is settled once for all readings, so that two readings of one coil cannot contradict each other.
 * Shares are of that fault's cases (trade experience); forms never leave the adviser.
 */
export const FORMS = [
  { fault: 'sensor-open', form: 'sensor-open/through', share: 0.87, why: 'the coil is broken through' },
  { fault: 'sensor-open', form: 'sensor-open/high', share: 0.13, why: 'a joint of high resistance, stable' },
  { fault: 'sensor-short', form: 'sensor-short/turns', share: 0.72, why: 'turns bridged: the coil reads low' },
  {
    fault: 'sensor-short',
    form: 'sensor-short/body',
    share: 0.28,
    why: 'leaks to its body: the coil reads as it should',
  },
  { fault: 'lead-short', form: 'lead-short/across', share: 0.6, why: 'wire to wire' },
  { fault: 'lead-short', form: 'lead-short/body', share: 0.4, why: 'one wire to metal' },
  { fault: 'loom-open', form: 'loom-open/1', share: 0.5, why: 'the first wire' },
  { fault: 'loom-open', form: 'loom-open/2', share: 0.5, why: 'the second wire' },
  { fault: 'loom-short-to-ground', form: 'loom-short-to-ground/1', share: 0.5, why: 'the first wire' },
  { fault: 'loom-short-to-ground', form: 'loom-short-to-ground/2', share: 0.5, why: 'the second wire' },
] as const satisfies readonly { fault: FaultId; form: string; share: number; why: string }[];

/** A fault of the catalogue, or one of its forms: what a state of the model holds. */
export type Cause = FaultId | (typeof FORMS)[number]['form'];

const BY_ID: ReadonlyMap<string, FaultRow & { readonly id: FaultId }> = new Map([
  ...ALL_FAULTS.map((row) => [row.id, row] as const),
  ...FORMS.flatMap((form) => ALL_FAULTS.filter((row) => row.id === form.fault).map((row) => [form.form, row] as const)),
]);

/**
 * The forms of a fault with their shares; the fault itself where it has none.
 * @example formsOf('sensor-open').map(({ form }) => form) // => ["sensor-open/through","sensor-open/high"]
 */
export function formsOf(fault: FaultId): readonly { readonly form: Cause; readonly share: number }[] {
  const forms = FORMS.filter((entry) => entry.fault === fault);
  return forms.length > 0 ? forms : [{ form: fault, share: 1 }];
}

/**
 * The catalogue's row of a fault.
 * @param id a fault of the catalogue, or one of its forms.
 * @returns its row. Throws for an id that is not in the catalogue: that is a bug of ours.
 * @example faultRow('gap-wide').segment // => "gap"
 */
export function faultRow(id: Cause): FaultRow & { readonly id: FaultId } {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`no fault "${id}" in the catalogue`);
  return found;
}

/**
 * What a fault does to the signal; nothing for `none` and what is not in the catalogue.
 * @example natureOf('loom-intermittent') // => "intermittent"
 */
export const natureOf = (fault: string): FaultRow['nature'] | 'none' => BY_ID.get(fault)?.nature ?? 'none';

/**
 * Plain words for a fault of the catalogue.
 * @param fault its id, or `none`. @returns lower-case words; an unknown id is given back as it is.
 * @example faultName('gap-wide') // => "gap too wide"
 */
export function faultName(fault: string): string {
  return fault === 'none' ? texts.nothingWrongNow : (BY_ID.get(fault)?.name ?? fault);
}
