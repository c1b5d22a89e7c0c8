import { texts } from '#words/shared/drawings';
import type { Plate } from './plate';

/** A plate in words, made from its data: what it is, and what state it is in. */
export function alternativeOf({ scene, state }: Plate): string {
  return state === 'whole'
    ? texts.plain(texts.scenes[scene])
    : texts.alternative(texts.scenes[scene], texts.states[state]);
}
