import { viewOf, type Group } from '../evidence/groups';
import { kindsOf } from '../belief/kinds';
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

/** An observation's chance, by what is believed with it and by what was believed at first. */
interface Fit {
  /** Given all the others: 1 / E[1 / L], the expectation over what is believed with it. */
  readonly amongRest: number;
  readonly atFirst: number;
}

/** Shares of ways as shares of the kinds of causes that a group can tell apart. */
function byKind(shares: ArrayLike<number>, kinds: Int32Array, count: number): Float64Array {
  const sums = new Float64Array(count);
  kinds.forEach((kind, way) => (sums[kind] = (sums[kind] as number) + (shares[way] ?? 0)));
  return sums;
}

/** How an observation of a group fits, by its id. */
function fitsIn(group: Group, channel: ChannelModel, channels: number, chance: Float64Array): (id: string) => Fit {
  const seen = viewOf(group, channel.type);
  const [causes, kinds] = kindsOf(channel.hypotheses, seen, group.epoch);
  const now = byKind(chance, kinds, causes.length);
  const first = byKind(priorsOf(channel, channels), kinds, causes.length);
  return (id) => {
    let [inverse, atFirst] = [0, 0];
    causes.forEach((kind, k) => {
      const own = seen.restingOn(id, kind);
      inverse += (now[k] as number) / Math.max(1e-12, own);
      atFirst += (first[k] as number) * own;
    });
    return { amongRest: 1 / Math.max(1e-12, inverse), atFirst };
  };
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
    const fitOf = fitsIn(group, channel, model.channels.length, chance);
    return ids.map((id) => ({ id, ...fitOf(id) }));
  });
  return doubted
    .filter((entry) => entry.amongRest < UNLIKELY && entry.amongRest < entry.atFirst * MUCH_LESS_LIKELY)
    .sort((a, b) => a.amongRest / a.atFirst - b.amongRest / b.atFirst)
    .map(({ id }) => ({
      id,
      why: texts.unusualBesideYourOther,
    }));
}
