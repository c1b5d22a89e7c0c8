import type { CaseFile, Observation, Repair } from '../casefile/contract';
import type { Ranked } from '../belief/posterior';
import { namesInDoubt } from '../codes/namesInDoubt';
import { faultRow } from '../knowledge/faults';
import { STATES } from '../knowledge/limits';
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

/** Why a move stands where it stands: its saving; because it proves what is believed before it is paid for; for safety. */
export type Because = 'saves' | 'proves' | 'safety';

/** A move with the reason for its place. */
export interface Placed {
  readonly because: Because;
  readonly rule: string | null;
}

/** A row of good manners or safety: what it says to the owner, which moves it puts first, and which it takes off the list. */
interface PolicyRow {
  readonly rule: string;
  readonly because: Exclude<Because, 'saves'>;
  /** A move that stands no further down than a place, from 0. */
  readonly notAfter?: (
    moves: readonly PricedMove[],
    facts: PolicyFacts,
  ) => readonly [move: PricedMove, place: number] | null;
  readonly first?: (moves: readonly PricedMove[], facts: PolicyFacts) => (move: PricedMove) => boolean;
  /** In which order those stand; as they stood where left out. */
  readonly order?: (a: PricedMove, b: PricedMove) => number;
  readonly without?: (facts: PolicyFacts) => (move: PricedMove) => boolean;
}

/** What proves a repair, in the order of doing it. */
const PROOFS: readonly string[] = ['clear', 'code', 'live:hand-spin', 'live:drive'];

/**
 * Whether a move proves a repair: erasing, reading, spinning or driving.
 * @example isProof({ move: { name: 'clear' } }) // => true
 */
export const isProof = ({ move }: PricedMove): boolean => PROOFS.includes(move.name);

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

/** Results of an erase after which a code was back. */
const RETURNED: readonly string[] = ['returned-at-key-on', 'returned-when-moving', 'returned-later'];

/** Whether the car has been asked since the last repair, and nothing has come back: then the watch comes before any repair. */
function isQuiet({ lastRepair, latest }: PolicyFacts): boolean {
  const isGood = (seen: Observation): boolean =>
    (seen.kind === 'clear' && seen.result === 'stayed-clear') ||
    (seen.kind === 'drive' && seen.result !== 'lamps-came-back');
  const isBad = (seen: Observation): boolean =>
    (seen.kind === 'clear' && RETURNED.includes(seen.result)) ||
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

/** The rule of the first repair that is likely, where it is one that people make on a hunch. */
const hunchIn = (moves: readonly PricedMove[]): (typeof HUNCHES)[number] | undefined =>
  hunchOf(moves.find((move) => move.move.kind === 'repair' && move.cures >= STATES.suspectFrom));

/**
 * Whether a check must come before a repair that is likely and often made on a hunch.
 * @example isDueBefore({ move: { name: 'meter:battery:dc-voltage' } }, [{ cures: 0.4, move: { name: 'charged:supply', channel: null } }]) // => true
 */
export function isDueBefore(check: PricedMove, repairs: readonly PricedMove[]): boolean {
  return repairs.some((repair) => repair.cures >= STATES.suspectFrom && hunchOf(repair)?.check === check.move.name);
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

/** Whether something beyond what the car shows by itself has been asked, read or seen. */
const isMoreThanADash = ({ kind }: Observation): boolean => !['lamps', 'symptom', 'history'].includes(kind);

function isAbsLit(all: readonly Observation[]): boolean {
  const lamps = all.findLast((observation) => observation.kind === 'lamps');
  return lamps?.kind === 'lamps' && lamps.lit.includes('abs');
}

function isRepairOf(move: PricedMove['move'], { fault, channel }: Ranked): boolean {
  return (
    move.kind === 'repair' &&
    curesFully(move.name, fault) &&
    (move.channel === channel || move.channel === null || channel === null)
  );
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

const NOTHING = (): boolean => false;

/** Whether nothing else is done before the last repair has had its proof. */
const waitsForProof = (facts: PolicyFacts): boolean => isUnproved(facts) || isQuiet(facts);

/** Safety and good manners, most urgent last so that it stands first in the end. */
const POLICY: readonly PolicyRow[] = [
  {
    rule: texts.mostPointsToIt,
    because: 'proves',
    notAfter: (moves, { ranked, all }) => {
      const rows = leadingSegment(ranked);
      const share = rows.reduce((sum, row) => sum + row.probability, 0);
      const repair = moves.find(({ move }) => rows[0] && isRepairOf(move, rows[0]));
      if (!repair || share < STATES.suspectFrom || !all.some(isMoreThanADash)) return null;
      return [repair, share >= STATES.atFaultFrom ? 1 : 2];
    },
  },
  {
    rule: texts.readCodesFirst,
    because: 'proves',
    first: (_moves, { all }) =>
      all.some(isMoreThanADash) || !isAbsLit(all) ? NOTHING : ({ move }) => move.name === 'code',
  },
  {
    rule: texts.notOnAHunch,
    because: 'proves',
    first: (moves) => {
      const check = hunchIn(moves)?.check;
      return ({ move }) => move.name === check;
    },
  },
  {
    rule: texts.oldCodesHide,
    because: 'proves',
    first: (moves, { ranked }) =>
      ranked[0]?.fault !== 'stale-code' || hunchIn(moves) ? NOTHING : ({ move }) => move.name === 'clear',
  },
  {
    rule: texts.whatScoredTheTip,
    because: 'proves',
    first: (_moves, { latest }) => {
      const scored = scoredTips(latest);
      return ({ move }) => WHY_SCORED.includes(move.name) && scored.includes(move.channel ?? undefined);
    },
  },
  {
    rule: texts.mendedAtOnce,
    because: 'proves',
    first:
      (_moves, { latest }) =>
      (move) =>
        repairRecord(move.move.name)?.atOnce === true && isSeen(move, latest),
  },
  {
    rule: texts.spinItFirst,
    because: 'proves',
    first: (_moves, facts) => (move) => isSpinInDoubt(move, facts),
  },
  {
    rule: texts.proveItFirst,
    because: 'proves',
    first: (_moves, facts) => (waitsForProof(facts) ? (move) => isProof(move) || isSeen(move, facts.latest) : NOTHING),
    order: (a, b) => PROOFS.indexOf(a.move.name) - PROOFS.indexOf(b.move.name),
    without: (facts) => (waitsForProof(facts) ? (move) => !isProof(move) && !isSeen(move, facts.latest) : NOTHING),
  },
  {
    rule: texts.doNotDrive,
    because: 'safety',
    without: ({ all }) =>
      isDriveForbidden(all) ? ({ move }) => move.name === 'live:drive' || move.name === 'swap' : NOTHING,
  },
];

function withRow<M extends PricedMove & Placed>(moves: readonly M[], row: PolicyRow, facts: PolicyFacts): readonly M[] {
  const isOff = row.without?.(facts) ?? NOTHING;
  const left = moves.filter((move) => !isOff(move));
  const { because, rule } = row;
  const [late, place] = row.notAfter?.(left, facts) ?? [null, 0];
  if (late && left.findIndex((move) => move === late) > place) {
    const others = left.filter((move) => move !== late);
    return [...others.slice(0, place), { ...(late as M), because, rule }, ...others.slice(place)];
  }
  const isFirst = row.first?.(left, facts) ?? NOTHING;
  const put = left.filter(isFirst);
  const rest = left.filter((move) => !isFirst(move));
  return [...(row.order ? [...put].sort(row.order) : put).map((move) => ({ ...move, because, rule })), ...rest];
}

/**
 * Puts safety and good manners over a list that is ordered by price; what a rule has put first says so.
 * @param moves cheapest road first. @param facts the job. @returns the list as a careful mechanic would offer it.
 * @example withPolicy([], FACTS) // => []
 */
export function withPolicy<M extends PricedMove & Placed>(moves: readonly M[], facts: PolicyFacts): readonly M[] {
  return POLICY.reduce((list, row) => withRow(list, row, facts), moves);
}
