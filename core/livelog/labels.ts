import { strideOf } from './measures';
import type { Series } from './series';

/** So many moments in bends tell whether names are crossed. */
const FEWEST = 30;
/** In a bend the outer wheels of both axles run faster: their differences rise and fall together. */
const CROSSED = -0.5;
const MOVING = 10;
const BENDING = 0.5;

/**
 * Whether left and right are crossed on one axle: in bends its difference then runs against the other axle's.
 * @returns true only where enough of the drive bends; which of the two axles it is, speeds alone cannot tell.
 * @example areSidesCrossed(SERIES) // => false
 */
export function areSidesCrossed({ drawn, road }: Series): boolean {
  const [fl, fr, rl, rr] = [drawn['front-left'], drawn['front-right'], drawn['rear-left'], drawn['rear-right']];
  if (!fl || !fr || !rl || !rr) return false;
  let many = 0;
  let together = 0;
  let front = 0;
  let rear = 0;
  const stride = strideOf(road.length);
  for (let at = 0; at < road.length; at += stride) {
    const ahead = (fl[at] as number) - (fr[at] as number);
    const other = (rl[at] as number) - (rr[at] as number);
    const speed = road[at] as number;
    const isBend =
      Math.abs(ahead) > BENDING && Math.abs(other) > BENDING && Math.abs(ahead) + Math.abs(other) < speed / 2;
    if (!(speed > MOVING) || !isBend) continue;
    many += 1;
    together += ahead * other;
    front += ahead * ahead;
    rear += other * other;
  }
  return many >= FEWEST && together / Math.sqrt(front * rear) < CROSSED;
}
