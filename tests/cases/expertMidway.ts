import { FL, FR, NONE, RL, RR, car, did, drove, tried, type ExpertCase } from './expertCase';
import { ACTIVE, PASSIVE, UNKNOWN, battery, code, fed, history, lamps, live, looked, ohms, spun } from './writtenCase';

/** Jobs that Zelf meets in the middle. Written before the answers were looked at. */
export const EXPERT_MIDWAY: readonly ExpertCase[] = [
  {
    name: 'midway: the owner measured first and read no code',
    vehicle: PASSIVE,
    steps: [
      lamps('steady-from-key-on'),
      ohms(FL, 'sensor', 1150),
      ohms(FR, 'sensor', 1160),
      ohms(RL, 'sensor', 'overload'),
      ohms(RR, 'sensor', 1180),
    ],
    stages: [
      {
        after: 5,
        leads: 'sensor-open@rear-left',
        first: /look:(lead|plug|sensor)@rear-left|code|meter:sensor.*@rear-left|repaired-wire:lead|replaced:sensor/,
        never: /@(front-left|front-right|rear-right)/,
        why: 'three coils are whole, the fourth is open: sensor or lead there',
      },
    ],
  },
  {
    name: 'midway: sensor bought and fitted, nobody erased, then the plug is seen hanging',
    vehicle: ACTIVE,
    steps: [code('C0034', 'current'), did('replaced', 'sensor', FR, 'unknown'), looked(FR, 'plug', 'unplugged')],
    stages: [
      {
        after: 3,
        leads: 'plug-loose@front-right',
        atLeast: 0.9,
        first: /reseated:plug@front-right/,
        why: 'a plug that hangs open after the work is pushed home before anything else',
      },
    ],
  },
  {
    name: 'midway: salt, scored tip and a swollen ring under the new sensor',
    vehicle: PASSIVE,
    steps: [
      history('salted-roads'),
      code('C0037'),
      did('replaced', 'sensor', RL, 'no-change'),
      looked(RL, 'sensor', 'scored'),
      looked(RL, 'ring', 'swollen'),
    ],
    stages: [
      {
        after: 5,
        leads: 'ring-swollen@rear-left',
        atLeast: 0.9,
        first: /replaced:ring@rear-left/,
        never: /^repair:replaced:sensor/,
        why: 'rust lifts the ring, the ring struck both tips: the ring is the cause',
      },
    ],
  },
  {
    name: 'midway: weak battery beside one current code',
    vehicle: PASSIVE,
    steps: [code('C003A-13', 'current'), battery(11.6), ohms(RR, 'sensor', 1200), spun(RR, 0.22)],
    stages: [
      {
        after: 4,
        first: /look:(loom|plug|battery)|charged:supply|meter:(module-end|wire|battery)|clear/,
        never: /repair:replaced:sensor/,
        why: 'the sensor gives its voltage at its plug: it is not at fault, whatever the battery does',
      },
    ],
  },
  {
    name: 'midway: no code, lamps out again, a short drive',
    vehicle: ACTIVE,
    steps: [lamps('intermittent'), NONE, drove('lamps-stayed-out', 1)],
    stages: [
      {
        after: 3,
        never: /repair:replaced/,
        why: 'lamps that come and go and a kilometre of road are no reason to buy anything',
      },
    ],
  },
  {
    name: 'midway: dead feed at one corner, another sensor dead there too',
    vehicle: ACTIVE,
    steps: [code('C0031', 'current'), tried(FL, 'fault-stayed'), fed(FL, 0.02)],
    stages: [
      {
        after: 3,
        never: /replaced:sensor/,
        first: /look:(loom|plug|module)|meter:(wire|sensor-to-ground|module)|repaired-wire:loom|clear/,
        why: 'a second sensor and no feed: the way between module and plug',
      },
    ],
  },
  {
    name: 'midway: kind of sensor unknown, speed drops out on bumps, lead stretched',
    vehicle: UNKNOWN,
    steps: [code('C0034'), live(FR, 'drive', 'drops-out'), looked(FR, 'lead', 'stretched'), car('fluid', 'sound')],
    stages: [
      {
        after: 4,
        first: /@front-right/,
        never: /look:(fluid|tyres|brake-switch)|ask:history/,
        why: 'stay at the corner: a stretched lead there that drops out',
      },
    ],
  },
];
