import type { CaseFile } from '../casefile/contract';
import { minutesOf } from '../quantities/moment';
import { DRIVE_LEGS, type DriveLeg, type LegSigns } from '../knowledge/driveLegs';

/** A test drive for what has to be shown. */
export interface DrivePlan {
  readonly legs: readonly (DriveLeg & { readonly isDriven: boolean })[];
  readonly minutes: number;
  readonly km: number;
  /** Why it must not be driven now; null where it may. */
  readonly refused: string | null;
}

/**
 * How `work` notes that a leg was driven without anything showing.
 * @example legKey('bends') // => "drive-leg:bends"
 */
export const legKey = (id: string): string => `drive-leg:${id}`;

function isAsked(signs: LegSigns, file: CaseFile, segments: ReadonlySet<string>): boolean {
  const has = <T>(wanted: readonly T[] | undefined, word: T): boolean => wanted?.includes(word) ?? false;
  return (
    signs.segments?.some((segment) => segments.has(segment)) === true ||
    file.observations.some(
      (seen) =>
        seen.withdrawn !== true &&
        ((seen.kind === 'lamps' && (seen.pattern ?? []).some((word) => has(signs.patterns, word))) ||
          (seen.kind === 'symptom' && has(signs.symptoms, seen.symptom)) ||
          (seen.kind === 'live' && has(signs.findings, seen.finding))),
    )
  );
}

/** Cautions that forbid a drive. */
const FORBIDS: readonly string[] = ['do-not-drive-hydraulic', 'do-not-drive-red'];

/** From this chance on a segment is driven for. */
const SUSPECTED = 0.2;

interface Judged {
  readonly ranking: readonly { readonly segment: string | null; readonly probability: number }[];
  readonly cautions: readonly { readonly id: string; readonly text: string }[];
}

/**
 * The drive that shows whether it is mended, or makes a complaint show itself before it is: the usual legs, and those that this car's own signs ask for.
 * @param file the job. @param judged the adviser's ranking and cautions.
 * @returns legs in order with time and distance; refused, with the reason, where the car must not be driven.
 * @example drivePlan(CASE, { ranking: [], cautions: [] }).legs.map(({ id }) => id).slice(0, 2) // => ["creep","steady"]
 */
export function drivePlan(file: CaseFile, { ranking, cautions }: Judged): DrivePlan {
  const repaired = (file.repairs ?? []).map(({ segment }) => segment);
  const suspected = ranking.flatMap(({ segment, probability }) =>
    segment && probability >= SUSPECTED ? [segment] : [],
  );
  const segments = new Set<string>([...repaired, ...suspected]);
  const driven = sinceLastRepair(file);
  const legs = DRIVE_LEGS.filter(({ signs }) => !signs || isAsked(signs, file, segments)).map((leg) => ({
    ...leg,
    isDriven: driven.has(legKey(leg.id)),
  }));
  const sum = (of: (leg: DriveLeg) => number): number => legs.reduce((total, leg) => total + of(leg), 0);
  return {
    legs,
    minutes: sum(({ minutes }) => minutes),
    km: Math.round(10 * sum(({ km }) => km)) / 10,
    refused: cautions.find(({ id }) => FORBIDS.includes(id))?.text ?? null,
  };
}

/** Legs driven before the last repair say nothing of it. */
function sinceLastRepair(file: CaseFile): ReadonlySet<string> {
  const at = (file.repairs ?? []).at(-1)?.at;
  const isOld = (when: string | undefined): boolean =>
    at !== undefined && when !== undefined && minutesOf(when) < minutesOf(at);
  return new Set((file.work ?? []).flatMap(({ step, at: when, undone }) => (undone || isOld(when) ? [] : [step])));
}
