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
function isLeftover(code: Code, context: Around): boolean {
  if (!context.afterRepair || code.status === 'current') return false;
  const before = context.stage.slice(
    0,
    context.stage.findIndex((observation) => observation.id === code.id),
  );
  return !before.some((observation) => observation.kind === 'clear' || observation.kind === 'drive');
}

/**
 * What one code says by itself, where it bears on no channel's path.
 * @param code the observation. @param context its stage.
 * @returns reports, an `ignored` reason, or null when it belongs to a channel and is read with that channel's other codes.
 */
export function readLoneCode(code: Code, context: Around): Reading | null {
  if (isLeftover(code, context))
    return { ignored: 'proves nothing yet: still stored from before the repair; erase, drive, read again' };
  const { decoded, channel, failure } = meaningFor(code, context.vehicle, context.names.meaning);
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
  const entry: Report[] = failure
    ? [{ ids: [code.id], channel: null, check: bothTypes(codes.CODE_FAILURE), fits: { [failure]: 1 }, power: 0.5 }]
    : [];
  return { reports: [unplaced, ...entry] };
}

/** How long ago the channel's youngest dated code was set, against the latest reading known. */
function ageReports(channel: Channel, named: readonly Code[], context: Around): Report[] {
  const latest = Math.max(
    context.vehicle.odometer ?? 0,
    ...ofKind(context.stage, 'code').map((code) => code.odometer ?? 0),
  );
  const dated = named.filter((observation) => observation.odometer !== undefined && observation.status !== 'current');
  if (dated.length === 0 || named.some((observation) => observation.status === 'current')) return [];
  const age = latest - Math.max(...dated.map((observation) => observation.odometer ?? 0));
  const isTold = age >= OLD_AFTER_KM || ofKind(context.stage, 'code').length > dated.length;
  const fits = { [age >= OLD_AFTER_KM ? 'old' : 'recent']: 1 };
  return isTold
    ? [{ ids: dated.map((observation) => observation.id), channel, check: bothTypes(codes.CODE_AGE), fits }]
    : [];
}

/** Of a code that may name either of two wheels: how well it fits to say that it does not mean this one. */
const MAY_NAME_ANOTHER = 0.1;

function reportsFor(channel: Channel, named: readonly Code[], context: Around, isSure: boolean): Report[] {
  const ids = named.map((observation) => observation.id);
  if (ids.length === 0) return [];
  const failures = [
    ...new Set(
      named
        .map((observation) => meaningFor(observation, context.vehicle, context.names.meaning).failure)
        .filter((failure) => failure !== null),
    ),
  ];
  const status = STATUSES.find((word) => named.some((code) => code.status === word));
  return [
    ...ageReports(channel, named, context),
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
        .filter((observation) => meaningFor(observation, context.vehicle, context.names.meaning).failure === failure)
        .map((observation) => observation.id),
      channel,
      check: bothTypes(codes.CODE_FAILURE),
      fits: { [failure]: 1 },
      power: 1 / failures.length,
    })),
    ...(status
      ? [
          {
            ids: named.filter((observation) => observation.status === status).map((observation) => observation.id),
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
 * @param context the stage.
 * @returns reports per channel; none when no code names a wheel.
 */
export function readWheelCodes(context: Around): Report[] {
  return [...readFlood(context), ...readNamed(context)];
}

/** Many codes at one odometer reading point at one event of the whole car. */
function readFlood(context: Around): Report[] {
  const flood = floodOf(
    ofKind(context.stage, 'code').filter((code) => !isLeftover(code, context)),
    (code) => meaningFor(code, context.vehicle, context.names.meaning).channel,
  );
  if (flood.length === 0) return [];
  const ids = flood.map((observation) => observation.id);
  return [{ ids, channel: null, check: bothTypes(codes.CODE_FLOOD), fits: { flood: 1 } }];
}

function readNamed(context: Around): Report[] {
  const counted = ofKind(context.stage, 'code').filter((code) => readLoneCode(code, context) === null);
  const byChannel = new Map<Channel, Code[]>();
  const unsure = new Set<Channel>();
  for (const code of counted) {
    const { channel } = meaningFor(code, context.vehicle, context.names.meaning);
    const other = alsoNamed(code, context.vehicle, context.names.meaning);
    if (channel && other) [channel, other].forEach((channel) => unsure.add(channel));
    for (const entry of [channel, other]) if (entry) byChannel.set(entry, [...(byChannel.get(entry) ?? []), code]);
  }
  if (byChannel.size === 0) return [];
  const ids = counted.map((observation) => observation.id);
  return context.vehicle.channels.flatMap((channel) => {
    const named = byChannel.get(channel);
    if (named) return reportsFor(channel, named, context, !unsure.has(channel));
    return [{ ids, channel, check: bothTypes(codes.CODE_NAMED), fits: { 'not-named': 1 } }];
  });
}

/** The channels that codes in this list name. */
function channelsOf(texts: readonly string[], context: Around): Channel[] {
  const plain = (text: string): string => text.toUpperCase().replace(/[^0-9A-Z]/g, '');
  const recorded = ofKind(context.stage, 'code');
  const found = texts.map((text) => {
    const same = recorded.find((observation) => plain(observation.code) === plain(text));
    return meaningFor(
      same ?? { id: '', kind: 'code', code: text, status: 'unknown' },
      context.vehicle,
      context.names.meaning,
    ).channel;
  });
  return [...new Set(found.filter((channel) => channel !== null))];
}

/** Without lists, what was read after the erase tells what returned and what stayed away. */
function listsOf(clear: ObservationOf<'clear'>, context: Around): { returned: Channel[]; stayed: Channel[] } {
  if (clear.returned || clear.stayed)
    return { returned: channelsOf(clear.returned ?? [], context), stayed: channelsOf(clear.stayed ?? [], context) };
  if (clear.channel)
    return clear.result === 'stayed-clear'
      ? { returned: [], stayed: [clear.channel] }
      : { returned: [clear.channel], stayed: [] };
  const at = context.stage.findIndex((observation) => observation.id === clear.id);
  const [before, after] = [context.stage.slice(0, at), context.stage.slice(at + 1)];
  const named = (part: readonly Observation[]): Channel[] =>
    channelsOf(
      ofKind(part, 'code').map((code) => code.code),
      context,
    );
  const earlier = named(before);
  if (clear.result === 'stayed-clear') return { returned: [], stayed: earlier };
  const later = named(after);
  if (later.length > 0) return { returned: later, stayed: earlier.filter((channel) => !later.includes(channel)) };
  return earlier.length === 1 ? { returned: earlier, stayed: [] } : { returned: [], stayed: [] };
}

/**
 * What an erase brought: per channel where lists or later readings tell, else for the car as a whole.
 * @param clear the observation. @param context its stage.
 * @returns reports.
 */
export function readClear(clear: ObservationOf<'clear'>, context: Around): Reading {
  if (clear.result === 'refused') return saw(clear, clear.channel ?? null, bothTypes(CLEAR_REFUSED), 'refused');
  const check = bothTypes(CLEAR);
  const { returned, stayed } = listsOf(clear, context);
  const outcome = clear.result === 'stayed-clear' ? 'returned-later' : clear.result;
  const reports: Report[] = [
    ...returned.map((channel) => ({ ids: [clear.id], channel, check, fits: { [outcome]: 1 } })),
    ...stayed
      .filter((channel) => !returned.includes(channel))
      .map((channel) => ({ ids: [clear.id], channel, check, fits: { 'stayed-clear': 1 } })),
  ];
  if (reports.length > 0) return { reports };
  const isOthers = (clear.returned ?? []).length > 0 && channelsOf(clear.returned ?? [], context).length === 0;
  if (isOthers) return { ignored: 'what came back names no wheel' };
  return saw(clear, null, check, clear.result);
}
