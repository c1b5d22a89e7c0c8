import type { SensorType } from '../casefile/words';
import { readWheelCodes } from '../evidence/readCodes';
import { readObservation } from '../evidence/readObservation';
import { statedType, type Report } from '../evidence/report';
import { faultRow, type Cause } from './faults';
import { chancesOf, chancesUnder, tableFor } from './tables/table';
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
  const around = timeline.stages[0]?.around;
  const type = around ? statedType(around, report.channel) : null;
  return type !== null && tableFor(report.check, type) === null;
}

/**
 * Reads every counted observation and gathers the reports into groups.
 * @param timeline the job in time.
 * @returns groups, and the observations that count for nothing with the reason.
 */
export function gatherEvidence(timeline: Timeline): Evidence {
  const ignored = timeline.withdrawn.map((one) => ({ id: one.id, why: 'withdrawn' }));
  const groups = new Map<string, Group>();
  timeline.stages.forEach((stage, number) => {
    const reports = [...readWheelCodes(stage.around)];
    for (const one of stage.observations) {
      const reading = readObservation(one, stage.around);
      if ('ignored' in reading) ignored.push({ id: one.id, why: reading.ignored });
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

function averageFit(report: Report): number {
  return Object.values(report.fits).reduce((sum, one) => sum + one, 0);
}

/** How well one report fits each outcome, the observer's chance of being mistaken included. */
function reportFits(report: Report, outcomes: readonly string[], mistaken: number): number[] {
  const m = Math.max(mistaken, report.mistaken ?? 0);
  const blind = (m * averageFit(report)) / outcomes.length;
  return outcomes.map((one) => (1 - m) * (report.fits[one] ?? 0) + blind);
}

/**
 * The likelihood of a group of reports under some causes.
 * The check's outcome is one hidden thing that every report is a noisy view of; where the fault comes and goes, each report is a draw of its own.
 * @param group the reports. @param type the sensor type. @param causes the faults present in that epoch.
 * @returns above 0, at most the best fit.
 */
export function groupLikelihood(group: Group, type: SensorType, causes: readonly Cause[]): number {
  const first = group.reports[0];
  const table = first ? tableFor(first.check, type) : null;
  if (!table) return MADE_FOR_ANOTHER_TYPE;
  const chances = chancesUnder(chancesOf(table), causes);
  const fits = group.reports.map((report) => reportFits(report, table.outcomes, table.mistaken));
  const alone = (row: readonly number[]): number =>
    row.reduce((sum, fit, index) => sum + fit * (chances[index] ?? 0), 0);
  if (table.topic === 'code-failure')
    return fits.reduce((product, row, index) => product * alone(row) ** (group.reports[index]?.power ?? 1), 1);
  const volatile = causes.some((one) => faultRow(one).nature === 'intermittent');
  if (volatile) return fits.reduce((product, row) => product * alone(row), 1);
  const together = table.outcomes.map((_one, index) => fits.reduce((product, row) => product * (row[index] ?? 0), 1));
  return alone(together);
}

/** The part of causes that a group's check can show. */
export function concernedCauses(group: Group, type: SensorType, causes: readonly Cause[]): readonly Cause[] {
  const first = group.reports[0];
  const table = first ? tableFor(first.check, type) : null;
  return table ? causes.filter((one) => chancesOf(table).byFault.has(one)) : [];
}
