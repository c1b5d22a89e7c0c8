import { faultRow, type Cause } from '../../core/knowledge/faults';
import { gatherEvidence, viewOf, type Group } from '../../core/evidence/groups';
import { channelHypotheses, provenBySight, sharedHypotheses } from '../../core/belief/hypotheses';
import type { Hypothesis } from '../../core/belief/waysThroughTime';
import { repairWordFits } from '../../core/belief/model';
import { SECOND_CHANNEL, SHARED_BESIDE_FAULT } from '../../core/knowledge/priors';
import { chancesOf, tableFor } from '../../core/knowledge/tables/table';
import { timelineOf } from '../../core/evidence/timeline';
import type { CaseFile } from '../../core/casefile/contract';

/** The model once more, as plainly as it can be said: every state is written out, nothing is factored, pruned or shared. */

/** Marginals by `channel|fault`, likeliest first, and the chance that nothing is wrong. */
export interface PlainPosterior {
  readonly chances: ReadonlyMap<string, number>;
  readonly none: number;
}

/** All channels' and shared causes in one epoch. */
function causesAt(ways: readonly Hypothesis[], epoch: number): Cause[] {
  return ways.flatMap((way) => way.faults[epoch] ?? []);
}

/** Evidence on the whole car: a normal outcome needs every concerned cause to leave it alone, any other is shown by any of them. */
function carLikelihood(group: Group, ways: readonly Hypothesis[]): number {
  const counts = new Map<string, number>();
  for (const report of group.reports)
    counts.set(JSON.stringify(report.fits), (counts.get(JSON.stringify(report.fits)) ?? 0) + 1);
  let product = 1;
  for (const [fits, count] of counts) {
    const report = group.reports.find((report) => JSON.stringify(report.fits) === fits);
    const table = report && tableFor(report.check, 'passive');
    if (!report || !table) continue;
    const chances = chancesOf(table);
    const concerned = causesAt(ways, group.epoch).filter((fault) => chances.byFault.has(fault));
    const sum = Object.entries(report.fits).reduce((total, [name, fit]) => {
      const at = table.outcomes.indexOf(name);
      const entry = concerned.map((fault) => chances.byFault.get(fault)?.[at] ?? 0);
      const none = chances.otherwise[at] ?? 0;
      if (at === 0) return total + fit * (concerned.length === 0 ? none : entry.reduce((all, value) => all * value, 1));
      const hidden = concerned.length === 0 ? 1 - none : entry.reduce((all, value) => all * (1 - value), 1);
      return total + fit * (1 - hidden);
    }, 0);
    const mistaken = Math.max(table.mistaken, report.mistaken ?? 0);
    const blind = Object.values(report.fits).reduce((total, fit) => total + fit, 0) / table.outcomes.length;
    product *= ((1 - mistaken) * sum + mistaken * blind) ** ((report.power ?? 1) * Math.sqrt(count));
  }
  return product;
}

/**
 * The posterior of a car with passive sensors by writing out every state of up to two faulty channels and one shared cause.
 * @param file the case. @returns marginals, sorted.
 */
export function plainPosterior(file: CaseFile): PlainPosterior {
  const timeline = timelineOf(file);
  const { groups } = gatherEvidence(timeline);
  const { channels } = file.vehicle;
  const history = file.observations.filter((observation) => observation.kind === 'history');
  const counted = timeline.stages.flatMap((stage) => stage.observations);
  const about = { channels, history, boundaries: timeline.boundaries, proven: provenBySight(counted, channels) };
  const shared = sharedHypotheses(about).ways;
  const ways = channels.map((channel) => channelHypotheses(channel, 'passive', about).ways);
  const masses = new Map<string, number>();
  let [total, none] = [0, 0];
  const isReal = (fault: Cause): boolean => fault !== 'stale-code';

  function weigh(chosen: readonly Hypothesis[], beside: Hypothesis): void {
    const faulty = chosen.filter((way) => way.faulty).length;
    let mass = beside.odds * chosen.reduce((product, way) => product * way.odds, 1);
    if (faulty === 2) mass *= SECOND_CHANNEL;
    if (faulty > 0 && beside.faulty) mass *= SHARED_BESIDE_FAULT;
    for (const group of groups) {
      if (group.channel === null) {
        const isPlaced = (c: number): boolean =>
          ['look', 'meter', 'distance'].includes(group.kind) &&
          groups.some((other) => other.about === group.about && other.channel === channels[c]);
        mass *= carLikelihood(group, [...chosen.filter((_way, c) => !isPlaced(c)), beside]);
        continue;
      }
      const seen = viewOf(group, 'passive');
      const own = chosen[channels.indexOf(group.channel)] as Hypothesis;
      mass *= seen.likelihood(seen.concerned(causesAt([own, beside], group.epoch)));
    }
    timeline.boundaries.forEach((mark, epoch) => {
      if (mark.is !== 'repair' || mark.repair.result === 'unknown') return;
      const count = (way: Hypothesis, at: number): number => (way.faults[at] ?? []).filter(isReal).length;
      const all = [...chosen, beside];
      mass *= repairWordFits(
        mark.repair.result,
        all.some((way) => count(way, epoch + 1) > 0),
        all.some((way) => count(way, epoch) > count(way, epoch + 1)),
      );
    });
    total += mass;
    const now = [...chosen.map((way, c) => [channels[c] ?? null, way] as const), [null, beside] as const];
    if (now.every(([, way]) => (way.faults.at(-1) ?? []).length === 0)) none += mass;
    for (const [channel, way] of now)
      for (const fault of way.faults.at(-1) ?? []) {
        const isEverywhere = channel === null && faultRow(fault).segment === 'module';
        for (const place of isEverywhere ? channels : [channel]) {
          const key = `${place}|${faultRow(fault).id}`;
          masses.set(key, (masses.get(key) ?? 0) + mass);
        }
      }
  }

  function choose(c: number, chosen: readonly Hypothesis[]): void {
    const all = ways[c];
    if (!all) shared.forEach((beside) => weigh(chosen, beside));
    else
      for (const way of all)
        if (chosen.filter((entry) => entry.faulty).length + Number(way.faulty) <= 2) choose(c + 1, [...chosen, way]);
  }
  choose(0, []);
  const sorted = [...masses].sort((a, b) => b[1] - a[1]);
  return { chances: new Map(sorted.map(([key, mass]) => [key, mass / total])), none: none / total };
}
