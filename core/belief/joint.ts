import { classesOf, type WayClass } from './classes';
import type { Hypothesis } from './waysThroughTime';
import { repairWordFits, type CarModel } from './model';
import { SECOND_CHANNEL, SHARED_BESIDE_FAULT } from '../knowledge/priors';

/** One joint state: a shared cause and a class of ways for every channel, with its unnormalised mass. */
export interface JointState {
  readonly mass: number;
  readonly shared: number;
  /** By channel: the class of its ways. */
  readonly classes: Int16Array;
}

/** The joint posterior of one variant, unnormalised. */
export interface Joint {
  readonly classes: readonly (readonly WayClass[])[];
  /** weights[shared][channel][way]: odds × likelihood of the channel's own evidence. */
  readonly weights: readonly (readonly Float64Array[])[];
  /** classWeights[shared][channel][class]: the same, summed over the class. */
  readonly classWeights: readonly (readonly Float64Array[])[];
  readonly states: readonly JointState[];
  readonly total: number;
}

/** States that can weigh no more than this share of what has been found are left out: all of them together a few millionths at most. */
const NEGLIGIBLE = 1e-9;

/** The car evidence as flat arrays, for the inner loop. */
interface Terms {
  readonly count: number;
  readonly fit: Float64Array;
  readonly isNormal: Uint8Array;
  readonly leak: Float64Array;
  /** First term of each piece of evidence, and the end. */
  readonly from: Int32Array;
  readonly mistaken: Float64Array;
  readonly blind: Float64Array;
  readonly power: Float64Array;
}

function termsOf(model: CarModel): Terms {
  const all = model.carEvidence.flatMap((evidence) => evidence.terms);
  const from = [0];
  for (const evidence of model.carEvidence) from.push((from.at(-1) ?? 0) + evidence.terms.length);
  return {
    count: all.length,
    fit: Float64Array.from(all, (carTerm) => carTerm.fit),
    isNormal: Uint8Array.from(all, (carTerm) => Number(carTerm.isNormal)),
    leak: Float64Array.from(all, (carTerm) => (carTerm.isNormal ? carTerm.otherwise : 1 - carTerm.otherwise)),
    from: Int32Array.from(from),
    mistaken: Float64Array.from(model.carEvidence, (evidence) => evidence.mistaken),
    blind: Float64Array.from(model.carEvidence, (evidence) => evidence.blind),
    power: Float64Array.from(model.carEvidence, (evidence) => evidence.power),
  };
}

/** What has been chosen for the channels so far: products of parts, and which evidence some cause concerns. */
interface Partial {
  readonly parts: Float64Array;
  readonly concerned: Uint8Array;
  readonly left: Uint8Array;
  readonly removed: Uint8Array;
}

function blankPartial(model: CarModel, terms: Terms): Partial {
  const repairs = model.repairEvidence.length;
  return {
    parts: new Float64Array(terms.count).fill(1),
    concerned: new Uint8Array(model.carEvidence.length),
    left: new Uint8Array(repairs),
    removed: new Uint8Array(repairs),
  };
}

type Traits = Omit<WayClass, 'ways' | 'faulty'>;

function extend(into: Partial, before: Partial, by: Traits): void {
  for (let t = 0; t < into.parts.length; t += 1) into.parts[t] = (before.parts[t] as number) * (by.parts[t] as number);
  for (let e = 0; e < into.concerned.length; e += 1)
    into.concerned[e] = (before.concerned[e] as number) | (by.concerned[e] as number);
  for (let r = 0; r < into.left.length; r += 1) {
    into.left[r] = (before.left[r] as number) | (by.left[r] as number);
    into.removed[r] = (before.removed[r] as number) | (by.removed[r] as number);
  }
}

/** Likelihood of all evidence that names no channel, and of what was said of repairs. */
function likelihoodOf(model: CarModel, terms: Terms, at: Partial): number {
  let product = 1;
  for (let e = 0; e < at.concerned.length; e += 1) {
    let sum = 0;
    const end = terms.from[e + 1] as number;
    for (let t = terms.from[e] as number; t < end; t += 1) {
      const part = at.concerned[e] ? (at.parts[t] as number) : (at.parts[t] as number) * (terms.leak[t] as number);
      sum += (terms.fit[t] as number) * (terms.isNormal[t] ? part : 1 - part);
    }
    const mistaken = terms.mistaken[e] as number;
    const value = (1 - mistaken) * sum + mistaken * (terms.blind[e] as number);
    product *= terms.power[e] === 1 ? value : value ** (terms.power[e] as number);
  }
  for (let r = 0; r < at.left.length; r += 1)
    product *= repairWordFits(model.repairEvidence[r]?.said ?? 'unknown', at.left[r] === 1, at.removed[r] === 1);
  return product;
}

function sharedTraits(model: CarModel, s: number): Traits {
  return {
    parts: Float64Array.from(
      model.carEvidence.flatMap((evidence) => evidence.terms.map((term) => term.byShared[s] ?? 1)),
    ),
    concerned: Uint8Array.from(model.carEvidence, (evidence) => evidence.concernedByShared[s] ?? 0),
    left: Uint8Array.from(model.repairEvidence, (repairEvidence) => repairEvidence.leftByShared[s] ?? 0),
    removed: Uint8Array.from(model.repairEvidence, (repairEvidence) => repairEvidence.removedByShared[s] ?? 0),
  };
}

function weightsOf(model: CarModel, s: number): Float64Array[] {
  return model.channels.map(({ hypotheses, likelihood }) => {
    const row = likelihood[s] as Float64Array;
    const weights = new Float64Array(row.length);
    for (let h = 0; h < row.length; h += 1) weights[h] = (hypotheses[h] as Hypothesis).odds * (row[h] as number);
    return weights;
  });
}

function sumOver(classes: readonly WayClass[], weights: Float64Array): Float64Array {
  const sums = new Float64Array(classes.length);
  classes.forEach((group, k) => {
    for (const way of group.ways) sums[k] = (sums[k] as number) + (weights[way] as number);
  });
  return sums;
}

/**
 * The joint posterior of one variant: all states of up to two faulty channels (more where more have been seen) and what they share, exactly.
 * Evidence that names a channel is a factor of that channel; evidence that names none is a noisy-OR over all causes.
 * Ways that the latter cannot tell apart are summed first, so that the walk is over classes and not over ways.
 * @param model the variant.
 * @returns the states with mass; `total` is the evidence's likelihood times the prior odds' sum.
 * @example jointOf(MODEL).total > 0 // => true
 */
export function jointOf(model: CarModel): Joint {
  const classes = model.channels.map((_one, c) => classesOf(model, c));
  const weights = model.shared.map((_one, s) => weightsOf(model, s));
  const classWeights = weights.map((row) => row.map((column, c) => sumOver(classes[c] ?? [], column)));
  const terms = termsOf(model);
  const depth = model.channels.length;
  const partials = Array.from({ length: depth + 1 }, () => blankPartial(model, terms));
  const blank = blankPartial(model, terms);
  const chosen = new Int16Array(depth);
  const states: JointState[] = [];
  let total = 0;

  /** Chooses a class for channel `c` and on; `open` channels with a real fault are still to come. */
  function walk(s: number, c: number, open: number, mass: number): void {
    if (c === depth) {
      const weighed = mass * likelihoodOf(model, terms, partials[depth] as Partial);
      total += weighed;
      if (weighed > total * NEGLIGIBLE) states.push({ mass: weighed, shared: s, classes: chosen.slice() });
      return;
    }
    const row = classWeights[s]?.[c] as Float64Array;
    const all = classes[c] as readonly WayClass[];
    for (let k = 0; k < all.length; k += 1) {
      const group = all[k] as WayClass;
      if (group.faulty ? open === 0 : open > depth - c - 1) continue;
      const next = mass * (row[k] as number);
      if (next <= total * NEGLIGIBLE) continue;
      chosen[c] = k;
      extend(partials[c + 1] as Partial, partials[c] as Partial, group);
      walk(s, c + 1, group.faulty ? open - 1 : open, next);
    }
  }

  for (let faulty = 0; faulty <= Math.min(model.mostFaulty, depth); faulty += 1)
    model.shared.forEach((beside, s) => {
      const apart = faulty > 0 && beside.faulty ? SHARED_BESIDE_FAULT : 1;
      const together = apart * SECOND_CHANNEL ** Math.max(0, faulty - 1);
      extend(partials[0] as Partial, blank, sharedTraits(model, s));
      walk(s, 0, faulty, beside.odds * together);
    });
  return { classes, weights, classWeights, states, total };
}
