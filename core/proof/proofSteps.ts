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
        : file.observations.findIndex((one) => one.id === repair.after);
  return { repair, observations: file.observations.slice(after + 1).filter((one) => !one.withdrawn) };
}

type Judge = (one: Observation) => 'good' | 'bad' | null;

const JUDGES: Readonly<Record<ProofStepId, Judge>> = {
  erase: (one) =>
    one.kind === 'clear' ? (one.result === 'stayed-clear' ? 'good' : one.result === 'refused' ? null : 'bad') : null,
  spin: (one) =>
    one.kind === 'live' && one.while === 'hand-spin' ? (one.finding === 'follows' ? 'good' : 'bad') : null,
  drive: (one) => (one.kind === 'drive' ? (one.result === 'lamps-came-back' ? 'bad' : 'good') : null),
  're-read': (one) =>
    one.kind === 'no-code' && one.tested !== false
      ? 'good'
      : one.kind === 'code' && one.status === 'current'
        ? 'bad'
        : null,
  lamps: (one) => (one.kind === 'lamps' ? (one.lit.length === 0 ? 'good' : null) : null),
};

/**
 * How far the proof has come: for each step the last observation that settles it.
 * @param file the case. @returns the steps in working order; all open without a repair.
 */
export function proofSteps(file: CaseFile): ProofStep[] {
  const { observations } = sinceRepair(file);
  return (Object.keys(JUDGES) as ProofStepId[]).map((id) => {
    const judged = observations
      .map((one) => ({ id: one.id, state: JUDGES[id](one) }))
      .filter((one) => one.state !== null);
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
  const stateOf = (id: ProofStepId): ProofStep['state'] => steps.find((one) => one.id === id)?.state ?? 'open';
  if (steps.some((one) => one.state === 'bad')) return 'not-cured';
  if (stateOf('erase') === 'good' && stateOf('drive') === 'good' && stateOf('re-read') === 'good') return 'proved';
  return steps.every((one) => one.state === 'open') ? 'not-begun' : 'going-on';
}
