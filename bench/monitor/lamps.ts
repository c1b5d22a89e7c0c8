import type { ObservationOf } from '../../core/casefile/contract';
import type { Car } from '../car/corner';
import type { Chance } from '../chance';
import type { Seen } from './codes';
import type { MovingFinding, Trip } from './drive';
import { isLampLit, type Memory } from './memory';
import type { Strategy } from './strategy';

type Pattern = NonNullable<ObservationOf<'lamps'>['pattern']>[number];

/** How often an owner can say how the lamps behave, and how often one notices what brings them on. */
const TOLD = 0.85;
const NOTICED = 0.5;
const SAGS_VOLT = 9.4;

/** What all findings of some drives have in common, of what does not act all the time. */
function conditionsOf(moving: readonly MovingFinding[]): readonly Pattern[] {
  const always = (acts: (finding: MovingFinding) => boolean): boolean => moving.length > 0 && moving.every(acts);
  return [
    ...(always((finding) => finding.moment.isSteered) ? (['when-turning'] as const) : []),
    ...(always((finding) => finding.moment.moved === 'all' && !finding.moment.isSteered)
      ? (['on-bumps'] as const)
      : []),
    ...(always((finding) => finding.moment.isHot) ? (['when-hot'] as const) : []),
    ...(always((finding) => finding.moment.isWet) ? (['when-wet'] as const) : []),
  ];
}

/** How the lamps behaved on the last drives: a lamp that only a clean drive puts out is lit from key-on where every drive fails. */
function patternOf(trips: readonly Trip[], isLatched: boolean, strategy: Strategy, chance: Chance): readonly Pattern[] {
  const found = trips.filter((trip) => trip.atKeyOn.length + trip.moving.length > 0);
  const isEveryTime = found.length === trips.length;
  const isAtKey = found.every((trip) => trip.atKeyOn.length > 0) || strategy.lampGoesOut === 'after-drive';
  if (isLatched || (isEveryTime && isAtKey)) return ['steady-from-key-on'];
  const moving = found.flatMap((trip) => trip.moving);
  const isLasting = isEveryTime && found.every((trip) => !trip.isPassing);
  if (isLasting) return ['after-moving-off'];
  const conditions = conditionsOf(moving).filter(() => chance.hits(NOTICED));
  return ['intermittent', ...conditions];
}

/**
 * What an owner can tell of the lamps before anything is opened.
 * @param car the car. @param memory of its module. @param trips the last drives. @param strategy whether its lamp latches. @param chance draws what is told.
 * @returns the observation.
 * @example lampsSeen(SOUND, [], [], MODULE, chance()).lit // => []
 */
export function lampsSeen(car: Car, memory: Memory, trips: readonly Trip[], strategy: Strategy, chance: Chance): Seen {
  const sags = car.crankingVolt < SAGS_VOLT;
  const isShared = car.feedDropVolt > 2 || !car.brakeSwitchWorks || sags;
  const hasFailed = trips.some((trip) => trip.atKeyOn.length + trip.moving.length > 0);
  const isLatched = strategy.lampGoesOut === 'after-erase' && isLampLit(memory, strategy);
  const isLit = hasFailed || isLatched || isShared || (car.fluidIsLow && chance.hits(0.4));
  const many = sags && chance.hits(0.5) ? (['engine', 'airbag', 'service'] as const) : [];
  const lit = [
    ...(isLit ? (['abs', 'stability'] as const) : []),
    ...(car.fluidIsLow ? (['brake-red'] as const) : []),
    ...many,
  ];
  if (!isLit || !chance.hits(TOLD)) return { kind: 'lamps', lit };
  const isAtKey = isShared && !hasFailed;
  return {
    kind: 'lamps',
    lit,
    pattern: isAtKey ? ['steady-from-key-on'] : [...patternOf(trips, isLatched, strategy, chance)],
  };
}
