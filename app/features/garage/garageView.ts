import type { CaseFile } from '../../../core/casefile/contract';
import { tally } from '../../../core/ledger/tally';
import { proofSteps } from '../../../core/proof/proofSteps';
import { remindersOf, type Reminder } from '../../../core/report/reminders';
import type { SideSpeech } from '../../../core/vehicle/sides';
import { sayMoney } from '../../../core/words/money';
import type { JobRecord } from '../../storage/garageStorage';
import { texts } from '#words/screens/garage';

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
  unverified: texts.closedWithoutProof,
  unsolved: 'unsolved',
  'handed-over': texts.handedOver,
} as const;

function stateOf(file: CaseFile, stage: JobRecord['stage']): string {
  if (file.ending) return ENDINGS[file.ending];
  const counted = file.observations.filter((observation) => !observation.withdrawn).length;
  if (counted === 0) return texts.nothingNotedYet;
  const drives = proofSteps(file).find((proofStep) => proofStep.id === 'drive');
  if ((file.repairs?.length ?? 0) > 0)
    return drives?.state === 'good' ? texts.watchRunning : texts.repairedNotProvedYet;
  return {
    dash: texts.lampsNoted,
    codes: texts.readingCodes,
    find: texts.findingTheFault,
    fix: texts.beingRepaired,
    prove: texts.beingProved,
  }[stage];
}

/** A job in one line of the garage. */
export function jobLine(job: JobRecord): JobLine {
  const sums = tally(job.file.costs ?? []);
  const currency = job.file.owner?.currency;
  const spent = sayMoney(sums.spent, currency);
  const money =
    sums.saved === null ? texts.spentSoFar(spent) : texts.spentAndSaved(spent, sayMoney(sums.saved, currency));
  return {
    id: job.id,
    title: job.title,
    stage: job.stage,
    state: stateOf(job.file, job.stage),
    money: sums.spent > 0 ? money : '',
    isEnded: (job.file.ending ?? null) !== null,
  };
}

/** What a job wants done later, where something is still open. */
export const remindersFor = (
  { id, file }: JobRecord,
  sides: SideSpeech,
): readonly { readonly job: string; readonly vehicle: string; readonly reminder: Reminder }[] =>
  remindersOf(file, sides)
    .filter(({ done }) => !done)
    .map((reminder) => ({ job: id, vehicle: file.vehicle.name ?? texts.noName, reminder }));

/** A vehicle's sensors in a few words. */
export function sensorsOf(vehicle: CaseFile['vehicle']): string {
  const types = new Set(vehicle.channels.map((channel) => vehicle.sensorTypes?.[channel]));
  const count = vehicle.channels.length === 3 ? texts.threeChannelsOneFor : texts.channels(vehicle.channels.length);
  if (types.size === 1 && types.has('passive')) return texts.passiveSensors(count);
  if (types.size === 1 && types.has('active')) return texts.activeSensors(count);
  return types.has(undefined) ? texts.sensorTypeNotKnown(count) : texts.mixedSensors(count);
}
