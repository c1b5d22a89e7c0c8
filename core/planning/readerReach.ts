import type { Observation } from '../casefile/contract';
import { isFlashCode } from '../codes/forms';
import type { Posterior } from '../belief/posterior';

/** Whether an observation tells that a reader reached the brake module, or did not; flashes of a lamp tell nothing of it. */
function tellsOfReader(observation: Observation): boolean {
  switch (observation.kind) {
    case 'code':
      return (observation.module ?? 'abs') === 'abs' && !isFlashCode(observation.code);
    case 'no-code':
    case 'no-answer':
      return (observation.module ?? 'abs') === 'abs';
    case 'live':
      return true;
    default:
      return false;
  }
}

function lastWord(posterior: Posterior): Observation | undefined {
  return posterior.timeline.stages.flatMap((stage) => stage.observations).findLast(tellsOfReader);
}

/**
 * Whether live speeds can be read: the reader has reached the brake module before, and did so last.
 * @param posterior the belief. @returns false where no reader has been tried yet.
 * @example readsReach(POSTERIOR) // => true
 */
export function readsReach(posterior: Posterior): boolean {
  const last = lastWord(posterior);
  return last !== undefined && last.kind !== 'no-answer';
}

/**
 * Whether codes can be erased: by a reader that reached the module, or by the lamp's own ritual where codes were flashed.
 * @param posterior the belief. @returns false where the module last gave no answer.
 * @example hasReader(POSTERIOR) // => true
 */
export function hasReader(posterior: Posterior): boolean {
  return lastWord(posterior)?.kind !== 'no-answer';
}
