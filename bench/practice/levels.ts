import type { FaultId } from '../../core/knowledge/faults';
import { texts } from '#words/screens/practice';

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

export type LevelId = 'first' | 'bearing' | 'tank' | 'easy' | 'fair' | 'nasty' | 'twin';

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
    name: texts.tansyAfterTheFlooded,
    words: texts.aFirstCarOne,
    faults: ['sensor-short'],
    pairs: false,
    dropAfter: 7,
  },
  {
    id: 'bearing',
    name: texts.bertieSinceTheWheel,
    words: texts.activeSensorsTheMeter,
    faults: ['ring-wrong'],
    pairs: false,
    dropAfter: null,
  },
  {
    id: 'tank',
    name: texts.pebbleNowAndThen,
    words: texts.oneSensorForBoth,
    faults: ['loom-intermittent'],
    pairs: false,
    dropAfter: null,
  },
  {
    id: 'easy',
    name: texts.easy,
    words: texts.whoLooksAlongThe,
    faults: SEEN_BY_EYE,
    pairs: false,
    dropAfter: null,
  },
  {
    id: 'fair',
    name: texts.fair,
    words: texts.theEyeIsNot,
    faults: FOUND_BY_METER,
    pairs: false,
    dropAfter: null,
  },
  {
    id: 'nasty',
    name: texts.nasty,
    words: texts.comesAndGoesSits,
    faults: WELL_HIDDEN,
    pairs: true,
    dropAfter: 3,
  },
];

/** A car as another job's owner knows it, whose fault is drawn from what the adviser believes of that job. */
export const TWIN: Level = {
  id: 'twin',
  name: texts.aCarLikeYours,
  words: texts.theSameVehicleIts,
  faults: [],
  pairs: true,
  dropAfter: null,
};

/**
 * The level of an id. @throws RangeError for one that there isn't.
 * @example levelOf('first').faults // => ["sensor-short"]
 */
export function levelOf(id: string): Level {
  const level = [...LEVELS, TWIN].find((level) => level.id === id);
  if (!level) throw new RangeError(`there is no level "${id}"`);
  return level;
}
