import type { Channel, SensorType } from '../../core/casefile/words';
import type { Chance } from '../chance';
import { NOT_TOUCHING, SOUND_GAP_M, type Car, type Corner, type Pair } from './corner';

/** A sound pair of conductors. */
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

/**
 * One corner as it left the factory, within its tolerances.
 * @param channel the corner. @param type its sensor. @param coilOhm the type's coil at 20 °C, ohm. @param chance draws.
 * @returns a corner without any fault.
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
 * @param channels its channels. @param type its sensors. @param chance draws. @returns the car.
 */
export function soundCar(channels: readonly Channel[], type: SensorType, chance: Chance): Car {
  const coilOhm = chance.pick([900, 1100, 1200, 1600, 2100]);
  return {
    corners: channels.map((one) => soundCorner(one, type, coilOhm, chance)),
    batteryVolt: chance.between(12.45, 12.8),
    crankingVolt: chance.between(10, 11.2),
    feedDropVolt: chance.between(0.05, 0.3),
    brakeSwitchWorks: true,
    fluidIsLow: false,
    partCelsius: Math.round(chance.between(0, 30)),
  };
}
