import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import type { Lamp } from '../commands/lampNotes';
import type { NewObservation } from '../commands/command';
import type { ProofStep, ProofStepId } from './proofSteps';

/** What an answer is made from. */
export interface AnswerContext {
  readonly channel: Channel | null;
  /** Codes known of the car, and those that the answer is about. */
  readonly codes: readonly string[];
  readonly chosen: readonly string[];
  /** Lamps that were lit before the repair. */
  readonly lit: readonly Lamp[];
  readonly kilometres: number;
  readonly trips: number;
}

/** One thing that people see after a repair: what it is called, what it means, what it records. */
export interface ProofAnswer {
  readonly id: string;
  readonly words: string;
  readonly meaning: string;
  /** Whether it speaks for the repair. */
  readonly speaks: 'for' | 'against' | 'not-yet';
  /** What is asked before it is recorded. */
  readonly asks?: 'codes' | 'drive';
  /** What it records; null leads to the codes, where another code is written down. */
  readonly makes: ((context: AnswerContext) => readonly NewObservation[]) | null;
  /** Whether an observation is this answer. */
  readonly fits: (step: ProofStep) => boolean;
}

type Clear = ObservationOf<'clear'>['result'];

const cleared =
  (result: Clear) =>
  ({ by }: ProofStep): boolean =>
    by?.kind === 'clear' && by.result === result;

const back =
  (result: Clear) =>
  ({ codes, chosen }: AnswerContext): readonly NewObservation[] => {
    const returned = chosen.length > 0 ? chosen : codes;
    return [
      { kind: 'clear', result, method: 'reader', returned, stayed: codes.filter((code) => !returned.includes(code)) },
    ];
  };

const spinning = (
  id: string,
  words: string,
  finding: ObservationOf<'live'>['finding'],
  speaks: ProofAnswer['speaks'],
  meaning: string,
): ProofAnswer => ({
  id,
  words,
  meaning,
  speaks,
  makes: ({ channel }) => [{ kind: 'live', while: 'hand-spin', finding, ...(channel ? { channel } : {}) }],
  fits: ({ by }) => by?.kind === 'live' && by.finding === finding,
});

const drove = (
  id: string,
  words: string,
  result: ObservationOf<'drive'>['result'],
  speaks: ProofAnswer['speaks'],
  meaning: string,
): ProofAnswer => ({
  id,
  words,
  meaning,
  speaks,
  asks: 'drive',
  makes: ({ kilometres, trips }) => [{ kind: 'drive', result, distance: kilometres, ...(trips > 1 ? { trips } : {}) }],
  fits: ({ by }) => by?.kind === 'drive' && by.result === result,
});

const coded = (
  id: string,
  words: string,
  status: 'current' | 'stored',
  speaks: ProofAnswer['speaks'],
  meaning: string,
): ProofAnswer => ({
  id,
  words,
  meaning,
  speaks,
  asks: 'codes',
  makes: ({ codes, chosen }) =>
    (chosen.length > 0 ? chosen : codes).map((code) => ({
      kind: 'code' as const,
      code,
      status,
      module: 'abs' as const,
    })),
  fits: ({ by }) => by?.kind === 'code' && by.status === status,
});

/** Step by step, what people see and what it means. */
export const PROOF_ANSWERS: Readonly<Record<ProofStepId, readonly ProofAnswer[]>> = {
  erase: [
    {
      id: 'clear',
      words: 'Nothing came back',
      meaning: 'The module has tested itself and found nothing. The drive decides.',
      speaks: 'for',
      makes: ({ codes }) => [{ kind: 'clear', result: 'stayed-clear', method: 'reader', stayed: codes }],
      fits: cleared('stayed-clear'),
    },
    {
      id: 'back-at-key-on',
      words: 'Back at key-on',
      meaning: 'The module finds it with the car standing: something electrical is still broken.',
      speaks: 'against',
      asks: 'codes',
      makes: back('returned-at-key-on'),
      fits: cleared('returned-at-key-on'),
    },
    {
      id: 'back-when-moving',
      words: 'Back on moving',
      meaning: 'The module finds it only when the wheel turns: look at ring, gap and sensor.',
      speaks: 'against',
      asks: 'codes',
      makes: back('returned-when-moving'),
      fits: cleared('returned-when-moving'),
    },
    {
      id: 'back-later',
      words: 'Back later',
      meaning: 'It comes and goes: look for what moves, warms up or gets wet.',
      speaks: 'against',
      asks: 'codes',
      makes: back('returned-later'),
      fits: cleared('returned-later'),
    },
    {
      id: 'refused',
      words: 'The erase was refused',
      meaning: 'Says nothing yet. Ignition on, engine off, then try again; some cars want a drive first.',
      speaks: 'not-yet',
      makes: () => [{ kind: 'clear', result: 'refused', method: 'reader' }],
      fits: cleared('refused'),
    },
  ],
  spin: [
    spinning('follows', 'Its number follows', 'follows', 'for', 'The signal of this wheel arrives.'),
    spinning(
      'zero',
      'It stays at zero',
      'zero',
      'against',
      'Nothing arrives from this wheel. Spin faster once before you believe it.',
    ),
    spinning('jumps', 'It jumps about', 'erratic', 'against', 'The signal is uneven: look at ring, gap and plug.'),
    spinning('other', 'Another wheel answers', 'answers-as-other-channel', 'against', 'Names or wires are crossed.'),
  ],
  drive: [
    drove(
      'stayed-out',
      'The lamps stayed out',
      'lamps-stayed-out',
      'for',
      'The module has tested itself on the road and found nothing.',
    ),
    drove(
      'went-out',
      'Lit at first, went out on the drive',
      'lamps-went-out',
      'for',
      'Some modules believe it only after some seconds above 15 to 25 km/h.',
    ),
    drove('came-back', 'A lamp came back', 'lamps-came-back', 'against', 'The fault is still there, or another one.'),
  ],
  're-read': [
    {
      id: 'none',
      words: 'No codes',
      meaning: 'No current and no pending code is left.',
      speaks: 'for',
      makes: () => [{ kind: 'no-code', module: 'abs' }],
      fits: ({ by }) => by?.kind === 'no-code',
    },
    coded('same', 'The same code, current', 'current', 'against', 'The fault is still there.'),
    coded(
      'stored',
      'Only stored ones',
      'stored',
      'not-yet',
      'History, if they were never erased: erase and read again. If they were erased, they have come back.',
    ),
    {
      id: 'other',
      words: 'Another code than before',
      meaning: 'Another fault, or one that the first hid: write it down under Codes.',
      speaks: 'against',
      makes: null,
      fits: () => false,
    },
  ],
  lamps: [
    {
      id: 'out',
      words: 'All lamps are out',
      meaning: 'They went out after the self-check, as they should.',
      speaks: 'for',
      makes: () => [{ kind: 'lamps', lit: [] }],
      fits: ({ by }) => by?.kind === 'lamps' && by.lit.length === 0,
    },
    {
      id: 'still-lit',
      words: 'Still lit',
      meaning: 'Proves nothing before an erase or a drive. After one it speaks against the repair.',
      speaks: 'not-yet',
      makes: ({ lit }) => [{ kind: 'lamps', lit: lit.length > 0 ? lit : ['abs'] }],
      fits: ({ by }) => by?.kind === 'lamps' && by.lit.length > 0,
    },
  ],
};

/**
 * The answer that a step has been given.
 * @param step from `proofSteps`. @returns the answer; null while there is none of the list.
 * @example answerOf({ id: 'lamps', channel: null, state: 'good', by: { id: 'l', kind: 'lamps', lit: [] } }).id // => "out"
 */
export function answerOf(step: ProofStep): ProofAnswer | null {
  return step.by ? (PROOF_ANSWERS[step.id].find((answer) => answer.fits(step)) ?? null) : null;
}
