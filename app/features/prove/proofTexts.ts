import type { ProofStepId } from '../../../core/proof/proofSteps';

/** The steps of the proof in words. */
export const PROOF_TEXTS: Readonly<
  Record<ProofStepId, { readonly title: string; readonly text: string; readonly needsReader: boolean }>
> = {
  erase: {
    title: 'Erase the codes, key off, key on, read again',
    text: 'All modules: the same fault leaves codes in instruments and airbag too. A lamp that is still lit before this is no failure.',
    needsReader: true,
  },
  spin: {
    title: 'Spin the repaired wheel and watch its number',
    text: 'Before the wheel goes down, forward and back. Its own number must answer, and no other.',
    needsReader: true,
  },
  drive: {
    title: 'Drive five kilometres, mixed',
    text: 'Bends, bumps, gentle stops, some seconds above 25 km/h: some lamps go out only then. Somebody else reads the screen.',
    needsReader: false,
  },
  're-read': {
    title: 'Read all modules again',
    text: 'There must be no current and no pending code.',
    needsReader: true,
  },
  lamps: {
    title: 'Look at the lamps after the self-check',
    text: 'Key on: every lamp shows, then goes out.',
    needsReader: false,
  },
};
