import type { CheckId } from '../../core/knowledge/checks/checkIds';
import type { Scenario } from '../../core/belief/posterior';
import type { CaseFile } from '../../core/casefile/contract';
import type { Cause } from '../../core/knowledge/faults';
import { minutesToOpen, openingsFor, type Setup } from '../../core/knowledge/setups';
import type { CheckMove } from '../../core/planning/checkMoves';
import { Finishing, NOTHING_DONE, stakesOf } from '../../core/planning/finishing';
import { repairMoves } from '../../core/planning/prices';
import { rankMoves, type OfferedMove } from '../../core/planning/plan';
import { repairOptions, repairPrice, type RepairOption } from '../../core/planning/repairOptions';
import { statesOf, type States } from '../../core/planning/states';
import { car, caseOf } from './caseBuilder';

/** A small job: a few faults, their repairs at real prices, a few checks. Repairs are tests too: they cure or they don't. */
export interface ReducedModel {
  readonly file: CaseFile;
  readonly states: States;
  readonly options: readonly RepairOption[];
  readonly checks: readonly CheckMove[];
}

const FAULTS: readonly Cause[] = [
  'sensor-open',
  'gap-wide',
  'lead-open',
  'plug-corroded',
  'loom-open',
  'ring-debris',
  'sensor-dirty',
  'bearing-play',
  'loom-short-to-ground',
  'ring-swollen',
];
const SETUPS: readonly Setup[] = ['reader', 'raised', 'wheel-off', 'plug-apart', 'sensor-out', 'module-plug-apart'];

/** One fault each, chances as given. */
export function scenariosWith(faults: readonly Cause[], chances: readonly number[]): Scenario[] {
  const sum = chances.reduce((total, chance) => total + chance, 0);
  const typeOf = () => 'passive' as const;
  return faults.map((fault, at) => ({
    probability: (chances[at] ?? 0) / sum,
    faults: [{ channel: 'front-left' as const, fault }],
    typeOf,
  }));
}

/** A reduced job of given scenarios, without checks yet. */
export function jobOf(file: CaseFile, scenarios: readonly Scenario[]): Omit<ReducedModel, 'checks'> {
  const states = statesOf(scenarios);
  return { file, states, options: repairOptions(states, file) };
}

/** A check that tells state from state as the rows say: chance of its second outcome in each; in a sound car none. */
export function checkWith(
  name: string,
  minutes: number,
  setups: readonly Setup[],
  seen: readonly number[],
  job: Omit<ReducedModel, 'checks'>,
): CheckMove {
  const shown = job.states.all.map((_state, s) => seen[s] ?? 0);
  return {
    kind: 'check',
    name: name as CheckId,
    channel: 'front-left',
    record: { of: 'channel', words: name, ifs: ['If it shows, that is told.'], setups },
    minutes,
    openings: openingsFor(setups, job.file, 'front-left'),
    mayBreakSensor: 0,
    buys: null,
    outcomes: [
      { name: 'normal', chance: Float64Array.from(shown, (chance) => 1 - chance) },
      { name: 'seen', chance: Float64Array.from(shown) },
    ],
  };
}

/** What the planner puts in order for a reduced job as it stands at first. */
export function ranked({ file, states, options, checks }: ReducedModel): readonly OfferedMove[] {
  const finishing = new Finishing(states, options, stakesOf(file), file);
  return rankMoves(finishing, [...checks, ...repairMoves(options)], NOTHING_DONE, file);
}

/** A reduced job drawn by chance: three to five faults, two to four checks. */
export function drawModel(random: () => number): ReducedModel {
  const between = (low: number, high: number): number => low + (high - low) * random();
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const faults = [...FAULTS].sort(() => random() - 0.5).slice(0, 3 + Math.floor(random() * 3));
  const file = caseOf(car('passive'), [], [], {
    owner: { hourValue: Math.round(between(5, 40)), prices: { sensor: Math.round(between(15, 160)) } },
  });
  const chances = faults.map(() => between(0.05, 1) ** 2);
  const job = jobOf(file, scenariosWith(faults, chances));
  const checks = Array.from({ length: 2 + Math.floor(random() * 3) }, (_none, at) =>
    checkWith(
      `check-${at}`,
      Math.round(between(2, 20)),
      random() < 0.7 ? [pick(SETUPS)] : [],
      faults.map(() => (random() < 0.5 ? between(0.02, 0.2) : between(0.7, 0.98))),
      job,
    ),
  );
  return { ...job, checks };
}

/** Where a reduced job stands: checks made with what they showed, repairs tried, what stands open. */
interface Standing {
  readonly seen: readonly number[];
  readonly repaired: number;
  readonly open: ReadonlySet<string>;
}

const MOST_TRIES = 2;
const bitCount = (bits: number): number => (bits === 0 ? 0 : (bits & 1) + bitCount(bits >> 1));
const triesLeft = ({ repaired }: Standing): number => MOST_TRIES - bitCount(repaired);
const keyOf = ({ seen, repaired, open }: Standing): string => `${seen.join()}|${repaired}|${[...open].sort().join()}`;

/** The job's exact book-keeping, shared by the exhaustive planner and by the policy that is measured against it. */
class Book {
  readonly hourValue: number;
  readonly workshop: number;

  constructor(readonly model: ReducedModel) {
    ({ hourValue: this.hourValue, workshop: this.workshop } = stakesOf(model.file));
  }

  weights({ seen, repaired }: Standing): Float64Array {
    const { states, checks, options } = this.model;
    return states.weights.map((weight, s) => {
      const likely = seen.reduce((product, outcome, c) => {
        return outcome < 0 ? product : product * (checks[c]?.outcomes[outcome]?.chance[s] ?? 0);
      }, weight);
      return options.reduce(
        (left, option, r) => (repaired & (1 << r) ? left * (1 - (option.effects[s]?.cured ?? 0)) : left),
        likely,
      );
    });
  }

  checkPrice(c: number, { open }: Standing): number {
    const check = this.model.checks[c] as CheckMove;
    return (this.hourValue * (check.minutes + minutesToOpen(check.openings, open, this.model.file))) / 60;
  }

  repairPrice(r: number, { open }: Standing): number {
    const { minutes, money } = repairPrice(
      this.model.options[r] as RepairOption,
      { ...NOTHING_DONE, open },
      this.model.file,
    );
    return money + (this.hourValue * minutes) / 60;
  }

  afterCheck(standing: Standing, c: number, outcome: number): Standing {
    const openings = this.model.checks[c]?.openings.map((opening) => opening.key) ?? [];
    const seen = standing.seen.map((known, at) => (at === c ? outcome : known));
    return { ...standing, seen, open: new Set([...standing.open, ...openings]) };
  }

  /** After a repair everything is closed again to prove it. */
  afterRepair(standing: Standing, r: number): Standing {
    return { ...standing, repaired: standing.repaired | (1 << r), open: new Set() };
  }
}

const sumOf = (weights: Float64Array): number => weights.reduce((sum, weight) => sum + weight, 0);
const start = (model: ReducedModel): Standing => ({ seen: model.checks.map(() => -1), repaired: 0, open: new Set() });

/** The least that finishing can cost: every order of checks and repairs, with a workshop as the way out, at the latest after two repairs. */
export function exhaustiveCost(model: ReducedModel): number {
  const book = new Book(model);
  const known = new Map<string, number>();
  const cost = (standing: Standing): number => {
    const key = keyOf(standing);
    const kept = known.get(key);
    if (kept !== undefined) return kept;
    const mass = sumOf(book.weights(standing));
    if (mass < 1e-12) return 0;
    let best = book.workshop * mass;
    if (triesLeft(standing) > 0) {
      standing.seen.forEach((outcome, c) => {
        if (outcome >= 0) return;
        const price = book.checkPrice(c, standing) * mass;
        if (price >= best) return;
        best = Math.min(best, price + cost(book.afterCheck(standing, c, 0)) + cost(book.afterCheck(standing, c, 1)));
      });
      model.options.forEach((option, r) => {
        if (option.isErase || standing.repaired & (1 << r)) return;
        const price = book.repairPrice(r, standing) * mass;
        if (price < best) best = Math.min(best, price + cost(book.afterRepair(standing, r)));
      });
    }
    known.set(key, best);
    return best;
  };
  return cost(start(model));
}

/** What the planner puts first where a reduced job stands; null where handing over is cheaper. */
function firstOf(model: ReducedModel, book: Book, standing: Standing): OfferedMove | null {
  const weights = book.weights(standing);
  const mass = sumOf(weights);
  const states: States = { ...model.states, weights: weights.map((weight) => weight / mass) };
  const stakes = { ...stakesOf(model.file), tries: triesLeft(standing) };
  const finishing = new Finishing(states, model.options, stakes, model.file);
  const checks = model.checks.filter((_check, c) => (standing.seen[c] ?? 0) < 0);
  const repairs = repairMoves(model.options).filter(
    (move) => move.kind === 'repair' && (standing.repaired & (1 << move.option)) === 0,
  );
  const at = { ...NOTHING_DONE, open: standing.open, isErased: standing.repaired > 0 };
  const [first] = rankMoves(finishing, [...checks, ...repairs], at, model.file);
  return first && first.finish < book.workshop ? first : null;
}

/** What it costs in expectation to do, at every turn, what the adviser's planner puts first. */
export function policyCost(model: ReducedModel): number {
  const book = new Book(model);
  const cost = (standing: Standing): number => {
    const mass = sumOf(book.weights(standing));
    if (mass < 1e-9) return 0;
    const first = triesLeft(standing) > 0 ? firstOf(model, book, standing) : null;
    if (!first) return book.workshop * mass;
    const { move } = first;
    if (move.kind === 'repair')
      return book.repairPrice(move.option, standing) * mass + cost(book.afterRepair(standing, move.option));
    const c = model.checks.indexOf(move);
    return (
      book.checkPrice(c, standing) * mass +
      [0, 1].reduce((sum, outcome) => sum + cost(book.afterCheck(standing, c, outcome)), 0)
    );
  };
  return cost(start(model));
}
