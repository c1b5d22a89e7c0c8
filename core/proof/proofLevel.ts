import type { ProofStep, ProofVerdict } from './proofSteps';

/** How much has been proved, each more than the one before: at the wheel, on the road, over many trips. */
export const PROOF_LEVELS = ['standing', 'road', 'watched'] as const;
export type ProofLevel = (typeof PROOF_LEVELS)[number];

/** What a level rests on. */
interface Rests {
  readonly steps: readonly Pick<ProofStep, 'id' | 'state'>[];
  readonly verdict: ProofVerdict;
  /** Clean trips still needed; null for a fault that stays. */
  readonly tripsNeeded: number | null;
}

/**
 * The levels that a proof has reached.
 * @returns `standing`: erased and nothing came back, the repaired wheels answer; `road`: proved by drive and reading, or by lamps; `watched`: a fault that came and went has stayed away long enough.
 * @example levelsOf({ steps: [{ id: 'erase', state: 'good' }], verdict: 'going-on', tripsNeeded: null }) // => ["standing"]
 */
export function levelsOf({ steps, verdict, tripsNeeded }: Rests): readonly ProofLevel[] {
  if (verdict === 'not-cured') return [];
  const of = (id: ProofStep['id']) => steps.filter((step) => step.id === id);
  const isStanding =
    of('erase').some(({ state }) => state === 'good') && of('spin').every(({ state }) => state === 'good');
  const isRoad = verdict === 'proved' || verdict === 'proved-by-lamp' || verdict === 'watching';
  return [
    ...(isStanding ? (['standing'] as const) : []),
    ...(isRoad ? (['road'] as const) : []),
    ...(isRoad && tripsNeeded === 0 ? (['watched'] as const) : []),
  ];
}
