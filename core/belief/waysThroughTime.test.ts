import { describe, expect, test } from 'vitest';
import type { Repair } from '../casefile/contract';
import type { Boundary } from '../evidence/timeline';
import type { Cause } from '../knowledge/faults';
import { WORK_LEAVES_PLUG_LOOSE } from '../knowledge/priors';
import { cureChance } from '../knowledge/repairs/all';
import { throughBoundaries, type Start } from './waysThroughTime';

const repair = (action: Repair['action'], segment: Repair['segment']): Boundary => ({
  is: 'repair',
  after: 0,
  repair: { id: 'r', action, segment, result: 'unknown', channel: 'front-left' },
});
const ERASED: Boundary = {
  is: 'clear',
  after: 0,
  clear: { id: 'c', kind: 'clear', result: 'stayed-clear' },
};
const NEW_SENSOR = repair('replaced', 'sensor');
const start = (odds: number, ...faults: Cause[]): Start => ({ faults, odds });
const always = (): boolean => true;

const shown = (starts: readonly Start[], marks: readonly Boundary[], touches = always, isChannel = false) =>
  throughBoundaries(starts, marks, touches, isChannel).ways.map(
    ({ faults, odds, faulty }) => [faults.map((epoch) => epoch.join('+')).join(' > '), odds, faulty] as const,
  );

describe('ways through repairs and erases', () => {
  test('without either each start is a way; an old code alone is no fault', () => {
    expect(shown([start(1), start(0.2, 'stale-code'), start(0.1, 'sensor-open', 'stale-code')], [])).toEqual([
      ['', 1, false],
      ['stale-code', 0.2, false],
      ['sensor-open+stale-code', 0.1, true],
    ]);
  });

  test('erasing takes old codes away and leaves faults', () => {
    expect(shown([start(0.2, 'stale-code'), start(0.1, 'sensor-open', 'stale-code')], [ERASED, ERASED])).toEqual([
      ['stale-code >  > ', 0.2, false],
      ['sensor-open+stale-code > sensor-open > sensor-open', 0.1, true],
    ]);
  });

  test('a repair cures what it cures, by its chance, and nothing beside', () => {
    const chance = cureChance(NEW_SENSOR.is === 'repair' ? NEW_SENSOR.repair : (undefined as never), 'sensor-open');
    expect(chance).toBeGreaterThan(0.5);
    const ways = shown([start(0.5, 'sensor-open'), start(0.25, 'ring-damaged')], [NEW_SENSOR]);
    expect(ways.map(([faults]) => faults)).toEqual(
      chance < 1
        ? ['sensor-open > ', 'sensor-open > sensor-open', 'ring-damaged > ring-damaged']
        : ['sensor-open > ', 'ring-damaged > ring-damaged'],
    );
    expect(ways[0]?.[1]).toBeCloseTo(0.5 * chance, 12);
    expect(ways.reduce((sum, way) => sum + way[1], 0)).toBeCloseTo(0.75, 12);
    expect(ways.every((way) => way[2])).toBe(true);
  });

  test('of two faults either may be cured, or both', () => {
    const ways = shown([start(1, 'sensor-open', 'sensor-dirty')], [NEW_SENSOR]);
    expect(ways[0]?.[0]).toBe('sensor-open+sensor-dirty > ');
    expect(ways.reduce((sum, way) => sum + way[1], 0)).toBeCloseTo(1, 12);
  });

  test('a repair elsewhere changes nothing', () => {
    expect(shown([start(0.5, 'sensor-open')], [NEW_SENSOR], () => false, true)).toEqual([
      ['sensor-open > sensor-open', 0.5, true],
    ]);
  });

  test('work at a wheel without a fault may leave its plug loose; at one with a fault that is not looked at', () => {
    expect(shown([start(1), start(0.5, 'ring-damaged')], [NEW_SENSOR], always, true)).toEqual([
      [' > ', 1 - WORK_LEAVES_PLUG_LOOSE, false],
      [' > plug-loose', WORK_LEAVES_PLUG_LOOSE, true],
      ['ring-damaged > ring-damaged', 0.5, true],
    ]);
    expect(shown([start(1)], [NEW_SENSOR], always, false)).toEqual([[' > ', 1, false]]);
  });

  test('what was cured in one repair is gone in all epochs after it', () => {
    const ways = shown([start(1, 'sensor-open')], [NEW_SENSOR, ERASED, repair('replaced', 'ring')]);
    expect(ways[0]?.[0]).toBe('sensor-open >  >  > ');
  });

  test('ways with odds below a billionth are let go at a repair, and matter only where they are many', () => {
    const few = throughBoundaries([start(1, 'ring-damaged'), start(1e-10, 'ring-wrong')], [NEW_SENSOR], always, false);
    expect(few).toMatchObject({ ways: [{ odds: 1 }], isApproximate: false });
    const kept = throughBoundaries([start(1e-9, 'ring-damaged')], [NEW_SENSOR], always, false);
    expect(kept.ways).toHaveLength(1);
    const lost = throughBoundaries([start(1e-10, 'ring-damaged'), start(1e-10)], [NEW_SENSOR], always, false);
    expect(lost).toEqual({ ways: [], isApproximate: true });
    expect(throughBoundaries([start(1e-10, 'ring-damaged')], [ERASED], always, false).ways).toHaveLength(1);
  });

  test('more than nine hundred ways are never followed: the heaviest stay, and it is said', () => {
    const many = (count: number): Start[] =>
      Array.from({ length: count }, (_none, at) => start(0.001 * (at + 1), 'ring-damaged'));
    const at = (count: number) => throughBoundaries(many(count), [NEW_SENSOR], always, false);
    expect(at(900)).toMatchObject({ isApproximate: false });
    expect(at(900).ways).toHaveLength(900);
    const over = at(1000);
    expect(over.ways).toHaveLength(900);
    expect(over.isApproximate).toBe(true);
    expect(Math.min(...over.ways.map((way) => way.odds))).toBeCloseTo(0.101, 9);
    /* What is left out and weighs next to nothing is not worth a word. */
    const light = [...many(900).map((entry) => ({ ...entry, odds: 1 })), start(0.01, 'ring-damaged')];
    expect(throughBoundaries(light, [NEW_SENSOR], always, false)).toMatchObject({ isApproximate: false });
  });
});
