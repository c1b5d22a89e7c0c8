import type { Observation } from '../casefile/contract';
import type { SensorType } from '../casefile/words';
import { faultRow, type Cause } from '../knowledge/faults';
import { chancesOf, chancesUnder, tableFor, type Chances, type Table } from '../knowledge/tables/table';
import { readWheelCodes } from './readCodes';
import { readObservation } from './readObservation';
import { kindAt, type Report } from './report';
import type { Timeline } from './timeline';
import { texts } from '#words/core/evidence';

/** Reports of one check on one channel in one stage: repeats confirm what was seen, they do not multiply what it proves. */
export interface Group {
  /** What the check is about: observations of one topic are reports of one thing. */
  readonly topic: string;
  /** The same, whether it is the first look or another. */
  readonly about: string;
  /** What kind of observation it rests on. */
  readonly kind: Observation['kind'];
  readonly channel: Report['channel'];
  readonly epoch: number;
  readonly stage: number;
  readonly reports: readonly Report[];
}

export interface Evidence {
  readonly groups: readonly Group[];
  readonly ignored: readonly { readonly id: string; readonly why: string }[];
}

/** Under a type that a check says nothing of, the observation would hardly have been made. */
const MADE_FOR_ANOTHER_TYPE = 0.15;

function isVoidFor(report: Report, timeline: Timeline): boolean {
  const context = timeline.stages[0]?.context;
  const type = context ? kindAt(context, report.channel) : null;
  return type !== null && tableFor(report.check, type) === null;
}

type Growing = Omit<Group, 'epoch' | 'reports'> & { epoch: number; reports: Report[] };

/** Adds the reports of one stage to its groups. */
function gatherStage(
  reports: readonly Report[],
  stage: number,
  timeline: Timeline,
  kinds: ReadonlyMap<string, Observation['kind']>,
): { readonly groups: readonly Group[]; readonly ignored: Evidence['ignored'] } {
  const groups = new Map<string, Growing>();
  const ignored: { id: string; why: string }[] = [];
  for (const report of reports) {
    if (isVoidFor(report, timeline)) {
      ignored.push(...report.ids.map((id) => ({ id, why: texts.notCountedTellsNothing })));
      continue;
    }
    const table = report.check.passive ?? report.check.active;
    const { topic = '', about = topic } = table ?? {};
    const epoch = report.ids.reduce((first, id) => Math.min(first, timeline.epochOf.get(id) ?? 0), Infinity);
    const key = `${report.channel ?? ''} ${topic}`;
    const known = groups.get(key);
    if (known) {
      known.epoch = Math.min(epoch, known.epoch);
      known.reports.push(report);
    } else
      groups.set(key, {
        topic,
        about,
        kind: kinds.get(report.ids[0] ?? '') ?? 'code',
        channel: report.channel,
        stage,
        epoch,
        reports: [report],
      });
  }
  return { groups: [...groups.values()], ignored };
}

/**
 * Reads every counted observation and gathers the reports into groups.
 * @param timeline the job in time.
 * @returns groups, and the observations that count for nothing with the reason.
 * @example gatherEvidence(POSTERIOR.timeline).groups.length > 3 // => true
 */
export function gatherEvidence(timeline: Timeline): Evidence {
  const ignored = timeline.withdrawn.map((observation) => ({ id: observation.id, why: texts.withdrawn }));
  const kinds = new Map(
    timeline.stages.flatMap(({ observations }) => observations.map(({ id, kind }) => [id, kind] as const)),
  );
  const groups = timeline.stages.flatMap((stage, number) => {
    const reports = [...readWheelCodes(stage.context)];
    for (const observation of stage.observations) {
      const reading = readObservation(observation, stage.context);
      if ('ignored' in reading) ignored.push({ id: observation.id, why: reading.ignored });
      else reports.push(...reading.reports);
    }
    const gathered = gatherStage(reports, number, timeline, kinds);
    ignored.push(...gathered.ignored);
    return gathered.groups;
  });
  return { groups, ignored };
}

/** A group of reports as a check on one type of sensor: which causes it can show, and how well they explain it. */
export interface GroupView {
  /** The part of the causes that the check can show. */
  readonly concerned: (causes: readonly Cause[]) => readonly Cause[];
  /** Likelihood of the group under concerned causes: above 0, at most the best fit. */
  readonly likelihood: (causes: readonly Cause[]) => number;
  /** Concerned causes of one kind are as likely to have shown this. */
  readonly kindOf: (causes: readonly Cause[]) => number;
  /** What one observation makes of the likelihood under concerned causes: that with it over that without it. */
  readonly restingOn: (id: string, causes: readonly Cause[]) => number;
}

/** Table rows are far fewer than this. */
const MOST_KINDS = 512;

const NO_CAUSES: readonly Cause[] = [];
const BLIND: GroupView = {
  concerned: () => NO_CAUSES,
  likelihood: () => MADE_FOR_ANOTHER_TYPE,
  kindOf: () => 0,
  restingOn: () => 1,
};

/**
 * Looks at a group of reports under a sensor type; likelihoods are worked out once a kind of causes, for as long as the view lives.
 * @param group the reports. @param type the sensor type. @returns the view.
 * @example viewOf(GROUPS[0], 'passive').likelihood(['sensor-open']) <= 1 // => true
 */
export function viewOf(group: Group, type: SensorType): GroupView {
  const first = group.reports[0];
  const table = first ? tableFor(first.check, type) : null;
  if (!table) return BLIND;
  const chances = chancesOf(table);
  const seen = distinctReports(group, table);
  const values = new Map<number, number>();
  const kindOf = (causes: readonly Cause[]): number => {
    let kind = 0;
    for (const cause of causes)
      kind = kind * MOST_KINDS + 2 * (chances.rowOf.get(cause) ?? 0) + Number(isVolatile(cause));
    return kind;
  };
  return {
    concerned: (causes) => {
      if (causes.length === 0) return NO_CAUSES;
      if (causes.length === 1) return chances.byFault.has(causes[0] as Cause) ? causes : NO_CAUSES;
      return causes.filter((cause) => chances.byFault.has(cause));
    },
    likelihood: (causes) => {
      const kind = kindOf(causes);
      const known = values.get(kind);
      if (known !== undefined) return known;
      const value = Math.max(Number.MIN_VALUE, likelihoodUnder(table, seen, chances, causes));
      values.set(kind, value);
      return value;
    },
    kindOf,
    restingOn: restOf(group, table, seen, chances),
  };
}

function isVolatile(cause: Cause): boolean {
  return faultRow(cause).nature === 'intermittent';
}

/** More repeats than this of one and the same thing tell nothing new. */
const MOST_REPEATS = 12;

/** Reports that say the same, once, with how often they were made. */
interface Distinct {
  readonly report: Report;
  /** How well each outcome explains the report, the observer's chance of being mistaken included. */
  readonly row: readonly number[];
  readonly made: number;
}

/** How often a report counts that was made so often. */
const counted = (made: number): number => Math.min(MOST_REPEATS, made);

function reportFits(report: Report, outcomes: readonly string[], mistaken: number): number[] {
  const m = Math.max(mistaken, report.mistaken ?? 0);
  const blind = (m * Object.values(report.fits).reduce((sum, fit) => sum + fit, 0)) / outcomes.length;
  return outcomes.map((outcome) => (1 - m) * (report.fits[outcome] ?? 0) + blind);
}

const wordsOf = (report: Report): string => JSON.stringify([report.fits, report.mistaken, report.power]);

function distinctReports(group: Group, table: Table): ReadonlyMap<string, Distinct> {
  const found = new Map<string, Distinct>();
  for (const report of group.reports) {
    const key = wordsOf(report);
    const known = found.get(key);
    if (known) found.set(key, { ...known, made: known.made + 1 });
    else found.set(key, { report, row: reportFits(report, table.outcomes, table.mistaken), made: 1 });
  }
  return found;
}

/** What rests on one observation: reports, how often each of them counts the less without it, and whether it is then gone. */
type Resting = readonly { readonly of: Distinct; readonly less: number; readonly isGone: boolean }[];

function restsOn(group: Group, seen: ReadonlyMap<string, Distinct>): ReadonlyMap<string, Resting> {
  const timesOf = new Map<string, Map<string, number>>();
  for (const report of group.reports) {
    const key = wordsOf(report);
    for (const id of new Set(report.ids)) {
      const times = timesOf.get(id) ?? new Map<string, number>();
      timesOf.set(id, times.set(key, (times.get(key) ?? 0) + 1));
    }
  }
  const restingOn = ([key, times]: readonly [string, number]): Resting[number] => {
    const of = seen.get(key) as Distinct;
    return { of, less: counted(of.made) - counted(of.made - times), isGone: of.made === times };
  };
  return new Map([...timesOf].map(([id, times]) => [id, [...times].map(restingOn)]));
}

/** Sum of products of parts given as natural logarithms with chances: as a logarithm, however small. */
function logAlone(logs: readonly number[], chances: readonly number[]): number {
  const most = logs.reduce((max, log, index) => ((chances[index] ?? 0) > 0 ? Math.max(max, log) : max), -Infinity);
  return most + Math.log(logs.reduce((sum, log, index) => sum + Math.exp(log - most) * (chances[index] ?? 0), 0));
}

/** What an observation makes of the likelihood, reckoned from what rests on it alone: time does not grow with the group. */
function restOf(
  group: Group,
  table: Table,
  seen: ReadonlyMap<string, Distinct>,
  chances: Chances,
): GroupView['restingOn'] {
  const logOf = (fit: number | undefined): number => Math.log(Math.max(Number.MIN_VALUE, fit ?? 0));
  let resting: ReadonlyMap<string, Resting> | null = null;
  let together: readonly number[] | null = null;
  return (id, causes) => {
    resting ??= restsOn(group, seen);
    const own = resting.get(id) ?? [];
    const gone = own.filter(({ isGone }) => isGone).map(({ of }) => of);
    if (table.findingsAddUp) return sightsUnder(table, gone, chances, causes);
    const under = chancesUnder(chances, causes);
    if (table.topic === 'code-failure') return wordsUnder(gone, under);
    if (causes.some(isVolatile))
      return own.reduce((product, { of, less }) => product * alone(of.row, under) ** less, 1);
    together ??= table.outcomes.map((_outcome, index) =>
      [...seen.values()].reduce((sum, { row, made }) => sum + counted(made) * logOf(row[index]), 0),
    );
    const without = together.map((log, index) =>
      own.reduce((rest, { of, less }) => rest - less * logOf(of.row[index]), log),
    );
    return Math.exp(logAlone(together, under) - logAlone(without, under));
  };
}

function alone(row: readonly number[], chances: readonly number[]): number {
  return row.reduce((sum, fit, index) => sum + fit * (chances[index] ?? 0), 0);
}

/**
 * The check's outcome is one hidden thing that every report is a noisy view of; where the fault comes and goes, each report is a draw of its own.
 * Findings of a look add up instead: each is seen or not by itself.
 */
function likelihoodUnder(
  table: Table,
  found: ReadonlyMap<string, Distinct>,
  chances: Chances,
  causes: readonly Cause[],
): number {
  const seen = [...found.values()];
  if (table.findingsAddUp) return sightsUnder(table, seen, chances, causes);
  const under = chancesUnder(chances, causes);
  if (table.topic === 'code-failure') return wordsUnder(seen, under);
  if (causes.some(isVolatile))
    return seen.reduce((product, { row, made }) => product * alone(row, under) ** counted(made), 1);
  const together = table.outcomes.map((_outcome, index) =>
    seen.reduce((product, { row, made }) => product * (row[index] ?? 0) ** counted(made), 1),
  );
  return alone(together, under);
}

/** A code's word for the failure is one however often it was read. */
function wordsUnder(seen: readonly Distinct[], under: readonly number[]): number {
  return seen.reduce((product, { row, report }) => product * alone(row, under) ** (report.power ?? 1), 1);
}

/** Each finding is there if any cause shows it; `sound` needs all causes to hide. The same sight made again proves next to nothing. */
function sightsUnder(table: Table, seen: readonly Distinct[], chances: Chances, causes: readonly Cause[]): number {
  const rows = causes.flatMap((cause) => chances.byFault.get(cause) ?? []);
  const shown =
    rows.length > 0 ? causes.map((cause) => chances.byFault.get(cause) ?? chances.otherwise) : [chances.otherwise];
  return seen.reduce((product, { report }) => {
    const finding = Object.keys(report.fits)[0] ?? 'sound';
    const index = table.outcomes.indexOf(finding);
    const chance =
      index === 0
        ? shown.reduce((all, row) => all * (row[0] ?? 0), 1)
        : 1 - shown.reduce((all, row) => all * (1 - (row[index] ?? 0)), 1);
    const again = report.mistaken ?? 0;
    return product * ((1 - again) * chance + again) ** (report.power ?? 1);
  }, 1);
}
