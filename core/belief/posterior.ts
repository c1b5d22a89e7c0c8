import type { CaseFile } from '../casefile/contract';
import { SEGMENTS, type Channel, type SensorType } from '../casefile/words';
import { faultRow, type Cause, type FaultId } from '../knowledge/faults';
import { gatherEvidence, type Evidence } from '../evidence/groups';
import type { Hypothesis } from './waysThroughTime';
import { jointOf, type Joint, type JointState } from './joint';
import { buildModels, type CarModel } from './model';
import { timelineOf, type Timeline } from '../evidence/timeline';

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

/** Natural logarithm of a variant's prior weight times the likelihood of all evidence in it. */
function logMassOf(model: CarModel, joint: Joint | undefined): number {
  const scale = model.channels.reduce((sum, channel) => sum + channel.logScale, 0);
  return Math.log(Math.max(Number.MIN_VALUE, model.weight * (joint?.total ?? 0))) + scale;
}

/** Natural logarithm of a sum, from the logarithms of its parts. */
function logSum(parts: readonly number[]): number {
  const most = Math.max(...parts);
  return most + Math.log(parts.reduce((sum, part) => sum + Math.exp(part - most), 0));
}

/**
 * How well the model as a whole explains the evidence; only the difference of two cases of one car means something.
 * @param posterior the belief. @returns natural logarithm of the mass.
 * @example logEvidence(POSTERIOR) < 0 // => true
 */
export function logEvidence(posterior: Posterior): number {
  return logSum(posterior.models.map((model, v) => logMassOf(model, posterior.joints[v])));
}

/**
 * The faults of the last epoch.
 * @example nowOf({ faults: [['sensor-open'], []], odds: 1, faulty: true }) // => []
 */
export function nowOf(hypothesis: Hypothesis | undefined): readonly Cause[] {
  return hypothesis?.faults.at(-1) ?? [];
}

interface Marginals {
  readonly ways: readonly Float64Array[];
  readonly shared: Float64Array;
  readonly none: number;
}

/** Share of each class's weight that has nothing at fault now, by shared cause and channel. */
function quietShares(model: CarModel, joint: Joint): readonly (readonly Float64Array[])[] {
  const quiet = model.channels.map((channel) =>
    Uint8Array.from(channel.hypotheses, (way) => Number(nowOf(way).length === 0)),
  );
  return joint.weights.map((row, s) =>
    row.map((weights, c) =>
      Float64Array.from(joint.classes[c] ?? [], (group, k) => {
        const all = joint.classWeights[s]?.[c]?.[k] ?? 0;
        const still = group.ways.reduce((sum, way) => sum + (quiet[c]?.[way] ? (weights[way] ?? 0) : 0), 0);
        return all > 0 ? still / all : 0;
      }),
    ),
  );
}

function marginalsOf(model: CarModel, joint: Joint): Marginals {
  const shared = new Float64Array(model.shared.length);
  const byClass = joint.classWeights.map((row) => row.map((column) => new Float64Array(column.length)));
  const quiet = quietShares(model, joint);
  const sharedIsQuiet = model.shared.map((way) => nowOf(way).length === 0);
  let none = 0;
  for (const state of joint.states) {
    const mass = state.mass / joint.total;
    const s = state.shared;
    shared[s] = (shared[s] ?? 0) + mass;
    let still = sharedIsQuiet[s] ? mass : 0;
    for (let c = 0; c < state.classes.length; c += 1) {
      const k = state.classes[c] as number;
      const row = byClass[s]?.[c] as Float64Array;
      row[k] = (row[k] as number) + mass;
      still *= quiet[s]?.[c]?.[k] ?? 0;
    }
    none += still;
  }
  return { ways: spreadOver(model, joint, byClass), shared, none };
}

/** Within a class the ways keep their own weights. */
function spreadOver(model: CarModel, joint: Joint, byClass: readonly (readonly Float64Array[])[]): Float64Array[] {
  return model.channels.map((channel, c) => {
    const ways = new Float64Array(channel.hypotheses.length);
    byClass.forEach((row, s) =>
      (joint.classes[c] ?? []).forEach((group, k) => {
        const all = joint.classWeights[s]?.[c]?.[k] ?? 0;
        const scale = all > 0 ? (row[c]?.[k] ?? 0) / all : 0;
        if (scale === 0) return;
        for (const way of group.ways) ways[way] = (ways[way] ?? 0) + scale * (joint.weights[s]?.[c]?.[way] ?? 0);
      }),
    );
    return ways;
  });
}

/**
 * Everything that is believed of a case: exact inference over all states of the model.
 * @param file a valid case file.
 * @returns marginal and joint chances. Deterministic: the same file gives the same numbers.
 * @example posteriorOf(CASE).none < 0.01 // => true
 */
export function posteriorOf(file: CaseFile): Posterior {
  const timeline = timelineOf(file);
  const evidence = gatherEvidence(timeline);
  const models = buildModels(file, timeline, evidence);
  const joints = models.map(jointOf);
  const logs = models.map((model, v) => logMassOf(model, joints[v]));
  const sum = logSum(logs);
  const variantChance = logs.map((log) => Math.exp(log - sum));
  const marginals = models.map((model, v) => marginalsOf(model, joints[v] as Joint));
  return {
    timeline,
    evidence,
    models,
    joints,
    variantChance,
    wayChance: marginals.map((marginals) => marginals.ways),
    sharedChance: marginals.map((marginals) => marginals.shared),
    none: marginals.reduce((total, marginals, v) => total + (variantChance[v] ?? 0) * marginals.none, 0),
  };
}

/** Where a shared cause counts: at every channel where it lies on their paths, else at none of them. */
function placesOf(fault: Cause, model: CarModel): readonly (Channel | null)[] {
  const isOnPath = (SEGMENTS as readonly string[]).includes(faultRow(fault).segment);
  return isOnPath ? model.channels.map((channel) => channel.channel) : [null];
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
 * @example faultChances(POSTERIOR)[0].fault // => "stale-code"
 */
export function faultChances(posterior: Posterior): Ranked[] {
  const chances = new Map<string, { channel: Channel | null; fault: FaultId; probability: number }>();
  const add = (channel: Channel | null, causes: readonly Cause[], probability: number): void => {
    for (const fault of causes.map((cause) => faultRow(cause).id)) {
      const key = `${channel}|${fault}`;
      const known = chances.get(key);
      if (known) known.probability += probability;
      else chances.set(key, { channel, fault, probability });
    }
  };
  posterior.models.forEach((model, v) => {
    const weight = posterior.variantChance[v] ?? 0;
    model.channels.forEach((channel, c) =>
      channel.hypotheses.forEach((way, h) =>
        add(channel.channel, nowOf(way), weight * (posterior.wayChance[v]?.[c]?.[h] ?? 0)),
      ),
    );
    model.shared.forEach((way, s) => {
      const probability = weight * (posterior.sharedChance[v]?.[s] ?? 0);
      for (const fault of nowOf(way)) for (const channel of placesOf(fault, model)) add(channel, [fault], probability);
    });
  });
  return [...chances.values()].map((chance) => ({
    ...chance,
    probability: Math.min(1, Math.max(0, chance.probability)),
  }));
}

interface Found {
  probability: number;
  readonly faults: Scenario['faults'];
  readonly typeOf: Scenario['typeOf'];
}

/**
 * The likeliest states of the car now, for planning.
 * @param posterior the belief. @param least states less likely than this are left out (share of all).
 * @returns scenarios whose probabilities sum to 1 again, likeliest first.
 * @example scenariosOf(POSTERIOR)[0].faults.map(({ fault }) => fault) // => ["plug-loose"]
 */
export function scenariosOf(posterior: Posterior, least = 0.001): Scenario[] {
  const found = new Map<string, Found>();
  posterior.models.forEach((model, v) => {
    const joint = posterior.joints[v] as Joint;
    const scale = (posterior.variantChance[v] ?? 0) / joint.total;
    const typeOf = (channel: Channel): SensorType =>
      model.channels.find((entry) => entry.channel === channel)?.type ?? 'passive';
    const put = (probability: number, faults: Scenario['faults']): void => {
      const key = `${v}|${faults.map((fault) => `${fault.channel}.${fault.fault}`).join()}`;
      const known = found.get(key);
      if (known) known.probability += probability;
      else found.set(key, { probability, faults, typeOf });
    };
    for (const state of joint.states)
      if (state.mass * scale >= least) unfold(model, joint, state, state.mass * scale, least, put);
  });
  const kept = [...found.values()].filter((found) => found.probability >= least);
  const total = kept.reduce((sum, found) => sum + found.probability, 0);
  return kept
    .map((found) => ({ ...found, probability: found.probability / total }))
    .sort((x, y) => y.probability - x.probability);
}

/** A joint state is one of classes: tells the ways in it apart again, the light ones left out. */
function unfold(
  model: CarModel,
  joint: Joint,
  state: JointState,
  mass: number,
  least: number,
  put: (probability: number, faults: Scenario['faults']) => void,
): void {
  const shared = nowOf(model.shared[state.shared]).map((fault) => ({ channel: null, fault }));
  const step = (c: number, probability: number, faults: Scenario['faults']): void => {
    if (probability < least) return;
    const channel = model.channels[c];
    if (!channel) return put(probability, [...faults, ...shared]);
    const k = state.classes[c] ?? 0;
    const all = joint.classWeights[state.shared]?.[c]?.[k] ?? 0;
    for (const way of joint.classes[c]?.[k]?.ways ?? []) {
      const share = (joint.weights[state.shared]?.[c]?.[way] ?? 0) / all;
      const own = nowOf(channel.hypotheses[way]).map((fault) => ({ channel: channel.channel, fault }));
      step(c + 1, probability * share, [...faults, ...own]);
    }
  };
  step(0, mass, []);
}
