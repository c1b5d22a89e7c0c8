import type { LookPart } from '../../casefile/words';
import { LOOK_TABLES } from '../tables/looks';
import { bothTypes } from '../tables/table';
import type { CheckRecord } from './check';

type LookRecord = Pick<CheckRecord, 'of' | 'name' | 'words' | 'ifs' | 'minutes' | 'setups' | 'mayBreakSensor'> &
  Pick<NonNullable<CheckRecord['sheet']>, 'lines' | 'caution' | 'ignition'> & { readonly title: string };

const look = (part: LookPart, of: LookRecord): CheckRecord => {
  const { title, lines, caution, ignition, ...rest } = of;
  return {
    ...rest,
    check: `look:${part}`,
    table: bothTypes(LOOK_TABLES[part]),
    answer: { is: 'look', part },
    sheet: {
      title,
      drawing: 'eye',
      ...(lines ? { lines } : {}),
      ...(caution ? { caution } : {}),
      ...(ignition ? { ignition } : {}),
    },
  };
};

export const MODULE_PLUG_CAUTION =
  "The module's plug carries strong feeds. Never bridge two pins, and touch contacts only at their edge.";

/** Checks by eye and hand: of the car as a whole, then of one corner. */
export const LOOKS: readonly CheckRecord[] = [
  look('fluid', {
    of: 'car',
    name: 'Brake fluid',
    title: 'Look at the brake fluid reservoir',
    words: 'Look at the brake fluid level',
    ifs: 'If it stands below the lower mark, that alone lights the lamp: top it up and find out why it was low.',
    minutes: 1,
    setups: [],
    lines: ['Park on level ground'],
  }),
  look('battery', {
    of: 'car',
    name: 'Battery terminals',
    title: 'Look at the battery terminals',
    words: 'Look at the battery terminals',
    ifs: 'If one is loose or furred up, clean and tighten it before you believe any code.',
    minutes: 1,
    setups: [],
  }),
  look('fuse', {
    of: 'car',
    name: 'Fuses',
    title: "Look at the brake module's fuses",
    words: "Look at the brake module's fuses",
    ifs: 'If one is blown, the module has no power: find out why before you fit a new fuse.',
    minutes: 5,
    setups: [],
    ignition: 'off',
  }),
  look('ground-point', {
    of: 'car',
    name: 'Ground point',
    title: "Look at the module's ground point on the body",
    words: "Look at the module's ground point",
    ifs: 'If it is rusty or loose, the module gets too little power: clean it before you look at any wheel.',
    minutes: 8,
    setups: [],
  }),
  look('brake-switch', {
    of: 'car',
    name: 'Brake light switch',
    title: 'Press the pedal while somebody watches the brake lights',
    words: 'Have somebody watch the brake lights',
    ifs: 'If they stay on or stay dark, the switch at the pedal is the fault and the wheels are not.',
    minutes: 2,
    setups: [],
  }),
  look('tyres', {
    of: 'car',
    name: 'Tyres',
    title: 'Read the size on all four tyres',
    words: 'Read the sizes on all four tyres',
    ifs: 'If one differs, that wheel turns at another speed and its sensor is well.',
    minutes: 2,
    setups: [],
  }),
  look('lead', {
    of: 'channel',
    name: 'Lead',
    title: "Follow the sensor's lead from the sensor to its plug",
    words: 'Follow the lead by eye and hand',
    ifs: 'If it is cut or rubbed through, you mend the lead instead of buying a sensor. If it is whole, look at the plug next.',
    minutes: 3,
    setups: [],
    lines: ['Turn the steering to full lock to see more'],
  }),
  look('plug', {
    of: 'channel',
    name: 'Plug',
    title: 'Disconnect the plug and look at both halves',
    words: 'Disconnect the plug and look at its pins',
    ifs: 'If the pins are green, you clean them instead of buying a sensor. If it was not latched, you latch it and are done.',
    minutes: 2,
    setups: ['plug-apart'],
    ignition: 'off',
  }),
  look('loom', {
    of: 'channel',
    name: 'Loom',
    title: 'Follow the loom as far as you can see it',
    words: 'Follow the loom as far as it can be seen',
    ifs: 'If a wire is rubbed, rotted or cut, you have found the place to mend and need not search for it.',
    minutes: 8,
    setups: [],
  }),
  look('ring', {
    of: 'channel',
    name: 'Ring',
    title: 'Turn the hub through a full turn and look at the ring',
    words: 'Turn the hub and look at the ring',
    ifs: 'If it is cracked or swollen, a new sensor would not cure it. If metal dust sticks to it, you clean it for nothing.',
    minutes: 3,
    setups: ['wheel-off'],
  }),
  look('gap', {
    of: 'channel',
    name: 'Seat and flange',
    title: 'Look where the flange meets the knuckle',
    words: "Look at the sensor's flange and seat",
    ifs: 'If rust has lifted it, you clean the seat instead of buying a sensor.',
    minutes: 2,
    setups: ['wheel-off'],
  }),
  look('bearing', {
    of: 'channel',
    name: 'Bearing',
    title: 'Hold the wheel at the top and the bottom and rock it',
    words: 'Rock the wheel at top and bottom',
    ifs: 'If it has play, the bearing lets the ring wander, and a new sensor would not last.',
    minutes: 3,
    setups: ['raised'],
  }),
  look('sensor', {
    of: 'channel',
    name: 'Sensor',
    title: 'Pull the sensor out and look at its tip',
    words: 'Pull the sensor out and look at its tip',
    ifs: 'If the tip is only dirty, you clean it. If it is scored, look at ring and bearing before you fit a new one.',
    minutes: 2,
    setups: ['sensor-out'],
    mayBreakSensor: 0.15,
    caution: 'Levering an old sensor out may destroy it. Have a new one within reach first.',
  }),
  look('module', {
    of: 'subject',
    name: "Module's plug",
    title: "Look into the module's plug",
    words: "Disconnect the module's plug and look into it",
    ifs: 'If it is green or wet, you clean it, and that may cure several wheels at once.',
    minutes: 2,
    setups: ['module-plug-apart'],
    ignition: 'off',
    caution: MODULE_PLUG_CAUTION,
  }),
];
