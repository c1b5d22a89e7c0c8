import { assess, type Assessment } from '../../core/judgement/assess';
import type { CaseFile, Observation, Repair, Vehicle } from '../../core/casefile/contract';
import type { SensorType } from '../../core/casefile/words';

type Loose = Observation extends infer O ? (O extends Observation ? Omit<O, 'id'> & { id?: string } : never) : never;

const CHANNELS = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

/** A four-channel car with one type of sensor; passive ones with a manual band of 1000 to 1400 Ω at 20 °C. */
export function car(type: SensorType | null, extra: Partial<Vehicle> = {}): Vehicle {
  return {
    name: 'Tansy',
    channels: CHANNELS,
    steeringSide: 'right',
    ...(type ? { sensorTypes: Object.fromEntries(CHANNELS.map((channel) => [channel, type])) } : {}),
    ...(type === 'passive' ? { specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } } } : {}),
    ...extra,
  };
}

/** A case file with ids o1, o2, … given to the observations. */
export function caseOf(
  vehicle: Vehicle,
  seen: readonly Loose[],
  repairs: readonly Partial<Repair>[] = [],
  extra: Partial<CaseFile> = {},
): CaseFile {
  const observations = seen.map((observation, index) => ({ id: `o${index + 1}`, ...observation }));
  return {
    format: 'zelf-case',
    version: 1,
    vehicle,
    observations,
    repairs: repairs.map((repair, index) => ({
      id: `r${index + 1}`,
      action: 'replaced',
      segment: 'sensor',
      result: 'unknown',
      ...repair,
    })),
    ...extra,
  };
}

/** The probability of a fault in a judgement; 0 where it isn't listed. */
export function chanceOf(assessment: Assessment, fault: string, channel: string | null): number {
  return assessment.ranking.find((row) => row.fault === fault && row.channel === channel)?.probability ?? 0;
}

/** The probability and state of a segment. */
export function segmentOf(
  assessment: Assessment,
  channel: string,
  segment: string,
): { readonly probability: number; readonly state: string } {
  const found = assessment.segments.find((view) => view.channel === channel && view.segment === segment);
  if (!found) throw new Error(`no segment ${segment} of ${channel}`);
  return found;
}

export function judge(vehicle: Vehicle, seen: readonly Loose[], repairs: readonly Partial<Repair>[] = []): Assessment {
  return assess(caseOf(vehicle, seen, repairs));
}

export type { Loose };
