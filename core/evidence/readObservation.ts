import type { Observation, ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import * as codes from '../knowledge/tables/codes';
import * as dash from '../knowledge/tables/dash';
import * as live from '../knowledge/tables/live';
import { LOOK_AGAIN_TABLES, LOOK_TABLES } from '../knowledge/tables/looks';
import { bothTypes } from '../knowledge/tables/table';
import * as trials from '../knowledge/tables/trials';
import { split } from '../quantities/verdict';
import { isFlashCode } from '../codes/forms';
import { channelOn } from '../vehicle/channels';
import { lookedBefore } from './lookedBefore';
import { readClear, readLoneCode } from './readCodes';
import { readMeter } from './readMeter';
import { ofKind, saw, sawSoftly, type Around, type Reading, type Report } from './report';

const FAMILY: readonly string[] = ['abs', 'stability', 'hill-start', 'hill-descent'];
const OTHER_SYSTEMS: readonly string[] = ['airbag', 'engine', 'service', 'pad-wear', 'parking-brake'];
/** Parts that belong to the car and not to one corner. */
const CAR_PARTS: readonly string[] = ['battery', 'fuse', 'ground-point', 'fluid', 'tyres', 'brake-switch'];

const COMES_AND_GOES = 'intermittent';
const STEADY = 'steady-from-key-on';

function notesOfLamps(around: Around): ObservationOf<'lamps'>[] {
  return ofKind(around.stage, 'lamps').filter((one) => one.lit.length > 0);
}

function isSteadyNow(one: ObservationOf<'lamps'>): boolean {
  return (one.pattern ?? []).includes(STEADY) && !(one.pattern ?? []).includes(COMES_AND_GOES);
}

function cameAndWent(one: ObservationOf<'lamps'>): boolean {
  return (one.pattern ?? []).includes(COMES_AND_GOES) && !(one.pattern ?? []).includes(STEADY);
}

/** The earlier note of lamps that came and went, where these by now are lit for good. */
function grownInto(lamps: ObservationOf<'lamps'>, around: Around): ObservationOf<'lamps'> | null {
  if (!isSteadyNow(lamps)) return null;
  const notes = notesOfLamps(around);
  return (
    notes
      .slice(
        0,
        notes.findIndex((one) => one.id === lamps.id),
      )
      .find(cameAndWent) ?? null
  );
}

function isOutgrown(lamps: ObservationOf<'lamps'>, around: Around): boolean {
  if (!cameAndWent(lamps)) return false;
  const notes = notesOfLamps(around);
  return notes.slice(notes.findIndex((one) => one.id === lamps.id) + 1).some(isSteadyNow);
}

function readLamps(lamps: ObservationOf<'lamps'>, around: Around): Reading {
  const before = around.stage.slice(
    0,
    around.stage.findIndex((one) => one.id === lamps.id),
  );
  const proven = before.some((one) => one.kind === 'clear' || one.kind === 'drive');
  if (around.afterRepair && lamps.lit.length > 0 && !proven)
    return {
      ignored:
        'proves nothing yet: a lamp may stay lit after a good repair until codes are erased or the car has been driven',
    };
  const family = lamps.lit.some((one) => FAMILY.includes(one));
  const red = lamps.lit.includes('brake-red');
  const report = (check: Report['check'], outcome: string): Report => ({
    ids: [lamps.id],
    channel: null,
    check,
    fits: { [outcome]: 1 },
  });
  const patterns = family || lamps.lit.length > 0 ? (lamps.pattern ?? []) : [];
  const grown = grownInto(lamps, around);
  const isGrown = grown !== null || isOutgrown(lamps, around);
  return {
    reports: [
      ...(family || lamps.lit.length === 0 ? [report(bothTypes(dash.FAMILY_LAMPS), family ? 'lit' : 'out')] : []),
      report(bothTypes(dash.RED_LAMP), red ? 'lit' : 'out'),
      report(
        bothTypes(dash.OTHER_SYSTEMS),
        lamps.lit.filter((one) => OTHER_SYSTEMS.includes(one)).length > 1 ? 'many' : 'few',
      ),
      ...(grown ? [{ ...report(bothTypes(dash.LAMP_GREW), 'told'), ids: [grown.id, lamps.id] }] : []),
      ...patterns.flatMap((one) => {
        if (isGrown && (one === COMES_AND_GOES || one === STEADY)) return [];
        const table = dash.LAMP_PATTERN_TABLES[one];
        return table ? [report(bothTypes(table), 'told')] : [];
      }),
    ],
  };
}

/** A bend loads the wheels on its outer side: weak evidence for the corners there. */
function bendReports(symptom: ObservationOf<'symptom'>, around: Around): Report[] {
  if (!symptom.bend) return [];
  const outer = symptom.bend === 'left' ? 'right' : 'left';
  return around.vehicle.channels
    .filter((one) => one !== 'rear-axle')
    .map((channel) => ({
      ids: [symptom.id],
      channel,
      check: bothTypes(dash.BEND_SIDE),
      fits: { [channel.endsWith(outer) ? 'outer' : 'inner']: 1 },
    }));
}

function readSymptom(symptom: ObservationOf<'symptom'>, channel: Channel | null, around: Around): Reading {
  const table = dash.SYMPTOM_TABLES[symptom.symptom];
  const own: Report[] = table ? [{ ids: [symptom.id], channel, check: bothTypes(table), fits: { present: 1 } }] : [];
  return { reports: [...own, ...bendReports(symptom, around)] };
}

const DROPS: readonly string[] = ['drops-out', 'erratic', 'zero', 'cuts-in-late'];
const NOT_STUCK: readonly string[] = ['zero', 'follows', 'no-direction', 'cuts-in-late'];

function liveOutcome(one: ObservationOf<'live'>): readonly [check: Report['check'], outcome: string] {
  switch (one.while) {
    case 'stationary':
      return [
        bothTypes(live.LIVE_STATIONARY),
        NOT_STUCK.includes(one.finding) ? 'zero' : one.finding === 'stuck-high' ? 'stuck-high' : 'erratic',
      ];
    case 'wiggle':
      return [bothTypes(live.LIVE_WIGGLE), DROPS.includes(one.finding) ? 'drops-out' : 'steady'];
    case 'hand-spin':
    case 'drive': {
      const perTurn = one.rhythm === 'once-per-turn' && one.finding !== 'follows';
      return [one.while === 'drive' ? live.LIVE_DRIVE : live.LIVE_SPIN, perTurn ? 'once-per-turn' : one.finding];
    }
    default:
      return one.while satisfies never;
  }
}

/** Names that are mixed up as a whole are the reader's own doing: the corner follows, under another name. */
const READERS_DOING: readonly string[] = ['sides-crossed', 'ends-crossed', 'turned-round'];

/** Of a speed watched under the reader's name for a wheel: the wheel that the name turned out to mean. A wheel spun by hand is known for what it is. */
function watchedWheel(one: ObservationOf<'live'>, channel: Channel | null, around: Around): Channel | null {
  const isByName = one.while === 'drive' || one.while === 'stationary';
  if (!isByName || one.shownAs === undefined || !channel) return channel;
  return around.names.meaning.get(channel) ?? channel;
}

function readLive(one: ObservationOf<'live'>, named: Channel | null, around: Around): Reading {
  const channel = watchedWheel(one, named, around);
  const isRenamed = one.finding === 'answers-as-other-channel' && READERS_DOING.includes(around.names.pattern);
  const [check, outcome] = liveOutcome(isRenamed ? { ...one, finding: 'follows' } : one);
  return saw(
    one,
    channel,
    check,
    outcome,
    one.confidence === undefined ? undefined : Math.max(0.03, 1 - one.confidence),
  );
}

function readDrive(drive: ObservationOf<'drive'>): Reading {
  return saw(
    drive,
    null,
    bothTypes(dash.DRIVE),
    drive.result === 'lamps-came-back' ? 'came-back' : 'stayed-out',
    drive.result === 'lamps-went-out' ? 0.1 : undefined,
  );
}

/** Half-width of a measurement with a feeler gauge, metre (generic). */
const BLADE_M = 0.00005;

function readDistance(one: ObservationOf<'distance'>, channel: Channel | null, around: Around): Reading {
  switch (one.point) {
    case 'air-gap': {
      const shares = split(one.value, BLADE_M, around.vehicle.specs?.airGap ?? { min: 0.0003, max: 0.0015 });
      return sawSoftly(one, channel, trials.AIR_GAP, {
        narrow: shares.below,
        inside: shares.inside,
        wide: shares.above,
      });
    }
    case 'ring-runout': {
      const shares = split(one.value, BLADE_M, { min: null, max: 0.00015 });
      return sawSoftly(one, channel, trials.RING_RUNOUT, { even: shares.inside, uneven: shares.above });
    }
    case 'flange-void': {
      const shares = split(one.value, BLADE_M, { min: null, max: 0.0001 });
      return sawSoftly(one, channel, trials.FLANGE_VOID, { flat: shares.inside, lifted: shares.above });
    }
    case 'spacer':
      return { ignored: 'a spacer is noted; it says nothing of the fault' };
    default:
      return one.point satisfies never;
  }
}

function readNoCode(one: ObservationOf<'no-code'>): Reading {
  if (one.tested === false)
    return { ignored: 'void: read straight after an erase, before the module could test again' };
  if (one.module !== undefined && one.module !== 'abs')
    return { ignored: 'another module without codes says nothing of the brake module' };
  return saw(one, null, bothTypes(codes.NO_CODE), 'none');
}

function readNoAnswer(one: ObservationOf<'no-answer'>, around: Around): Reading {
  if (one.module !== undefined && one.module !== 'abs')
    return { ignored: 'another module that does not answer says nothing of the brake module' };
  const flashed = ofKind(around.stage, 'code').some((each) => isFlashCode(each.code));
  if (flashed) return { ignored: 'a module that flashes its codes answers no reader, but it lives' };
  const first = ofKind(around.stage, 'no-answer').find((each) => each.module === undefined || each.module === 'abs');
  return saw(one, null, bothTypes(first === one ? codes.NO_ANSWER : codes.NO_ANSWER_AGAIN), 'silent');
}

/** The same sight once more, of what no repair has touched since, proves next to nothing new. */
const SEEN_BEFORE = 0.85;

function readLook(look: ObservationOf<'look'>, named: Channel | null, around: Around): Reading {
  const channel = CAR_PARTS.includes(look.part) ? null : named;
  const first = lookedBefore(look.part, channel, around);
  const table = first === 'sound' ? LOOK_AGAIN_TABLES[look.part] : LOOK_TABLES[look.part];
  const isSameSight = first !== null && first !== 'sound' && first === look.finding;
  return saw(look, channel, bothTypes(table), look.finding, isSameSight ? SEEN_BEFORE : undefined);
}

/**
 * What one observation says, as reports on checks. Codes that name a wheel are read together, by `readWheelCodes`; history moves the priors.
 * @param one the observation, not withdrawn. @param around the stage it was made in.
 * @returns its reports (none where it is read elsewhere), or why it counts for nothing.
 */
export function readObservation(one: Observation, around: Around): Reading {
  const named = one.channel ? channelOn(one.channel, around.vehicle.channels) : null;
  if (one.channel && !named) return { ignored: `this car has no channel ${one.channel}` };
  switch (one.kind) {
    case 'lamps':
      return readLamps(one, around);
    case 'symptom':
      return readSymptom(one, named, around);
    case 'code':
      return readLoneCode(one, around) ?? { reports: [] };
    case 'no-code':
      return readNoCode(one);
    case 'no-answer':
      return readNoAnswer(one, around);
    case 'clear':
      return readClear(one, around);
    case 'live':
      return readLive(one, named, around);
    case 'drive':
      return readDrive(one);
    case 'look':
      return readLook(one, named, around);
    case 'meter':
      return readMeter(one, named, around);
    case 'distance':
      return readDistance(one, named, around);
    case 'swap':
      return saw(one, named, trials.SWAP, one.result);
    case 'substitute':
      return saw(one, named, trials.SUBSTITUTE, one.result);
    case 'unplug':
      return saw(one, named, trials.UNPLUG, one.result);
    case 'history':
      return { reports: [] };
    default:
      return one satisfies never;
  }
}
