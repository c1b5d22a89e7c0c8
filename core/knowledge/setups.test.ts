import { describe, expect, test } from 'vitest';
import { caseOf, car } from '../../tests/support/caseBuilder';
import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { minutesToOpen, openFor, openingsFor, placeOf, type Setup } from './setups';

function at(plug?: string, sensor?: string): CaseFile {
  const place = { ...(plug ? { plug } : {}), ...(sensor ? { sensor } : {}) };
  return caseOf(car('passive', { places: { 'front-left': place } as never }), []);
}

function toOpen(
  setups: readonly Setup[],
  file: CaseFile,
  open: readonly string[] = [],
  channel: Channel = 'front-left',
) {
  const openings = openingsFor(setups, file, channel);
  return { keys: openings.map((opening) => opening.key), minutes: minutesToOpen(openings, new Set(open), file) };
}

describe('a plug, by where it sits', () => {
  test.each([
    ['bonnet', 3, ['plug-apart@front-left'], []],
    ['arch-liner', 26, ['wheel-off@front-left', 'plug-apart@front-left'], ['liner']],
    ['trim', 9, ['plug-apart@front-left'], ['trim']],
    ['sill', 6, ['plug-apart@front-left'], []],
    ['seat', 7, ['plug-apart@front-left'], ['trim']],
    ['underbody', 19, ['raised@front-left', 'plug-apart@front-left'], []],
    [undefined, 26, ['wheel-off@front-left', 'plug-apart@front-left'], []],
  ] as const)('%s: %d min', (plug, minutes, keys, steps) => {
    expect(toOpen(['plug-apart'], at(plug))).toEqual({ keys, minutes });
    expect(placeOf('plug-apart', at(plug), 'front-left').steps).toEqual(steps);
  });
  test('nothing underbody is reached without lifting the car', () =>
    expect(openFor(['plug-apart'], at('underbody'), 'front-left')).toContain('raised@front-left'));
  test('a plug at the bonnet needs no jack', () =>
    expect([...openFor(['plug-apart'], at('bonnet'), 'front-left')].join()).not.toMatch(/raised|wheel-off/));
});

describe('a sensor, by where it sits', () => {
  test.each([
    ['knuckle', 40, 'wheel-off', []],
    ['behind-disc', 65, 'wheel-off', ['caliper', 'disc']],
    ['one-piece-hub', 90, 'wheel-off', []],
    ['differential', 29, 'raised', []],
    ['in-bearing', 80, 'wheel-off', []],
    [undefined, 40, 'wheel-off', []],
  ] as const)('%s: %d min', (sensor, minutes, first, steps) => {
    const file = at(undefined, sensor);
    expect(toOpen(['sensor-out'], file)).toEqual({ keys: [`${first}@front-left`, 'sensor-out@front-left'], minutes });
    expect(placeOf('sensor-out', file, 'front-left').steps).toEqual(steps);
  });
  test('one sensor for the rear axle sits on the differential, its plug near it', () => {
    const file = caseOf(car(null, { channels: ['front-left', 'front-right', 'rear-axle'] }), []);
    expect(toOpen(['sensor-out'], file, [], 'rear-axle').minutes).toBe(29);
    expect(toOpen(['plug-apart'], file, [], 'rear-axle').minutes).toBe(19);
  });
});

describe('what stands open is not opened twice', () => {
  test('a wheel that is off is raised too, not the other way round', () => {
    expect(toOpen(['raised'], at(), ['wheel-off@front-left']).minutes).toBe(0);
    expect(toOpen(['wheel-off'], at(), ['raised@front-left']).minutes).toBe(20);
    expect(toOpen(['raised', 'wheel-off'], at())).toEqual({ keys: ['wheel-off@front-left'], minutes: 20 });
    expect(toOpen(['raised'], at()).minutes).toBe(14);
  });
  test('an open wheel serves its own corner only', () =>
    expect(toOpen(['wheel-off'], at(), ['wheel-off@front-right']).minutes).toBe(20));
  test('reader and module plug serve the whole car', () => {
    expect(toOpen(['reader', 'module-plug-apart'], at())).toEqual({
      keys: ['reader', 'module-plug-apart'],
      minutes: 22,
    });
    expect(toOpen(['reader'], at(), ['reader'], 'rear-left').minutes).toBe(0);
  });
  test('shared ways are opened once', () =>
    expect(toOpen(['sensor-out', 'plug-apart'], at('arch-liner', 'knuckle')).minutes).toBe(20 + 20 + 6));
});
