import { faultRow, type Cause } from '../../core/knowledge/faults';
import { gatherEvidence, viewOf, type Group } from '../../core/evidence/groups';
import { channelHypotheses, sharedHypotheses, type Hypothesis } from '../../core/belief/hypotheses';
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
  return ways.flatMap((one) => one.faults[epoch] ?? []);
}

/** Evidence on the whole car: a normal outcome needs every concerned cause to leave it alone, any other is shown by any of them. */
function carLikelihood(group: Group, ways: readonly Hypothesis[]): number {
  const counts = new Map<string, number>();
  for (const one of group.reports)
    counts.set(JSON.stringify(one.fits), (counts.get(JSON.stringify(one.fits)) ?? 0) + 1);
  let product = 1;
  for (const [fits, count] of counts) {
    const report = group.reports.find((one) => JSON.stringify(one.fits) === fits);
    const table = report && tableFor(report.check, 'passive');
    if (!report || !table) continue;
    const chances = chancesOf(table);
    const concerned = causesAt(ways, group.epoch).filter((one) => chances.byFault.has(one));
    const sum = Object.entries(report.fits).reduce((total, [name, fit]) => {
      const at = table.outcomes.indexOf(name);
      const each = concerned.map((one) => chances.byFault.get(one)?.[at] ?? 0);
      const none = chances.otherwise[at] ?? 0;
      if (at === 0) return total + fit * (concerned.length === 0 ? none : each.reduce((all, one) => all * one, 1));
      const hidden = concerned.length === 0 ? 1 - none : each.reduce((all, one) => all * (1 - one), 1);
      return total + fit * (1 - hidden);
    }, 0);
    const mistaken = Math.max(table.mistaken, report.mistaken ?? 0);
    const blind = Object.values(report.fits).reduce((total, one) => total + one, 0) / table.outcomes.length;
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
  const history = file.observations.filter((one) => one.kind === 'history');
  const about = { channels, history, boundaries: timeline.boundaries };
  const shared = sharedHypotheses(about);
  const ways = channels.map((one) => channelHypotheses(one, 'passive', about));
  const masses = new Map<string, number>();
  let [total, none] = [0, 0];
  const isReal = (one: Cause): boolean => one !== 'stale-code';

  function weigh(chosen: readonly Hypothesis[], beside: Hypothesis, s: number): void {
    const faulty = chosen.filter((one) => one.faulty).length;
    let mass = beside.odds * chosen.reduce((product, one) => product * one.odds, 1);
    if (faulty === 2) mass *= SECOND_CHANNEL;
    if (faulty > 0 && s > 0) mass *= SHARED_BESIDE_FAULT;
    for (const group of groups) {
      if (group.channel === null) {
        mass *= carLikelihood(group, [...chosen, beside]);
        continue;
      }
      const seen = viewOf(group, 'passive');
      const own = chosen[channels.indexOf(group.channel)] as Hypothesis;
      mass *= seen.likelihood(seen.concerned(causesAt([own, beside], group.epoch)));
    }
    timeline.boundaries.forEach((mark, epoch) => {
      if (mark.is !== 'repair' || mark.repair.result === 'unknown') return;
      const count = (one: Hypothesis, at: number): number => (one.faults[at] ?? []).filter(isReal).length;
      const all = [...chosen, beside];
      mass *= repairWordFits(
        mark.repair.result,
        all.some((one) => count(one, epoch + 1) > 0),
        all.some((one) => count(one, epoch) > count(one, epoch + 1)),
      );
    });
    total += mass;
    const now = [...chosen.map((one, c) => [channels[c] ?? null, one] as const), [null, beside] as const];
    if (now.every(([, one]) => (one.faults.at(-1) ?? []).length === 0)) none += mass;
    for (const [channel, one] of now)
      for (const fault of one.faults.at(-1) ?? []) {
        const key = `${channel}|${faultRow(fault).id}`;
        masses.set(key, (masses.get(key) ?? 0) + mass);
      }
  }

  function choose(c: number, chosen: readonly Hypothesis[]): void {
    const all = ways[c];
    if (!all) shared.forEach((beside, s) => weigh(chosen, beside, s));
    else
      for (const one of all)
        if (chosen.filter((each) => each.faulty).length + Number(one.faulty) <= 2) choose(c + 1, [...chosen, one]);
  }
  choose(0, []);
  const sorted = [...masses].sort((a, b) => b[1] - a[1]);
  return { chances: new Map(sorted.map(([key, mass]) => [key, mass / total])), none: none / total };
}
