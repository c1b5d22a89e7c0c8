import { performance } from 'node:perf_hooks';
import type { CaseFile, Observation, Repair } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import { posteriorOf } from '../../core/belief/posterior';
import { assessFully } from '../../core/judgement/assess';

/** How time grows with a job: repairs in vain one after another, observations by the thousand. */

const CHANNELS: readonly Channel[] = ['front-left', 'front-right', 'rear-left', 'rear-right'];
const REPAIRS: readonly (readonly [Repair['action'], Repair['segment']])[] = [
  ['replaced', 'sensor'],
  ['cleaned', 'plug'],
  ['repaired-wire', 'lead'],
  ['reseated', 'plug'],
  ['cleaned', 'ring'],
  ['repaired-wire', 'loom'],
];

function observation(at: number, channel: Channel): Observation {
  const id = `o${at}`;
  const kinds: readonly Observation[] = [
    { id, kind: 'look', channel, part: 'lead', finding: 'sound' },
    { id, kind: 'meter', channel, point: 'sensor', quantity: 'resistance', value: 1150 + (at % 90), temperature: 18 },
    { id, kind: 'live', channel, while: 'hand-spin', finding: 'follows' },
    { id, kind: 'look', channel, part: 'plug', finding: 'sound' },
    { id, kind: 'code', code: 'C0031-13', status: 'current' },
  ];
  return kinds[at % kinds.length] as Observation;
}

/** The same point read again and again, each time a little otherwise: all of it is one group of evidence. */
const onePoint = (at: number, channel: Channel): Observation => ({
  id: `o${at}`,
  kind: 'meter',
  channel,
  point: 'sensor',
  quantity: 'resistance',
  value: 1100 + at / 20,
});

/** What is observed, one after another, at which corner. */
const MIXTURES = {
  'all kinds': (at: number, channels: readonly Channel[]) =>
    observation(at, channels[Math.floor(at / 5) % channels.length] as Channel),
  'one point at one wheel': (at: number, channels: readonly Channel[]) => onePoint(at, channels[0] as Channel),
};
export type Mixture = keyof typeof MIXTURES;

/** A job with so many observations and repairs that did not help, spread evenly. */
export function grownCase(
  observations: number,
  repairs: number,
  corners: number,
  mixture: Mixture = 'all kinds',
): CaseFile {
  const channels = CHANNELS.slice(0, corners);
  const every = Math.max(1, Math.floor(observations / (repairs + 1)));
  return {
    format: 'zelf-case',
    version: 1,
    vehicle: {
      name: 'Tansy',
      channels,
      sensorTypes: Object.fromEntries(channels.map((channel) => [channel, 'passive'])),
    },
    observations: Array.from({ length: observations }, (_none, at) => MIXTURES[mixture](at, channels)),
    repairs: Array.from({ length: repairs }, (_none, at): Repair => {
      const [action, segment] = REPAIRS[at % REPAIRS.length] as (typeof REPAIRS)[number];
      const after = `o${Math.min(observations - 1, (at + 1) * every - 1)}`;
      return { id: `r${at}`, action, segment, channel: channels[at % corners], result: 'no-change', after };
    }),
  };
}

function once(run: () => void): number {
  const started = performance.now();
  run();
  return performance.now() - started;
}

const SIZES: readonly (readonly [observations: number, repairs: number, corners: number, mixture?: Mixture])[] = [
  [30, 1, 2],
  [30, 1, 4],
  [60, 3, 4],
  [150, 8, 4],
  [300, 15, 4],
  [600, 30, 4],
  [5000, 1, 4],
  [5000, 30, 4],
  [1000, 1, 4, 'one point at one wheel'],
  [5000, 1, 4, 'one point at one wheel'],
  [5000, 30, 4, 'one point at one wheel'],
];

/** Prints a row a size: time of the belief and of the whole judgement, memory in use, whether it was answered approximately. */
export function printGrowth(): void {
  console.log('| observations | repairs | channels | mixture | posterior ms | whole ms | heap MB | approximate |');
  console.log('|---:|---:|---:|:---|---:|---:|---:|:---|');
  for (const [observations, repairs, corners, mixture = 'all kinds'] of SIZES) {
    const file = grownCase(observations, repairs, corners, mixture);
    once(() => assessFully(file));
    const posterior = once(() => posteriorOf(file));
    const whole = once(() => assessFully(file));
    const heap = process.memoryUsage().heapUsed / 2 ** 20;
    const isApproximate = assessFully(file).approximate ? 'yes' : 'no';
    console.log(
      `| ${observations} | ${repairs} | ${corners} | ${mixture} | ${posterior.toFixed(0)} | ${whole.toFixed(0)} | ${heap.toFixed(0)} | ${isApproximate} |`,
    );
  }
}
