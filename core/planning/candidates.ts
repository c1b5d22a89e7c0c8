import type { CaseFile, Observation } from '../casefile/contract';
import type { Channel, LookPart } from '../casefile/words';
import { isFlashCode } from '../codes/forms';
import { namesInDoubt } from '../codes/namesInDoubt';
import { coilBand } from '../evidence/coilBand';
import { lookedBefore } from '../evidence/lookedBefore';
import { otherSide } from '../vehicle/channels';
import type { Cause } from '../knowledge/faults';
import type { Posterior, Scenario } from '../belief/posterior';
import * as codes from '../knowledge/tables/codes';
import { LOOK_AGAIN_TABLES } from '../knowledge/tables/looks';
import { bothTypes, chancesOf, chancesUnder, tableFor, type TypedTable } from '../knowledge/tables/table';
import { ASK_TYPE, CHECKS, ERASE, READ_CODES, type CheckRow } from '../knowledge/checks';
import type { Setup } from '../knowledge/setups';

/** A check that could be made now, with how likely each outcome is in each scenario. */
export interface Candidate {
  readonly check: string;
  readonly channel: Channel | null;
  readonly manner?: 'wiggle';
  readonly minutes: number;
  readonly setups: readonly Setup[];
  readonly mayBreakSensor: number;
  /** A part must be bought for it: the repair that uses it. */
  readonly buys: string | null;
  readonly words: string;
  readonly tells: string;
  readonly outcomes: readonly { readonly name: string; readonly chance: Float64Array }[];
}

/** Name of the check that an observation answers. */
export function checkNameOf(one: Observation): string {
  switch (one.kind) {
    case 'meter':
      return `meter:${one.point}:${one.quantity}`;
    case 'look':
      return `look:${one.part}`;
    case 'distance':
      return `distance:${one.point}`;
    case 'live':
      return `live:${one.while}`;
    case 'history':
      return 'ask:history';
    case 'no-code':
    case 'no-answer':
      return 'code';
    default:
      return one.kind;
  }
}

function faultsAt(scenario: Scenario, channel: Channel | null): Cause[] {
  return scenario.faults
    .filter((one) => channel === null || one.channel === channel || one.channel === null)
    .map((one) => one.fault);
}

/** Chances of a table's outcomes in each scenario, each by its own sensor type. */
function outcomesOf(table: TypedTable, channel: Channel | null, scenarios: readonly Scenario[]): Candidate['outcomes'] {
  const names = (table.passive ?? table.active)?.outcomes ?? [];
  const rows = scenarios.map((scenario) => {
    const own = tableFor(table, scenario.typeOf(channel ?? 'front-left'));
    if (!own) return null;
    return { own, chances: chancesUnder(chancesOf(own), faultsAt(scenario, channel)) };
  });
  return names.map((name, index) => ({
    name,
    chance: Float64Array.from(rows, (row) =>
      row ? (row.chances[row.own.outcomes.indexOf(name)] ?? 0) : index === 0 ? 1 : 0,
    ),
  }));
}

const ELECTRICAL = ['open', 'short-to-ground', 'short-to-supply', 'circuit', 'intermittent', 'supply'];

/** Reading codes: which corner is named, if any, and whether electrically or by signal. */
function codeOutcomes(file: CaseFile, scenarios: readonly Scenario[]): Candidate['outcomes'] {
  const { channels } = file.vehicle;
  const named = chancesOf(codes.CODE_NAMED);
  const failure = chancesOf(codes.CODE_FAILURE);
  const told = scenarios.map((scenario) => {
    const each = channels.map((channel) => chancesUnder(named, faultsAt(scenario, channel))[1] ?? 0);
    const some = 1 - each.reduce((product, one) => product * (1 - one), 1);
    const sum = each.reduce((total, one) => total + one, 0);
    const electrical = channels.map((channel) => {
      const chances = chancesUnder(failure, faultsAt(scenario, channel));
      return codes.CODE_FAILURE.outcomes.reduce(
        (total, name, index) => total + (ELECTRICAL.includes(name) ? (chances[index] ?? 0) : 0),
        0,
      );
    });
    return { some, each: each.map((one) => (sum > 0 ? (some * one) / sum : 0)), electrical };
  });
  return [
    { name: 'no code', chance: Float64Array.from(told, (one) => 1 - one.some) },
    ...channels.flatMap((channel, c) => [
      {
        name: `${channel}, electrical`,
        chance: Float64Array.from(told, (one) => (one.each[c] ?? 0) * (one.electrical[c] ?? 0)),
      },
      {
        name: `${channel}, signal`,
        chance: Float64Array.from(told, (one) => (one.each[c] ?? 0) * (1 - (one.electrical[c] ?? 0))),
      },
    ]),
  ];
}

/** What the present stage has seen already, by corner. */
interface Seen {
  has(check: string, channel: Channel | null): boolean;
}

/** The check's name and how it was made: flexing meanwhile is a check of its own. */
function mannerOf(one: Observation): string {
  return one.kind === 'meter' && one.while === 'wiggle' ? `${checkNameOf(one)}~wiggle` : checkNameOf(one);
}

function seenIn(stage: readonly Observation[], doubtful: ReadonlySet<string>): Seen {
  const names = new Set(
    stage.filter((one) => !doubtful.has(one.id)).map((one) => `${mannerOf(one)}@${one.channel ?? 'car'}`),
  );
  return {
    has: (check, channel) =>
      names.has(`${check}@${channel ?? 'car'}`) ||
      (check === 'look:module' && stage.some((one) => one.kind === 'look' && one.part === 'module')) ||
      (channel !== null && names.has(`${check}@car`) && check.startsWith('look:')),
  };
}

/** Whether a check makes sense on a corner now, beyond not having been made. */
function isPossible(row: CheckRow, channel: Channel | null, file: CaseFile, posterior: Posterior, seen: Seen): boolean {
  const type = channel ? file.vehicle.sensorTypes?.[channel] : undefined;
  if (row.only && type !== undefined && type !== row.only) return false;
  const place = channel ? file.vehicle.places?.[channel]?.sensor : undefined;
  switch (row.check) {
    case 'swap':
      return (
        channel !== null &&
        otherSide(channel, file.vehicle.channels) !== null &&
        place !== 'in-bearing' &&
        !seen.has('substitute', channel)
      );
    case 'substitute':
      return place !== 'in-bearing';
    case 'meter:wire-2:resistance':
      return seen.has('meter:wire-1:resistance', channel);
    case 'meter:wire-2-to-ground:resistance':
      return seen.has('meter:wire-1-to-ground:resistance', channel);
    case 'live:hand-spin':
      return readerReaches(posterior) && (!seen.has('live:drive', channel) || namesInDoubt(file)?.spin === channel);
    case 'live:stationary':
      return readerReaches(posterior) && !seen.has('live:drive', channel);
    case 'live:drive':
      return readerReaches(posterior);
    case 'ask:history':
      return !posterior.timeline.stages.some((stage) => stage.observations.some((one) => one.kind === 'history'));
    case 'ask:specs':
      return channel !== null && specsWouldDecide(channel, file, posterior);
    default:
      return true;
  }
}

/** Whether an observation tells that a reader reached the brake module, or did not; flashes of a lamp tell nothing of it. */
function tellsOfReader(one: Observation): boolean {
  switch (one.kind) {
    case 'code':
      return (one.module ?? 'abs') === 'abs' && !isFlashCode(one.code);
    case 'no-code':
    case 'no-answer':
      return (one.module ?? 'abs') === 'abs';
    case 'live':
      return true;
    default:
      return false;
  }
}

/** Live speeds come after codes: the reader must have reached the brake module, or codes have been read in words. */
function readerReaches(posterior: Posterior): boolean {
  const all = posterior.timeline.stages.flatMap((one) => one.observations);
  const last = all.filter(tellsOfReader).at(-1);
  return last !== undefined && last.kind !== 'no-answer';
}

/** A manual's band helps where a coil was read and only a generic band or none judged it. */
function specsWouldDecide(channel: Channel, file: CaseFile, posterior: Posterior): boolean {
  const stage = posterior.timeline.stages.at(-1);
  const read = stage?.observations.some(
    (one) =>
      one.kind === 'meter' &&
      one.channel === channel &&
      one.quantity === 'resistance' &&
      typeof one.value === 'number' &&
      (one.point === 'sensor' || one.point === 'module-end'),
  );
  return (
    !file.vehicle.specs?.sensorResistance &&
    !!stage &&
    read === true &&
    coilBand(channel, 'sensor', stage.around).from === 'generic'
  );
}

/** A look that has been made before a repair shows mostly the same again. */
function tableNow(row: CheckRow, channel: Channel | null, posterior: Posterior): TypedTable {
  const part = (Object.keys(LOOK_AGAIN_TABLES) as LookPart[]).find((one) => row.check === `look:${one}`);
  const around = posterior.timeline.stages.at(-1)?.around;
  const isAgain = part !== undefined && around !== undefined && lookedBefore(part, channel, around) === 'sound';
  return isAgain ? bothTypes(LOOK_AGAIN_TABLES[part]) : row.table;
}

/** Lasting battery readings also answer a look at a number asked before. */
function plainCandidates(
  file: CaseFile,
  posterior: Posterior,
  scenarios: readonly Scenario[],
  channels: readonly Channel[],
  seen: Seen,
): Candidate[] {
  return CHECKS.flatMap((row): Candidate[] => {
    const places: readonly (Channel | null)[] = row.of === 'car' ? [null] : channels;
    return places
      .filter(
        (channel) =>
          !seen.has(row.manner ? `${row.check}~${row.manner}` : row.check, channel) &&
          isPossible(row, channel, file, posterior, seen),
      )
      .map((channel) => ({
        check: row.check,
        channel,
        ...(row.manner ? { manner: row.manner } : {}),
        minutes: row.minutes,
        setups: row.setups,
        mayBreakSensor: row.mayBreakSensor ?? 0,
        buys: row.check === 'substitute' ? 'replaced:sensor' : null,
        words: row.words,
        tells: row.tells,
        outcomes: outcomesOf(tableNow(row, channel, posterior), channel, scenarios),
      }));
  });
}

/** A reader that reaches the brake module has to be borrowed where the first one does not. */
const ANOTHER_READER_MINUTES = 30;
/** When a second reader is not answered either, the module is silent: reading again tells nothing. */
const MOST_SILENCES = 1;

const PLAIN = { channel: null, mayBreakSensor: 0, buys: null } as const;

/** Reading, erasing, and asking for the sensor type follow rules of their own: never an erase before codes are recorded. */
function codeCandidates(
  file: CaseFile,
  posterior: Posterior,
  scenarios: readonly Scenario[],
  channels: readonly Channel[],
): Candidate[] {
  const stage = posterior.timeline.stages.at(-1)?.observations ?? [];
  const all = posterior.timeline.stages.flatMap((one) => one.observations);
  const read = stage.some((one) => one.kind === 'code' || one.kind === 'no-code');
  const silences = all.filter((one) => one.kind === 'no-answer').length;
  const silent = silences > 0;
  const recorded = all.some((one) => one.kind === 'code');
  const erased = stage.some((one) => one.kind === 'clear' && one.result !== 'refused');
  const unknown = file.vehicle.channels.some((one) => file.vehicle.sensorTypes?.[one] === undefined);
  const subject = channels[0] ?? null;
  return [
    ...(read || silences > MOST_SILENCES || (posterior.timeline.stages.length > 1 && !erased)
      ? []
      : [
          {
            ...PLAIN,
            ...READ_CODES,
            minutes: READ_CODES.minutes + (silent ? ANOTHER_READER_MINUTES : 0),
            outcomes: codeOutcomes(file, scenarios),
          },
        ]),
    ...(recorded && !erased
      ? [{ ...PLAIN, ...ERASE, channel: subject, outcomes: outcomesOf(ERASE.table, subject, scenarios) }]
      : []),
    ...(unknown
      ? [
          {
            ...PLAIN,
            ...ASK_TYPE,
            setups: [],
            outcomes: (['passive', 'active'] as const).map((type) => ({
              name: type,
              chance: Float64Array.from(scenarios, (one) =>
                Number(
                  one.typeOf(
                    file.vehicle.channels.find((c) => file.vehicle.sensorTypes?.[c] === undefined) ?? 'front-left',
                  ) === type,
                ),
              ),
            })),
          },
        ]
      : []),
  ];
}

const ALLOWED_ON_HIGH_VOLTAGE = new Set([
  ...CHECKS.filter((one) => one.noTools).map((one) => one.check),
  'code',
  'clear',
  'ask:sensor-type',
]);

/**
 * The checks that could be made now.
 * @param file the case. @param posterior what is believed. @param scenarios the states to tell apart.
 * @param channels the corners worth a look, most suspect first. @param doubtful observations to be made again.
 * @returns candidates; on a high-voltage car only looks and code reading.
 */
export function candidateChecks(
  file: CaseFile,
  posterior: Posterior,
  scenarios: readonly Scenario[],
  channels: readonly Channel[],
  doubtful: ReadonlySet<string>,
): Candidate[] {
  const seen = seenIn(posterior.timeline.stages.at(-1)?.observations ?? [], doubtful);
  const all = [
    ...codeCandidates(file, posterior, scenarios, channels),
    ...plainCandidates(file, posterior, scenarios, channels, seen),
  ];
  return file.vehicle.highVoltage ? all.filter((one) => ALLOWED_ON_HIGH_VOLTAGE.has(one.check)) : all;
}
