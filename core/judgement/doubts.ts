import { viewOf, type Group } from '../evidence/groups';
import type { CarModel, ChannelModel } from '../belief/model';
import type { Posterior } from '../belief/posterior';
import { priorsOf } from '../belief/weights';
import { texts } from '#words/core/judgement';

/** An observation that does not fit the rest. */
export interface Doubt {
  readonly id: string;
  readonly why: string;
}

/** How many times less likely than at first the rest must make an observation before it is doubted. */
const MUCH_LESS_LIKELY = 0.12;
const UNLIKELY = 0.12;

function values(group: Group, channel: ChannelModel): number[] {
  const seen = viewOf(group, channel.type);
  return channel.hypotheses.map((way) => seen.likelihood(seen.concerned(way.faults[group.epoch] ?? [])));
}

/** The group's reports without those that rest on one observation. */
function without(group: Group, id: string): Group {
  return { ...group, reports: group.reports.filter((report) => !report.ids.includes(id)) };
}

interface Fit {
  /** Chance of the observation given all the others: 1 / E[1 / L], the expectation over what is believed with it. */
  readonly amongRest: number;
  readonly atFirst: number;
}

function fitOf(id: string, group: Group, channel: ChannelModel, channels: number, chance: Float64Array): Fit {
  const all = values(group, channel);
  const rest = without(group, id);
  const others = rest.reports.length > 0 ? values(rest, channel) : all.map(() => 1);
  const own = all.map((value, h) => value / Math.max(1e-12, others[h] ?? 1));
  const inverse = own.reduce((sum, value, h) => sum + (chance[h] ?? 0) / Math.max(1e-12, value), 0);
  const priors = priorsOf(channel, channels);
  const atFirst = own.reduce((sum, value, h) => sum + (priors[h] ?? 0) * value, 0);
  return { amongRest: 1 / Math.max(1e-12, inverse), atFirst };
}

/**
 * Names the observations that the rest makes unlikely: worth measuring again.
 * @param posterior the belief. @returns one entry an observation, the least fitting first. Codes and lamps count as shown and are not doubted here.
 * @example doubtsOf(POSTERIOR) // => []
 */
export function doubtsOf(posterior: Posterior): Doubt[] {
  const best = posterior.variantChance.indexOf(Math.max(...posterior.variantChance));
  const model = posterior.models[best] as CarModel;
  const doubted = posterior.evidence.groups.flatMap((group) => {
    const c = model.channels.findIndex((channel) => channel.channel === group.channel);
    const channel = model.channels[c];
    const chance = posterior.wayChance[best]?.[c];
    if (!channel || !chance || group.kind === 'code') return [];
    const ids = [...new Set(group.reports.flatMap((report) => report.ids))];
    return ids.map((id) => ({ id, ...fitOf(id, group, channel, model.channels.length, chance) }));
  });
  return doubted
    .filter((entry) => entry.amongRest < UNLIKELY && entry.amongRest < entry.atFirst * MUCH_LESS_LIKELY)
    .sort((a, b) => a.amongRest / a.atFirst - b.amongRest / b.atFirst)
    .map(({ id }) => ({
      id,
      why: texts.unusualBesideYourOther,
    }));
}
