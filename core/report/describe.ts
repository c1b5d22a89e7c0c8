import type { CaseFile, Observation, ObservationOf, Repair } from '../casefile/contract';
import { meaningFor } from '../codes/meaningFor';
import { readerNames } from '../codes/readerNames';
import { showReading } from '../quantities/show';
import { sayChannel, type SideSpeech } from '../vehicle/sides';
import * as names from '../knowledge/names';

/** An observation in words: what it was, its figure set apart, and what stood around it. */
export interface Described {
  readonly title: string;
  /** A figure with its unit, where there is one. */
  readonly figure: string;
  readonly detail: string;
}

/** How the owner speaks of sides. */
export interface Speech {
  readonly sides: SideSpeech;
}

const LEFT_RIGHT: Speech = { sides: 'left-right' };

function where(file: CaseFile, one: { readonly channel?: Observation['channel'] | null }, speech: Speech): string {
  return one.channel ? sayChannel(one.channel, speech.sides, file.vehicle.steeringSide) : '';
}

function list(words: readonly string[], table: Readonly<Record<string, string>>): string {
  return words.map((one) => table[one] ?? one).join(', ');
}

function meter(one: ObservationOf<'meter'>, at: string): Described {
  const shown = showReading(one.value, one.quantity, one.resolution ?? null);
  const state = [
    one.while && one.while !== 'still'
      ? { wiggle: 'while wiggling the lead', 'hand-spin': 'spun by hand', cranking: 'while cranking' }[one.while]
      : '',
    one.unsteady ? 'jumps about' : '',
    one.temperature === undefined ? '' : `part at ${one.temperature} °C`,
    one.range === undefined
      ? ''
      : `${showReading(one.range, one.quantity).number} ${showReading(one.range, one.quantity).unit} range`,
  ];
  return {
    title: join(names.POINT_NAMES[one.point] ?? one.point, at),
    figure: `${shown.number} ${shown.unit}`.trim(),
    detail: state.filter(Boolean).join('; '),
  };
}

function join(title: string, at: string): string {
  return at ? `${title}, ${at}` : title;
}

function code(one: ObservationOf<'code'>, file: CaseFile, speech: Speech): Described {
  const { decoded, channel, failure, by } = meaningFor(one, file.vehicle, readerNames(file).meaning);
  const whose = {
    entered: '',
    owner: 'your meaning',
    reader: "the reader's wording",
    standard: 'public table',
    none: 'meaning not known',
  }[by];
  const words = [
    failure ? names.FAILURE_NAMES[failure] : '',
    channel ? sayChannel(channel, speech.sides, file.vehicle.steeringSide) : '',
  ]
    .filter(Boolean)
    .join(', ');
  return {
    title: `Code ${decoded.code || one.code}${words ? `: ${words}` : ''}`,
    figure: '',
    detail: [one.status === 'unknown' ? 'status not told' : one.status, one.meaning ?? '', whose]
      .filter(Boolean)
      .join('; '),
  };
}

/**
 * Says an observation in plain words.
 * @param one the observation. @param file its case. @param speech how the owner speaks of sides.
 * @returns title, figure and detail; empty strings where there is nothing to say.
 */
export function describeObservation(one: Observation, file: CaseFile, speech: Speech = LEFT_RIGHT): Described {
  const at = where(file, one, speech);
  const say = (title: string, detail = '', figure = ''): Described => ({ title, figure, detail });
  switch (one.kind) {
    case 'lamps':
      return say(
        one.lit.length > 0 ? `Lit: ${list(one.lit, names.LAMP_NAMES)}` : 'All lamps out',
        list(one.pattern ?? [], names.PATTERN_NAMES),
      );
    case 'symptom':
      return say(
        join(names.SYMPTOM_NAMES[one.symptom] ?? one.symptom, at),
        one.bend ? `on ${one.bend}-hand bends` : '',
      );
    case 'code':
      return code(one, file, speech);
    case 'no-code':
      return say('Read again: no code', one.tested === false ? 'straight after erasing: proves nothing yet' : '');
    case 'no-answer':
      return say('The reader could not reach the module');
    case 'clear':
      return say(
        join(`Erased: ${names.CLEAR_NAMES[one.result] ?? one.result}`, at),
        [
          one.returned?.length ? `back: ${one.returned.join(', ')}` : '',
          one.stayed?.length ? `away: ${one.stayed.join(', ')}` : '',
        ]
          .filter(Boolean)
          .join('; '),
      );
    case 'live': {
      const how = { stationary: 'Standing', wiggle: 'Lead wiggled', 'hand-spin': 'Spun by hand', drive: 'On the road' }[
        one.while
      ];
      const shown =
        one.shownAs && one.shownAs !== one.channel ? `the reader called it ${one.shownAs.replace('-', ' ')}` : '';
      const detail = [one.rhythm ? 'once a turn' : '', shown].filter(Boolean).join('; ');
      return say(join(how, at), detail, names.LIVE_NAMES[one.finding] ?? one.finding);
    }
    case 'drive':
      return say(
        `Drive: ${names.DRIVE_NAMES[one.result] ?? one.result}`,
        '',
        one.distance === undefined ? '' : `${one.distance} km`,
      );
    case 'look':
      return say(
        `${join(names.PART_NAMES[one.part] ?? one.part, at)}: ${names.FINDING_NAMES[one.finding] ?? one.finding}`,
        'by eye',
      );
    case 'meter':
      return meter(one, at);
    case 'distance':
      return say(join(names.POINT_NAMES[one.point] ?? one.point, at), '', `${(one.value * 1000).toFixed(2)} mm`);
    case 'swap':
      return say(
        join('Sensors exchanged', at),
        `with ${where(file, { channel: one.with }, speech)}`,
        names.TRIAL_NAMES[one.result],
      );
    case 'substitute':
      return say(join('Another sensor plugged in', at), '', names.TRIAL_NAMES[one.result]);
    case 'unplug':
      return say(join('Sensor unplugged', at), '', names.TRIAL_NAMES[one.result]);
    case 'history':
      return say(
        join(names.HISTORY_NAMES[one.event] ?? one.event, at),
        one.ago === undefined ? '' : `${one.ago} days before`,
      );
    default:
      return one satisfies never;
  }
}

/**
 * Says a repair in plain words.
 * @param repair the repair. @param file its case. @param speech how the owner speaks of sides.
 * @returns such as "Sensor replaced, rear right".
 */
export function describeRepair(repair: Repair, file: CaseFile, speech: Speech = LEFT_RIGHT): string {
  return join(
    `${names.SEGMENT_NAMES[repair.segment]} ${names.REPAIR_NAMES[repair.action] ?? repair.action}`,
    where(file, repair, speech),
  );
}
