import type { Car, Corner } from '../car/corner';
import { spinVolt } from '../car/signal';
import type { Chance } from '../chance';
import { ohmBetween, voltBetween, type Network } from '../circuit/network';
import { NODES, powered, unpowered, wiringOf, type Manner } from '../circuit/wiring';

/** Input impedance of a meter on volts, and its shunt on milliampere, ohm. */
const INPUT_OHM = 1e7;
const SHUNT_OHM = 5;

/** Two probes on the network of a channel, and what is apart and acts on it meanwhile. */
export interface Probes {
  readonly from: string;
  readonly to: string;
  readonly manner: Manner;
}

const NEAR: readonly string[] = [...NODES.sensor, ...NODES.leadEnd, ...NODES.loomNear];
const FAR: readonly string[] = [...NODES.loomFar, ...NODES.input];

/** Whether the probes sit at the two ends of a loom whose wires lead elsewhere. */
function isLedAstray({ from, to }: Probes, corner: Corner): boolean {
  const spans = (a: string, b: string): boolean => NEAR.includes(a) && FAR.includes(b);
  return corner.loom.crossedWith !== null && (spans(from, to) || spans(to, from));
}

/**
 * What an ohmmeter sees between any two points, ignition off; a module that is plugged in lies beside what is measured.
 * @param probes where. @param corner the channel. @param car the car. @param chance draws whether bad conductors open. @returns ohm; Infinity where nothing joins them.
 * @example ohmsAt({ from: 's1', to: 's2', manner: { sensorPlug: 'apart', modulePlug: 'together' } }, brokenWheel('sensor-open'), SOUND, chance()) > 1e8 // => true
 */
export function ohmsAt(probes: Probes, corner: Corner, car: Car, chance: Chance): number {
  if (isLedAstray(probes, corner)) return Infinity;
  const wiring = wiringOf(corner, probes.manner, car.partCelsius, chance);
  return ohmBetween(unpowered(wiring, corner), probes.from, probes.to);
}

/** The channel with ignition on: feed, bias, battery and the module's feed pin as sources. */
function fedNetwork(probes: Probes, corner: Corner, car: Car, chance: Chance): Network {
  return powered(wiringOf(corner, probes.manner, car.partCelsius, chance), corner, car, probes.manner);
}

/**
 * Direct volts between any two points, ignition on. The meter's own input loads what it measures, so that a broken wire shows next to nothing.
 * @param probes where; `to` is the red one. @param corner the channel. @param car the car. @param chance draws. @returns volt, signed.
 * @example Math.round(10 * voltsAt({ from: 'ground', to: 'battery', manner: { sensorPlug: 'apart', modulePlug: 'together' } }, WHEEL, { ...SOUND, batteryVolt: 12.6 }, chance())) / 10 // => 12.6
 */
export function voltsAt(probes: Probes, corner: Corner, car: Car, chance: Chance): number {
  const { from, to } = probes;
  const network = fedNetwork(probes, corner, car, chance);
  return voltBetween({ ...network, resistors: [...network.resistors, { from, to, ohm: INPUT_OHM }] }, from, to);
}

/**
 * Alternating volts between any two points while the wheel is spun by hand, one turn a second.
 * @param probes where. @param corner the channel. @param car the car. @param chance draws. @returns volt, 0 or more; 0 of an active sensor.
 * @example spinVoltsAt({ from: 's1', to: 's2', manner: { sensorPlug: 'apart', modulePlug: 'together' } }, ACTIVE_WHEEL, ACTIVE, chance()) // => 0
 */
export function spinVoltsAt(probes: Probes, corner: Corner, car: Car, chance: Chance): number {
  const tap = { nodes: [probes.from, probes.to] as const, loadOhm: INPUT_OHM, manner: probes.manner };
  return isLedAstray(probes, corner) ? 0 : spinVolt(corner, car, tap, chance);
}

/**
 * Current through a meter that joins two points, ignition on.
 * @param probes where. @param corner the channel. @param car the car. @param chance draws. @returns ampere, 0 or more.
 * @example amperesAt({ from: 's1', to: 'p1', manner: { sensorPlug: 'apart', modulePlug: 'together' } }, brokenWheel('lead-open', ACTIVE), ACTIVE, chance()) < 1e-6 // => true
 */
export function amperesAt(probes: Probes, corner: Corner, car: Car, chance: Chance): number {
  const { from, to } = probes;
  const network = fedNetwork(probes, corner, car, chance);
  const shunted = { ...network, resistors: [...network.resistors, { from, to, ohm: SHUNT_OHM }] };
  return Math.abs(voltBetween(shunted, from, to)) / SHUNT_OHM;
}
