import type { Channel } from '../casefile/words';
import type { Posterior, Ranked } from '../belief/posterior';
import { faultRow, type FaultId } from '../knowledge/faults';

/** One row of the ranking; `none` has neither channel nor segment. */
export interface RankingRow {
  readonly channel: Channel | null;
  readonly fault: FaultId | 'none';
  readonly segment: string | null;
  readonly probability: number;
}

const LEAST_SHOWN = 0.0005;

/**
 * A chance as it is printed.
 * @param chance 0 to 1. @returns it to six digits.
 * @example asPrinted(1 / 3) // => 0.333333
 */
export const asPrinted = (chance: number): number => Number(chance.toFixed(6));

/**
 * Faults by their chance, the likeliest first, with the chance that there is none.
 * @param posterior what is believed. @param chances every fault's own chance, 0 to 1.
 * @returns rows of half a promille and more, to six digits.
 * @example rankingOf({ ...POSTERIOR, none: 1 }, [])[0].fault // => "none"
 */
export function rankingOf(posterior: Posterior, chances: readonly Ranked[]): RankingRow[] {
  const rows: RankingRow[] = chances
    .filter((row) => row.probability >= LEAST_SHOWN)
    .map((row) => ({
      channel: row.channel,
      fault: row.fault,
      segment: faultRow(row.fault).segment,
      probability: asPrinted(row.probability),
    }));
  const none: RankingRow = { channel: null, fault: 'none', segment: null, probability: asPrinted(posterior.none) };
  return [...rows, none].sort((a, b) => b.probability - a.probability);
}
