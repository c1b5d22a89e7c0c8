import type { CaseFile } from '../casefile/contract';
import type { PricedMove } from '../planning/pricedMove';

function money(amount: number, file: CaseFile): string {
  return `${Math.round(Math.abs(amount))} ${file.owner?.currency ?? 'EUR'}`;
}

/** What choosing this move first saves or costs. */
function savingWords(saving: number, file: CaseFile): string {
  if (Math.abs(saving) < 0.5) return 'costs about as much as repairing at once';
  return saving > 0
    ? `saves about ${money(saving, file)}`
    : `costs about ${money(saving, file)} more than the best repair at once`;
}

/**
 * One sentence why a move stands where it stands.
 * @param move the priced move. @param saving its expected saving, money. @param file the case: currency, sides.
 * @returns plain words, without a final stop.
 */
export function whyOf(move: PricedMove, saving: number, file: CaseFile): string {
  if (move.candidate) return `${move.candidate.tells}; ${savingWords(saving, file)}`;
  return `cures with ${Math.round(100 * move.cures)} %; ${savingWords(saving, file)}`;
}
