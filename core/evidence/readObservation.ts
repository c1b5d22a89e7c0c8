import type { Observation, ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import * as beside from '../knowledge/tables/codesBeside';
import * as complaints from '../knowledge/tables/complaints';
import * as live from '../knowledge/tables/live';
import { DRIVES } from '../knowledge/limits';
import { PARTS } from '../knowledge/parts';
import { JUMPS_AT } from '../knowledge/tables/jumps';
import { LOOK_AGAIN_TABLES, LOOK_TABLES } from '../knowledge/tables/looks';
import { bothTypes } from '../knowledge/tables/table';
import * as trials from '../knowledge/tables/trials';
import { isFlashCode } from '../codes/forms';
import { channelOn, CORNER_OF, otherSide } from '../vehicle/channels';
import { judgeDistance } from './judgeDistance';
import { lookedBefore } from './lookedBefore';
import { readClear, readLoneCode } from './readCodes';
import { readLamps } from './readLamps';
import { readMeter } from './readMeter';
import { ofKind, saw, type ReadingContext, type Reading, type Report } from './report';
import { texts } from '#words/core/evidence';

/** A bend loads the wheels on its outer side: weak evidence for the corners there. */
function bendReports(symptom: ObservationOf<'symptom'>, context: ReadingContext): Report[] {
  if (!symptom.bend) return [];
  const outer = symptom.bend === 'left' ? 'right' : 'left';
  return context.vehicle.channels
    .filter((channel) => channel !== 'rear-axle')
    .map((channel) => ({
      ids: [symptom.id],
      channel,
      check: bothTypes(complaints.BEND_SIDE),
      fits: { [CORNER_OF[channel].side === outer ? 'outer' : 'inner']: 1 },
    }));
}

function readSymptom(symptom: ObservationOf<'symptom'>, channel: Channel | null, context: ReadingContext): Reading {
  const table = complaints.SYMPTOM_TABLES[symptom.symptom];
  const own: Report[] = table ? [{ ids: [symptom.id], channel, check: bothTypes(table), fits: { present: 1 } }] : [];
  return { reports: [...own, ...bendReports(symptom, context)] };
}

const DROPS: readonly string[] = ['drops-out', 'erratic', 'zero', 'cuts-in-late'];
const NOT_STUCK: readonly string[] = ['zero', 'follows', 'no-direction', 'cuts-in-late'];

function liveOutcome(observation: ObservationOf<'live'>): readonly [check: Report['check'], outcome: string] {
  switch (observation.while) {
    case 'stationary':
      return [
        bothTypes(live.LIVE_STATIONARY),
        NOT_STUCK.includes(observation.finding)
          ? 'zero'
          : observation.finding === 'stuck-high'
            ? 'stuck-high'
            : 'erratic',
      ];
    case 'wiggle':
      return [bothTypes(live.LIVE_WIGGLE), DROPS.includes(observation.finding) ? 'drops-out' : 'steady'];
    case 'hand-spin':
    case 'drive': {
      const perTurn = observation.rhythm === 'once-per-turn' && observation.finding !== 'follows';
      return [
        observation.while === 'drive' ? live.LIVE_DRIVE : live.LIVE_SPIN,
        perTurn ? 'once-per-turn' : observation.finding,
      ];
    }
    default:
      return observation.while satisfies never;
  }
}

/** Names that are mixed up as a whole are the reader's own doing: the corner follows, under another name. */
const READERS_DOING: readonly string[] = ['sides-crossed', 'ends-crossed', 'turned-round'];

/** Of a speed watched under the reader's name for a wheel: the wheel that the name turned out to mean. A wheel spun by hand is known for what it is. */
function watchedWheel(
  observation: ObservationOf<'live'>,
  channel: Channel | null,
  context: ReadingContext,
): Channel | null {
  const isByName = observation.while === 'drive' || observation.while === 'stationary';
  if (!isByName || observation.shownAs === undefined || !channel) return channel;
  return context.names.meaning.get(channel) ?? channel;
}

/** While the names are open, another name that answers may be the reader's own doing: how well it fits that the wheel follows. */
const MAY_BE_THE_READER = 0.6;

function liveFits(outcome: string, context: ReadingContext): Readonly<Record<string, number>> {
  const isOpen = outcome === 'answers-as-other-channel' && context.names.isOpen;
  return isOpen ? { [outcome]: 1, follows: MAY_BE_THE_READER } : { [outcome]: 1 };
}

/** Where moving a wire made a reading jump tells of the place. */
function jumpReports(observation: Observation & { jumpsAt?: string }, channel: Channel | null): Report[] {
  if (!observation.jumpsAt) return [];
  return [{ ids: [observation.id], channel, check: bothTypes(JUMPS_AT), fits: { [observation.jumpsAt]: 1 } }];
}

function readLive(observation: ObservationOf<'live'>, named: Channel | null, context: ReadingContext): Reading {
  const channel = watchedWheel(observation, named, context);
  const isRenamed = observation.finding === 'answers-as-other-channel' && READERS_DOING.includes(context.names.pattern);
  const [check, outcome] = liveOutcome(isRenamed ? { ...observation, finding: 'follows' } : observation);
  const { confidence } = observation;
  const seen: Report = {
    ids: [observation.id],
    channel,
    check,
    fits: liveFits(outcome, context),
    ...(confidence === undefined ? {} : { mistaken: Math.max(0.03, 1 - confidence) }),
  };
  return { reports: [seen, ...jumpReports(observation, channel)] };
}

/** A fault that comes and goes shows on about so many drives of ten: known about as well as from two drives (tables, `DRIVE`). */
const [SHOWS, HIDES] = [0.9, 1.1];

/** What so many clean drives together tell, the first one's worth being 1: chance of silence with an uncertain rate (beta-binomial), as in the watch. */
function worthOfClean(drives: number): number {
  const first = Math.log(HIDES / (SHOWS + HIDES));
  let worth = 0;
  for (let made = 0; made < drives; made += 1)
    worth += (Math.min(1, drives - made) * Math.log((HIDES + made) / (SHOWS + HIDES + made))) / first;
  return worth;
}

/** A clean drive's length in usual drives. */
const lengthOf = ({ distance = 0, trips = 1 }: ObservationOf<'drive'>): number =>
  trips * Math.min(DRIVES.most, Math.max(1, distance / DRIVES.countsAsOneKm));

/** Clean drives of the stage before one of them. */
function cleanBefore(drive: ObservationOf<'drive'>, { kinds, positions }: ReadingContext): number {
  const at = positions.get(drive.id) ?? 0;
  return (kinds.get('drive') ?? []).reduce((sum, seen) => {
    const isEarlier = seen.kind === 'drive' && seen.result !== 'lamps-came-back' && (positions.get(seen.id) ?? 0) < at;
    return isEarlier ? sum + lengthOf(seen) : sum;
  }, 0);
}

function readDrive(drive: ObservationOf<'drive'>, context: ReadingContext): Reading {
  const check = bothTypes(complaints.DRIVE);
  if (drive.result === 'lamps-came-back') return saw(drive, null, check, 'came-back');
  const missed = Math.exp(-(drive.distance ?? DRIVES.unnotedKm) / DRIVES.showsWithinKm);
  const before = cleanBefore(drive, context);
  const power = worthOfClean(before + lengthOf(drive)) - worthOfClean(before);
  return {
    reports: [{ ids: [drive.id], channel: null, check, fits: { 'stayed-out': 1, 'came-back': missed }, power }],
  };
}

function readDistance(
  observation: ObservationOf<'distance'>,
  channel: Channel | null,
  context: ReadingContext,
): Reading {
  const judged = judgeDistance(observation, context);
  if (!judged) return { ignored: texts.aSpacerIsNoted };
  return { reports: [{ ids: [observation.id], channel, check: judged.check, fits: judged.verdict.fits }] };
}

function readNoCode(observation: ObservationOf<'no-code'>): Reading {
  if (observation.tested === false) return { ignored: texts.isVoid(texts.voidReadStraightAfter) };
  if (observation.module !== undefined && observation.module !== 'abs')
    return { ignored: texts.anotherModuleWithoutCodes };
  return saw(observation, null, bothTypes(beside.NO_CODE), 'none');
}

function readNoAnswer(observation: ObservationOf<'no-answer'>, context: ReadingContext): Reading {
  if (observation.module !== undefined && observation.module !== 'abs') return { ignored: texts.anotherModuleThatDoes };
  const flashed = ofKind(context, 'code').some((code) => isFlashCode(code.code));
  if (flashed) return { ignored: texts.aModuleThatFlashes };
  const first = ofKind(context, 'no-answer').find(
    (noAnswer) => noAnswer.module === undefined || noAnswer.module === 'abs',
  );
  return saw(observation, null, bothTypes(first === observation ? beside.NO_ANSWER : beside.NO_ANSWER_AGAIN), 'silent');
}

/** Sensors are exchanged across an axle; one that both rear wheels share has no twin. */
function readSwap(swap: ObservationOf<'swap'>, named: Channel | null, context: ReadingContext): Reading {
  const twin = named && otherSide(named, context.vehicle.channels);
  if (named && !twin) return { ignored: texts.isVoid(texts.voidASensorThat) };
  return saw(swap, named, trials.SWAP, swap.result);
}

/** What somebody is not sure to have seen counts half: half of its weight in decibans. */
const NOT_SURE = 0.5;

/** The same sight once more, of what no repair has touched since, proves next to nothing new. */
const SEEN_BEFORE = 0.85;

function readLook(look: ObservationOf<'look'>, named: Channel | null, context: ReadingContext): Reading {
  if (look.finding === 'hidden') return { reports: [] };
  const channel = PARTS[look.part].ofCar ? null : named;
  const first = lookedBefore(look.part, channel, context);
  const table = first === 'sound' ? LOOK_AGAIN_TABLES[look.part] : LOOK_TABLES[look.part];
  const isSameSight = first !== null && first !== 'sound' && first === look.finding;
  const seen = saw(look, channel, bothTypes(table), look.finding, isSameSight ? SEEN_BEFORE : undefined);
  if ('ignored' in seen || !look.unsure) return seen;
  return { reports: seen.reports.map((report) => ({ ...report, power: NOT_SURE })) };
}

/**
 * What one observation says, as reports on checks. Codes that name a wheel are read together, by `readWheelCodes`; history moves the priors.
 * @param observation the observation, not withdrawn. @param context the stage it was made in.
 * @returns its reports (none where it is read elsewhere), or why it counts for nothing.
 * @example readObservation(CASE.observations[2], STAGE).reports.length // => 1
 */
export function readObservation(observation: Observation, context: ReadingContext): Reading {
  const named = observation.channel ? channelOn(observation.channel, context.vehicle.channels) : null;
  if (observation.channel && !named) return { ignored: texts.thisCarHasNo(observation.channel) };
  switch (observation.kind) {
    case 'lamps':
      return readLamps(observation, context);
    case 'symptom':
      return readSymptom(observation, named, context);
    case 'code':
      return readLoneCode(observation, context) ?? { reports: [] };
    case 'no-code':
      return readNoCode(observation);
    case 'no-answer':
      return readNoAnswer(observation, context);
    case 'clear':
      return readClear(observation, context);
    case 'live':
      return readLive(observation, named, context);
    case 'drive':
      return readDrive(observation, context);
    case 'look':
      return readLook(observation, named, context);
    case 'meter': {
      const reading = readMeter(observation, named, context);
      return 'ignored' in reading ? reading : { reports: [...reading.reports, ...jumpReports(observation, named)] };
    }
    case 'distance':
      return readDistance(observation, named, context);
    case 'swap':
      return readSwap(observation, named, context);
    case 'substitute':
      return saw(observation, named, trials.SUBSTITUTE, observation.result);
    case 'unplug':
      return saw(observation, named, trials.UNPLUG, observation.result);
    case 'history':
      return { reports: [] };
    default:
      return observation satisfies never;
  }
}
