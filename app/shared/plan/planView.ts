import { capital } from '../../../core/words/capital';
import type { FullAssessment } from '../../../core/judgement/assess';
import type { CornerView as Corner, PartState } from '../../../core/judgement/parts';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { describeObservation } from '../../../core/report/describe';
import { sayChannel, type SideSpeech } from '../../../core/vehicle/sides';
import { stateWords } from '../path/pathView';
import { texts } from '#words/shared/plan';

/** One corner of the plan. */
export interface CornerView extends Corner {
  readonly name: string;
  readonly shortName: string;
  readonly word: string;
  /** Last reading or live finding at this corner; empty where there is none. */
  readonly reading: string;
}

/** The last thing read or seen live at a corner; the newest first. */
function lastReading(file: CaseFile, channel: Channel, sides: SideSpeech): string {
  const last = file.observations.findLast(
    (seen) => !seen.withdrawn && seen.channel === channel && (seen.kind === 'live' || seen.kind === 'meter'),
  );
  if (!last) return '';
  const { figure, detail } = describeObservation(last, file, { sides });
  return figure || detail;
}

/** The corners of the plan, in the car's own order; before the first judgement none is checked. */
export function cornersOf(file: CaseFile, assessment: FullAssessment | null, sides: SideSpeech): CornerView[] {
  const blank = { state: 'not-checked' as PartState, probability: 0 };
  return file.vehicle.channels.map((channel) => {
    const { state, probability } = assessment?.corners.find((corner) => corner.channel === channel) ?? blank;
    return {
      channel,
      state,
      probability,
      name: capital(sayChannel(channel, sides, file.vehicle.steeringSide)),
      shortName: texts.short[channel],
      word: stateWords(state, probability),
      reading: lastReading(file, channel, sides),
    };
  });
}
