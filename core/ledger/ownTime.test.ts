import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile } from '../casefile/contract';
import { ownTimeKey, ownTimeOf } from './ownTime';

const at = (clock: string): string => `2026-05-04T${clock}:00+02:00`;
const file = (times: readonly string[], steps: readonly string[] = []): CaseFile => ({
  ...caseOf(
    car('passive'),
    times.map((time) => ({ kind: 'no-code', at: at(time) })),
  ),
  work: steps.map((step, index) => ({ id: `w${index}`, step })),
});

describe('the time that the owner worked', () => {
  test('is the time between entries that follow each other closely', () =>
    expect(ownTimeOf(file(['10:00', '10:20', '10:50']))).toEqual({ minutes: 5 + 20 + 30, isSaid: false }));
  test('a longer pause is none of it: exactly three quarters of an hour still is', () => {
    expect(ownTimeOf(file(['10:00', '10:45'])).minutes).toBe(50);
    expect(ownTimeOf(file(['10:00', '10:46'])).minutes).toBe(10);
  });
  test('the order of the entries does not matter', () =>
    expect(ownTimeOf(file(['10:50', '10:00', '10:20'])).minutes).toBe(55));
  test('is nothing where nothing has a time', () => expect(ownTimeOf(file([])).minutes).toBe(0));
  test('the owner’s word stands over it, the newest one', () =>
    expect(ownTimeOf(file(['10:00'], [ownTimeKey(90), ownTimeKey(150.4)]))).toEqual({ minutes: 150, isSaid: true }));
});
