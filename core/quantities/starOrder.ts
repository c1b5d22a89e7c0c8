/** Distance around a circle of so many places. */
const apart = (a: number, b: number, places: number): number =>
  Math.min((a - b + places) % places, (b - a + places) % places);

/** Wheels have so many nuts. */
export const NUT_COUNTS = [4, 5, 6, 7, 8] as const;
export type NutCount = (typeof NUT_COUNTS)[number];

/**
 * The order in which the nuts of a wheel are tightened: each as far from the last as may be, so that the wheel seats evenly.
 * @param count nuts on the circle, 4 to 8. @returns places from 0 at the top, clockwise, in the order of tightening.
 * @example starOrder(5) // => [0,2,4,1,3]
 */
export function starOrder(count: NutCount): readonly number[] {
  const order = [0];
  while (order.length < count) {
    const last = order.at(-1) ?? 0;
    const free = Array.from({ length: count }, (_, place) => place).filter((place) => !order.includes(place));
    const before = order.at(-2) ?? last;
    const best = free.toSorted(
      (a, b) =>
        apart(b, last, count) - apart(a, last, count) || apart(b, before, count) - apart(a, before, count) || a - b,
    );
    order.push(best[0] ?? 0);
  }
  return order;
}
