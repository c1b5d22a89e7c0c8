import type { CaseFile } from '../../core/casefile/contract';
import type { Cause } from '../../core/knowledge/faults';
import type { Candidate } from '../../core/planning/candidates';
import { optionCosts, repairProblem } from '../../core/planning/expectedCost';
import type { Situation } from '../../core/planning/lookAhead';
import { planMoves } from '../../core/planning/plan';
import { minutesToOpen, openFor, type Setup } from '../../core/knowledge/setups';
import type { Scenario } from '../../core/belief/posterior';
import { car, caseOf } from './caseBuilder';

/** A small job: a few faults, their repairs at real prices, a few checks. */
export interface ReducedModel {
  readonly situation: Situation;
  readonly candidates: readonly Candidate[];
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
  return faults.map((fault, at) => ({
    probability: (chances[at] ?? 0) / sum,
    faults: [{ channel: 'front-left' as const, fault }],
    typeOf: () => 'passive' as const,
  }));
}

/** A check that tells scenario from scenario as the rows say: chance of its second outcome in each. */
export function checkWith(
  check: string,
  minutes: number,
  setups: readonly Setup[],
  seen: readonly number[],
): Candidate {
  return {
    check,
    channel: 'front-left',
    minutes,
    setups,
    mayBreakSensor: 0,
    buys: null,
    words: check,
    tells: '',
    outcomes: [
      { name: 'normal', chance: Float64Array.from(seen, (value) => 1 - value) },
      { name: 'seen', chance: Float64Array.from(seen) },
    ],
  };
}

export function situationOf(file: CaseFile, scenarios: readonly Scenario[]): Situation {
  return { file, scenarios, problem: repairProblem(scenarios, file), open: new Set(), known: new Map() };
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
  const candidates = Array.from({ length: 2 + Math.floor(random() * 3) }, (_one, at) =>
    checkWith(
      `check-${at}`,
      Math.round(between(2, 20)),
      random() < 0.7 ? [pick(SETUPS)] : [],
      faults.map(() => (random() < 0.5 ? between(0.02, 0.2) : between(0.7, 0.98))),
    ),
  );
  return { situation: situationOf(file, scenariosWith(faults, chances)), candidates };
}

/** Where a reduced job stands: checks made with what they showed, repairs done, all independent of their order. */
interface Standing {
  readonly seen: readonly number[];
  readonly repaired: number;
}

interface Laid {
  readonly weights: Float64Array;
  readonly mass: number;
  readonly open: ReadonlySet<string>;
}

/** The job's exact book-keeping, shared by the exhaustive planner and by the policy that is measured against it. */
class Book {
  private readonly laid = new Map<string, Laid>();
  constructor(readonly model: ReducedModel) {}

  key = ({ seen, repaired }: Standing): string => `${seen.join()}|${repaired}`;

  at(standing: Standing): Laid {
    const known = this.laid.get(this.key(standing));
    if (known) return known;
    const { situation, candidates } = this.model;
    const { problem, file } = situation;
    const weights = Float64Array.from(situation.scenarios, (scenario) => scenario.probability);
    const open = new Set(situation.open);
    standing.seen.forEach((outcome, c) => {
      if (outcome < 0) return;
      const candidate = candidates[c] as Candidate;
      openFor(candidate.setups, file, candidate.channel).forEach((word) => open.add(word));
      for (let i = 0; i < weights.length; i += 1)
        weights[i] = (weights[i] ?? 0) * (candidate.outcomes[outcome]?.chance[i] ?? 0);
    });
    problem.options.forEach((option, r) => {
      if (!(standing.repaired & (1 << r))) return;
      option.opens.forEach((word) => open.add(word));
      for (const [k] of problem.cures[r] ?? [])
        for (let i = 0; i < weights.length; i += 1) if (problem.classOf[i] === k) weights[i] = 0;
    });
    const made = { weights, mass: weights.reduce((sum, weight) => sum + weight, 0), open };
    this.laid.set(this.key(standing), made);
    return made;
  }

  checkPrice(c: number, open: ReadonlySet<string>): number {
    const { situation, candidates } = this.model;
    const candidate = candidates[c] as Candidate;
    const wanted = openFor(candidate.setups, situation.file, candidate.channel);
    const minutes = candidate.minutes + minutesToOpen(wanted, open, situation.file);
    return (situation.problem.hourValue * minutes) / 60;
  }
}

type Costs = (standing: Standing) => number;

function afterCheck(standing: Standing, c: number, outcome: number): Standing {
  return { ...standing, seen: standing.seen.map((value, at) => (at === c ? outcome : value)) };
}

function start({ candidates }: ReducedModel): Standing {
  return { seen: candidates.map(() => -1), repaired: 0 };
}

/** Repairs still allowed: after the second that changed nothing a professional is asked. */
function triesLeft(standing: Standing): number {
  let made = 0;
  for (let bits = standing.repaired; bits; bits &= bits - 1) made += 1;
  return 2 - made;
}

/** The least expected cost of finishing there is: every order of checks and repairs tried, a workshop as the way out, at the latest after two repairs. */
export function exhaustiveCost(model: ReducedModel): number {
  const book = new Book(model);
  const { problem, file } = model.situation;
  const known = new Map<string, number>();
  const cost: Costs = (standing) => {
    const kept = known.get(book.key(standing));
    if (kept !== undefined) return kept;
    const { mass, open } = book.at(standing);
    if (mass < 1e-12) return 0;
    let best = problem.workshop * mass;
    if (triesLeft(standing) === 0) return best;
    standing.seen.forEach((outcome, c) => {
      if (outcome >= 0) return;
      const then =
        book.checkPrice(c, open) * mass + [0, 1].reduce((sum, o) => sum + cost(afterCheck(standing, c, o)), 0);
      best = Math.min(best, then);
    });
    const prices = optionCosts(problem, open, file);
    prices.forEach((price, r) => {
      if (standing.repaired & (1 << r)) return;
      best = Math.min(best, price * mass + cost({ ...standing, repaired: standing.repaired | (1 << r) }));
    });
    known.set(book.key(standing), best);
    return best;
  };
  return cost(start(model));
}

/** What it costs in expectation to do, at every turn, what the adviser's planner puts first. */
export function policyCost(model: ReducedModel): number {
  const book = new Book(model);
  const { situation } = model;
  const { problem, file } = situation;
  const cost: Costs = (standing) => {
    const { weights, mass, open } = book.at(standing);
    if (mass < 1e-9) return 0;
    const tries = triesLeft(standing);
    if (tries === 0) return problem.workshop * mass;
    const scenarios = situation.scenarios.map((scenario, i) => ({
      ...scenario,
      probability: (weights[i] ?? 0) / mass,
    }));
    const left = model.candidates.filter((_one, c) => (standing.seen[c] ?? 0) < 0);
    const plan = planMoves({ file, scenarios, problem: { ...problem, tries }, open, known: new Map() }, left);
    const first = plan.moves[0];
    if (first?.candidate) {
      const c = model.candidates.indexOf(first.candidate);
      return book.checkPrice(c, open) * mass + [0, 1].reduce((sum, o) => sum + cost(afterCheck(standing, c, o)), 0);
    }
    const r = first?.option ?? -1;
    const price = optionCosts(problem, open, file)[r] ?? Infinity;
    const repaired = price * mass + cost({ ...standing, repaired: standing.repaired | (1 << r) });
    const isGivenUp = plan.repairsOnly >= problem.workshop * (1 - 1e-9) && (first?.finish ?? 0) >= problem.workshop;
    return standing.repaired & (1 << r) || r < 0 || isGivenUp ? problem.workshop * mass : repaired;
  };
  return cost(start(model));
}
