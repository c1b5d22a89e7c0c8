import type { CaseFile, Observation, Repair } from '../casefile/contract';
import type { Ranked } from '../belief/posterior';
import { namesInDoubt } from '../codes/namesInDoubt';
import { faultRow } from '../knowledge/faults';
import { faultSeen } from '../knowledge/parts';
import { curesFully, repairRecord } from '../knowledge/repairs/all';
import type { PricedMove } from './lookAhead';
import { texts } from '#words/core/planning';

/** What the policy looks at: the job so far, and since the last repair. */
export interface PolicyFacts {
  readonly file: CaseFile;
  readonly all: readonly Observation[];
  readonly latest: readonly Observation[];
  readonly lastRepair: Repair | null;
  /** Faults, the likeliest first. */
  readonly ranked: readonly Ranked[];
}

/** A row of good manners or safety: what it says, why, and what it makes of the list. */
interface PolicyRow {
  readonly says: string;
  readonly why: string;
  readonly apply: (moves: readonly PricedMove[], facts: PolicyFacts) => readonly PricedMove[];
}

const first = (moves: readonly PricedMove[], isWanted: (move: PricedMove) => boolean): readonly PricedMove[] => [
  ...moves.filter(isWanted),
  ...moves.filter((move) => !isWanted(move)),
];

/** What proves a repair, in the order of doing it. */
const PROOFS: readonly string[] = ['clear', 'code', 'live:hand-spin', 'live:drive'];

/**
 * Whether a move proves a repair: erasing, reading, spinning or driving.
 * @example isProof({ move: { name: 'clear' } }) // => true
 */
export const isProof = ({ move }: PricedMove): boolean => PROOFS.includes(move.name);

function proofsOf(moves: readonly PricedMove[]): readonly PricedMove[] {
  return moves.filter(isProof).sort((a, b) => PROOFS.indexOf(a.move.name) - PROOFS.indexOf(b.move.name));
}

/**
 * Whether the last repair still waits for its proof: nobody has said how it went, and the car has not been asked since.
 * @param facts the job. @returns true until an erase, a drive, a reading of codes or a live speed after the repair.
 * @example isUnproved(FACTS) // => false
 */
export function isUnproved({ lastRepair, latest }: PolicyFacts): boolean {
  const asks = (observation: Observation): boolean =>
    observation.kind === 'clear' ||
    observation.kind === 'drive' ||
    observation.kind === 'live' ||
    (observation.kind === 'no-code' && observation.tested !== false) ||
    (observation.kind === 'code' && observation.status === 'current');
  return lastRepair?.result === 'unknown' && !latest.some(asks);
}

/** Whether the car has been asked since the last repair, and nothing has come back: then the watch comes before any repair. */
function isQuiet({ lastRepair, latest }: PolicyFacts): boolean {
  const isGood = (seen: Observation): boolean =>
    (seen.kind === 'clear' && seen.result === 'stayed-clear') ||
    (seen.kind === 'drive' && seen.result !== 'lamps-came-back');
  const isBad = (seen: Observation): boolean =>
    (seen.kind === 'clear' && seen.result.startsWith('returned')) ||
    (seen.kind === 'drive' && seen.result === 'lamps-came-back') ||
    seen.kind === 'code' ||
    (seen.kind === 'lamps' && seen.lit.length > 0) ||
    (seen.kind === 'live' && seen.finding !== 'follows') ||
    (seen.kind === 'look' && seen.finding !== 'sound' && seen.finding !== 'hidden');
  return lastRepair !== null && lastRepair.result !== 'no-change' && latest.some(isGood) && !latest.some(isBad);
}

/**
 * Whether something is known that forbids a drive: a red brake lamp, a soft pedal, a leak.
 * @param all all counted observations, in order. @returns true while the last word of the lamps still has the red one lit.
 * @example isDriveForbidden(CASE.observations) // => false
 */
export function isDriveForbidden(all: readonly Observation[]): boolean {
  const lamps = all.findLast((observation) => observation.kind === 'lamps');
  const isRed = lamps?.kind === 'lamps' && lamps.lit.includes('brake-red');
  return (
    isRed ||
    all.some(
      (observation) =>
        observation.kind === 'symptom' &&
        (observation.symptom === 'pedal-soft' || observation.symptom === 'fluid-leak'),
    )
  );
}

/**
 * Whether a move is the spin of the wheel whose name is in doubt.
 * @example isSpinInDoubt({ move: { name: 'live:hand-spin', channel: 'front-right' } }, FACTS) // => false
 */
export function isSpinInDoubt({ move }: PricedMove, { file }: PolicyFacts): boolean {
  return move.name === 'live:hand-spin' && move.channel === namesInDoubt(file)?.spin;
}

/** The look that has shown this repair's fault itself, at its place. */
function isSeen(move: PricedMove, latest: readonly Observation[]): boolean {
  const { name, channel, kind } = move.move;
  return (
    kind === 'repair' &&
    latest.some((observation) => {
      if (observation.kind !== 'look' || (channel && observation.channel !== channel)) return false;
      const fault = faultSeen(observation.part, observation.finding);
      return fault !== null && curesFully(name, fault);
    })
  );
}

/** Parts that people buy on a hunch, and the check that must have been made before. */
const HUNCHES: readonly { readonly repair: string; readonly ofCar: boolean; readonly check: string }[] = [
  { repair: 'charged:supply', ofCar: true, check: 'meter:battery:dc-voltage' },
  { repair: 'replaced:elsewhere', ofCar: true, check: 'look:brake-switch' },
  { repair: 'replaced:elsewhere', ofCar: false, check: 'look:tyres' },
  { repair: 'topped-up:elsewhere', ofCar: true, check: 'look:fluid' },
];

function hunchOf(repair: PricedMove | undefined): (typeof HUNCHES)[number] | undefined {
  return HUNCHES.find((hunch) => hunch.repair === repair?.move.name && hunch.ofCar === (repair.move.channel === null));
}

/**
 * Whether a check must come before a repair that is likely and often made on a hunch.
 * @example isDueBefore({ move: { name: 'meter:battery:dc-voltage' } }, [{ cures: 0.4, move: { name: 'charged:supply', channel: null } }]) // => true
 */
export function isDueBefore(check: PricedMove, repairs: readonly PricedMove[]): boolean {
  return repairs.some((repair) => repair.cures >= SUSPECT && hunchOf(repair)?.check === check.move.name);
}

/** Checks that tell why a tip was scored: they come before a new sensor goes in. */
const WHY_SCORED = ['look:ring', 'look:bearing'];

function scoredTips(latest: readonly Observation[]): readonly (string | undefined)[] {
  return latest.flatMap((observation) =>
    observation.kind === 'look' && observation.part === 'sensor' && observation.finding === 'scored'
      ? [observation.channel]
      : [],
  );
}

/** Limits of the contract's segment states. */
export const AT_FAULT = 0.9;
export const SUSPECT = 0.25;

function isRepairOf(move: PricedMove['move'], { fault, channel }: Ranked): boolean {
  return (
    move.kind === 'repair' &&
    curesFully(move.name, fault) &&
    (move.channel === channel || move.channel === null || channel === null)
  );
}

/** Whether something beyond what the car shows by itself has been asked, read or seen. */
const isMoreThanADash = ({ kind }: Observation): boolean => !['lamps', 'symptom', 'history'].includes(kind);

function isAbsLit(all: readonly Observation[]): boolean {
  const lamps = all.findLast((observation) => observation.kind === 'lamps');
  return lamps?.kind === 'lamps' && lamps.lit.includes('abs');
}

/** The faults of the segment that is likeliest to hold one, the likeliest first. */
function leadingSegment(ranked: readonly Ranked[]): readonly Ranked[] {
  const bySegment = new Map<string, Ranked[]>();
  for (const row of ranked) {
    if (row.fault === 'stale-code') continue;
    const key = `${row.channel ?? ''} ${faultRow(row.fault).segment}`;
    bySegment.set(key, [...(bySegment.get(key) ?? []), row]);
  }
  const sum = (rows: readonly Ranked[]): number => rows.reduce((total, row) => total + row.probability, 0);
  return [...bySegment.values()].reduce<readonly Ranked[]>((best, rows) => (sum(rows) > sum(best) ? rows : best), []);
}

/** Safety and good manners, most urgent last so that it stands first in the end: at most six rows. */
export const POLICY: readonly PolicyRow[] = [
  {
    says: texts.whileOnlyLampsAre,
    why: texts.theCarKnowsThe,
    apply: (moves, { ranked, all }) => {
      if (!all.some(isMoreThanADash)) return first(moves, ({ move }) => move.name === 'code' && isAbsLit(all));
      const rows = leadingSegment(ranked);
      const share = rows.reduce((sum, row) => sum + row.probability, 0);
      const place = share < SUSPECT ? -1 : share >= AT_FAULT ? 1 : 2;
      const repair = moves.findIndex(({ move }) => rows[0] && isRepairOf(move, rows[0]));
      if (place < 0 || repair <= place) return moves;
      const rest = moves.filter((_move, at) => at !== repair);
      return [...rest.slice(0, place), ...moves.slice(repair, repair + 1), ...rest.slice(place)];
    },
  },
  {
    says: texts.whatPeopleBuyOn,
    why: texts.aBatteryASwitch,
    apply: (moves, { latest, ranked }) => {
      const likely = moves.find((move) => move.move.kind === 'repair' && move.cures >= SUSPECT);
      const rule = hunchOf(likely);
      const scored = scoredTips(latest);
      const isWanted = ({ move }: PricedMove): boolean =>
        move.name === rule?.check ||
        (move.name === 'clear' && ranked[0]?.fault === 'stale-code' && !rule) ||
        (WHY_SCORED.includes(move.name) && scored.includes(move.channel ?? undefined));
      return first(moves, isWanted);
    },
  },
  {
    says: texts.whatWasSeenAnd,
    why: texts.pluggingInAndTrying,
    apply: (moves, { latest }) =>
      first(moves, (move) => repairRecord(move.move.name)?.atOnce === true && isSeen(move, latest)),
  },
  {
    says: texts.beforeAnythingIsTaken,
    why: texts.aPartFittedAt,
    apply: (moves, facts) => first(moves, (move) => isSpinInDoubt(move, facts)),
  },
  {
    says: texts.afterARepairNothing,
    why: texts.aLampThatIs,
    apply: (moves, facts) =>
      isUnproved(facts) || isQuiet(facts)
        ? [...moves.filter((move) => isSeen(move, facts.latest)), ...proofsOf(moves)]
        : moves,
  },
  {
    says: texts.withARedBrake,
    why: texts.hydraulicsAndBrakeForce,
    apply: (moves, { all }) =>
      isDriveForbidden(all) ? moves.filter(({ move }) => move.name !== 'live:drive' && move.name !== 'swap') : moves,
  },
];

/**
 * Puts safety and good manners over a list that is ordered by price.
 * @param moves cheapest road first. @param facts the job. @returns the list as a careful mechanic would offer it.
 * @example withPolicy([], FACTS) // => []
 */
export function withPolicy(moves: readonly PricedMove[], facts: PolicyFacts): readonly PricedMove[] {
  return POLICY.reduce((list, row) => row.apply(list, facts), moves);
}
