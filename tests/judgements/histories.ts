import type { Repair, Vehicle } from '../../core/casefile/contract';
import {
  ACTIVE,
  back,
  battery,
  code,
  fed,
  history,
  lamps,
  live,
  looked,
  ohms,
  PASSIVE,
  SHARED_REAR,
  spun,
  UNKNOWN,
  type Step,
} from '../cases/writtenCase';

/** Jobs with a past that the written cases have little of: repairs without a corner, half a cure, sensors of which one type is known. */
export interface History {
  readonly name: string;
  readonly vehicle: Vehicle;
  readonly steps: readonly Step[];
}

const made = (
  action: Repair['action'],
  segment: Repair['segment'],
  channel: Repair['channel'],
  result: Repair['result'],
): Step => ({ repaired: { action, segment, channel, result } });

const onlyOne = (type: 'passive' | 'active'): Vehicle => ({ ...UNKNOWN, sensorTypes: { 'front-left': type } });

const drove = (result: 'lamps-stayed-out' | 'lamps-came-back', distance: number): Step => ({
  kind: 'drive',
  result,
  distance,
});

export const HISTORIES: readonly History[] = [
  {
    name: 'half a cure: the plug was cleaned, the lamp stays out longer',
    vehicle: PASSIVE,
    steps: [
      lamps('intermittent', 'when-wet'),
      code('C0031', 'current'),
      looked('front-left', 'plug', 'corroded'),
      made('cleaned', 'plug', 'front-left', 'partly'),
      back('returned-later', 'C0031'),
      live('front-left', 'wiggle', 'drops-out', { jumpsAt: 'lead' }),
    ],
  },
  {
    name: 'two wheels, one of them mended',
    vehicle: PASSIVE,
    steps: [
      lamps('steady-from-key-on'),
      code('C0031', 'current'),
      code('C0037', 'current'),
      ohms('front-left', 'sensor', 'overload'),
      made('replaced', 'sensor', 'front-left', 'fixed'),
      back('returned-at-key-on', 'C0037'),
      ohms('rear-left', 'sensor', 1180),
    ],
  },
  {
    name: 'a repair that names no corner, then the module opened',
    vehicle: PASSIVE,
    steps: [
      lamps('steady-from-key-on'),
      code('C0031', 'stored'),
      code('C0034', 'stored'),
      made('reseated', 'plug', null, 'unknown'),
      back('returned-at-key-on'),
      made('cleaned', 'module', 'front-left', 'no-change'),
      back('returned-at-key-on'),
      looked('front-left', 'module', 'wet'),
    ],
  },
  {
    name: 'a tired battery was charged, and a wheel is left',
    vehicle: ACTIVE,
    steps: [
      lamps('steady-from-key-on'),
      battery(10.8),
      made('charged', 'supply', null, 'partly'),
      battery(12.6),
      code('C0034', 'current'),
      fed('front-right', 11.9),
      live('front-right', 'hand-spin', 'zero'),
    ],
  },
  {
    name: 'work at the bearing of one corner, long ago at another',
    vehicle: UNKNOWN,
    steps: [
      history('wheel-bearing', 'rear-left', 30),
      history('driveshaft', 'front-left', 60_000),
      history('water'),
      lamps('after-moving-off'),
      code('C0037', 'stored'),
      live('rear-left', 'drive', 'reads-slow'),
    ],
  },
  {
    name: 'one sensor is known to be active',
    vehicle: onlyOne('active'),
    steps: [lamps('steady-from-key-on'), code('C0037', 'current'), ohms('rear-left', 'sensor', 'overload')],
  },
  {
    name: 'one sensor is known to be passive',
    vehicle: onlyOne('passive'),
    steps: [lamps('after-moving-off'), code('C0037', 'current'), spun('rear-left', 0.02)],
  },
  {
    name: 'parts fitted on a guess, one after the other',
    vehicle: PASSIVE,
    steps: [
      lamps('steady-from-key-on'),
      code('C0031', 'current'),
      made('replaced', 'sensor', 'front-left', 'no-change'),
      back('returned-at-key-on', 'C0031'),
      made('replaced', 'ring', 'front-left', 'no-change'),
      back('returned-at-key-on', 'C0031'),
      made('repaired-wire', 'lead', 'front-left', 'no-change'),
      back('returned-at-key-on', 'C0031'),
      made('reseated', 'plug', 'front-left', 'no-change'),
      back('returned-at-key-on', 'C0031'),
    ],
  },
  {
    name: 'a sensor that all rear wheels share',
    vehicle: SHARED_REAR,
    steps: [
      lamps('after-moving-off'),
      { kind: 'code', code: 'C0037', status: 'current' },
      looked('rear-axle', 'sensor', 'dirty'),
      made('cleaned', 'sensor', 'rear-axle', 'fixed'),
      back('stayed-clear'),
      drove('lamps-stayed-out', 40),
    ],
  },
  {
    name: 'cured, and back after a month',
    vehicle: PASSIVE,
    steps: [
      lamps('steady-from-key-on'),
      code('C0031', 'current'),
      ohms('front-left', 'sensor', 'overload'),
      made('replaced', 'sensor', 'front-left', 'fixed'),
      back('stayed-clear'),
      drove('lamps-stayed-out', 80),
      drove('lamps-stayed-out', 300),
      drove('lamps-came-back', 20),
      code('C0031', 'current'),
    ],
  },
  {
    name: 'nothing was read, only the red lamp and the fluid',
    vehicle: UNKNOWN,
    steps: [
      { kind: 'lamps', lit: ['abs', 'brake-red'], pattern: ['steady-from-key-on'] },
      looked('front-left', 'fluid', 'level-low'),
      made('topped-up', 'elsewhere', null, 'fixed'),
      { kind: 'lamps', lit: [] },
    ],
  },
  {
    name: 'a swap of two corners, put back',
    vehicle: ACTIVE,
    steps: [
      lamps('after-moving-off'),
      code('C0031', 'stored'),
      { kind: 'swap', channel: 'front-left', with: 'front-right', result: 'fault-stayed', putBack: true },
      ohms('front-left', 'wire-1', 'overload', { ends: 'both-unplugged' }),
      ohms('front-left', 'wire-2', 0.4, { ends: 'both-unplugged' }),
    ],
  },
  {
    name: 'lamps that came and went are lit for good by now',
    vehicle: PASSIVE,
    steps: [
      lamps('intermittent', 'on-bumps'),
      drove('lamps-stayed-out', 10),
      drove('lamps-stayed-out', 90),
      lamps('steady-from-key-on'),
      code('C0031', 'current'),
    ],
  },
  {
    name: 'the reader calls the corners by other names',
    vehicle: PASSIVE,
    steps: [
      lamps('after-moving-off'),
      code('C0031', 'current'),
      live('front-left', 'hand-spin', 'answers-as-other-channel', { shownAs: 'RF' }),
      live('front-left', 'drive', 'drops-out', { shownAs: 'LF' }),
      live('front-right', 'hand-spin', 'answers-as-other-channel', { shownAs: 'LF' }),
      live('front-right', 'drive', 'drops-out', { shownAs: 'LF' }),
    ],
  },
  {
    name: 'one corner answers under another name, and nobody has spun the rest',
    vehicle: ACTIVE,
    steps: [
      code('C0034', 'stored'),
      live('rear-left', 'hand-spin', 'answers-as-other-channel', { shownAs: 'RR' }),
      live('rear-right', 'stationary', 'reads-fast', { shownAs: 'RR' }),
    ],
  },
  {
    name: 'a corner that this car has not, and two words for one failure',
    vehicle: SHARED_REAR,
    steps: [
      looked('rear-left', 'plug', 'corroded'),
      { kind: 'look', channel: 'front-left', part: 'lead', finding: 'chafed', unsure: true },
      { kind: 'code', code: 'C0031', status: 'current', failure: 'open' },
      { kind: 'code', code: 'C1231', status: 'stored', failure: 'intermittent', meaning: 'left front wheel sensor' },
    ],
  },
  {
    name: 'a low battery beside a feed that is low with it',
    vehicle: ACTIVE,
    steps: [
      code('C0031', 'current'),
      battery(8.9, true),
      battery(11.2),
      fed('front-left', 7.6),
      ohms('front-left', 'wire-1-to-ground', 0.6, { ends: 'both-unplugged' }),
      ohms('front-left', 'wire-2-to-ground', 300, { ends: 'sensor-connected' }),
      ohms('front-left', 'wire-to-wire', 40_000, { ends: 'both-unplugged' }),
    ],
  },
];
