import type { CaseFile } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import type { Cause } from '../knowledge/faults';
import { chancesOf, tableFor } from '../knowledge/tables/table';
import { viewOf, type Evidence, type Group } from '../evidence/groups';
import { statedKinds } from '../evidence/sensorKind';
import { kindsOf } from './kinds';
import { backgroundKey, channelHypotheses, provenBySight, sharedHypotheses, type Background } from './hypotheses';
import type { Hypothesis, Ways } from './waysThroughTime';
import { ACTIVE_CHANCE, SAME_TYPE_CHANCE } from '../knowledge/priors';
import { REPAIR_RESULT } from '../knowledge/tables/trials';
import type { Timeline } from '../evidence/timeline';

/** A channel in one variant of the car: its hypotheses and how well each explains the evidence that names the channel. */
export interface ChannelModel {
  readonly channel: Channel;
  readonly type: SensorType;
  readonly hypotheses: readonly Hypothesis[];
  /** likelihood[shared][hypothesis] of all the channel's own evidence, against the best of each piece of it. */
  readonly likelihood: readonly Float64Array[];
  /** Natural logarithm of what the likelihoods were divided by. */
  readonly logScale: number;
}

/** A fault-free term of a piece of evidence that names no channel. */
export interface CarTerm {
  readonly fit: number;
  /** Seen only if nothing shows (true), or if anything shows (false). */
  readonly isNormal: boolean;
  /** Chance that this source does not spoil (normal) or does not show (else) the outcome; 1 where it is not concerned. */
  readonly byChannel: readonly Float64Array[];
  readonly byShared: Float64Array;
  /** The same where no cause is concerned at all. */
  readonly otherwise: number;
}

/** Evidence that bears on the car as a whole. */
export interface CarEvidence {
  readonly terms: readonly CarTerm[];
  readonly concernedByChannel: readonly Uint8Array[];
  readonly concernedByShared: Uint8Array;
  readonly mistaken: number;
  readonly blind: number;
  readonly power: number;
}

/** What the owner said of a repair: judged by whether any fault was left on the car after it. */
export interface RepairEvidence {
  readonly leftByChannel: readonly Uint8Array[];
  readonly leftByShared: Uint8Array;
  readonly removedByChannel: readonly Uint8Array[];
  readonly removedByShared: Uint8Array;
  readonly said: 'fixed' | 'no-change' | 'partly' | 'unknown';
}

/** One variant of the car: every channel's sensor type settled. */
export interface CarModel {
  readonly weight: number;
  readonly channels: readonly ChannelModel[];
  readonly shared: readonly Hypothesis[];
  readonly carEvidence: readonly CarEvidence[];
  readonly repairEvidence: readonly RepairEvidence[];
  /** At most so many channels have a real fault at once. */
  readonly mostFaulty: number;
  /** Whether ways of small weight were left out because the job is too large for the exact way. */
  readonly isApproximate: boolean;
}

/** More than two channels at once have a fault only where more have been seen. */
const USUALLY_AT_MOST = 2;

type TypeOf = (channel: Channel) => SensorType;

/** The variants of sensor type that the case leaves open, with their prior chances: unknown channels share one type. */
function variantsOf(file: CaseFile): { readonly typeOf: TypeOf; readonly weight: number }[] {
  const stated = statedKinds(file.vehicle);
  const unknown = file.vehicle.channels.some((channel) => !stated.has(channel));
  const known = [...stated.values()];
  const all =
    (type: SensorType): TypeOf =>
    (channel) =>
      stated.get(channel) ?? type;
  if (!unknown) return [{ typeOf: all('passive'), weight: 1 }];
  const alike = (type: SensorType): boolean => known.length > 0 && known.every((word) => word === type);
  const active = alike('active') ? SAME_TYPE_CHANCE : alike('passive') ? 1 - SAME_TYPE_CHANCE : ACTIVE_CHANCE;
  return [
    { typeOf: all('passive'), weight: 1 - active },
    { typeOf: all('active'), weight: active },
  ];
}

function channelModel(
  channel: Channel,
  type: SensorType,
  hypotheses: readonly Hypothesis[],
  groups: readonly Group[],
  shared: readonly Hypothesis[],
): ChannelModel {
  const own = groups.filter((group) => group.channel === channel);
  const likelihood = shared.map(() => new Float64Array(hypotheses.length).fill(1));
  let logScale = 0;
  for (const group of own) {
    const seen = viewOf(group, type);
    const [first, kinds] = kindsOf(hypotheses, seen, group.epoch);
    const alone = first.map((causes) => seen.likelihood(causes));
    const values = shared.map((beside) => {
      const also = seen.concerned(beside.faults[group.epoch] ?? []);
      return also.length === 0 ? alone : first.map((causes) => seen.likelihood([...causes, ...also]));
    });
    const best = values.reduce((most, row) => row.reduce((max, value) => Math.max(max, value), most), 0);
    logScale += Math.log(best);
    values.forEach((row, s) => {
      const into = likelihood[s] as Float64Array;
      for (let h = 0; h < into.length; h += 1)
        into[h] = ((into[h] as number) * (row[kinds[h] as number] as number)) / best;
    });
  }
  return { channel, type, hypotheses, likelihood, logScale };
}

/** One source's part in a term: the chance that it leaves the outcome unspoilt or unshown. */
function partOf(
  chances: ReturnType<typeof chancesOf>,
  outcome: number,
  isNormal: boolean,
  faults: readonly Cause[],
): number {
  return faults.reduce((product, fault) => {
    const row = chances.byFault.get(fault);
    if (!row) return product;
    const chance = row[outcome] ?? 0;
    return product * (isNormal ? chance : 1 - chance);
  }, 1);
}

/** What is found at a wheel, whether or not somebody wrote down which. */
const AT_A_WHEEL: readonly Group['kind'][] = ['look', 'meter', 'distance'];

/** The wheels at which somebody has seen what a group is about: what has no wheel says nothing of them. */
function placedElsewhere(group: Group, groups: readonly Group[]): ReadonlySet<Channel> {
  if (!AT_A_WHEEL.includes(group.kind)) return new Set();
  return new Set(
    groups.flatMap((other) => (other.channel !== null && other.about === group.about ? [other.channel] : [])),
  );
}

/** Repeats of one outcome on the whole car count by the root of their number; what was seen at a wheel itself is not asked again. */
function carEvidenceOf(
  group: Group,
  channels: readonly ChannelModel[],
  shared: readonly Hypothesis[],
  groups: readonly Group[],
): CarEvidence[] {
  const type = channels[0]?.type ?? 'passive';
  const placed = placedElsewhere(group, groups);
  /** Channels with the same ways share what is worked out of them. */
  const alike = <T>(make: (ways: readonly Hypothesis[]) => T, blind: (ways: readonly Hypothesis[]) => T): T[] => {
    const made = new Map<readonly Hypothesis[], T>();
    return channels.map(({ channel, hypotheses }) => {
      if (placed.has(channel)) return blind(hypotheses);
      const element = made.get(hypotheses) ?? make(hypotheses);
      made.set(hypotheses, element);
      return element;
    });
  };
  const distinct = new Map<string, { report: Group['reports'][number]; count: number }>();
  for (const report of group.reports) {
    const key = JSON.stringify(report.fits);
    distinct.set(key, { report, count: (distinct.get(key)?.count ?? 0) + 1 });
  }
  return [...distinct.values()].flatMap(({ report, count }) => {
    const table = tableFor(report.check, type);
    if (!table) return [];
    const chances = chancesOf(table);
    const at = (way: Hypothesis): readonly Cause[] => way.faults[group.epoch] ?? [];
    const concerns = (way: Hypothesis): boolean => at(way).some((fault) => chances.byFault.has(fault));
    const terms = Object.entries(report.fits).map(([name, fit]): CarTerm => {
      const outcome = table.outcomes.indexOf(name);
      const isNormal = outcome === 0;
      const part = (way: Hypothesis): number => partOf(chances, outcome, isNormal, at(way));
      return {
        fit,
        isNormal,
        byChannel: alike(
          (ways) => Float64Array.from(ways, part),
          (ways) => new Float64Array(ways.length).fill(1),
        ),
        byShared: Float64Array.from(shared, part),
        otherwise: chances.otherwise[outcome] ?? 0,
      };
    });
    return [
      {
        terms,
        concernedByChannel: alike(
          (ways) => Uint8Array.from(ways, (h) => Number(concerns(h))),
          (ways) => new Uint8Array(ways.length),
        ),
        concernedByShared: Uint8Array.from(shared, (s) => Number(concerns(s))),
        mistaken: Math.max(table.mistaken, report.mistaken ?? 0),
        blind: Object.values(report.fits).reduce((sum, fit) => sum + fit, 0) / table.outcomes.length,
        power: (report.power ?? 1) * Math.sqrt(count),
      },
    ];
  });
}

function repairEvidenceOf(
  timeline: Timeline,
  channels: readonly ChannelModel[],
  shared: readonly Hypothesis[],
): RepairEvidence[] {
  const isReal = (fault: Cause): boolean => fault !== 'stale-code';
  return timeline.boundaries.flatMap((mark, epoch) => {
    if (mark.is !== 'repair' || mark.repair.result === 'unknown') return [];
    const left = (way: Hypothesis): number => Number((way.faults[epoch + 1] ?? []).some(isReal));
    const removed = (way: Hypothesis): number =>
      Number((way.faults[epoch] ?? []).filter(isReal).length > (way.faults[epoch + 1] ?? []).filter(isReal).length);
    return [
      {
        leftByChannel: channels.map((channel) => Uint8Array.from(channel.hypotheses, left)),
        leftByShared: Uint8Array.from(shared, left),
        removedByChannel: channels.map((channel) => Uint8Array.from(channel.hypotheses, removed)),
        removedByShared: Uint8Array.from(shared, removed),
        said: mark.repair.result,
      },
    ];
  });
}

/**
 * How well an owner's word on a repair fits: `left` any fault left on the car, `removed` one taken away.
 * @example repairWordFits('fixed', false, true) > repairWordFits('fixed', true, true) // => true
 */
export function repairWordFits(said: RepairEvidence['said'], left: boolean, removed: boolean): number {
  return REPAIR_RESULT[!left ? 'cured' : removed ? 'bettered' : 'left'][said];
}

/**
 * Builds the probabilistic model of a case: one variant for each way the unknown sensor types may be.
 * @param file the case. @param timeline the case in time. @param evidence its reports, grouped.
 * @returns the variants with their prior weights.
 * @example buildModels(CASE, POSTERIOR.timeline, POSTERIOR.evidence).map(({ channels }) => channels.map(({ type }) => type)) // => [["passive","passive","passive","passive"]]
 */
export function buildModels(file: CaseFile, timeline: Timeline, evidence: Evidence): CarModel[] {
  const counted = timeline.stages.flatMap((stage) => stage.observations);
  const about: Background = {
    channels: file.vehicle.channels,
    history: counted.filter((observation) => observation.kind === 'history'),
    boundaries: timeline.boundaries,
    proven: provenBySight(counted, file.vehicle.channels),
  };
  const shared = sharedHypotheses(about);
  const known = new Map<string, Ways>();
  const waysOf = (channel: Channel, type: SensorType): Ways => {
    const key = backgroundKey(channel, type, about);
    const ways = known.get(key) ?? channelHypotheses(channel, type, about);
    known.set(key, ways);
    return ways;
  };
  const seenAt = new Set(about.proven.map((seen) => seen.channel).filter((channel) => channel !== null));
  const mostFaulty = Math.max(USUALLY_AT_MOST, seenAt.size);
  const ofCar = evidence.groups.filter((group) => group.channel === null);
  return variantsOf(file).map(({ typeOf, weight }) => {
    const all = file.vehicle.channels.map((channel) => waysOf(channel, typeOf(channel)));
    const channels = file.vehicle.channels.map((channel, c) =>
      channelModel(channel, typeOf(channel), all[c]?.ways ?? [], evidence.groups, shared.ways),
    );
    return {
      weight,
      channels,
      shared: shared.ways,
      carEvidence: ofCar.flatMap((group) => carEvidenceOf(group, channels, shared.ways, evidence.groups)),
      repairEvidence: repairEvidenceOf(timeline, channels, shared.ways),
      mostFaulty,
      isApproximate: timeline.isTrimmed || shared.isApproximate || all.some((ways) => ways.isApproximate),
    };
  });
}
