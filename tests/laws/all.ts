import { assess, assessFully, printAssessment } from '../../core/judgement/assess';
import { contradictionsIn } from './coherence';
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
].sort((a, b) => a.number - b.number);

/** What is wrong in a situation: with its law, or between one thing said there and another; empty when all holds. */
export function problemsIn(situation: Situation): readonly string[] {
  const { file, beside, compare } = situation;
  const full = assessFully(file);
  const answer = printAssessment(full);
  const compared = beside && compare ? compare(answer, assess(beside)) : [];
  return [...situation.problems(answer), ...compared, ...contradictionsIn(file, full)];
}
