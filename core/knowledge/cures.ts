import type { Repair } from '../casefile/contract';
import { SEGMENTS } from '../casefile/words';
import { faultRow, STOPGAPS, type FaultId } from './faults';
import { REPAIR_CURES, REPAIR_CURES_ELSE } from './priors';

/** Repairs that cure a fault by the way, or in part, beside those that the catalogue names. */
const BY_THE_WAY: readonly {
  readonly repair: string;
  readonly fault: FaultId;
  readonly chance: number;
  readonly why: string;
}[] = [
  { repair: 'replaced:sensor', fault: 'sensor-dirty', chance: 0.95, why: 'a new tip is clean' },
  { repair: 'replaced:sensor', fault: 'plug-corroded', chance: 0.4, why: 'its half of the plug is new' },
  { repair: 'replaced:sensor', fault: 'plug-loose', chance: 0.6, why: 'plugged in afresh' },
  { repair: 'replaced:sensor', fault: 'gap-wide', chance: 0.3, why: 'seated afresh, but on the same rust' },
  { repair: 'replaced:sensor', fault: 'ring-debris', chance: 0.15, why: 'the bore is wiped' },
  { repair: 'cleaned:sensor', fault: 'ring-debris', chance: 0.3, why: 'the bore is wiped' },
  { repair: 'cleaned:sensor', fault: 'gap-wide', chance: 0.3, why: 'seated afresh' },
  { repair: 'cleaned:gap', fault: 'gap-wide', chance: 0.8, why: 'rust scraped away' },
  { repair: 'reseated:sensor', fault: 'gap-wide', chance: 0.8, why: 'the same by another name' },
  { repair: 'reseated:plug', fault: 'plug-corroded', chance: 0.3, why: 'pins wipe each other' },
  { repair: 'cleaned:plug', fault: 'plug-loose', chance: 0.9, why: 'latched afresh' },
  { repair: 'repaired-wire:plug', fault: 'plug-corroded', chance: 0.95, why: 'the plug cut away' },
  { repair: 'repaired-wire:plug', fault: 'plug-loose', chance: 0.95, why: 'the plug cut away' },
  { repair: 'replaced:gap', fault: 'ring-wrong', chance: 0.9, why: 'a new bearing brings its encoder' },
  { repair: 'replaced:gap', fault: 'ring-damaged', chance: 0.5, why: 'a new bearing may bring its encoder' },
  { repair: 'replaced:supply', fault: 'battery-low', chance: 0.95, why: 'a new battery' },
];

const PATH: readonly string[] = SEGMENTS;

/**
 * Chance that a repair cures a fault.
 * @param repair what was done. @param fault a fault that is present.
 * @returns 0 to 1.
 * @example cureChance({ action: 'replaced', segment: 'sensor' }, 'lead-open') // => 0.985
 * @example cureChance({ action: 'replaced', segment: 'sensor' }, 'loom-open') // => 0
 */
export function cureChance(repair: Pick<Repair, 'action' | 'segment'>, fault: FaultId): number {
  const name = `${repair.action}:${repair.segment}`;
  const row = faultRow(fault);
  if (row.cures.includes(name)) return REPAIR_CURES[repair.action] ?? REPAIR_CURES_ELSE;
  const listed = BY_THE_WAY.find((entry) => entry.repair === name && entry.fault === fault);
  if (listed) return listed.chance;
  if (STOPGAPS.some((entry) => entry.repair === name && entry.fault === fault)) return 0.6;
  if (row.segment !== repair.segment) return 0;
  if (repair.action === 'replaced' && PATH.includes(repair.segment)) return 0.9;
  return repair.action === 'other' ? 0.5 : 0;
}
