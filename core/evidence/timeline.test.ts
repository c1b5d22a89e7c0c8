import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile, Repair } from '../casefile/contract';
import { contextWith, timelineOf } from './timeline';

const code = (text: string): Loose => ({ kind: 'code', code: text, status: 'current' });
const looked = (part: 'plug' | 'lead' | 'battery', finding: string, channel?: 'front-left' | 'front-right'): Loose => ({
  kind: 'look',
  part,
  finding,
  ...(channel ? { channel } : {}),
});
const erased = (result: 'stayed-clear' | 'refused' = 'stayed-clear'): Loose => ({ kind: 'clear', result });
const spun: Loose = { kind: 'live', channel: 'front-left', while: 'hand-spin', finding: 'follows' };

const repair = (after: string | null | undefined, more: Partial<Repair> = {}): Repair => ({
  id: `r-${after}`,
  action: 'cleaned',
  segment: 'plug',
  result: 'unknown',
  channel: 'front-left',
  ...(after === undefined ? {} : { after }),
  ...more,
});

/** Observations get the ids o0, o1, … */
function fileOf(seen: readonly Loose[], repairs: readonly Repair[] = []): CaseFile {
  const numbered = seen.map((observation, at) => ({ ...observation, id: `o${at}` }));
  return caseOf(car('passive'), numbered, repairs);
}

const laidOut = (file: CaseFile) => {
  const { boundaries, stages, epochOf, isTrimmed } = timelineOf(file);
  return {
    boundaries: boundaries.map((mark) => `${mark.is} ${mark.after}`),
    stages: stages.map((stage) => stage.observations.map(({ id }) => id).join(' ')),
    epochs: Object.fromEntries(epochOf),
    isTrimmed,
  };
};

describe('a job laid out in time', () => {
  test('without repairs it is one stage and one epoch', () => {
    expect(laidOut(fileOf([code('C0031'), spun]))).toEqual({
      boundaries: [],
      stages: ['o0 o1'],
      epochs: { o0: 0, o1: 0 },
      isTrimmed: false,
    });
    expect(laidOut(fileOf([])).stages).toEqual(['']);
  });

  test('a repair begins a stage and an epoch, an erase an epoch only, a refused one nothing', () => {
    expect(laidOut(fileOf([code('C0031'), erased(), spun, spun, erased('refused'), spun], [repair('o2')]))).toEqual({
      boundaries: ['clear 1', 'repair 2'],
      stages: ['o0 o1 o2', 'o3 o4 o5'],
      epochs: { o0: 0, o1: 0, o2: 1, o3: 2, o4: 2, o5: 2 },
      isTrimmed: false,
    });
  });

  test('a repair before everything, one after everything, and one after what is not there', () => {
    expect(laidOut(fileOf([code('C0031')], [repair(null)])).stages).toEqual(['', 'o0']);
    expect(laidOut(fileOf([code('C0031')], [repair(undefined)])).stages).toEqual(['o0', '']);
    expect(laidOut(fileOf([code('C0031')], [repair('o0')])).stages).toEqual(['o0', '']);
    expect(laidOut(fileOf([code('C0031')], [repair('gone')])).stages).toEqual(['', 'o0']);
  });

  test('repairs in any order of the file stand in the order in which they were made', () => {
    expect(laidOut(fileOf([code('C0031'), spun, spun], [repair('o1'), repair('o0')])).boundaries).toEqual([
      'repair 0',
      'repair 1',
    ]);
  });

  test('what was withdrawn counts nowhere, and an erase that was withdrawn erased nothing', () => {
    const file = fileOf([code('C0031'), { ...erased(), withdrawn: true }, { ...spun, withdrawn: true }, spun]);
    expect(laidOut(file)).toEqual({ boundaries: [], stages: ['o0 o3'], epochs: { o0: 0, o3: 0 }, isTrimmed: false });
    expect(timelineOf(file).withdrawn.map(({ id }) => id)).toEqual(['o1', 'o2']);
  });

  test('the latest forty repairs are followed; what came before the first of them is left out', () => {
    const seen = Array.from({ length: 45 }, () => spun);
    const repairs = (count: number): Repair[] => Array.from({ length: count }, (_none, at) => repair(`o${at}`));
    const forty = laidOut(fileOf(seen, repairs(40)));
    expect([forty.boundaries.length, forty.isTrimmed, forty.stages[0]]).toEqual([40, false, 'o0']);
    const more = laidOut(fileOf(seen, repairs(43)));
    expect([more.boundaries.length, more.isTrimmed]).toEqual([40, true]);
    expect(more.boundaries[0]).toBe('repair 3');
    expect(Object.keys(more.epochs)[0]).toBe('o3');
  });

  test('the latest sixty erases are followed, and no observation is lost with the others', () => {
    const laid = laidOut(fileOf(Array.from({ length: 62 }, () => erased())));
    expect([laid.boundaries.length, laid.boundaries[0], laid.isTrimmed]).toEqual([60, 'clear 2', true]);
    expect(Object.keys(laid.epochs)).toHaveLength(62);
    expect(laidOut(fileOf(Array.from({ length: 60 }, () => erased()))).isTrimmed).toBe(false);
  });
});

describe('what a stage knows of those before it', () => {
  const seenIn = (repaired: Partial<Repair>): string[] => {
    const seen = [
      looked('plug', 'corroded', 'front-left'),
      looked('plug', 'sound', 'front-right'),
      looked('lead', 'hidden', 'front-left'),
      looked('battery', 'corroded'),
    ];
    const last = timelineOf(fileOf(seen, [repair('o3', repaired)])).stages.at(-1);
    return [...(last?.context.seenEarlier ?? [])].flatMap(([part, corners]) =>
      [...corners].map(([channel, finding]) => `${part} ${channel ?? '-'} ${finding}`),
    );
  };

  test('what was looked at stays seen; a repair makes its own part of its corner fresh', () => {
    expect(seenIn({ segment: 'ring' })).toEqual([
      'plug front-left corroded',
      'plug front-right sound',
      'battery - corroded',
    ]);
    expect(seenIn({})).toEqual(['plug front-right sound', 'battery - corroded']);
    expect(seenIn({ channel: null })).toEqual(['battery - corroded']);
  });

  test('codes and repairs of before are known; the first stage has neither', () => {
    const { stages } = timelineOf(fileOf([code('C0031'), code('C0031'), spun, code('C0034')], [repair('o2')]));
    expect(stages.map(({ context }) => [context.earlierCodes, context.afterRepair])).toEqual([
      [[], false],
      [['C0031'], true],
    ]);
  });

  test('proof begins with the first erase or drive of the stage', () => {
    const from = (...seen: Loose[]): number | undefined => timelineOf(fileOf(seen)).stages[0]?.context.provedFrom;
    expect(from(code('C0031'))).toBe(Infinity);
    expect(from(code('C0031'), erased())).toBe(1);
    expect(from({ kind: 'drive', result: 'lamps-stayed-out' }, erased())).toBe(0);
  });

  test('one more observation is read where it would stand', () => {
    const timeline = timelineOf(fileOf([code('C0031')], []));
    const more = { id: 'x', kind: 'no-code' } as const;
    const context = contextWith(timeline, more);
    expect(context.stage.map(({ id }) => id)).toEqual(['o0', 'x']);
    expect(context.positions.get('x')).toBe(1);
    expect(context.kinds.get('no-code')).toEqual([more]);
    expect(context.kinds.get('code')).toHaveLength(1);
  });
});
