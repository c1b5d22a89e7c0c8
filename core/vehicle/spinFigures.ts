import { ringPitchM, spacingLoss } from './gap';

/** A sound passive corner is heard from this road speed on, km/h (many modules begin at 2 to 5). */
export const USUAL_LOWEST_KMH = 3.5;
/** An active sensor still switches on this share of its usual field (generic; a module hears all of it or nothing). */
export const ACTIVE_NEEDS = 0.22;

/** What a wheel turned by hand amounts to. */
export interface HandSpin {
  readonly kmh: number;
  /** Signal frequency, Hz. */
  readonly hertz: number;
}

/**
 * Road speed and signal frequency of a wheel turned by hand.
 * @param circumferenceM rolling way of one turn, metre, above 0. @param turnsPerSecond 0 or more. @param teeth of the ring, or pole pairs.
 * @returns km/h and hertz. Kinematics of a rolling wheel; one period a tooth.
 * @example handSpin(1.95, 1, 48).kmh // ≈ 7.02
 */
export function handSpin(circumferenceM: number, turnsPerSecond: number, teeth: number): HandSpin {
  return { kmh: 3.6 * circumferenceM * turnsPerSecond, hertz: teeth * turnsPerSecond };
}

/** What a wider gap leaves of the signal. */
export interface Weakened {
  /** Share of the former signal. */
  readonly left: number;
  /** Lowest speed at which a passive corner still answers, km/h: its voltage grows with speed. */
  readonly lowestKmh: number;
  /** Whether an active sensor still switches. */
  readonly activeAnswers: boolean;
}

/**
 * What a spacer, or rust under the flange, costs in signal (spacing loss, Wallace 1951).
 * @param extraM metre more of gap; negative where it shrinks. @param ringDiameterM metre, above 0. @param teeth above 0. @param lowestKmh before.
 * @returns the share left, and what it means at low speed.
 * @example widened(0.0005, 0.09, 48).left // ≈ 0.587
 */
export function widened(extraM: number, ringDiameterM: number, teeth: number, lowestKmh = USUAL_LOWEST_KMH): Weakened {
  const left = spacingLoss(extraM, ringPitchM(ringDiameterM, teeth));
  return { left, lowestKmh: lowestKmh / left, activeAnswers: left >= ACTIVE_NEEDS };
}
