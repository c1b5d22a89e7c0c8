import { fixed } from '../words/figures';
import type { CaseFile, Observation, ObservationOf, Repair } from '../casefile/contract';
import { meaningFor } from '../codes/meaningFor';
import { readerNames } from '../codes/readerNames';
import { showReading } from '../quantities/show';
import { showOwn, type OwnUnits } from '../quantities/ownUnits';
import { sayChannel, type SideSpeech } from '../vehicle/sides';
import { checkRecord } from '../knowledge/checks/all';
import * as names from '../knowledge/names';
import { PARTS } from '../knowledge/parts';
import { checkNameOf } from '../knowledge/checks/nameOf';
import { texts } from '#words/core/report';

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
  readonly temperature?: OwnUnits['temperature'];
  readonly distance?: OwnUnits['distance'];
}

const LEFT_RIGHT: Speech = { sides: 'left-right' };

function where(file: CaseFile, entry: { readonly channel?: Observation['channel'] | null }, speech: Speech): string {
  return entry.channel ? sayChannel(entry.channel, speech.sides, file.vehicle.steeringSide) : '';
}

function list(words: readonly string[], table: Readonly<Record<string, string>>): string {
  return words.map((word) => table[word] ?? word).join(', ');
}

function rangeWords(range: number, quantity: ObservationOf<'meter'>['quantity']): string {
  const { number, unit } = showReading(range, quantity);
  return texts.rangeOf(number, unit);
}

function meter(observation: ObservationOf<'meter'>, at: string, speech: Speech): Described {
  const shown = showReading(observation.value, observation.quantity, observation.resolution ?? null);
  const state = [
    observation.while && observation.while !== 'still'
      ? { wiggle: texts.whileWigglingTheLead, 'hand-spin': texts.spunByHand, cranking: texts.whileCranking }[
          observation.while
        ]
      : '',
    observation.unsteady ? texts.jumpsAbout : '',
    observation.temperature === undefined
      ? ''
      : texts.partAt(showOwn(observation.temperature, speech.temperature ?? '°C')),
    observation.range === undefined ? '' : rangeWords(observation.range, observation.quantity),
  ];
  return {
    title: join(nameOf(observation, observation.point), at),
    figure: `${shown.number} ${shown.unit}`.trim(),
    detail: state.filter(Boolean).join('; '),
  };
}

/** What a reading is called: by its check, or where it is none of the contract's checks, by its point. */
function nameOf(observation: Observation, point: string): string {
  return checkRecord(checkNameOf(observation))?.name ?? OTHER_POINTS[point] ?? point;
}

const OTHER_POINTS: Readonly<Record<string, string>> = {
  spacer: texts.spacerFitted,
  'wire-2-to-ground': texts.voltageOnWire2,
};

function join(title: string, at: string): string {
  return at ? `${title}, ${at}` : title;
}

function code(observation: ObservationOf<'code'>, file: CaseFile, speech: Speech): Described {
  const { decoded, channel, failure, by } = meaningFor(observation, file.vehicle, readerNames(file).meaning);
  const whose = {
    entered: '',
    owner: texts.yourMeaning,
    reader: texts.theReadersWording,
    standard: texts.publicTable,
    none: texts.meaningNotKnown,
  }[by];
  const words = [
    failure ? names.FAILURE_NAMES[failure] : '',
    channel ? sayChannel(channel, speech.sides, file.vehicle.steeringSide) : '',
  ]
    .filter(Boolean)
    .join(', ');
  return {
    title: texts.code(decoded.code || observation.code, words ? `: ${words}` : ''),
    figure: '',
    detail: [
      observation.status === 'unknown'
        ? texts.noStatusGiven
        : (names.CODE_STATUS_NAMES[observation.status] ?? observation.status),
      observation.meaning ?? '',
      whose,
    ]
      .filter(Boolean)
      .join('; '),
  };
}

/**
 * Says an observation in plain words.
 * @param observation the observation. @param file its case. @param speech how the owner speaks of sides.
 * @returns title, figure and detail; empty strings where there is nothing to say.
 * @example describeObservation(CASE.observations[2], CASE, { sides: 'left-right' }).figure // => "1.20 kΩ"
 */
export function describeObservation(observation: Observation, file: CaseFile, speech: Speech = LEFT_RIGHT): Described {
  const at = where(file, observation, speech);
  const say = (title: string, detail = '', figure = ''): Described => ({ title, figure, detail });
  switch (observation.kind) {
    case 'lamps':
      return say(
        observation.lit.length > 0 ? texts.lit(list(observation.lit, names.LAMP_NAMES)) : texts.allLampsOut,
        list(observation.pattern ?? [], names.PATTERN_NAMES),
      );
    case 'symptom':
      return say(
        join(names.SYMPTOM_NAMES[observation.symptom] ?? observation.symptom, at),
        observation.bend ? texts.onHandBends(observation.bend) : '',
      );
    case 'code':
      return code(observation, file, speech);
    case 'no-code':
      return say(texts.readAgainNoCode, observation.tested === false ? texts.straightAfterErasingProves : '');
    case 'no-answer':
      return say(texts.theReaderCouldNot);
    case 'clear':
      return say(
        join(texts.erased(names.CLEAR_NAMES[observation.result] ?? observation.result), at),
        [
          observation.returned?.length ? texts.back(observation.returned.join(', ')) : '',
          observation.stayed?.length ? texts.away(observation.stayed.join(', ')) : '',
        ]
          .filter(Boolean)
          .join('; '),
      );
    case 'live': {
      const how = {
        stationary: texts.standing,
        wiggle: texts.leadWiggled,
        'hand-spin': texts.spunByHandTitle,
        drive: texts.onTheRoad,
      }[observation.while];
      const shown =
        observation.shownAs && observation.shownAs !== observation.channel
          ? texts.theReaderCalledIt(observation.shownAs.replace('-', ' '))
          : '';
      const detail = [observation.rhythm ? texts.onceATurn : '', shown].filter(Boolean).join('; ');
      return say(join(how, at), detail, names.LIVE_NAMES[observation.finding] ?? observation.finding);
    }
    case 'drive':
      return say(
        texts.drive(names.DRIVE_NAMES[observation.result] ?? observation.result),
        '',
        observation.distance === undefined ? '' : showOwn(observation.distance, speech.distance ?? 'km'),
      );
    case 'look':
      return say(
        `${join(PARTS[observation.part].name, at)}: ${names.FINDING_NAMES[observation.finding] ?? observation.finding}`,
        observation.unsure ? texts.byEyeNotSure : texts.byEye,
      );
    case 'meter':
      return meter(observation, at, speech);
    case 'distance':
      return say(join(nameOf(observation, observation.point), at), '', `${fixed(observation.value * 1000, 2)} mm`);
    case 'swap':
      return say(
        join(texts.sensorsExchanged, at),
        texts.withWords(where(file, { channel: observation.with }, speech)),
        names.TRIAL_NAMES[observation.result],
      );
    case 'substitute':
      return say(join(texts.anotherSensorPluggedIn, at), '', names.TRIAL_NAMES[observation.result]);
    case 'unplug':
      return say(join(texts.sensorUnplugged, at), '', names.TRIAL_NAMES[observation.result]);
    case 'history':
      return say(
        join(names.HISTORY_NAMES[observation.event] ?? observation.event, at),
        observation.ago === undefined ? '' : texts.daysBefore(observation.ago),
      );
    default:
      return observation satisfies never;
  }
}

/**
 * Says a repair in plain words.
 * @param repair the repair. @param file its case. @param speech how the owner speaks of sides.
 * @returns such as "Sensor replaced, rear right".
 * @example describeRepair(CASE.repairs[0], CASE, { sides: 'left-right' }) // => "Sensor replaced, front right"
 */
export function describeRepair(repair: Repair, file: CaseFile, speech: Speech = LEFT_RIGHT): string {
  return join(
    `${names.SEGMENT_NAMES[repair.segment]} ${names.REPAIR_NAMES[repair.action] ?? repair.action}`,
    where(file, repair, speech),
  );
}
