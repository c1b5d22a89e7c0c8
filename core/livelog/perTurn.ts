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

/**
 * Sine and cosine content at one to six a turn for each scale in turn (Lomb 1976, Scargle 1982).
 * Each reading's angle is turned on by a fixed step from scale to scale; its echoes are its powers.
 */
class Spectrum {
  private readonly real: Float64Array;
  private readonly imaginary: Float64Array;
  private readonly stepReal: Float64Array;
  private readonly stepImaginary: Float64Array;
  /** Square of what is found at one to six a turn. */
  readonly squares = new Float64Array(ECHOES);

  constructor(
    turns: Float64Array,
    private readonly shares: Float64Array,
    from: number,
    step: number,
  ) {
    const angle = (at: number, scale: number): number => 2 * Math.PI * scale * (turns[at] as number);
    this.real = Float64Array.from(turns, (_, at) => Math.cos(angle(at, from)));
    this.imaginary = Float64Array.from(turns, (_, at) => Math.sin(angle(at, from)));
    this.stepReal = Float64Array.from(turns, (_, at) => Math.cos(angle(at, step)));
    this.stepImaginary = Float64Array.from(turns, (_, at) => Math.sin(angle(at, step)));
  }

  /** Fills `squares` for the present scale, and goes on to the next. The six are written out: a loop over them takes four times as long. */
  next(): void {
    const { real, imaginary, stepReal, stepImaginary, shares } = this;
    let [c1, c2, c3, c4, c5, c6] = [0, 0, 0, 0, 0, 0];
    let [s1, s2, s3, s4, s5, s6] = [0, 0, 0, 0, 0, 0];
    for (let at = 0; at < shares.length; at += 1) {
      const share = shares[at] as number;
      const x = real[at] as number;
      const y = imaginary[at] as number;
      const [x2, y2] = [x * x - y * y, 2 * x * y];
      const [x3, y3] = [x2 * x - y2 * y, x2 * y + y2 * x];
      c1 += share * x;
      s1 += share * y;
      c2 += share * x2;
      s2 += share * y2;
      c3 += share * x3;
      s3 += share * y3;
      c4 += share * (x2 * x2 - y2 * y2);
      s4 += share * 2 * x2 * y2;
      c5 += share * (x3 * x2 - y3 * y2);
      s5 += share * (x3 * y2 + y3 * x2);
      c6 += share * (x3 * x3 - y3 * y3);
      s6 += share * 2 * x3 * y3;
      const stepX = stepReal[at] as number;
      const stepY = stepImaginary[at] as number;
      real[at] = x * stepX - y * stepY;
      imaginary[at] = x * stepY + y * stepX;
    }
    const sums = [c1, s1, c2, s2, c3, s3, c4, s4, c5, s5, c6, s6];
    for (let echo = 0; echo < ECHOES; echo += 1)
      this.squares[echo] = (sums[2 * echo] as number) ** 2 + (sums[2 * echo + 1] as number) ** 2;
  }
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

/** What speaks most against chance at one scale. */
interface Peak {
  readonly chance: number;
  readonly scale: number;
  /** Square of the sum at one a turn. */
  readonly first: number;
}

/** The strongest peak of so many scales from one on: of the echoes one by one, the sum that chance explains least. */
function peaksOf(spectrum: Spectrum, from: number, step: number, scales: number, power: number): readonly Peak[] {
  return Array.from({ length: scales }, (_, at): Peak => {
    spectrum.next();
    let [sum, chance] = [0, 1];
    for (let echo = 0; echo < ECHOES; echo += 1) {
      sum += (spectrum.squares[echo] as number) / power;
      chance = Math.min(chance, tail(sum, echo + 1));
    }
    return { chance, scale: from + at * step, first: spectrum.squares[0] as number };
  });
}

/** So many of the best scales are looked at more closely. */
const CLOSER = 6;
/** The echo of the sixth order moves six times as fast with the scale. */
const FINER = 2 * ECHOES;

/**
 * Looks for trembling once a wheel turn by order analysis.
 * @param turns turns at each reading, reckoned with {@link USUAL_TURN_M}. @param shares deviation at each reading as a share of the speed.
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
  const power = count * variance;
  const way = Math.max(1, (at.at(-1) ?? 0) - (at[0] ?? 0));
  const step = 1 / (4 * way);
  const coarse = peaksOf(
    new Spectrum(at, by, 1 - SPREAD, step),
    1 - SPREAD,
    step,
    Math.ceil((2 * SPREAD) / step),
    power,
  );
  const near = coarse.toSorted((first, second) => first.chance - second.chance).slice(0, CLOSER);
  const fine = near.flatMap(({ scale }) =>
    peaksOf(new Spectrum(at, by, scale - step, step / FINER), scale - step, step / FINER, 2 * FINER + 1, power),
  );
  const best = fine.reduce((least, peak) => (peak.chance < least.chance ? peak : least));
  return {
    amplitude: (2 * Math.sqrt(best.first)) / count,
    ...badPlace(at, by, best.scale),
    byChance: Math.min(1, best.chance * ECHOES * (4 * SPREAD * way * ECHOES + 1)),
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
