import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile } from '../casefile/contract';
import { timelineOf, timelineWith } from './timeline';

const at = (day: number): string => `2026-05-0${day}T10:00:00+02:00`;
const FILE: CaseFile = {
  ...caseOf(car('passive'), [
    {
      id: 'o1',
      kind: 'look',
      part: 'plug',
      finding: 'corroded',
      channel: 'front-right',
      at: at(1),
      note: 'green',
      photo: 'p1',
    },
  ]),
  repairs: [
    { id: 'r1', action: 'cleaned', segment: 'plug', channel: 'front-right', result: 'unknown', at: at(5), after: 'o1' },
  ],
  work: [
    { id: 'w1', step: 'wheel-off@front-right', at: at(2), undone: true },
    { id: 'w2', step: 'own:x@front-right', at: at(3), note: 'splash shield' },
    { id: 'w3', step: 'rung:turn:no-change@front-right', at: at(4) },
    { id: 'w4', step: 'own-time:90', at: at(4) },
    { id: 'w5', step: 'disc-off@front-right', at: at(4), skipped: true },
  ],
  costs: [{ id: 'c1', item: 'Contact spray', amount: 7.5, use: 'needed', at: at(6) }],
  notes: [{ id: 'n1', at: at(7), text: 'wet inside' }, 5],
  attachments: [
    { id: 'p1', name: 'pins.jpg', type: 'image/jpeg', takenAt: at(1) },
    { id: 'p2', name: 'receipt.jpg', type: 'image/jpeg', of: 'c1' },
    { id: 'p3', name: 'arch.jpg', type: 'image/jpeg', takenAt: at(8), of: 'job' },
  ],
};
const entries = timelineOf(FILE, { sides: 'left-right' });
const words = (id: string): string => entries.find((entry) => entry.id === id)?.words ?? '';

describe('what happened', () => {
  test('stands newest first: seen, done, paid, noted and photographed; timers and choices are no happening', () =>
    expect(entries.map(({ id }) => id)).toEqual(['p3', 'n1', 'c1', 'r1', 'w3', 'w5', 'w2', 'w1', 'o1']));
  test('steps are said as the guide says them, with what became of them', () => {
    expect(words('w1')).toBe('Take the wheel off, front right (and put back since)');
    expect(words('w2')).toBe('Taken off as well: splash shield');
    expect(words('w3')).toMatch(/: no change$/iu);
    expect(words('w5')).toMatch(/^Not needed here: /u);
  });
  test('a cost has its use; an observation its note', () => {
    expect(words('c1')).toMatch(/^Contact spray: 7.50.EUR$/u);
    expect(entries.find(({ id }) => id === 'o1')?.detail).toContain('green');
  });
  test('a photo that shows an entry stands there, and not by itself', () => {
    expect(entries.find(({ id }) => id === 'c1')?.shownBy).toBe('c1');
    expect(entries.some(({ id }) => id === 'p1' || id === 'p2')).toBe(false);
  });
  test('is found by kind and by words, whatever their case', () => {
    expect(timelineWith(entries, ['paid'], '').map(({ id }) => id)).toEqual(['c1']);
    expect(timelineWith(entries, ['paid', 'note'], '').map(({ id }) => id)).toEqual(['n1', 'c1']);
    expect(timelineWith(entries, [], 'WHEEL front').map(({ id }) => id)).toEqual(['w1']);
    expect(timelineWith(entries, ['note'], 'wheel')).toEqual([]);
  });
});
