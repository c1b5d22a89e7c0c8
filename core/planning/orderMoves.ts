import { namesInDoubt } from '../codes/namesInDoubt';
import type { Candidate } from './candidates';
import { expectedRepairCost } from './expectedCost';
import { checkCost, classWeights, costsWith, type Situation } from './lookAhead';
import type { PricedMove } from './pricedMove';
import { minutesToOpen, openFor } from '../knowledge/setups';

/** The order of moves beyond their bare price: a few rules of good practice, each on its own. */

/** A free look of a few minutes comes before any repair that costs money or takes long, as long as it can say otherwise. */
const LONG_REPAIR_MINUTES = 15;
export const SHORT_LOOK_MINUTES = 5;
/** Minutes that a check before a repair may take beyond what the repair opens anyway, and what it may cost on balance: before a likely repair, before one that is nearly sure enough, and before one that is still a guess. */
const QUICK = [SHORT_LOOK_MINUTES, 6] as const;
const NEARLY_SURE = [30, 26] as const;
const UNSURE = [25, 12] as const;
const SURE_ENOUGH = 0.8;
const NEARLY_SURE_FROM = 0.58;
const CAN_SAY_OTHERWISE = 0.04;
const RARE = 0.015;
/** An outcome speaks against a repair when it leaves less than this share of its chance. */
const AGAINST = 0.65;

/** Another repair is worth calling another when it saves so many minutes: two that are as good as equal change places at a breath. */
const WORTH_CHANGING_MINUTES = 3;

/** Whether some outcome that may well come would have another repair made first, and gain by it. */
function canSayOtherwise(candidate: Candidate, at: Situation, option: number, least = CAN_SAY_OTHERWISE): boolean {
  const weights = Float64Array.from(at.scenarios, (scenario) => scenario.probability);
  const { costs } = costsWith(at, checkCost(candidate, at).open, null);
  return candidate.outcomes.some((outcome) => {
    const then = weights.map((weight, i) => weight * (outcome.chance[i] ?? 0));
    const chance = then.reduce((sum, value) => sum + value, 0);
    if (chance < least) return false;
    const sums = classWeights(at.problem, then);
    const best = expectedRepairCost(at.problem, sums, costs);
    if (best.first === option || option < 0) return best.first !== option;
    const held = expectedRepairCost(at.problem, sums, costs, { first: option });
    return held.cost - best.cost >= (chance * at.problem.hourValue * WORTH_CHANGING_MINUTES) / 60;
  });
}

/** Whether some outcome that may well come would speak against a repair, though it might still be the first to make. */
function canSpeakAgainst(candidate: Candidate, at: Situation, repair: PricedMove): boolean {
  const cured = at.problem.cures[repair.option] ?? [];
  return candidate.outcomes.some((outcome) => {
    const then = Float64Array.from(at.scenarios, (scenario, i) => scenario.probability * (outcome.chance[i] ?? 0));
    const sums = classWeights(at.problem, then);
    const chance = sums.reduce((sum, value) => sum + value, 0);
    const left = cured.reduce((sum, [k]) => sum + (sums[k] ?? 0), 0);
    return chance >= CAN_SAY_OTHERWISE && left < AGAINST * repair.cures * chance;
  });
}

/** Checks that finish within so many minutes of each other are as good as equal: then the order below decides. */
const NEARLY_MINUTES = 8;
/** A quick look may cost a little more, a long check that is only a trifle better waits for a shorter one. */
const QUICK_NEARLY_MINUTES = 12;
const TRIFLE_MINUTES = 4;
const LONG_CHECK_MINUTES = 15;

/**
 * Of checks that are as good as equal, a quick look comes first (it can be left off at any moment), else the one that tells most by itself:
 * a look-ahead would as soon begin with a check that only opens the way for the next.
 */
function tellingFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  if (!top || top.kind !== 'check' || top.minutes < LONG_CHECK_MINUTES) return [...moves];
  const nearly = (at.problem.hourValue * NEARLY_MINUTES) / 60;
  const equals = moves.filter((move) => move.candidate !== null && move.finish - top.finish < nearly);
  const option = moves.find((move) => move.kind === 'repair')?.option ?? -1;
  const isQuick = (move: PricedMove): boolean =>
    move.candidate !== null &&
    move.channel === top.channel &&
    move.minutes <= SHORT_LOOK_MINUTES &&
    move.money === 0 &&
    canSayOtherwise(move.candidate, at, option);
  const within = (minutes: number, move: PricedMove): boolean =>
    move.candidate !== null && move.finish - top.finish < (at.problem.hourValue * minutes) / 60;
  const quick = moves.find((move) => within(QUICK_NEARLY_MINUTES, move) && isQuick(move));
  const isHere = (move: PricedMove): boolean => move.channel === top.channel || move.channel === null;
  const noLonger = equals.filter((equal) => isHere(equal) && equal.minutes <= top.minutes + NEARLY_MINUTES);
  const canMatter = ({ candidate }: PricedMove): boolean =>
    candidate !== null && canSayOtherwise(candidate, at, option, RARE);
  const shorter = moves
    .filter((move) => within(TRIFLE_MINUTES, move) && isHere(move) && move.minutes <= top.minutes - LONG_CHECK_MINUTES)
    .filter(canMatter)
    .sort((a, b) => a.finish - b.finish)[0];
  const telling = noLonger.reduce((chosen, move) => (move.alone < chosen.alone - 1e-9 ? move : chosen), top);
  const best = quick ?? shorter ?? telling;
  return [best, ...moves.filter((move) => move !== best)];
}

/** A repair this likely to cure needs no look before it. */
const SURE_REPAIR = 0.93;

/** A check that saves less than these minutes of the owner's time is not worth putting before the repair. */
const WORTH_MINUTES = 5;
/** Before a repair that is as good as sure it must save more. */
const WORTH_BEFORE_SURE_MINUTES = 10;
const ALMOST_SURE = 0.9;

function repairFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  const repair = moves.find((move) => move.kind === 'repair');
  const minutes = (repair?.cures ?? 0) >= ALMOST_SURE ? WORTH_BEFORE_SURE_MINUTES : WORTH_MINUTES;
  const worth = (at.problem.hourValue * minutes) / 60;
  if (!top || !repair || top.kind === 'repair' || repair.finish - top.finish >= worth) return [...moves];
  const isFreeLook = top.money === 0 && top.minutes <= SHORT_LOOK_MINUTES;
  const canMatter = top.candidate !== null && canSayOtherwise(top.candidate, at, repair.option);
  if (isFreeLook && canMatter && repair.minutes >= LONG_REPAIR_MINUTES && repair.cures < SURE_REPAIR) return [...moves];
  return [repair, ...moves.filter((move) => move !== repair)];
}

/** Minutes of a check beyond what a repair has to open anyway. */
function minutesBeside(candidate: Candidate, opens: ReadonlySet<string>, at: Situation): number {
  const standing = new Set([...at.open, ...opens]);
  return candidate.minutes + minutesToOpen(openFor(candidate.setups, at.file, candidate.channel), standing, at.file);
}

/** Of a check: how likely it is to leave some repair sure enough to be made. */
function sureness(candidate: Candidate, at: Situation): number {
  return candidate.outcomes.reduce((sum, outcome) => {
    const then = Float64Array.from(at.scenarios, (scenario, i) => scenario.probability * (outcome.chance[i] ?? 0));
    const sums = classWeights(at.problem, then);
    const chance = sums.reduce((total, sum) => total + sum, 0);
    const isSure = at.problem.cures.some(
      (pairs) => pairs.reduce((cured, [k]) => cured + (sums[k] ?? 0), 0) >= SURE_ENOUGH * chance,
    );
    return isSure ? sum + chance : sum;
  }, 0);
}

/** A check that has this chance of making a repair sure is the one to make before a guess; of those nearly as likely to, the cheapest. */
const LIKELY_TO_SETTLE = 0.2;
const NEARLY_AS_LIKELY = 0.75;

/** The check that is to settle it, where one is likely to; but a quick look that leads anyway goes before, and else the cheapest. */
function settling(short: readonly PricedMove[], at: Situation): PricedMove | undefined {
  const entry = short.map((move) => ({ one: move, sure: move.candidate ? sureness(move.candidate, at) : 0 }));
  const most = entry.reduce((best, { sure }) => Math.max(best, sure), 0);
  const [first] = short;
  const isQuickLook = first !== undefined && first.minutes <= SHORT_LOOK_MINUTES;
  if (most < LIKELY_TO_SETTLE || isQuickLook) return first;
  return entry
    .filter(({ sure }) => sure >= NEARLY_AS_LIKELY * most)
    .reduce<PricedMove | undefined>(
      (best, { one: move }) => (best && best.finish <= move.finish ? best : move),
      undefined,
    );
}

/** A repair that is not sure yet waits for a short check, if what it opens stands open for the check too. */
function lookFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  if (!top || top.kind !== 'repair' || top.cures >= SURE_REPAIR) return [...moves];
  const isUnsure = top.cures < SURE_ENOUGH;
  const isSmall = top.money <= 0 && top.minutes < LONG_REPAIR_MINUTES;
  if (isSmall && !isUnsure) return [...moves];
  const [longest, mayCost] = !isUnsure ? QUICK : top.cures >= NEARLY_SURE_FROM ? NEARLY_SURE : UNSURE;
  const opens = at.problem.options[top.option]?.opens ?? new Set<string>();
  const isShort = (move: PricedMove): boolean =>
    move.candidate !== null &&
    move.channel === top.channel &&
    minutesBeside(move.candidate, opens, at) <= longest &&
    move.money === 0 &&
    move.finish - top.finish < (at.problem.hourValue * mayCost) / 60 &&
    (canSayOtherwise(move.candidate, at, top.option) || canSpeakAgainst(move.candidate, at, top));
  const short = isUnsure ? settling(moves.filter(isShort), at) : moves.find(isShort);
  return short ? [short, ...moves.filter((move) => move !== short)] : [...moves];
}

/** Of the first moves, so many are asked whether they can change anything. */
const FIRST_ASKED = 12;

/** A check of which no outcome that may well come would change the repair is no first move, whatever a rare outcome of it might save. */
function idleLast(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const repair = moves.find((move) => move.kind === 'repair');
  if (!repair) return [...moves];
  const isSure = repair.cures >= ALMOST_SURE;
  const isIdle = (move: PricedMove, rank: number): boolean =>
    rank < FIRST_ASKED &&
    move.candidate !== null &&
    (isSure || move.alone > repair.finish) &&
    !canSayOtherwise(move.candidate, at, repair.option, isSure ? CAN_SAY_OTHERWISE : RARE);
  const idle = moves.filter(isIdle);
  return [...moves.filter((move) => !idle.includes(move)), ...idle];
}

/** Parts that people buy on a hunch: the check that must have been made before them. */
const MEASURED_FIRST: readonly { readonly repair: string; readonly ofCar: boolean; readonly check: string }[] = [
  { repair: 'charged:supply', ofCar: true, check: 'meter:battery:dc-voltage' },
  { repair: 'replaced:elsewhere', ofCar: true, check: 'look:brake-switch' },
  { repair: 'replaced:elsewhere', ofCar: false, check: 'look:tyres' },
];

function measuredFirst(moves: readonly PricedMove[]): PricedMove[] {
  const top = moves[0];
  const rule = MEASURED_FIRST.find((entry) => entry.repair === top?.name && entry.ofCar === (top.channel === null));
  const check = rule && moves.find((move) => move.candidate?.check === rule.check);
  return check ? [check, ...moves.filter((move) => move !== check)] : [...moves];
}

/** Drawing a sensor that may break waits for whatever can be told of the corner without drawing it, as long as that is no dearer by more than these minutes. */
const GENTLE_MINUTES = 12;

function gentleFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  if (!top?.candidate || top.candidate.mayBreakSensor === 0) return [...moves];
  const option = moves.find((move) => move.kind === 'repair')?.option ?? -1;
  const gentle = moves.find(
    (move) =>
      move.candidate !== null &&
      move.channel === top.channel &&
      move.candidate.mayBreakSensor === 0 &&
      move.money === 0 &&
      move.minutes <= top.minutes &&
      move.finish - top.finish < (at.problem.hourValue * GENTLE_MINUTES) / 60 &&
      canSayOtherwise(move.candidate, at, option),
  );
  return gentle ? [gentle, ...moves.filter((move) => move !== gentle)] : [...moves];
}

/** Before anything is taken apart at a wheel that the reader may have misnamed, that wheel is spun by hand. */
function namesFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const doubt = namesInDoubt(at.file);
  const spin =
    doubt && moves.find((move) => move.candidate?.check === 'live:hand-spin' && move.candidate.channel === doubt.spin);
  return spin ? [spin, ...moves.filter((move) => move !== spin)] : [...moves];
}

/**
 * Puts moves that are priced into the order of good practice.
 * @param moves by the expected cost of finishing, cheapest first. @param at the situation.
 * @returns the same moves: checks that can change nothing are no first moves; a repair that no check can improve comes first; but a short look comes before a repair that is not sure; of checks that are as good as equal the quick and telling ones lead; a wheel that may be misnamed is spun before all else.
 */
export function inGoodOrder(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  return namesFirst(
    measuredFirst(gentleFirst(tellingFirst(lookFirst(repairFirst(idleLast(moves, at), at), at), at), at)),
    at,
  );
}
