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
/** A bad place gives peaks at one, two and three a turn. */
const ECHOES = [1, 2, 3] as const;

/** More readings make nothing surer. */
const MOST = 2000;

/**
 * Sine and cosine content at one, two and three a turn for each scale in turn (Lomb 1976, Scargle 1982).
 * Each reading's angle is turned on by a fixed step from scale to scale; its echoes are the square and the cube.
 */
class Spectrum {
  private readonly real: Float64Array;
  private readonly imaginary: Float64Array;
  private readonly stepReal: Float64Array;
  private readonly stepImaginary: Float64Array;
  readonly squares = new Float64Array(ECHOES.length);

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

  /** Fills `squares` for the present scale, and goes on to the next. */
  next(): void {
    const { real, imaginary, stepReal, stepImaginary, shares } = this;
    let [c1, s1, c2, s2, c3, s3] = [0, 0, 0, 0, 0, 0];
    for (let at = 0; at < shares.length; at += 1) {
      const share = shares[at] as number;
      const [x, y] = [real[at] as number, imaginary[at] as number];
      const [x2, y2] = [x * x - y * y, 2 * x * y];
      c1 += share * x;
      s1 += share * y;
      c2 += share * x2;
      s2 += share * y2;
      c3 += share * (x2 * x - y2 * y);
      s3 += share * (x2 * y + y2 * x);
      real[at] = x * (stepReal[at] as number) - y * (stepImaginary[at] as number);
      imaginary[at] = x * (stepImaginary[at] as number) + y * (stepReal[at] as number);
    }
    this.squares[0] = c1 * c1 + s1 * s1;
    this.squares[1] = c2 * c2 + s2 * s2;
    this.squares[2] = c3 * c3 + s3 * s3;
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

/**
 * Looks for trembling once a wheel turn by order analysis.
 * @param turns turns at each reading, reckoned with {@link USUAL_TURN_M}. @param shares deviation at each reading as a share of the speed.
 * @returns the strongest trembling within what tyres differ by; null for fewer than 40 readings or readings that never differ.
 * @example trembling(new Float64Array(), new Float64Array()) // => null
 */
export function trembling(turns: Float64Array, shares: Float64Array): Trembling | null {
  if (turns.length < FEWEST) return null;
  const [at, by] = [turns.subarray(0, MOST), shares.subarray(0, MOST)];
  const count = by.length;
  const variance = by.reduce((sum, share) => sum + share * share, 0) / count;
  if (variance === 0) return null;
  const way = Math.max(1, (at.at(-1) ?? 0) - (at[0] ?? 0));
  const step = Math.max(1 / (4 * way), 0.0004);
  const spectrum = new Spectrum(at, by, 1 - SPREAD, step);
  let best = { chance: 1, scale: 1, first: 0 };
  let tries = 0;
  for (let scale = 1 - SPREAD; scale <= 1 + SPREAD; scale += step) {
    tries += 1;
    spectrum.next();
    const [first = 0] = spectrum.squares;
    let sum = 0;
    ECHOES.forEach((_, echo) => {
      sum += (spectrum.squares[echo] as number) / (count * variance);
      const chance = tail(sum, echo + 1);
      if (chance < best.chance) best = { chance, scale, first };
    });
  }
  const scale = sharpened(at, by, best.scale, step);
  return {
    amplitude: (2 * Math.sqrt(best.first)) / count,
    ...badPlace(at, by, scale),
    byChance: Math.min(1, best.chance * Math.min(tries, 4 * SPREAD * way + 1)),
    scale,
  };
}

/** The scale at which one turn's echoes stand highest, to an eighth of a step. */
function sharpened(turns: Float64Array, shares: Float64Array, near: number, step: number): number {
  const FINER = 8;
  const spectrum = new Spectrum(turns, shares, near - step, step / FINER);
  let best = { height: -1, scale: near };
  for (let at = 0; at <= 2 * FINER; at += 1) {
    spectrum.next();
    const height = spectrum.squares.reduce((sum, square) => sum + square, 0);
    if (height > best.height) best = { height, scale: near - step + (at * step) / FINER };
  }
  return best.scale;
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
