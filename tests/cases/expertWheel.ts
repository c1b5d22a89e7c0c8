import { FL, FR, NONE, RL, RR, car, did, drove, swapped, tried, unplugged, type ExpertCase } from './expertCase';
import { ACTIVE, PASSIVE, UNKNOWN, back, battery, code, fed, lamps, looked, ohms, type Step } from './writtenCase';

/** Findings that add up, sure sights, repairs that helped, partly or not at all. Written before the answers were looked at. */
export const EXPERT_AT_WHEELS: readonly ExpertCase[] = [
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
];
