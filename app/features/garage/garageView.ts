import type { CaseFile } from '../../../core/casefile/contract';
import { tally } from '../../../core/ledger/tally';
import { proofSteps } from '../../../core/proof/proofSteps';
import { sayMoney } from '../../../core/words/money';
import type { JobRecord } from '../../storage/garageStorage';

export interface JobLine {
  readonly id: string;
  readonly title: string;
  readonly stage: JobRecord['stage'];
  readonly state: string;
  readonly money: string;
  readonly isEnded: boolean;
}

const ENDINGS = {
  solved: 'solved',
  unverified: 'closed without proof',
  unsolved: 'unsolved',
  'handed-over': 'handed over',
} as const;

function stateOf(file: CaseFile, stage: JobRecord['stage']): string {
  if (file.ending) return ENDINGS[file.ending];
  const counted = file.observations.filter((one) => !one.withdrawn).length;
  if (counted === 0) return 'nothing noted yet';
  const drives = proofSteps(file).find((one) => one.id === 'drive');
  if ((file.repairs?.length ?? 0) > 0) return drives?.state === 'good' ? 'watch running' : 'repaired, not proved yet';
  return {
    dash: 'lamps noted',
    codes: 'reading codes',
    find: 'finding the fault',
    fix: 'being repaired',
    prove: 'being proved',
  }[stage];
}

/** A job in one line of the garage. */
export function jobLine(job: JobRecord): JobLine {
  const sums = tally(job.file.costs ?? []);
  const currency = job.file.owner?.currency;
  const saved = sums.saved !== null && sums.spent > 0 ? `, ${sayMoney(sums.saved, currency)} under the quote` : '';
  return {
    id: job.id,
    title: job.title,
    stage: job.stage,
    state: stateOf(job.file, job.stage),
    money: sums.spent > 0 ? `${sayMoney(sums.spent, currency)} spent${saved}` : '',
    isEnded: (job.file.ending ?? null) !== null,
  };
}

/** A vehicle's sensors in a few words. */
export function sensorsOf(vehicle: CaseFile['vehicle']): string {
  const types = new Set(vehicle.channels.map((one) => vehicle.sensorTypes?.[one]));
  const count =
    vehicle.channels.length === 3 ? 'three channels, one for the rear axle' : `${vehicle.channels.length} channels`;
  if (types.size === 1 && types.has('passive')) return `${count}, passive sensors`;
  if (types.size === 1 && types.has('active')) return `${count}, active sensors`;
  return types.has(undefined) ? `${count}, sensor type not known` : `${count}, mixed sensors`;
}
