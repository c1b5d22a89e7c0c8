import type { SensorType } from '../casefile/words';
import { CLEAR } from './tables/erase';
import * as live from './tables/live';
import { LOOK_TABLES } from './tables/looks';
import * as loom from './tables/meterLoom';
import * as sensor from './tables/meterSensor';
import { bothTypes, type TypedTable } from './tables/table';
import * as trials from './tables/trials';
import type { Setup } from './setups';

/** A check as a move: what it takes, what it may break, and what it tells. */
export interface CheckRow {
  readonly check: string;
  readonly table: TypedTable;
  /** Of one corner, or of the whole car. */
  readonly of: 'channel' | 'car';
  readonly minutes: number;
  readonly setups: readonly Setup[];
  readonly only?: SensorType;
  /** Chance to break the sensor in doing it. */
  readonly mayBreakSensor?: number;
  /** Looks and readings that a high-voltage car allows too. */
  readonly noTools?: true;
  /** The same check with the lead or loom flexed meanwhile. */
  readonly manner?: 'wiggle';
  readonly words: string;
  readonly tells: string;
}

const car = (
  check: string,
  table: TypedTable,
  minutes: number,
  words: string,
  tells: string,
  extra: Partial<CheckRow> = {},
): CheckRow => ({ check, table, of: 'car', minutes, setups: [], words, tells, ...extra });
const corner = (
  check: string,
  table: TypedTable,
  minutes: number,
  setups: readonly Setup[],
  words: string,
  tells: string,
  extra: Partial<CheckRow> = {},
): CheckRow => ({ check, table, of: 'channel', minutes, setups, words, tells, ...extra });
const look = (part: keyof typeof LOOK_TABLES): TypedTable => bothTypes(LOOK_TABLES[part]);
const free = { noTools: true } as const;

/** Every check of the contract. `code`, `clear` and the `ask:` rows have rules of their own in `candidates.ts`. */
export const CHECKS: readonly CheckRow[] = [
  car('look:fluid', look('fluid'), 1, 'Look at the brake fluid level', 'some lamps share its float switch', free),
  car(
    'look:battery',
    look('battery'),
    1,
    'Look at the battery terminals',
    'a loose or furred terminal starves every module',
    free,
  ),
  car(
    'meter:battery:dc-voltage',
    bothTypes(loom.BATTERY_REST),
    2,
    'Measure the battery at rest',
    'a weak battery throws codes all over the car',
  ),
  car('look:fuse', look('fuse'), 5, "Look at the brake module's fuses", 'a blown fuse silences the module', free),
  car(
    'look:ground-point',
    look('ground-point'),
    8,
    "Look at the module's ground point",
    'a rusty ground starves the module',
    free,
  ),
  car(
    'look:brake-switch',
    look('brake-switch'),
    2,
    'Have somebody watch the brake lights',
    'the brake switch shares lamps with the sensors',
    free,
  ),
  car('look:tyres', look('tyres'), 2, 'Read the sizes on all four tyres', 'an odd tyre turns at another speed', free),
  car(
    'meter:module-supply:dc-voltage',
    bothTypes(loom.MODULE_SUPPLY),
    8,
    "Measure the module's feed",
    'tells a starved module from a deaf channel',
    { setups: ['module-plug-apart'] },
  ),
  corner(
    'look:lead',
    look('lead'),
    3,
    [],
    'Follow the lead by eye and hand',
    'finds a cut, rubbed or unclipped lead',
    free,
  ),
  corner(
    'look:plug',
    look('plug'),
    2,
    ['plug-apart'],
    'Open the plug and look at its pins',
    'finds green, bent or unlatched pins',
    free,
  ),
  corner(
    'look:loom',
    look('loom'),
    8,
    [],
    'Follow the loom as far as it can be seen',
    'finds rubbed or rotted wires',
    free,
  ),
  corner(
    'look:ring',
    look('ring'),
    3,
    ['wheel-off'],
    'Turn the hub and look at the ring',
    'finds cracks, rust and debris',
    free,
  ),
  corner(
    'look:gap',
    look('gap'),
    2,
    ['wheel-off'],
    "Look at the sensor's flange and seat",
    'rust under the flange lifts the sensor',
    free,
  ),
  corner(
    'look:bearing',
    look('bearing'),
    3,
    ['raised'],
    'Rock the wheel at top and bottom',
    'play lets the ring wander',
    free,
  ),
  corner(
    'look:sensor',
    look('sensor'),
    2,
    ['sensor-out'],
    'Draw the sensor and look at its tip',
    'finds a scored, cracked or dirty tip',
    { mayBreakSensor: 0.15 },
  ),
  corner(
    'look:module',
    look('module'),
    2,
    ['module-plug-apart'],
    "Open the module's plug and look",
    'finds water in the plug',
    free,
  ),
  corner(
    'meter:sensor:resistance',
    sensor.SENSOR_RESISTANCE,
    3,
    ['plug-apart'],
    'Unplug the sensor and measure across its own two pins',
    'tells sensor and lead from the loom',
    { only: 'passive' },
  ),
  corner(
    'meter:sensor:resistance',
    sensor.SENSOR_WIGGLE,
    5,
    ['plug-apart'],
    'Measure across the sensor while flexing its lead, every few centimetres',
    'an intermittent reads perfect at rest; where it jumps it breaks',
    { only: 'passive', manner: 'wiggle' },
  ),
  corner(
    'meter:sensor-to-ground:resistance',
    sensor.SENSOR_TO_GROUND,
    1,
    ['plug-apart'],
    "Measure from a pin to the sensor's own metal",
    'finds water inside and a rubbed lead',
  ),
  corner(
    'meter:sensor:ac-voltage',
    sensor.SENSOR_SPIN,
    7,
    ['plug-apart', 'raised'],
    'Spin the wheel and read AC volts at the sensor',
    'shows whether ring, gap and magnet make a signal',
    { only: 'passive' },
  ),
  corner(
    'meter:supply-at-plug:dc-voltage',
    loom.SUPPLY_AT_PLUG,
    3,
    ['plug-apart'],
    'Ignition on: measure the feed at the loom side of the plug',
    'tells loom and module from sensor and lead',
    { only: 'active' },
  ),
  corner(
    'meter:sensor-current:dc-current',
    sensor.SENSOR_CURRENT,
    10,
    ['plug-apart'],
    "Measure the sensor's current in series",
    'tells live electronics from dead',
    { only: 'active' },
  ),
  corner(
    'meter:module-end:resistance',
    sensor.MODULE_END,
    6,
    ['module-plug-apart'],
    "Measure the channel's two pins at the module's plug",
    'takes in the whole circuit without lifting the car',
    { only: 'passive' },
  ),
  corner(
    'meter:module-end:ac-voltage',
    sensor.MODULE_SPIN,
    8,
    ['module-plug-apart', 'raised'],
    "Spin the wheel and read AC volts at the module's plug",
    'shows whether the signal arrives',
    { only: 'passive' },
  ),
  corner(
    'meter:wire-1:resistance',
    loom.WIRES[1],
    4,
    ['plug-apart', 'module-plug-apart'],
    'Measure the first loom wire end to end',
    'finds a break in the loom',
  ),
  corner(
    'meter:wire-1:resistance',
    loom.WIRE_WIGGLE,
    8,
    ['plug-apart', 'module-plug-apart'],
    'Measure the loom wires end to end while flexing the loom',
    'where it jumps it breaks',
    { manner: 'wiggle' },
  ),
  corner(
    'meter:wire-2:resistance',
    loom.WIRES[2],
    3,
    ['plug-apart', 'module-plug-apart'],
    'Measure the second loom wire end to end',
    'finds a break in the loom',
  ),
  corner(
    'meter:wire-1-to-ground:resistance',
    loom.WIRES_TO_GROUND[1],
    2,
    ['plug-apart', 'module-plug-apart'],
    'Measure the first loom wire to ground',
    'finds a wire that touches the body',
  ),
  corner(
    'meter:wire-2-to-ground:resistance',
    loom.WIRES_TO_GROUND[2],
    2,
    ['plug-apart', 'module-plug-apart'],
    'Measure the second loom wire to ground',
    'finds a wire that touches the body',
  ),
  corner(
    'meter:wire-to-wire:resistance',
    loom.WIRE_TO_WIRE,
    2,
    ['plug-apart', 'module-plug-apart'],
    'Measure between the two loom wires',
    'finds a bridged pair',
  ),
  corner(
    'meter:wire-1-to-ground:dc-voltage',
    loom.WIRE_VOLTAGE,
    3,
    ['plug-apart', 'module-plug-apart'],
    'Ignition on: look for volts on the first loom wire',
    'finds a wire that touches a fed one',
  ),
  corner(
    'distance:air-gap',
    trials.AIR_GAP,
    5,
    ['wheel-off'],
    'Measure the air gap with a blade',
    'a wide gap loses the signal when slow',
  ),
  corner(
    'distance:ring-runout',
    trials.RING_RUNOUT,
    4,
    ['wheel-off'],
    'Hold a blade at the ring and turn the hub',
    'shows a swollen or bent ring',
  ),
  corner(
    'distance:flange-void',
    trials.FLANGE_VOID,
    3,
    ['wheel-off'],
    'Try a blade under the flange',
    'shows a sensor that rust has lifted',
  ),
  corner(
    'live:stationary',
    bothTypes(live.LIVE_STATIONARY),
    2,
    ['reader'],
    'Watch the live speeds standing still',
    'a value that never moves tells of a broken feed',
    free,
  ),
  corner(
    'live:hand-spin',
    live.LIVE_SPIN,
    4,
    ['reader', 'raised'],
    'Spin the wheel by hand and watch its live speed',
    'shows whether the corner answers, and by which name',
  ),
  corner(
    'live:drive',
    live.LIVE_DRIVE,
    12,
    ['reader'],
    'Drive while somebody else reads the live speeds',
    'shows late cut-in, drop-outs and once-a-turn trembling',
    free,
  ),
  corner(
    'swap',
    trials.SWAP,
    45,
    ['sensor-out', 'plug-apart'],
    'Exchange the sensors of this axle',
    'shows whether the fault goes with the sensor',
    { mayBreakSensor: 0.25 },
  ),
  corner(
    'substitute',
    trials.SUBSTITUTE,
    6,
    ['plug-apart', 'reader'],
    'Plug in a new sensor without fitting it',
    'shows whether any sensor would answer',
  ),
  corner(
    'unplug',
    trials.UNPLUG,
    5,
    ['plug-apart', 'reader'],
    'Unplug the sensor and read the code again',
    'the same code says that the module saw an open all along',
  ),
  corner(
    'ask:history',
    bothTypes(trials.ASK_HISTORY),
    1,
    [],
    'Think: what was worked on last, and at which corner?',
    'the corner touched last is the corner to suspect',
    free,
  ),
  corner(
    'ask:specs',
    bothTypes(trials.ASK_SPECS),
    8,
    [],
    "Find the coil's resistance in the manual",
    'a narrow band decides what a generic one cannot',
    { only: 'passive', ...free },
  ),
];

/** Reading the codes: which corner, and electrical or signal. Minutes without the set-up. */
export const READ_CODES = {
  check: 'code',
  minutes: 4,
  setups: ['reader'] as readonly Setup[],
  words: 'Read the codes, all modules',
  tells: 'names the corner and the kind of fault',
} as const;
/** Recording, erasing and seeing what returns. */
export const ERASE = {
  check: 'clear',
  minutes: 9,
  setups: ['reader'] as readonly Setup[],
  table: bothTypes(CLEAR),
  words: 'Record, erase, then see what returns',
  tells: 'at key-on: electrical; on moving: signal; not at all: history',
} as const;
export const ASK_TYPE = {
  check: 'ask:sensor-type',
  minutes: 3,
  words: 'Find out whether the sensors are passive or active',
  tells: 'decides which readings mean anything',
} as const;
