import type { CaseFile, Observation } from '../casefile/contract';
import { CLEAR_RESULTS, type Channel } from '../casefile/words';
import { CLEAR_NAMES, FINDING_NAMES, LIVE_NAMES, TRIAL_NAMES } from '../knowledge/names';
import { otherSide } from '../vehicle/channels';
import { checkRecord } from '../knowledge/checks/all';
import type { Answer } from '../knowledge/checks/check';
import { COIL_EXAMPLES } from '../knowledge/checks/meterSensor';
import { answersOf, sheetFor } from '../knowledge/checks/sheets';
import { texts } from '#words/core/judgement';

/** One answer that a check may give, as words and as the observation it would be. */
export interface PossibleAnswer {
  readonly words: string;
  readonly observation: Observation;
}

const ID = 'imagined';

/** A coil's middle is the manual's where there is one. */
function coilMiddle(file: CaseFile): number {
  const band = file.vehicle.specs?.sensorResistance;
  return band ? (band.min + band.max) / 2 : 1200;
}

function meterAnswers(
  answer: Extract<Answer, { is: 'meter' }>,
  channel: Channel | null,
  file: CaseFile,
  isWiggle: boolean,
): PossibleAnswer[] {
  const base = {
    id: ID,
    kind: 'meter',
    point: answer.point,
    quantity: answer.quantity,
    ...(channel ? { channel } : {}),
  } as const;
  if (isWiggle)
    return [
      { words: texts.steady, observation: { ...base, value: coilMiddle(file), while: 'wiggle' } },
      { words: texts.jumpsAbout, observation: { ...base, value: coilMiddle(file), while: 'wiggle', unsteady: true } },
    ];
  const examples = checkRecord(`meter:${answer.point}:${answer.quantity}`)?.examples ?? [];
  const middle = coilMiddle(file);
  return examples.map(([words, value]) => ({
    words,
    observation: {
      ...base,
      value:
        examples === COIL_EXAMPLES && value !== 'overload'
          ? words === examples[0]?.[0]
            ? middle
            : middle * 0.32
          : value,
      ...(answer.while ? { while: answer.while, resolution: 0.001 } : {}),
      ...(answer.point === 'sensor' && answer.quantity === 'resistance'
        ? { temperature: file.vehicle.specs?.sensorResistance?.at ?? 20 }
        : {}),
    },
  }));
}

function wordAnswers(answer: Answer, channel: Channel | null, file: CaseFile): PossibleAnswer[] {
  const at = channel ? { channel } : {};
  return answersOf(answer).map((word) => {
    const words = FINDING_NAMES[word] ?? LIVE_NAMES[word] ?? TRIAL_NAMES[word] ?? word;
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
 * @param check its name; `wiggle` makes it the check with the lead flexed. @param channel its corner, null for the car.
 * @param file the case: specs, channels. @param isWiggle whether the lead is flexed.
 * @returns answers, the sound one first; none for checks that are answered in words of their own (codes, specs, the sensor's type).
 * @example possibleAnswers({ check: 'look:plug', channel: 'front-right' }, CASE).length > 3 // => false
 */
export function possibleAnswers(
  check: string,
  channel: Channel | null,
  file: CaseFile,
  isWiggle = false,
): PossibleAnswer[] {
  if (check === 'clear')
    return CLEAR_RESULTS.filter((word) => word !== 'refused').map((result) => ({
      words: CLEAR_NAMES[result] ?? result,
      observation: { id: ID, kind: 'clear', result, ...(channel ? { channel } : {}) },
    }));
  const answer = sheetFor(check)?.answer;
  if (!answer || answer.is === 'sensor-type' || answer.is === 'specs' || answer.is === 'distance') return [];
  return answer.is === 'meter' ? meterAnswers(answer, channel, file, isWiggle) : wordAnswers(answer, channel, file);
}
