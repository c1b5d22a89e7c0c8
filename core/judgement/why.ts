import type { CaseFile } from '../casefile/contract';
import type { OfferedMove } from '../planning/plan';
import { sayMoney } from '../words/money';

function money(amount: number, file: CaseFile): string {
  return sayMoney(Math.max(1, Math.round(Math.abs(amount))), file.owner?.currency);
}

/** What choosing this move first saves or costs, your own time included. */
function savingWords(saving: number, file: CaseFile): string {
  if (Math.abs(saving) < 0.5) return 'On average it costs about as much as it saves.';
  return saving > 0
    ? `On average this saves about ${money(saving, file)}, your time included.`
    : `On average this costs about ${money(saving, file)} more than the better road.`;
}

/** Per cent with its human reading. */
function likelihood(share: number): string {
  const percent = share >= 0.995 ? 'over 99 %' : share < 0.01 ? 'under 1 %' : `${Math.round(100 * share)} %`;
  if (share >= 0.9) return `It is almost certain (${percent}) that this alone cures it.`;
  if (share >= 0.6) return `It is likely (${percent}) that this alone cures it.`;
  return share >= 0.25
    ? `There is a ${percent} chance that this alone cures it.`
    : `It is unlikely (${percent}) that this alone cures it.`;
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
 */
export function whyOf(move: OfferedMove, file: CaseFile, behind: Behind | null): string {
  const saving = savingWords(move.saving, file);
  if (move.move.kind === 'check') return `${move.move.record.ifs} ${saving}`;
  const warning = behind
    ? ` Behind it may be: ${behind.cause}, ${Math.round(100 * behind.probability)} %. Unless that is mended too, the fault will come back.`
    : '';
  return `${likelihood(move.cures)}${warning} ${saving}`;
}
