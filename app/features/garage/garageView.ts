import { byTime } from '../../../core/casefile/byTime';
import type { CaseFile } from '../../../core/casefile/contract';
import { tally } from '../../../core/ledger/tally';
import { isNote } from '../../../core/casefile/note';
import { remindersOf, type Reminder } from '../../../core/report/reminders';
import type { SideSpeech } from '../../../core/vehicle/sides';
import { hasEveryWord } from '../../../core/words/hasEveryWord';
import { sayMoney, USUAL_CURRENCY } from '../../../core/words/money';
import type { JobRecord, VehicleRecord } from '../../storage/garageStorage';
import { texts } from '#words/screens/garage';

/** A vehicle with its jobs, as the garage lists them. */
export interface VehicleEntry {
  readonly record: VehicleRecord;
  readonly name: string;
  /** What kind of vehicle, in a few words. */
  readonly words: string;
  /** The open job that was touched last; null where none is open. */
  readonly leading: JobRecord | null;
  readonly alsoOpen: readonly JobRecord[];
  readonly finished: readonly JobRecord[];
}

const isEnded = ({ file }: JobRecord): boolean => (file.ending ?? null) !== null;

function entryOf(record: VehicleRecord, jobs: readonly JobRecord[]): VehicleEntry {
  const own = jobs.filter((job) => job.vehicleId === record.id && job.putAway !== true);
  const [leading = null, ...alsoOpen] = own.filter((job) => !isEnded(job));
  return {
    record,
    name: record.vehicle.name ?? texts.noName,
    words: record.vehicle.words ?? '',
    leading,
    alsoOpen,
    finished: own.filter(isEnded),
  };
}

const newest = ({ leading, record }: VehicleEntry): string => leading?.updatedAt ?? record.createdAt;

/**
 * The vehicles that are in sight: those with an open job first, the one touched last on top.
 * @param vehicles all of them. @param jobs all of them, the one changed last first.
 */
export function entriesOf(vehicles: readonly VehicleRecord[], jobs: readonly JobRecord[]): VehicleEntry[] {
  return vehicles
    .filter(({ putAway }) => putAway !== true)
    .map((record) => entryOf(record, jobs))
    .toSorted((a, b) => Number(b.leading !== null) - Number(a.leading !== null) || byTime(newest(b), newest(a)));
}

/** All that a job can be found by. */
function wordsOf({ title, file }: JobRecord): string {
  const codes = file.observations.flatMap((seen) => (seen.kind === 'code' ? [seen.code] : []));
  const notes = [
    ...(file.notes ?? []).filter(isNote).map(({ text }) => text),
    ...file.observations.map(({ note = '' }) => note),
  ];
  return [title, file.vehicle.name ?? '', file.vehicle.words ?? '', ...codes, ...notes].join(' ');
}

/**
 * Jobs in which every word that was typed stands, put away or not.
 * @param typed what was typed. @param jobs all jobs. @returns none for nothing typed.
 */
export function jobsWith(typed: string, jobs: readonly JobRecord[]): readonly JobRecord[] {
  return typed.trim() === '' ? [] : jobs.filter((job) => hasEveryWord(wordsOf(job), typed));
}

const ENDINGS: Readonly<Record<NonNullable<CaseFile['ending']>, string>> = {
  solved: texts.solved,
  unverified: texts.closedWithoutProof,
  unsolved: texts.unsolved,
  'handed-over': texts.handedOver,
};

/** How a job stands, and what it cost, in half a line. */
export function standingOf({ file, stage }: JobRecord): string {
  const currency = file.owner?.currency;
  const sums = tally(file.costs ?? [], currency);
  const state = file.ending
    ? ENDINGS[file.ending]
    : file.observations.length === 0
      ? texts.nothingNotedYet
      : texts.stages[stage];
  if (sums.spent === 0) return state;
  return `${state}, ${texts.spentSoFar(sayMoney(sums.spent, currency))}`;
}

/** What finished jobs have saved against their quotes, currency by currency; empty where nothing was. */
export function savedBy(jobs: readonly JobRecord[]): string {
  const sums = new Map<string, number>();
  for (const { file } of jobs) {
    const currency = file.owner?.currency ?? USUAL_CURRENCY;
    const { saved } = tally(file.costs ?? [], currency);
    if (saved !== null) sums.set(currency, (sums.get(currency) ?? 0) + saved);
  }
  const positive = [...sums].filter(([, saved]) => saved > 0);
  return positive.map(([currency, saved]) => sayMoney(saved, currency)).join(' + ');
}

/** A reminder with the job and vehicle it belongs to. */
export interface DueEntry {
  readonly job: string;
  readonly vehicle: string;
  readonly reminder: Reminder;
}

/** What a job wants done later, where something is still open. */
export const remindersFor = ({ id, file }: JobRecord, sides: SideSpeech): readonly DueEntry[] =>
  remindersOf(file, sides)
    .filter(({ done }) => !done)
    .map((reminder) => ({ job: id, vehicle: file.vehicle.name ?? texts.noName, reminder }));

/** Whether the ABS lamp was lit when it was last looked at, in a job that is still open. */
export function isAbsOff(job: JobRecord | null): boolean {
  if (!job || isEnded(job)) return false;
  const last = job.file.observations.findLast(({ kind, withdrawn }) => kind === 'lamps' && withdrawn !== true);
  const isRepaired = (job.file.repairs?.length ?? 0) > 0;
  return last?.kind === 'lamps' && last.lit.includes('abs') && !isRepaired;
}
