import type { Quantity } from '../../core/casefile/words';
import { AT_REST, type Car, type Corner } from '../car/corner';
import type { Chance } from '../chance';
import { GROUND } from '../circuit/network';
import { NODES, type Manner } from '../circuit/wiring';
import { displayOf, type Display, type MeterKind } from '../meter/kinds';
import { amperesAt, ohmsAt, spinVoltsAt, voltsAt } from '../meter/probing';
import type { Dial, Plugs, Point } from './probes';

/** Two probes on any two points of the drawn circuit. */
export interface FreeProbe {
  readonly dial: Dial;
  readonly red: Point;
  readonly black: Point;
  readonly plugs: Plugs;
  readonly range?: number;
}

/** What the display shows, and of what quantity. */
export interface Reading extends Display {
  readonly quantity: Quantity;
}

/** The nodes of the network that the drawn points are. */
const NODE_OF: Readonly<Record<Point, string>> = {
  S1: NODES.leadEnd[0],
  S2: NODES.leadEnd[1],
  B: NODES.metal,
  P1: NODES.loomNear[0],
  P2: NODES.loomNear[1],
  M1: NODES.loomFar[0],
  M2: NODES.loomFar[1],
  F: NODES.feedPin,
  G: GROUND,
  BAT: NODES.battery,
};

export const QUANTITY_OF: Readonly<Record<Dial, Quantity>> = {
  ohm: 'resistance',
  beep: 'resistance',
  dc: 'dc-voltage',
  mv: 'dc-voltage',
  ac: 'ac-voltage',
  ma: 'dc-current',
};
/** Full scale of the millivolt range, volt. */
const MILLIVOLT_RANGE = 0.4;

/**
 * What the meter shows between any two points of a corner's circuit, ignition off for ohms and on for volts and amperes: the same network as all checks are made on.
 * @param probe dial, points and plugs. @param corner the channel. @param car the car. @param meter which multimeter. @param chance draws its error and whether bad conductors open.
 * @returns the display; overload above the range.
 * @example readFreely({ dial: 'ohm', red: 'S1', black: 'S2', plugs: { sensor: true, module: false } }, brokenWheel('sensor-open'), SOUND, { counts: 4000, percent: 1, digits: 2, ranges: { resistance: [4e3] } }, chance()).value // => "overload"
 */
export function readFreely(probe: FreeProbe, corner: Corner, car: Car, meter: MeterKind, chance: Chance): Reading {
  const { dial, red, black, plugs, range } = probe;
  const manner: Manner = {
    ...AT_REST,
    sensorPlug: plugs.sensor ? 'apart' : 'together',
    modulePlug: plugs.module ? 'apart' : 'together',
  };
  const at = { from: NODE_OF[black], to: NODE_OF[red], manner };
  const quantity = QUANTITY_OF[dial];
  const set = dial === 'mv' ? MILLIVOLT_RANGE : range;
  const shown = (value: number): Reading => ({
    quantity,
    ...displayOf(value, quantity, set === undefined ? meter : { ...meter, setTo: set }, chance),
  });
  switch (dial) {
    case 'ohm':
    case 'beep':
      return shown(ohmsAt(at, corner, car, chance));
    case 'dc':
    case 'mv':
      return shown(Math.abs(voltsAt(at, corner, car, chance)));
    case 'ac':
      return shown(spinVoltsAt(at, corner, car, chance));
    case 'ma':
      return shown(amperesAt(at, corner, car, chance));
    default:
      return dial satisfies never;
  }
}
