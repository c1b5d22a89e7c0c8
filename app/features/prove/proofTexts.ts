import type { Channel } from '../../../core/casefile/words';
import type { ProofStepId } from '../../../core/proof/proofSteps';
import type { NewObservation } from '../../stores/job';

export interface Choice {
  readonly words: string;
  readonly good: boolean;
  readonly test: string;
  readonly makes: readonly NewObservation[];
}

export interface StepText {
  readonly id: ProofStepId;
  readonly title: string;
  readonly text: string;
  readonly choices: readonly Choice[];
}

/** The steps of the proof in words, with what each answer records. */
export function proofTexts(codes: readonly string[], subject: Channel): readonly StepText[] {
  return [
    {
      id: 'erase',
      title: 'Erase, key off, key on, read again',
      text: 'All modules: the same fault leaves codes in instruments and airbag too. A lit lamp before this is no failure.',
      choices: [
        {
          words: 'nothing came back',
          good: true,
          test: 'proof-clear',
          makes: [{ kind: 'clear', result: 'stayed-clear', method: 'reader', stayed: codes }],
        },
        {
          words: 'it came back at key-on',
          good: false,
          test: 'proof-back',
          makes: [{ kind: 'clear', result: 'returned-at-key-on', method: 'reader', returned: codes }],
        },
      ],
    },
    {
      id: 'spin',
      title: 'Spin the corner and watch its number',
      text: 'Forward and back, before the wheel goes down if you can. Its own number must answer, and no other.',
      choices: [
        {
          words: 'it follows',
          good: true,
          test: 'proof-spin',
          makes: [{ kind: 'live', while: 'hand-spin', finding: 'follows', channel: subject }],
        },
        {
          words: 'it stays at zero',
          good: false,
          test: 'proof-zero',
          makes: [{ kind: 'live', while: 'hand-spin', finding: 'zero', channel: subject }],
        },
        {
          words: 'it jumps about',
          good: false,
          test: 'proof-erratic',
          makes: [{ kind: 'live', while: 'hand-spin', finding: 'erratic', channel: subject }],
        },
      ],
    },
    {
      id: 'drive',
      title: 'Drive five kilometres, mixed',
      text: 'Bends, bumps, gentle stops, a stretch above 25 km/h: some lamps go out only then. Somebody else reads the screen.',
      choices: [
        {
          words: 'lamps stayed out',
          good: true,
          test: 'proof-drive',
          makes: [{ kind: 'drive', result: 'lamps-stayed-out', distance: 5 }],
        },
        {
          words: 'a lamp came back',
          good: false,
          test: 'proof-lamp',
          makes: [{ kind: 'drive', result: 'lamps-came-back', distance: 5 }],
        },
      ],
    },
    {
      id: 're-read',
      title: 'Read all modules again',
      text: 'Nothing current, nothing pending.',
      choices: [{ words: 'no codes', good: true, test: 'proof-read', makes: [{ kind: 'no-code', module: 'abs' }] }],
    },
    {
      id: 'lamps',
      title: 'Look at the dash after the self-check',
      text: 'Key on: every lamp shows, then goes out.',
      choices: [{ words: 'all lamps out', good: true, test: 'proof-lamps', makes: [{ kind: 'lamps', lit: [] }] }],
    },
  ];
}
