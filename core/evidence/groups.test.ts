import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { posteriorOf } from '../belief/posterior';
import type { Cause } from '../knowledge/faults';
import { viewOf, type Group } from './groups';

/** Readings, looks and live findings at one wheel: repeats, contradictions, one that is made more often than counts. */
const SEEN = [
  ...[1180, 1180, 1190, 1250, 90, 1180].map((value) => ({
    kind: 'meter',
    point: 'sensor',
    quantity: 'resistance',
    value,
    channel: 'front-left',
  })),
  ...['follows', 'zero', 'follows', ...Array.from({ length: 15 }, () => 'drops-out')].map((finding) => ({
    kind: 'live',
    while: 'drive',
    finding,
    channel: 'front-left',
  })),
  ...['sound', 'chafed', 'chafed', 'wet'].map((finding) => ({
    kind: 'look',
    part: 'lead',
    finding,
    channel: 'front-left',
  })),
];
const CAUSES: readonly (readonly Cause[])[] = [
  [],
  ['sensor-open'],
  ['lead-open'],
  ['lead-intermittent'],
  ['sensor-weak'],
  ['lead-open', 'sensor-open'],
];

describe('what rests on one observation', () => {
  const { groups } = posteriorOf(caseOf(car('passive'), SEEN as never)).evidence;
  const own = groups.filter(({ channel }) => channel === 'front-left');
  test('is the likelihood with it over that without it, in every group and under all causes', () => {
    expect(own.length).toBeGreaterThanOrEqual(3);
    for (const group of own) {
      const whole = viewOf(group, 'passive');
      for (const id of new Set(group.reports.flatMap(({ ids }) => ids))) {
        const rest: Group = { ...group, reports: group.reports.filter(({ ids }) => !ids.includes(id)) };
        if (rest.reports.length === 0) continue;
        for (const causes of CAUSES) {
          const seen = whole.concerned(causes);
          const share = whole.likelihood(seen) / viewOf(rest, 'passive').likelihood(seen);
          expect(whole.restingOn(id, seen) / share, `${group.topic} ${id} ${causes.join('+')}`).toBeCloseTo(1, 6);
        }
      }
    }
  });

  test('is told for a thousand readings of one point, whose likelihood no number can hold', () => {
    const many = Array.from({ length: 1000 }, (_none, at) => ({
      kind: 'meter',
      point: 'sensor',
      quantity: 'resistance',
      value: at === 500 ? 90 : 1100 + at / 10,
      channel: 'front-left',
    }));
    const long = posteriorOf(caseOf(car('passive'), many as never)).evidence.groups.find(
      (group) => group.kind === 'meter',
    );
    if (!long) throw new Error('no group of readings');
    const seen = viewOf(long, 'passive');
    const odd = long.reports[500]?.ids[0] ?? '';
    const plain = long.reports[400]?.ids[0] ?? '';
    for (const id of [odd, plain]) expect(seen.restingOn(id, [])).toBeGreaterThan(0);
    expect(seen.restingOn(odd, [])).toBeLessThan(0.2 * seen.restingOn(plain, []));
  });
});
