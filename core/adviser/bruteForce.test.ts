import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile } from '../casefile/contract';
import { faultRow, type Cause } from './faults';
import { gatherEvidence, viewOf, type Group } from './groups';
import { channelHypotheses, sharedHypotheses, type Hypothesis } from './hypotheses';
import { repairWordFits } from './model';
import { faultChances, posteriorOf } from './posterior';
import { SECOND_CHANNEL, SHARED_BESIDE_FAULT } from './priors';
import { chancesOf, tableFor } from './tables/table';
import { timelineOf } from './timeline';

/** The model once more, as plainly as it can be said: every state is written out, nothing is factored, pruned or shared. */

interface Plain {
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

function bruteForce(file: CaseFile): Plain {
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
    if (faulty > 2) return;
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
    else for (const one of all) choose(c + 1, [...chosen, one]);
  }
  choose(0, []);
  return { chances: new Map([...masses].map(([key, mass]) => [key, mass / total])), none: none / total };
}

const SEEN: readonly Loose[] = [
  { kind: 'lamps', lit: ['abs'], pattern: ['intermittent', 'when-wet'] },
  { kind: 'lamps', lit: ['abs', 'airbag', 'engine'], pattern: ['steady-from-key-on'] },
  { kind: 'code', code: 'C0031-13', status: 'current' },
  { kind: 'code', code: 'C0034', status: 'stored', odometer: 80_000 },
  { kind: 'code', code: '5DB0', status: 'unknown' },
  { kind: 'clear', result: 'returned-at-key-on' },
  { kind: 'clear', result: 'stayed-clear' },
  { kind: 'no-code', module: 'abs' },
  { kind: 'look', channel: 'front-left', part: 'plug', finding: 'corroded' },
  { kind: 'look', channel: 'front-right', part: 'lead', finding: 'sound' },
  { kind: 'meter', channel: 'front-left', point: 'sensor', quantity: 'resistance', value: 'overload', range: 20_000 },
  { kind: 'meter', channel: 'front-right', point: 'sensor', quantity: 'resistance', value: 1390, resolution: 10 },
  { kind: 'live', channel: 'front-right', while: 'drive', finding: 'drops-out' },
  { kind: 'drive', result: 'lamps-came-back' },
  { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 11.4 },
  { kind: 'history', event: 'wheel-bearing', channel: 'front-left', ago: 10 },
  { kind: 'swap', channel: 'front-left', with: 'front-right', result: 'fault-stayed' },
];

describe('the exact posterior equals brute force', () => {
  const two = car('passive', { channels: ['front-left', 'front-right'] });

  test('on two channels, with any evidence, repairs and erasing', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...SEEN], { minLength: 0, maxLength: 7 }),
        fc.constantFrom('none', 'fixed', 'no-change', 'unknown'),
        fc.nat({ max: 6 }),
        (seen, said, after) => {
          const repairs =
            said === 'none'
              ? []
              : [
                  {
                    channel: 'front-left',
                    action: 'replaced',
                    segment: 'sensor',
                    result: said,
                    after: seen.length > 0 ? `o${Math.min(after, seen.length - 1) + 1}` : null,
                  } as const,
                ];
          const file = caseOf(two, seen, repairs);
          const [plain, exact] = [bruteForce(file), posteriorOf(file)];
          expect(exact.none).toBeCloseTo(plain.none, 6);
          for (const one of faultChances(exact))
            expect(one.probability).toBeCloseTo(plain.chances.get(`${one.channel}|${one.fault}`) ?? 0, 6);
        },
      ),
      { numRuns: 40, seed: 4 },
    );
  }, 60_000);

  test('on three channels, where the third pair of eyes counts', () => {
    const sensorTypes = { 'front-left': 'passive', 'front-right': 'passive', 'rear-axle': 'passive' } as const;
    const three = car('passive', { channels: ['front-left', 'front-right', 'rear-axle'], sensorTypes });
    const file = caseOf(three, [
      SEEN[1] as Loose,
      { kind: 'code', code: 'C0031', status: 'stored' },
      { kind: 'code', code: 'C0036', status: 'stored' },
      SEEN[13] as Loose,
    ]);
    const [plain, exact] = [bruteForce(file), posteriorOf(file)];
    expect(exact.none).toBeCloseTo(plain.none, 6);
    for (const one of faultChances(exact))
      expect(one.probability).toBeCloseTo(plain.chances.get(`${one.channel}|${one.fault}`) ?? 0, 6);
  }, 60_000);
});
