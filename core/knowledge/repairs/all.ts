import type { CaseFile, Repair } from '../../casefile/contract';
import { SEGMENTS } from '../../casefile/words';
import { faultRow, type Cause, type FaultId } from '../faults';
import { AT_WHEEL } from './atWheel';
import { AT_WIRES } from './atWires';
import { BESIDES, STOPGAPS } from './besides';
import { wayOf } from '../guide/schools';
import type { RepairRecord } from './repair';

/** Repairs that the adviser may propose: each is the cure of some fault. */
export const REPAIRS: readonly RepairRecord[] = [...AT_WHEEL, ...AT_WIRES, ...BESIDES].filter(
  (record) => record.cures.length > 0,
);

/** Every repair that is known, stopgaps and other ways included: any of them may have been done. */
export const ALL_REPAIRS: readonly RepairRecord[] = [...AT_WHEEL, ...AT_WIRES, ...BESIDES, ...STOPGAPS];

/** After every repair: erase, key cycle, a short drive, read again. Minutes. */
export const VERIFY_MINUTES = 15;

/** What a workshop takes to finish the job where nobody gave a quote (generic), and the owner's time for it. */
export const WORKSHOP_PRICE = 260;
export const WORKSHOP_MINUTES = 60;

/** An hour of an owner's own time where they did not say. */
export const HOUR_VALUE = 15;

/** Chance that a repair which should cure does cure, by what was done: a new part is dead or wrong now and then. */
const WORKS: Readonly<Record<string, number>> = {
  replaced: 0.985,
  'repaired-wire': 0.975,
  reseated: 0.97,
  cleaned: 0.95,
};
const WORKS_ELSE = 0.96;

/** Replacing a part puts right whatever else was wrong with it, nearly always; other work on it every second time. */
const NEW_PART_CURES = 0.9;
const OTHER_WORK_CURES = 0.5;

/**
 * The record of a repair.
 * @param repair `action:segment`. @returns the record, null where none is known by that name.
 * @example repairRecord('cleaned:plug')?.minutes // => 8
 */
export function repairRecord(repair: string): RepairRecord | null {
  return ALL_REPAIRS.find((record) => record.repair === repair) ?? null;
}

/** Where a fault is looked for in repairs: the cheapest lasting way first, as the catalogue of the contract has it. */
const USUAL_FIRST: Readonly<Partial<Record<FaultId, string>>> = {
  'lead-open': 'repaired-wire:lead',
  'lead-intermittent': 'repaired-wire:lead',
  'lead-short': 'repaired-wire:lead',
};

/**
 * The repairs that cure a fault, the usual one first.
 * @param fault a fault of the catalogue. @returns records, at least one.
 * @example repairsFor('lead-open').map((record) => record.repair) // => ["repaired-wire:lead","replaced:sensor"]
 */
export function repairsFor(fault: Cause): readonly RepairRecord[] {
  const { id } = faultRow(fault);
  const found = REPAIRS.filter((record) => record.cures.includes(id));
  const usual = USUAL_FIRST[id];
  return [...found].sort((a, b) => Number(b.repair === usual) - Number(a.repair === usual));
}

/**
 * Whether a repair is a full cure of a fault.
 * @param repair `action:segment`. @param fault a fault of the catalogue. @returns true for each of its cures in the contract.
 * @example curesFully('replaced:sensor', 'lead-open') // => true
 */
export function curesFully(repair: string, fault: Cause): boolean {
  return repairRecord(repair)?.cures.includes(faultRow(fault).id) ?? false;
}

/**
 * Chance that a repair cures a fault.
 * @param repair what was done. @param fault a fault that is present.
 * @returns 0 to 1.
 * @example cureChance({ action: 'replaced', segment: 'sensor' }, 'lead-open') // => 0.985
 * @example cureChance({ action: 'replaced', segment: 'sensor' }, 'loom-open') // => 0
 */
export function cureChance(repair: Pick<Repair, 'action' | 'segment'>, fault: FaultId): number {
  const record = repairRecord(`${repair.action}:${repair.segment}`);
  if (record?.cures.includes(fault)) return WORKS[repair.action] ?? WORKS_ELSE;
  const partly = record?.alsoCures?.find((also) => also.fault === fault);
  if (partly) return partly.chance;
  if (faultRow(fault).segment !== repair.segment) return 0;
  const isOnPath = (SEGMENTS as readonly string[]).includes(repair.segment);
  if (repair.action === 'replaced' && isOnPath) return NEW_PART_CURES;
  return repair.action === 'other' ? OTHER_WORK_CURES : 0;
}

/**
 * How `owner.prices` names the price of one kind of part, such as a pattern part.
 * @example partPriceKey('replaced:sensor', 'used') // => "replaced:sensor@used"
 */
export const partPriceKey = (repair: string, way: string): string => `${repair}@${way}`;

/**
 * What a repair's parts cost this owner.
 * @param record the repair. @param file the case; `owner.prices` may name the kind of part that the owner chose (`replaced:sensor@used`), the repair (`replaced:sensor`) or its segment (`sensor`).
 * @returns money in the owner's currency.
 * @example priceOf(repairRecord('replaced:sensor'), { ...CASE, owner: { prices: { sensor: 55 } } }) // => 55
 */
export function priceOf(record: RepairRecord, file: CaseFile): number {
  const prices = file.owner?.prices ?? {};
  const ofKind =
    record.action === 'replaced'
      ? prices[partPriceKey(record.repair, wayOf(file.owner?.schools, 'part').id)]
      : undefined;
  const ofPart = record.action === 'replaced' && record.segment ? prices[record.segment] : undefined;
  const own = ofKind ?? prices[record.repair] ?? ofPart;
  return typeof own === 'number' && Number.isFinite(own) && own >= 0 ? own : record.price;
}

/**
 * What a workshop asks: the owner's quote for the usual case, else a generic price.
 * @param file the case. @returns money, without the owner's own time.
 * @example workshopPrice(CASE) // => 260
 */
export function workshopPrice(file: CaseFile): number {
  const quotes = (file.costs ?? []).filter((cost) => cost.use === 'quote');
  return (quotes.find((quote) => quote.case === 'usual') ?? quotes[0])?.amount ?? WORKSHOP_PRICE;
}
