import type { CaseFile, Observation } from '../casefile/contract';
import { CLEAR_RESULTS, type Channel, type MeterPoint } from '../casefile/words';
import { CLEAR_NAMES, FINDING_NAMES, LIVE_NAMES, TRIAL_NAMES } from '../knowledge/names';
import { otherSide } from '../vehicle/channels';
import { answersOf, sheetFor, type Answer } from '../knowledge/sheets';

/** One answer that a check may give, as words and as the observation it would be. */
export interface PossibleAnswer {
  readonly words: string;
  readonly observation: Observation;
}

const ID = 'imagined';

type Example = readonly [words: string, value: number | 'overload'];

const COIL: readonly Example[] = [
  ['in its band', 1200],
  ['well below it', 380],
  ['overload', 'overload'],
];
const INSULATION: readonly Example[] = [
  ['overload, as it should be', 'overload'],
  ['a few ohms', 4],
];

/** Readings that stand for the outcomes worth telling apart, by where the probes are. */
const EXAMPLES: Readonly<Record<MeterPoint, readonly Example[]>> = {
  sensor: COIL,
  'module-end': COIL,
  'sensor-to-ground': INSULATION,
  'supply-at-plug': [
    ['about battery voltage', 12],
    ['nothing', 0],
  ],
  'wire-1': [
    ['under an ohm', 0.5],
    ['overload', 'overload'],
  ],
  'wire-2': [
    ['under an ohm', 0.5],
    ['overload', 'overload'],
  ],
  'wire-1-to-ground': INSULATION,
  'wire-2-to-ground': INSULATION,
  'wire-to-wire': INSULATION,
  'sensor-current': [
    ['7 or 14 mA', 0.007],
    ['none', 0],
  ],
  'module-supply': [
    ['about battery voltage', 12.3],
    ['far less', 8],
  ],
  battery: [
    ['12.6 V', 12.6],
    ['11.8 V', 11.8],
  ],
};

const SPIN: readonly Example[] = [
  ['0.25 V', 0.25],
  ['0.03 V', 0.03],
  ['nothing', 0],
];

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
      { words: 'steady', observation: { ...base, value: coilMiddle(file), while: 'wiggle' } },
      { words: 'jumps about', observation: { ...base, value: coilMiddle(file), while: 'wiggle', unsteady: true } },
    ];
  const examples = answer.quantity === 'ac-voltage' ? SPIN : EXAMPLES[answer.point];
  const middle = coilMiddle(file);
  return examples.map(([words, value]) => ({
    words,
    observation: {
      ...base,
      value: examples === COIL && value !== 'overload' ? (words === 'in its band' ? middle : middle * 0.32) : value,
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
