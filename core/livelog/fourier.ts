/** Cosine and sine of all angles of a circle parted into so many. */
export interface Circle {
  readonly cosine: Float64Array;
  readonly sine: Float64Array;
}

/** They hang on the size alone. */
const known = new Map<number, Circle>();

/**
 * @param parts of the circle. @returns the angles of its first half.
 * @example circleOf(4).cosine.length // => 2
 */
export function circleOf(parts: number): Circle {
  const found = known.get(parts);
  if (found) return found;
  const [cosine, sine] = [new Float64Array(parts / 2), new Float64Array(parts / 2)];
  for (let at = 0; at < parts / 2; at += 1) {
    cosine[at] = Math.cos((2 * Math.PI * at) / parts);
    sine[at] = Math.sin((2 * Math.PI * at) / parts);
  }
  const made = { cosine, sine };
  known.set(parts, made);
  return made;
}

/** Puts every value where its index, its bits read backwards, points to. */
function reorder(real: Float64Array, imaginary: Float64Array): void {
  const size = real.length;
  for (let at = 1, other = 0; at < size; at += 1) {
    let bit = size >> 1;
    for (; other & bit; bit >>= 1) other ^= bit;
    other ^= bit;
    if (at >= other) continue;
    const x = real[at] as number;
    const y = imaginary[at] as number;
    real[at] = real[other] as number;
    imaginary[at] = imaginary[other] as number;
    real[other] = x;
    imaginary[other] = y;
  }
}

/** Neighbours become their sum and their difference. */
function pairs(real: Float64Array, imaginary: Float64Array): void {
  for (let at = 0; at < real.length; at += 2) {
    const [x, y] = [real[at + 1] as number, imaginary[at + 1] as number];
    const [nx, ny] = [real[at] as number, imaginary[at] as number];
    real[at] = nx + x;
    imaginary[at] = ny + y;
    real[at + 1] = nx - x;
    imaginary[at + 1] = ny - y;
  }
}

/** Four transforms of this size, side by side, become one of four times the size; written out, since a loop over the four takes twice as long. */
function fours(real: Float64Array, imaginary: Float64Array, size: number, { cosine, sine }: Circle): void {
  const apart = real.length / (4 * size);
  for (let from = 0; from < real.length; from += 4 * size)
    for (let turn = 0; turn < size; turn += 1) {
      const c1 = cosine[turn * apart] as number;
      const s1 = sine[turn * apart] as number;
      const c2 = c1 * c1 - s1 * s1;
      const s2 = 2 * c1 * s1;
      const c3 = c1 * c2 - s1 * s2;
      const s3 = c1 * s2 + s1 * c2;
      const first = from + turn;
      const second = first + size;
      const third = second + size;
      const fourth = third + size;
      const ax = real[first] as number;
      const ay = imaginary[first] as number;
      const bx = real[second] as number;
      const by = imaginary[second] as number;
      const cx = real[third] as number;
      const cy = imaginary[third] as number;
      const dx = real[fourth] as number;
      const dy = imaginary[fourth] as number;
      /* Bits read backwards put the third quarter second. */
      const bTurnedX = bx * c2 - by * s2;
      const bTurnedY = bx * s2 + by * c2;
      const cTurnedX = cx * c1 - cy * s1;
      const cTurnedY = cx * s1 + cy * c1;
      const dTurnedX = dx * c3 - dy * s3;
      const dTurnedY = dx * s3 + dy * c3;
      const px = ax + bTurnedX;
      const py = ay + bTurnedY;
      const mx = ax - bTurnedX;
      const my = ay - bTurnedY;
      const qx = cTurnedX + dTurnedX;
      const qy = cTurnedY + dTurnedY;
      const rx = cTurnedX - dTurnedX;
      const ry = cTurnedY - dTurnedY;
      real[first] = px + qx;
      imaginary[first] = py + qy;
      real[second] = mx - ry;
      imaginary[second] = my + rx;
      real[third] = px - qx;
      imaginary[third] = py - qy;
      real[fourth] = mx + ry;
      imaginary[fourth] = my - rx;
    }
}

/**
 * Fast Fourier transform in place: afterwards value k is the sum over n of value n times exp(+2πi·k·n/size) (Cooley and Tukey 1965).
 * @param real parts, as many as a power of two from 4 on. @param imaginary parts, as many. @throws RangeError for another length.
 * @returns the real parts.
 * @example transform(Float64Array.of(1, 2, 3, 4), new Float64Array(4))[0] // => 10
 */
export function transform(real: Float64Array, imaginary: Float64Array): Float64Array {
  const size = real.length;
  if (size < 4 || (size & (size - 1)) !== 0 || imaginary.length !== size)
    throw new RangeError(`a transform of ${size} and ${imaginary.length} values: a power of two is wanted`);
  const circle = circleOf(size);
  reorder(real, imaginary);
  let done = 1;
  if (Math.log2(size) % 2 === 1) {
    pairs(real, imaginary);
    done = 2;
  }
  for (; done < size; done *= 4) fours(real, imaginary, done, circle);
  return real;
}
