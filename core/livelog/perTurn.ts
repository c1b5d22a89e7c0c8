import { Orders } from './orders';

/** How a channel trembles with the turning of its wheel. */
export interface Trembling {
  /** Height of the tremble once a turn, as a share of the speed. */
  readonly amplitude: number;
  /** How far the bad place stands out, as a share of the speed, all turns laid over each other. */
  readonly depth: number;
  /** Share of a turn that is bad, 0 to 0.5. */
  readonly share: number;
  /** Chance that noise alone looks like this. */
  readonly byChance: number;
  /** Turns of the wheel to one turn reckoned with the usual tyre. */
  readonly scale: number;
}

/** Way of a usual tyre in one turn (195/65 R15: 1.99 m less what the load presses in). */
export const USUAL_TURN_M = 1.95;
/** Tyres of cars lie within this share of it. */
const SPREAD = 0.18;
const FEWEST = 40;
/** A bad place gives peaks at one, two, three a turn and on: the narrower it is, the more of them. */
const ECHOES = 6;

/** More readings make nothing surer. */
const MOST = 2000;

/** Chance, as its logarithm, that the sum of so many unit-exponential powers is at least this: the gamma distribution's tail for whole shapes. */
function logTail(sum: number, many: number): number {
  let [term, total] = [1, 1];
  for (let at = 1; at < many; at += 1) {
    term *= sum / at;
    total += term;
  }
  return Math.min(0, Math.log(total) - sum);
}

/** What speaks most against chance at one scale. */
interface Peak {
  /** Logarithm of the chance. */
  readonly chance: number;
  readonly scale: number;
  /** Square of the sum at one a turn. */
  readonly first: number;
}

/** At one scale, of the echoes one by one, the sum that chance explains least; the same as before where none is less likely than that. */
function lessLikely(orders: Orders, scale: number, power: number, before: Peak): Peak {
  const first = orders.square(scale);
  let sum = 0;
  let peak = before;
  for (let echo = 1; echo <= ECHOES; echo += 1) {
    sum += (echo === 1 ? first : orders.square(echo * scale)) / power;
    /* However many there are, chance gives a sum at least e to its minus. */
    if (-sum >= peak.chance) continue;
    const chance = logTail(sum, echo);
    if (chance < peak.chance) peak = { chance, scale, first };
  }
  return peak;
}

/** The scale within what tyres differ by at which chance explains least; the sixth echo moves six times as fast with it. */
function strongest(orders: Orders, power: number): Peak {
  const step = orders.step / ECHOES;
  let best: Peak = { chance: 0, scale: 1, first: 0 };
  for (let scale = 1 - SPREAD; scale <= 1 + SPREAD; scale += step) best = lessLikely(orders, scale, power, best);
  return best;
}

/**
 * Looks for trembling once a wheel turn by order analysis.
 * @param turns turns at each reading, reckoned with {@link USUAL_TURN_M}, rising. @param shares deviation at each reading as a share of the speed.
 * @param faintest trembling that is wanted, as a share of the speed: where the readings differ by less in all, none is looked for.
 * @returns the strongest trembling within what tyres differ by; null for fewer than 40 readings or readings that never differ.
 * @example trembling(new Float64Array(), new Float64Array()) // => null
 */
export function trembling(turns: Float64Array, shares: Float64Array, faintest = 0): Trembling | null {
  if (turns.length < FEWEST) return null;
  const [at, by] = [turns.subarray(0, MOST), shares.subarray(0, MOST)];
  const count = by.length;
  const variance = by.reduce((sum, share) => sum + share * share, 0) / count;
  /* No wave in them can be higher than twice what they spread by (Cauchy–Schwarz): looking for it would be in vain. */
  if (variance === 0 || 2 * Math.sqrt(variance) < faintest) return null;
  const way = Math.max(1, (at.at(-1) ?? 0) - (at[0] ?? 0));
  const best = strongest(new Orders(at, by), count * variance);
  return {
    amplitude: (2 * Math.sqrt(best.first)) / count,
    ...badPlace(at, by, best.scale),
    byChance: Math.min(1, Math.exp(best.chance) * ECHOES * (4 * SPREAD * way * ECHOES + 1)),
    scale: best.scale,
  };
}

const BINS = 24;

/** All turns laid over each other: how far the bad place stands out from the usual, and what share of a turn lies beyond the middle. */
function badPlace(turns: Float64Array, shares: Float64Array, scale: number): Pick<Trembling, 'depth' | 'share'> {
  const [sums, counts] = [new Float64Array(BINS), new Float64Array(BINS)];
  turns.forEach((turn, at) => {
    const bin = Math.floor(((turn * scale) % 1) * BINS);
    sums[bin] = (sums[bin] ?? 0) + (shares[at] as number);
    counts[bin] = (counts[bin] ?? 0) + 1;
  });
  const means = Array.from(sums, (sum, bin) => ((counts[bin] ?? 0) > 0 ? sum / (counts[bin] as number) : 0));
  const usual = means.toSorted((first, second) => first - second)[BINS >> 1] ?? 0;
  const lowest = Math.min(...means);
  const highest = Math.max(...means);
  const isDip = usual - lowest >= highest - usual;
  const edge = (usual + (isDip ? lowest : highest)) / 2;
  const depth = isDip ? usual - lowest : highest - usual;
  return { depth, share: means.filter((mean) => (isDip ? mean < edge : mean > edge)).length / BINS };
}
