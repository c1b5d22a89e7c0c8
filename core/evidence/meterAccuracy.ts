import type { ObservationOf } from '../casefile/contract';
import { COUNTS_OF_PLAIN_METER, GENERIC_METER, likelyResolution, meterHalfWidth } from '../quantities/uncertainty';
import type { ReadingContext } from './report';

/**
 * What one count of a reading is worth where it is known: stated, or told by the range that was set by hand.
 * @returns in the reading's unit; null where neither is known.
 * @example knownResolution({ range: 2000 }) // => 1
 */
export function knownResolution({
  resolution,
  range,
}: Pick<ObservationOf<'meter'>, 'resolution' | 'range'>): number | null {
  return resolution ?? (range === undefined ? null : range / COUNTS_OF_PLAIN_METER);
}

/**
 * The meter's own half-width of a reading, in its unit.
 * @example halfWidthOf(CASE.observations[2], STAGE) // => 15
 */
export function halfWidthOf(meter: ObservationOf<'meter'>, { owner }: Pick<ReadingContext, 'owner'>): number {
  if (meter.value === 'overload') return 0;
  const accuracy = {
    percent: owner.meter?.percent ?? GENERIC_METER.percent,
    counts: owner.meter?.counts ?? GENERIC_METER.counts,
  };
  const count = knownResolution(meter) ?? likelyResolution(meter.value, meter.quantity);
  return meterHalfWidth(meter.value, accuracy, count);
}
