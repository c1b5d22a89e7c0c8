import type { Observation, ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import * as codes from '../knowledge/tables/codes';
import { CLEAR, CLEAR_REFUSED } from '../knowledge/tables/erase';
import { bothTypes } from '../knowledge/tables/table';
import { alsoNamed, meaningFor } from '../codes/meaningFor';
import { floodOf, OLD_AFTER_KM } from '../codes/roles';
import { ofKind, saw, type Around, type Reading, type Report } from './report';

type Code = ObservationOf<'code'>;

const BESIDE_TABLES: Readonly<Record<string, (typeof codes)['CODE_BRAKE_SWITCH']>> = {
  C0040: codes.CODE_BRAKE_SWITCH,
  C0049: codes.CODE_BRAKE_FLUID,
};

/** A network code that tells that another module has lost the brake module (SAE J2012). */
const LOST_BRAKE_MODULE = 'U0121';

/** Strongest first. */
const STATUSES = ['current', 'pending', 'stored'] as const;

/** Whether nothing had been erased or driven between the repair and this code: then it proves nothing yet. */
function isLeftover(code: Code, around: Around): boolean {
  if (!around.afterRepair || code.status === 'current') return false;
  const before = around.stage.slice(
    0,
    around.stage.findIndex((one) => one.id === code.id),
  );
  return !before.some((one) => one.kind === 'clear' || one.kind === 'drive');
}

/**
 * What one code says by itself, where it bears on no channel's path.
 * @param code the observation. @param around its stage.
 * @returns reports, an `ignored` reason, or null when it belongs to a channel and is read with that channel's other codes.
 */
export function readLoneCode(code: Code, around: Around): Reading | null {
  if (isLeftover(code, around))
    return { ignored: 'proves nothing yet: still stored from before the repair; erase, drive, read again' };
  const { decoded, channel, failure } = meaningFor(code, around.vehicle, around.names.meaning);
  const beside = decoded.source === 'owner' ? undefined : BESIDE_TABLES[decoded.code];
  if (beside) return saw(code, null, bothTypes(beside), beside.outcomes[1] ?? 'present');
  if (decoded.source !== 'owner' && decoded.code === LOST_BRAKE_MODULE)
    return saw(code, null, bothTypes(code.status === 'current' ? codes.LOST_NOW : codes.LOST_ONCE), 'present');
  if (channel) return null;
  if (code.module !== undefined && code.module !== 'abs')
    return { ignored: 'belongs to another module and names no wheel; parked' };
  const unplaced: Report = {
    ids: [code.id],
    channel: null,
    check: bothTypes(codes.CODE_UNPLACED),
    fits: { present: 1 },
  };
  const told: Report[] = failure
    ? [{ ids: [code.id], channel: null, check: bothTypes(codes.CODE_FAILURE), fits: { [failure]: 1 }, power: 0.5 }]
    : [];
  return { reports: [unplaced, ...told] };
}

/** How long ago the channel's youngest dated code was set, against the latest reading known. */
function ageReports(channel: Channel, named: readonly Code[], around: Around): Report[] {
  const latest = Math.max(
    around.vehicle.odometer ?? 0,
    ...ofKind(around.stage, 'code').map((one) => one.odometer ?? 0),
  );
  const dated = named.filter((one) => one.odometer !== undefined && one.status !== 'current');
  if (dated.length === 0 || named.some((one) => one.status === 'current')) return [];
  const age = latest - Math.max(...dated.map((one) => one.odometer ?? 0));
  const isTold = age >= OLD_AFTER_KM || ofKind(around.stage, 'code').length > dated.length;
  const fits = { [age >= OLD_AFTER_KM ? 'old' : 'recent']: 1 };
  return isTold ? [{ ids: dated.map((one) => one.id), channel, check: bothTypes(codes.CODE_AGE), fits }] : [];
}

/** Of a code that may name either of two wheels: how well it fits to say that it does not mean this one. */
const MAY_NAME_ANOTHER = 0.1;

function reportsFor(channel: Channel, named: readonly Code[], around: Around, isSure: boolean): Report[] {
  const ids = named.map((one) => one.id);
  if (ids.length === 0) return [];
  const failures = [
    ...new Set(
      named.map((one) => meaningFor(one, around.vehicle, around.names.meaning).failure).filter((one) => one !== null),
    ),
  ];
  const status = STATUSES.find((one) => named.some((code) => code.status === one));
  return [
    ...ageReports(channel, named, around),
    {
      ids,
      channel,
      check: bothTypes(codes.CODE_NAMED),
      fits: isSure ? { named: 1 } : { named: 1, 'not-named': MAY_NAME_ANOTHER },
    },
    ...(failures.length > 0
      ? [{ ids, channel, check: bothTypes(codes.CODE_MIXED), fits: { [failures.length > 1 ? 'mixed' : 'alike']: 1 } }]
      : []),
    ...failures.map((failure) => ({
      ids: named
        .filter((one) => meaningFor(one, around.vehicle, around.names.meaning).failure === failure)
        .map((one) => one.id),
      channel,
      check: bothTypes(codes.CODE_FAILURE),
      fits: { [failure]: 1 },
      power: 1 / failures.length,
    })),
    ...(status
      ? [
          {
            ids: named.filter((one) => one.status === status).map((one) => one.id),
            channel,
            check: bothTypes(codes.CODE_STATUS),
            fits: { [status]: 1 },
          },
        ]
      : []),
  ];
}

/**
 * Reads all codes of a stage together: the channels they name, and the ones that they leave unnamed.
 * @param around the stage.
 * @returns reports per channel; none when no code names a wheel.
 */
export function readWheelCodes(around: Around): Report[] {
  return [...readFlood(around), ...readNamed(around)];
}

/** Many codes at one odometer reading point at one event of the whole car. */
function readFlood(around: Around): Report[] {
  const flood = floodOf(
    ofKind(around.stage, 'code').filter((one) => !isLeftover(one, around)),
    (code) => meaningFor(code, around.vehicle, around.names.meaning).channel,
  );
  if (flood.length === 0) return [];
  const ids = flood.map((one) => one.id);
  return [{ ids, channel: null, check: bothTypes(codes.CODE_FLOOD), fits: { flood: 1 } }];
}

function readNamed(around: Around): Report[] {
  const counted = ofKind(around.stage, 'code').filter((one) => readLoneCode(one, around) === null);
  const byChannel = new Map<Channel, Code[]>();
  const unsure = new Set<Channel>();
  for (const code of counted) {
    const { channel } = meaningFor(code, around.vehicle, around.names.meaning);
    const other = alsoNamed(code, around.vehicle, around.names.meaning);
    if (channel && other) [channel, other].forEach((one) => unsure.add(one));
    for (const one of [channel, other]) if (one) byChannel.set(one, [...(byChannel.get(one) ?? []), code]);
  }
  if (byChannel.size === 0) return [];
  const ids = counted.map((one) => one.id);
  return around.vehicle.channels.flatMap((channel) => {
    const named = byChannel.get(channel);
    if (named) return reportsFor(channel, named, around, !unsure.has(channel));
    return [{ ids, channel, check: bothTypes(codes.CODE_NAMED), fits: { 'not-named': 1 } }];
  });
}

/** The channels that codes in this list name. */
function channelsOf(texts: readonly string[], around: Around): Channel[] {
  const plain = (text: string): string => text.toUpperCase().replace(/[^0-9A-Z]/g, '');
  const recorded = ofKind(around.stage, 'code');
  const found = texts.map((text) => {
    const same = recorded.find((one) => plain(one.code) === plain(text));
    return meaningFor(
      same ?? { id: '', kind: 'code', code: text, status: 'unknown' },
      around.vehicle,
      around.names.meaning,
    ).channel;
  });
  return [...new Set(found.filter((one) => one !== null))];
}

/** Without lists, what was read after the erase tells what returned and what stayed away. */
function listsOf(clear: ObservationOf<'clear'>, around: Around): { returned: Channel[]; stayed: Channel[] } {
  if (clear.returned || clear.stayed)
    return { returned: channelsOf(clear.returned ?? [], around), stayed: channelsOf(clear.stayed ?? [], around) };
  if (clear.channel)
    return clear.result === 'stayed-clear'
      ? { returned: [], stayed: [clear.channel] }
      : { returned: [clear.channel], stayed: [] };
  const at = around.stage.findIndex((one) => one.id === clear.id);
  const [before, after] = [around.stage.slice(0, at), around.stage.slice(at + 1)];
  const named = (part: readonly Observation[]): Channel[] =>
    channelsOf(
      ofKind(part, 'code').map((one) => one.code),
      around,
    );
  const earlier = named(before);
  if (clear.result === 'stayed-clear') return { returned: [], stayed: earlier };
  const later = named(after);
  if (later.length > 0) return { returned: later, stayed: earlier.filter((one) => !later.includes(one)) };
  return earlier.length === 1 ? { returned: earlier, stayed: [] } : { returned: [], stayed: [] };
}

/**
 * What an erase brought: per channel where lists or later readings tell, else for the car as a whole.
 * @param clear the observation. @param around its stage.
 * @returns reports.
 */
export function readClear(clear: ObservationOf<'clear'>, around: Around): Reading {
  if (clear.result === 'refused') return saw(clear, clear.channel ?? null, bothTypes(CLEAR_REFUSED), 'refused');
  const check = bothTypes(CLEAR);
  const { returned, stayed } = listsOf(clear, around);
  const outcome = clear.result === 'stayed-clear' ? 'returned-later' : clear.result;
  const reports: Report[] = [
    ...returned.map((channel) => ({ ids: [clear.id], channel, check, fits: { [outcome]: 1 } })),
    ...stayed
      .filter((one) => !returned.includes(one))
      .map((channel) => ({ ids: [clear.id], channel, check, fits: { 'stayed-clear': 1 } })),
  ];
  if (reports.length > 0) return { reports };
  const isOthers = (clear.returned ?? []).length > 0 && channelsOf(clear.returned ?? [], around).length === 0;
  if (isOthers) return { ignored: 'what came back names no wheel' };
  return saw(clear, null, check, clear.result);
}
