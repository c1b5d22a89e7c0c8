import { copperAt } from '../../core/quantities/copper';
import type { Chance } from '../chance';
import { AT_REST, BREAK_OHM, type Car, type Corner, type Moment, type Pair, type Shaky } from '../car/corner';
import { GROUND, type Network, type Resistor, type Source } from './network';

/** Nodes of one channel: sensor, lead's end, loom's near end, loom's far end, module's input; and the sensor's metal. */
export const NODES = {
  sensor: ['s1', 's2'],
  leadEnd: ['l1', 'l2'],
  loomNear: ['p1', 'p2'],
  loomFar: ['m1', 'm2'],
  input: ['i1', 'i2'],
  metal: 'metal',
  fed: 'fed',
  battery: 'battery',
  feedPin: 'feed-pin',
} as const;

/** What is plugged together, and what acts on it meanwhile. */
export interface Manner extends Moment {
  readonly sensorPlug: 'together' | 'apart';
  readonly modulePlug: 'together' | 'apart';
}

export const AS_FITTED: Manner = { ...AT_REST, sensorPlug: 'together', modulePlug: 'together' };

/** Where a bad conductor sits. A hand that flexes the lead hardly reaches the joints inside the sensor. */
export type Place = 'sensor' | 'lead' | 'loom' | 'module';

/** Whether a trigger acts on a part at this moment; a hand that flexes the part does what shaking and steering do. */
function acts(by: Shaky['by'], part: Place, moment: Moment): boolean {
  const isFlexed = moment.moved === part;
  switch (by) {
    case 'shaking':
      return isFlexed || moment.moved === 'all';
    case 'steering':
      return isFlexed || moment.isSteered;
    case 'heat':
      return moment.isHot;
    case 'water':
      return moment.isWet;
    default:
      return by satisfies never;
  }
}

/**
 * Whether a bad conductor is open at this moment.
 * @example isOpen(null, 'lead', {}, chance()) // => false
 */
export function isOpen(shaky: Shaky | null, part: Place, moment: Moment, chance: Chance): boolean {
  return shaky !== null && chance.hits(acts(shaky.by, part, moment) ? shaky.opensUnder : shaky.opensAtRest);
}

function through(
  pair: Pair,
  from: readonly [string, string],
  to: readonly [string, string],
  open: boolean,
): Resistor[] {
  const made: Resistor[] = [
    { from: from[0], to: to[0], ohm: open ? BREAK_OHM : pair.ohm[0] },
    { from: from[1], to: to[1], ohm: pair.ohm[1] },
  ];
  if (Number.isFinite(pair.bridgeOhm)) made.push({ from: to[0], to: to[1], ohm: pair.bridgeOhm });
  pair.toGroundOhm.forEach((ohm, wire) => {
    if (Number.isFinite(ohm)) made.push({ from: to[wire] as string, to: GROUND, ohm });
  });
  if (Number.isFinite(pair.toSupplyOhm)) made.push({ from: to[0], to: NODES.fed, ohm: pair.toSupplyOhm });
  return made;
}

/**
 * A channel from sensor to module as resistors.
 * @param corner the channel. @param manner what is apart and what acts on it. @param celsius of the sensor. @param chance draws the moment of shaky conductors.
 * @returns the passive network, without the module's feed or bias.
 * @example wiringOf(WHEEL, AS_FITTED, 20, chance()).sources // => []
 */
export function wiringOf(corner: Corner, manner: Manner, celsius: number, chance: Chance): Network {
  const { sensor, lead, plug, loom, modulePlug } = corner;
  const coil = corner.type === 'passive' ? copperAt(sensor.coilOhm, 20, celsius) : sensor.coilOhm;
  const resistors: Resistor[] = [
    {
      from: NODES.sensor[0],
      to: NODES.sensor[1],
      ohm: isOpen(sensor.shaky, 'sensor', manner, chance) ? BREAK_OHM : coil,
    },
    { from: NODES.sensor[0], to: NODES.metal, ohm: sensor.insulationOhm },
    { from: NODES.metal, to: GROUND, ohm: 2 },
    ...through(lead, NODES.sensor, NODES.leadEnd, isOpen(lead.shaky, 'lead', manner, chance)),
    ...(manner.sensorPlug === 'apart'
      ? []
      : through(plug, NODES.leadEnd, NODES.loomNear, isOpen(plug.shaky, 'lead', manner, chance))),
    ...through(loom, NODES.loomNear, NODES.loomFar, isOpen(loom.shaky, 'loom', manner, chance)),
    ...(manner.modulePlug === 'apart'
      ? []
      : through(modulePlug, NODES.loomFar, NODES.input, isOpen(modulePlug.shaky, 'module', manner, chance))),
  ];
  return { resistors, sources: [] };
}

/** A feed that is shorted to ground harder than this is switched off by its module, ohm. */
const SHORT_OHM = 150;

/** Whether a channel's feed is shorted: by its loom, or by the lead that hangs on it. The key is cycled after a plug was opened. */
function isShorted({ type, lead, loom }: Corner, isLeadOn: boolean): boolean {
  const hanging = isLeadOn ? [lead.toGroundOhm[0], lead.bridgeOhm] : [];
  return type === 'active' && Math.min(loom.toGroundOhm[0], loom.bridgeOhm, ...hanging) < SHORT_OHM;
}

/** What a module's input is without its feed: its bias resistors, or an active channel's sense resistor and a regulator that is off, ohm. */
const OFF_OHM = { passive: [10_000, 10_000], active: [47_000, 100] } as const;

/**
 * The network with ignition off: what the module's input still is to an ohmmeter.
 * @param network a channel's wiring. @param corner the channel. @returns the network with the input's resistors.
 * @example unpowered({ resistors: [], sources: [] }, WHEEL).sources // => []
 */
export function unpowered(network: Network, corner: Corner): Network {
  const [first, second] = OFF_OHM[corner.type];
  return {
    ...network,
    resistors: [
      ...network.resistors,
      { from: NODES.input[0], to: GROUND, ohm: first },
      { from: NODES.input[1], to: GROUND, ohm: second },
    ],
  };
}

/** Inner resistance of the battery with its cables, and of what the module's feed comes through, ohm. */
const BATTERY_OHM = 0.05;
const FEED_PIN_OHM = 0.2;

/**
 * The network with ignition on: the module feeds an active sensor, or biases a passive one; other wires of the car are fed whatever it does.
 * @param network a channel's wiring. @param corner the channel. @param car its battery, and what is lost on the way to the module. @param manner what is apart.
 * @returns the network with its sources; a module's feed that is dead, or switched off for a short, gives nothing.
 * @example powered({ resistors: [], sources: [] }, WHEEL, SOUND, AS_FITTED).sources.length > 0 // => true
 */
export function powered(network: Network, corner: Corner, car: Car, manner: Manner): Network {
  const feedVolt = car.batteryVolt - car.feedDropVolt;
  const always: readonly Source[] = [
    { from: GROUND, to: NODES.battery, volt: car.batteryVolt, ohm: BATTERY_OHM },
    { from: GROUND, to: NODES.feedPin, volt: feedVolt, ohm: FEED_PIN_OHM },
    { from: GROUND, to: NODES.fed, volt: feedVolt, ohm: 0.1 },
  ];
  if (!corner.isFed || isShorted(corner, manner.sensorPlug === 'together'))
    return { ...network, sources: [...network.sources, ...always] };
  const isActive = corner.type === 'active';
  return {
    resistors: [...network.resistors, { from: NODES.input[1], to: GROUND, ohm: isActive ? 100 : 10_000 }],
    sources: [
      ...network.sources,
      ...always,
      isActive
        ? { from: GROUND, to: NODES.input[0], volt: feedVolt - 0.6, ohm: 20 }
        : { from: GROUND, to: NODES.input[0], volt: 2.5, ohm: 10_000 },
    ],
  };
}
