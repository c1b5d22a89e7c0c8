import type { CaseFile, Observation, Repair } from '../casefile/contract';

export type ProofStepId = 'erase' | 'spin' | 'drive' | 're-read' | 'lamps';

export interface ProofStep {
  readonly id: ProofStepId;
  readonly state: 'open' | 'good' | 'bad';
  /** The observation that settled it. */
  readonly by: string | null;
}

/** The last repair and what was observed since. */
export interface SinceRepair {
  readonly repair: Repair | null;
  readonly observations: readonly Observation[];
}

/**
 * What was observed since the last repair.
 * @param file the case. @returns the repair (null when there is none) and the counted observations after it.
 */
export function sinceRepair(file: CaseFile): SinceRepair {
  const repair = file.repairs?.at(-1) ?? null;
  if (!repair) return { repair: null, observations: [] };
  const after =
    repair.after === null
      ? -1
      : repair.after === undefined
        ? file.observations.length - 1
        : file.observations.findIndex((observation) => observation.id === repair.after);
  return { repair, observations: file.observations.slice(after + 1).filter((observation) => !observation.withdrawn) };
}

type Judge = (observation: Observation) => 'good' | 'bad' | null;

const JUDGES: Readonly<Record<ProofStepId, Judge>> = {
  erase: (observation) =>
    observation.kind === 'clear'
      ? observation.result === 'stayed-clear'
        ? 'good'
        : observation.result === 'refused'
          ? null
          : 'bad'
      : null,
  spin: (observation) =>
    observation.kind === 'live' && observation.while === 'hand-spin'
      ? observation.finding === 'follows'
        ? 'good'
        : 'bad'
      : null,
  drive: (observation) =>
    observation.kind === 'drive' ? (observation.result === 'lamps-came-back' ? 'bad' : 'good') : null,
  're-read': (observation) =>
    observation.kind === 'no-code' && observation.tested !== false
      ? 'good'
      : observation.kind === 'code' && observation.status === 'current'
        ? 'bad'
        : null,
  lamps: (observation) => (observation.kind === 'lamps' ? (observation.lit.length === 0 ? 'good' : null) : null),
};

/**
 * How far the proof has come: for each step the last observation that settles it.
 * @param file the case. @returns the steps in working order; all open without a repair.
 */
export function proofSteps(file: CaseFile): ProofStep[] {
  const { observations } = sinceRepair(file);
  return (Object.keys(JUDGES) as ProofStepId[]).map((id) => {
    const judged = observations
      .map((observation) => ({ id: observation.id, state: JUDGES[id](observation) }))
      .filter((entry) => entry.state !== null);
    const last = judged.at(-1);
    return { id, state: last?.state ?? 'open', by: last?.id ?? null };
  });
}

export type ProofVerdict = 'not-begun' | 'going-on' | 'proved' | 'not-cured';

/**
 * What the proof amounts to: not cured as soon as something came back; proved once erase, drive and re-read are good.
 * @param steps from `proofSteps`. @returns the verdict; lamps and spin support it but are not demanded.
 * @example proofVerdict([{ id: 'erase', state: 'bad', by: 'o9' }]) // => "not-cured"
 */
export function proofVerdict(steps: readonly ProofStep[]): ProofVerdict {
  const stateOf = (id: ProofStepId): ProofStep['state'] => steps.find((step) => step.id === id)?.state ?? 'open';
  if (steps.some((step) => step.state === 'bad')) return 'not-cured';
  if (stateOf('erase') === 'good' && stateOf('drive') === 'good' && stateOf('re-read') === 'good') return 'proved';
  return steps.every((step) => step.state === 'open') ? 'not-begun' : 'going-on';
}
