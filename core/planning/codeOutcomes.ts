import type { CaseFile } from '../casefile/contract';
import * as codes from '../knowledge/tables/codes';
import * as codeFailure from '../knowledge/tables/codeFailure';
import * as beside from '../knowledge/tables/codesBeside';
import { chancesOf, chancesUnder } from '../knowledge/tables/table';
import type { CheckOutcome, State } from './states';
import { texts } from '#words/core/planning';

const ELECTRICAL: readonly string[] = [
  'open',
  'short-to-ground',
  'short-to-supply',
  'circuit',
  'intermittent',
  'supply',
];

/** What the codes would say of a car in one state. */
interface Said {
  /** Chance that a cause beside the wheels is named by its own code. */
  readonly cause: number;
  /** By channel: chance that it is the wheel that is named. */
  readonly named: readonly number[];
  readonly electrical: readonly number[];
}

function saidOf(state: State, file: CaseFile): Said {
  const named = chancesOf(codes.CODE_NAMED);
  const failure = chancesOf(codeFailure.CODE_FAILURE);
  const at = (channel: string | null) =>
    state.faults.filter((fault) => fault.channel === channel || fault.channel === null).map((fault) => fault.fault);
  const byWheel = file.vehicle.channels.map((channel) => chancesUnder(named, at(channel))[1] ?? 0);
  const some = 1 - byWheel.reduce((product, chance) => product * (1 - chance), 1);
  const sum = byWheel.reduce((total, chance) => total + chance, 0);
  const shared = state.faults.filter((fault) => fault.channel === null).map((fault) => fault.fault);
  const cause = Object.values(beside.CODE_OF_CAUSE).reduce(
    (most, table) => Math.max(most, chancesUnder(chancesOf(table), shared)[1] ?? 0),
    0,
  );
  return {
    cause: shared.length > 0 ? cause : 0,
    named: byWheel.map((chance) => (sum > 0 ? (some * chance) / sum : 0)),
    electrical: file.vehicle.channels.map((channel) => {
      const chances = chancesUnder(failure, at(channel));
      return codeFailure.CODE_FAILURE.outcomes.reduce(
        (total, name, index) => total + (ELECTRICAL.includes(name) ? (chances[index] ?? 0) : 0),
        0,
      );
    }),
  };
}

/**
 * What reading the codes may bring: none, a cause beside the wheels, or a wheel named by its circuit or by its signal.
 * @param file the case: its channels. @param states what may be wrong. @returns outcomes whose chances sum to 1 in each state.
 * @example codeOutcomes(CASE, [{ faults: [], typeOf: () => 'passive' }])[0].name // => "no code"
 */
export function codeOutcomes(file: CaseFile, states: readonly State[]): readonly CheckOutcome[] {
  const said = states.map((state) => saidOf(state, file));
  const rest = (entry: Said): number => 1 - entry.cause;
  const silent = (entry: Said): number => 1 - entry.named.reduce((sum, chance) => sum + chance, 0);
  return [
    { name: texts.noCode, chance: Float64Array.from(said, (entry) => rest(entry) * silent(entry)) },
    { name: texts.aCauseOfIts, chance: Float64Array.from(said, (entry) => entry.cause) },
    ...file.vehicle.channels.flatMap((channel, c) => {
      const named = (entry: Said): number => rest(entry) * (entry.named[c] ?? 0);
      return [
        {
          name: `${channel}/electrical`,
          chance: Float64Array.from(said, (entry) => named(entry) * (entry.electrical[c] ?? 0)),
        },
        {
          name: `${channel}/signal`,
          chance: Float64Array.from(said, (entry) => named(entry) * (1 - (entry.electrical[c] ?? 0))),
        },
      ];
    }),
  ];
}
