import type { CaseFile, Observation } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { channelOn } from '../vehicle/channels';
import { cleanTrips } from './trips';
import { sinceRepair, standingRepairs } from './sinceRepair';

export type ProofStepId = 'erase' | 'spin' | 'drive' | 're-read' | 'lamps';

export interface ProofStep {
  readonly id: ProofStepId;
  /** The wheel that was repaired, for a spin; null for what is of the whole car. */
  readonly channel: Channel | null;
  readonly state: 'open' | 'good' | 'bad';
  /** The observation that says so; null while nothing was answered. */
  readonly by: Observation | null;
}

type State = 'good' | 'bad' | 'open';
type Judge = (seen: Observation, before: readonly Observation[]) => State | null;

const erased: Judge = (seen) => {
  if (seen.kind !== 'clear' || seen.method === 'by-itself') return null;
  return seen.result === 'stayed-clear' ? 'good' : seen.result === 'refused' ? 'open' : 'bad';
};

const spun: Judge = (seen) =>
  seen.kind === 'live' && seen.while === 'hand-spin' ? (seen.finding === 'follows' ? 'good' : 'bad') : null;

const driven: Judge = (seen) => (seen.kind === 'drive' ? (seen.result === 'lamps-came-back' ? 'bad' : 'good') : null);

/** Stored codes are history, unless they had been erased before: then they have come back. */
const reread: Judge = (seen, before) => {
  if (seen.kind === 'no-code') return seen.tested === false ? 'open' : 'good';
  if (seen.kind !== 'code') return null;
  const isErased = before.some((earlier) => erased(earlier, []) === 'good');
  return seen.status === 'stored' && !isErased ? 'open' : 'bad';
};

/** A lamp that is still lit proves nothing until codes have been erased or the car has been driven. */
const lamps: Judge = (seen, before) => {
  if (seen.kind !== 'lamps') return null;
  if (seen.lit.length === 0) return 'good';
  return before.some((earlier) => earlier.kind === 'clear' || earlier.kind === 'drive') ? 'bad' : 'open';
};

const JUDGES: Readonly<Record<ProofStepId, Judge>> = {
  erase: erased,
  spin: spun,
  drive: driven,
  're-read': reread,
  lamps,
};

function stepOf(id: ProofStepId, channel: Channel | null, observations: readonly Observation[]): ProofStep {
  let [state, by]: [State, Observation | null] = ['open', null];
  observations.forEach((seen, at) => {
    const said = JUDGES[id](seen, observations.slice(0, at));
    if (said) [state, by] = [said, seen];
  });
  return { id, channel, state, by };
}

/** The wheels that were repaired; repairs of the whole car have none to spin. */
function spins(file: CaseFile): readonly ProofStep[] {
  return standingRepairs(file).flatMap(({ repair, observations }): ProofStep[] => {
    const channel = repair.channel ?? null;
    if (!channel) return [];
    const own = observations.filter(
      (seen) => seen.channel && channelOn(seen.channel, file.vehicle.channels) === channel,
    );
    return [stepOf('spin', channel, own)];
  });
}

/**
 * How far the proof has come: for each step the last observation that answers it. Each repaired wheel is spun by itself.
 * @param file the case. @returns the steps in working order.
 * @example proofSteps(CASE).map(({ id }) => id) // => ["erase","drive","re-read","lamps"]
 */
export function proofSteps(file: CaseFile): readonly ProofStep[] {
  const { observations } = sinceRepair(file);
  const ofCar = (id: ProofStepId): ProofStep => stepOf(id, null, observations);
  return [ofCar('erase'), ...spins(file), ofCar('drive'), ofCar('re-read'), ofCar('lamps')];
}

export type ProofVerdict = 'not-begun' | 'going-on' | 'proved' | 'proved-by-lamp' | 'watching' | 'not-cured';

/** Without a reader: so many clean drives, over so many kilometres together; many modules test again only on the second start. */
export const LAMP_PROOF = { trips: 2, kilometres: 10 } as const;

/** What a verdict rests on beside its steps. */
export interface ProofFacts {
  /** Clean drives since the last repair, and their length together. */
  readonly trips: number;
  readonly kilometres: number;
  /** Clean drives still needed for a fault that comes and goes; null for one that stays. */
  readonly tripsNeeded: number | null;
}

/**
 * The clean drives since the last repair.
 * @param file the case. @returns how many, and kilometres together; drives within ten minutes of each other count as one.
 * @example drivesSince(CASE) // => {"trips":0,"kilometres":0}
 */
export function drivesSince(file: CaseFile): Pick<ProofFacts, 'trips' | 'kilometres'> {
  return cleanTrips(sinceRepair(file).observations);
}

/**
 * What the proof amounts to: not cured as soon as the last answer of a step is bad; proved once erase, drive and re-read are good;
 * proved by lamp alone where no reader was at hand; a fault that comes and goes is watched until its drives suffice.
 * @param steps from `proofSteps`. @param facts drives, and what a watch still needs. @returns the verdict.
 * @example proofVerdict([{ id: 'erase', channel: null, state: 'bad', by: null }], { trips: 0, kilometres: 0, tripsNeeded: null }) // => "not-cured"
 */
export function proofVerdict(steps: readonly ProofStep[], facts: ProofFacts): ProofVerdict {
  const isGood = (id: ProofStepId): boolean => steps.some((step) => step.id === id && step.state === 'good');
  if (steps.some((step) => step.state === 'bad')) return 'not-cured';
  const byReader = isGood('erase') && isGood('drive') && isGood('re-read');
  const byLamp = isGood('lamps') && facts.trips >= LAMP_PROOF.trips && facts.kilometres >= LAMP_PROOF.kilometres;
  if (byReader || byLamp) {
    if (facts.tripsNeeded !== null && facts.tripsNeeded > 0) return 'watching';
    return byReader ? 'proved' : 'proved-by-lamp';
  }
  return steps.every((step) => step.by === null) ? 'not-begun' : 'going-on';
}
