import type { Channel, SensorType } from '../../core/casefile/words';

/** What brings a bad conductor to open: the road's shaking, the steering at lock, warmth, water. */
export type Trigger = 'shaking' | 'steering' | 'heat' | 'water';

/** A conductor that opens now and then: seldom by itself, often under its trigger (chances a moment, 0 to 1). */
export interface Shaky {
  readonly by: Trigger;
  readonly opensAtRest: number;
  readonly opensUnder: number;
}

/** What acts on the car at one moment. `moved`: what a hand flexes; `all` is the road's shaking. */
export interface Moment {
  readonly moved: 'lead' | 'loom' | 'all' | 'nothing';
  readonly isSteered: boolean;
  readonly isHot: boolean;
  readonly isWet: boolean;
}

/** Standing, cold and dry. */
export const AT_REST: Moment = { moved: 'nothing', isSteered: false, isHot: false, isWet: false };

/** A pair of conductors from one place to the next. */
export interface Pair {
  readonly ohm: readonly [number, number];
  readonly shaky: Shaky | null;
  /** Between the two, and from either to ground or a fed wire; Infinity where they don't touch. */
  readonly bridgeOhm: number;
  readonly toGroundOhm: readonly [number, number];
  readonly toSupplyOhm: number;
  /** What is to be seen by somebody who looks closely. */
  readonly look: string;
}

export interface Ring {
  readonly kind: 'right' | 'reversed' | 'wrong-count';
  readonly teeth: number;
  readonly diameterM: number;
  readonly missingTeeth: number;
  /** How far the ring's face wanders in one turn, metre. */
  readonly runoutM: number;
  /** Share of the field lost to fuzz and mud, 0 to 1. */
  readonly debris: number;
  readonly look: string;
}

export interface Sensor {
  /** Coil at 20 °C; of an active sensor what an ohmmeter sees. */
  readonly coilOhm: number;
  readonly insulationOhm: number;
  /** Magnet or threshold as a share of a new one's. */
  readonly strength: number;
  readonly shaky: Shaky | null;
  /** Share of the field lost to dirt on the tip. */
  readonly dirt: number;
  /** Electronics of an active one: working; mute (no current at all); frozen (its idle current, no pulses); without direction. */
  readonly chip: 'works' | 'mute' | 'frozen' | 'no-direction';
  readonly look: string;
}

/** Everything physical about one channel. */
export interface Corner {
  readonly channel: Channel;
  readonly type: SensorType;
  readonly ring: Ring;
  readonly gapM: number;
  /** Void under the flange, part of the gap, metre. */
  readonly flangeVoidM: number;
  readonly gapLook: string;
  readonly bearingPlayM: number;
  readonly sensor: Sensor;
  readonly lead: Pair;
  readonly plug: Pair & { readonly latched: boolean };
  readonly loom: Pair & { readonly crossedWith: Channel | null };
  readonly modulePlug: Pair;
  readonly inputWorks: boolean;
  /** Whether the module feeds or biases the channel: a dead input may still do so. */
  readonly isFed: boolean;
  /** Rolling circumference of this wheel, metre. */
  readonly circumferenceM: number;
}

export interface Car {
  readonly corners: readonly Corner[];
  readonly batteryVolt: number;
  readonly crankingVolt: number;
  readonly feedDropVolt: number;
  readonly brakeSwitchWorks: boolean;
  readonly fluidIsLow: boolean;
  readonly partCelsius: number;
  /** What is to be seen at the battery's terminals and at the module's ground point. */
  readonly batteryLook: string;
  readonly groundLook: string;
}

export const NOT_TOUCHING = Infinity;
/** The gap that a sound sensor sits at, metre. */
export const SOUND_GAP_M = 0.0008;
/** A break: far above any insulation that matters here, ohm. */
export const BREAK_OHM = 5e8;

/** Coils outside these are broken or bridged, ohm; where none is left, this is taken. */
const COIL_OHM = { least: 500, most: 5000, usual: 1200 } as const;

/**
 * What the manual prints for a car's coil: the middle one of those that can be sound, ohm at 20 °C.
 * @example typicalCoilOhm({ corners: [] }) // => 1200
 */
export function typicalCoilOhm({ corners }: Pick<Car, 'corners'>): number {
  const sound = corners
    .map((corner) => corner.sensor.coilOhm)
    .filter((value) => value > COIL_OHM.least && value < COIL_OHM.most)
    .sort((a, b) => a - b);
  return sound[Math.floor(sound.length / 2)] ?? COIL_OHM.usual;
}
