import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import type { Lamp } from '../commands/lampNotes';
import type { NewObservation } from '../commands/command';
import type { ProofStep, ProofStepId } from './proofSteps';
import { texts } from '#words/core/proof';

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
      words: texts.nothingCameBack,
      meaning: texts.theModuleHasTested,
      speaks: 'for',
      makes: ({ codes }) => [{ kind: 'clear', result: 'stayed-clear', method: 'reader', stayed: codes }],
      fits: cleared('stayed-clear'),
    },
    {
      id: 'back-at-key-on',
      words: texts.backAtKeyOn,
      meaning: texts.theModuleFindsIt,
      speaks: 'against',
      asks: 'codes',
      makes: back('returned-at-key-on'),
      fits: cleared('returned-at-key-on'),
    },
    {
      id: 'back-when-moving',
      words: texts.backOnMoving,
      meaning: texts.theModuleFindsItOnly,
      speaks: 'against',
      asks: 'codes',
      makes: back('returned-when-moving'),
      fits: cleared('returned-when-moving'),
    },
    {
      id: 'back-later',
      words: texts.backLater,
      meaning: texts.itComesAndGoes,
      speaks: 'against',
      asks: 'codes',
      makes: back('returned-later'),
      fits: cleared('returned-later'),
    },
    {
      id: 'refused',
      words: texts.theEraseWasRefused,
      meaning: texts.saysNothingYetIgnition,
      speaks: 'not-yet',
      makes: () => [{ kind: 'clear', result: 'refused', method: 'reader' }],
      fits: cleared('refused'),
    },
  ],
  spin: [
    spinning('follows', texts.itsNumberFollows, 'follows', 'for', texts.theSignalOfThis),
    spinning('zero', texts.itStaysAtZero, 'zero', 'against', texts.nothingArrivesFromThis),
    spinning('jumps', texts.itJumpsAbout, 'erratic', 'against', texts.theSignalIsUneven),
    spinning('other', texts.anotherWheelAnswers, 'answers-as-other-channel', 'against', texts.namesOrWiresAre),
  ],
  drive: [
    drove('stayed-out', texts.theLampsStayedOut, 'lamps-stayed-out', 'for', texts.theModuleHasTestedItself),
    drove('went-out', texts.litAtFirstWent, 'lamps-went-out', 'for', texts.someModulesBelieveIt),
    drove('came-back', texts.aLampCameBack, 'lamps-came-back', 'against', texts.theFaultIsStill),
  ],
  're-read': [
    {
      id: 'none',
      words: texts.noCodes,
      meaning: texts.noCurrentAndNo,
      speaks: 'for',
      makes: () => [{ kind: 'no-code', module: 'abs' }],
      fits: ({ by }) => by?.kind === 'no-code',
    },
    coded('same', texts.theSameCodeCurrent, 'current', 'against', texts.theFaultIsStillThere),
    coded('stored', texts.onlyStoredOnes, 'stored', 'not-yet', texts.historyIfTheyWere),
    {
      id: 'other',
      words: texts.anotherCodeThanBefore,
      meaning: texts.anotherFaultOrOne,
      speaks: 'against',
      makes: null,
      fits: () => false,
    },
  ],
  lamps: [
    {
      id: 'out',
      words: texts.allLampsAreOut,
      meaning: texts.theyWentOutAfter,
      speaks: 'for',
      makes: () => [{ kind: 'lamps', lit: [] }],
      fits: ({ by }) => by?.kind === 'lamps' && by.lit.length === 0,
    },
    {
      id: 'still-lit',
      words: texts.stillLit,
      meaning: texts.provesNothingBeforeAn,
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
