import type { ObservationOf } from '../casefile/contract';
import type { Channel, Failure } from '../casefile/words';
import * as codes from '../knowledge/tables/codes';
import * as codeFailure from '../knowledge/tables/codeFailure';
import * as beside from '../knowledge/tables/codesBeside';
import { CLEAR, CLEAR_REFUSED } from '../knowledge/tables/erase';
import { bothTypes } from '../knowledge/tables/table';
import { alsoNamed, meaningFor } from '../codes/meaningFor';
import type { NamedCause } from '../codes/standardMeanings';
import { floodOf, OLD_AFTER_KM } from '../codes/roles';
import { isProved, ofKind, plainCode, saw, sawSoftly, type Reading, type ReadingContext, type Report } from './report';
import { texts } from '#words/core/evidence';

type Code = ObservationOf<'code'>;

/** Of a stored code that names a cause: how well it fits to say that the cause has gone since. */
const GONE_SINCE = 0.1;

/** What a code without a wheel says when it names its cause by itself. */
function readNamedCause(code: Code, cause: NamedCause): Reading {
  const isNow = code.status === 'current';
  if (cause === 'lost-module') return saw(code, null, bothTypes(isNow ? beside.LOST_NOW : beside.LOST_ONCE), 'present');
  const fits: Report['fits'] = isNow || code.status === 'unknown' ? { present: 1 } : { present: 1, absent: GONE_SINCE };
  return sawSoftly(code, null, bothTypes(beside.CODE_OF_CAUSE[cause]), fits);
}

/** Strongest first. */
const STATUSES = ['current', 'pending', 'stored'] as const;

/** Whether nothing had been erased or driven between the repair and this code: then it proves nothing yet. */
function isLeftover(code: Code, context: ReadingContext): boolean {
  if (!context.afterRepair || code.status === 'current') return false;
  return !isProved(code, context);
}

/**
 * What one code says by itself, where it bears on no channel's path.
 * @param code the observation. @param context its stage.
 * @returns reports, an `ignored` reason, or null when it belongs to a channel and is read with that channel's other codes.
 * @example readLoneCode(CASE.observations[1], STAGE) // => null
 */
export function readLoneCode(code: Code, context: ReadingContext): Reading | null {
  if (isLeftover(code, context)) return { ignored: texts.provesNothingYetStill };
  const { channel, failure, cause } = meaningFor(code, context.vehicle, context.names.meaning);
  if (cause) return readNamedCause(code, cause);
  if (channel) return null;
  if (code.module !== undefined && code.module !== 'abs') return { ignored: texts.belongsToAnotherModule };
  const unplaced: Report = {
    ids: [code.id],
    channel: null,
    check: bothTypes(codes.CODE_UNPLACED),
    fits: { present: 1 },
  };
  const entry: Report[] = failure
    ? [
        {
          ids: [code.id],
          channel: null,
          check: bothTypes(codeFailure.CODE_FAILURE),
          fits: { [failure]: 1 },
          power: 0.5,
        },
      ]
    : [];
  return { reports: [unplaced, ...entry] };
}

/** How long ago the channel's youngest dated code was set, against the latest reading known. */
function ageReports(channel: Channel, named: readonly Code[], context: ReadingContext): Report[] {
  const latest = Math.max(context.vehicle.odometer ?? 0, ...ofKind(context, 'code').map((code) => code.odometer ?? 0));
  const dated = named.filter((observation) => observation.odometer !== undefined && observation.status !== 'current');
  if (dated.length === 0 || named.some((observation) => observation.status === 'current')) return [];
  const age = latest - Math.max(...dated.map((observation) => observation.odometer ?? 0));
  const isTold = age >= OLD_AFTER_KM || ofKind(context, 'code').length > dated.length;
  const fits = { [age >= OLD_AFTER_KM ? 'old' : 'recent']: 1 };
  return isTold
    ? [{ ids: dated.map((observation) => observation.id), channel, check: bothTypes(codes.CODE_AGE), fits }]
    : [];
}

/** Of a code that may name either of two wheels: how well it fits to say that it does not mean this one. */
const MAY_NAME_ANOTHER = 0.1;
/** While a reader's names are open, a code may mean any wheel that has not answered; one that has is hardly meant. */
const MAY_MEAN_ANY = { named: 1, 'not-named': 0.5 } as const;
const HAS_ANSWERED = { named: 0.15, 'not-named': 1 } as const;

/** What the codes of one wheel name as its failure, each way once, with the codes that say so. */
function failureReports(channel: Channel, named: readonly Code[], context: ReadingContext): Report[] {
  const byFailure = new Map<Failure, { ids: string[]; isWording: boolean }>();
  for (const code of named) {
    const { failure, failureIsWording } = meaningFor(code, context.vehicle, context.names.meaning);
    if (!failure) continue;
    const known = byFailure.get(failure);
    if (known) byFailure.set(failure, { ids: [...known.ids, code.id], isWording: known.isWording && failureIsWording });
    else byFailure.set(failure, { ids: [code.id], isWording: failureIsWording });
  }
  return [...byFailure].map(([failure, { ids, isWording }]) => ({
    ids,
    channel,
    check: bothTypes(codeFailure.CODE_FAILURE),
    fits: isWording && failure === 'circuit' ? codeFailure.CIRCUIT_BY_WORD : { [failure]: 1 },
    power: 1 / byFailure.size,
  }));
}

function reportsFor(channel: Channel, named: readonly Code[], context: ReadingContext, isSure: boolean): Report[] {
  const ids = named.map((code) => code.id);
  if (ids.length === 0) return [];
  const failures = failureReports(channel, named, context);
  const status = STATUSES.find((word) => named.some((code) => code.status === word));
  const namedFits: Report['fits'] = isSure ? { named: 1 } : { named: 1, 'not-named': MAY_NAME_ANOTHER };
  const mixed = { [failures.length > 1 ? 'mixed' : 'alike']: 1 };
  const ofStatus = named.filter((code) => code.status === status).map((code) => code.id);
  return [
    ...ageReports(channel, named, context),
    { ids, channel, check: bothTypes(codes.CODE_NAMED), fits: namedFits },
    ...(failures.length > 0 ? [{ ids, channel, check: bothTypes(codes.CODE_MIXED), fits: mixed }] : []),
    ...failures,
    ...(status ? [{ ids: ofStatus, channel, check: bothTypes(codes.CODE_STATUS), fits: { [status]: 1 } }] : []),
  ];
}

/**
 * Reads all codes of a stage together: the channels they name, and the ones that they leave unnamed.
 * @param context the stage.
 * @returns reports per channel; none when no code names a wheel.
 * @example readWheelCodes(STAGE).length > 3 // => true
 */
export function readWheelCodes(context: ReadingContext): Report[] {
  return [...readFlood(context), ...readNamed(context)];
}

/** Many codes at one odometer reading point at one event of the whole car. */
function readFlood(context: ReadingContext): Report[] {
  const flood = floodOf(
    ofKind(context, 'code').filter((code) => !isLeftover(code, context)),
    (code) => meaningFor(code, context.vehicle, context.names.meaning).channel,
  );
  if (flood.length === 0) return [];
  const ids = flood.map((observation) => observation.id);
  return [{ ids, channel: null, check: bothTypes(codes.CODE_FLOOD), fits: { flood: 1 } }];
}

/** The codes of the stage by the wheel that they name, and the wheels that are named only perhaps. */
function codesByWheel(
  counted: readonly Code[],
  context: ReadingContext,
): { readonly byChannel: ReadonlyMap<Channel, readonly Code[]>; readonly unsure: ReadonlySet<Channel> } {
  const byChannel = new Map<Channel, Code[]>();
  const unsure = new Set<Channel>();
  for (const code of counted) {
    const { channel } = meaningFor(code, context.vehicle, context.names.meaning);
    const other = alsoNamed(code, context.vehicle, context.names.meaning);
    if (channel && other) unsure.add(channel).add(other);
    for (const wheel of [channel, other]) {
      if (!wheel) continue;
      const known = byChannel.get(wheel);
      if (known) known.push(code);
      else byChannel.set(wheel, [code]);
    }
  }
  return { byChannel, unsure };
}

function readNamed(context: ReadingContext): Report[] {
  const counted = ofKind(context, 'code').filter((code) => readLoneCode(code, context) === null);
  const { byChannel, unsure } = codesByWheel(counted, context);
  if (byChannel.size === 0) return [];
  const ids = counted.map((code) => code.id);
  const { isOpen, answered } = context.names;
  return context.vehicle.channels.flatMap((channel): Report[] => {
    const check = bothTypes(codes.CODE_NAMED);
    if (isOpen) return [{ ids, channel, check, fits: answered.includes(channel) ? HAS_ANSWERED : MAY_MEAN_ANY }];
    const named = byChannel.get(channel);
    if (named) return reportsFor(channel, named, context, !unsure.has(channel));
    return [{ ids, channel, check, fits: { 'not-named': 1 } }];
  });
}

/** The channels that codes in this list name, by what was recorded of them in any stage. */
function channelsOf(texts: readonly string[], context: ReadingContext): Channel[] {
  const found = texts.map((text) => {
    const recorded = context.codesByText.get(plainCode(text));
    const code = recorded ?? { id: '', kind: 'code', code: text, status: 'unknown' };
    return meaningFor(code, context.vehicle, context.names.meaning).channel;
  });
  return [...new Set(found.filter((channel) => channel !== null))];
}

/** Without lists, what was read before and after the erase tells what returned and what stayed away. */
function listsOf(clear: ObservationOf<'clear'>, context: ReadingContext): { returned: Channel[]; stayed: Channel[] } {
  const at = context.positions.get(clear.id) ?? 0;
  const read = (isWanted: (position: number) => boolean): Channel[] =>
    channelsOf(
      ofKind(context, 'code')
        .filter((code) => isWanted(context.positions.get(code.id) ?? 0))
        .map((code) => code.code),
      context,
    );
  const earlier = [...channelsOf(context.earlierCodes, context), ...read((position) => position < at)];
  const isStill = clear.result === 'stayed-clear';
  if (clear.returned || clear.stayed) {
    const returned = channelsOf(clear.returned ?? [], context);
    const stayed = [...channelsOf(clear.stayed ?? [], context), ...(returned.length > 0 || isStill ? earlier : [])];
    return { returned, stayed };
  }
  if (clear.channel)
    return isStill ? { returned: [], stayed: [clear.channel] } : { returned: [clear.channel], stayed: [] };
  if (isStill) return { returned: [], stayed: earlier };
  const later = read((position) => position > at);
  if (later.length > 0) return { returned: later, stayed: earlier };
  return new Set(earlier).size === 1 ? { returned: [...new Set(earlier)], stayed: [] } : { returned: [], stayed: [] };
}

/**
 * What an erase brought: per channel where lists or later readings tell, else for the car as a whole.
 * @param clear the observation. @param context its stage.
 * @returns reports.
 * @example readClear({ id: 'o5', kind: 'clear', result: 'stayed-clear' }, STAGE).reports.map(({ channel }) => channel) // => [null]
 */
export function readClear(clear: ObservationOf<'clear'>, context: ReadingContext): Reading {
  if (clear.result === 'refused') return saw(clear, clear.channel ?? null, bothTypes(CLEAR_REFUSED), 'refused');
  const check = bothTypes(CLEAR);
  const { returned, stayed } = listsOf(clear, context);
  const outcome = clear.result === 'stayed-clear' ? 'returned-later' : clear.result;
  const reports: Report[] = [
    ...returned.map((channel) => ({ ids: [clear.id], channel, check, fits: { [outcome]: 1 } })),
    ...[...new Set(stayed)]
      .filter((channel) => !returned.includes(channel))
      .map((channel) => ({ ids: [clear.id], channel, check, fits: { 'stayed-clear': 1 } })),
  ];
  if (reports.length > 0) return { reports };
  const isOthers = (clear.returned ?? []).length > 0 && channelsOf(clear.returned ?? [], context).length === 0;
  if (isOthers) return { ignored: texts.whatCameBackNames };
  return saw(clear, null, check, clear.result);
}
