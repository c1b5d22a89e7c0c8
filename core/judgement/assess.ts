import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { faultChances, posteriorOf, scenariosOf, type Posterior, type Ranked } from '../belief/posterior';
import { segmentViews, type SegmentView } from '../belief/segments';
import { weightsOf, type Weight } from '../belief/weights';
import { faultName, faultRow, type FaultId } from '../knowledge/faults';
import { FAULT_PAIRS } from '../knowledge/pairs';
import { curesFully } from '../knowledge/repairs/all';
import { planMoves, type OfferedMove, type Plan } from '../planning/plan';
import { standingRepairs } from '../proof/sinceRepair';
import { cautionsFor, type Caution } from './cautions';
import { doubtsOf, type Doubt } from './doubts';
import { repairDoubt } from './repairDoubt';
import { stopFor, type Stop } from './stops';
import { whyOf, type Behind } from './why';
import { texts } from '#words/core/judgement';

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
  /** Said where the job is too large for the exact way: what was left out of the reckoning. */
  readonly approximate?: string;
}

/** The judgement with what explains it: weights of evidence. */
export interface FullAssessment extends Assessment {
  readonly weights: readonly Weight[];
  /** Of the repairs that stand: the chance that they left some fault, by what was known when they were made; null without a repair. */
  readonly repairDoubt: number | null;
}

const LEAST_SHOWN = 0.0005;
const MOST_MOVES = 14;

function round(value: number, places: number): number {
  return Number(value.toFixed(places));
}

function rankingOf(posterior: Posterior, chances: readonly Ranked[]): RankingRow[] {
  const rows: RankingRow[] = chances
    .filter((row) => row.probability >= LEAST_SHOWN)
    .map((row) => ({
      channel: row.channel,
      fault: row.fault,
      segment: faultRow(row.fault).segment,
      probability: round(row.probability, 6),
    }));
  const none: RankingRow = { channel: null, fault: 'none', segment: null, probability: round(posterior.none, 6) };
  return [...rows, none].sort((a, b) => b.probability - a.probability);
}

/** The likeliest fault that a repair cures at its place. */
function faultFor({ move }: OfferedMove, ranked: readonly Ranked[]): FaultId | undefined {
  if (move.kind !== 'repair') return undefined;
  return ranked.find(
    (row) =>
      curesFully(move.name, row.fault) &&
      (row.channel === move.channel || row.channel === null || move.channel === null),
  )?.fault;
}

/** A cause that would bring a repaired fault back is told from this chance on. */
const WORTH_WARNING = 0.2;

/** The cause behind what a repair mends, where one is likely and is not mended with it. */
function behindOf({ move }: OfferedMove, ranked: readonly Ranked[]): Behind | null {
  if (move.kind !== 'repair') return null;
  const causes = FAULT_PAIRS.filter(
    (pair) => curesFully(move.name, pair.consequence) && !curesFully(move.name, pair.cause),
  ).map((pair) => pair.cause as FaultId);
  const found = ranked.find(
    (row) => row.channel === move.channel && causes.includes(row.fault) && row.probability >= WORTH_WARNING,
  );
  return found ? { cause: faultName(found.fault), probability: found.probability } : null;
}

function moveOf(offered: OfferedMove, ranked: readonly Ranked[], file: CaseFile): Move {
  const { move } = offered;
  const fault = faultFor(offered, ranked);
  return {
    check: move.kind === 'repair' ? `repair:${move.name}` : move.name,
    channel: move.channel,
    ...(fault ? { fault } : {}),
    ...(move.kind === 'check' && move.manner ? { while: move.manner } : {}),
    minutes: round(offered.minutes, 1),
    cost: round(offered.money, 2),
    expectedSaving: round(offered.saving, 2),
    why: whyOf(offered, file, behindOf(offered, ranked)),
  };
}

/** The list is cut where it gets long, but never before its best repair. */
function withBestRepair(moves: readonly Move[]): readonly Move[] {
  const kept = moves.slice(0, MOST_MOVES);
  const isRepair = (move: Move): boolean => move.check.startsWith('repair:');
  const repair = moves.find(isRepair);
  return repair && !kept.some(isRepair) ? [...kept.slice(0, -1), repair] : kept;
}

function judge(file: CaseFile): Assessment & { readonly posterior: Posterior } {
  const posterior = posteriorOf(file);
  const chances = faultChances(posterior);
  const ranked = [...chances].sort((a, b) => b.probability - a.probability);
  const doubtful = doubtsOf(posterior);
  const plan: Plan = planMoves({
    file,
    posterior,
    ranked,
    scenarios: scenariosOf(posterior),
    doubtful: new Set(doubtful.map((doubt) => doubt.id)),
  });
  const all = posterior.timeline.stages.flatMap((stage) => stage.observations);
  const latest = posterior.timeline.stages.at(-1)?.observations ?? [];
  const stop = stopFor({ file, posterior, all, latest, ranking: ranked, plan });
  const isFinished = stop?.id === 'nothing-wrong';
  const next = isFinished ? [] : withBestRepair(plan.moves.map((move) => moveOf(move, ranked, file)));
  return {
    ranking: rankingOf(posterior, chances),
    segments: segmentViews(posterior).map((view) => ({ ...view, probability: round(view.probability, 6) })),
    next,
    stop,
    cautions: cautionsFor({ file, all, ranked, moves: isFinished ? [] : plan.moves }),
    doubtful,
    ignored: posterior.evidence.ignored,
    ...(posterior.models.some((model) => model.isApproximate)
      ? {
          approximate: texts.thisJobIsVery,
        }
      : {}),
    posterior,
  };
}

/**
 * A case file in, a judgement out: what is likely at fault, the state of every path, what to do next and why.
 * Pure and deterministic: no clock, no randomness.
 * @param file a valid case file.
 * @returns the assessment with its weights of evidence; probabilities 0 to 1, minutes, money in the owner's currency.
 * @example assessFully(CASE).weights.length > 2 // => true
 */
export function assessFully(file: CaseFile): FullAssessment {
  const { posterior, ...assessment } = judge(file);
  const standing = standingRepairs(file).map(({ repair }) => repair);
  return { ...assessment, weights: weightsOf(posterior), repairDoubt: repairDoubt(file, standing) };
}

/**
 * The judgement alone, as the command line prints it.
 * @param file a valid case file. @returns the assessment.
 * @example assess(CASE).next[0].check // => "repair:reseated:plug"
 */
export function assess(file: CaseFile): Assessment {
  const { posterior: _posterior, ...assessment } = judge(file);
  return assessment;
}
