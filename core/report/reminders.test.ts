import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile, Repair } from '../casefile/contract';
import { reminderKey, remindersOf } from './reminders';

const AT = '2026-05-04T17:30:00+02:00';
const file = (more: Partial<CaseFile>): CaseFile => ({ ...caseOf(car('passive'), []), ...more });
const due = (more: Partial<CaseFile>): readonly string[] =>
  remindersOf(file(more), 'left-right').map(({ due: day, words, done }) => `${day} ${done ? 'done' : 'open'} ${words}`);
const spacer: Repair = { id: 'r', at: AT, action: 'spaced', segment: 'gap', channel: 'rear-left', result: 'unknown' };

describe('reminders', () => {
  test('wheel nuts a week after they were last torqued, once for each corner', () => {
    const work = [
      { id: 'a', at: '2026-05-01T10:00:00Z', step: 'wheel-torqued@front-left' },
      { id: 'b', at: AT, step: 'wheel-torqued@front-left' },
      { id: 'c', at: AT, step: 'wheel-torqued@rear-left', undone: true },
    ];
    expect(due({ work })).toEqual(['2026-05-11 open Check the wheel nuts at their torque, front left']);
  });
  test('a spacer: its tip after a month, the lasting repair after half a year; not where it changed nothing or a ring came', () => {
    expect(due({ repairs: [spacer] })).toEqual([
      "2026-06-03 open Look at the sensor's tip for fresh marks, rear left",
      '2026-11-02 open The spacer is a stopgap: plan the new ring, rear left',
    ]);
    expect(due({ repairs: [{ ...spacer, result: 'no-change' }] })).toEqual([]);
    const ring: Repair = { ...spacer, id: 'q', action: 'replaced', segment: 'ring' };
    expect(due({ repairs: [spacer, ring] })).toEqual([]);
    expect(due({ repairs: [spacer, { ...ring, channel: 'front-left' }] })).toHaveLength(2);
  });
  test('a spare part within two weeks; a fastener that was left out within one', () => {
    expect(
      due({
        costs: [
          { id: 'c', at: AT, item: 'sensor', amount: 31, use: 'spare' },
          { id: 'd', at: AT, item: 'drill', amount: 9, use: 'kept' },
        ],
        fasteners: [
          { id: 'f', at: AT, kind: 'clip', name: 'lead clips', count: 2, back: 1, channel: 'rear-left', leftOut: true },
          { id: 'g', at: AT, kind: 'nut', name: 'nuts', count: 5, back: 5, leftOut: true },
        ],
      }),
    ).toEqual(['2026-05-11 open Get and fit 1 lead clips, rear left', '2026-05-18 open Send back or keep: sensor']);
  });
  test('what was seen to is marked; what has no time has no reminder', () => {
    const [tip] = remindersOf(file({ repairs: [spacer] }), 'left-right');
    const work = [{ id: 'w', step: reminderKey(tip?.id ?? '') }];
    expect(due({ repairs: [spacer], work })[0]).toContain('done');
    const { at: _, ...timeless } = spacer;
    expect(due({ repairs: [timeless] })).toEqual([]);
  });
});
