import type { GroupView } from '../evidence/groups';
import type { Cause } from '../knowledge/faults';
import type { Hypothesis } from './waysThroughTime';

/**
 * Hypotheses that show a check the same need its likelihood only once.
 * @param hypotheses of a channel. @param seen the group. @param epoch when it was seen.
 * @returns causes of each kind, and which hypothesis is of which.
 * @example kindsOf(MODEL.channels[0].hypotheses, { concerned: (causes) => causes, kindOf: () => 0 }, 0)[0].length // => 1
 */
export function kindsOf(
  hypotheses: readonly Hypothesis[],
  seen: GroupView,
  epoch: number,
): readonly [causes: readonly (readonly Cause[])[], kinds: Int32Array] {
  const distinct: (readonly Cause[])[] = [];
  const known = new Map<number, number>();
  const kinds = new Int32Array(hypotheses.length);
  for (let h = 0; h < kinds.length; h += 1) {
    const causes = seen.concerned(hypotheses[h]?.faults[epoch] ?? []);
    const kind = seen.kindOf(causes);
    let at = known.get(kind);
    if (at === undefined) {
      at = distinct.push(causes) - 1;
      known.set(kind, at);
    }
    kinds[h] = at;
  }
  return [distinct, kinds];
}
