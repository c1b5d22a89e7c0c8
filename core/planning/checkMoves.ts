import type { CaseFile, Observation } from '../casefile/contract';
import type { Channel, LookPart } from '../casefile/words';
import { namesInDoubt } from '../codes/namesInDoubt';
import type { Posterior } from '../belief/posterior';
import { coilBand } from '../evidence/coilBand';
import { lookedBefore } from '../evidence/lookedBefore';
import type { ReadingContext } from '../evidence/report';
import { CHECKS } from '../knowledge/checks/all';
import type { CheckRecord } from '../knowledge/checks/check';
import type { CheckId } from '../knowledge/checks/checkIds';
import { ASK_TYPE, ERASE, READ_CODES } from '../knowledge/checks/questions';
import type { Cause } from '../knowledge/faults';
import { openingsFor, type Opening } from '../knowledge/setups';
import { LOOK_AGAIN_TABLES } from '../knowledge/tables/looks';
import { bothTypes, chancesOf, chancesUnder, tableFor, type TypedTable } from '../knowledge/tables/table';
import { otherSide } from '../vehicle/channels';
import { codeOutcomes } from './codeOutcomes';
import { hasReader, readsReach } from './readerReach';
import { seenSince, type Seen } from './seen';
import type { CheckOutcome, State } from './states';

/** A check that could be made now. */
export interface CheckMove {
  readonly kind: 'check';
  readonly name: CheckId;
  readonly channel: Channel | null;
  readonly manner?: 'wiggle';
  readonly record: Pick<CheckRecord, 'words' | 'ifs' | 'setups' | 'of' | 'answer'>;
  readonly minutes: number;
  readonly openings: readonly Opening[];
  /** Chance to break a sensor that would have been kept. */
  readonly mayBreakSensor: number;
  /** The repair whose part must be bought for it; null where none. */
  readonly buys: string | null;
  readonly outcomes: readonly CheckOutcome[];
}

/** What candidates are made from. */
export interface CheckQuestion {
  readonly file: CaseFile;
  readonly posterior: Posterior;
  readonly states: readonly State[];
  /** What is believed of each state. */
  readonly weights: Float64Array;
  /** The corners worth a look, most suspect first. */
  readonly channels: readonly Channel[];
  /** Observations that should be made again. */
  readonly doubtful: ReadonlySet<string>;
}

function faultsAt(state: State, channel: Channel | null): readonly Cause[] {
  return state.faults
    .filter((fault) => channel === null || fault.channel === channel || fault.channel === null)
    .map((fault) => fault.fault);
}

/** Chances of a table's outcomes in each state, each by its own sensor type; a check that says nothing there shows its first outcome. */
function outcomesOf(table: TypedTable, channel: Channel | null, states: readonly State[]): readonly CheckOutcome[] {
  const names = (table.passive ?? table.active)?.outcomes ?? [];
  const rows = states.map((state) => {
    const own = tableFor(table, state.typeOf(channel ?? 'front-left'));
    return own && { own, chances: chancesUnder(chancesOf(own), faultsAt(state, channel)) };
  });
  return names.map((name, index) => ({
    name,
    chance: Float64Array.from(rows, (row) =>
      row ? (row.chances[row.own.outcomes.indexOf(name)] ?? 0) : Number(index === 0),
    ),
  }));
}

/** Whether a check makes sense on a corner now, beyond not having been made. */
function isPossible(
  record: CheckRecord,
  channel: Channel | null,
  { file, posterior }: CheckQuestion,
  seen: Seen,
): boolean {
  const kind = posterior.timeline.stages.at(-1)?.context.sensorKinds.get(channel ?? 'rear-axle');
  if (record.only && kind !== undefined && kind !== record.only) return false;
  const isInBearing = channel !== null && file.vehicle.places?.[channel]?.sensor === 'in-bearing';
  switch (record.check) {
    case 'swap':
      return (
        channel !== null &&
        otherSide(channel, file.vehicle.channels) !== null &&
        !isInBearing &&
        !seen.has('substitute', channel)
      );
    case 'substitute':
      return !isInBearing && !seen.has('swap', channel);
    case 'meter:wire-2:resistance':
      return seen.has('meter:wire-1:resistance', channel);
    case 'meter:wire-2-to-ground:resistance':
      return seen.has('meter:wire-1-to-ground:resistance', channel);
    case 'live:hand-spin':
      return readsReach(posterior) && (!seen.has('live:drive', channel) || namesInDoubt(file)?.spin === channel);
    case 'live:stationary':
      return readsReach(posterior) && !seen.has('live:drive', channel);
    case 'live:drive':
      return readsReach(posterior);
    case 'ask:history':
      return !posterior.timeline.stages.some((stage) => stage.context.kinds.has('history'));
    case 'ask:specs':
      return channel !== null && specsWouldDecide(channel, file, posterior);
    default:
      return true;
  }
}

/** A manual's band helps where a coil was read and only a generic band judged it. */
function specsWouldDecide(channel: Channel, file: CaseFile, posterior: Posterior): boolean {
  const stage = posterior.timeline.stages.at(-1);
  const isRead = stage?.observations.some(
    (observation) =>
      observation.kind === 'meter' &&
      observation.channel === channel &&
      observation.quantity === 'resistance' &&
      typeof observation.value === 'number' &&
      (observation.point === 'sensor' || observation.point === 'module-end'),
  );
  if (!stage || !isRead || file.vehicle.specs?.sensorResistance) return false;
  return coilBand(channel, 'sensor', stage.context).from === 'generic';
}

/** A look that has been made before a repair shows mostly the same again. */
function tableNow(record: CheckRecord, channel: Channel | null, context: ReadingContext | undefined): TypedTable {
  if (record.answer?.is !== 'look' || !context) return record.table;
  const part: LookPart = record.answer.part;
  return lookedBefore(part, channel, context) === 'sound' ? bothTypes(LOOK_AGAIN_TABLES[part]) : record.table;
}

function moveOf(
  record: Omit<CheckRecord, 'table'>,
  channel: Channel | null,
  outcomes: readonly CheckOutcome[],
  file: CaseFile,
  moreMinutes = 0,
): CheckMove {
  return {
    kind: 'check',
    name: record.check,
    channel,
    ...(record.manner ? { manner: record.manner } : {}),
    record,
    minutes: record.minutes + moreMinutes,
    openings: openingsFor(record.setups, file, channel),
    mayBreakSensor: record.mayBreakSensor ?? 0,
    buys: record.check === 'substitute' ? 'replaced:sensor' : null,
    outcomes,
  };
}

/** A cause beside the wheels, like a corner, is worth a look from this chance on. */
const WORTH_A_LOOK = 0.04;

/** Whether something speaks for what a check of the whole car would show. */
function isWorthALook(record: CheckRecord, { states, weights }: CheckQuestion): boolean {
  if (record.of !== 'car') return true;
  const shown = [record.table.passive, record.table.active].flatMap((table) =>
    table ? [chancesOf(table).byFault] : [],
  );
  const chance = states.reduce(
    (sum, state, s) =>
      sum + (state.faults.some(({ fault }) => shown.some((rows) => rows.has(fault))) ? (weights[s] ?? 0) : 0),
    0,
  );
  return chance >= WORTH_A_LOOK;
}

/** Where a check may be made: at each corner in question, once for the first of them, or on the car. */
function placesFor(record: CheckRecord, channels: readonly Channel[]): readonly (Channel | null)[] {
  if (record.of === 'car') return [null];
  return record.of === 'subject' ? channels.slice(0, 1) : channels;
}

function plainMoves(question: CheckQuestion, seen: Seen): CheckMove[] {
  const context = question.posterior.timeline.stages.at(-1)?.context;
  return CHECKS.filter((record) => isWorthALook(record, question)).flatMap((record) =>
    placesFor(record, question.channels)
      .filter(
        (channel) => !seen.has(record.check, channel, record.manner) && isPossible(record, channel, question, seen),
      )
      .map((channel) =>
        moveOf(
          record,
          channel,
          outcomesOf(tableNow(record, channel, context), channel, question.states),
          question.file,
        ),
      ),
  );
}

/** A reader that reaches the brake module has to be borrowed where the first one does not. */
const ANOTHER_READER_MINUTES = 30;
/** When a second reader is not answered either, the module is silent: reading again tells nothing. */
const MOST_SILENCES = 1;

function readMove({ file, posterior, states }: CheckQuestion): CheckMove[] {
  const stage = posterior.timeline.stages.at(-1)?.observations ?? [];
  const lastChange = stage.findLastIndex((observation) => observation.kind === 'clear');
  const isRead = stage.some(
    (observation, at) => (observation.kind === 'code' || observation.kind === 'no-code') && at > lastChange,
  );
  const silences = posterior.timeline.stages
    .flatMap((past) => past.observations)
    .filter((observation) => observation.kind === 'no-answer').length;
  const isTold = lastChange >= 0;
  if (isRead || isTold || silences > MOST_SILENCES) return [];
  const more = silences > 0 ? ANOTHER_READER_MINUTES : 0;
  return [moveOf(READ_CODES, null, codeOutcomes(file, states), file, more)];
}

/** Never an erase before codes are recorded, and none twice. */
function eraseMove({ file, posterior, states, channels }: CheckQuestion): CheckMove[] {
  const isRecorded = file.observations.some((observation) => observation.kind === 'code' && !observation.withdrawn);
  const isErased = posterior.timeline.stages.at(-1)?.context.kinds.has('clear') === true;
  const subject = channels[0] ?? null;
  if (!isRecorded || isErased || !hasReader(posterior)) return [];
  return [moveOf(ERASE, subject, outcomesOf(ERASE.table, subject, states), file)];
}

/** Which kind of sensor it is at a corner in question, where nobody has said: the states know it. */
function typeMove({ file, posterior, states, channels }: CheckQuestion): CheckMove[] {
  const kinds = posterior.timeline.stages.at(-1)?.context.sensorKinds;
  const open = channels.find((channel) => !kinds?.has(channel));
  if (!open) return [];
  const outcomes = (['passive', 'active'] as const).map((type) => ({
    name: type,
    chance: Float64Array.from(states, (state) => Number(state.typeOf(open) === type)),
  }));
  return [moveOf(ASK_TYPE, channels[0] ?? null, outcomes, file)];
}

/**
 * The checks that could be made now.
 * @param question the case, the belief, the states to tell apart, the corners in question.
 * @returns moves, each check once a place; none that was answered since something changed.
 * @example checkMoves({ ...QUESTION, states: STATES.all, weights: STATES.weights, channels: ['front-right'] }).map(({ name }) => name).includes('look:plug') // => false
 */
export function checkMoves(question: CheckQuestion): readonly CheckMove[] {
  const latest: readonly Observation[] = question.posterior.timeline.stages.at(-1)?.observations ?? [];
  const seen = seenSince(latest, question.file, question.doubtful);
  return [...readMove(question), ...eraseMove(question), ...typeMove(question), ...plainMoves(question, seen)];
}
