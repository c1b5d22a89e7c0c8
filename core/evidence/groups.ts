import type { SensorType } from '../casefile/words';
import { readWheelCodes } from './readCodes';
import { readObservation } from './readObservation';
import { statedType, type Report } from './report';
import { faultRow, type Cause } from '../knowledge/faults';
import { chancesOf, chancesUnder, tableFor, type Table } from '../knowledge/tables/table';
import type { Timeline } from './timeline';

/** Reports of one check on one channel in one stage: repeats confirm what was seen, they do not multiply what it proves. */
export interface Group {
  readonly key: string;
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
  const type = context ? statedType(context, report.channel) : null;
  return type !== null && tableFor(report.check, type) === null;
}

/**
 * Reads every counted observation and gathers the reports into groups.
 * @param timeline the job in time.
 * @returns groups, and the observations that count for nothing with the reason.
 */
export function gatherEvidence(timeline: Timeline): Evidence {
  const ignored = timeline.withdrawn.map((observation) => ({ id: observation.id, why: 'withdrawn' }));
  const groups = new Map<string, Group>();
  timeline.stages.forEach((stage, number) => {
    const reports = [...readWheelCodes(stage.context)];
    for (const observation of stage.observations) {
      const reading = readObservation(observation, stage.context);
      if ('ignored' in reading) ignored.push({ id: observation.id, why: reading.ignored });
      else reports.push(...reading.reports);
    }
    for (const report of reports) {
      if (isVoidFor(report, timeline)) {
        ignored.push(...report.ids.map((id) => ({ id, why: 'void: says nothing of this type of sensor' })));
        continue;
      }
      const topic = report.check.passive?.topic ?? report.check.active?.topic ?? '';
      const key = `${number}|${report.channel ?? 'car'}|${topic}`;
      const epoch = Math.min(...report.ids.map((id) => timeline.epochOf.get(id) ?? 0));
      const known = groups.get(key);
      groups.set(key, {
        key,
        channel: report.channel,
        stage: number,
        epoch: Math.min(epoch, known?.epoch ?? epoch),
        reports: [...(known?.reports ?? []), report],
      });
    }
  });
  return { groups: [...groups.values()], ignored };
}

/** A group of reports as a check on one type of sensor: which causes it can show, and how well they explain it. */
export interface GroupView {
  /** The part of the causes that the check can show. */
  readonly concerned: (causes: readonly Cause[]) => readonly Cause[];
  /** Likelihood of the group under concerned causes: above 0, at most the best fit. */
  readonly likelihood: (causes: readonly Cause[]) => number;
  /** Concerned causes of one kind are as likely to have shown this. */
  readonly kindOf: (causes: readonly Cause[]) => number;
}

/** Table rows are far fewer than this. */
const MOST_KINDS = 512;

const NO_CAUSES: readonly Cause[] = [];
const views = new WeakMap<Group, Map<SensorType, GroupView>>();

/**
 * Looks at a group of reports under a sensor type; what was worked out once is kept for as long as the group lives.
 * @param group the reports. @param type the sensor type. @returns the view.
 */
export function viewOf(group: Group, type: SensorType): GroupView {
  const known = views.get(group) ?? new Map<SensorType, GroupView>();
  views.set(group, known);
  const view = known.get(type) ?? makeView(group, type);
  known.set(type, view);
  return view;
}

function makeView(group: Group, type: SensorType): GroupView {
  const first = group.reports[0];
  const table = first ? tableFor(first.check, type) : null;
  if (!table) return { concerned: () => NO_CAUSES, likelihood: () => MADE_FOR_ANOTHER_TYPE, kindOf: () => 0 };
  const chances = chancesOf(table);
  const fits = group.reports.map((report) => reportFits(report, table.outcomes, table.mistaken));
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
      const value = likelihoodUnder(group, table, fits, chancesUnder(chances, causes), causes);
      values.set(kind, value);
      return value;
    },
    kindOf,
  };
}

function isVolatile(cause: Cause): boolean {
  return faultRow(cause).nature === 'intermittent';
}

/** How well one report fits each outcome, the observer's chance of being mistaken included. */
function reportFits(report: Report, outcomes: readonly string[], mistaken: number): number[] {
  const m = Math.max(mistaken, report.mistaken ?? 0);
  const blind = (m * Object.values(report.fits).reduce((sum, fit) => sum + fit, 0)) / outcomes.length;
  return outcomes.map((outcome) => (1 - m) * (report.fits[outcome] ?? 0) + blind);
}

/**
 * The check's outcome is one hidden thing that every report is a noisy view of; where the fault comes and goes, each report is a draw of its own.
 */
function likelihoodUnder(
  group: Group,
  table: Table,
  fits: readonly (readonly number[])[],
  chances: readonly number[],
  causes: readonly Cause[],
): number {
  const alone = (row: readonly number[]): number =>
    row.reduce((sum, fit, index) => sum + fit * (chances[index] ?? 0), 0);
  if (table.topic === 'code-failure')
    return fits.reduce((product, row, index) => product * alone(row) ** (group.reports[index]?.power ?? 1), 1);
  if (causes.some(isVolatile)) return fits.reduce((product, row) => product * alone(row), 1);
  const together = table.outcomes.map((_one, index) => fits.reduce((product, row) => product * (row[index] ?? 0), 1));
  return alone(together);
}
