import { describe, expect, test } from 'vitest';
import { readLog } from './readLog';
import { asBytes } from './utf8';
import { spinOf } from './spin';
import { answeredSince, asCsv, expectedNow, jumpSince, lastOf, silentNow, standsOut, type Watched } from './watching';

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
      ['Time (s)', 'front left (km/h)', 'front right (km/h)', 'rear left (km/h)'],
    );
    const { log, problems } = readLog(asBytes(csv));
    expect(problems).toEqual([]);
    expect(Array.from(log?.speeds['front-left'] ?? [])).toEqual([1.25, 2]);
    expect(Array.from(log?.speeds['front-right'] ?? [])).toEqual([NaN, 2]);
    expect(Array.from(log?.seconds ?? [])).toEqual([0, 0.05]);
  });
});

describe('what stands out on the road', () => {
  test('a wheel without a signal, once the others surely turn', () => {
    expect(silentNow(watch([[0, 0, 38, 37]]))).toEqual(['front-left']);
    expect(silentNow(watch([[0, 36, 38, 37]]))).toEqual([]);
    expect(silentNow(watch([[0, 0, 3, 3]]))).toBeNull();
  });
  test('a third off, or four km/h where that is more', () => {
    expect(standsOut(watch([[0, 26, 38, 38]]), 0)).toBe(false);
    expect(standsOut(watch([[0, 25, 38, 38]]), 0)).toBe(true);
    expect(standsOut(watch([[0, 6, 9, 9]]), 0)).toBe(false);
    expect(standsOut(watch([[0, 4.9, 9, 9]]), 0)).toBe(true);
    expect(standsOut(watch([[0, null, 38, 38]]), 0)).toBe(false);
  });
});

describe('a spin', () => {
  const spun = (kmh: number, seconds: number, at: 0 | 1 = 0): Watched =>
    watch(
      Array.from({ length: 10 * seconds }, (_, row) => [row / 10, at === 0 ? kmh : 0, at === 1 ? kmh : 0, 0] as const),
    );
  test('that is answered follows; that answers only when fast is late', () => {
    expect(spinOf(spun(6, 3), 'front-left', 0, null)).toMatchObject({ finding: 'follows', speed: 6, other: null });
    expect(spinOf(spun(8, 3), 'front-left', 0, null).finding).toBe('follows');
    expect(spinOf(spun(8.1, 3), 'front-left', 0, null)).toMatchObject({ finding: 'cuts-in-late', speed: 8.1 });
  });
  test('that another name answers, or none', () => {
    expect(spinOf(spun(6, 3, 1), 'front-left', 0, null)).toMatchObject({
      finding: 'answers-as-other-channel',
      other: 'front-right',
    });
    expect(spinOf(spun(0, 4), 'front-left', 0, null).finding).toBeNull();
    expect(spinOf(spun(0, 5), 'front-left', 0, null)).toMatchObject({ finding: 'zero', isSilent: true });
  });
  test('what an earlier spin showed goes on counting; nobody spins, nothing is said', () => {
    expect(spinOf(spun(0, 6), 'front-left', null, 1.2)).toMatchObject({ finding: 'follows', speed: 1.2 });
    expect(spinOf(spun(6, 3), 'front-left', null, null).finding).toBeNull();
  });
});
