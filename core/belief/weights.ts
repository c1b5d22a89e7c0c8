import type { Channel, Segment } from '../casefile/words';
import { SEGMENTS } from '../casefile/words';
import { faultRow, type Cause } from '../knowledge/faults';
import { viewOf, type Group } from '../evidence/groups';
import type { Hypothesis } from './waysThroughTime';
import type { CarModel, ChannelModel } from './model';
import type { Posterior } from './posterior';

/** How much one group of reports speaks for a segment being at fault (positive) or against it, in decibans. */
export interface Weight {
  readonly ids: readonly string[];
  readonly channel: Channel;
  readonly segment: Segment;
  readonly decibans: number;
}

/** The likeliest variant of sensor types: weights are told for it. */
function likeliest(posterior: Posterior): CarModel {
  const best = posterior.variantChance.indexOf(Math.max(...posterior.variantChance));
  return posterior.models[best] as CarModel;
}

/**
 * Prior chances of a channel's ways on a car where some one of its channels is likely at fault: each is as likely as the next.
 * @param channel the channel. @param channels how many the car has. @returns chances that sum to 1.
 * @example Math.round(1e9 * priorsOf(MODEL.channels[0], 4).reduce((sum, chance) => sum + chance, 0)) / 1e9 // => 1
 */
export function priorsOf(channel: ChannelModel, channels: number): number[] {
  const sum = (isFaulty: boolean): number =>
    channel.hypotheses.reduce((total, way) => total + (way.faulty === isFaulty ? way.odds : 0), 0);
  const [faulty, sound] = [sum(true), sum(false)];
  return channel.hypotheses.map((way) =>
    way.faulty ? way.odds / faulty / (channels + 1) : (way.odds / sound) * (channels / (channels + 1)),
  );
}

function isIn(way: Hypothesis, epoch: number, segment: Segment): boolean {
  return (way.faults[epoch] ?? []).some((fault) => faultRow(fault).segment === segment);
}

/** Likelihood of a group under every way, weighed by the ways' priors: summed over all, and over those with a fault in each segment. */
function weigh(
  group: Group,
  channel: ChannelModel,
  priors: readonly number[],
): { readonly all: Sum; readonly inside: ReadonlyMap<Segment, Sum> } {
  const seen = viewOf(group, channel.type);
  const all = { likelihood: 0, weight: 0 };
  const inside = new Map<Segment, Sum>();
  channel.hypotheses.forEach((way, h) => {
    const faults = way.faults[group.epoch] ?? [];
    const weight = priors[h] ?? 0;
    const likelihood = weight * seen.likelihood(seen.concerned(faults));
    all.weight += weight;
    all.likelihood += likelihood;
    for (const segment of new Set(faults.map((fault) => faultRow(fault).segment as Segment))) {
      const sum = inside.get(segment) ?? { likelihood: 0, weight: 0 };
      inside.set(segment, { likelihood: sum.likelihood + likelihood, weight: sum.weight + weight });
    }
  });
  return { all, inside };
}

interface Sum {
  readonly likelihood: number;
  readonly weight: number;
}

/**
 * The weight of evidence of each group for each segment of the channel it names: 10·log₁₀ of how much better "a fault in this segment" explains it than everything else there.
 * @param posterior the belief. @returns one entry a group and segment, decibans rounded to a tenth.
 * @example weightsOf(POSTERIOR).length > 2 // => true
 */
export function weightsOf(posterior: Posterior): Weight[] {
  const model = likeliest(posterior);
  const priors = new Map(model.channels.map((channel) => [channel, priorsOf(channel, model.channels.length)]));
  return posterior.evidence.groups.flatMap((group) => {
    const ids = [...new Set(group.reports.flatMap((report) => report.ids))];
    const targets = model.channels.filter((channel) => group.channel === null || channel.channel === group.channel);
    return targets.flatMap((channel) => {
      const { all, inside } = weigh(group, channel, priors.get(channel) ?? []);
      return SEGMENTS.flatMap((segment): Weight[] => {
        const own = inside.get(segment);
        const without = own && (all.likelihood - own.likelihood) / (all.weight - own.weight);
        if (!own || own.weight <= 0 || !without || !(without > 0)) return [];
        const decibans = Math.round(100 * Math.log10(own.likelihood / own.weight / without)) / 10;
        return [{ ids, channel: channel.channel, segment, decibans }];
      });
    });
  });
}

/** Kinds of observation that look at the path itself: codes, lamps and drives only tell of it. */
const DIRECT: readonly Group['kind'][] = ['look', 'meter', 'distance', 'live', 'swap', 'substitute', 'unplug'];

/**
 * Decibans of direct evidence against all faults of a segment together: looks, readings, live speeds and trials since the last repair, and a repair there that holds.
 * @param posterior the belief. @param channel the channel. @param segment the segment.
 * @returns 0 or more is evidence that it is sound, against a sound channel as the measure; without direct evidence 0.
 * @example directProof(POSTERIOR, 'front-right', 'plug') > 0 // => false
 */
export function directProof(posterior: Posterior, channel: Channel, segment: Segment): number {
  const model = likeliest(posterior).channels.find((entry) => entry.channel === channel);
  if (!model) return 0;
  const lastStage = posterior.timeline.stages.length - 1;
  const direct = posterior.evidence.groups.filter(
    (group) => group.channel === channel && group.stage === lastStage && DIRECT.includes(group.kind),
  );
  const singles = model.hypotheses.filter(
    (way) => way.faults.every((faults) => faults.length === 1) && isIn(way, 0, segment),
  );
  const odds = singles.reduce((sum, single) => sum + single.odds, 0);
  if (odds <= 0) return repairProof(posterior, channel, segment);
  const views = direct.map((group) => viewOf(group, model.type));
  const product = (faults: readonly Cause[]): number =>
    views.reduce((all, seen) => all * seen.likelihood(seen.concerned(faults)), 1);
  const withFault = singles.reduce((sum, single) => sum + (single.odds / odds) * product(single.faults[0] ?? []), 0);
  return Math.max(0, -10 * Math.log10(withFault / product([]))) + repairProof(posterior, channel, segment);
}

/** A repair in the segment that its owner calls fixed is direct evidence too. */
function repairProof(posterior: Posterior, channel: Channel, segment: Segment): number {
  const repaired = posterior.timeline.boundaries.some(
    (mark) =>
      mark.is === 'repair' &&
      mark.repair.result === 'fixed' &&
      mark.repair.segment === segment &&
      (mark.repair.channel ?? channel) === channel,
  );
  return repaired ? 12 : 0;
}
