import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { judgeMeter } from './judgeMeter';
import type { ReadingContext, Reading } from './report';
import { texts } from '#words/core/evidence';

/** What feeds the whole car is at no wheel, whatever wheel was looked at. */
const OF_CAR: readonly ObservationOf<'meter'>['point'][] = ['battery', 'module-supply'];

/**
 * Turns a meter reading into a report: its verdict, for the check that it answers.
 * @param meter the observation. @param channel its channel, null where unknown. @param context the stage it was made in.
 * @returns the report, or why it is void.
 * @example Object.keys(readMeter(CASE.observations[2], 'front-right', STAGE).reports[0].fits) // => ["inside"]
 */
export function readMeter(meter: ObservationOf<'meter'>, channel: Channel | null, context: ReadingContext): Reading {
  const judged = judgeMeter(meter, channel, context);
  if (!judged.check) return { ignored: texts.isVoid(judged.why) };
  const at = OF_CAR.includes(meter.point) ? null : channel;
  return { reports: [{ ids: [meter.id], channel: at, check: judged.check, fits: judged.verdict.fits }] };
}
