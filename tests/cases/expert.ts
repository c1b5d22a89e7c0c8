import type { Vehicle } from '../../core/casefile/contract';
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
} from './writtenCase';
import type { Step } from './writtenCase';

/** What an expert would say at one stage of a job. */
export interface Stage {
  /** After so many steps. */
  readonly after: number;
  /** What must lead, as `fault@channel` or `fault`. */
  readonly leads?: string;
  readonly atLeast?: number;
  /** What the first move may be, as `check@channel`. */
  readonly first?: RegExp;
  /** What must not be among the first three. */
  readonly never?: RegExp;
  readonly why: string;
}

/** A case in an expert's hands: what happened, and what is wise at each stage. */
export interface ExpertCase {
  readonly name: string;
  readonly vehicle: Vehicle;
  readonly steps: readonly Step[];
  readonly stages: readonly Stage[];
}

const FL = 'front-left';
const FR = 'front-right';
const RL = 'rear-left';
const RR = 'rear-right';
const AXLE = 'rear-axle';
const did = (action: string, segment: string, channel: string | null, result: string): Step =>
  ({ repaired: { action, segment, channel, result } }) as Step;
const car = (part: string, finding: string): Step => ({ kind: 'look', part, finding }) as Step;
const drove = (result: string, distance?: number): Step =>
  ({ kind: 'drive', result, ...(distance ? { distance } : {}) }) as Step;
const tried = (channel: string, result: string): Step => ({ kind: 'substitute', channel, result }) as Step;
const swapped = (channel: string, other: string, result: string): Step =>
  ({ kind: 'swap', channel, with: other, result }) as Step;
const unplugged = (channel: string, result: string): Step => ({ kind: 'unplug', channel, result }) as Step;
const NONE: Step = { kind: 'no-code', module: 'abs' };
const HV: Vehicle = { ...ACTIVE, highVoltage: true };

/** Written before the answers were looked at. */
export const EXPERT: readonly ExpertCase[] = [
  {
    name: 'several findings: rubbed and out of its clip',
    vehicle: PASSIVE,
    steps: [code('C0031-13', 'current'), looked(FL, 'lead', 'unclipped'), looked(FL, 'lead', 'chafed')],
    stages: [
      { after: 1, first: /@front-left|^clear/, why: 'one current code: stay there' },
      {
        after: 3,
        leads: 'lead',
        first: /lead|sensor:resistance|plug|unplug@|wire:lead|replaced:sensor/,
        why: 'two signs on one lead add up',
      },
    ],
  },
  {
    name: 'several findings: green and wet plug',
    vehicle: ACTIVE,
    steps: [code('C0034', 'current'), looked(FR, 'plug', 'corroded'), looked(FR, 'plug', 'wet')],
    stages: [
      { after: 2, leads: 'plug-corroded@front-right', why: 'green pins on the wheel that the code names' },
      {
        after: 3,
        leads: 'plug-corroded@front-right',
        atLeast: 0.8,
        first: /repair:cleaned:plug@front-right|supply-at-plug|look:/,
        why: 'both say water',
      },
    ],
  },
  {
    name: 'several findings: plug off and rust on the seat',
    vehicle: PASSIVE,
    steps: [code('C0037-13', 'current'), looked(RL, 'gap', 'corroded'), looked(RL, 'plug', 'unplugged')],
    stages: [
      {
        after: 3,
        leads: 'plug-loose@rear-left',
        atLeast: 0.9,
        first: /repair:reseated:plug@rear-left/,
        why: 'plug it in, whatever rust there is',
      },
    ],
  },
  {
    name: 'several findings: cracked ring with teeth gone',
    vehicle: PASSIVE,
    steps: [code('C003A-2F', 'stored'), looked(RR, 'ring', 'cracked'), looked(RR, 'ring', 'teeth-missing')],
    stages: [
      {
        after: 3,
        leads: 'ring-damaged@rear-right',
        atLeast: 0.95,
        first: /repair:replaced:ring@rear-right|look:(bearing|sensor)/,
        why: 'seen is seen',
      },
    ],
  },
  {
    name: 'several findings: scored tip and play',
    vehicle: PASSIVE,
    steps: [code('C0031-64', 'stored'), looked(FL, 'sensor', 'scored'), looked(FL, 'bearing', 'play')],
    stages: [
      { after: 2, first: /look:(ring|bearing)@front-left/, why: 'a scored tip has a cause' },
      {
        after: 3,
        leads: 'bearing-play@front-left',
        atLeast: 0.9,
        never: /substitute|swap/,
        why: 'the bearing is the cause',
      },
    ],
  },
  {
    name: 'cut lead with a scuffed loom',
    vehicle: UNKNOWN,
    steps: [
      lamps('steady-from-key-on'),
      code('C0034', 'current'),
      looked(FR, 'loom', 'unclipped'),
      looked(FR, 'lead', 'severed'),
    ],
    stages: [
      {
        after: 4,
        leads: 'lead-open@front-right',
        atLeast: 0.9,
        first: /repair:(repaired-wire:lead|replaced:sensor)@front-right/,
        why: 'a cut is a cut, whatever the sensor',
      },
    ],
  },
  {
    name: 'repair of unknown outcome: new sensor, not proved',
    vehicle: PASSIVE,
    steps: [
      code('C0031-13', 'current'),
      ohms(FL, 'sensor', 'overload', { range: 20_000 }),
      did('replaced', 'sensor', FL, 'unknown'),
    ],
    stages: [{ after: 3, first: /^(clear|code|live:hand-spin)/, never: /^repair:/, why: 'prove it first' }],
  },
  {
    name: 'repair of unknown outcome: lamp still lit',
    vehicle: ACTIVE,
    steps: [
      code('C0034-13', 'current'),
      looked(FR, 'plug', 'corroded'),
      did('cleaned', 'plug', FR, 'unknown'),
      lamps(),
    ],
    stages: [
      {
        after: 4,
        first: /^(clear|code|live)/,
        never: /^repair:|^look:/,
        why: 'a lit lamp proves nothing before the erase',
      },
    ],
  },
  {
    name: 'repair of unknown outcome, proved',
    vehicle: PASSIVE,
    steps: [
      code('C0037-13', 'current'),
      looked(RL, 'lead', 'severed'),
      did('repaired-wire', 'lead', RL, 'unknown'),
      back('stayed-clear'),
      drove('lamps-stayed-out', 15),
      NONE,
    ],
    stages: [
      { after: 6, leads: 'none', atLeast: 0.9, never: /^repair:/, why: 'erased, driven, read: an end is an end' },
    ],
  },
  {
    name: 'no effect: new sensor, code back at key-on',
    vehicle: PASSIVE,
    steps: [
      code('C0031-13', 'current'),
      did('replaced', 'sensor', FL, 'no-change'),
      back('returned-at-key-on', 'C0031-13'),
    ],
    stages: [
      { after: 3, never: /replaced:sensor/, first: /@front-left/, why: 'look past the new sensor, at the same corner' },
    ],
  },
  {
    name: 'no effect: new sensor, then the loom reads open',
    vehicle: PASSIVE,
    steps: [
      code('C0031-13', 'current'),
      did('replaced', 'sensor', FL, 'no-change'),
      back('returned-at-key-on', 'C0031-13'),
      ohms(FL, 'sensor', 1180, { temperature: 20 }),
      ohms(FL, 'wire-1', 'overload', { ends: 'both-unplugged' }),
    ],
    stages: [
      { after: 4, never: /replaced:sensor/, why: 'the new coil is whole' },
      {
        after: 5,
        leads: 'loom-open@front-left',
        atLeast: 0.85,
        first: /loom/,
        why: 'a wire that is open end to end is broken',
      },
    ],
  },
  {
    name: 'no effect: cleaned plug, feed missing',
    vehicle: ACTIVE,
    steps: [
      code('C0034', 'current'),
      looked(FR, 'plug', 'corroded'),
      did('cleaned', 'plug', FR, 'no-change'),
      back('returned-at-key-on', 'C0034'),
      battery(12.6),
      fed(FR, 0.05),
    ],
    stages: [
      {
        after: 6,
        never: /replaced:sensor/,
        first: /look:(loom|module|plug)|meter:wire|repair:repaired-wire:loom|meter:module/,
        why: 'no feed: never the sensor',
      },
    ],
  },
  {
    name: 'partly: one of two corners cured',
    vehicle: ACTIVE,
    steps: [
      code('C0031-13', 'current'),
      code('C003A-13', 'current'),
      looked(FL, 'plug', 'unplugged'),
      did('reseated', 'plug', FL, 'partly'),
      back('returned-at-key-on', 'C003A-13'),
    ],
    stages: [
      { after: 3, first: /repair:reseated:plug@front-left/, why: 'plug it in first' },
      { after: 5, first: /@rear-right/, never: /@front-left/, why: 'the other corner is left' },
    ],
  },
  {
    name: 'two repairs in vain',
    vehicle: PASSIVE,
    steps: [
      code('C0031', 'current'),
      did('replaced', 'sensor', FL, 'no-change'),
      back('returned-at-key-on', 'C0031'),
      did('cleaned', 'plug', FL, 'no-change'),
      back('returned-at-key-on', 'C0031'),
    ],
    stages: [{ after: 5, never: /replaced:sensor|cleaned:plug/, why: 'neither again' }],
  },
  {
    name: 'trial: another sensor works',
    vehicle: ACTIVE,
    steps: [code('C0037-31', 'current'), looked(RL, 'ring', 'sound'), tried(RL, 'signal-normal')],
    stages: [
      {
        after: 3,
        first: /repair:replaced:sensor@rear-left|look:(lead|sensor)/,
        leads: 'sensor',
        why: 'the old one is condemned',
      },
    ],
  },
  {
    name: 'trial: another sensor changes nothing',
    vehicle: PASSIVE,
    steps: [code('C0037-13', 'current'), tried(RL, 'fault-stayed')],
    stages: [{ after: 2, never: /replaced:sensor/, why: 'the sensor is free' }],
  },
  {
    name: 'trial: the fault went with the sensor',
    vehicle: PASSIVE,
    steps: [code('C0031-21', 'stored'), swapped(FL, FR, 'fault-followed')],
    stages: [
      {
        after: 2,
        first: /repair:(replaced|cleaned):sensor|look:sensor|look:lead|sensor:/,
        leads: 'sensor',
        why: 'what went along is in the sensor',
      },
    ],
  },
  {
    name: 'trial: the fault stayed',
    vehicle: PASSIVE,
    steps: [code('C0031-21', 'stored'), swapped(FL, FR, 'fault-stayed')],
    stages: [
      {
        after: 2,
        never: /replaced:sensor|cleaned:sensor/,
        first: /look:(ring|gap|bearing|plug|lead)|distance|live|clear/,
        why: 'look at the ring and the seat',
      },
    ],
  },
  {
    name: 'trial: intermittent, quiet with another sensor',
    vehicle: ACTIVE,
    steps: [lamps('intermittent', 'on-bumps'), code('C0034-1F', 'stored'), tried(FR, 'signal-normal')],
    stages: [{ after: 3, why: 'ten quiet minutes settle nothing', leads: '@front-right' }],
  },
  {
    name: 'trial: unplugged, the same code',
    vehicle: PASSIVE,
    steps: [code('C003A-13', 'current'), unplugged(RR, 'same-code')],
    stages: [
      {
        after: 2,
        first: /sensor:resistance|look:(plug|lead)|module-end|clear/,
        why: 'the module saw a break all along',
      },
    ],
  },
  {
    name: 'named cause: low voltage',
    vehicle: UNKNOWN,
    steps: [lamps(), { ...code('P0562', 'current'), module: 'engine' } as Step, battery(11.5)],
    stages: [
      { after: 2, first: /battery|fuse|ground/, why: 'the code names it' },
      { after: 3, leads: 'battery-low', atLeast: 0.8, first: /charged|battery/, why: 'measured' },
    ],
  },
  {
    name: 'named cause: brake switch',
    vehicle: PASSIVE,
    steps: [{ kind: 'lamps', lit: ['stability'] }, code('C0040', 'current'), car('brake-switch', 'broken')],
    stages: [
      { after: 2, first: /look:brake-switch/, why: 'the code names it' },
      { after: 3, leads: 'brake-switch', atLeast: 0.95, first: /replaced:elsewhere/, why: 'seen is seen' },
    ],
  },
  {
    name: 'named cause: brake lamp and nothing else',
    vehicle: ACTIVE,
    steps: [{ kind: 'lamps', lit: ['brake'] }, NONE, car('fluid', 'level-low')],
    stages: [
      { after: 2, first: /look:fluid/, why: 'some lamps share the float switch' },
      { after: 3, leads: 'brake-fluid-low', atLeast: 0.95, first: /topped-up/, why: 'top it up and find out why' },
    ],
  },
  {
    name: 'named cause: module lost, fuse blown',
    vehicle: ACTIVE,
    steps: [
      lamps(),
      { ...code('U0121', 'current'), module: 'instruments' } as Step,
      { kind: 'no-answer', module: 'abs' },
      car('fuse', 'blown'),
    ],
    stages: [
      {
        after: 3,
        leads: 'module-supply',
        first: /fuse|battery|ground|supply/,
        why: 'a module that nobody hears has no power',
      },
      { after: 4, leads: 'module-supply', atLeast: 0.95, first: /repaired-wire:supply/, why: 'seen' },
    ],
  },
  {
    name: 'named cause: wording of the supply',
    vehicle: PASSIVE,
    steps: [{ ...code('5D44', 'current'), meaning: 'Control unit supply voltage too low' } as Step],
    stages: [
      {
        after: 1,
        first: /battery|fuse|ground|module-supply/,
        never: /drive/,
        why: 'no test drive for a lack of power',
      },
    ],
  },
  {
    name: 'shared part: water in the module’s plug, two corners',
    vehicle: PASSIVE,
    steps: [code('C0031-13', 'current'), code('C0034-13', 'current'), car('module', 'wet')],
    stages: [
      {
        after: 3,
        leads: 'module-plug-corroded',
        first: /cleaned:module|look:module|module/,
        why: 'one wet plug explains both',
      },
    ],
  },
  {
    name: 'shared part: one rear sensor told as two wheels',
    vehicle: SHARED_REAR,
    steps: [code('C0037-31', 'current'), code('C003A-31', 'current')],
    stages: [{ after: 2, leads: '@rear-axle', first: /@rear-axle|^clear/, why: 'both names mean the one sensor' }],
  },
  {
    name: 'shared part: rear axle, not seated',
    vehicle: SHARED_REAR,
    steps: [code('C0037-21', 'stored'), looked(AXLE, 'gap', 'not-seated')],
    stages: [{ after: 2, leads: 'gap-wide@rear-axle', atLeast: 0.9, first: /reseated:gap@rear-axle/, why: 'seat it' }],
  },
  {
    name: 'ground point rusty, low feed',
    vehicle: ACTIVE,
    steps: [lamps(), { kind: 'no-answer', module: 'abs' }, battery(12.7), car('ground-point', 'corroded')],
    stages: [
      { after: 4, leads: 'module-supply', first: /supply|fuse|module/, why: 'a rusty ground starves the module' },
    ],
  },
  {
    name: 'every wheel after a flat battery',
    vehicle: PASSIVE,
    steps: [
      history('flat-battery-event', undefined, 4),
      code('C0031'),
      code('C0034'),
      code('C0037'),
      code('C003A'),
      battery(12.7),
    ],
    stages: [
      { after: 5, first: /battery|clear/, never: /replaced:(sensor|ring)/, why: 'measure and erase' },
      { after: 6, first: /clear/, why: 'the battery is well: erase and see' },
    ],
  },
  {
    name: 'old code stayed away',
    vehicle: ACTIVE,
    steps: [
      history('flat-battery-event', undefined, 30),
      code('C0031'),
      back('stayed-clear'),
      drove('lamps-stayed-out', 20),
    ],
    stages: [{ after: 4, leads: 'none', atLeast: 0.8, never: /^repair:replaced/, why: 'history' }],
  },
  {
    name: 'swollen ring and scored tip',
    vehicle: PASSIVE,
    steps: [code('C0037-2F', 'stored'), looked(RL, 'ring', 'swollen'), looked(RL, 'sensor', 'scored')],
    stages: [
      {
        after: 3,
        leads: 'ring-swollen@rear-left',
        atLeast: 0.9,
        first: /replaced:ring@rear-left|look:bearing/,
        why: 'the ring first, or the new tip goes the same way',
      },
    ],
  },
  {
    name: 'bearing pressed in the wrong way round',
    vehicle: ACTIVE,
    steps: [
      history('wheel-bearing', FL, 6),
      code('C0031-31', 'current'),
      live(FL, 'hand-spin', 'zero'),
      looked(FL, 'ring', 'reversed'),
    ],
    stages: [
      { after: 3, first: /@front-left|clear/, why: 'the corner touched last' },
      {
        after: 4,
        leads: 'ring-wrong@front-left',
        atLeast: 0.95,
        first: /replaced:ring@front-left/,
        why: 'seen with a magnetic card',
      },
    ],
  },
  {
    name: 'strut work, lead pulled tight',
    vehicle: PASSIVE,
    steps: [
      history('shock-or-strut', FR, 8),
      lamps('when-turning', 'intermittent'),
      code('C0034-1F', 'stored'),
      looked(FR, 'lead', 'stretched'),
    ],
    stages: [
      { after: 4, leads: 'lead', first: /lead|replaced:sensor|sensor:resistance|live/, why: 'it pulls when steering' },
    ],
  },
  {
    name: 'overload across an active sensor',
    vehicle: ACTIVE,
    steps: [code('C0034-31', 'current'), ohms(FR, 'sensor', 'overload', { range: 20_000 })],
    stages: [{ after: 2, first: /@front-right|clear/, never: /^repair:replaced:sensor/, why: 'it condemns nothing' }],
  },
  {
    name: 'coil whole, hand-spin silent',
    vehicle: PASSIVE,
    steps: [code('C0031-31', 'stored'), ohms(FL, 'sensor', 1190, { temperature: 20 }), spun(FL, 0.002)],
    stages: [
      {
        after: 3,
        first: /look:(ring|gap|sensor|bearing)|distance|live|repair:reseated:gap/,
        why: 'no voltage from a whole coil: ring or gap',
      },
    ],
  },
  {
    name: 'coil shorted',
    vehicle: PASSIVE,
    steps: [code('C0031-11', 'current'), ohms(FL, 'sensor', 6)],
    stages: [
      { after: 2, leads: 's', first: /replaced:sensor|look:(lead|plug)|sensor-to-ground|lead/, why: 'sensor or lead' },
    ],
  },
  {
    name: 'high voltage: cut lead',
    vehicle: HV,
    steps: [code('C0031-13', 'current'), looked(FL, 'lead', 'severed')],
    stages: [
      {
        after: 2,
        leads: 'lead-open@front-left',
        atLeast: 0.9,
        first: /repair:(repaired-wire:lead|replaced:sensor)@front-left/,
        why: 'low-voltage work at the wheel is ordinary work',
      },
    ],
  },
  {
    name: 'red lamp: nobody drives',
    vehicle: PASSIVE,
    steps: [{ kind: 'lamps', lit: ['abs', 'brake-red'] }, code('C0031-31', 'stored')],
    stages: [{ after: 2, never: /drive/, why: 'brake force may be off' }],
  },
  {
    name: 'part hidden: no evidence, not asked again',
    vehicle: PASSIVE,
    steps: [code('C0034-31', 'stored'), looked(FR, 'ring', 'hidden')],
    stages: [
      { after: 2, never: /look:ring@front-right/, first: /@front-right|clear/, why: 'it cannot be seen from here' },
    ],
  },
  {
    name: 'jumps where the lead is flexed',
    vehicle: PASSIVE,
    steps: [
      lamps('intermittent'),
      code('C0031-1F', 'stored'),
      ohms(FL, 'sensor', 1200, { while: 'wiggle', unsteady: true, jumpsAt: 'lead' }),
    ],
    stages: [
      {
        after: 3,
        leads: 'lead-intermittent@front-left',
        atLeast: 0.7,
        first: /lead|replaced:sensor/,
        why: 'where it jumps it breaks',
      },
    ],
  },
  {
    name: 'jumps at the plug',
    vehicle: PASSIVE,
    steps: [
      lamps('intermittent', 'when-wet'),
      code('C0031-1F', 'stored'),
      ohms(FL, 'sensor', 1200, { while: 'wiggle', unsteady: true, jumpsAt: 'plug' }),
    ],
    stages: [
      {
        after: 3,
        leads: 'plug-corroded@front-left',
        first: /plug|lead|module-end|live|clear/,
        why: 'the contact moves',
      },
    ],
  },
  {
    name: 'finished',
    vehicle: ACTIVE,
    steps: [
      code('C0031-13', 'current'),
      looked(FL, 'plug', 'loose'),
      did('reseated', 'plug', FL, 'fixed'),
      back('stayed-clear'),
      drove('lamps-stayed-out', 30),
      NONE,
      { kind: 'lamps', lit: [] },
    ],
    stages: [{ after: 7, leads: 'none', atLeast: 0.95, never: /./, why: 'nothing but the watch' }],
  },
];
