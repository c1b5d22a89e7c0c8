import { faultRow, type FaultId } from '../core/knowledge/faults';
import type { Vehicle } from '../core/casefile/contract';
import type { Channel, SensorType } from '../core/casefile/words';
import { breakCar } from './car/breakages';
import { typicalCoilOhm, type Car } from './car/corner';
import { soundCar } from './car/soundCar';
import type { Chance } from './chance';
import { AT_CORNER, DRAGS_ALONG, OF_CAR, ROT_SPREADS_SHARE, SECOND_CORNER_SHARE, weightsOf } from './frequencies';
import { drawMeter } from './meter/kinds';
import { flashMeanings, codeOf, type Seen } from './monitor/codes';
import type { Trip } from './monitor/drive';
import { remembered, type Memory } from './monitor/memory';
import { onTheRoad, WET_SHARE } from './monitor/monitor';
import { drawStrategy, type Strategy } from './monitor/strategy';
import { drawNames } from './reader/names';
import { World, type HiddenFault, type Made } from './world';

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
  if (share < SHARED_SHARE) return [{ channel: null, fault: chance.weighted(weightsOf(OF_CAR, type)) }];
  const channel = chance.pick(channels);
  if (share < SHARED_SHARE + STALE_SHARE) return [{ channel, fault: 'stale-code' }];
  const fault = chance.weighted(weightsOf(AT_CORNER, type, (which) => weigh(faultRow(which).segment)));
  const along = DRAGS_ALONG.find((row) => row.first === fault && chance.hits(row.share));
  const elsewhere = secondCorner(fault, channel, channels, type, chance);
  return [{ channel, fault }, ...(along ? [{ channel, fault: along.then }] : []), ...elsewhere];
}

/** What is wrong at another corner: rot in the shared plug, or a fault of its own. */
function secondCorner(
  fault: FaultId,
  channel: Channel,
  channels: readonly Channel[],
  type: SensorType,
  chance: Chance,
): HiddenFault[] {
  const other = chance.pick(channels.filter((corner) => corner !== channel));
  if (fault === 'module-plug-corroded') return chance.hits(ROT_SPREADS_SHARE) ? [{ channel: other, fault }] : [];
  const isOwn = fault !== 'loom-crossed' && chance.hits(SECOND_CORNER_SHARE);
  const second = chance.weighted(weightsOf(AT_CORNER, type));
  return isOwn && second !== 'loom-crossed' ? [{ channel: other, fault: second }] : [];
}

function historyOf(faults: readonly HiddenFault[], channels: readonly Channel[], chance: Chance): Seen[] {
  const entry = faults.flatMap((fault): Seen[] => {
    const work = AFTER_WORK[fault.fault];
    if (!work || !chance.hits(work[1])) return [];
    return [
      {
        kind: 'history',
        event: work[0],
        ...(fault.channel ? { channel: fault.channel } : {}),
        ago: chance.whole(1, 30),
      },
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
  return [...entry, ...beside];
}

/** A fault that nobody notices brings nobody to Zelf: such cars are drawn again, as severe as it takes. */
const MOST_DRAWS = 40;
/** Drives with the fault before anybody looks, and how far an old code lies back, km. */
const DRIVES_BEFORE = 4;
const LEAST_OLD_KM = 200;
const MOST_OLD_KM = 20_000;
const DRIVE_KM = 8;

/**
 * A random car with its faults drawn by the bench's own frequencies, its physics by physical ranges. Each subject draws from a branch of its own, so that a new draw in one reshuffles no other.
 * @param chance draws. @param weigh multiplies how often faults of a segment are drawn; 1 for all unless given.
 * @returns the world, ready to be looked at; its lamps are lit, or a code is stored.
 * @example drawWorld(chance()).faults.length > 0 // => true
 */
export function drawWorld(chance: Chance, weigh: (segment: string) => number = () => 1): World {
  return new World(drawMade(chance, weigh), chance.branch('life'));
}

/**
 * The same as plain data, for whoever wants several worlds of one car.
 * @example drawMade(chance()).car.corners.length // => 4
 */
export function drawMade(chance: Chance, weigh: (segment: string) => number = () => 1): Made {
  const kind = chance.branch('kind');
  const channels = kind.hits(0.9) ? FOUR : THREE;
  const type = kind.pick(['passive', 'active'] as const);
  const faults = drawFaults(type, channels, chance.branch('faults'), weigh);
  let made = makeCar(channels, type, faults, chance.branch('car 0'));
  for (let draw = 1; draw <= MOST_DRAWS && !isNoticed(made); draw += 1)
    made = makeCar(channels, type, faults, chance.branch(`car ${draw}`));
  return made;
}

function isNoticed({ memory, car }: Made): boolean {
  return memory.length > 0 || car.fluidIsLow;
}

/** What the module has kept of long ago: codes whose cause has gone. */
function oldCodes(faults: readonly HiddenFault[], strategy: Strategy, odometerKm: number, chance: Chance): Memory {
  return faults.reduce<Memory>((memory, { fault, channel }) => {
    if (fault !== 'stale-code' || !channel) return memory;
    const byte = chance.pick(['13', '1F', '31', '2F']);
    const by = byte === '13' ? 'circuit' : 'signal';
    const odometer = Math.max(0, odometerKm - Math.round(chance.logBetween(LEAST_OLD_KM, MOST_OLD_KM)));
    const frame = { odometerKm: odometer, kmh: by === 'circuit' ? 0 : 30, volt: 12.4, celsius: 15 };
    const kept = remembered(
      memory,
      codeOf({ channel, byte, by }, strategy),
      frame,
      { ...strategy, confirmsAfter: 1 },
      false,
    );
    return kept.map((entry) => ({ ...entry, failedThisCycle: false, clean: 1 }));
  }, []);
}

/** The last drives before anybody looks: what the module found on them, and has kept. */
function lived(
  car: Car,
  old: Memory,
  strategy: Strategy,
  odometerKm: number,
  chance: Chance,
): { readonly memory: Memory; readonly trips: readonly Trip[] } {
  const trips: Trip[] = [];
  let memory = old;
  for (let drive = DRIVES_BEFORE; drive >= 1; drive -= 1) {
    const at = odometerKm - (drive - 1) * DRIVE_KM;
    const road = onTheRoad(car, memory, strategy, at, chance.hits(WET_SHARE), chance);
    trips.push(road.trip);
    memory = road.memory;
  }
  return { memory, trips };
}

/**
 * A car with given faults. @param channels its channels. @param type its sensors. @param faults what is broken. @param chance draws severity, strategy, what is known.
 * @returns the world.
 * @example makeWorld(['front-left', 'front-right', 'rear-axle'], 'passive', [{ channel: 'rear-axle', fault: 'lead-open' }], chance()).vehicle.channels // => ["front-left","front-right","rear-axle"]
 */
export function makeWorld(
  channels: readonly Channel[],
  type: SensorType,
  faults: readonly HiddenFault[],
  chance: Chance,
): World {
  return new World(makeCar(channels, type, faults, chance), chance.branch('life'));
}

function vehicleOf(car: Car, type: SensorType, strategy: Strategy, odometerKm: number, chance: Chance): Vehicle {
  const channels = car.corners.map((corner) => corner.channel);
  const plug = chance.pick(['bonnet', 'arch-liner', 'sill'] as const);
  const coil = chance.hits(0.5) && type === 'passive';
  const ohm = typicalCoilOhm(car);
  const band = { min: Math.round(ohm * 0.85), max: Math.round(ohm * 1.15), at: 20 };
  return {
    name: 'Practice car',
    channels,
    odometer: odometerKm,
    steeringSide: chance.pick(['left', 'right'] as const),
    places: Object.fromEntries(
      channels.map((channel) => [
        channel,
        channel === 'rear-axle'
          ? { sensor: 'differential' as const, plug: 'underbody' as const }
          : { sensor: 'knuckle' as const, plug },
      ]),
    ),
    ...(chance.hits(0.7) ? { sensorTypes: Object.fromEntries(channels.map((channel) => [channel, type])) } : {}),
    ...(coil ? { specs: { sensorResistance: band } } : {}),
    ...(strategy.speaks === 'by-lamp' && chance.hits(0.85) ? { codeMeanings: flashMeanings(channels) } : {}),
  };
}

/** What is particular to a car beside its drawn faults. */
export interface Particulars {
  readonly vehicle?: Vehicle;
  readonly history?: readonly Seen[];
  readonly strategy?: Partial<Strategy>;
  readonly car?: (car: Car) => Car;
}

/**
 * A car with given faults, as plain data: broken, driven for some days, and brought to whoever looks.
 * @param channels its channels. @param type its sensors. @param faults what is broken. @param chance draws the rest. @param own what is particular to it.
 * @returns the car.
 * @example makeCar(['front-left', 'rear-axle'], 'active', [{ channel: 'rear-axle', fault: 'lead-open' }], chance()).car.corners.map(({ type }) => type) // => ["active","active"]
 */
export function makeCar(
  channels: readonly Channel[],
  type: SensorType,
  faults: readonly HiddenFault[],
  chance: Chance,
  own: Particulars = {},
): Made {
  const strategy = { ...drawStrategy(type, chance.branch('strategy')), ...own.strategy };
  const odometerKm = own.vehicle?.odometer ?? chance.branch('odometer').whole(45_000, 210_000);
  const drawn = faults.reduce(
    (broken, fault) => breakCar(broken, fault.fault, fault.channel, chance.branch(`damage ${fault.fault}`)),
    soundCar(channels, type, chance.branch('sound car')),
  );
  const car = own.car ? own.car(drawn) : drawn;
  const old = oldCodes(faults, strategy, odometerKm, chance.branch('old codes'));
  const { memory, trips } = lived(car, old, strategy, odometerKm, chance.branch('past'));
  return {
    car,
    faults,
    vehicle: own.vehicle ?? vehicleOf(car, type, strategy, odometerKm, chance.branch('vehicle')),
    strategy,
    meter: drawMeter(chance.branch('meter')),
    names: drawNames(chance.branch('names')),
    history: own.history ?? historyOf(faults, channels, chance.branch('history')),
    memory,
    trips,
    odometerKm,
  };
}
