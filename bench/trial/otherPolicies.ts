import type { Channel } from '../../core/casefile/words';
import { meaningFor } from '../../core/codes/meaningFor';
import type { Seen } from '../monitor/codes';
import type { World } from '../world';
import { Ledger, type Outcome } from './ledger';

/** Repairs by how often their segment is the cause, for those who fit parts until the lamp stays out. */
const PRIOR_ORDER: readonly string[] = [
  'cleaned:plug',
  'repaired-wire:loom',
  'replaced:ring',
  'reseated:gap',
  'replaced:gap',
  'cleaned:module',
  'charged:supply',
];

/** The wheel that codes name, the current ones first. */
function namedChannel(ledger: Ledger): Channel | null {
  const codes = ledger.file.observations.flatMap((observation) => (observation.kind === 'code' ? [observation] : []));
  const sorted = [...codes].sort((a, b) => Number(b.status === 'current') - Number(a.status === 'current'));
  return (
    sorted
      .map((observation) => meaningFor(observation, ledger.file.vehicle).channel)
      .find((channel) => channel !== null) ?? null
  );
}

/**
 * Part first: fit the sensor that the code names, then its other segments' repairs in prior order.
 * @param world the car. @returns how it went.
 * @example partFirst(worldWith('sensor-open')).partsForNothing // => 0
 */
export function partFirst(world: World): Outcome {
  const ledger = new Ledger(world);
  ledger.check('code', null);
  const channel = namedChannel(ledger);
  if (!channel) return ledger.close(world.isSound);
  for (const repair of ['replaced:sensor', ...PRIOR_ORDER])
    if (ledger.repair(repair, channel) === 'fixed') return ledger.close(false);
  return ledger.close(false);
}

function findingOf(seen: readonly Seen[]): string {
  const [entry] = seen;
  return entry?.kind === 'look' ? entry.finding : 'sound';
}

function ohmOf(seen: readonly Seen[]): number {
  const [entry] = seen;
  if (entry?.kind !== 'meter') return NaN;
  return entry.value === 'overload' ? Infinity : entry.value;
}

/** Electrical steps of the chart at one corner; the repair that they call for, or null to look further. */
function electrical(ledger: Ledger, channel: Channel): string | null {
  if (findingOf(ledger.check('look:lead', channel)) !== 'sound') return 'repaired-wire:lead';
  const plug = findingOf(ledger.check('look:plug', channel));
  if (plug === 'corroded' || plug === 'wet') return 'cleaned:plug';
  if (plug !== 'sound') return 'reseated:plug';
  if (ledger.world.corner(channel)?.type === 'passive') {
    const coil = ohmOf(ledger.check('meter:sensor:resistance', channel));
    if (coil < 500 || coil > 3000) return 'replaced:sensor';
    const end = ohmOf(ledger.check('meter:module-end:resistance', channel));
    return Math.abs(end - coil) > 0.1 * coil ? 'repaired-wire:loom' : null;
  }
  const supply = ohmOf(ledger.check('meter:supply-at-plug:dc-voltage', channel));
  return supply < 5 ? 'repaired-wire:loom' : null;
}

const RING_REPAIRS: Readonly<Record<string, string>> = { debris: 'cleaned:ring', sound: '' };

/**
 * A fixed chart: code, erase and read again, lead and plug, coil or supply, module end, ring and gap, then sensor, loom, module.
 * @param world the car. @returns how it went.
 * @example flowchart(worldWith('sensor-open')).checks > partFirst(worldWith('sensor-open')).checks // => true
 */
export function flowchart(world: World): Outcome {
  const ledger = new Ledger(world);
  ledger.check('code', null);
  const channel = namedChannel(ledger);
  const [erased] = ledger.check('clear', null);
  if (erased?.kind === 'clear' && erased.result === 'stayed-clear') return ledger.close(world.isSound);
  if (!channel) return ledger.close(false);
  const found = electrical(ledger, channel);
  const chart = found ? [found] : [];
  if (!found) {
    const ring = findingOf(ledger.check('look:ring', channel));
    if (ring !== 'sound') chart.push(RING_REPAIRS[ring] || 'replaced:ring');
    if (findingOf(ledger.check('look:gap', channel)) !== 'sound') chart.push('reseated:gap');
  }
  for (const repair of [...new Set([...chart, 'replaced:sensor', 'repaired-wire:loom'])])
    if (ledger.repair(repair, channel) === 'fixed') return ledger.close(false);
  return ledger.close(world.faults.some((fault) => fault.fault === 'module-input'));
}

/**
 * Somebody who knows: makes just the repairs that are needed. The floor.
 * @param world the car. @returns how it went.
 * @example knowsTheFault(worldWith('sensor-open')).checks // => 0
 */
export function knowsTheFault(world: World): Outcome {
  const ledger = new Ledger(world);
  if (world.faults.some((fault) => fault.fault === 'module-input')) return ledger.close(true);
  for (const repair of world.rightRepairs) {
    if (repair.repair === 'clear') ledger.check('clear', null);
    else ledger.repair(repair.repair, repair.channel);
  }
  return ledger.close(false);
}
