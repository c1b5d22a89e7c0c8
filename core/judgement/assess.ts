import type { CaseFile, Observation } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { faultChances, posteriorOf, scenariosOf, type Posterior } from '../belief/posterior';
import { segmentViews, type SegmentView } from '../belief/segments';
import { weightsOf, type Weight } from '../belief/weights';
import type { Verdict } from '../evidence/verdict';
import { verdictsOf } from '../evidence/verdictOf';
import { printMove } from '../knowledge/moves';
import { planMoves } from '../planning/plan';
import { seenSince } from '../planning/seen';
import { standingRepairs } from '../proof/sinceRepair';
import { barOf, type Bar } from './bar';
import { cautionsFor, type Caution } from './cautions';
import { doubtsOf, type Doubt } from './doubts';
import { moveOf, type Move } from './move';
import { cornersOf, partsOf, type CheckedBy, type CornerView, type PartView } from './parts';
import { asPrinted, rankingOf, type RankingRow } from './ranking';
import { repairDoubt } from './repairDoubt';
import { stopFor, type Stop } from './stops';
import { texts } from '#words/core/judgement';

/** What a judgement says, however its moves are written. */
interface Judged {
  readonly ranking: readonly RankingRow[];
  readonly stop: Stop | null;
  readonly cautions: readonly Caution[];
  readonly doubtful: readonly Doubt[];
  readonly ignored: readonly { readonly id: string; readonly why: string }[];
  /** Said where the job is too large for the exact way: what was left out of the reckoning. */
  readonly approximate?: string;
}

/** A move as the contract prints it. */
export interface PrintedMove extends Omit<Move, 'move'> {
  readonly check: string;
  readonly channel: Channel | null;
  /** The check is to be made while the lead or loom is flexed. */
  readonly while?: 'wiggle';
}

/** The judgement of a case, as the contract prints it. */
export interface Assessment extends Judged {
  readonly segments: readonly (SegmentView & { readonly checked: CheckedBy | null })[];
  readonly next: readonly PrintedMove[];
}

/** The judgement as screens draw it: typed moves, states of parts and corners, the verdict on every answer, what the bar says. */
export interface FullAssessment extends Judged {
  readonly next: readonly Move[];
  readonly parts: readonly PartView[];
  readonly corners: readonly CornerView[];
  /** By the observation's id. */
  readonly verdicts: Readonly<Record<string, Verdict>>;
  readonly bar: Bar | null;
  readonly weights: readonly Weight[];
  /** Of the repairs that stand: the chance that they left some fault, by what was known when they were made; null without a repair. */
  readonly repairDoubt: number | null;
}

const MOST_MOVES = 14;

/** The list is cut where it gets long, but never before its best repair. */
function withBestRepair(moves: readonly Move[]): readonly Move[] {
  const kept = moves.slice(0, MOST_MOVES);
  const isRepair = ({ move }: Move): boolean => move.is === 'repair';
  const repair = moves.find(isRepair);
  return repair && !kept.some(isRepair) ? [...kept.slice(0, -1), repair] : kept;
}

/** What everything is said from, with what is said of it. */
interface Judgement extends Judged {
  readonly posterior: Posterior;
  readonly latest: readonly Observation[];
  readonly next: readonly Move[];
  readonly parts: readonly PartView[];
  readonly verdicts: ReadonlyMap<string, Verdict>;
}

function judge(file: CaseFile): Judgement {
  const posterior = posteriorOf(file);
  const chances = faultChances(posterior);
  const ranked = [...chances].sort((a, b) => b.probability - a.probability);
  const doubtful = doubtsOf(posterior);
  const doubted = new Set(doubtful.map((doubt) => doubt.id));
  const plan = planMoves({ file, posterior, ranked, scenarios: scenariosOf(posterior), doubtful: doubted });
  const all = posterior.timeline.stages.flatMap((stage) => stage.observations);
  const latest = posterior.timeline.stages.at(-1)?.observations ?? [];
  const stop = stopFor({ file, posterior, all, latest, ranking: ranked, plan });
  const isFinished = stop?.id === 'nothing-wrong';
  const seen = seenSince(latest, file, doubted);
  const verdicts = verdictsOf(posterior.timeline);
  const segments = segmentViews(posterior).map((view) => ({ ...view, probability: asPrinted(view.probability) }));
  return {
    ranking: rankingOf(posterior, chances),
    next: isFinished
      ? []
      : withBestRepair(
          plan.moves.map((offered, rank) =>
            moveOf(offered, rank, { file, ranked, seen, isAlone: plan.moves.length === 1 }),
          ),
        ),
    stop,
    cautions: cautionsFor({ file, all, ranked, moves: isFinished ? [] : plan.moves }),
    doubtful,
    ignored: posterior.evidence.ignored,
    ...(posterior.models.some((model) => model.isApproximate) ? { approximate: texts.thisJobIsVery } : {}),
    parts: partsOf(segments, { file, posterior, verdicts, doubtful: doubted }),
    posterior,
    latest,
    verdicts,
  };
}

/**
 * A case file in, a judgement out: what is likely at fault, the state of every path, what to do next and why.
 * Pure and deterministic: no clock, no randomness.
 * @param file a valid case file.
 * @returns the assessment as screens draw it; probabilities 0 to 1, minutes, money in the owner's currency.
 * @example assessFully(CASE).weights.length > 2 // => true
 */
export function assessFully(file: CaseFile): FullAssessment {
  const { posterior, latest, verdicts, ...judged } = judge(file);
  const standing = standingRepairs(file).map(({ repair }) => repair);
  const { ranking, stop, next, parts } = judged;
  const doubt = repairDoubt(file, standing);
  return {
    ...judged,
    corners: cornersOf(parts, posterior),
    verdicts: Object.fromEntries(verdicts),
    bar: barOf({ file, ranking, repairDoubt: doubt, stop, next, latest }),
    weights: weightsOf(posterior),
    repairDoubt: doubt,
  };
}

function printed({ move, ...more }: Move): PrintedMove {
  const { channel } = move;
  return {
    check: printMove(move),
    channel,
    ...(move.is === 'check' && move.while ? { while: move.while } : {}),
    ...more,
  };
}

/** What to do next, and what it rests on: without what only screens draw. */
export type Advice = Judged & { readonly next: readonly Move[] };

/**
 * What to do next, typed.
 * @param file a valid case file. @returns the moves, the ranking, the stop.
 * @example advise(CASE).next[0].move.is // => "repair"
 */
export function advise(file: CaseFile): Advice {
  return judge(file);
}

/**
 * A judgement as the contract has it.
 * @param judged as screens draw it. @returns the assessment, without what only screens draw.
 * @example printAssessment(assessFully(CASE)).next[0].check // => "repair:reseated:plug"
 */
export function printAssessment({
  ranking,
  parts,
  next,
  stop,
  cautions,
  doubtful,
  ignored,
  approximate,
}: Advice & Pick<FullAssessment, 'parts'>): Assessment {
  return {
    ranking,
    segments: parts.map(({ part: _part, because: _because, ...segment }) => segment),
    next: next.map(printed),
    stop,
    cautions,
    doubtful,
    ignored,
    ...(approximate ? { approximate } : {}),
  };
}

/**
 * The judgement alone, as the command line prints it.
 * @param file a valid case file. @returns the assessment.
 * @example assess(CASE).next[0].check // => "repair:reseated:plug"
 */
export const assess = (file: CaseFile): Assessment => printAssessment(judge(file));

/**
 * What the paths would be if one more thing were seen; nothing is recorded.
 * @param file the case. @param seen one observation for each case to imagine; its id must not be in the file.
 * @returns the parts of every channel, for each in order.
 * @example imagineParts(CASE, []).length // => 0
 */
export function imagineParts(file: CaseFile, seen: readonly Observation[]): readonly (readonly PartView[])[] {
  return seen.map((observation) => {
    const imagined = { ...file, observations: [...file.observations, observation] };
    const posterior = posteriorOf(imagined);
    const verdicts = verdictsOf(posterior.timeline);
    return partsOf(segmentViews(posterior), { file: imagined, posterior, verdicts, doubtful: new Set() });
  });
}
