import type { Channel, SensorType } from '../../core/casefile/words';
import type { Chance } from '../chance';
import { NOT_TOUCHING, SOUND_GAP_M, type Car, type Corner, type Pair } from './corner';

/**
 * A sound pair of conductors.
 * @example soundPair(0.2).ohm // => [0.2,0.2]
 */
export function soundPair(ohm: number): Pair {
  return {
    ohm: [ohm, ohm],
    shaky: null,
    bridgeOhm: NOT_TOUCHING,
    toGroundOhm: [NOT_TOUCHING, NOT_TOUCHING],
    toSupplyOhm: NOT_TOUCHING,
    look: 'sound',
  };
}

/** What years do to a corner without doing harm, and how often: sights that look like damage. */
const HARMLESS: Readonly<
  Record<'ring' | 'gap' | 'sensor' | 'lead' | 'plug' | 'loom' | 'module', readonly (readonly [string, number])[]>
> = {
  ring: [
    ['debris', 0.03],
    ['scored', 0.02],
  ],
  gap: [
    ['corroded', 0.1],
    ['dirty', 0.03],
  ],
  sensor: [
    ['dirty', 0.05],
    ['wet', 0.01],
  ],
  lead: [
    ['unclipped', 0.05],
    ['chafed', 0.02],
    ['brittle', 0.01],
  ],
  plug: [
    ['corroded', 0.025],
    ['wet', 0.015],
  ],
  loom: [
    ['unclipped', 0.03],
    ['chafed', 0.02],
    ['wet', 0.015],
  ],
  module: [
    ['wet', 0.02],
    ['corroded', 0.01],
  ],
};

function worn(part: keyof typeof HARMLESS, chance: Chance): string {
  let rest = chance.branch(`sight of the ${part}`).next();
  for (const [sight, share] of HARMLESS[part]) {
    rest -= share;
    if (rest < 0) return sight;
  }
  return 'sound';
}

/**
 * A sound corner after some years on the road: nothing wrong with it, and here and there something that looks as if.
 * @param corner as new. @param chance draws. @returns the corner with its sights; its physics unchanged.
 * @example aged(WHEEL, chance()).sensor.coilOhm === WHEEL.sensor.coilOhm // => true
 */
export function aged(corner: Corner, chance: Chance): Corner {
  const look = (part: keyof typeof HARMLESS): { readonly look: string } => ({ look: worn(part, chance) });
  return {
    ...corner,
    gapLook: worn('gap', chance),
    ring: { ...corner.ring, ...look('ring') },
    sensor: { ...corner.sensor, ...look('sensor') },
    lead: { ...corner.lead, ...look('lead') },
    plug: { ...corner.plug, ...look('plug') },
    loom: { ...corner.loom, ...look('loom') },
    modulePlug: { ...corner.modulePlug, ...look('module') },
  };
}

/**
 * One corner as it left the factory, within its tolerances.
 * @param channel the corner. @param type its sensor. @param coilOhm the type's coil at 20 °C, ohm. @param chance draws.
 * @returns a corner without any fault.
 * @example soundCorner('rear-left', 'passive', 1200, chance()).bearingPlayM // => 0
 */
export function soundCorner(channel: Channel, type: SensorType, coilOhm: number, chance: Chance): Corner {
  return {
    channel,
    type,
    ring: {
      kind: 'right',
      teeth: 48,
      diameterM: 0.09,
      missingTeeth: 0,
      runoutM: chance.between(0, 0.00008),
      debris: 0,
      look: 'sound',
    },
    gapM: SOUND_GAP_M * chance.between(0.8, 1.2),
    flangeVoidM: 0,
    gapLook: 'sound',
    bearingPlayM: 0,
    sensor: {
      coilOhm: type === 'passive' ? coilOhm * (1 + 0.03 * chance.gaussian()) : 3e7,
      insulationOhm: chance.logBetween(2e8, 5e9),
      strength: chance.between(0.9, 1.1),
      shaky: null,
      dirt: 0,
      chip: 'works',
      look: 'sound',
    },
    lead: soundPair(chance.between(0.05, 0.2)),
    plug: { ...soundPair(0.01), latched: true },
    loom: { ...soundPair(chance.between(0.1, 0.5)), crossedWith: null },
    modulePlug: soundPair(0.01),
    inputWorks: true,
    isFed: true,
    circumferenceM: 1.95,
  };
}

/**
 * A sound car: four corners, or three with one rear sensor.
 * @param channels its channels. @param type its sensors. @param chance draws. @returns the car, some years old.
 * @example soundCar(['front-left', 'rear-axle'], 'passive', chance()).corners.map(({ channel }) => channel) // => ["front-left","rear-axle"]
 */
export function soundCar(channels: readonly Channel[], type: SensorType, chance: Chance): Car {
  const coilOhm = chance.pick([900, 1100, 1200, 1600, 2100]);
  return {
    corners: channels.map((channel) => aged(soundCorner(channel, type, coilOhm, chance), chance.branch(channel))),
    batteryVolt: chance.between(12.45, 12.8),
    crankingVolt: chance.between(10, 11.2),
    feedDropVolt: chance.between(0.05, 0.3),
    brakeSwitchWorks: true,
    fluidIsLow: false,
    partCelsius: Math.round(chance.between(0, 30)),
    batteryLook: chance.branch('sight of the battery').hits(0.1) ? 'corroded' : 'sound',
    groundLook: chance.branch('sight of the ground').hits(0.05) ? 'corroded' : 'sound',
  };
}
