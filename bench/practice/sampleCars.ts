import type { Vehicle } from '../../core/casefile/contract';
import type { Channel, SensorType } from '../../core/casefile/words';
import { copperAt } from '../../core/quantities/copper';
import type { Car, Corner } from '../car/corner';
import type { Seen } from '../monitor/codes';
import type { Strategy } from '../monitor/strategy';
import type { HiddenFault } from '../world';
import { texts } from '#words/screens/practice';

/** A car of the sample garage on the bench: made up, and what its owner has written down of it agrees with its physics. */
export interface SampleCar {
  readonly vehicle: Vehicle;
  readonly type: SensorType;
  readonly faults: readonly HiddenFault[];
  readonly history: readonly Seen[];
  /** What is particular to it, beside the drawn fault. */
  readonly particular: (car: Car) => Car;
  readonly strategy: Partial<Strategy>;
}

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

function allOf<T>(channels: readonly Channel[], type: T): Partial<Record<Channel, T>> {
  return Object.fromEntries(channels.map((channel) => [channel, type]));
}

/** A 2009 estate, shared by an allotment society. */
export const TANSY: Vehicle = {
  name: texts.tansy,
  channels: FOUR,
  sensorTypes: allOf(FOUR, 'passive'),
  places: {
    'front-left': { sensor: 'knuckle', plug: 'arch-liner' },
    'front-right': { sensor: 'knuckle', plug: 'arch-liner' },
    'rear-left': { sensor: 'knuckle', plug: 'sill' },
    'rear-right': { sensor: 'knuckle', plug: 'sill' },
  },
  steeringSide: 'right',
  highVoltage: false,
  supplyNominal: 12,
  specs: {
    sensorResistance: { min: 1000, max: 1400, at: 20 },
    toneRingTeeth: 48,
    ringDiameter: 0.09,
    tyre: '195/65R15',
    torques: { 'sensor-bolt': 8, 'wheel-nut': 110 },
  },
  odometer: 84_200,
};

/** A 2014 hatchback with active sensors and magnetic encoders in the wheel bearings. */
export const BERTIE: Vehicle = {
  name: texts.bertie,
  channels: FOUR,
  sensorTypes: allOf(FOUR, 'active'),
  places: {
    'front-left': { sensor: 'knuckle', plug: 'arch-liner' },
    'front-right': { sensor: 'knuckle', plug: 'arch-liner' },
    'rear-left': { sensor: 'in-bearing', plug: 'underbody' },
    'rear-right': { sensor: 'in-bearing', plug: 'underbody' },
  },
  steeringSide: 'right',
  highVoltage: false,
  supplyNominal: 12,
  specs: { toneRingTeeth: 43, tyre: '185/60R15', torques: { 'sensor-bolt': 9, 'wheel-nut': 100 } },
  odometer: 112_640,
};

const THREE = ['front-left', 'front-right', 'rear-axle'] as const;

/** A 2011 camper on a van base, one sensor on the differential for both rear wheels. */
export const PEBBLE: Vehicle = {
  name: texts.pebble,
  channels: THREE,
  sensorTypes: allOf(THREE, 'passive'),
  places: {
    'front-left': { sensor: 'knuckle', plug: 'arch-liner' },
    'front-right': { sensor: 'knuckle', plug: 'arch-liner' },
    'rear-axle': { sensor: 'differential', plug: 'underbody' },
  },
  steeringSide: 'left',
  highVoltage: false,
  supplyNominal: 12,
  specs: {
    sensorResistance: { min: 1100, max: 1700, at: 20 },
    tyre: '215/70R15',
    torques: { 'sensor-bolt': 10, 'wheel-nut': 160 },
  },
  odometer: 163_900,
};

function at(car: Car, channel: Channel, alter: (corner: Corner) => Corner): Car {
  return { ...car, corners: car.corners.map((corner) => (corner.channel === channel ? alter(corner) : corner)) };
}

/** Every sound coil about this, at 20 °C. */
function withCoils(car: Car, ohm: number): Car {
  const spread = [0.99, 1.01, 1, 1.015];
  return {
    ...car,
    corners: car.corners.map((corner, place) => ({
      ...corner,
      sensor: { ...corner.sensor, coilOhm: ohm * (spread[place] ?? 1) },
    })),
  };
}

const TYPED: Partial<Strategy> = {
  speaks: 'to-readers',
  typed: true,
  dates: true,
  testsAtKeyOn: true,
  confirmsAfter: 1,
  lampGoesOut: 'at-key-on',
  echoes: [],
};

/** The morning after the flooded lane, °C; and what the wet coil shows in it, ohm. */
const LANE_CELSIUS = 9;
const WET_COIL_OHM = 390;

/** Water in the rear-right sensor has bridged part of its coil. */
export const TANSY_FLOODED: SampleCar = {
  vehicle: TANSY,
  type: 'passive',
  faults: [{ channel: 'rear-right', fault: 'sensor-short' }],
  history: [{ kind: 'history', event: 'water', ago: 2 }],
  strategy: { ...TYPED, coilOhm: { least: 500, most: 8_000 } },
  particular: (car) =>
    at(
      withCoils({ ...car, partCelsius: LANE_CELSIUS, batteryVolt: 12.58, crankingVolt: 10.6 }, 1172),
      'rear-right',
      (corner) => ({
        ...corner,
        sensor: {
          ...corner.sensor,
          coilOhm: copperAt(WET_COIL_OHM, LANE_CELSIUS, 20),
          insulationOhm: 4e8,
          strength: 0.3,
          look: 'wet',
        },
      }),
    ),
};

/** Front left is deaf since its wheel bearing was pressed in the wrong way round. */
export const BERTIE_DEAF: SampleCar = {
  vehicle: BERTIE,
  type: 'active',
  faults: [{ channel: 'front-left', fault: 'ring-wrong' }],
  history: [{ kind: 'history', event: 'wheel-bearing', channel: 'front-left', ago: 7 }],
  strategy: { ...TYPED, silentByte: '31' },
  particular: (car) =>
    at(car, 'front-left', (corner) => ({ ...corner, ring: { ...corner.ring, kind: 'reversed', look: 'reversed' } })),
};

/** The loom breaks strand by strand where it passes the waste-water tank. */
export const PEBBLE_LOOM: SampleCar = {
  vehicle: PEBBLE,
  type: 'passive',
  faults: [{ channel: 'rear-axle', fault: 'loom-intermittent' }],
  history: [],
  strategy: { ...TYPED, passingByte: '1F' },
  particular: (car) =>
    at(withCoils(car, 1376), 'rear-axle', (corner) => ({
      ...corner,
      loom: { ...corner.loom, shaky: { by: 'shaking', opensAtRest: 0.04, opensUnder: 0.85 }, look: 'chafed' },
    })),
};
