import { describe, expect, test } from 'vitest';
import type { Channel } from '../../core/casefile/words';
import type { FaultId } from '../../core/knowledge/faults';
import { chanceFrom } from '../chance';
import { makeCar } from '../drawWorld';
import { World } from '../world';
import { Course, loopAt, type CourseName } from './course';
import { namesOf } from './names';

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

/** What a course shows over a while, twenty times a second. */
function watched(name: CourseName, spun: Channel | null, fault: FaultId | null, seconds: number) {
  const faults = fault ? [{ channel: 'rear-right' as const, fault }] : [];
  const world = new World(
    { ...makeCar(FOUR, 'passive', faults, chanceFrom(12)), names: namesOf('right', true) },
    chanceFrom(13),
  );
  let now = 5000;
  const course = new Course(world, name, spun, () => now);
  return Array.from({ length: seconds * 20 }, () => {
    const speeds = course.speeds();
    now += 50;
    return speeds;
  });
}
const column = (rows: readonly (readonly (number | null)[])[], at: number): number[] =>
  rows.map((row) => row[at] ?? -1);

describe('what goes on while the speeds are watched', () => {
  test('the loop begins and ends standing, bends both ways, and is driven again', () => {
    expect(loopAt(0).motion.kmh).toBe(0);
    expect(loopAt(30).motion.steer).toBeGreaterThan(0);
    expect(loopAt(105).motion.steer).toBeLessThan(0);
    expect(loopAt(50).isRough).toBe(true);
    expect(loopAt(119.99).motion.kmh).toBeLessThan(1);
    expect(loopAt(150)).toEqual(loopAt(30));
  });
  test('a sound car: all wheels follow, the outer ones faster in a bend', () => {
    const rows = watched('drive', null, null, 40);
    const inBend = rows[30 * 20] as readonly number[];
    expect(Math.min(...inBend)).toBeGreaterThan(20);
    expect(inBend[1] as number).toBeGreaterThan(inBend[0] as number);
    expect(Math.max(...(rows[10] as readonly number[]))).toBe(0);
  });
  test('a wire that is open shows nothing, a cracked ring trembles', () => {
    expect(Math.max(...column(watched('drive', null, 'loom-open', 40), 3))).toBe(0);
    const trembling = column(watched('drive', null, 'ring-swollen', 26), 3).slice(18 * 20);
    const steady = column(watched('drive', null, null, 26), 3).slice(18 * 20);
    const spread = (speeds: readonly number[]): number => Math.max(...speeds) - Math.min(...speeds);
    expect(spread(trembling)).toBeGreaterThan(2 * spread(steady));
  });
  test('a spin turns the one wheel; a push fades', () => {
    const rows = watched('spin', 'front-right', null, 4);
    expect(Math.max(...column(rows, 1))).toBeGreaterThan(6);
    expect(Math.max(...column(rows, 0))).toBe(0);
    expect(column(rows, 1)[20]).toBeLessThan(column(rows, 1)[2] as number);
  });
  test('while wires are flexed the wheel turns steadily', () => {
    const rows = watched('wiggle', 'front-left', null, 22);
    expect(Math.max(...column(rows, 0)) - Math.min(...column(rows, 0))).toBeLessThan(0.3);
    expect(column(rows, 0)[0]).toBeGreaterThan(4);
  });
});
