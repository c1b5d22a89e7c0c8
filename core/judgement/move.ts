import type { CaseFile } from '../casefile/contract';
import { faultName, type FaultId } from '../knowledge/faults';
import type { MoveRef } from '../knowledge/moves';
import { FAULT_PAIRS } from '../knowledge/pairs';
import { curesFully } from '../knowledge/repairs/all';
import type { Ranked } from '../belief/posterior';
import type { OfferedMove } from '../planning/plan';
import type { Because } from '../planning/policy';
import type { AnyMove } from '../planning/prices';
import type { Seen } from '../planning/seen';
import { reasonsFor, type Behind } from './reasons';

/** One recommended move. */
export interface Move {
  readonly move: MoveRef;
  /** Of a repair: the likeliest fault that it cures at its place. */
  readonly fault?: FaultId;
  readonly minutes: number;
  /** Money only. */
  readonly cost: number;
  /** Expected cost of the best road that begins otherwise, minus that of the best road that begins with it; time included. */
  readonly expectedSaving: number;
  readonly because: Because;
  /** Of a repair: the chance that it takes away a fault that is there. */
  readonly chance?: number;
  /** Why it stands here, as sentences. */
  readonly why: string;
}

/** What moves are said from, beside themselves. */
export interface MoveFacts {
  readonly file: CaseFile;
  /** Faults, the likeliest first. */
  readonly ranked: readonly Ranked[];
  /** What has been answered since the last change. */
  readonly seen: Seen;
  /** Whether no other move is offered. */
  readonly isAlone: boolean;
}

/**
 * A move of the plan as everybody names it.
 * @example refOf({ kind: 'repair', action: 'cleaned', segment: 'plug', channel: 'rear-left' }).is // => "repair"
 */
export function refOf(move: AnyMove): MoveRef {
  if (move.kind === 'repair') {
    const { action, segment, channel } = move;
    return { is: 'repair', action, segment, channel };
  }
  const { name, channel, manner } = move;
  return { is: 'check', check: name, channel, ...(manner ? { while: manner } : {}) };
}

/** The likeliest fault that a repair cures at its place. */
function faultFor({ move }: OfferedMove, ranked: readonly Ranked[]): FaultId | undefined {
  if (move.kind !== 'repair') return undefined;
  return ranked.find(
    (row) =>
      curesFully(move.name, row.fault) &&
      (row.channel === move.channel || row.channel === null || move.channel === null),
  )?.fault;
}

/** A cause that would bring a repaired fault back is told from this chance on. */
const WORTH_WARNING = 0.2;

/** The cause behind what a repair mends, where one is likely and is not mended with it. */
function behindOf({ move }: OfferedMove, ranked: readonly Ranked[]): Behind | null {
  if (move.kind !== 'repair') return null;
  const causes = FAULT_PAIRS.filter(
    (pair) => curesFully(move.name, pair.consequence) && !curesFully(move.name, pair.cause),
  ).map((pair) => pair.cause as FaultId);
  const found = ranked.find(
    (row) => row.channel === move.channel && causes.includes(row.fault) && row.probability >= WORTH_WARNING,
  );
  return found ? { cause: faultName(found.fault), probability: found.probability } : null;
}

const round = (value: number, places: number): number => Number(value.toFixed(places));

/**
 * A move as it is offered.
 * @param offered the plan's. @param rank its place on the list, from 0. @param facts what it is said from.
 * @returns minutes to a tenth, money and saving to a cent, chance to six places.
 * @example moveOf(PLAN.moves[0], 0, MOVE_FACTS).fault // => "plug-loose"
 */
export function moveOf(offered: OfferedMove, rank: number, facts: MoveFacts): Move {
  const fault = faultFor(offered, facts.ranked);
  const chance = offered.move.kind === 'repair' ? round(offered.cures, 6) : null;
  return {
    move: refOf(offered.move),
    ...(fault ? { fault } : {}),
    minutes: round(offered.minutes, 1),
    cost: round(offered.money, 2),
    expectedSaving: round(offered.saving, 2),
    because: offered.because,
    ...(chance === null ? {} : { chance }),
    why: reasonsFor({ ...facts, offered, rank, chance, behind: behindOf(offered, facts.ranked) })
      .map(({ words }) => words)
      .join(' '),
  };
}
