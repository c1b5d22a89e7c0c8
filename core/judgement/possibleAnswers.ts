import type { CaseFile, Observation } from '../casefile/contract';
import { CLEAR_RESULTS, type Channel } from '../casefile/words';
import { coilBand, type CoilBand } from '../evidence/coilBand';
import type { ReadingContext } from '../evidence/report';
import { timelineOf } from '../evidence/timeline';
import { answerText } from '../knowledge/outcomes/words';
import type { CheckRef } from '../knowledge/moves';
import { CLEAR_NAMES } from '../knowledge/names';
import { showReading } from '../quantities/show';
import { otherSide } from '../vehicle/channels';
import { checkRecord } from '../knowledge/checks/all';
import type { Answer } from '../knowledge/checks/check';
import { answersOf, sheetFor } from '../knowledge/checks/sheets';
import { texts } from '#words/core/judgement';

/** One answer that a check may give, as words and as the observation it would be. */
export interface PossibleAnswer {
  readonly words: string;
  readonly observation: Observation;
}

const ID = 'imagined';

type MeterAnswer = Extract<Answer, { is: 'meter' }>;

/** The band that a coil would be judged by at this place. */
function bandAt({ point }: MeterAnswer, channel: Channel | null, file: CaseFile): CoilBand {
  const context = timelineOf(file).stages.at(-1)?.context as ReadingContext;
  const where = channel ?? file.vehicle.channels[0] ?? 'front-left';
  return coilBand(where, point === 'module-end' ? 'module-end' : 'sensor', context);
}

function meterAnswers(
  answer: MeterAnswer,
  channel: Channel | null,
  file: CaseFile,
  isWiggle: boolean,
): PossibleAnswer[] {
  const { point, quantity } = answer;
  const base = { id: ID, kind: 'meter', point, quantity, ...(channel ? { channel } : {}) } as const;
  const band = bandAt(answer, channel, file);
  const middle = (band.min + band.max) / 2;
  if (isWiggle)
    return [
      { words: texts.steady, observation: { ...base, value: middle, while: 'wiggle' } },
      { words: texts.jumpsAbout, observation: { ...base, value: middle, while: 'wiggle', unsteady: true } },
    ];
  const isCoil = point === 'sensor' && quantity === 'resistance';
  return (checkRecord(`meter:${point}:${quantity}`)?.examples ?? []).map(([words, example]): PossibleAnswer => {
    const value = typeof example === 'object' ? middle * example.ofMiddle : example;
    const shown = showReading(value, quantity);
    return {
      words: words ?? `${shown.number} ${shown.unit}`,
      observation: {
        ...base,
        value,
        ...(answer.while ? { while: answer.while, resolution: 0.001 } : {}),
        ...(isCoil ? { temperature: band.atCelsius } : {}),
      },
    };
  });
}

function wordAnswers(answer: Answer, channel: Channel | null, file: CaseFile): PossibleAnswer[] {
  const at = channel ? { channel } : {};
  return answersOf(answer).map((word) => {
    const words = answerText(answer, word);
    const made = { id: ID, ...at };
    if (answer.is === 'look')
      return { words, observation: { ...made, kind: 'look', part: answer.part, finding: word } };
    if (answer.is === 'live')
      return { words, observation: { ...made, kind: 'live', while: answer.while, finding: word } as Observation };
    const kind = answer.is === 'choice' ? answer.kind : 'unplug';
    const partner =
      kind === 'swap' ? { with: (channel && otherSide(channel, file.vehicle.channels)) ?? 'front-right' } : {};
    return { words, observation: { ...made, kind, result: word, ...partner } as Observation };
  });
}

/**
 * The answers that a check may give, for showing beforehand what each would do to the path.
 * @param move the check at its corner; flexed where it says so. @param file the case: specs, channels.
 * @returns answers, the sound one first; none for checks that are answered in words of their own (codes, specs, the sensor's type).
 * @example possibleAnswers({ is: 'check', check: 'look:plug', channel: 'front-right' }, CASE).length > 3 // => true
 */
export function possibleAnswers(move: CheckRef, file: CaseFile): PossibleAnswer[] {
  const { check, channel } = move;
  if (check === 'clear')
    return CLEAR_RESULTS.filter((word) => word !== 'refused').map((result) => ({
      words: CLEAR_NAMES[result] ?? result,
      observation: { id: ID, kind: 'clear', result, ...(channel ? { channel } : {}) },
    }));
  const answer = sheetFor(check)?.answer;
  if (!answer || answer.is === 'sensor-type' || answer.is === 'specs' || answer.is === 'distance') return [];
  return answer.is === 'meter'
    ? meterAnswers(answer, channel, file, move.while === 'wiggle')
    : wordAnswers(answer, channel, file);
}
