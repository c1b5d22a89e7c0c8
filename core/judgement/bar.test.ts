import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile, Repair } from '../casefile/contract';
import { assessFully } from './assess';

const CODE: Loose = { kind: 'code', code: 'C0031', status: 'current' };
const SEVERED: Loose = { kind: 'look', channel: 'front-left', part: 'lead', finding: 'severed' };
const DONE: Partial<Repair> = { action: 'repaired-wire', segment: 'lead', channel: 'front-left', after: 'o2' };
const CLEAR: Loose = { kind: 'clear', result: 'stayed-clear' };
const SPUN: Loose = { kind: 'live', channel: 'front-left', while: 'hand-spin', finding: 'follows' };
const DROVE: Loose = { kind: 'drive', result: 'lamps-stayed-out', distance: 20 };
const NONE: Loose = { kind: 'no-code', module: 'abs' };

const judged = (seen: readonly Loose[], repairs: readonly Partial<Repair>[] = [], extra: Partial<CaseFile> = {}) =>
  assessFully(caseOf(car('passive'), seen, repairs, extra));

describe('the bar', () => {
  test('speaks of the first move of the list, in its words', () => {
    const { bar, next } = judged([CODE]);
    expect(bar).toMatchObject({ id: 'next', why: next[0]?.why });
    expect(bar?.move).toBe(next[0]);
  });
  test('says repair where enough is known', () => {
    const { bar, stop } = judged([CODE, SEVERED]);
    expect(stop?.id).toBe('enough-known');
    expect(bar).toMatchObject({ id: 'repair', sentence: '', why: stop?.reason });
    expect(bar?.move?.move).toMatchObject({ is: 'repair', segment: 'lead' });
  });
  test('a stop is said instead of a move', () => {
    const { bar, stop } = judged([{ kind: 'symptom', symptom: 'pedal-soft' }]);
    expect(stop?.id).toBe('hydraulic');
    expect(bar).toMatchObject({ id: 'stop', move: null, sentence: stop?.reason });
  });
  test('of a car that is well no repair is named, and who has driven it is not sent to drive', () => {
    const proved = judged(
      [CODE, SEVERED, CLEAR, SPUN, DROVE, NONE, DROVE, DROVE, DROVE],
      [{ ...DONE, result: 'fixed' }],
    );
    expect(proved.next).toEqual([]);
    expect(proved.bar?.move).toBeNull();
    expect(['cured', 'watching']).toContain(proved.bar?.id);
    if (proved.bar?.id === 'cured') expect(proved.bar.sentence).not.toMatch(/Now drive/);
  });
  test('a job that has ended says how', () => {
    const { bar } = judged([CODE], [], { ending: 'unsolved' });
    expect(bar?.id).toBe('closed');
    expect(bar?.sentence).not.toBe('');
  });
});
