import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import type { Posterior, Ranked, Scenario } from '../belief/posterior';
import { namesInDoubt } from '../codes/namesInDoubt';
import { checkMoves } from './checkMoves';
import { Finishing, stakesOf } from './finishing';
import { LookAhead, type PricedMove } from './lookAhead';
import { repairMoves, type AnyMove } from './prices';
import {
  AT_FAULT,
  isDueBefore,
  isProof,
  isSpinInDoubt,
  isUnproved,
  SUSPECT,
  withPolicy,
  type PolicyFacts,
} from './policy';
import { repairOptions, type Circumstances } from './repairOptions';
import { locatedWires, standingOpen } from './seen';
import { statesOf } from './states';

/** A move as it is offered: priced, and with what it saves. */
export interface OfferedMove extends PricedMove {
  /** Expected cost of the best road that does not use it, minus with it. */
  readonly saving: number;
}

export interface Plan {
  /** Best first. */
  readonly moves: readonly OfferedMove[];
  /** Expected cost of handing the car over now. */
  readonly handOver: number;
}

/** Planning looks at so many states at most; what is left out is the tail of an early, wide-open case. */
const MOST_SCENARIOS = 40;
/** A corner less suspect than this gets no checks of its own, once some corner is more suspect. */
const WORTH_A_LOOK = 0.04;
/** Corners that are this likely to be at fault, both, are planned each by itself. */
const EACH_FOR_ITSELF = 0.5;
/** A repair is offered from this chance on that it cures something. */
const WORTH_OFFERING = 0.05;
/** What saves less than so many minutes is not worth getting up for. */
const WORTH_SAVING_MINUTES = 2;
/** Moves whose roads differ by less than so many minutes are as good as equal: the shorter one comes first. */
const AS_GOOD_AS_EQUAL_MINUTES = 3;

/** Corners by suspicion, the most suspect first. */
function suspects(file: CaseFile, ranked: readonly Ranked[]): readonly { channel: Channel; share: number }[] {
  return file.vehicle.channels
    .map((channel) => ({
      channel,
      share: ranked
        .filter((row) => row.channel === channel && row.fault !== 'stale-code')
        .reduce((sum, row) => sum + row.probability, 0),
    }))
    .sort((a, b) => b.share - a.share);
}

/** The corners in question: the most suspect one, a second that is worth a look, and a wheel that is to be spun. */
function inQuestion(file: CaseFile, ranked: readonly Ranked[]): readonly Channel[] {
  const corners = suspects(file, ranked)
    .filter((corner, index) => index === 0 || (index === 1 && corner.share >= WORTH_A_LOOK))
    .map((corner) => corner.channel);
  const spin = namesInDoubt(file)?.spin;
  return spin && !corners.includes(spin) ? [...corners, spin] : corners;
}

function likeliest(scenarios: readonly Scenario[]): readonly Scenario[] {
  const kept = scenarios.slice(0, MOST_SCENARIOS);
  const total = kept.reduce((sum, scenario) => sum + scenario.probability, 0);
  return kept.map((scenario) => ({ ...scenario, probability: scenario.probability / total }));
}

/** The scenarios as seen from one corner: what is wrong there and with what all share. */
function seenFrom(channel: Channel, scenarios: readonly Scenario[]): readonly Scenario[] {
  const merged = new Map<string, Scenario>();
  for (const scenario of scenarios) {
    const faults = scenario.faults.filter((fault) => fault.channel === channel || fault.channel === null);
    const key = `${scenario.typeOf(channel)} ${faults
      .map(({ fault }) => fault)
      .sort()
      .join()}`;
    const probability = (merged.get(key)?.probability ?? 0) + scenario.probability;
    merged.set(key, { faults, probability, typeOf: scenario.typeOf });
  }
  return [...merged.values()].sort((a, b) => b.probability - a.probability);
}

/** A repair of what is hardly suspected: chosen freely, never advised. */
const isGuess = (move: PricedMove): boolean => move.move.kind === 'repair' && move.cures < SUSPECT;

/** The kind of sensor changes nothing by itself, but decides which readings mean anything: asked where that is the best road. */
function opensTheWay({ move }: PricedMove): boolean {
  return move.name === 'ask:sensor-type';
}

/** Whether a road may be advised, and others are measured by it: no guess, and no check whose answers change nothing by themselves. */
const isAdvisable = (move: PricedMove): boolean => !isGuess(move) && (move.canChange || opensTheWay(move));

/** Without a move the best road is the best of those that begin otherwise, and do not come to it later. */
function savingsOf(
  priced: readonly PricedMove[],
  ahead: LookAhead,
  at: Circumstances,
  handOver: number,
): readonly OfferedMove[] {
  return priced.map((move, rank): OfferedMove => {
    if (move.move.kind === 'repair') {
      const without = rank < MOST_OFFERED ? ahead.withoutRepair(move.move.option, at) : handOver;
      return { ...move, saving: without - move.finish };
    }
    const others = priced.filter((other) => other !== move && isAdvisable(other));
    const without = others.reduce(
      (best, other) => Math.min(best, other.finish + (other.reliesOn.get(move.move) ?? 0)),
      handOver,
    );
    return { ...move, saving: without - move.finish };
  });
}

/** Nobody tells apart what differs by less than a cent; such moves stand in the order of their length and name, whatever wheel they are for. */
const cents = (money: number): number => Math.round(100 * money);
const named = (a: PricedMove, b: PricedMove): number =>
  a.minutes - b.minutes || Number(a.move.name > b.move.name) - Number(a.move.name < b.move.name);

/** By their roads; of those as good as equal, and saving something by themselves, the shorter move first; of those as short, the one that saves most. */
function shorterFirst(moves: readonly OfferedMove[], hourValue: number): readonly OfferedMove[] {
  const step = (hourValue * AS_GOOD_AS_EQUAL_MINUTES) / 60;
  const left = [...moves];
  const ordered: OfferedMove[] = [];
  while (left.length > 0) {
    const [best] = left as [OfferedMove];
    const equals = left.filter(
      (move) => move.saving >= 0 && move.finish - best.finish < step && move.money <= best.money,
    );
    const least = Math.min(...equals.map((move) => move.minutes));
    const [next = best] = equals
      .filter((move) => move.minutes - least < AS_GOOD_AS_EQUAL_MINUTES)
      .sort((a, b) => cents(b.saving) - cents(a.saving) || named(a, b));
    ordered.push(next);
    left.splice(left.indexOf(next), 1);
  }
  return ordered;
}

/** A look at the very part that is to be mended is made on the way there: nobody gets up for it. */
function isOnTheWay({ move, saving }: OfferedMove, repair: OfferedMove | undefined): boolean {
  if (saving < 0 || repair?.move.kind !== 'repair' || move.kind !== 'check') return false;
  const { answer } = move.record;
  return answer?.is === 'look' && answer.part === repair.move.segment && move.channel === repair.move.channel;
}

/** Checks and repairs of what is suspect by their roads, where a check must be worth getting up for; before a repair that is as good as sure none is, unless a cheaper one may do. Repairs that would be a guess come last. */
function inOrder(moves: readonly OfferedMove[], hourValue: number): readonly OfferedMove[] {
  const minutes = (count: number): number => (hourValue * count) / 60;
  const isCheck = (move: OfferedMove): boolean => move.move.kind === 'check';
  const sensible = moves.filter((move) => !isGuess(move));
  const mendNow = sensible.find((move) => !isCheck(move));
  const road = (move: OfferedMove): number =>
    move.finish + (isCheck(move) && !isOnTheWay(move, mendNow) ? minutes(WORTH_SAVING_MINUTES) : 0);
  const byRoad = (x: OfferedMove, y: OfferedMove): number => cents(road(x)) - cents(road(y)) || named(x, y);
  const isLess = (move: OfferedMove): boolean => !isCheck(move) && move.money < (mendNow?.money ?? 0);
  const isSure = mendNow !== undefined && mendNow.cures >= AT_FAULT && !sensible.some(isLess);
  const leads = (move: OfferedMove): boolean => !isSure && isAdvisable(move);
  const isBetter = (move: OfferedMove): boolean => !mendNow || road(move) < mendNow.finish || isOnTheWay(move, mendNow);
  const better = sensible.filter((move) => isCheck(move) && leads(move) && isBetter(move)).sort(byRoad);
  const others = sensible.filter((move) => !better.includes(move) && move !== mendNow).sort(byRoad);
  return [...shorterFirst(better, hourValue), ...(mendNow ? [mendNow] : []), ...others, ...moves.filter(isGuess)];
}

/** More moves than this nobody reads. */
const MOST_OFFERED = 14;

/** What a plan is made from. */
export interface PlanQuestion {
  readonly file: CaseFile;
  readonly posterior: Posterior;
  readonly ranked: readonly Ranked[];
  readonly scenarios: readonly Scenario[];
  readonly doubtful: ReadonlySet<string>;
}

function factsOf({ file, posterior, ranked }: PlanQuestion): PolicyFacts {
  const last = posterior.timeline.boundaries.findLast((mark) => mark.is === 'repair');
  return {
    file,
    ranked,
    all: posterior.timeline.stages.flatMap((stage) => stage.observations),
    latest: posterior.timeline.stages.at(-1)?.observations ?? [],
    lastRepair: last?.is === 'repair' ? last.repair : null,
  };
}

/**
 * Prices moves and puts them in order, before safety and manners.
 * @param finishing states, repairs, stakes. @param moves what could be done. @param at how the job stands. @param file the case.
 * @param isKept whether a move stays on the list though nothing it tells would change what is mended.
 * @returns moves best first; those that can change nothing are left out.
 * @example rankMoves(FINISHING, [], NOTHING_DONE, CASE) // => []
 */
export function rankMoves(
  finishing: Finishing,
  moves: readonly AnyMove[],
  at: Circumstances,
  file: CaseFile,
  isKept: (move: PricedMove) => boolean = () => false,
): readonly OfferedMove[] {
  const ahead = new LookAhead(finishing, moves, file);
  const { workshop, hourValue } = finishing.stakes;
  const priced = ahead.priceAll(at);
  const offered = priced.filter((move, rank) => {
    if (move.move.kind === 'repair') return move.cures >= WORTH_OFFERING;
    return (
      move.canChange ||
      move.move.name === 'clear' ||
      isKept(move) ||
      isDueBefore(move, priced) ||
      (rank === 0 && opensTheWay(move))
    );
  });
  return inOrder(savingsOf(offered, ahead, at, workshop), hourValue);
}

function planFor(scenarios: readonly Scenario[], channels: readonly Channel[], question: PlanQuestion): Plan {
  const { file, posterior, doubtful } = question;
  const latest = posterior.timeline.stages.at(-1)?.observations ?? [];
  const states = statesOf(likeliest(scenarios));
  const options = repairOptions(states, file);
  const finishing = new Finishing(states, options, stakesOf(file), file);
  const checks = checkMoves({ file, posterior, states: states.all, weights: states.weights, channels, doubtful });
  const repairs = repairMoves(options);
  const at: Circumstances = {
    open: standingOpen(file, latest),
    inHand: null,
    located: locatedWires(latest),
    isErased: latest.some((observation) => observation.kind === 'clear' && observation.result !== 'refused'),
  };
  const facts = factsOf(question);
  const isKept = (move: PricedMove): boolean => (isUnproved(facts) && isProof(move)) || isSpinInDoubt(move, facts);
  return {
    moves: rankMoves(finishing, [...checks, ...repairs], at, file, isKept),
    handOver: finishing.stakes.workshop,
  };
}

const nameOf = ({ move }: PricedMove): string =>
  `${move.name}${move.kind === 'check' ? (move.manner ?? '') : ''}@${move.channel ?? ''}`;
/** Moves that serve the whole car are listed once, whatever corner they were planned for. */
const onceOf = (priced: PricedMove): string =>
  priced.move.kind === 'check' && priced.move.record.of !== 'channel' ? priced.move.name : nameOf(priced);

/** Lists of several corners in turn, each move once. */
function inTurn(plans: readonly Plan[]): readonly OfferedMove[] {
  const longest = Math.max(...plans.map((plan) => plan.moves.length));
  const seen = new Set<string>();
  return Array.from({ length: longest }, (_none, rank) => plans.flatMap((plan) => plan.moves.slice(rank, rank + 1)))
    .flat()
    .filter((move) => !seen.has(onceOf(move)) && seen.add(onceOf(move)).size > 0);
}

/**
 * Plans what to do next: every move priced alike, two steps ahead, with the cost of finishing sensibly behind; safety and manners over it.
 * Two corners that are both likely at fault are planned each by itself, and their moves offered in turn.
 * @param question the case and its belief. @returns moves, best first.
 * @example planMoves(QUESTION).moves[0].move.name // => "reseated:plug"
 */
export function planMoves(question: PlanQuestion): Plan {
  const { file, ranked, scenarios } = question;
  const corners = suspects(file, ranked);
  const bad = corners.filter((corner) => corner.share >= EACH_FOR_ITSELF).map((corner) => corner.channel);
  const plans =
    bad.length > 1
      ? bad.map((channel) => planFor(seenFrom(channel, scenarios), [channel], question))
      : [planFor(scenarios, inQuestion(file, ranked), question)];
  const moves = withPolicy(inTurn(plans), factsOf(question));
  return { moves: moves as readonly OfferedMove[], handOver: plans[0]?.handOver ?? 0 };
}
