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
export function checkNameOf(observation: Observation): string {
  switch (observation.kind) {
    case 'meter':
      return `meter:${observation.point}:${observation.quantity}`;
    case 'look':
      return `look:${observation.part}`;
    case 'distance':
      return `distance:${observation.point}`;
    case 'live':
      return `live:${observation.while}`;
    case 'history':
      return 'ask:history';
    case 'no-code':
    case 'no-answer':
      return 'code';
    default:
      return observation.kind;
  }
}

function faultsAt(scenario: Scenario, channel: Channel | null): Cause[] {
  return scenario.faults
    .filter((fault) => channel === null || fault.channel === channel || fault.channel === null)
    .map((fault) => fault.fault);
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
  const entry = scenarios.map((scenario) => {
    const item = channels.map((channel) => chancesUnder(named, faultsAt(scenario, channel))[1] ?? 0);
    const some = 1 - item.reduce((product, value) => product * (1 - value), 1);
    const sum = item.reduce((total, value) => total + value, 0);
    const electrical = channels.map((channel) => {
      const chances = chancesUnder(failure, faultsAt(scenario, channel));
      return codes.CODE_FAILURE.outcomes.reduce(
        (total, name, index) => total + (ELECTRICAL.includes(name) ? (chances[index] ?? 0) : 0),
        0,
      );
    });
    return { some, each: item.map((value) => (sum > 0 ? (some * value) / sum : 0)), electrical };
  });
  return [
    { name: 'no code', chance: Float64Array.from(entry, (item) => 1 - item.some) },
    ...channels.flatMap((channel, c) => [
      {
        name: `${channel}, electrical`,
        chance: Float64Array.from(entry, (item) => (item.each[c] ?? 0) * (item.electrical[c] ?? 0)),
      },
      {
        name: `${channel}, signal`,
        chance: Float64Array.from(entry, (item) => (item.each[c] ?? 0) * (1 - (item.electrical[c] ?? 0))),
      },
    ]),
  ];
}

/** What the present stage has seen already, by corner. */
interface Seen {
  has(check: string, channel: Channel | null): boolean;
}

/** The check's name and how it was made: flexing meanwhile is a check of its own. */
function mannerOf(observation: Observation): string {
  return observation.kind === 'meter' && observation.while === 'wiggle'
    ? `${checkNameOf(observation)}~wiggle`
    : checkNameOf(observation);
}

function seenIn(stage: readonly Observation[], doubtful: ReadonlySet<string>): Seen {
  const names = new Set(
    stage
      .filter((observation) => !doubtful.has(observation.id))
      .map((observation) => `${mannerOf(observation)}@${observation.channel ?? 'car'}`),
  );
  return {
    has: (check, channel) =>
      names.has(`${check}@${channel ?? 'car'}`) ||
      (check === 'look:module' &&
        stage.some((observation) => observation.kind === 'look' && observation.part === 'module')) ||
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
      return !posterior.timeline.stages.some((stage) =>
        stage.observations.some((observation) => observation.kind === 'history'),
      );
    case 'ask:specs':
      return channel !== null && specsWouldDecide(channel, file, posterior);
    default:
      return true;
  }
}

/** Whether an observation tells that a reader reached the brake module, or did not; flashes of a lamp tell nothing of it. */
function tellsOfReader(observation: Observation): boolean {
  switch (observation.kind) {
    case 'code':
      return (observation.module ?? 'abs') === 'abs' && !isFlashCode(observation.code);
    case 'no-code':
    case 'no-answer':
      return (observation.module ?? 'abs') === 'abs';
    case 'live':
      return true;
    default:
      return false;
  }
}

/** Live speeds come after codes: the reader must have reached the brake module, or codes have been read in words. */
function readerReaches(posterior: Posterior): boolean {
  const all = posterior.timeline.stages.flatMap((stage) => stage.observations);
  const last = all.filter(tellsOfReader).at(-1);
  return last !== undefined && last.kind !== 'no-answer';
}

/** A manual's band helps where a coil was read and only a generic band or none judged it. */
function specsWouldDecide(channel: Channel, file: CaseFile, posterior: Posterior): boolean {
  const stage = posterior.timeline.stages.at(-1);
  const read = stage?.observations.some(
    (observation) =>
      observation.kind === 'meter' &&
      observation.channel === channel &&
      observation.quantity === 'resistance' &&
      typeof observation.value === 'number' &&
      (observation.point === 'sensor' || observation.point === 'module-end'),
  );
  return (
    !file.vehicle.specs?.sensorResistance &&
    !!stage &&
    read === true &&
    coilBand(channel, 'sensor', stage.context).from === 'generic'
  );
}

/** A look that has been made before a repair shows mostly the same again. */
function tableNow(row: CheckRow, channel: Channel | null, posterior: Posterior): TypedTable {
  const part = (Object.keys(LOOK_AGAIN_TABLES) as LookPart[]).find((word) => row.check === `look:${word}`);
  const context = posterior.timeline.stages.at(-1)?.context;
  const isAgain = part !== undefined && context !== undefined && lookedBefore(part, channel, context) === 'sound';
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
  const all = posterior.timeline.stages.flatMap((stage) => stage.observations);
  const read = stage.some((observation) => observation.kind === 'code' || observation.kind === 'no-code');
  const silences = all.filter((observation) => observation.kind === 'no-answer').length;
  const silent = silences > 0;
  const recorded = all.some((observation) => observation.kind === 'code');
  const erased = stage.some((observation) => observation.kind === 'clear' && observation.result !== 'refused');
  const unknown = file.vehicle.channels.some((channel) => file.vehicle.sensorTypes?.[channel] === undefined);
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
              chance: Float64Array.from(scenarios, (scenario) =>
                Number(
                  scenario.typeOf(
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
  ...CHECKS.filter((row) => row.noTools).map((row) => row.check),
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
  return file.vehicle.highVoltage ? all.filter((row) => ALLOWED_ON_HIGH_VOLTAGE.has(row.check)) : all;
}
