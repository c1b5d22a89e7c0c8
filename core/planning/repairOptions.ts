import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { faultRow, type Cause } from '../knowledge/faults';
import { cureChance, priceOf, REPAIRS, repairsFor, VERIFY_MINUTES, workshopPrice } from '../knowledge/repairs/all';
import type { RepairRecord } from '../knowledge/repairs/repair';
import { minutesToOpen, openingsFor, type Opening } from '../knowledge/setups';
import type { PlacedFault, State, States } from './states';

/** What a repair makes of one state: cured with a chance, else one of the states that are left. */
export interface Effect {
  readonly cured: number;
  readonly left: readonly (readonly [state: number, chance: number])[];
}

/** A repair that some state may need, at its place. */
export interface RepairOption {
  readonly record: RepairRecord;
  readonly channel: Channel | null;
  readonly openings: readonly Opening[];
  readonly price: number;
  /** By state. */
  readonly effects: readonly Effect[];
  /** Erasing old codes is no repair: it costs no try and proves itself. */
  readonly isErase: boolean;
}

/** Whether a repair at a place reaches a fault. */
function reaches(record: RepairRecord, channel: Channel | null, fault: PlacedFault): boolean {
  return record.ofCar || fault.channel === channel || fault.channel === null;
}

function cureOf(record: RepairRecord, fault: Cause): number {
  const { action, segment } = record;
  if (!action || !segment) return fault === 'stale-code' ? 1 : 0;
  return cureChance({ action, segment }, faultRow(fault).id);
}

function effectOf(record: RepairRecord, channel: Channel | null, from: number, state: State, states: States): Effect {
  let outcomes: { readonly faults: readonly PlacedFault[]; readonly chance: number }[] = [{ faults: [], chance: 1 }];
  for (const fault of state.faults) {
    const cured = reaches(record, channel, fault) ? cureOf(record, fault.fault) : 0;
    outcomes = outcomes.flatMap((outcome) => [
      ...(cured > 0 ? [{ faults: outcome.faults, chance: outcome.chance * cured }] : []),
      ...(cured < 1 ? [{ faults: [...outcome.faults, fault], chance: outcome.chance * (1 - cured) }] : []),
    ]);
  }
  const cured = outcomes.find((outcome) => outcome.faults.length === 0)?.chance ?? 0;
  const left = outcomes
    .filter((outcome) => outcome.faults.length > 0)
    .map(({ faults, chance }) => [states.left(from, faults), chance] as const);
  return { cured, left };
}

/** Repairs that were made and changed nothing: nobody makes the same one at the same place again. */
function repairsInVain(file: CaseFile): ReadonlySet<string> {
  const failed = (file.repairs ?? []).filter((repair) => repair.result === 'no-change');
  return new Set(failed.map((repair) => `${repair.action}:${repair.segment}@${repair.channel ?? ''}`));
}

/**
 * The repairs that the states may call for, each once a place; an erase stands for cars with nothing wrong.
 * @param states what may be wrong. @param file the case: prices, places, repairs made in vain.
 * @returns options in the order in which states first need them, the erase last.
 * @example repairOptions(STATES, CASE).at(-1).isErase // => true
 */
export function repairOptions(states: States, file: CaseFile): readonly RepairOption[] {
  const inVain = repairsInVain(file);
  const found = new Map<string, { record: RepairRecord; channel: Channel | null }>();
  for (const state of states.all)
    for (const { channel, fault } of state.faults) {
      if (fault === 'stale-code') continue;
      for (const record of repairsFor(fault)) {
        const key = record.ofCar ? record.repair : `${record.repair}@${channel ?? ''}`;
        if (!inVain.has(`${record.repair}@${channel ?? ''}`) && !found.has(key)) found.set(key, { record, channel });
      }
    }
  const erase = REPAIRS.find((record) => record.repair === 'clear') as RepairRecord;
  return [...found.values(), { record: erase, channel: null }].map(({ record, channel }) => ({
    record,
    channel,
    openings: openingsFor(record.setups, file, channel),
    price: record.workshop ? workshopPrice(file) : priceOf(record, file),
    effects: states.all.map((state, from) =>
      record.repair === 'clear' && state.faults.length === 0
        ? { cured: 1, left: [] }
        : effectOf(record, channel, from, state, states),
    ),
    isErase: record.repair === 'clear',
  }));
}

/** What is known of the job beside its states, for pricing a repair. */
export interface Circumstances {
  /** Keys of what stands open. */
  readonly open: ReadonlySet<string>;
  /** A repair whose part is already paid for, as `repair@channel`; null for none. */
  readonly inHand: string | null;
  /** Wires whose bad place has been seen, as `part@channel`: nobody has to search for it. */
  readonly located: ReadonlySet<string>;
  /** Whether codes have been erased since they were recorded: then a sound car needs only watching. */
  readonly isErased: boolean;
}

/**
 * What a repair takes in given circumstances: minutes with set-ups and proof, and money.
 * @param option the repair. @param at the circumstances. @param file the case.
 * @returns minutes and money; a workshop's job takes the owner no minutes here.
 * @example repairPrice(OPTIONS.at(-1), { open: new Set(), inHand: null, located: new Set(), isErased: false }, CASE).money // => 0
 */
export function repairPrice(
  { record, channel, openings, price }: RepairOption,
  at: Circumstances,
  file: CaseFile,
): { readonly minutes: number; readonly money: number } {
  const { locating } = record;
  const found = locating && at.located.has(`${locating.look}@${channel ?? ''}`) ? locating.minutes : 0;
  const minutes = record.minutes - found + minutesToOpen(openings, at.open, file);
  const isPaid = at.inHand === `${record.repair}@${channel ?? ''}`;
  return { minutes: record.repair === 'clear' ? minutes : minutes + VERIFY_MINUTES, money: isPaid ? 0 : price };
}
