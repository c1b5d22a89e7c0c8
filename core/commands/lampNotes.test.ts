import { describe, expect, test } from 'vitest';
import type { CaseFile, Observation } from '../casefile/contract';
import { earlierLamps, lastLamps, withBend, withEarlier, withLamps } from './lampNotes';

function fileWith(...observations: Observation[]): CaseFile {
  return { format: 'zelf-case', version: 1, vehicle: { channels: ['front-left'] }, observations };
}
const now: Observation = { id: 'now', kind: 'lamps', lit: ['abs'], pattern: ['steady-from-key-on'] };

describe('notes of the lamps', () => {
  test('are corrected in place until codes are read, then a new entry begins', () => {
    const lit = (file: CaseFile) =>
      withLamps(file, (entry) => ({ ...entry, lit: [...entry.lit, 'stability'] }), 'new', 't');
    expect(lit(fileWith(now)).observations).toEqual([{ ...now, lit: ['abs', 'stability'] }]);
    const read = fileWith(now, { id: 'c', kind: 'code', code: 'C0034', status: 'current' });
    expect(lit(read).observations.map((entry) => entry.id)).toEqual(['now', 'c', 'new']);
    expect(lit(read).observations[0]).toEqual(now);
  });

  test('how it was at first stands before how it is now, and goes when nothing is left of it', () => {
    const once = withEarlier(fileWith(now), 'intermittent', 'first', 't');
    expect(once.observations.map((entry) => entry.id)).toEqual(['first', 'now']);
    expect(earlierLamps(once)?.pattern).toEqual(['intermittent']);
    expect(lastLamps(once)).toEqual(now);
    const twice = withEarlier(once, 'on-bumps', 'other', 't');
    expect(earlierLamps(twice)?.pattern).toEqual(['intermittent', 'on-bumps']);
    expect(earlierLamps(withEarlier(once, 'intermittent', 'other', 't'))).toBeNull();
  });

  test('a note from before codes were read is no "at first"', () => {
    const file = fileWith(
      { id: 'old', kind: 'lamps', lit: ['abs'], pattern: ['intermittent'] },
      { id: 'c', kind: 'code', code: 'C0034', status: 'current' },
      now,
    );
    expect(earlierLamps(file)).toBeNull();
  });

  test('a bend is set and taken back', () => {
    const file = fileWith({ id: 's', kind: 'symptom', symptom: 'noise-from-wheel' });
    const left = withBend(file, 's', 'left');
    expect(left.observations[0]).toMatchObject({ bend: 'left' });
    expect(withBend(left, 's', 'left').observations).toEqual(file.observations);
  });
});
