/** A word below the scale, by the place of its middle. */
interface BandLabel {
  readonly x: number;
  readonly words: string;
}

/** A letter of the scale's type, in the scale's own units, and the least that stands between two words. */
const LETTER = 8;
const APART = 10;

const halfOf = (words: string): number => (words.length * LETTER) / 2;

/**
 * The words below a scale, one a limit; limits that stand too close for their words share one.
 * @param limits their places on the scale and their words, first to last. @param width of the scale.
 * @returns labels that do not overlap and stay within the scale.
 */
export function bandLabels(
  limits: readonly (readonly [x: number, words: string])[],
  width: number,
): readonly BandLabel[] {
  const inside = (x: number, words: string): BandLabel => ({
    x: Math.min(Math.max(x, halfOf(words)), Math.max(halfOf(words), width - halfOf(words))),
    words,
  });
  const labels = limits.map(([x, words]) => inside(x, words));
  const [low, high] = labels;
  if (!low || !high || low.x + halfOf(low.words) + APART <= high.x - halfOf(high.words)) return labels;
  return [inside((low.x + high.x) / 2, `${low.words} – ${high.words}`)];
}
