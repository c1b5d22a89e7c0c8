/** How fast each wheel turns: road speed, the bend, the tyre, and what the ring makes of it. */

import { CORNER_OF } from '../../core/vehicle/channels';

/** A car on the road, seen from above. */
export interface Motion {
  /** Speed of the middle of the rear axle, km/h, 0 or more. */
  readonly kmh: number;
  /** Steering angle of the front axle's middle, radian; positive bends to the left. */
  readonly steer: number;
}

/** Distances between the wheels, metre. */
export interface Stance {
  readonly wheelbaseM: number;
  readonly trackM: number;
}

export const USUAL_STANCE: Stance = { wheelbaseM: 2.6, trackM: 1.5 };

type Corner = 'front-left' | 'front-right' | 'rear-left' | 'rear-right';

const SIDE: Readonly<Record<Corner, -1 | 1>> = { 'front-left': -1, 'rear-left': -1, 'front-right': 1, 'rear-right': 1 };

/**
 * Radius of the bend that a steering angle makes, measured to the middle of the rear axle (Ackermann geometry, no slip).
 * @param steer radian. @param stance of the car. @returns metre, signed as the angle; Infinity straight on.
 * @example cornerRadius(Math.atan(2.6 / 20), USUAL_STANCE) // => 20
 */
export function cornerRadius(steer: number, { wheelbaseM }: Stance): number {
  return steer === 0 ? Infinity : wheelbaseM / Math.tan(steer);
}

/**
 * True road speed under one wheel: each wheel runs on its own circle around the same centre, the outer ones on larger ones.
 * @param corner the wheel. @param motion of the car. @param stance of the car. @returns km/h, 0 or more.
 * @example wheelKmh(WHEEL, { kmh: 30, steer: 0 }) // => 30
 */
export function wheelKmh(corner: Corner, motion: Motion, stance: Stance = USUAL_STANCE): number {
  const radius = cornerRadius(motion.steer, stance);
  if (!Number.isFinite(radius)) return motion.kmh;
  const across = radius + (SIDE[corner] * stance.trackM) / 2;
  const own = CORNER_OF[corner].end === 'front' ? Math.hypot(across, stance.wheelbaseM) : Math.abs(across);
  return (motion.kmh * own) / Math.abs(radius);
}

/** A bend of some twenty metres to the left, taken slowly. */
export const A_BEND: Motion = { kmh: 30, steer: 0.13 };

/**
 * Turns of a wheel a second. @param kmh under the wheel. @param circumferenceM rolling, metre, above 0. @returns 1/s.
 * @example turnsPerSecond(36, 2) // => 5
 */
export function turnsPerSecond(kmh: number, circumferenceM: number): number {
  return kmh / 3.6 / circumferenceM;
}

/**
 * Frequency of a corner's signal: every tooth or pole pair makes one period.
 * @param teeth of the ring. @param turns a second. @returns hertz.
 * @example signalHertz(48, 2) // => 96
 */
export function signalHertz(teeth: number, turns: number): number {
  return teeth * turns;
}
