/** What the dark between two flashes is: the beat inside a digit, the pause before the next digit, or before the next code. */
export type Pause = 'beat' | 'digit' | 'code';

/** One way to read the gaps of a take. */
export interface GapReading {
  /** How many digits each code has under this reading. */
  readonly digits: number;
  readonly pauses: readonly Pause[];
  /** Log of how well the lengths fit; comparable between readings of the same gaps. */
  readonly fit: number;
}

interface Usual {
  readonly value: number;
  /** How far it strays below and above, as natural logs: a pause that can't be told by eye isn't one. */
  readonly below: number;
  readonly above: number;
}

/** Usual lengths in seconds, then usual ratios: how lamps are timed so that an eye can count them. */
const USUAL: Readonly<Record<string, Usual>> = {
  beat: { value: 0.5, below: 0.5, above: 0.5 },
  digitToBeat: { value: 2.8, below: 0.18, above: 0.35 },
  codeToDigit: { value: 2, below: 0.17, above: 0.4 },
  codeToBeat: { value: 5.5, below: 0.35, above: 0.45 },
  digitAlone: { value: 1.5, below: 0.3, above: 0.5 },
  codeAlone: { value: 3, below: 0.35, above: 0.5 },
};
/** A hand strays by this share of the beat (more where holds are subtracted), and of the pause. */
export const BEAT_STRAY = { tapped: 0.2, held: 0.32 } as const;
const PAUSE_STRAY = 0.12;
/** Gaps closer than this ratio belong together. */
const LEAST_STEP = 1.08;
/** Readings that fit so much worse than the best, in natural logs, aren't followed up. */
const HOPELESS = 14;
/** Readers of lamps meet two digits most. */
const DIGITS_PRIOR: readonly (readonly [number, number])[] = [
  [1, Math.log(0.12)],
  [2, Math.log(0.84)],
  [3, Math.log(0.04)],
];

function suits(length: number, usual: Usual | undefined): number {
  if (!usual) return 0;
  const away = Math.log(length / usual.value);
  const spread = away < 0 ? usual.below : usual.above;
  return -0.5 * (away / spread) ** 2 - Math.log((usual.below + usual.above) / 2);
}

/** How well the mean lengths of the three classes suit each other. */
function fitOfMeans(beat: number | null, digit: number | null, code: number | null): number {
  let fit = 0;
  if (beat !== null) fit += suits(beat, USUAL.beat);
  if (digit !== null) fit += beat === null ? suits(digit, USUAL.digitAlone) : suits(digit / beat, USUAL.digitToBeat);
  if (code === null) return fit;
  if (digit !== null) return fit + suits(code / digit, USUAL.codeToDigit);
  return fit + (beat === null ? suits(code, USUAL.codeAlone) : suits(code / beat, USUAL.codeToBeat));
}

/** Sums over sorted gaps, so that a class's mean and spread cost no loop. */
interface Sums {
  readonly count: readonly number[];
  readonly square: readonly number[];
}

function sumsOf(sorted: readonly number[]): Sums {
  const [count, square] = [[0], [0]];
  sorted.forEach((value, at) => {
    count.push((count[at] ?? 0) + value);
    square.push((square[at] ?? 0) + value * value);
  });
  return { count, square };
}

interface Class {
  readonly many: number;
  readonly mean: number | null;
  /** Sum of squared distances from the mean. */
  readonly spread: number;
}

function classOf(sums: Sums, from: number, to: number): Class {
  const many = to - from;
  if (many === 0) return { many, mean: null, spread: 0 };
  const sum = (sums.count[to] ?? 0) - (sums.count[from] ?? 0);
  const square = (sums.square[to] ?? 0) - (sums.square[from] ?? 0);
  return { many, mean: sum / many, spread: Math.max(0, square - (sum * sum) / many) };
}

function fitOfClass({ many, mean, spread }: Class, beat: number, beatStray: number): number {
  if (mean === null) return 0;
  const stray = beatStray * beat + PAUSE_STRAY * Math.max(0, mean - beat);
  return -0.5 * (spread / (stray * stray)) - many * Math.log(stray);
}

/** Places between the sorted gaps where a class may end. */
function cutsOf(sorted: readonly number[]): number[] {
  const inner = sorted.flatMap((value, at) => (at > 0 && value / (sorted[at - 1] ?? value) >= LEAST_STEP ? [at] : []));
  return [0, ...inner, sorted.length];
}

/**
 * The ways to split gaps by length into beats, digit pauses and code pauses, each with how well it fits; hopeless ones left out.
 * @param gaps lengths in seconds, above 0, in order. @param stray share of the beat. @returns readings, unsorted; no gap gives one for each way that codes are written.
 * @example readingsOfGaps([0.4, 0.4, 1.6, 0.4]).some(({ pauses }) => pauses.join() === 'beat,beat,digit,beat') // => true
 */
export function readingsOfGaps(gaps: readonly number[], stray: number = BEAT_STRAY.tapped): readonly GapReading[] {
  const sorted = [...gaps].sort((a, b) => a - b);
  const cuts = cutsOf(sorted);
  const sums = sumsOf(sorted);
  const made: { first: number; second: number; fit: number }[] = [];
  for (const first of cuts)
    for (const second of cuts) {
      if (second < first) continue;
      const classes = [
        classOf(sums, 0, first),
        classOf(sums, first, second),
        classOf(sums, second, sorted.length),
      ] as const;
      const [beat, digit, code] = [classes[0].mean, classes[1].mean, classes[2].mean];
      const scale = beat ?? (digit ?? (code ?? 1) / 2) / 2.8;
      const fits = classes.map((entry) => fitOfClass(entry, scale, stray));
      made.push({ first, second, fit: fitOfMeans(beat, digit, code) + fits.reduce((sum, fit) => sum + fit, 0) });
    }
  const best = made.reduce((most, pair) => Math.max(most, pair.fit), -Infinity);
  return made
    .filter((pair) => pair.fit > best - HOPELESS)
    .flatMap(({ first, second, fit }) => {
      const [digitFrom, codeFrom] = [sorted[first] ?? Infinity, sorted[second] ?? Infinity];
      const pauses = gaps.map((gap): Pause => (gap >= codeFrom ? 'code' : gap >= digitFrom ? 'digit' : 'beat'));
      return DIGITS_PRIOR.filter(([digits]) => (digits === 1) === (first === second)).map(([digits, prior]) => ({
        digits,
        pauses,
        fit: fit + prior,
      }));
    });
}
