import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../tests/support/seededRandom';
import { CHANNELS, type Channel } from '../casefile/words';
import type { Log } from './log';
import { FAR_BELOW, SURELY_MOVING } from './measures';
import { Middle } from './middle';
import { readingsOf } from './readings';
import { median, seriesOf } from './series';

const ROWS = 400;

/** Speeds that are often equal, sometimes far off, and missing as often as asked. */
function logOf(channels: readonly Channel[], missing: number): Log {
  const random = seededRandom(channels.length + 100 * missing);
  const speed = (row: number): number => {
    if (random() < missing) return Number.NaN;
    const road = 20 + 18 * Math.sin(row / 40);
    return random() < 0.05 ? road * random() : Math.round(road + random());
  };
  const speeds = Object.fromEntries(
    channels.map((channel) => [channel, Float64Array.from({ length: ROWS }, (_, row) => speed(row))]),
  );
  return { columns: {}, seconds: Float64Array.from({ length: ROWS }, (_, row) => row / 10), speeds, marks: {} };
}

const sorted = (values: readonly number[]): number[] =>
  values.filter((value) => !Number.isNaN(value)).toSorted((a, b) => a - b);
/** The median; of two, the faster. */
const middleOf = (values: readonly number[]): number => {
  const known = sorted(values);
  return known.length === 2 ? (known[1] ?? 0) : median(known);
};

describe.each([
  ['four wheels that are all read', CHANNELS, 0],
  ['four wheels with gaps', CHANNELS, 0.1],
  ['three wheels', CHANNELS.slice(1), 0],
  ['two wheels with gaps', CHANNELS.slice(2), 0.2],
] as const)('%s', (_, channels, missing) => {
  const series = seriesOf(logOf(channels, missing));
  const drawn = channels.map((channel) => series.drawn[channel] as Float64Array);
  const at = (row: number): number[] => drawn.map((column) => column[row] as number);

  test('the road is the middle of all, and each wheel is told by the middle of the others', () => {
    for (let row = 0; row < ROWS; row += 1) {
      expect(series.road[row]).toBeCloseTo(middleOf(at(row)), 9);
      channels.forEach((channel, own) =>
        expect(series.expected[channel]?.[row]).toBeCloseTo(middleOf(at(row).filter((__, other) => other !== own)), 9),
      );
    }
  });
  test('odd readings are those that do not plainly follow a moving car', () => {
    for (const channel of channels) {
      const { odd, own, expected, count } = readingsOf(series, channel);
      const wanted = Array.from({ length: count }, (__, index) => index).filter((index) => {
        const should = expected[index] as number;
        return !(should > SURELY_MOVING && (own[index] as number) > FAR_BELOW * should);
      });
      expect([...odd]).toEqual(wanted);
      expect(wanted.length).toBeGreaterThan(0);
      expect(wanted.length).toBeLessThan(count);
    }
  });
});

describe('the middle of values that come and go', () => {
  test('is that of those that are there', () => {
    const random = seededRandom(3);
    const middle = new Middle(12);
    const held: number[] = [];
    for (let step = 0; step < 500; step += 1) {
      const value = Math.floor(8 * random());
      if (held.length < 12 && random() < 0.55) {
        held.push(value);
        middle.add(value);
      } else if (held.includes(value)) {
        held.splice(held.indexOf(value), 1);
        middle.remove(value);
      } else middle.remove(value);
      expect(middle.many).toBe(held.length);
      expect(middle.value).toEqual(median(held));
      expect(middle.largest).toEqual(held.length > 0 ? Math.max(...held) : Number.NaN);
    }
    middle.add(Number.NaN);
    expect(middle.many).toBe(held.length);
    middle.clear();
    expect(middle.value).toBeNaN();
  });
});
