import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { LADDERS } from '../knowledge/guide/ladders';
import { repairRecord } from '../knowledge/repairs/all';
import { minutesToOpen, openingsFor } from '../knowledge/setups';
import { climbOf } from './climb';
import { workState } from './workState';

/** Minutes that are left of a repair. */
export interface HowLong {
  /** All gives way by hand. */
  readonly best: number;
  readonly usual: number;
  /** The whole ladder has to be climbed, waiting included. */
  readonly bad: number;
  /** Rungs that were climbed without success. */
  readonly climbed: number;
}

/** What was opened is closed in about half the time (trade experience). */
const CLOSING = 0.5;
/** On a usual day a sensor that sat for years gives at the third rung: cleaned, soaked, turned. */
const USUAL_RUNGS = 3;
/** On a bad day all other work takes half as long again. */
const BAD = 1.5;

/** Set-ups of the planner that stand open by the guide's steps. */
function standing(file: CaseFile, channel: Channel | null): ReadonlySet<string> {
  const keys = ['raised', 'wheel-off', 'plug-apart', 'sensor-out'].map((step) => `${step}@${channel ?? 'car'}`);
  return new Set([...keys, 'module-plug-apart'].filter((key) => workState(file, key).done));
}

/**
 * What is left of a repair, in minutes, as a range: it grows as rungs are climbed in vain.
 * @param file the case: places, and `work`. @param repair such as `replaced:sensor`. @param channel the corner, null for the car.
 * @returns best, usual and bad day; null for a repair that is not in the tables.
 * @example howLong(CASE, 'reseated:plug', 'front-right')?.climbed // => 0
 */
export function howLong(file: CaseFile, repair: string, channel: Channel | null): HowLong | null {
  const record = repairRecord(repair);
  if (!record) return null;
  const openings = openingsFor(record.setups, file, channel);
  const open = standing(file, channel);
  const toOpen = minutesToOpen(openings, open, file);
  const whole = minutesToOpen(openings, new Set(), file);
  const base = toOpen + record.minutes + CLOSING * whole;
  const isSensorOut = open.has(`sensor-out@${channel ?? 'car'}`);
  const hasLadder = record.setups.includes('sensor-out') && !isSensorOut;
  if (!hasLadder) return { best: Math.round(base), usual: Math.round(base), bad: Math.round(BAD * base), climbed: 0 };
  const { tried, now } = climbOf(file, 'stuck-sensor', channel);
  const { rungs } = LADDERS['stuck-sensor'];
  const from = now ? rungs.indexOf(now) : 0;
  const climbed = new Set(tried.filter(({ result }) => result !== 'out').map(({ rung }) => rung.id)).size;
  const ahead = rungs.slice(from);
  const sum = (some: typeof rungs): number =>
    some.reduce((all, { minutes, soakMinutes = 0 }) => all + minutes + soakMinutes, 0);
  const least = climbed > 0 ? sum(ahead.slice(0, 1)) : 0;
  return {
    best: Math.round(base + least),
    usual: Math.round(base + sum(ahead.slice(0, USUAL_RUNGS))),
    bad: Math.round(BAD * base + sum(ahead)),
    climbed,
  };
}
