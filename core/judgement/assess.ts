import type { CaseFile, Observation } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { cautionsFor, type Caution } from './cautions';
import { doubtsOf, type Doubt } from './doubts';
import { faultRow, type FaultId } from '../knowledge/faults';
import { candidateChecks } from '../planning/candidates';
import { repairProblem } from '../planning/expectedCost';
import { planMoves, type Plan } from '../planning/plan';
import type { PricedMove } from '../planning/pricedMove';
import { standingOpen } from '../knowledge/setups';
import {
  faultChances,
  posteriorOf,
  scenariosOf,
  type Posterior,
  type Ranked,
  type Scenario,
} from '../belief/posterior';
import { segmentViews, type SegmentView } from '../belief/segments';
import { stopFor, type Stop } from './stops';
import { whyOf } from './why';
import { weightsOf, type Weight } from '../belief/weights';

/** One row of the ranking; `none` has neither channel nor segment. */
export interface RankingRow {
  readonly channel: Channel | null;
  readonly fault: FaultId | 'none';
  readonly segment: string | null;
  readonly probability: number;
}

/** One recommended move. */
export interface Move {
  readonly check: string;
  readonly channel: Channel | null;
  readonly fault?: FaultId;
  /** The check is to be made while the lead or loom is flexed. */
  readonly while?: 'wiggle';
  readonly minutes: number;
  readonly cost: number;
  readonly expectedSaving: number;
  readonly why: string;
}

/** The judgement of a case, as the contract prints it. */
export interface Assessment {
  readonly ranking: readonly RankingRow[];
  readonly segments: readonly SegmentView[];
  readonly next: readonly Move[];
  readonly stop: Stop | null;
  readonly cautions: readonly Caution[];
  readonly doubtful: readonly Doubt[];
  readonly ignored: readonly { readonly id: string; readonly why: string }[];
}

/** The judgement with what explains it: weights of evidence and the priced plan. */
export interface FullAssessment extends Assessment {
  readonly weights: readonly Weight[];
}

const LEAST_SHOWN = 0.0005;
const MOST_MOVES = 14;
/** Corners less suspect than this get no checks of their own, once some corner is more suspect. */
const WORTH_A_LOOK = 0.04;
/** Planning looks into this many corners at once: the most suspect ones. */
const MOST_CORNERS = 2;

function round(value: number, places: number): number {
  return Number(value.toFixed(places));
}

function rankingOf(posterior: Posterior, chances: readonly Ranked[]): RankingRow[] {
  const rows: RankingRow[] = chances
    .filter((chance) => chance.probability >= LEAST_SHOWN)
    .map((chance) => ({
      channel: chance.channel,
      fault: chance.fault,
      segment: faultRow(chance.fault).segment,
      probability: round(chance.probability, 6),
    }));
  const none: RankingRow = { channel: null, fault: 'none', segment: null, probability: round(posterior.none, 6) };
  return [...rows, none].sort((a, b) => b.probability - a.probability);
}

/** Corners by suspicion. */
function suspectChannels(file: CaseFile, chances: readonly Ranked[]): Channel[] {
  const shares = file.vehicle.channels.map((channel) => ({
    channel,
    share: chances.filter((chance) => chance.channel === channel).reduce((sum, chance) => sum + chance.probability, 0),
  }));
  const sorted = shares.sort((a, b) => b.share - a.share);
  return sorted
    .filter((corner, index) => index === 0 || corner.share >= WORTH_A_LOOK)
    .slice(0, MOST_CORNERS)
    .map((corner) => corner.channel);
}

function faultFor(move: PricedMove, ranked: readonly Ranked[]): FaultId | undefined {
  if (move.kind !== 'repair') return undefined;
  const fits = ranked.filter(
    (row) => faultRow(row.fault).cures.includes(move.name) && (row.channel === move.channel || move.name === 'clear'),
  );
  return [...fits].sort((a, b) => b.probability - a.probability)[0]?.fault;
}

/** Savings are told against finishing without the move where it is first, else against repairing at once. */
function movesOf(plan: Plan, ranked: readonly Ranked[], file: CaseFile): Move[] {
  const seen = new Set<string>();
  return plan.moves.flatMap((move, index): Move[] => {
    const check = move.kind === 'repair' && move.name !== 'clear' ? `repair:${move.name}` : move.name;
    const manner = move.candidate?.manner;
    const key = `${check}${manner ?? ''}@${move.name === 'clear' ? '' : move.channel}`;
    if (seen.has(key)) return [];
    seen.add(key);
    const saving = (move.kind === 'repair' && index === 0 ? move.without : plan.repairsOnly) - move.finish;
    const fault = faultFor(move, ranked);
    const priced = {
      check,
      channel: move.channel,
      ...(fault ? { fault } : {}),
      ...(manner ? { while: manner } : {}),
      minutes: round(move.minutes, 1),
      cost: round(move.money, 2),
      expectedSaving: round(saving, 2),
    };
    return [{ ...priced, why: whyOf(move, priced.expectedSaving, file) }];
  });
}

/** The list is cut where it gets long, but never before its best repair. */
function withBestRepair(moves: readonly Move[]): readonly Move[] {
  const kept = moves.slice(0, MOST_MOVES);
  const isRepair = (fault: Move): boolean => fault.check.startsWith('repair:');
  const repair = moves.find(isRepair);
  return repair && !kept.some(isRepair) ? [...kept.slice(0, -1), repair] : kept;
}

/** Erasing once more tells nothing when nothing has come back since. */
function isIdle(move: PricedMove, latest: readonly Observation[]): boolean {
  const erased = latest.findLastIndex(
    (observation) => observation.kind === 'clear' && observation.result !== 'refused',
  );
  return (
    move.kind === 'repair' &&
    move.name === 'clear' &&
    erased >= 0 &&
    !latest.slice(erased).some((observation) => observation.kind === 'code')
  );
}

/** Planning looks at so many states at most; what is left out is the tail of an early, wide-open case. */
const MOST_SCENARIOS = 40;

function likeliest(scenarios: readonly Scenario[]): readonly Scenario[] {
  if (scenarios.length <= MOST_SCENARIOS) return scenarios;
  const kept = scenarios.slice(0, MOST_SCENARIOS);
  const total = kept.reduce((sum, scenario) => sum + scenario.probability, 0);
  return kept.map((scenario) => ({ ...scenario, probability: scenario.probability / total }));
}

function planFor(file: CaseFile, posterior: Posterior, chances: readonly Ranked[], doubtful: readonly Doubt[]): Plan {
  const scenarios = likeliest(scenariosOf(posterior));
  const problem = repairProblem(scenarios, file);
  const open = standingOpen(file, posterior.timeline.stages.at(-1)?.observations ?? []);
  const candidates = candidateChecks(
    file,
    posterior,
    scenarios,
    suspectChannels(file, chances),
    new Set(doubtful.map((reason) => reason.id)),
  );
  const plan = planMoves({ file, scenarios, problem, open, known: new Map() }, candidates);
  return file.vehicle.highVoltage
    ? {
        ...plan,
        moves: plan.moves.filter((move) => move.kind === 'check' || move.name === 'clear'),
      }
    : plan;
}

/**
 * A case file in, a judgement out: what is likely at fault, the state of every path, what to do next and why.
 * Pure and deterministic: no clock, no randomness.
 * @param file a valid case file.
 * @returns the assessment; probabilities 0 to 1, minutes, money in the owner's currency.
 */
export function assessFully(file: CaseFile): FullAssessment {
  const { posterior, ...assessment } = judge(file);
  return { ...assessment, weights: weightsOf(posterior) };
}

function judge(file: CaseFile): Assessment & { readonly posterior: Posterior } {
  const posterior = posteriorOf(file);
  const chances = faultChances(posterior);
  const doubtful = doubtsOf(posterior);
  const priced = planFor(file, posterior, chances, doubtful);
  const ranked = [...chances].sort((a, b) => b.probability - a.probability);
  const all = posterior.timeline.stages.flatMap((stage) => stage.observations);
  const latest = posterior.timeline.stages.at(-1)?.observations ?? [];
  const plan = { ...priced, moves: priced.moves.filter((move) => !isIdle(move, latest)) };
  const stop = stopFor({ file, posterior, all, latest, ranking: ranked, plan });
  const next = withBestRepair(movesOf(plan, ranked, file));
  return {
    ranking: rankingOf(posterior, chances),
    segments: segmentViews(posterior).map((segmentView) => ({
      ...segmentView,
      probability: round(segmentView.probability, 6),
    })),
    next,
    stop,
    cautions: cautionsFor(
      file,
      posterior,
      plan.moves.map((move) => `${move.name} ${move.candidate?.setups.join(' ') ?? ''}`),
    ),
    doubtful,
    ignored: posterior.evidence.ignored,
    posterior,
  };
}

/** The judgement alone, as the command line prints it. */
export function assess(file: CaseFile): Assessment {
  const { posterior: _posterior, ...assessment } = judge(file);
  return assessment;
}
