import type { CaseFile } from '../casefile/contract';
import type { OfferedMove } from '../planning/plan';
import { sayMoney } from '../words/money';
import { texts } from '#words/core/judgement';

function money(amount: number, file: CaseFile): string {
  return sayMoney(Math.max(1, Math.round(Math.abs(amount))), file.owner?.currency);
}

/** What choosing this move first saves or costs, your own time included. */
function savingWords(saving: number, file: CaseFile): string {
  if (Math.abs(saving) < 0.5) return texts.onAverageItCosts;
  return saving > 0 ? texts.onAverageThisSaves(money(saving, file)) : texts.onAverageThisCosts(money(saving, file));
}

/** Per cent with its human reading. */
function likelihood(share: number): string {
  const percent = share >= 0.995 ? 'over 99 %' : share < 0.01 ? 'under 1 %' : `${Math.round(100 * share)} %`;
  if (share >= 0.9) return texts.itIsAlmostCertain(percent);
  if (share >= 0.6) return texts.itIsLikelyThat(percent);
  return share >= 0.25 ? texts.thereIsAChance(percent) : texts.itIsUnlikelyThat(percent);
}

/** What would undo a repair, where a cause stands behind it. */
export interface Behind {
  /** Name of the fault behind, in lower case. */
  readonly cause: string;
  readonly probability: number;
}

/**
 * Why a move stands where it stands, as sentences: what its answers could change, or how likely it cures, and what it saves.
 * @param move the move. @param file the case: currency. @param behind a cause that would bring the fault back, null for none.
 * @returns plain words; each sentence ends with a stop.
 * @example whyOf(PLAN.moves[0], CASE, null).split('.')[0] // => "It is almost certain (94 %) that this alone cures it"
 */
export function whyOf(move: OfferedMove, file: CaseFile, behind: Behind | null): string {
  const saving = savingWords(move.saving, file);
  if (move.move.kind === 'check') return `${move.move.record.ifs} ${saving}`;
  const warning = behind ? texts.behindItMayBe(behind.cause, Math.round(100 * behind.probability)) : '';
  return `${likelihood(move.cures)}${warning} ${saving}`;
}
