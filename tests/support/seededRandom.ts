import { chanceFrom } from '../../bench/chance';

/** Random numbers in [0, 1) that repeat: the bench's own, for tests that need no more. */
export function seededRandom(seed: number): () => number {
  return chanceFrom(seed).next;
}
