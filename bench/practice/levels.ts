import type { FaultId } from '../../core/adviser/faults';
import { chanceFrom } from '../chance';
import { drawWorld, makeWorld } from '../drawWorld';
import type { World } from '../world';

/** How hard a practice car is. */
export interface Level {
  readonly id: LevelId;
  readonly name: string;
  readonly words: string;
  /** Faults that are drawn; a second one beside them only where `pairs`. */
  readonly faults: readonly FaultId[];
  readonly pairs: boolean;
  /** The reader's first link is lost after so many answers; null: it holds. */
  readonly dropAfter: number | null;
}

export type LevelId = 'first' | 'easy' | 'fair' | 'nasty';

const SEEN_BY_EYE: readonly FaultId[] = [
  'plug-loose',
  'plug-corroded',
  'ring-debris',
  'sensor-dirty',
  'gap-wide',
  'lead-short',
  'bearing-play',
  'ring-swollen',
];
const FOUND_BY_METER: readonly FaultId[] = [
  'sensor-open',
  'sensor-short',
  'sensor-dead',
  'sensor-weak',
  'sensor-damaged',
  'lead-open',
  'loom-open',
  'loom-short-to-ground',
  'ring-damaged',
  'battery-low',
];
const WELL_HIDDEN: readonly FaultId[] = [
  'lead-intermittent',
  'loom-intermittent',
  'sensor-intermittent',
  'loom-crossed',
  'loom-short-across',
  'loom-short-to-supply',
  'module-plug-corroded',
  'module-input',
  'module-supply',
  'ring-wrong',
  'stale-code',
  'tyre-mismatch',
];

export const LEVELS: readonly Level[] = [
  {
    id: 'first',
    name: 'A first car',
    words: 'One corner, one code, a meter. Its reader has a loose plug.',
    faults: ['sensor-short'],
    pairs: false,
    dropAfter: 5,
  },
  {
    id: 'easy',
    name: 'Easy',
    words: 'Who looks along the path will see it.',
    faults: SEEN_BY_EYE,
    pairs: false,
    dropAfter: null,
  },
  {
    id: 'fair',
    name: 'Fair',
    words: 'The eye is not enough: measure.',
    faults: FOUND_BY_METER,
    pairs: false,
    dropAfter: null,
  },
  {
    id: 'nasty',
    name: 'Nasty',
    words: 'Comes and goes, sits far back, or is not where the code says. The reader may lose its link.',
    faults: WELL_HIDDEN,
    pairs: true,
    dropAfter: 3,
  },
];

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;
/** So many cars are drawn until one fits its level; far more than it ever takes. */
const MOST_DRAWS = 400;

/** The level of an id. @throws RangeError for one that there isn't. */
export function levelOf(id: string): Level {
  const level = LEVELS.find((one) => one.id === id);
  if (!level) throw new RangeError(`there is no level "${id}"`);
  return level;
}

/** A coil that any band calls low, on a car whose sensors are known: the first car is to be found with one reading. */
const SURELY_LOW_OHM = 400;

function firstCar(seed: number): World {
  const made = makeWorld(FOUR, 'passive', [{ channel: 'rear-right', fault: 'sensor-short' }], chanceFrom(seed));
  const coilOhm = made.corner('rear-right')?.sensor.coilOhm ?? Infinity;
  return made.isNoticed && coilOhm < SURELY_LOW_OHM && made.vehicle.sensorTypes ? made : firstCar(seed + 1);
}

/**
 * The practice car of a level and a seed: always the same one for the same two.
 * @param id the level. @param seed whole number. @returns its world. @throws RangeError for an unknown level.
 */
export function drawPractice(id: string, seed: number): World {
  const level = levelOf(id);
  if (level.id === 'first') return firstCar(seed);
  for (let draw = 0; draw < MOST_DRAWS; draw += 1) {
    const world = drawWorld(chanceFrom(seed * 7_919 + draw));
    const [cause, second] = world.faults;
    if (cause && level.faults.includes(cause.fault) && (level.pairs || !second)) return world;
  }
  return firstCar(seed);
}
