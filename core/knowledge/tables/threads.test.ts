import { describe, expect, test } from 'vitest';
import { drillsFor, THREADS } from './threads';

describe.each(THREADS)('$name', (thread) => {
  const { core, tap, insert } = drillsFor(thread);
  test('the drill for the rest of the bolt stays inside the thread, even a little beside the middle', () => {
    expect(core).toBeLessThan(thread.diameter - 1.0825 * thread.pitch);
    expect(core).toBeGreaterThan(0.55 * thread.diameter);
  });
  test('the tap’s drill leaves the flanks of the thread', () => {
    expect(tap).toBeGreaterThanOrEqual(thread.diameter - 1.0825 * thread.pitch);
    expect(tap).toBeLessThan(thread.diameter - 0.85 * thread.pitch);
  });
  test('the insert’s drill is wider than the bolt, and narrower than the insert’s own thread', () => {
    expect(insert).toBeGreaterThan(thread.diameter + 0.2165 * thread.pitch);
    expect(insert).toBeLessThan(thread.diameter + 1.299 * thread.pitch);
  });
});

test('sizes as they are known for the commonest threads', () => {
  const of = (name: string) => THREADS.filter((thread) => thread.name === name).map(drillsFor)[0];
  expect(of('M6 × 1')).toEqual({ core: 4.3, tap: 5, insert: 6.3 });
  expect(of('M8 × 1.25')).toEqual({ core: 5.8, tap: 6.75, insert: 8.4 });
  expect(of('M12 × 1.75')).toEqual({ core: 8.9, tap: 10.25, insert: 12.5 });
  expect(of('M10 × 1.5')).toEqual({ core: 7.3, tap: 8.5, insert: 10.5 });
});
