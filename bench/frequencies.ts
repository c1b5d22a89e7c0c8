import type { FaultId } from '../core/knowledge/faults';
import type { SensorType } from '../core/casefile/words';

/**
 * How often what breaks on the bench's cars. Written for itself, from where salt, water, stones and work get at a car;
 * the adviser's own beliefs (`core/knowledge/faults.ts`, `pairs.ts`) are not read here, so that the trial does not
 * merely tell the adviser that it agrees with itself.
 */
interface Frequency {
  readonly fault: FaultId;
  /** Cars in a thousand whose corner has it first, by sensor type. */
  readonly passive: number;
  readonly active: number;
}

const row = (fault: FaultId, passive: number, active: number): Frequency => ({ fault, passive, active });

/** Of cars with one thing wrong at a corner. */
export const AT_CORNER: readonly Frequency[] = [
  row('ring-damaged', 70, 15),
  row('ring-swollen', 85, 3),
  row('ring-wrong', 6, 35),
  row('ring-debris', 15, 55),
  row('gap-wide', 30, 25),
  row('bearing-play', 40, 35),
  row('sensor-open', 130, 15),
  row('sensor-short', 35, 40),
  row('sensor-weak', 20, 40),
  row('sensor-damaged', 60, 50),
  row('sensor-intermittent', 55, 30),
  row('sensor-dead', 0, 210),
  row('sensor-dirty', 20, 60),
  row('lead-open', 100, 65),
  row('lead-intermittent', 60, 95),
  row('lead-short', 45, 20),
  row('plug-corroded', 65, 130),
  row('plug-loose', 50, 25),
  row('loom-open', 30, 60),
  row('loom-intermittent', 50, 25),
  row('loom-short-to-ground', 12, 25),
  row('loom-short-to-supply', 4, 10),
  row('loom-short-across', 18, 8),
  row('loom-crossed', 9, 5),
  row('module-plug-corroded', 22, 20),
  row('module-input', 8, 22),
  row('tyre-mismatch', 14, 5),
];

/** Of cars whose one trouble is the whole car's. */
export const OF_CAR: readonly Frequency[] = [
  row('battery-low', 40, 45),
  row('module-supply', 24, 20),
  row('brake-switch', 26, 22),
  row('brake-fluid-low', 16, 18),
];

/** What a first fault drags along at the same corner, and in what share of cars. */
export const DRAGS_ALONG: readonly { readonly first: FaultId; readonly then: FaultId; readonly share: number }[] = [
  { first: 'ring-swollen', then: 'sensor-damaged', share: 0.25 },
  { first: 'bearing-play', then: 'sensor-damaged', share: 0.3 },
  { first: 'ring-damaged', then: 'sensor-damaged', share: 0.15 },
  { first: 'plug-corroded', then: 'lead-open', share: 0.08 },
  { first: 'plug-corroded', then: 'sensor-short', share: 0.05 },
  { first: 'lead-open', then: 'plug-corroded', share: 0.08 },
  { first: 'loom-open', then: 'plug-corroded', share: 0.1 },
  { first: 'gap-wide', then: 'ring-debris', share: 0.1 },
];

/** Share of cars on which a second corner has a fault of its own. */
export const SECOND_CORNER_SHARE = 0.06;
/** Water in the module's plug reaches another corner's pins in this share. */
export const ROT_SPREADS_SHARE = 0.5;

/**
 * Weights to draw from. @param rows what may break. @param type kind of sensor. @param weigh multiplies by fault, 1 for none.
 * @returns pairs of fault and weight, those that cannot be left out.
 * @example weightsOf(OF_CAR, 'active').length // => 4
 */
export function weightsOf(
  rows: readonly Frequency[],
  type: SensorType,
  weigh: (fault: FaultId) => number = () => 1,
): readonly (readonly [FaultId, number])[] {
  return rows
    .filter((frequency) => frequency[type] > 0)
    .map((frequency) => [frequency.fault, frequency[type] * weigh(frequency.fault)] as const);
}
