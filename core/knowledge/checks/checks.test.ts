import { describe, expect, test } from 'vitest';
import type { Observation } from '../../casefile/contract';
import { LOOK_FINDINGS } from '../../casefile/words';
import { CHECKS, checkRecord, checksOf, isOfCar } from './all';
import { checkNameOf } from './nameOf';
import { answersOf, sheetFor } from './sheets';

describe('the check that an observation answers', () => {
  const seen = (rest: object): Observation => ({ id: 'o1', ...rest }) as Observation;
  test.each([
    [{ kind: 'meter', point: 'wire-1', quantity: 'resistance', value: 1 }, 'meter:wire-1:resistance'],
    [{ kind: 'look', part: 'ring', finding: 'sound' }, 'look:ring'],
    [{ kind: 'distance', point: 'air-gap', value: 0.001 }, 'distance:air-gap'],
    [{ kind: 'live', while: 'drive', finding: 'follows' }, 'live:drive'],
    [{ kind: 'history', event: 'water' }, 'ask:history'],
    [{ kind: 'no-code' }, 'code'],
    [{ kind: 'no-answer' }, 'code'],
    [{ kind: 'code', code: 'C0031', status: 'stored' }, 'code'],
    [{ kind: 'swap', with: 'front-left', result: 'fault-stayed' }, 'swap'],
    [{ kind: 'lamps', lit: [] }, 'lamps'],
  ])('%j', (observation, name) => expect(checkNameOf(seen(observation))).toBe(name));
});

describe('records of checks', () => {
  test('by name, and by the manner where there is one of it', () => {
    const flexed = CHECKS.filter((record) => record.manner === 'wiggle');
    expect(flexed.length).toBeGreaterThan(1);
    for (const record of flexed) expect(checkRecord(record.check, 'wiggle')).toBe(record);
    const plain = CHECKS.find((record) => record.check === flexed[0]?.check && !record.manner);
    expect(checkRecord(flexed[0]?.check ?? '')).toBe(plain);
    expect(checkRecord('look:ring', 'wiggle')?.check).toBe('look:ring');
    expect(checkRecord('look:ring', 'wiggle')?.manner).toBeUndefined();
    expect(checkRecord('look:engine')).toBeNull();
  });
  test('of the car, or of a corner', () => {
    expect(['look:fluid', 'look:battery', 'look:ring', 'look:engine'].map((check) => isOfCar(check))).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
  test('what bears on a segment: the most pointed first, for this kind of sensor, none of the whole car', () => {
    const names = (type: 'passive' | 'active' | undefined): string[] =>
      checksOf('sensor', type).map(({ check }) => check);
    expect(names('active')).toContain('meter:sensor-current:dc-current');
    expect(names('passive')).not.toContain('meter:sensor-current:dc-current');
    expect(names('passive')).toContain('meter:sensor:resistance');
    expect(names(undefined)).toEqual(
      expect.arrayContaining(['meter:sensor:resistance', 'meter:sensor-current:dc-current']),
    );
    for (const { check, of } of checksOf('plug', undefined)) {
      expect(of, check).not.toBe('car');
      expect(check).not.toMatch(/^ask:/);
    }
  });
});

describe('sheets', () => {
  test('one is made of each record that is answered on one, whole and in its order', () => {
    expect(
      CHECKS.flatMap((record) => {
        const sheet = record.manner ? null : sheetFor(record.check);
        return sheet
          ? [[sheet.check, sheet.title, sheet.answer.is, sheet.setup.map(({ text }) => text), sheet.caution ?? '']]
          : [];
      }),
    ).toMatchSnapshot();
  });
  test('none where the answer is given elsewhere, or the check is unknown', () => {
    expect(['code', 'ask:history', 'look:engine'].map((check) => sheetFor(check))).toEqual([null, null, null]);
  });
  test('answers in words; numbers have none', () => {
    expect(answersOf({ is: 'look', part: 'plug' })).toBe(LOOK_FINDINGS.plug);
    expect(answersOf({ is: 'live', while: 'stationary' } as never)).toEqual(['zero', 'stuck-high', 'erratic']);
    expect(answersOf({ is: 'choice', kind: 'unplug' } as never)).toEqual(['same-code', 'different-code']);
    expect(answersOf({ is: 'sensor-type' })).toEqual(['passive', 'active']);
    expect(answersOf({ is: 'specs' } as never)).toEqual([]);
  });
});
