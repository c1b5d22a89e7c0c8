import { SEGMENTS, type Channel, type Segment } from '../casefile/words';
import { faultRow } from '../knowledge/faults';
import { STATES } from '../knowledge/limits';
import type { CarModel } from './model';
import { nowOf, type Posterior } from './posterior';
import type { Hypothesis } from './waysThroughTime';
import { directProof } from './weights';

export type SegmentState = 'at-fault' | 'suspect' | 'proved-good' | 'open-question';

/** The state of one segment of one channel's path. */
export interface SegmentView {
  readonly channel: Channel;
  readonly segment: Segment;
  readonly probability: number;
  readonly state: SegmentState;
}

function stateOf(posterior: Posterior, channel: Channel, segment: Segment, probability: number): SegmentState {
  if (probability >= STATES.atFaultFrom) return 'at-fault';
  if (probability >= STATES.suspectFrom) return 'suspect';
  const proved = probability <= STATES.provedUpTo && directProof(posterior, channel, segment) >= STATES.provedDecibans;
  return proved ? 'proved-good' : 'open-question';
}

const isInside = (way: Hypothesis, segment: Segment): boolean =>
  nowOf(way).some((fault) => faultRow(fault).segment === segment);

/** Chance in one variant that a segment of a channel holds a fault, what all channels share included. */
function chanceInside(posterior: Posterior, v: number, c: number, segment: Segment): number {
  const model = posterior.models[v] as CarModel;
  const sumOf = (ways: readonly Hypothesis[], chances: Float64Array | undefined): number =>
    ways.reduce((total, way, h) => total + (isInside(way, segment) ? (chances?.[h] ?? 0) : 0), 0);
  const own = sumOf(model.channels[c]?.hypotheses ?? [], posterior.wayChance[v]?.[c]);
  return own + sumOf(model.shared, posterior.sharedChance[v]);
}

/**
 * The signal path of every channel: how likely each segment holds any fault now, and what that makes it.
 * @param posterior the belief. @returns seven entries a channel, in the order of the path.
 * @example segmentViews(POSTERIOR).find(({ channel, segment }) => channel === 'front-right' && segment === 'plug').state // => "at-fault"
 */
export function segmentViews(posterior: Posterior): SegmentView[] {
  const first = posterior.models[0];
  return (first?.channels ?? []).flatMap((_one, c) =>
    SEGMENTS.map((segment): SegmentView => {
      const channel = first?.channels[c]?.channel as Channel;
      const probability = posterior.models.reduce(
        (sum, _model, v) => sum + (posterior.variantChance[v] ?? 0) * chanceInside(posterior, v, c, segment),
        0,
      );
      const bounded = Math.min(1, Math.max(0, probability));
      return { channel, segment, probability: bounded, state: stateOf(posterior, channel, segment, bounded) };
    }),
  );
}

/**
 * How likely each corner holds any fault now, an old code apart; what all corners share is no corner's.
 * @param posterior the belief. @returns one a channel, in the car's order; two may be at fault at once.
 * @example cornerChances(POSTERIOR).map(({ channel }) => channel).length // => 4
 */
export function cornerChances(
  posterior: Posterior,
): readonly { readonly channel: Channel; readonly probability: number }[] {
  const isFaulty = (way: Hypothesis): boolean => nowOf(way).some((fault) => fault !== 'stale-code');
  return (posterior.models[0]?.channels ?? []).map(({ channel }, c) => {
    const probability = posterior.models.reduce((sum, model, v) => {
      const chances = posterior.wayChance[v]?.[c];
      const faulty = (model.channels[c]?.hypotheses ?? []).reduce(
        (total, way, h) => total + (isFaulty(way) ? (chances?.[h] ?? 0) : 0),
        0,
      );
      return sum + (posterior.variantChance[v] ?? 0) * faulty;
    }, 0);
    return { channel, probability: Math.min(1, Math.max(0, probability)) };
  });
}
