/** How a channel trembles with the turning of its wheel. */
export interface Trembling {
  /** Height of the tremble once a turn, as a share of the speed. */
  readonly amplitude: number;
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
/** A bad place gives peaks at one, two and three a turn. */
const ECHOES = [1, 2, 3];

interface Sampled {
  /** Turns since the start, by the usual tyre. */
  readonly turns: readonly number[];
  /** Deviation from the speed it should have, as a share of it, without what changes slowly. */
  readonly shares: readonly number[];
}

/** Sine and cosine content at so many a turn, and how often chance gives as much (Lomb 1976, Scargle 1982). */
function powerAt({ turns, shares }: Sampled, order: number, variance: number): { power: number; amplitude: number } {
  let [cosine, sine] = [0, 0];
  for (let at = 0; at < turns.length; at += 1) {
    const angle = 2 * Math.PI * order * (turns[at] as number);
    cosine += (shares[at] as number) * Math.cos(angle);
    sine += (shares[at] as number) * Math.sin(angle);
  }
  const count = turns.length;
  return {
    power: (cosine * cosine + sine * sine) / (count * variance),
    amplitude: (2 * Math.hypot(cosine, sine)) / count,
  };
}

/** Chance that the sum of so many unit-exponential powers is at least this: the gamma distribution's tail for whole shapes. */
function tail(sum: number, many: number): number {
  let [term, total] = [1, 1];
  for (let at = 1; at < many; at += 1) {
    term *= sum / at;
    total += term;
  }
  return Math.min(1, Math.exp(-sum) * total);
}

/**
 * Looks for trembling once a wheel turn by order analysis.
 * @param turns turns at each reading, reckoned with {@link USUAL_TURN_M}. @param shares deviation at each reading as a share of the speed.
 * @returns the strongest trembling within what tyres differ by; null for fewer than 40 readings or readings that never differ.
 * @example trembling([], []) // => null
 */
export function trembling(turns: readonly number[], shares: readonly number[]): Trembling | null {
  if (turns.length < FEWEST) return null;
  const variance = shares.reduce((sum, share) => sum + share * share, 0) / shares.length;
  if (variance === 0) return null;
  const way = Math.max(1, (turns.at(-1) ?? 0) - (turns[0] ?? 0));
  const step = Math.max(1 / (4 * way), 0.0004);
  let best = { sum: 0, scale: 1, many: 1 };
  let tries = 0;
  for (let scale = 1 - SPREAD; scale <= 1 + SPREAD; scale += step) {
    tries += 1;
    let sum = 0;
    ECHOES.forEach((echo, at) => {
      sum += powerAt({ turns, shares }, scale * echo, variance).power;
      if (tail(sum, at + 1) < tail(best.sum, best.many)) best = { sum, scale, many: at + 1 };
    });
  }
  const [first, second] = ECHOES.map((echo) => powerAt({ turns, shares }, best.scale * echo, variance).amplitude);
  const ratio = Math.min(1, (second ?? 0) / Math.max(first ?? 0, 1e-9));
  return {
    amplitude: first ?? 0,
    share: Math.acos(ratio) / Math.PI,
    byChance: Math.min(1, tail(best.sum, best.many) * Math.min(tries, 4 * SPREAD * way + 1)),
    scale: best.scale,
  };
}
