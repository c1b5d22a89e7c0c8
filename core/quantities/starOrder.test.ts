import { describe, expect, test } from 'vitest';
import { NUT_COUNTS, starOrder } from './starOrder';

describe.each(NUT_COUNTS)('%i nuts', (count) => {
  const order = starOrder(count);
  test('each is tightened once', () => {
    expect(order.toSorted((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, place) => place));
  });
  test('no two neighbours one after the other (four leave no other way), and the second opposite the first', () => {
    order.slice(1).forEach((place, at) => {
      const step = Math.abs(place - (order[at] ?? 0));
      expect(Math.min(step, count - step), `${order.join(' ')}`).toBeGreaterThan(count === 4 && at === 1 ? 0 : 1);
    });
    expect(Math.min(order[1] ?? 0, count - (order[1] ?? 0))).toBe(Math.floor(count / 2));
  });
});
