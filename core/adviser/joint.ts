import { repairWordFits, type CarEvidence, type CarModel, type CarTerm, type ChannelModel } from './model';
import { SECOND_CHANNEL, SHARED_BESIDE_FAULT } from './priors';

/** The sound ways of a channel (sound, or sound with an old code), taken together. */
interface Sound {
  /** mass[shared]: odds × likelihood of all sound ways. */
  readonly mass: Float64Array;
  readonly indexes: readonly number[];
}

/** Every joint state that has mass: up to two faulty channels and one shared cause. Unused places are −1. */
export interface Joint {
  readonly size: number;
  readonly mass: Float64Array;
  readonly first: Int16Array;
  readonly firstWay: Int16Array;
  readonly second: Int16Array;
  readonly secondWay: Int16Array;
  readonly shared: Int16Array;
  readonly total: number;
  /** For each channel and shared cause, what each sound way takes of the sound mass. */
  readonly soundShares: readonly (readonly { readonly way: number; readonly share: number }[])[][];
}

function soundOf(channel: ChannelModel): Sound {
  const indexes = channel.hypotheses.flatMap((one, index) => (one.faulty ? [] : [index]));
  const mass = Float64Array.from(channel.likelihood, (row) =>
    indexes.reduce((sum, index) => sum + (channel.hypotheses[index]?.odds ?? 0) * (row[index] ?? 0), 0),
  );
  return { mass, indexes };
}

/** What a sound channel leaves of a term, on average over its sound ways. */
function soundPart(channel: ChannelModel, part: Float64Array, sound: Sound, s: number): number {
  const row = channel.likelihood[s] as Float64Array;
  const sum = sound.indexes.reduce(
    (total, index) => total + (channel.hypotheses[index]?.odds ?? 0) * (row[index] ?? 0) * (part[index] ?? 1),
    0,
  );
  const mass = sound.mass[s] ?? 0;
  return mass > 0 ? sum / mass : 1;
}

/** One term of a piece of car evidence under one shared cause, with every channel sound; a faulty way multiplies in its ratio. */
interface PreparedTerm {
  readonly fit: number;
  readonly isNormal: boolean;
  readonly leak: number;
  readonly base: number;
  readonly ratios: readonly Float64Array[];
}

/** A piece of car evidence, ready for the inner loop: terms by shared cause. */
interface Prepared {
  readonly evidence: CarEvidence;
  readonly terms: readonly (readonly PreparedTerm[])[];
}

function prepareTerm(model: CarModel, term: CarTerm, sounds: readonly Sound[], s: number): PreparedTerm {
  const parts = model.channels.map((channel, c) =>
    Math.max(1e-12, soundPart(channel, term.byChannel[c] as Float64Array, sounds[c] as Sound, s)),
  );
  return {
    fit: term.fit,
    isNormal: term.isNormal,
    leak: term.isNormal ? term.otherwise : 1 - term.otherwise,
    base: parts.reduce((product, one) => product * one, term.byShared[s] ?? 1),
    ratios: parts.map((part, c) => (term.byChannel[c] as Float64Array).map((one) => one / part)),
  };
}

function prepare(model: CarModel, sounds: readonly Sound[]): Prepared[] {
  return model.carEvidence.map((evidence) => ({
    evidence,
    terms: model.shared.map((_one, s) => evidence.terms.map((term) => prepareTerm(model, term, sounds, s))),
  }));
}

/** Likelihood of one piece of car evidence in one joint state. Channels −1 are sound. */
function carLikelihood({ evidence, terms }: Prepared, s: number, a: number, ha: number, b: number, hb: number): number {
  const concerned =
    evidence.concernedByShared[s] ||
    (a >= 0 && evidence.concernedByChannel[a]?.[ha]) ||
    (b >= 0 && evidence.concernedByChannel[b]?.[hb]);
  const row = terms[s] as readonly PreparedTerm[];
  let sum = 0;
  for (let t = 0; t < row.length; t += 1) {
    const term = row[t] as PreparedTerm;
    let product = concerned ? term.base : term.base * term.leak;
    if (a >= 0) product *= term.ratios[a]?.[ha] ?? 1;
    if (b >= 0) product *= term.ratios[b]?.[hb] ?? 1;
    sum += term.fit * (term.isNormal ? product : 1 - product);
  }
  const value = (1 - evidence.mistaken) * sum + evidence.mistaken * evidence.blind;
  return evidence.power === 1 ? value : value ** evidence.power;
}

/** Likelihood of all car evidence and of what was said of repairs. */
function allCarLikelihood(
  model: CarModel,
  prepared: readonly Prepared[],
  s: number,
  a: number,
  ha: number,
  b: number,
  hb: number,
): number {
  let product = model.repairEvidence.length > 0 ? repairLikelihood(model, s, a, ha, b, hb) : 1;
  for (let e = 0; e < prepared.length; e += 1) product *= carLikelihood(prepared[e] as Prepared, s, a, ha, b, hb);
  return product;
}

function repairLikelihood(model: CarModel, s: number, a: number, ha: number, b: number, hb: number): number {
  let product = 1;
  for (const one of model.repairEvidence) {
    const left =
      (one.leftByShared[s] ?? 0) +
      (a < 0 ? 0 : (one.leftByChannel[a]?.[ha] ?? 0)) +
      (b < 0 ? 0 : (one.leftByChannel[b]?.[hb] ?? 0));
    const removed =
      (one.removedByShared[s] ?? 0) +
      (a < 0 ? 0 : (one.removedByChannel[a]?.[ha] ?? 0)) +
      (b < 0 ? 0 : (one.removedByChannel[b]?.[hb] ?? 0));
    product *= repairWordFits(one.said, left > 0, removed > 0);
  }
  return product;
}

/** Grows with the states that are pushed into it. */
class States {
  size = 0;
  total = 0;
  readonly mass: Float64Array;
  readonly columns: readonly [Int16Array, Int16Array, Int16Array, Int16Array, Int16Array];

  constructor(capacity: number) {
    this.mass = new Float64Array(capacity);
    const column = (): Int16Array => new Int16Array(capacity);
    this.columns = [column(), column(), column(), column(), column()];
  }

  push(mass: number, a: number, ha: number, b: number, hb: number, s: number): void {
    if (!(mass > 0)) return;
    const at = this.size;
    this.mass[at] = mass;
    this.columns[0][at] = a;
    this.columns[1][at] = ha;
    this.columns[2][at] = b;
    this.columns[3][at] = hb;
    this.columns[4][at] = s;
    this.total += mass;
    this.size += 1;
  }
}

function faultyOf(channel: ChannelModel): number[] {
  return channel.hypotheses.flatMap((one, index) => (one.faulty ? [index] : []));
}

/** Odds × own likelihood of each faulty way of each channel, for one shared cause. */
function weightsFor(model: CarModel, s: number): Float64Array[] {
  return model.channels.map((channel) =>
    Float64Array.from(channel.hypotheses, (one, h) => one.odds * (channel.likelihood[s]?.[h] ?? 0)),
  );
}

/** Shares of a channel's sound ways, its car evidence taken into account as if it stood alone. */
function soundSharesOf(
  model: CarModel,
  prepared: readonly Prepared[],
  c: number,
  s: number,
): { way: number; share: number }[] {
  const channel = model.channels[c] as ChannelModel;
  const raw = channel.hypotheses.flatMap((one, way) => {
    if (one.faulty) return [];
    const car = prepared.reduce((product, each) => product * carLikelihood(each, s, c, way, -1, -1), 1);
    return [{ way, share: one.odds * (channel.likelihood[s]?.[way] ?? 0) * car }];
  });
  const sum = raw.reduce((total, one) => total + one.share, 0);
  return raw.map(({ way, share }) => ({ way, share: sum > 0 ? share / sum : 0 }));
}

/**
 * The joint posterior of one variant, unnormalised: all states of up to two faulty channels and at most one shared cause.
 * Evidence that names a channel is a factor of that channel; evidence that names none is a noisy-OR over all causes.
 * @param model the variant. @returns the states with mass; `total` is the evidence's likelihood times the prior odds' sum.
 */
export function jointOf(model: CarModel): Joint {
  const { channels, shared } = model;
  const sounds = channels.map(soundOf);
  const prepared = prepare(model, sounds);
  const faulty = channels.map(faultyOf);
  const largest = Math.max(...faulty.map((one) => one.length), 1);
  const pairs = (channels.length * (channels.length - 1)) / 2;
  const states = new States(shared.length * (1 + channels.length * largest + pairs * largest * largest));
  const like = (s: number, a: number, ha: number, b: number, hb: number): number =>
    allCarLikelihood(model, prepared, s, a, ha, b, hb);
  shared.forEach((beside, s) => {
    const weights = weightsFor(model, s);
    const soundProduct = (skipA: number, skipB: number): number =>
      sounds.reduce((product, one, c) => (c === skipA || c === skipB ? product : product * (one.mass[s] ?? 0)), 1);
    const sharedBeside = s === 0 ? 1 : beside.odds * SHARED_BESIDE_FAULT;
    states.push(beside.odds * soundProduct(-1, -1) * like(s, -1, -1, -1, -1), -1, -1, -1, -1, s);
    faulty.forEach((ways, a) => {
      const others = sharedBeside * soundProduct(a, -1);
      for (const ha of ways) states.push((weights[a]?.[ha] ?? 0) * others * like(s, a, ha, -1, -1), a, ha, -1, -1, s);
      for (let b = a + 1; b < channels.length; b += 1)
        pushPairs(
          states,
          a,
          b,
          ways,
          faulty[b] ?? [],
          weights,
          sharedBeside * SECOND_CHANNEL * soundProduct(a, b),
          s,
          like,
        );
    });
  });
  const [first, firstWay, second, secondWay, sharedColumn] = states.columns;
  const soundShares = channels.map((_one, c) => shared.map((_beside, s) => soundSharesOf(model, prepared, c, s)));
  return {
    size: states.size,
    mass: states.mass,
    first,
    firstWay,
    second,
    secondWay,
    shared: sharedColumn,
    total: states.total,
    soundShares,
  };
}

type Like = (s: number, a: number, ha: number, b: number, hb: number) => number;

/** Pairs too light to matter are left out before their car evidence is looked at. */
const NEGLIGIBLE = 1e-12;

function pushPairs(
  states: States,
  a: number,
  b: number,
  waysA: readonly number[],
  waysB: readonly number[],
  weights: readonly Float64Array[],
  others: number,
  s: number,
  like: Like,
): void {
  const floor = states.total * NEGLIGIBLE;
  for (const ha of waysA) {
    const withA = others * (weights[a]?.[ha] ?? 0);
    for (const hb of waysB) {
      const mass = withA * (weights[b]?.[hb] ?? 0);
      if (mass > floor) states.push(mass * like(s, a, ha, b, hb), a, ha, b, hb, s);
    }
  }
}
