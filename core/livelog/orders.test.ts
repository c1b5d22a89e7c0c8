import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../tests/support/seededRandom';
import { transform } from './fourier';
import { HIGHEST, Orders } from './orders';

/** The sums written out (Lomb 1976), at one order. */
function square(turns: Float64Array, values: Float64Array, order: number): number {
  let [cosine, sine] = [0, 0];
  turns.forEach((turn, at) => {
    cosine += (values[at] as number) * Math.cos(2 * Math.PI * order * turn);
    sine += (values[at] as number) * Math.sin(2 * Math.PI * order * turn);
  });
  return cosine ** 2 + sine ** 2;
}

describe('the transform', () => {
  test.each([4, 8, 32, 64, 1024])('of %i values is what the sums say', (size) => {
    const random = seededRandom(size);
    const [real, imaginary] = [
      Float64Array.from({ length: size }, random),
      Float64Array.from({ length: size }, random),
    ];
    const [x, y] = [real.slice(), imaginary.slice()];
    transform(x, y);
    for (const k of [0, 1, 2, size / 2, size - 1]) {
      let [sx, sy] = [0, 0];
      real.forEach((value, n) => {
        const angle = (2 * Math.PI * k * n) / size;
        sx += value * Math.cos(angle) - (imaginary[n] as number) * Math.sin(angle);
        sy += value * Math.sin(angle) + (imaginary[n] as number) * Math.cos(angle);
      });
      expect(x[k]).toBeCloseTo(sx, 9);
      expect(y[k]).toBeCloseTo(sy, 9);
    }
  });
  test.each([
    [2, 2],
    [6, 6],
    [8, 4],
  ])('refuses %i values beside %i', (real, imaginary) =>
    expect(() => transform(new Float64Array(real), new Float64Array(imaginary))).toThrow(RangeError),
  );
});

describe('orders', () => {
  test.each([
    [3, 50],
    [200, 2000],
    [1500, 2000],
  ])('of a way of %i turns are what the sums say, to a hundred-thousandth of all there is', (way, readings) => {
    const random = seededRandom(way);
    const turns = Float64Array.from({ length: readings }, () => 40 + way * random()).sort();
    const values = Float64Array.from({ length: readings }, () => random() - 0.5);
    const orders = new Orders(turns, values);
    const most = values.reduce((sum, value) => sum + Math.abs(value), 0) ** 2;
    for (let order = 0; order <= HIGHEST; order += HIGHEST / 37) {
      const known = Math.round(order / orders.step) * orders.step;
      expect(Math.abs(orders.square(order) - square(turns, values, known)) / most).toBeLessThan(1e-5);
    }
  });
  test('of a wave between two known orders lose a twentieth at most', () => {
    const turns = Float64Array.from({ length: 2000 }, (_, at) => (127.9 * at) / 2000);
    for (const order of [0.83, 1.0007, 2.2, 5.91, 7.08]) {
      const orders = new Orders(
        turns,
        turns.map((turn) => Math.cos(2 * Math.PI * order * turn)),
      );
      expect(orders.square(order)).toBeGreaterThan(0.94 * 1000 ** 2);
    }
  });
});
