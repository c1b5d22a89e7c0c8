import { capital } from '../../../core/words/capital';
import type { FullAssessment } from '../../../core/judgement/assess';
import type { SegmentState } from '../../../core/belief/segments';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { LIVE_NAMES } from '../../../core/knowledge/names';
import { showReading } from '../../../core/quantities/show';
import { sayChannel, type SideSpeech } from '../../../core/vehicle/sides';
import { percent } from '../path/pathView';
import { texts } from '#words/shared/plan';

/** One corner of the plan. */
export interface CornerView {
  readonly channel: Channel;
  readonly name: string;
  readonly shortName: string;
  readonly state: SegmentState;
  readonly word: string;
  /** Last reading or live finding at this corner; empty where there is none. */
  readonly reading: string;
  readonly probability: number;
}

const CLEAR_BELOW = 0.02;
const SUSPECT_FROM = 0.25;
/** A corner is suspect only when it stands out from the others; before codes all share the suspicion alike. */
const STANDS_OUT = 1.6;
const FAULT_FROM = 0.9;

/** The last thing read or seen live at a corner since the last repair counts; the newest first. */
function lastReading(file: CaseFile, channel: Channel): { readonly text: string; readonly answers: boolean } {
  for (const observation of [...file.observations].reverse()) {
    if (observation.withdrawn || observation.channel !== channel) continue;
    if (observation.kind === 'live')
      return {
        text: LIVE_NAMES[observation.finding] ?? observation.finding,
        answers: observation.finding === 'follows',
      };
    if (observation.kind === 'meter') {
      const shown = showReading(observation.value, observation.quantity, observation.resolution ?? null);
      return { text: `${shown.number} ${shown.unit}`.trim(), answers: false };
    }
  }
  return { text: '', answers: false };
}

/** Chance that the corner holds any fault, an old code apart. */
function suspicion(assessment: FullAssessment | null, channel: Channel): number {
  const rows = assessment?.ranking.filter((entry) => entry.channel === channel && entry.fault !== 'stale-code') ?? [];
  return Math.min(
    1,
    rows.reduce((sum, row) => sum + row.probability, 0),
  );
}

interface Standing {
  readonly share: number;
  readonly average: number;
  readonly answers: boolean;
  readonly hasProof: boolean;
}

function stateAndWord({ share, average, answers, hasProof }: Standing): readonly [SegmentState, string] {
  if (share >= FAULT_FROM) return ['at-fault', texts.atFault];
  if (share >= SUSPECT_FROM && share >= average * STANDS_OUT) return ['suspect', texts.suspect(percent(share))];
  if (share <= CLEAR_BELOW && (answers || hasProof)) return ['proved-good', answers ? 'answers' : 'proved'];
  return ['open-question', texts.notRuledOut(percent(share))];
}

/** The corners of the plan, in the car's own order. */
export function cornersOf(file: CaseFile, assessment: FullAssessment | null, sides: SideSpeech): CornerView[] {
  const { channels } = file.vehicle;
  const average = channels.reduce((sum, channel) => sum + suspicion(assessment, channel), 0) / channels.length;
  return channels.map((channel) => {
    const probability = suspicion(assessment, channel);
    const reading = lastReading(file, channel);
    const hasProof =
      assessment?.segments.some((segment) => segment.channel === channel && segment.state === 'proved-good') ?? false;
    const [state, word] = assessment
      ? stateAndWord({ share: probability, average, answers: reading.answers, hasProof })
      : (['open-question', 'open'] as const);
    const name = sayChannel(channel, sides, file.vehicle.steeringSide);
    return {
      channel,
      name: capital(name),
      shortName: texts.short[channel],
      state,
      word,
      reading: reading.text,
      probability,
    };
  });
}
