import { describe, expect, test } from 'vitest';
import { caseOf, car, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile } from '../casefile/contract';
import { locatedWires, seenSince, standingOpen } from './seen';

const look = (part: string, finding: string, channel = 'front-left'): Loose =>
  ({ kind: 'look', part, finding, channel }) as Loose;
const file = (seen: readonly Loose[], extra: Partial<CaseFile> = {}): CaseFile =>
  caseOf(car('passive', { places: { 'front-left': { plug: 'bonnet' } } }), seen, [], extra);
const open = (of: CaseFile): readonly string[] => [...standingOpen(of, of.observations)];

describe('what stands open', () => {
  test('what was looked at was opened', () => {
    expect(open(file([look('ring', 'sound')]))).toEqual(['wheel-off@front-left']);
    expect(open(file([look('plug', 'sound')]))).toEqual(['plug-apart@front-left']);
    expect(open(file([look('lead', 'sound')]))).toEqual([]);
  });
  test('who could not see a part has opened nothing', () => expect(open(file([look('ring', 'hidden')]))).toEqual([]));
  test('work noted opens, and undone closes', () => {
    const work = (undone?: boolean) => [
      { id: 'w1', step: 'wheel-off@front-left', ...(undone === undefined ? {} : { undone }) },
    ];
    expect(open(file([], { work: work() }))).toEqual(['wheel-off@front-left']);
    expect(open(file([look('ring', 'sound')], { work: work(true) }))).toEqual([]);
  });
});

describe('what has been answered', () => {
  const seen = (of: CaseFile, doubtful: readonly string[] = []) => seenSince(of.observations, of, new Set(doubtful));
  test('at its own corner, in its own manner, unless it is in doubt', () => {
    const wiggled = file([
      { kind: 'meter', channel: 'front-left', point: 'sensor', quantity: 'resistance', value: 1100, while: 'wiggle' },
    ]);
    const check = 'meter:sensor:resistance';
    expect([seen(wiggled).has(check, 'front-left'), seen(wiggled).has(check, 'front-left', 'wiggle')]).toEqual([
      false,
      true,
    ]);
    expect(seen(wiggled).has(check, 'front-right', 'wiggle')).toBe(false);
    expect(seen(wiggled, ['o1']).has(check, 'front-left', 'wiggle')).toBe(false);
  });
  test('a part of the whole car is looked at once, whatever the corner', () =>
    expect(seen(file([look('fuse', 'sound', undefined)])).has('look:fuse', 'rear-left')).toBe(true));
  test('a hidden part counts as looked at until something opens the view', () => {
    expect(seen(file([look('ring', 'hidden')])).has('look:ring', 'front-left')).toBe(true);
    expect(seen(file([look('ring', 'hidden'), look('gap', 'sound')])).has('look:ring', 'front-left')).toBe(false);
    expect(seen(file([look('ring', 'hidden'), look('gap', 'sound', 'rear-left')])).has('look:ring', 'front-left')).toBe(
      true,
    );
  });
});

test('the bad place of a wire is found by damage, not by dirt, a missing clip or a corner that hides', () => {
  const found = (finding: string, part = 'lead') => [...locatedWires(file([look(part, finding)]).observations)];
  for (const finding of ['chafed', 'nicked', 'severed', 'stretched', 'brittle'])
    expect(found(finding)).toEqual(['lead@front-left']);
  for (const finding of ['sound', 'hidden', 'unclipped', 'wet']) expect(found(finding)).toEqual([]);
  expect(found('corroded', 'loom')).toEqual(['loom@front-left']);
  expect(found('corroded', 'plug')).toEqual([]);
});
