import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { CHECKS } from '../knowledge/checks/all';
import { meaningsOf } from './meanings';

const FILE = caseOf(car('passive'), []);
const SENSOR = { is: 'check', check: 'meter:sensor:resistance', channel: 'front-left' } as const;

describe('what a display may show', () => {
  test('a coil: in its band, far too low, or nothing at all', () => {
    const found = meaningsOf(SENSOR, FILE);
    expect(found.map(({ verdict }) => verdict.tone)).toEqual(['good', 'bad', 'bad']);
    expect(found.at(-1)).toMatchObject({ figure: 'OL', verdict: { outcome: 'open' } });
  });
  test('the manual’s own band is what the good example stands in', () => {
    const vehicle = { ...car('passive'), specs: { sensorResistance: { min: 2000, max: 2400, at: 20 } } };
    expect(meaningsOf(SENSOR, caseOf(vehicle, []))[0]?.figure).toBe('2.20 kΩ');
  });
  test('every meter check tells at least two things that differ; looks tell none', () => {
    const meters = CHECKS.filter(({ check, manner }) => check.startsWith('meter:') && !manner);
    expect(meters.length).toBeGreaterThan(10);
    for (const { check, of, only } of meters) {
      const file = caseOf(car(only ?? 'passive'), []);
      const found = meaningsOf({ is: 'check', check, channel: of === 'car' ? null : 'front-left' }, file);
      expect(new Set(found.map(({ verdict }) => verdict.heading)).size, check).toBeGreaterThan(1);
    }
    expect(meaningsOf({ is: 'check', check: 'look:ring', channel: 'front-left' }, FILE)).toEqual([]);
  });
});
