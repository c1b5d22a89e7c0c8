import { describe, expect, test } from 'vitest';
import { readLog } from './readLog';
import { asBytes } from './utf8';
import { answeredSince, asCsv, expectedNow, jumpSince, lastOf, type Watched } from './watching';

const channels = ['front-left', 'front-right', 'rear-left'] as const;
const watch = (rows: readonly (readonly [second: number, ...speeds: (number | null)[]])[]): Watched => ({
  channels,
  moments: rows.map(([second, ...speeds]) => ({ second, speeds })),
  marks: {},
});

describe('what is watched', () => {
  test('the last half minute, and no more', () => {
    const watched = watch([
      [0, 1, 1, 1],
      [9.9, 2, 2, 2],
      [10, 3, null, 3],
      [40, 4, 4, 4],
    ]);
    expect(lastOf(watched, 0)).toEqual([
      { x: 0, kmh: 3 },
      { x: 1, kmh: 4 },
    ]);
    expect(lastOf(watched, 1)).toEqual([{ x: 1, kmh: 4 }]);
  });
  test('what a wheel should read is the middle of the others', () => {
    expect(expectedNow(watch([[0, 0, 38, 37]]), 0)).toBe(38);
    expect(expectedNow(watch([[0, 0, null, 37]]), 0)).toBe(37);
    expect(expectedNow(watch([]), 0)).toBeNaN();
  });
  test('which channel answers a spin, and how slow it still answers', () => {
    const watched = watch([
      [0, 5, 0, 0],
      [1, 0, 6.3, 0.2],
      [2, 0, 0.9, 0.2],
      [3, 0, 0.3, 0],
    ]);
    expect(answeredSince(watched, 0.5)).toEqual([{ channel: 'front-right', lowest: 0.9, highest: 6.3 }]);
    expect(answeredSince(watched, 2.5)).toEqual([]);
  });
  test('a jump is a fall from what it was, not a wheel that runs out', () => {
    const steady = Array.from({ length: 20 }, (_, at) => [at / 10, 6, 0, 0] as const);
    expect(jumpSince(watch(steady), 'front-left', 0)).toBeNull();
    expect(jumpSince(watch([...steady, [2, 1, 0, 0]]), 'front-left', 0)).toBe(2);
    expect(jumpSince(watch([...steady, [2, 1, 0, 0]]), 'front-left', 2.1)).toBeNull();
    const fading = Array.from({ length: 40 }, (_, at) => [at / 10, 6 * Math.exp(-at / 40), 0, 0] as const);
    expect(jumpSince(watch(fading), 'front-left', 0)).toBeNull();
  });
  test('it is kept as a table that Zelf reads again', () => {
    const csv = asCsv(
      watch([
        [0, 1.25, null, 3],
        [0.05, 2, 2, 2],
      ]),
      (channel) => channel.replace('-', ' '),
    );
    const { log, problems } = readLog(asBytes(csv));
    expect(problems).toEqual([]);
    expect(Array.from(log?.speeds['front-left'] ?? [])).toEqual([1.25, 2]);
    expect(Array.from(log?.speeds['front-right'] ?? [])).toEqual([NaN, 2]);
    expect(Array.from(log?.seconds ?? [])).toEqual([0, 0.05]);
  });
});
