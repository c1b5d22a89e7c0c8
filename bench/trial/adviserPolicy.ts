import { advise, type Advice } from '../../core/judgement/assess';
import type { Move } from '../../core/judgement/move';
import { moveKey, repairOfMove } from '../../core/knowledge/moves';
import { curesFully } from '../../core/knowledge/repairs/all';
import type { StopId } from '../../core/judgement/stops';
import type { CaseFile } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { World } from '../world';
import { Ledger, type LoggedMove, type Outcome } from './ledger';

/** A belief, and whether it was so. */
export interface Belief {
  readonly probability: number;
  readonly isTrue: boolean;
}

/**
 * What the adviser believed when it first acted.
 * Faults that the same repair at the same place mends count as one: nothing is gained by telling them apart. `fault` is the likeliest one alone.
 */
export interface FirstAct extends Belief {
  readonly fault: Belief;
  /** What it rested on: damage seen, a part or repair tried, else readings and codes. */
  readonly after: 'look' | 'trial' | 'readings';
}

/** Findings that are no damage, and observations that try something. */
const HARMLESS: readonly string[] = ['sound', 'hidden', 'unclipped', 'wet', 'dirty'];
const TRIALS: readonly string[] = ['swap', 'substitute', 'unplug', 'clear'];

const MOST_TURNS = 60;
/** Stops that end the job. */
const ENDS: readonly string[] = [
  'hydraulic',
  'airbag',
  'structure',
  'module',
  'two-repairs-failed',
  'nothing-wrong',
  'high-voltage',
];

function has(world: World, fault: string, channel: Channel | null): boolean {
  return world.faults.some((entry) => entry.fault === fault && entry.channel === channel);
}

type Row = Advice['ranking'][number];

function believed(rows: readonly Row[], world: World): Belief {
  const probability = Math.min(
    1,
    rows.reduce((sum, row) => sum + row.probability, 0),
  );
  const isTrue = rows.some((row) => (row.fault === 'none' ? world.isSound : has(world, row.fault, row.channel)));
  return { probability, isTrue };
}

/** The rows of the ranking that an act rests on: what its repair mends, or what its stop says. */
function restsOn({ ranking }: Advice, act: Move | StopId): readonly Row[] {
  if (typeof act === 'string') {
    const said: Partial<Record<StopId, Row['fault']>> = { 'nothing-wrong': 'none', module: 'module-input' };
    return ranking.filter((row) => row.fault === (said[act] ?? ranking[0]?.fault));
  }
  const { move } = act;
  if (move.is !== 'repair') return [];
  const repair = repairOfMove(move);
  return ranking.filter(
    (row) =>
      row.fault !== 'none' && curesFully(repair, row.fault) && (row.channel === move.channel || row.channel === null),
  );
}

/** Whether some damage has been seen, or something been tried. */
function restingOn({ observations, repairs = [] }: CaseFile): FirstAct['after'] {
  const isDamage = observations.some((seen) => seen.kind === 'look' && !HARMLESS.includes(seen.finding));
  const isTrial = observations.some((seen) => TRIALS.includes(seen.kind)) || repairs.length > 0;
  return isTrial ? 'trial' : isDamage ? 'look' : 'readings';
}

function firstAct(advice: Advice, act: Move | StopId, ledger: Ledger): FirstAct {
  const { world, file } = ledger;
  return {
    ...believed(restsOn(advice, act), world),
    fault: believed(advice.ranking.slice(0, 1), world),
    after: restingOn(file),
  };
}

/** Whether a stop was the right one to call. */
function isRight(stop: string, world: World): boolean {
  if (stop === 'nothing-wrong') return world.isSound;
  if (stop === 'module') return world.faults.some((fault) => fault.fault === 'module-input');
  if (stop === 'hydraulic') return world.faults.some((fault) => fault.fault === 'brake-fluid-low');
  return false;
}

/** Does the move. Gives false where it taught nothing and need not be offered again. */
function make({ move }: Move, ledger: Ledger): boolean {
  if (move.is === 'repair') {
    ledger.repair(repairOfMove(move), move.channel);
    return true;
  }
  const { check, channel } = move;
  if (check === 'ask:sensor-type' || check === 'ask:specs') {
    ledger.learnFromManual(check);
    return true;
  }
  const seen = ledger.check(check, channel, move.while);
  if (check === 'ask:history' && seen.length === 0) ledger.record([{ kind: 'history', event: 'nothing-known' }]);
  return seen.length > 0;
}

/** How a job went in the adviser's hands, what it first acted on, and all that it did. */
export interface AdviserJob {
  readonly outcome: Outcome;
  readonly act: FirstAct | null;
  readonly road: readonly LoggedMove[];
}

/**
 * The adviser at work: it does what it recommends first, until it calls a stop.
 * @param world the car. @returns how it went, and what it believed when it first repaired or stopped.
 * @example adviserPolicy(worldWith('plug-loose')).outcome.repairedRightly // => true
 */
export function adviserPolicy(world: World): AdviserJob {
  const ledger = new Ledger(world);
  const done = new Set<string>();
  let act: FirstAct | null = null;
  for (let turn = 0; turn < MOST_TURNS; turn += 1) {
    const advice = advise(ledger.file);
    const { stop } = advice;
    const move = advice.next.find((offered) => !done.has(moveKey(offered.move)));
    const isEnd = stop !== null && ENDS.includes(stop.id);
    const isRepair = move?.move.is === 'repair';
    if (act === null && stop && isEnd) act = firstAct(advice, stop.id, ledger);
    else if (act === null && move && isRepair) act = firstAct(advice, move, ledger);
    if (stop && isEnd) return { outcome: ledger.close(isRight(stop.id, world)), act, road: ledger.log };
    if (!move) break;
    if (!make(move, ledger)) done.add(moveKey(move.move));
  }
  return { outcome: ledger.close(false), act, road: ledger.log };
}
