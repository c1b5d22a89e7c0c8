import { describe, expect, test } from 'vitest';
import { statusFromByte } from '../../core/codes/statusByte';
import { chanceFrom } from '../chance';
import { isLampLit, nextCycle, remembered, statusByteOf, type Found, type Memory } from './memory';
import { drawStrategy, type Strategy } from './strategy';

const FRAME = { odometerKm: 84_200, kmh: 30, volt: 14, celsius: 20 };
const CIRCUIT: Found = { text: 'C003A-13', module: 'abs', channel: 'rear-right', by: 'circuit' };
const SIGNAL: Found = { text: 'C003A-31', module: 'abs', channel: 'rear-right', by: 'signal' };

function strategy(own: Partial<Strategy> = {}): Strategy {
  return {
    ...drawStrategy('passive', chanceFrom(1)),
    confirmsAfter: 2,
    healsAfter: 3,
    lampGoesOut: 'at-key-on',
    ...own,
  };
}

/** A drive that finds something, or nothing. */
function drive(memory: Memory, make: Strategy, found: Found | null, odometerKm = FRAME.odometerKm): Memory {
  const fresh = nextCycle(memory, make, true);
  return found ? remembered(fresh, found, { ...FRAME, odometerKm }, make, false) : fresh;
}
const status = (memory: Memory): string => memory.map((entry) => statusFromByte(statusByteOf(entry))).join();

describe('a module’s memory', () => {
  test('a circuit fault is confirmed at once, a signal fault after as many drives as the make wants', () => {
    const make = strategy();
    expect(status(remembered([], CIRCUIT, FRAME, make, true))).toBe('current');
    const once = drive([], make, SIGNAL);
    expect(status(once)).toBe('pending');
    expect(status(drive(once, make, SIGNAL))).toBe('stored');
  });

  test('a fault seen twice in one drive counts as one drive', () => {
    const make = strategy();
    const twice = remembered(drive([], make, SIGNAL), SIGNAL, FRAME, make, false);
    expect(twice.map((entry) => entry.failed)).toEqual([1]);
    expect(status(twice)).toBe('pending');
  });

  test('what is pending is forgotten after one clean drive, what is confirmed after as many as the make wants', () => {
    const make = strategy();
    expect(drive(drive([], make, SIGNAL), make, null)).toHaveLength(1);
    const pending = drive(drive(drive([], make, SIGNAL), make, null), make, null);
    expect(pending).toHaveLength(0);
    let memory = remembered([], CIRCUIT, FRAME, make, true);
    const lengths = [1, 2, 3, 4].map(() => (memory = drive(memory, make, null)).length);
    expect(lengths).toEqual([1, 1, 1, 0]);
  });

  test('a fault that returns begins its healing again, and keeps the frame of the first time', () => {
    const make = strategy();
    let memory = remembered([], CIRCUIT, FRAME, make, true);
    memory = drive(drive(memory, make, null), make, CIRCUIT, 84_300);
    expect(memory).toMatchObject([{ clean: 0, failed: 2, frame: { odometerKm: 84_200 } }]);
  });

  test('turning the key alone heals nothing', () => {
    const make = strategy();
    let memory = remembered([], CIRCUIT, FRAME, make, true);
    for (let turn = 0; turn < 10; turn += 1) memory = nextCycle(memory, make, false);
    expect(memory).toHaveLength(1);
    expect(status(memory)).toBe('stored');
  });

  test.each([
    ['at-key-on', [true, false, false]],
    ['after-drive', [true, true, false]],
    ['after-erase', [true, true, true]],
  ] as const)('the lamp goes out %s', (lampGoesOut, lit) => {
    const make = strategy({ lampGoesOut, healsAfter: 40 });
    const failing = remembered([], CIRCUIT, FRAME, make, true);
    const keyed = nextCycle(failing, make, false);
    const driven = nextCycle(nextCycle(keyed, make, true), make, true);
    expect([failing, keyed, driven].map((memory) => isLampLit(memory, make))).toEqual(lit);
    expect(isLampLit([], make)).toBe(false);
  });

  test('what is only pending lights no lamp', () => {
    const make = strategy();
    expect(isLampLit(drive([], make, SIGNAL), make)).toBe(false);
  });
});
