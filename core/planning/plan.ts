import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import type { Posterior, Ranked, Scenario } from '../belief/posterior';
import { namesInDoubt } from '../codes/namesInDoubt';
import { STATES } from '../knowledge/limits';
import { checkMoves } from './checkMoves';
import { Finishing, stakesOf } from './finishing';
import { LookAhead, type PricedMove } from './lookAhead';
import { repairMoves, type AnyMove } from './prices';
import { isDueBefore, isProof, isSpinInDoubt, isUnproved, withPolicy, type Because, type PolicyFacts } from './policy';
import { repairOptions, type Circumstances } from './repairOptions';
import { locatedWires, standingOpen } from './seen';
import { statesOf, type States } from './states';

/** A move as it is offered: priced, and with what it saves. */
export interface OfferedMove extends PricedMove {
  /** Expected cost of the best road that begins otherwise, minus that of the best road that begins with it. */
  readonly saving: number;
  /** Why it stands where it stands: its saving, or a rule of the policy. */
  readonly because: Because;
  /** The rule in words; null where its saving decided. */
  readonly rule: string | null;
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
/** What saves less than so many minutes is not worth getting up for; roads that differ by less are as good as equal. */
const WORTH_SAVING_MINUTES = 2;

/** Chance that nothing is wrong: nobody buys against a fault that is less likely. */
const soundShare = ({ all, weights }: States): number =>
  all.reduce((sum, { faults }, s) => (faults.length === 0 ? sum + (weights[s] ?? 0) : sum), 0);

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
const isGuess = (move: PricedMove): boolean => move.move.kind === 'repair' && move.cures < STATES.suspectFrom;

/** Nobody buys against a fault that is less likely than that nothing is wrong, nor on a guess while another repair has a word of its own. */
function isWorthOffering(repair: PricedMove, all: readonly PricedMove[], none: number): boolean {
  if (repair.cures < WORTH_OFFERING) return false;
  if (repair.money === 0) return true;
  const isBeside = all.some((other) => other.move.kind === 'repair' && !isGuess(other));
  return repair.cures >= none && !(isGuess(repair) && isBeside);
}

/** The kind of sensor changes nothing by itself, but decides which readings mean anything: asked where that is the best road. */
function opensTheWay({ move }: PricedMove): boolean {
  return move.name === 'ask:sensor-type';
}

/**
 * What a road costs, getting up for a check included; a look at the very part that is to be mended is made on the way there.
 * A check none of whose answers would change what is mended comes on top of mending at once.
 */
function roadOf(move: PricedMove, mendNow: PricedMove | undefined, hourValue: number): number {
  if (move.move.kind === 'repair' || isOnTheWay(move, mendNow)) return move.finish;
  const gettingUp = (hourValue * WORTH_SAVING_MINUTES) / 60;
  if (move.canChange || opensTheWay(move) || !mendNow) return move.finish + gettingUp;
  const own = move.money + (hourValue * move.minutes) / 60;
  return Math.max(move.finish, mendNow.finish + own) + gettingUp;
}

/** A look at the very part that is to be mended is made on the way there: nobody gets up for it. */
function isOnTheWay({ move }: PricedMove, repair: PricedMove | undefined): boolean {
  if (repair?.move.kind !== 'repair' || move.kind !== 'check') return false;
  const { answer } = move.record;
  return answer?.is === 'look' && answer.part === repair.move.segment && move.channel === repair.move.channel;
}

const cents = (money: number): number => Math.round(100 * money);

/** Of moves that are as good as equal: what can change something, what costs less money, then less time, whatever wheel it is for. */
const lighter = ({ move: a, cost: costA }: Road, { move: b, cost: costB }: Road): number =>
  Number(b.canChange) - Number(a.canChange) ||
  cents(a.money) - cents(b.money) ||
  steps(a.minutes) - steps(b.minutes) ||
  cents(costA) - cents(costB) ||
  a.minutes - b.minutes ||
  Number(a.move.name > b.move.name) - Number(a.move.name < b.move.name);

/** Minutes as coarsely as anybody reckons them. */
const steps = (minutes: number): number => Math.round(minutes / WORTH_SAVING_MINUTES);

/** A move with what its road costs. */
interface Road {
  readonly move: PricedMove;
  readonly cost: number;
}

/** Roads by their cost; those that nobody tells apart cost the same, and stand with the lighter move first. */
function ordered(roads: readonly Road[], hourValue: number): readonly Road[] {
  const grain = (hourValue * WORTH_SAVING_MINUTES) / 60;
  const left = [...roads].sort((a, b) => cents(a.cost) - cents(b.cost) || lighter(a, b));
  const sorted: Road[] = [];
  while (left.length > 0) {
    const cost = left[0]?.cost ?? 0;
    const equals = left.filter((road) => road.cost - cost < grain).length;
    const alike = left.splice(0, Math.max(1, equals)).sort(lighter);
    sorted.push(...alike.map(({ move }) => ({ move, cost })));
  }
  return sorted;
}

/**
 * Moves by their roads, the cheapest first, each with what it saves: the best road that begins otherwise, less its own.
 * So the list falls in its figure, and only its first move can save anything.
 */
function inOrder(moves: readonly PricedMove[], hourValue: number, handOver: number): readonly OfferedMove[] {
  const mendNow = moves.find((move) => move.move.kind === 'repair' && !isGuess(move));
  const roads = ordered(
    moves.map((move) => ({ move, cost: roadOf(move, mendNow, hourValue) })),
    hourValue,
  );
  const [best = handOver, next = handOver] = roads.map(({ cost }) => Math.min(cost, handOver));
  return roads.map(({ move, cost }, rank): OfferedMove => ({
    ...move,
    saving: (rank === 0 ? next : best) - cost,
    because: 'saves',
    rule: null,
  }));
}

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
  const none = soundShare(finishing.states);
  const offered = priced.filter((move, rank) => {
    if (move.move.kind === 'repair') return isWorthOffering(move, priced, none);
    return (
      move.canChange ||
      move.move.name === 'clear' ||
      isKept(move) ||
      isDueBefore(move, priced) ||
      (rank === 0 && opensTheWay(move))
    );
  });
  return inOrder(offered, hourValue, workshop);
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

/** Lists of several corners as one, by what each move saves at its own, in turn where that is the same; each move once. */
function together(plans: readonly Plan[]): readonly OfferedMove[] {
  const seen = new Set<string>();
  return plans
    .flatMap((plan) => plan.moves.map((move, rank) => ({ move, rank })))
    .sort((a, b) => cents(b.move.saving) - cents(a.move.saving) || a.rank - b.rank)
    .map(({ move }) => move)
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
  return { moves: withPolicy(together(plans), factsOf(question)), handOver: plans[0]?.handOver ?? 0 };
}
