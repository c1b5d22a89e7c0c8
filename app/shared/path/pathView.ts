import type { SegmentState, SegmentView } from '../../../core/belief/segments';
import { SEGMENTS, type Channel, type Segment } from '../../../core/casefile/words';
import { SEGMENT_NAMES } from '../../../core/knowledge/names';
import { texts } from '#words/shared/path';

/** One segment as drawn. */
export interface PathPiece {
  readonly segment: Segment;
  readonly name: string;
  readonly shortName: string;
  readonly state: SegmentState;
  readonly probability: number;
  readonly label: string;
}

const SHORT: Readonly<Record<Segment, string>> = {
  ring: texts.ring,
  gap: texts.gap,
  sensor: texts.sensor,
  lead: texts.lead,
  plug: texts.plug,
  loom: texts.loom,
  module: texts.mod,
};

/** A share as people read it: never 0 or 100 where it isn't. */
export function percent(share: number): string {
  if (share < 0.005) return '<1\u00a0%';
  if (share < 1 && share >= 0.995) return '99\u00a0%';
  return `${Math.round(share * 100)}\u00a0%`;
}

function labelOf(state: SegmentState, probability: number): string {
  switch (state) {
    case 'proved-good':
      return 'proved';
    case 'open-question':
      return texts.notRuledOut(percent(probability));
    case 'suspect':
      return texts.suspect(percent(probability));
    case 'at-fault':
      return texts.atFault(percent(probability));
    default:
      return state satisfies never;
  }
}

/** The seven pieces of a channel's path; before the first judgement all are open questions. */
export function pathOf(views: readonly SegmentView[], channel: Channel): PathPiece[] {
  return SEGMENTS.map((segment) => {
    const view = views.find((view) => view.channel === channel && view.segment === segment);
    const state = view?.state ?? 'open-question';
    const probability = view?.probability ?? 0;
    return {
      segment,
      name: SEGMENT_NAMES[segment],
      shortName: SHORT[segment],
      state,
      probability,
      label: view ? labelOf(state, probability) : texts.notCheckedYet,
    };
  });
}

const numbered = (count: number): string => texts.numbers[count] ?? String(count);

/** The path in half a sentence. */
export function summaryOf(pieces: readonly PathPiece[]): string {
  const count = (state: SegmentState): number => pieces.filter((piece) => piece.state === state).length;
  const good = count('proved-good');
  const parts = [texts.provedGood(numbered(good), good === 7 ? '' : texts.ofSeven)];
  if (count('at-fault') > 0) parts.push(texts.partsAtFault(numbered(count('at-fault'))));
  if (count('suspect') > 0) parts.push(texts.suspects(numbered(count('suspect'))));
  return parts.join(', ');
}
