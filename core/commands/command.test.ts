import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile } from '../casefile/contract';
import { validate } from '../casefile/validate';
import { changesBetween, reversed, withChanges } from './change';
import { nameOf, run, type Command, type Stamp } from './command';
import { NO_HISTORY, redone, undone, withStep, type Kept } from './history';
import { sheetAfter, withSheet } from './vehicleInJob';

const AT = '2026-05-04T17:30:00Z';
const stamp = (): Stamp => {
  let count = 0;
  return { at: AT, newId: () => `n${(count += 1)}` };
};
const file = caseOf(
  car('passive'),
  [
    { kind: 'lamps', lit: ['abs'] },
    { kind: 'symptom', symptom: 'noise-from-wheel' },
    { kind: 'look', part: 'fluid', finding: 'sound' },
  ],
  [{ channel: 'front-left', after: 'o3' }],
);
const costed: CaseFile = {
  ...file,
  costs: [{ id: 'c1', item: 'sensor', amount: 38, use: 'needed' }],
  work: [{ id: 'w1', step: 'wheel-off@front-left' }],
};

/** One of each kind. */
const EACH: readonly Command[] = [
  {
    do: 'observe',
    said: [
      { kind: 'no-code', module: 'abs' },
      { kind: 'drive', result: 'lamps-stayed-out' },
    ],
  },
  { do: 'withdraw', ids: ['o1', 'o2'], withdrawn: true },
  { do: 'correct', id: 'o3', said: { kind: 'look', part: 'plug', finding: 'wet', channel: 'front-left' } },
  { do: 'annotate', id: 'o1', note: 'seen by night' },
  { do: 'toggle-lamp', lamp: 'stability' },
  { do: 'toggle-pattern', word: 'on-bumps' },
  { do: 'toggle-earlier', word: 'intermittent' },
  { do: 'lamps-out' },
  { do: 'bend', id: 'o2', bend: 'left' },
  { do: 'fluid', finding: 'level-low' },
  { do: 'work', step: 'raised@front-left', state: 'done' },
  {
    do: 'work-all',
    work: [
      { step: 'raised@front-left', state: 'done' },
      { step: 'wheel-off@front-left', state: 'undone' },
    ],
  },
  { do: 'work', step: 'wheel-off@front-left', state: 'undone' },
  { do: 'work', step: 'liner-off@front-left', state: 'skipped' },
  { do: 'work', step: 'wheel-off@front-left', state: 'open' },
  { do: 'repair', repair: { action: 'cleaned', segment: 'plug', channel: 'rear-left', result: 'unknown' } },
  { do: 'repair-result', id: 'r1', result: 'no-change' },
  { do: 'remove-repair', id: 'r1' },
  { do: 'cost', cost: { item: 'brush', amount: 4, use: 'kept' } },
  { do: 'cost-use', id: 'c1', use: 'wasted' },
  { do: 'remove-cost', id: 'c1' },
  { do: 'note', text: 'the clip was broken already' },
  { do: 'end', ending: 'solved' },
  { do: 'specs', specs: { toneRingTeeth: 48 } },
  { do: 'sensor-type', type: 'active', channels: ['rear-left'] },
];

describe('every command', () => {
  test.each(EACH.map((command) => [JSON.stringify(command), command] as const))('%s', (_text, command) => {
    const after = run(costed, command, stamp());
    expect(after).not.toEqual(costed);
    expect(validate(after)).toMatchObject({ ok: true });
    expect(nameOf(command).length).toBeGreaterThan(3);
    const changes = changesBetween(costed, after);
    expect(withChanges(costed, changes)).toEqual(after);
    expect(withChanges(after, reversed(changes))).toEqual(costed);
  });
  test('what finds nothing changes nothing', () => {
    for (const command of [
      { do: 'withdraw', ids: ['none'], withdrawn: true },
      { do: 'correct', id: 'none', said: { kind: 'no-code' } },
      { do: 'repair-result', id: 'none', result: 'fixed' },
      { do: 'remove-cost', id: 'none' },
    ] as const satisfies readonly Command[])
      expect(changesBetween(costed, run(costed, command, stamp()))).toEqual([]);
  });
});

describe('single commands', () => {
  test('a repair stands after everything observed so far', () => {
    const repair: Command = { do: 'repair', repair: { action: 'replaced', segment: 'sensor', result: 'unknown' } };
    expect(run(file, repair, stamp()).repairs?.at(-1)).toMatchObject({ after: 'o3' });
    expect(run(caseOf(car('passive'), []), repair, stamp()).repairs).toMatchObject([{ after: null }]);
  });
  test('a correction keeps place, id and time, and nothing else of the old', () => {
    const dated = run(
      file,
      { do: 'observe', said: [{ kind: 'look', part: 'lead', finding: 'sound', channel: 'rear-left' }] },
      stamp(),
    );
    const again = run(
      dated,
      { do: 'correct', id: 'n1', said: { kind: 'look', part: 'plug', finding: 'corroded' } },
      stamp(),
    );
    expect(again.observations.at(-1)).toEqual({ id: 'n1', at: AT, kind: 'look', part: 'plug', finding: 'corroded' });
  });
  test('work done, undone and done again is entry entry', () => {
    const step = 'raised@front-left';
    const states = (['done', 'undone', 'done'] as const).reduce(
      (now, state) => run(now, { do: 'work', step, state }, stamp()),
      file,
    );
    expect(states.work).toEqual([{ id: 'n1', at: AT, step, undone: false }]);
  });
  test('solved: the last open repair of each wheel did it, entry in vain stays in vain', () => {
    const two = caseOf(
      car('passive'),
      [],
      [
        { channel: 'front-left', result: 'unknown' },
        { channel: 'front-left', result: 'unknown' },
        { channel: 'rear-left', result: 'unknown' },
        { channel: 'rear-right', result: 'no-change' },
      ],
    );
    const results = (ending: CaseFile['ending']) =>
      run(two, { do: 'end', ending }, stamp()).repairs?.map(({ result }) => result);
    expect(results('solved')).toEqual(['unknown', 'fixed', 'fixed', 'no-change']);
    expect(results('handed-over')).toEqual(['unknown', 'unknown', 'unknown', 'no-change']);
  });
  test('a lamp touched after a repair begins a new note of its own, with that lamp lit', () => {
    const touched = run(file, { do: 'toggle-lamp', lamp: 'abs' }, stamp());
    expect(touched.observations.at(-1)).toMatchObject({ kind: 'lamps', lit: ['abs'] });
    expect(touched.observations[0]).toEqual(file.observations[0]);
  });
});

describe('undo and redo', () => {
  const start: Kept<CaseFile> = { state: costed, history: NO_HISTORY };
  const some = fc.array(fc.constantFrom(...EACH), { minLength: 1, maxLength: 12 });
  const done = (commands: readonly Command[]): Kept<CaseFile> => {
    const entry = stamp();
    return commands.reduce((kept, command) => withStep(kept, nameOf(command), run(kept.state, command, entry)), start);
  };
  test('as often back as forth gives what was, and forth again what is', () =>
    fc.assert(
      fc.property(some, (commands) => {
        const after = done(commands);
        const count = after.history.done.length;
        let kept = after;
        for (let step = 0; step < count; step += 1) kept = undone(kept);
        expect(kept.state).toEqual(costed);
        for (let step = 0; step < count; step += 1) kept = redone(kept);
        expect(kept).toEqual(after);
      }),
    ));
  test('nothing to take back, nothing to make again', () => {
    expect(undone(start)).toEqual(start);
    expect(redone(start)).toEqual(start);
  });
  test('a new step forgets what had been taken back', () => {
    const kept = withStep(undone(done(EACH.slice(0, 3))), 'x', { ...costed, ending: 'unsolved' });
    expect(kept.history.undone).toEqual([]);
    expect(redone(kept)).toEqual(kept);
  });
  test('what another tab has done meanwhile stays', () => {
    const kept = done([{ do: 'cost', cost: { item: 'brush', amount: 4, use: 'kept' } }]);
    const meanwhile = { ...kept, state: run(kept.state, { do: 'note', text: 'from the phone' }, stamp()) };
    const back = undone(meanwhile).state;
    expect(back.costs).toEqual(costed.costs);
    expect(back.notes).toHaveLength(1);
  });
});

describe('changes of two tabs', () => {
  const sheet = { vehicle: { channels: ['front-left'], specs: { tyre: '195/65R15', torques: { 'wheel-nut': 110 } } } };
  test('different fields are both kept, the same field has the later word', () => {
    const a = changesBetween(sheet, {
      vehicle: { ...sheet.vehicle, specs: { ...sheet.vehicle.specs, toneRingTeeth: 48 } },
    });
    const b = changesBetween(sheet, {
      vehicle: { ...sheet.vehicle, specs: { tyre: '205/55R16', torques: { 'wheel-nut': 120 } } },
    });
    expect(withChanges(withChanges(sheet, b), a).vehicle.specs).toEqual({
      tyre: '205/55R16',
      toneRingTeeth: 48,
      torques: { 'wheel-nut': 120 },
    });
  });
  test('new branches of both are joined', () => {
    const bare = { vehicle: { channels: ['front-left'] } };
    const a = changesBetween(bare, { vehicle: { channels: ['front-left'], specs: { tyre: 'x' } } });
    const b = changesBetween(bare, { vehicle: { channels: ['front-left'], specs: { toneRingTeeth: 9 } } });
    expect(withChanges(withChanges(bare, a), b)).toEqual({
      vehicle: { channels: ['front-left'], specs: { tyre: 'x', toneRingTeeth: 9 } },
    });
  });
  const json = fc.dictionary(
    fc.constantFrom('a', 'b', 'c'),
    fc.oneof(
      fc.integer(),
      fc.dictionary(fc.constantFrom('x', 'y'), fc.integer()),
      fc.array(fc.integer()),
      fc.uniqueArray(fc.record({ id: fc.constantFrom('1', '2', '3'), v: fc.integer() }), {
        selector: (entry) => entry.id,
      }),
    ),
  );
  test('applied, any change makes the entry state the other', () =>
    fc.assert(
      fc.property(json, json, (before, after) => {
        const made = withChanges<unknown>(before, changesBetween(before, after));
        const sorted = (value: unknown): unknown =>
          JSON.parse(JSON.stringify(value), (_key, inner: unknown) =>
            Array.isArray(inner) && inner.every((entry) => typeof entry === 'object')
              ? [...(inner as readonly unknown[])].sort((x, y) => JSON.stringify(x).localeCompare(JSON.stringify(y)))
              : inner,
          );
        expect(sorted(made)).toEqual(sorted(after));
      }),
    ));
});

describe('the spec sheet and its jobs', () => {
  const seen = { vehicle: file.vehicle, owner: {} };
  const changed = { vehicle: { ...file.vehicle, odometer: 90_000 }, owner: { hourValue: 20 } };
  test('a job takes over what has changed, and keeps what it found out itself', () => {
    const own = run(file, { do: 'specs', specs: { toneRingTeeth: 48 } }, stamp());
    const taken = withSheet(own, seen, changed);
    expect(taken.vehicle).toMatchObject({ odometer: 90_000, specs: { toneRingTeeth: 48 } });
    expect(taken.owner).toEqual({ hourValue: 20 });
    expect(withSheet(own, changed, changed)).toBe(own);
  });
  test('a job that never saw the sheet loses nothing of its own', () => {
    const bare = { vehicle: { channels: file.vehicle.channels }, owner: {} };
    expect(withSheet(file, null, bare).vehicle).toEqual(file.vehicle);
    expect(withSheet(file, null, { ...bare, vehicle: { ...bare.vehicle, odometer: 5 } }).vehicle.odometer).toBe(5);
  });
  test('what a job finds out goes on the sheet', () => {
    const after = run(file, { do: 'specs', specs: { toneRingTeeth: 48 } }, stamp());
    expect(sheetAfter(changed, file, after).vehicle).toMatchObject({ odometer: 90_000, specs: { toneRingTeeth: 48 } });
    expect(sheetAfter(changed, file, run(file, { do: 'note', text: 'x' }, stamp()))).toBe(changed);
  });
});
