import type { CaseFile, Observation, Repair } from '../casefile/contract';
import type { Channel, RepairSegment, Segment } from '../casefile/words';
import type { Posterior } from '../belief/posterior';
import { cornerChances, type SegmentView } from '../belief/segments';
import { meaningFor } from '../codes/meaningFor';
import type { Verdict } from '../evidence/verdict';
import { faultRow } from '../knowledge/faults';
import { STATES } from '../knowledge/limits';
import { PARTS } from '../knowledge/parts';
import { repairRecord } from '../knowledge/repairs/all';
import { repairId } from '../knowledge/repairs/repair';
import { channelOn } from '../vehicle/channels';

/** The state of a part of the path, or of a corner: one of five, told apart by sign, word and line. */
export type PartState = 'not-checked' | 'checked-good' | 'suspect' | 'at-fault' | 'cannot-check';

/** The finding that made a part good. */
export interface CheckedBy {
  readonly by: 'eye' | 'meter' | 'reader';
  readonly observation: string;
}

/** Why a part can't be checked as things stand. */
export type Unchecked = 'hidden' | 'hears-others';

/** A part of one channel's path. */
export interface PartView extends SegmentView {
  readonly part: PartState;
  /** The newest finding of its own since the last repair there that found it good, nothing later or stronger against it. */
  readonly checked: CheckedBy | null;
  /** Why it can't be checked, where it can't. */
  readonly because: Unchecked | null;
}

/** A corner of the car. */
export interface CornerView {
  readonly channel: Channel;
  readonly state: PartState;
  /** Chance that it holds any fault, an old code apart. */
  readonly probability: number;
}

type Verdicts = ReadonlyMap<string, Verdict>;

/** What parts are judged by. */
export interface PartFacts {
  readonly file: CaseFile;
  readonly posterior: Posterior;
  readonly verdicts: Verdicts;
  readonly doubtful: ReadonlySet<string>;
}

/** The parts that are new or other after a repair: what it was made on, and what comes with it. */
function touchedBy({ action, segment }: Repair): ReadonlySet<RepairSegment> {
  const cures = repairRecord(repairId(action, segment))?.cures ?? [];
  return new Set([segment, ...cures.map((fault) => faultRow(fault).segment)]);
}

const isThere = (channel: Channel, at: Channel | null | undefined): boolean => !at || at === channel;

/** What was observed since the last repair of a part, in order. */
function sinceRepair(channel: Channel, segment: Segment, { posterior }: PartFacts): readonly Observation[] {
  const { stages, boundaries } = posterior.timeline;
  const repairs = boundaries.flatMap((mark) => (mark.is === 'repair' ? [mark.repair] : []));
  const last = repairs.findLastIndex((repair) => isThere(channel, repair.channel) && touchedBy(repair).has(segment));
  return stages.slice(last + 1).flatMap(({ observations }) => observations);
}

/** Whether an observation is of a channel; what belongs to the car as a whole is of every one. */
function isOf(seen: Observation, channel: Channel, { file }: PartFacts): boolean {
  if (seen.kind === 'look' && PARTS[seen.part].ofCar) return true;
  return seen.channel !== undefined && channelOn(seen.channel, file.vehicle.channels) === channel;
}

/** What takes the word of a speed that followed: a later fault on the same way. */
function overturnsReader(seen: Observation, channel: Channel, facts: PartFacts): boolean {
  const { file, posterior } = facts;
  switch (seen.kind) {
    case 'live':
      return isOf(seen, channel, facts) && facts.verdicts.get(seen.id)?.tone === 'bad';
    case 'clear':
      return ['returned-at-key-on', 'returned-when-moving', 'returned-later'].includes(seen.result);
    case 'code': {
      const names = posterior.timeline.stages[0]?.context.names.meaning ?? new Map();
      const named = meaningFor(seen, file.vehicle, names).channel;
      return seen.status === 'current' && (named === null || named === channel);
    }
    default:
      return false;
  }
}

const BY: Readonly<Partial<Record<Observation['kind'], CheckedBy['by']>>> = {
  look: 'eye',
  meter: 'meter',
  distance: 'meter',
  live: 'reader',
  swap: 'reader',
  substitute: 'reader',
};

interface Finding {
  readonly seen: Observation;
  readonly verdict: Verdict;
}

/** What parts are told from, with the place of the last fault at each channel that overturns the word of its speed; −1 for none. */
interface Told extends PartFacts {
  readonly observed: number;
  readonly overturnedAt: ReadonlyMap<Channel, number>;
}

function toldOf(facts: PartFacts): Told {
  const all = facts.posterior.timeline.stages.flatMap(({ observations }) => observations);
  const last = (channel: Channel): number => all.findLastIndex((seen) => overturnsReader(seen, channel, facts));
  const overturnedAt = new Map(facts.file.vehicle.channels.map((channel) => [channel, last(channel)]));
  return { ...facts, observed: all.length, overturnedAt };
}

/** The answers that still stand: of each check the newest, of a live speed none that a later fault has overturned. */
function standing(channel: Channel, all: readonly Observation[], facts: Told): readonly Finding[] {
  const newest = new Map<string, Finding>();
  const overturnedAt = (facts.overturnedAt.get(channel) ?? -1) - (facts.observed - all.length);
  all.forEach((seen, at) => {
    const verdict = facts.verdicts.get(seen.id);
    if (!verdict || verdict.tone === 'void' || !isOf(seen, channel, facts) || facts.doubtful.has(seen.id)) return;
    if (seen.kind === 'look' && (seen.unsure === true || seen.finding === 'hidden')) return;
    newest.delete(verdict.topic);
    const isOverturned = BY[seen.kind] === 'reader' && at < overturnedAt;
    if (!isOverturned) newest.set(verdict.topic, { seen, verdict });
  });
  return [...newest.values()];
}

/** A finding that is of this part alone and found it bad. */
const isAgainst = ({ verdict }: Finding, segment: Segment): boolean =>
  verdict.tone === 'bad' && verdict.bad.length === 1 && verdict.bad[0] === segment;

function checkedBy(view: SegmentView, facts: Told): CheckedBy | null {
  const { channel, segment, probability } = view;
  if (probability >= STATES.suspectFrom) return null;
  const findings = standing(channel, sinceRepair(channel, segment, facts), facts);
  const isGood = ({ verdict }: Finding): boolean =>
    verdict.good.includes(segment) &&
    (verdict.with === undefined ||
      findings.some((other) => other.verdict.topic === verdict.with && other.verdict.good.includes(segment)));
  const good = findings.findLastIndex(isGood);
  const found = findings[good];
  const by = found && BY[found.seen.kind];
  if (!found || !by || findings.slice(good + 1).some((finding) => isAgainst(finding, segment))) return null;
  return { by, observation: found.seen.id };
}

/** Whether the last word on a part is that it can't be seen from here. */
function isHidden({ channel, segment }: SegmentView, facts: PartFacts): boolean {
  const looks = sinceRepair(channel, segment, facts).filter(
    (seen) => seen.kind === 'look' && PARTS[seen.part].segment === segment && isOf(seen, channel, facts),
  );
  const last = looks.at(-1);
  return last?.kind === 'look' && last.finding === 'hidden';
}

/** Whether the module is known to hear another wheel: its input for this one can only be tested in a workshop. */
function hearsOthers({ channel }: SegmentView, { posterior, verdicts }: PartFacts): boolean {
  return posterior.timeline.stages.some(({ observations }) =>
    observations.some(
      (seen) =>
        seen.kind === 'live' &&
        seen.channel !== undefined &&
        seen.channel !== channel &&
        verdicts.get(seen.id)?.good.includes('module') === true,
    ),
  );
}

function uncheckedFor(view: SegmentView, facts: PartFacts): Unchecked | null {
  if (isHidden(view, facts)) return 'hidden';
  return view.segment === 'module' && hearsOthers(view, facts) ? 'hears-others' : null;
}

/**
 * The parts of every channel's path with their states.
 * @param views the segments as the belief has them. @param facts the case, the belief, the verdicts, what is doubted.
 * @returns seven a channel, in the order of the path.
 * @example partsOf(SEGMENTS_SEEN, PART_FACTS).find(({ channel, segment }) => channel === 'front-right' && segment === 'plug').part // => "at-fault"
 */
export function partsOf(views: readonly SegmentView[], facts: PartFacts): readonly PartView[] {
  const known = toldOf(facts);
  return views.map((view): PartView => {
    if (view.state === 'at-fault' || view.state === 'suspect')
      return { ...view, part: view.state, checked: null, because: null };
    const checked = checkedBy(view, known);
    if (checked) return { ...view, part: 'checked-good', checked, because: null };
    const because = uncheckedFor(view, facts);
    return { ...view, part: because ? 'cannot-check' : 'not-checked', checked, because };
  });
}

/** A corner is suspect only when it stands out from the others; before codes all share the suspicion alike. */
const STANDS_OUT = 1.6;

/**
 * The corners with their states: at fault, suspect, checked good where every part is that can be checked, else not checked yet.
 * @param parts of all channels. @param posterior the belief. @returns one a channel, in the car's order.
 * @example cornersOf(partsOf(SEGMENTS_SEEN, PART_FACTS), POSTERIOR).map(({ state }) => state) // => ["not-checked","at-fault","not-checked","not-checked"]
 */
export function cornersOf(parts: readonly PartView[], posterior: Posterior): readonly CornerView[] {
  const chances = cornerChances(posterior);
  const average = chances.reduce((sum, { probability }) => sum + probability, 0) / Math.max(1, chances.length);
  return chances.map(({ channel, probability }): CornerView => {
    const own = parts.filter((part) => part.channel === channel);
    const open = own.filter(({ part }) => part !== 'cannot-check');
    const isGood = open.length > 0 && open.every(({ part }) => part === 'checked-good');
    if (probability >= STATES.atFaultFrom) return { channel, state: 'at-fault', probability };
    if (probability >= STATES.suspectFrom && probability >= average * STANDS_OUT)
      return { channel, state: 'suspect', probability };
    return { channel, state: isGood ? 'checked-good' : 'not-checked', probability };
  });
}
