import type { CaseFile, Observation, Repair, Vehicle } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { FaultId } from '../../core/knowledge/faults';

/** An observation without an id, as written in a case. */
export type Seen = Observation extends infer O ? (O extends Observation ? Omit<O, 'id'> : never) : never;

/** One step of a written case: what was seen, or what was repaired. */
export type Step = Seen | { readonly repaired: Omit<Repair, 'id' | 'after' | 'at'> };

/** A case with a known truth: what an expert would see, in order, and what would be wise to do first. */
export interface WrittenCase {
  readonly name: string;
  readonly vehicle: Vehicle;
  /** What is wrong at the end of the steps; `none` after a cure. */
  readonly truth: { readonly channel: Channel | null; readonly fault: FaultId | 'none' };
  readonly steps: readonly Step[];
  /** Steps (by number from 1) after which an expert would be misled too. */
  readonly misleading?: readonly number[];
  /** After how many steps, which first moves are wise. */
  readonly wise: readonly { readonly after: number; readonly moves: RegExp }[];
  /** What makes it a trap; empty for a plain one. */
  readonly trap: string;
}

/** The case file after so many steps. */
export function after(written: Pick<WrittenCase, 'vehicle' | 'steps'>, count: number): CaseFile {
  const observations: Observation[] = [];
  const repairs: Repair[] = [];
  written.steps.slice(0, count).forEach((step, index) => {
    if ('repaired' in step) repairs.push({ ...step.repaired, id: `r${index}`, after: observations.at(-1)?.id ?? null });
    else observations.push({ ...step, id: `o${index}` });
  });
  return { format: 'zelf-case', version: 1, vehicle: written.vehicle, observations, repairs };
}

const FOUR: readonly Channel[] = ['front-left', 'front-right', 'rear-left', 'rear-right'];

function typed(type: 'passive' | 'active', channels: readonly Channel[]): Vehicle['sensorTypes'] {
  return Object.fromEntries(channels.map((channel) => [channel, type]));
}

export const PASSIVE: Vehicle = {
  name: 'Tansy',
  channels: FOUR,
  steeringSide: 'right',
  sensorTypes: typed('passive', FOUR),
  specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } },
};
export const ACTIVE: Vehicle = {
  name: 'Bertie',
  channels: FOUR,
  steeringSide: 'right',
  sensorTypes: typed('active', FOUR),
};
export const UNKNOWN: Vehicle = { name: 'Tansy', channels: FOUR, steeringSide: 'right' };
const THREE: readonly Channel[] = ['front-left', 'front-right', 'rear-axle'];
export const SHARED_REAR: Vehicle = {
  name: 'Pebble',
  channels: THREE,
  steeringSide: 'left',
  sensorTypes: typed('passive', THREE),
};

type Lamp = Extract<Observation, { kind: 'lamps' }>;

export const lamps = (...pattern: NonNullable<Lamp['pattern']>): Seen => ({
  kind: 'lamps',
  lit: ['abs', 'stability'],
  pattern,
});
export const code = (text: string, status: 'current' | 'stored' | 'pending' | 'unknown' = 'stored'): Seen => ({
  kind: 'code',
  code: text,
  status,
});
export const back = (result: Extract<Observation, { kind: 'clear' }>['result'], ...returned: string[]): Seen => ({
  kind: 'clear',
  result,
  ...(returned.length > 0 ? { returned, stayed: [] } : {}),
});
export const ohms = (
  channel: Channel,
  point:
    | 'sensor'
    | 'module-end'
    | 'sensor-to-ground'
    | 'wire-1'
    | 'wire-2'
    | 'wire-1-to-ground'
    | 'wire-2-to-ground'
    | 'wire-to-wire',
  value: number | 'overload',
  extra: object = {},
): Seen => ({ kind: 'meter', channel, point, quantity: 'resistance', value, ...extra });
export const looked = (channel: Channel, part: string, finding: string): Seen =>
  ({ kind: 'look', channel, part, finding }) as Seen;
export const live = (
  channel: Channel,
  during: 'stationary' | 'wiggle' | 'hand-spin' | 'drive',
  finding: string,
  extra: object = {},
): Seen => ({ kind: 'live', channel, while: during, finding, ...extra }) as Seen;
export const spun = (channel: Channel, value: number, extra: object = {}): Seen => ({
  kind: 'meter',
  channel,
  point: 'sensor',
  quantity: 'ac-voltage',
  value,
  while: 'hand-spin',
  resolution: 0.001,
  ...extra,
});
export const fed = (channel: Channel, value: number): Seen => ({
  kind: 'meter',
  channel,
  point: 'supply-at-plug',
  quantity: 'dc-voltage',
  value,
  ignition: 'on',
});
export const battery = (value: number, cranking = false): Seen => ({
  kind: 'meter',
  point: 'battery',
  quantity: 'dc-voltage',
  value,
  ...(cranking ? { while: 'cranking' } : {}),
});
export const history = (
  event: Extract<Observation, { kind: 'history' }>['event'],
  channel?: Channel,
  ago?: number,
): Seen => ({ kind: 'history', event, ...(channel ? { channel } : {}), ...(ago === undefined ? {} : { ago }) });
