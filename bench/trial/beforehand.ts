import { checkRecord } from '../../core/knowledge/checks/all';
import { ALL_REPAIRS, curesFully } from '../../core/knowledge/repairs/all';
import type { Channel, LookPart } from '../../core/casefile/words';
import type { Chance } from '../chance';
import type { Seen } from '../monitor/codes';
import type { World } from '../world';

/** Who writes down what was done: the ledger of a car. */
interface Keeper {
  readonly world: World;
  record(seen: readonly Seen[]): void;
  recordRepair(repair: string, channel: Channel | null, isProved: boolean): unknown;
}

/** Share of jobs that begin in the middle: something was looked at, measured or fitted before Zelf was asked. */
const MIDWAY_SHARE = 0.4;
/** Of those, the share in which something was mended in vain already, and how often nobody then looked whether it helped. */
const MENDED_SHARE = 0.35;
const UNPROVED_SHARE = 0.5;
/** Checks that owners make of their own accord, without asking whether they tell anything. */
const OWN_CHOICE: readonly string[] = [
  'code',
  'look:lead',
  'look:plug',
  'look:ring',
  'look:sensor',
  'look:battery',
  'look:fuse',
  'meter:sensor:resistance',
  'meter:battery:dc-voltage',
  'live:drive',
];
/** Repairs that are tried on a guess. */
const GUESSES: readonly string[] = [
  'replaced:sensor',
  'cleaned:plug',
  'cleaned:sensor',
  'reseated:plug',
  'charged:supply',
];

/** The corner that the owner has in mind: mostly the right one, for a code or a noise told it. */
const RIGHT_CORNER_SHARE = 0.75;

function cornerInMind(world: World, chance: Chance): Channel {
  const faulty = world.faults.find((fault) => fault.channel !== null)?.channel;
  return faulty && chance.hits(RIGHT_CORNER_SHARE) ? faulty : chance.pick(world.vehicle.channels);
}

/** Whether a repair would help at all: whoever had guessed right would not be here. */
function helps(world: World, repair: string): boolean {
  const record = ALL_REPAIRS.find((known) => known.repair === repair);
  return world.faults.some(
    ({ fault }) => curesFully(repair, fault) || record?.alsoCures?.some((also) => also.fault === fault) === true,
  );
}

/**
 * What was done before Zelf was asked: checks of the owner's own choice, sometimes a repair in vain, whose outcome nobody may have looked at.
 * Nothing of it is paid here: the trial compares what is spent from now on, and every policy meets the same car.
 * @param keeper the car's ledger, new. @param chance draws.
 * @example beforehand({ world: worldWith('lead-open'), record() {}, recordRepair() {} }, chance()) // => undefined
 */
export function beforehand(keeper: Keeper, chance: Chance): void {
  if (!chance.hits(MIDWAY_SHARE)) return;
  const { world } = keeper;
  const corner = cornerInMind(world, chance);
  const checks = Array.from({ length: chance.whole(1, 4) }, () => chance.pick(OWN_CHOICE));
  for (const check of new Set(checks)) {
    const isOfCorner = checkRecord(check)?.of === 'channel';
    const only = checkRecord(check)?.only;
    if (only && world.corner(corner)?.type !== only) continue;
    keeper.record(world.observe(check, isOfCorner || check.startsWith('live') ? corner : null));
  }
  if (!chance.hits(MENDED_SHARE)) return;
  const repair = chance.pick(GUESSES);
  if (!helps(world, repair)) keeper.recordRepair(repair, corner, !chance.hits(UNPROVED_SHARE));
}

/** Share of entries that are written down wrongly. */
const SLIP_SHARE = 0.01;
/** What is written for what, by parts: words that stand beside each other. */
const BESIDE: Readonly<Partial<Record<LookPart, readonly string[]>>> = {
  ring: ['sound', 'scored', 'debris'],
  lead: ['sound', 'unclipped', 'wet'],
  plug: ['sound', 'wet', 'corroded'],
  sensor: ['sound', 'dirty', 'scored'],
  gap: ['sound', 'corroded', 'dirty'],
};
/** A reading's unit taken for the next one. */
const UNIT_SLIP = 1000;

function slipped(seen: Seen, chance: Chance): Seen {
  if (seen.kind === 'meter' && seen.quantity === 'resistance' && typeof seen.value === 'number')
    return { ...seen, value: chance.hits(0.5) ? seen.value * UNIT_SLIP : seen.value / UNIT_SLIP };
  const words = seen.kind === 'look' ? BESIDE[seen.part] : undefined;
  return seen.kind === 'look' && words ? { ...seen, finding: chance.pick(words) } : seen;
}

/**
 * What somebody writes down of what they saw: now and then a wrong word or unit.
 * @param seen what was seen. @param chance draws. @returns what stands in the file.
 * @example writtenDown([], chance()) // => []
 */
export function writtenDown(seen: readonly Seen[], chance: Chance): readonly Seen[] {
  return seen.map((entry) => (chance.hits(SLIP_SHARE) ? slipped(entry, chance) : entry));
}
