import type { Channel } from '../core/casefile/words';
import type { Car, Corner } from './car/corner';
import { soundCorner } from './car/soundCar';
import type { Chance } from './chance';

/** A ring that wanders more than this has swollen, and stood nearer to the tip. */
const SWOLLEN_M = 0.0003;

/** What a repair puts right, part by part; `fresh` is the corner as new. */
const AT_CORNER: Readonly<Record<string, (corner: Corner, fresh: Corner) => Partial<Corner>>> = {
  'replaced:ring': (corner, fresh) => ({
    ring: fresh.ring,
    gapM: corner.ring.runoutM > SWOLLEN_M ? fresh.gapM + corner.flangeVoidM : corner.gapM,
  }),
  'cleaned:ring': (corner, fresh) => ({
    ring: {
      ...corner.ring,
      debris: 0,
      runoutM: corner.ring.debris > 0 ? fresh.ring.runoutM : corner.ring.runoutM,
      look: corner.ring.look === 'debris' ? 'sound' : corner.ring.look,
    },
  }),
  'reseated:gap': (corner, fresh) => ({
    flangeVoidM: 0,
    gapLook: 'sound',
    gapM: corner.flangeVoidM > 0 ? fresh.gapM : corner.gapM,
  }),
  'replaced:gap': (corner, fresh) => ({
    bearingPlayM: 0,
    ...(corner.type === 'active' ? { ring: fresh.ring } : {}),
  }),
  'replaced:sensor': (corner, fresh) => ({
    sensor: fresh.sensor,
    lead: fresh.lead,
    gapM: corner.flangeVoidM > 0 ? fresh.gapM + corner.flangeVoidM : fresh.gapM,
  }),
  'cleaned:sensor': (corner) => ({
    sensor: { ...corner.sensor, dirt: 0, look: corner.sensor.look === 'dirty' ? 'sound' : corner.sensor.look },
  }),
  'repaired-wire:lead': (_corner, fresh) => ({ lead: fresh.lead }),
  'cleaned:plug': (_corner, fresh) => ({ plug: fresh.plug }),
  'reseated:plug': (corner, fresh) => (corner.plug.shaky ? {} : { plug: fresh.plug }),
  'repaired-wire:loom': (_corner, fresh) => ({ loom: fresh.loom }),
  'cleaned:module': (_corner, fresh) => ({ modulePlug: fresh.modulePlug }),
  'replaced:module': () => ({ inputWorks: true, isFed: true }),
  'replaced:elsewhere': (_corner, fresh) => ({ circumferenceM: fresh.circumferenceM }),
};

/** The module has one plug for all corners. */
const OF_ALL_CORNERS: ReadonlySet<string> = new Set(['cleaned:module']);

const AT_CAR: Readonly<Record<string, Partial<Car>>> = {
  'charged:supply': { batteryVolt: 12.7, crankingVolt: 10.8 },
  'repaired-wire:supply': { feedDropVolt: 0.1 },
  'replaced:elsewhere': { brakeSwitchWorks: true },
  'topped-up:elsewhere': { fluidIsLow: false },
};

/**
 * The car after a repair, done properly.
 * @param car the car. @param repair `action:segment`. @param channel its corner, null where it has none. @param chance draws the new part's tolerances.
 * @returns the car; a repair that touches nothing that is broken changes nothing that matters.
 * @example repairCar(broken('lead-open'), 'replaced:sensor', 'front-left', chance()).corners[0].lead.ohm.every((ohm) => ohm < 1) // => true
 */
export function repairCar(car: Car, repair: string, channel: Channel | null, chance: Chance): Car {
  const atCorner = AT_CORNER[repair];
  const whole = { ...car, ...AT_CAR[repair] };
  if (!atCorner) return whole;
  const crossed = car.corners.find((corner) => corner.channel === channel)?.loom.crossedWith ?? null;
  const isHere = (corner: Corner): boolean =>
    corner.channel === channel ||
    channel === null ||
    OF_ALL_CORNERS.has(repair) ||
    (repair === 'repaired-wire:loom' && corner.channel === crossed);
  return {
    ...whole,
    corners: whole.corners.map((corner) => {
      if (!isHere(corner)) return corner;
      const coil = corner.sensor.coilOhm > 500 && corner.sensor.coilOhm < 5000 ? corner.sensor.coilOhm : 1200;
      return { ...corner, ...atCorner(corner, soundCorner(corner.channel, corner.type, coil, chance)) };
    }),
  };
}

/**
 * Limits within which a corner works for good.
 * @example isSoundCorner(brokenWheel('bearing-play')) // => false
 */
export function isSoundCorner(corner: Corner): boolean {
  const pairs = [corner.lead, corner.plug, corner.loom, corner.modulePlug];
  return (
    pairs.every(
      (pair) =>
        pair.shaky === null &&
        Math.max(...pair.ohm) < 20 &&
        Math.min(pair.bridgeOhm, ...pair.toGroundOhm, pair.toSupplyOhm) > 1e5,
    ) &&
    corner.plug.latched &&
    corner.loom.crossedWith === null &&
    corner.inputWorks &&
    corner.ring.kind === 'right' &&
    corner.ring.missingTeeth === 0 &&
    corner.ring.runoutM < 0.0003 &&
    corner.ring.debris < 0.3 &&
    corner.gapM < 0.0014 &&
    corner.bearingPlayM < 0.0003 &&
    corner.sensor.strength > 0.6 &&
    corner.sensor.dirt < 0.3 &&
    corner.sensor.chip === 'works' &&
    corner.sensor.shaky === null &&
    corner.sensor.insulationOhm > 1e6 &&
    (corner.type === 'active' || (corner.sensor.coilOhm > 500 && corner.sensor.coilOhm < 3500)) &&
    Math.abs(corner.circumferenceM / 1.95 - 1) < 0.04
  );
}

/**
 * Whether nothing is wrong with the car.
 * @example isSound(SOUND) // => true
 */
export function isSound(car: Car): boolean {
  return (
    car.corners.every(isSoundCorner) &&
    car.batteryVolt > 12.3 &&
    car.crankingVolt > 9.6 &&
    car.feedDropVolt < 1 &&
    car.brakeSwitchWorks &&
    !car.fluidIsLow
  );
}
