import { faultRow } from '../../core/knowledge/faults';
import type { Vehicle } from '../../core/casefile/contract';
import type { Car, Corner } from '../car/corner';
import { chanceFrom } from '../chance';
import { drawWorld, makeCar } from '../drawWorld';
import { AUTORANGING } from '../meter/kinds';
import { namesOf } from '../reader/names';
import { World, type HiddenFault } from '../world';
import { levelOf, type LevelId } from './levels';
import { BERTIE_DEAF, PEBBLE_LOOM, TANSY_FLOODED, type SampleCar } from './sampleCars';
import { texts } from '#words/screens/practice';

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;
/** So many cars are drawn until one fits its level; far more than it ever takes. */
const MOST_DRAWS = 400;

const SAMPLES: Readonly<Partial<Record<LevelId, SampleCar>>> = {
  first: TANSY_FLOODED,
  bearing: BERTIE_DEAF,
  tank: PEBBLE_LOOM,
};

/** A car of the sample garage: the same one for every seed, but for tolerances and chance. */
function sampleWorld(sample: SampleCar, seed: number): World {
  const { vehicle, type, faults, history, strategy, particular } = sample;
  const own = { vehicle, history, strategy, car: particular };
  for (let draw = 0; draw < MOST_DRAWS; draw += 1) {
    const chance = chanceFrom(seed * 7_919 + draw);
    const made = makeCar(vehicle.channels, type, faults, chance, own);
    const plain = { ...made, names: namesOf('right', true), meter: AUTORANGING };
    if (made.memory.length > 0) return new World(plain, chance.branch('life'));
  }
  throw new RangeError(`${vehicle.name} shows no fault`);
}

/** What a twin is drawn from: the vehicle, and what may be wrong with it. */
export interface TwinOf {
  readonly vehicle: Vehicle;
  readonly likely: readonly (HiddenFault & { readonly probability: number })[];
}

/** Sound coils about the middle of the owner's band. */
function coilsInBand(vehicle: Vehicle): (car: Car) => Car {
  const band = vehicle.specs?.sensorResistance;
  if (!band) return (car) => car;
  const drawnOhm = (car: Car): number =>
    Math.max(...car.corners.map((corner) => corner.sensor.coilOhm).filter((value) => value < 5000), 1);
  return (car) => {
    const scale = (band.min + band.max) / 2 / drawnOhm(car);
    const fit = (corner: Corner): Corner =>
      corner.sensor.coilOhm < 5000
        ? { ...corner, sensor: { ...corner.sensor, coilOhm: corner.sensor.coilOhm * scale } }
        : corner;
    return { ...car, corners: car.corners.map(fit) };
  };
}

/**
 * A car like that of another job.
 * @param twin its vehicle, and what is believed of it. @param seed whole number. @returns its world; a car with a stale code where nothing is suspected.
 * @example twinWorld({ vehicle: CASE.vehicle, likely: [] }, 1).faults.map(({ fault }) => fault) // => ["stale-code"]
 */
export function twinWorld({ vehicle, likely }: TwinOf, seed: number): World {
  const chance = chanceFrom(seed);
  const channels = vehicle.channels.length > 0 ? vehicle.channels : FOUR;
  const stale: HiddenFault = { channel: channels[0] ?? null, fault: 'stale-code' };
  const drawn = likely.length > 0 ? chance.weighted(likely.map((row) => [row, row.probability] as const)) : stale;
  const fault: HiddenFault = { channel: drawn.channel, fault: drawn.fault };
  const known = vehicle.sensorTypes?.[fault.channel ?? channels[0] ?? 'front-left'];
  const type = known ?? (faultRow(fault.fault).often.passive > 0 ? 'passive' : 'active');
  const own = { vehicle: { ...vehicle, channels }, car: coilsInBand(vehicle) };
  let made = makeCar(channels, type, [fault], chance.branch('car 0'), own);
  for (let draw = 1; draw < MOST_DRAWS && made.memory.length === 0 && !made.car.fluidIsLow; draw += 1)
    made = makeCar(channels, type, [fault], chance.branch(texts.car(draw)), own);
  return new World(made, chance.branch('life'));
}

/**
 * The practice car of a level and a seed: always the same one for the same two.
 * @param id the level. @param seed whole number. @param twin of whom, at the level `twin`. @returns its world. @throws RangeError for an unknown level, or a twin of nobody.
 * @example drawPractice('first', 1).faults.map(({ channel, fault }) => `${channel} ${fault}`) // => ["rear-right sensor-short"]
 */
export function drawPractice(id: string, seed: number, twin?: TwinOf): World {
  const level = levelOf(id);
  const sample = SAMPLES[level.id];
  if (sample) return sampleWorld(sample, seed);
  if (level.id === 'twin') {
    if (!twin) throw new RangeError('a twin needs the vehicle it is like');
    return twinWorld(twin, seed);
  }
  for (let draw = 0; draw < MOST_DRAWS; draw += 1) {
    const world = drawWorld(chanceFrom(seed * 7_919 + draw));
    const [cause, second] = world.faults;
    if (cause && level.faults.includes(cause.fault) && (level.pairs || !second)) return world;
  }
  return sampleWorld(TANSY_FLOODED, seed);
}
