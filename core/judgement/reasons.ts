import type { CaseFile } from '../casefile/contract';
import type { CheckId } from '../knowledge/checks/checkIds';
import { STATES } from '../knowledge/limits';
import type { OfferedMove } from '../planning/plan';
import type { Seen } from '../planning/seen';
import { sayMoney } from '../words/money';
import { percent } from '../words/percent';
import { holding, type SaidSentence, type Sentence } from './sentences';
import { texts } from '#words/core/judgement';

/** What would undo a repair, where a cause stands behind it. */
export interface Behind {
  /** Name of the fault behind, in lower case. */
  readonly cause: string;
  readonly probability: number;
}

/** What the reasons for a move are chosen by. */
export interface ReasonFacts {
  readonly offered: OfferedMove;
  /** Its place on the list, from 0. */
  readonly rank: number;
  /** No other move is offered: then a workshop is what it is measured by. */
  readonly isAlone: boolean;
  /** Of a repair: the chance that the list shows, 0 to 1; null for a check. */
  readonly chance: number | null;
  readonly behind: Behind | null;
  readonly file: CaseFile;
  readonly seen: Seen;
}

/** Clearly more often than not. */
const LIKELY = 0.6;
/** Less than this nobody counts. */
const WORTH_TELLING = 0.5;

const money = (amount: number, { file }: ReasonFacts): string =>
  sayMoney(Math.max(1, Math.round(Math.abs(amount))), file.owner?.currency);

/** A chance with its human reading. */
function likelihood(share: number): string {
  const said = percent(share);
  if (share >= STATES.atFaultFrom) return texts.itIsAlmostCertain(said);
  if (share >= LIKELY) return texts.itIsLikelyThat(said);
  return share >= STATES.suspectFrom ? texts.thereIsAChance(said) : texts.itIsUnlikelyThat(said);
}

/** Whether some of the checks that a sentence sends to is still to be made. */
function isOpen(sends: readonly CheckId[], { offered, seen }: ReasonFacts): boolean {
  return sends.some((check) => !seen.has(check, offered.move.channel));
}

const decidedByMoney = ({ offered }: ReasonFacts): boolean => offered.because === 'saves';

const REASONS: readonly Sentence<ReasonFacts>[] = [
  {
    id: 'what-answers-change',
    holds: ({ offered }) => offered.move.kind === 'check',
    say: (facts) => {
      const ifs = facts.offered.move.kind === 'check' ? facts.offered.move.record.ifs : [];
      return ifs
        .flatMap((said) => (typeof said === 'string' ? [said] : isOpen(said.sends, facts) ? [said.text] : []))
        .join(' ');
    },
  },
  {
    id: 'chance',
    holds: ({ chance }) => chance !== null,
    say: ({ chance }) => likelihood(chance ?? 0),
  },
  {
    id: 'cause-behind',
    holds: ({ behind }) => behind !== null,
    say: ({ behind }) => (behind ? texts.behindItMayBe(behind.cause, percent(behind.probability)) : ''),
  },
  { id: 'rule', holds: ({ offered }) => offered.rule !== null, say: ({ offered }) => offered.rule ?? '' },
  {
    id: 'saves',
    holds: (facts) => decidedByMoney(facts) && facts.offered.saving >= WORTH_TELLING,
    say: (facts) =>
      (facts.isAlone ? texts.onAverageThisIsCheaper : texts.onAverageThisSaves)(money(facts.offered.saving, facts)),
  },
  {
    id: 'as-good-as-the-best',
    holds: (facts) => decidedByMoney(facts) && facts.rank > 0 && Math.abs(facts.offered.saving) < WORTH_TELLING,
    say: () => texts.onAverageItCosts,
  },
  {
    id: 'dearer-than-the-best',
    holds: (facts) => decidedByMoney(facts) && facts.rank > 0 && facts.offered.saving <= -WORTH_TELLING,
    say: (facts) => texts.onAverageThisCosts(money(facts.offered.saving, facts)),
  },
];

/**
 * Why a move stands where it stands: what its answers could change or how likely it helps, then the rule or the money that decided.
 * @param facts the move and the job. @returns sentences that hold, each ends with a stop.
 * @example reasonsFor({ offered: PLAN.moves[0], rank: 0, isAlone: true, chance: 0.9, behind: null, file: CASE, seen: MOVE_FACTS.seen }).map(({ id }) => id) // => ["chance","rule"]
 */
export function reasonsFor(facts: ReasonFacts): readonly SaidSentence[] {
  return holding(REASONS, facts);
}
