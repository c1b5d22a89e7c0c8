import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { Repair } from '../casefile/contract';
import { assessFully } from './assess';

const HERE = 'front-left';
const CODE: Loose = { kind: 'code', code: 'C0031', status: 'current' };
const look = (part: string, finding: string, more: object = {}): Loose =>
  ({ kind: 'look', channel: HERE, part, finding, ...more }) as Loose;
const wire = (point: string, value: number): Loose =>
  ({ kind: 'meter', channel: HERE, point, quantity: 'resistance', value }) as Loose;

function partOf(segment: string, seen: readonly Loose[], repairs: readonly Partial<Repair>[] = []) {
  const { parts } = assessFully(caseOf(car('passive'), [CODE, ...seen], repairs));
  const found = parts.find((view) => view.channel === HERE && view.segment === segment);
  if (!found) throw new Error(segment);
  return { part: found.part, by: found.checked?.by ?? null, because: found.because };
}
const GOOD = (by: string) => ({ part: 'checked-good', by, because: null });
const OPEN = { part: 'not-checked', by: null, because: null };

describe('the state of a part', () => {
  test('is not checked where nobody has looked', () => expect(partOf('plug', [])).toEqual(OPEN));
  test('is checked good by the eye, and no longer where the look was not sure or was taken back', () => {
    expect(partOf('plug', [look('plug', 'sound')])).toEqual(GOOD('eye'));
    expect(partOf('plug', [look('plug', 'sound', { unsure: true })])).toEqual(OPEN);
    expect(partOf('plug', [look('plug', 'sound', { withdrawn: true })])).toEqual(OPEN);
  });
  test('a look whose wheel is not known neither checks a part nor takes it back', () => {
    const nowhere: Loose = { kind: 'look', part: 'plug', finding: 'loose' };
    expect(partOf('plug', [{ kind: 'look', part: 'plug', finding: 'sound' }])).toEqual(OPEN);
    expect(partOf('plug', [look('plug', 'sound'), nowhere])).toEqual(GOOD('eye'));
  });
  test('a later finding against it takes it back; a later good one gives it again', () => {
    expect(partOf('plug', [look('plug', 'sound'), look('plug', 'corroded')]).part).not.toBe('checked-good');
    expect(partOf('ring', [look('ring', 'sound')])).toEqual(GOOD('eye'));
  });
  test('a wire of two is not the loom: both are measured first', () => {
    expect(partOf('loom', [wire('wire-1', 0.3)])).toEqual(OPEN);
    expect(partOf('loom', [wire('wire-1', 0.3), wire('wire-2', 0.3)])).toEqual(GOOD('meter'));
  });
  test('what can’t be seen from here says so, until it can', () => {
    expect(partOf('loom', [look('loom', 'hidden')])).toEqual({ part: 'cannot-check', by: null, because: 'hidden' });
    expect(partOf('loom', [look('loom', 'hidden'), look('loom', 'sound')])).toEqual(GOOD('eye'));
  });
  test('a repair makes the part another one: it has to be checked anew; others keep their word', () => {
    const seen = [look('plug', 'sound'), look('ring', 'sound')];
    const repairs = [{ action: 'cleaned', segment: 'plug', channel: HERE, result: 'unknown', after: 'o3' }] as const;
    expect(partOf('plug', seen, repairs)).toEqual(OPEN);
    expect(partOf('ring', seen, repairs)).toEqual(GOOD('eye'));
  });
  test('a speed that followed checks its way, until a later fault on it; one from before a repair takes nothing back', () => {
    const follows: Loose = { kind: 'live', channel: HERE, while: 'drive', finding: 'follows' };
    const back: Loose = { kind: 'clear', result: 'returned-when-moving' };
    const replaced = { action: 'replaced', segment: 'sensor', channel: HERE, result: 'fixed', after: 'o3' } as const;
    expect(partOf('sensor', [look('plug', 'sound'), back, follows], [replaced])).toEqual(GOOD('reader'));
    expect(partOf('sensor', [look('plug', 'sound'), back, follows, back], [replaced])).not.toEqual(GOOD('reader'));
  });
  test('what is seen broken is at fault', () =>
    expect(partOf('lead', [look('lead', 'severed')])).toMatchObject({ part: 'at-fault', by: null }));
});
