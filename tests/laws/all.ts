import { assess, assessFully } from '../../core/judgement/assess';
import { ONE_MIND } from './coherence';
import { FIRST_OF_ALL, GOOD_END, NAMED_CAUSE, OPEN_OUTCOME, SAFETY_FIRST } from './causes';
import type { Law, Situation } from './law';
import { HONEST_WORDS, NOTHING_TWICE, OF_USE, STAY_AT_THE_CORNER } from './order';
import { COMES_BACK } from './returns';
import { FREE_AND_CERTAIN, SEEN_IS_SEEN } from './seen';
import { CAUSE_AND_CONSEQUENCE, NAMES, SYMMETRY, TWO_FAULTS } from './together';
import { EXCHANGE, HALVING } from './trials';

/** The laws of good sense, in the order of their numbers. */
export const LAWS: readonly Law[] = [
  SEEN_IS_SEEN,
  NAMED_CAUSE,
  OPEN_OUTCOME,
  GOOD_END,
  EXCHANGE,
  HALVING,
  FIRST_OF_ALL,
  STAY_AT_THE_CORNER,
  FREE_AND_CERTAIN,
  NOTHING_TWICE,
  TWO_FAULTS,
  SYMMETRY,
  NAMES,
  CAUSE_AND_CONSEQUENCE,
  HONEST_WORDS,
  SAFETY_FIRST,
  OF_USE,
  COMES_BACK,
  ONE_MIND,
].sort((a, b) => a.number - b.number);

/** What is wrong in a situation; empty when the law holds there. */
export function problemsIn(situation: Situation): readonly string[] {
  if (situation.inside) return situation.inside(assessFully(situation.file));
  const answer = assess(situation.file);
  const compared = situation.beside && situation.compare ? situation.compare(answer, assess(situation.beside)) : [];
  return [...situation.problems(answer), ...compared];
}
