import type { CaseFile, Observation, Repair, Vehicle } from '../../core/casefile/contract';
import type { Channel, RepairSegment, SensorType } from '../../core/casefile/words';
import type { Assessment, PrintedMove as Move } from '../../core/judgement/assess';

/** An everyday situation and what a careful mechanic would accept as its answer. */
export interface Situation {
  readonly name: string;
  readonly file: CaseFile;
  /** What is wrong with an answer, in words; empty when it holds. */
  readonly problems: (answer: Assessment) => readonly string[];
  /** A second file whose answer is judged beside the first, for laws that compare two. */
  readonly beside?: CaseFile;
  readonly compare?: (answer: Assessment, other: Assessment) => readonly string[];
}

/** A law of good sense with all the situations that are generated for it. */
export interface Law {
  readonly number: number;
  readonly name: string;
  readonly situations: readonly Situation[];
}

/** An observation without its id. */
export type Seen = Observation extends infer O ? (O extends Observation ? Omit<O, 'id'> : never) : never;

/** What happened in a job, in order: something seen, or a repair. */
export type Event = Seen | { readonly repaired: Omit<Repair, 'id' | 'after'> };

export const FOUR: readonly Channel[] = ['front-left', 'front-right', 'rear-left', 'rear-right'];
export const THREE: readonly Channel[] = ['front-left', 'front-right', 'rear-axle'];

/** A car with a channel that the situation is about. */
export interface Subject {
  readonly vehicle: Vehicle;
  readonly channel: Channel;
  readonly type: SensorType | 'unknown';
  readonly label: string;
}

function vehicleWith(channels: readonly Channel[], type: Subject['type'], steeringSide: 'left' | 'right'): Vehicle {
  return {
    name: 'Tansy',
    channels,
    steeringSide,
    ...(type === 'unknown' ? {} : { sensorTypes: Object.fromEntries(channels.map((channel) => [channel, type])) }),
  };
}

/** Cars by sensor kind, layout and steering side, each with the channel in question. */
export function subjects(types: readonly Subject['type'][] = ['passive', 'active', 'unknown']): readonly Subject[] {
  const places = [
    [FOUR, 'front-left', 'left'],
    [FOUR, 'rear-right', 'right'],
    [THREE, 'front-right', 'right'],
    [THREE, 'rear-axle', 'left'],
  ] as const;
  return types.flatMap((type) =>
    places.map(([channels, channel, side]) => ({
      vehicle: vehicleWith(channels, type, side),
      channel,
      type,
      label: `${type} ${channel} of ${channels.length}`,
    })),
  );
}

/** The standard code of a wheel's sensor circuit (SAE J2012), with a failure type byte where one is given. */
export function wheelCode(channel: Channel, byte = ''): string {
  const numbers: Readonly<Record<Channel, string>> = {
    'front-left': 'C0031',
    'front-right': 'C0034',
    'rear-left': 'C0037',
    'rear-right': 'C003A',
    'rear-axle': 'C0037',
  };
  return byte ? `${numbers[channel]}-${byte}` : numbers[channel];
}

export const code = (text: string, status: 'current' | 'stored' = 'current', more: object = {}): Seen => ({
  kind: 'code',
  code: text,
  status,
  ...more,
});
export const look = (channel: Channel | null, part: string, finding: string): Seen =>
  ({ kind: 'look', part, finding, ...(channel ? { channel } : {}) }) as unknown as Seen;
export const meter = (
  channel: Channel | null,
  point: string,
  quantity: string,
  value: number | 'overload',
  more: object = {},
): Seen => ({ kind: 'meter', point, quantity, value, ...(channel ? { channel } : {}), ...more }) as Seen;
export const live = (channel: Channel, during: string, finding: string, more: object = {}): Seen =>
  ({ kind: 'live', channel, while: during, finding, ...more }) as Seen;
export const lamps = (lit: readonly string[], ...pattern: string[]): Seen =>
  ({ kind: 'lamps', lit, ...(pattern.length > 0 ? { pattern } : {}) }) as unknown as Seen;
export const erased = (result: string, returned?: readonly string[]): Seen =>
  ({ kind: 'clear', result, ...(returned ? { returned, stayed: [] } : {}) }) as unknown as Seen;
export const repaired = (repair: string, channel: Channel | null, result: Repair['result'] = 'unknown'): Event => {
  const [action, segment] = repair.split(':') as [Repair['action'], RepairSegment];
  return { repaired: { action, segment, channel, result } };
};

/**
 * Makes a case file of what happened.
 * @param vehicle the car. @param events what happened, in order. @param extra more of the file.
 * @returns the file with ids o1, o2, … and r1, r2, …
 */
export function fileOf(vehicle: Vehicle, events: readonly Event[], extra: Partial<CaseFile> = {}): CaseFile {
  const observations: Observation[] = [];
  const repairs: Repair[] = [];
  for (const event of events) {
    if ('repaired' in event)
      repairs.push({ ...event.repaired, id: `r${repairs.length + 1}`, after: observations.at(-1)?.id ?? null });
    else observations.push({ ...event, id: `o${observations.length + 1}` });
  }
  return { format: 'zelf-case', version: 1, vehicle, observations, repairs, ...extra };
}

export function chance(answer: Assessment, fault: string, channel: Channel | null): number {
  return answer.ranking.find((row) => row.fault === fault && row.channel === channel)?.probability ?? 0;
}

/** Chance of some fault in the segments of a channel. */
export function shareOf(answer: Assessment, channel: Channel, ...segments: readonly string[]): number {
  return answer.segments
    .filter((view) => view.channel === channel && segments.includes(view.segment))
    .reduce((sum, view) => sum + view.probability, 0);
}

export function totalOf(answer: Assessment, channel: Channel): number {
  return answer.ranking
    .filter((row) => row.channel === channel && row.fault !== 'stale-code')
    .reduce((sum, row) => sum + row.probability, 0);
}

export const isRepair = (move: Move): boolean => move.check.startsWith('repair:');
export const named = (move: Move | undefined): string =>
  move ? `${move.check}${move.channel ? `@${move.channel}` : ''}` : 'nothing';
export const firstMoves = (answer: Assessment, count = 3): string => answer.next.slice(0, count).map(named).join(', ');
/** Moves that concern a channel, or the whole car's codes. */
export const staysAt = (move: Move, channel: Channel): boolean =>
  move.channel === channel || move.check === 'clear' || move.check === 'code' || move.check === 'live:drive';

/** What is said when something does not hold; nothing when it does. */
export function unless(holds: boolean, words: string): readonly string[] {
  return holds ? [] : [words];
}
