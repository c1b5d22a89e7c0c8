import { assess } from '../judgement/assess';
import type { CaseFile, Cost, Repair } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import type { FaultId } from '../knowledge/faults';
import { curesFully } from '../knowledge/repairs/all';

/** What turned out to be at fault, as far as the repair that helped tells. */
export interface Found {
  readonly fault: FaultId;
  readonly channel: Channel | null;
  readonly repair: Repair;
}

/**
 * The fault that a finished job turned out to have: the likeliest one, just before the repair that helped, of those which that repair cures.
 * @param file the job. @returns null while no repair is known to have helped.
 * @example foundIn({ ...CASE, repairs: [] }) // => null
 */
export function foundIn(file: CaseFile): Found | null {
  const repairs = file.repairs ?? [];
  const at = repairs.findLastIndex(({ result }) => result === 'fixed');
  const repair = repairs[at];
  if (!repair) return null;
  const end = repair.after == null ? 0 : file.observations.findIndex(({ id }) => id === repair.after) + 1;
  const before = {
    ...file,
    observations: file.observations.slice(0, end),
    repairs: repairs.slice(0, at),
    work: [],
    ending: null,
  };
  const name = `${repair.action}:${repair.segment}`;
  const row = assess(before).ranking.find(
    ({ fault, channel }) =>
      fault !== 'none' && curesFully(name, fault) && (channel === null || channel === (repair.channel ?? channel)),
  );
  return row && row.fault !== 'none'
    ? { fault: row.fault, channel: row.channel ?? repair.channel ?? null, repair }
    : null;
}

/**
 * What a job paid for and did not need: parts bought for nothing, and repairs that changed nothing.
 * @example forNothingIn({ ...CASE, costs: [], repairs: [] }).repairs.length // => 0
 */
export function forNothingIn(file: CaseFile): { readonly costs: readonly Cost[]; readonly repairs: readonly Repair[] } {
  return {
    costs: (file.costs ?? []).filter(({ use }) => use === 'wasted'),
    repairs: (file.repairs ?? []).filter(({ result }) => result === 'no-change'),
  };
}
