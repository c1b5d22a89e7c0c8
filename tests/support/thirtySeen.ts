import type { CaseFile, Observation } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';

const CHANNELS: readonly Channel[] = ['front-left', 'front-right', 'rear-left', 'rear-right'];

const PASSIVE = Object.fromEntries(CHANNELS.map((channel) => [channel, 'passive' as const]));

type Bare = Observation extends infer O ? (O extends Observation ? Omit<O, 'id'> : never) : never;

/** What was seen at every corner: six checks each. */
function atCorner(channel: Channel, coilOhm: number | 'overload'): Bare[] {
  return [
    { kind: 'look', channel, part: 'lead', finding: 'sound' },
    { kind: 'look', channel, part: 'plug', finding: 'sound' },
    { kind: 'meter', channel, point: 'sensor', quantity: 'resistance', value: coilOhm, range: 20_000, temperature: 18 },
    { kind: 'meter', channel, point: 'sensor-to-ground', quantity: 'resistance', value: 'overload' },
    { kind: 'live', channel, while: 'hand-spin', finding: coilOhm === 'overload' ? 'zero' : 'follows' },
    { kind: 'look', channel, part: 'ring', finding: 'sound' },
  ];
}

/** Thirty observations on four channels: six of the whole car, six at each corner. One coil is open. */
export function thirtySeen(): CaseFile {
  const car: Bare[] = [
    { kind: 'lamps', lit: ['abs', 'stability'], pattern: ['steady-from-key-on'] },
    { kind: 'history', event: 'wheel-bearing', channel: 'rear-left', ago: 20 },
    { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.6 },
    { kind: 'code', code: 'C0037-13', status: 'current', module: 'abs' },
    { kind: 'code', code: 'U0121', status: 'stored', module: 'instruments' },
    { kind: 'clear', result: 'returned-at-key-on', returned: ['C0037-13'], stayed: [] },
  ];
  const corners = CHANNELS.flatMap((channel) => atCorner(channel, channel === 'rear-left' ? 'overload' : 1180));
  return {
    format: 'zelf-case',
    version: 1,
    vehicle: {
      name: 'Tansy',
      channels: CHANNELS,
      sensorTypes: PASSIVE,
      specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } },
    },
    observations: [...car, ...corners].map((seen, at) => ({ ...seen, id: `o${at + 1}` })),
  };
}
