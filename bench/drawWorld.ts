import { CHANNEL_FAULTS, SHARED_FAULTS, type FaultId } from '../core/adviser/faults';
import { FAULT_PAIRS } from '../core/adviser/pairs';
import type { Vehicle } from '../core/casefile/contract';
import type { Channel, SensorType } from '../core/casefile/words';
import { breakCar } from './car/breakages';
import { soundCar } from './car/soundCar';
import type { Chance } from './chance';
import { drawStrategy, type Seen } from './monitor';
import { World, type HiddenFault } from './world';

const FOUR: readonly Channel[] = ['front-left', 'front-right', 'rear-left', 'rear-right'];
const THREE: readonly Channel[] = ['front-left', 'front-right', 'rear-axle'];
/** Share of cars whose only trouble is shared by all channels, or an old code. */
const SHARED_SHARE = 0.1;
const STALE_SHARE = 0.05;

/** What work leaves which fault behind, and how often the owner remembers it. */
const AFTER_WORK: Readonly<Partial<Record<FaultId, readonly [Extract<Seen, { kind: 'history' }>['event'], number]>>> = {
  'ring-wrong': ['wheel-bearing', 0.8],
  'loom-crossed': ['wiring-added', 0.85],
  'plug-loose': ['brakes', 0.5],
  'lead-open': ['shock-or-strut', 0.2],
  'lead-intermittent': ['shock-or-strut', 0.15],
  'sensor-short': ['water', 0.25],
  'plug-corroded': ['water', 0.2],
  'tyre-mismatch': ['wheels-or-tyres', 0.8],
  'stale-code': ['flat-battery-event', 0.5],
};

function drawFaults(
  type: SensorType,
  channels: readonly Channel[],
  chance: Chance,
  weigh: (segment: string) => number,
): HiddenFault[] {
  const share = chance.next();
  if (share < SHARED_SHARE)
    return [
      { channel: null, fault: chance.weighted(SHARED_FAULTS.map((one) => [one.id, one.often.passive] as const)) },
    ];
  const channel = chance.pick(channels);
  if (share < SHARED_SHARE + STALE_SHARE) return [{ channel, fault: 'stale-code' }];
  const fault = chance.weighted(CHANNEL_FAULTS.map((one) => [one.id, one.often[type] * weigh(one.segment)] as const));
  const pair = FAULT_PAIRS.find((one) => one.cause === fault && chance.hits(one.chance));
  return [{ channel, fault }, ...(pair ? [{ channel, fault: pair.consequence }] : [])];
}

function historyOf(faults: readonly HiddenFault[], channels: readonly Channel[], chance: Chance): Seen[] {
  const told = faults.flatMap((one): Seen[] => {
    const work = AFTER_WORK[one.fault];
    if (!work || !chance.hits(work[1])) return [];
    return [
      { kind: 'history', event: work[0], ...(one.channel ? { channel: one.channel } : {}), ago: chance.whole(1, 30) },
    ];
  });
  const beside: Seen[] = chance.hits(0.12)
    ? [
        {
          kind: 'history',
          event: chance.pick(['brakes', 'wheels-or-tyres', 'battery'] as const),
          channel: chance.pick(channels),
          ago: chance.whole(20, 200),
        },
      ]
    : [];
  return [...told, ...beside];
}

/** A fault that nobody notices brings nobody to Zelf: such cars are drawn again, as severe as it takes. */
const MOST_DRAWS = 40;

/**
 * A random car with its faults drawn by the priors of the trade, its physics by physical ranges.
 * @param chance draws. @param weigh multiplies how often faults of a segment are drawn; 1 for all unless given.
 * @returns the world, ready to be looked at; its lamps are lit, or a code is stored.
 */
export function drawWorld(chance: Chance, weigh: (segment: string) => number = () => 1): World {
  const channels = chance.hits(0.9) ? FOUR : THREE;
  const type = chance.pick(['passive', 'active'] as const);
  const faults = drawFaults(type, channels, chance, weigh);
  let world = makeWorld(channels, type, faults, chance);
  for (let draw = 0; draw < MOST_DRAWS && !world.isNoticed; draw += 1)
    world = makeWorld(channels, type, faults, chance);
  return world;
}

/**
 * A car with given faults. @param channels its channels. @param type its sensors. @param faults what is broken. @param chance draws severity, strategy, what is known.
 * @returns the world.
 */
export function makeWorld(
  channels: readonly Channel[],
  type: SensorType,
  faults: readonly HiddenFault[],
  chance: Chance,
): World {
  const sound = soundCar(channels, type, chance);
  const car = faults.reduce((broken, one) => breakCar(broken, one.fault, one.channel, chance), sound);
  const coil = sound.corners[0]?.sensor.coilOhm ?? 1200;
  const band = { min: Math.round(coil * 0.85), max: Math.round(coil * 1.15), at: 20 };
  const plug = chance.pick(['bonnet', 'arch-liner', 'sill'] as const);
  const vehicle: Vehicle = {
    name: 'Practice car',
    channels,
    steeringSide: chance.pick(['left', 'right'] as const),
    places: Object.fromEntries(
      channels.map((one) => [
        one,
        one === 'rear-axle'
          ? { sensor: 'differential' as const, plug: 'underbody' as const }
          : { sensor: 'knuckle' as const, plug },
      ]),
    ),
    ...(chance.hits(0.7) ? { sensorTypes: Object.fromEntries(channels.map((one) => [one, type])) } : {}),
    ...(type === 'passive' && chance.hits(0.5) ? { specs: { sensorResistance: band } } : {}),
  };
  return new World(car, faults, vehicle, drawStrategy(chance), historyOf(faults, channels, chance), chance);
}
