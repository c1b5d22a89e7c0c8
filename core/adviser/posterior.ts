import type { CaseFile } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import { faultRow, type Cause, type FaultId } from './faults';
import { gatherEvidence, type Evidence } from './groups';
import type { Hypothesis } from './hypotheses';
import { jointOf, type Joint } from './joint';
import { buildModels, type CarModel } from './model';
import { timelineOf, type Timeline } from './timeline';

/** One state that the car may be in now: what is at fault where. Channel null is for what all share. */
export interface Scenario {
  readonly probability: number;
  readonly faults: readonly { readonly channel: Channel | null; readonly fault: Cause }[];
  readonly typeOf: (channel: Channel) => SensorType;
}

/** What is believed of a case, exactly computed. */
export interface Posterior {
  readonly timeline: Timeline;
  readonly evidence: Evidence;
  readonly models: readonly CarModel[];
  readonly joints: readonly Joint[];
  /** Chance of each variant of sensor types. */
  readonly variantChance: readonly number[];
  /** Chance of every way of each channel and of the shared causes, by variant; sums to 1 over a variant. */
  readonly wayChance: readonly (readonly Float64Array[])[];
  readonly sharedChance: readonly Float64Array[];
  /** Chance that nothing at all is wrong now, an old code included. */
  readonly none: number;
}

/** The faults of the last epoch. */
export function nowOf(hypothesis: Hypothesis | undefined): readonly Cause[] {
  return hypothesis?.faults.at(-1) ?? [];
}

interface Marginals {
  readonly ways: Float64Array[];
  readonly shared: Float64Array;
  readonly none: number;
}

/** Chance that a channel that is sound by this state has nothing at all now. */
function quietShare(model: CarModel, joint: Joint, c: number, s: number): number {
  return (joint.soundShares[c]?.[s] ?? []).reduce(
    (sum, { way, share }) => sum + (nowOf(model.channels[c]?.hypotheses[way]).length === 0 ? share : 0),
    0,
  );
}

function marginalsOf(model: CarModel, joint: Joint): Marginals {
  const ways = model.channels.map((one) => new Float64Array(one.hypotheses.length));
  const shared = new Float64Array(model.shared.length);
  const soundMass = model.channels.map(() => new Float64Array(model.shared.length));
  let none = 0;
  const quiet = model.channels.map((_one, c) => model.shared.map((_beside, s) => quietShare(model, joint, c, s)));
  const empty = model.channels.map((one) => one.hypotheses.map((way) => nowOf(way).length === 0));
  for (let at = 0; at < joint.size; at += 1) {
    const mass = (joint.mass[at] ?? 0) / joint.total;
    const [a, b, s] = [joint.first[at] ?? -1, joint.second[at] ?? -1, joint.shared[at] ?? 0];
    const [ha, hb] = [joint.firstWay[at] ?? -1, joint.secondWay[at] ?? -1];
    shared[s] = (shared[s] ?? 0) + mass;
    let quietHere = nowOf(model.shared[s]).length === 0 ? mass : 0;
    for (let c = 0; c < ways.length; c += 1) {
      const way = c === a ? ha : c === b ? hb : -1;
      const target = way >= 0 ? (ways[c] as Float64Array) : (soundMass[c] as Float64Array);
      const place = way >= 0 ? way : s;
      target[place] = (target[place] ?? 0) + mass;
      quietHere *= way >= 0 ? (empty[c]?.[way] ? 1 : 0) : (quiet[c]?.[s] ?? 1);
    }
    none += quietHere;
  }
  spreadSound(joint, ways, soundMass);
  return { ways, shared, none };
}

function spreadSound(joint: Joint, ways: readonly Float64Array[], soundMass: readonly Float64Array[]): void {
  ways.forEach((row, c) => {
    (soundMass[c] ?? new Float64Array()).forEach((mass, s) => {
      for (const { way, share } of joint.soundShares[c]?.[s] ?? []) row[way] = (row[way] ?? 0) + mass * share;
    });
  });
}

/**
 * Everything that is believed of a case: exact inference over all states of the model.
 * @param file a valid case file.
 * @returns marginal and joint chances. Deterministic: the same file gives the same numbers.
 */
export function posteriorOf(file: CaseFile): Posterior {
  const timeline = timelineOf(file);
  const evidence = gatherEvidence(timeline);
  const models = buildModels(file, timeline, evidence);
  const joints = models.map(jointOf);
  const raw = models.map((model, v) => model.weight * (joints[v]?.total ?? 0));
  const sum = raw.reduce((total, one) => total + one, 0);
  const variantChance = raw.map((one) => (sum > 0 ? one / sum : 1 / raw.length));
  const marginals = models.map((model, v) => marginalsOf(model, joints[v] as Joint));
  return {
    timeline,
    evidence,
    models,
    joints,
    variantChance,
    wayChance: marginals.map((one) => one.ways),
    sharedChance: marginals.map((one) => one.shared),
    none: marginals.reduce((total, one, v) => total + (variantChance[v] ?? 0) * one.none, 0),
  };
}

/** A fault of a place and how likely it is there now. */
export interface Ranked {
  readonly channel: Channel | null;
  readonly fault: FaultId;
  readonly probability: number;
}

/**
 * How likely each fault is at each place now.
 * @param posterior the belief. @returns one entry a channel and fault, and one a shared cause, unsorted.
 */
export function faultChances(posterior: Posterior): Ranked[] {
  const chances = new Map<string, { channel: Channel | null; fault: FaultId; probability: number }>();
  const add = (channel: Channel | null, causes: readonly Cause[], probability: number): void => {
    for (const fault of causes.map((one) => faultRow(one).id)) {
      const key = `${channel}|${fault}`;
      const known = chances.get(key);
      if (known) known.probability += probability;
      else chances.set(key, { channel, fault, probability });
    }
  };
  posterior.models.forEach((model, v) => {
    const weight = posterior.variantChance[v] ?? 0;
    model.channels.forEach((one, c) =>
      one.hypotheses.forEach((way, h) =>
        add(one.channel, nowOf(way), weight * (posterior.wayChance[v]?.[c]?.[h] ?? 0)),
      ),
    );
    model.shared.forEach((way, s) => add(null, nowOf(way), weight * (posterior.sharedChance[v]?.[s] ?? 0)));
  });
  return [...chances.values()].map((one) => ({ ...one, probability: Math.min(1, Math.max(0, one.probability)) }));
}

/**
 * The likeliest states of the car now, for planning.
 * @param posterior the belief. @param least states less likely than this are left out (share of all).
 * @returns scenarios whose probabilities sum to 1 again, likeliest first.
 */
export function scenariosOf(posterior: Posterior, least = 0.001): Scenario[] {
  const found = new Map<string, { probability: number; faults: Scenario['faults']; typeOf: Scenario['typeOf'] }>();
  posterior.models.forEach((model, v) => {
    const joint = posterior.joints[v] as Joint;
    const scale = (posterior.variantChance[v] ?? 0) / joint.total;
    const typeOf = (channel: Channel): SensorType =>
      model.channels.find((one) => one.channel === channel)?.type ?? 'passive';
    for (let at = 0; at < joint.size; at += 1) {
      const mass = (joint.mass[at] ?? 0) * scale;
      if (mass >= least) addScenario(found, model, joint, at, mass, v, typeOf);
    }
  });
  const kept = [...found.values()].filter((one) => one.probability >= least);
  const total = kept.reduce((sum, one) => sum + one.probability, 0);
  return kept
    .map((one) => ({ ...one, probability: one.probability / total }))
    .sort((x, y) => y.probability - x.probability);
}

function addScenario(
  found: Map<string, { probability: number; faults: Scenario['faults']; typeOf: Scenario['typeOf'] }>,
  model: CarModel,
  joint: Joint,
  at: number,
  mass: number,
  v: number,
  typeOf: Scenario['typeOf'],
): void {
  const s = joint.shared[at] ?? 0;
  const places = [
    [joint.first[at] ?? -1, joint.firstWay[at] ?? -1],
    [joint.second[at] ?? -1, joint.secondWay[at] ?? -1],
  ] as const;
  const base = [
    ...places.flatMap(([c, way]) =>
      c < 0
        ? []
        : nowOf(model.channels[c]?.hypotheses[way]).map((fault) => ({
            channel: model.channels[c]?.channel ?? null,
            fault,
          })),
    ),
    ...nowOf(model.shared[s]).map((fault) => ({ channel: null, fault })),
  ];
  const sound = model.channels.flatMap((_one, c) => (c === places[0][0] || c === places[1][0] ? [] : [c]));
  const put = (faults: Scenario['faults'], probability: number): void => {
    if (probability <= 0) return;
    const key = `${v}|${faults.map((one) => `${one.channel}.${one.fault}`).join()}`;
    const known = found.get(key);
    if (known) known.probability += probability;
    else found.set(key, { probability, faults, typeOf });
  };
  const loud = sound.map((c) => ({ c, share: 1 - quietShare(model, joint, c, s) }));
  const allQuiet = loud.reduce((product, one) => product * (1 - one.share), 1);
  put(base, mass * allQuiet);
  const worst = loud.reduce((best, one) => (one.share > best.share ? one : best), { c: -1, share: 0 });
  if (worst.c >= 0)
    put([...base, { channel: model.channels[worst.c]?.channel ?? null, fault: 'stale-code' }], mass * (1 - allQuiet));
}
