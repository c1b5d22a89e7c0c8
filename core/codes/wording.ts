import type { Failure } from '../casefile/words';

/** Words on a reader's screen that name a failure; the first row that matches counts. */
const WORDINGS: readonly (readonly [RegExp, Failure])[] = [
  [/\bshort(ed)?\b.*\b(ground|earth|gnd|mass|minus)\b/, 'short-to-ground'],
  [/\bshort(ed)?\b.*\b(supply|battery|positive|plus|power|b\+)/, 'short-to-supply'],
  [/\b(intermittent|sporadic|loose contact)\b/, 'intermittent'],
  [/\b(supply|feed)\b.*\b(voltage|fault|low|high|missing|circuit|failure)\b/, 'supply'],
  [/\b(direction)\b/, 'direction'],
  [/\b(open circuit|open|interrupted|interruption|broken wire|disconnected)\b/, 'open'],
  [
    /\b(no signal|signal missing|missing signal|signal too (weak|small|low)|amplitude too (small|low)|lost signal|signal lost)\b/,
    'no-signal',
  ],
  [/\b(erratic|noise|noisy|waveform|frequency|rate of change|irregular|unsteady)\b/, 'erratic'],
  [/\b(implausible|plausib\w*|incorrect signal|invalid|compare|comparison|rationality|mismatch)\b/, 'implausible'],
  [/\b(circuit|electrical|resistance|voltage|short(ed)?)\b/, 'circuit'],
];

/**
 * Finds the failure that a reader's wording names.
 * @param text wording as shown; only its first 400 characters count.
 * @returns the failure, or null when the words name none.
 * @example failureFromWords('Left front wheel speed sensor, short to ground') // => "short-to-ground"
 */
export function failureFromWords(text: string): Failure | null {
  const words = text.slice(0, 400).toLowerCase();
  return WORDINGS.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}
