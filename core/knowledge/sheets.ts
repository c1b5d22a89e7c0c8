import type { Quantity } from '../casefile/words';
import {
  LIVE_FINDINGS,
  LOOK_FINDINGS,
  SUBSTITUTE_RESULTS,
  SWAP_RESULTS,
  UNPLUG_RESULTS,
  type LookPart,
  type MeterPoint,
} from '../casefile/words';

/** What a line of the set-up list does, so that what is done already is not asked again. */
export interface SetupLine {
  readonly text: string;
  readonly opens?: 'wheel-off' | 'raised' | 'plug-apart' | 'sensor-out' | 'module-plug-apart' | 'reader';
}

export type CheckDrawing =
  | 'meter-sensor'
  | 'meter-body'
  | 'meter-spin'
  | 'meter-supply'
  | 'meter-module'
  | 'meter-wire'
  | 'meter-battery'
  | 'meter-current'
  | 'eye'
  | 'spin'
  | 'blade'
  | 'swap'
  | 'plug'
  | 'road'
  | 'ask';

/** How a check is answered. */
export type Answer =
  | { readonly is: 'meter'; readonly point: MeterPoint; readonly quantity: Quantity; readonly while?: 'hand-spin' }
  | { readonly is: 'look'; readonly part: LookPart }
  | { readonly is: 'live'; readonly while: 'stationary' | 'hand-spin' | 'drive' }
  | { readonly is: 'distance'; readonly point: 'air-gap' | 'ring-runout' | 'flange-void' }
  | { readonly is: 'choice'; readonly kind: 'swap' | 'substitute' | 'unplug' }
  | { readonly is: 'sensor-type' }
  | { readonly is: 'specs' };

export interface CheckSheet {
  readonly check: string;
  readonly title: string;
  readonly drawing: CheckDrawing;
  readonly setup: readonly SetupLine[];
  readonly caution?: string;
  readonly answer: Answer;
}

const OFF: SetupLine = { text: 'Ignition off' };
const ON: SetupLine = { text: 'Ignition on, engine off' };
const UNPLUG: SetupLine = { text: 'Part the sensor plug', opens: 'plug-apart' };
const RAISE: SetupLine = { text: 'Wheel off the ground, car on a stand', opens: 'raised' };
const WHEEL: SetupLine = { text: 'Wheel off', opens: 'wheel-off' };
const MODULE: SetupLine = {
  text: "Battery isolated, module's plug apart, pins identified from the manual",
  opens: 'module-plug-apart',
};
const ZERO: SetupLine = { text: 'Touch the probes together and note what they read' };
const READER: SetupLine = { text: 'Reader connected', opens: 'reader' };
const MODULE_CAUTION =
  "The module's plug carries strong feeds: never bridge two pins, touch contacts only at the edge.";
const BACKPROBE = 'Touch the edge of the contact; never force a probe into it.';

const meter = (
  check: string,
  title: string,
  drawing: CheckDrawing,
  setup: readonly SetupLine[],
  caution?: string,
  whileSpun?: 'hand-spin',
): CheckSheet => {
  const [, point, quantity] = check.split(':') as [string, MeterPoint, Quantity];
  return {
    check,
    title,
    drawing,
    setup,
    ...(caution ? { caution } : {}),
    answer: { is: 'meter', point, quantity, ...(whileSpun ? { while: whileSpun } : {}) },
  };
};
const look = (part: LookPart, title: string, setup: readonly SetupLine[] = [], caution?: string): CheckSheet => ({
  check: `look:${part}`,
  title,
  drawing: 'eye',
  setup,
  ...(caution ? { caution } : {}),
  answer: { is: 'look', part },
});

/** The sheet of every check that is answered in Find. */
export const CHECK_SHEETS: readonly CheckSheet[] = [
  meter('meter:sensor:resistance', 'Sensor unplugged, probes on its two pins, dial on Ω', 'meter-sensor', [
    OFF,
    UNPLUG,
    { text: '20 kΩ range first, then down' },
    ZERO,
  ]),
  meter('meter:sensor-to-ground:resistance', "One probe on a pin, the other on the sensor's own metal", 'meter-body', [
    OFF,
    UNPLUG,
    { text: 'Highest Ω range' },
    { text: 'Not to the chassis: rubber may isolate the knuckle' },
  ]),
  meter(
    'meter:sensor:ac-voltage',
    'Probes on the two pins, dial on V~, turn the wheel once a second',
    'meter-spin',
    [OFF, UNPLUG, RAISE, { text: 'Dial on V with the wave ~, not the line' }],
    undefined,
    'hand-spin',
  ),
  meter(
    'meter:supply-at-plug:dc-voltage',
    'Loom side of the plug, dial on V⎓, ignition on',
    'meter-supply',
    [OFF, UNPLUG, ON, { text: 'A module may have switched the channel off: cycle the key, then measure' }],
    BACKPROBE,
  ),
  meter(
    'meter:module-end:resistance',
    "The channel's two pins in the module's plug, dial on Ω",
    'meter-module',
    [OFF, MODULE, { text: 'Sensor stays connected' }, ZERO],
    MODULE_CAUTION,
  ),
  meter(
    'meter:module-end:ac-voltage',
    "The channel's two pins in the module's plug, dial on V~, turn the wheel",
    'meter-module',
    [OFF, MODULE, RAISE],
    MODULE_CAUTION,
    'hand-spin',
  ),
  meter(
    'meter:wire-1:resistance',
    'First loom wire, plug to module plug, dial on Ω',
    'meter-wire',
    [OFF, UNPLUG, MODULE, ZERO],
    MODULE_CAUTION,
  ),
  meter(
    'meter:wire-2:resistance',
    'Second loom wire, plug to module plug, dial on Ω',
    'meter-wire',
    [OFF, UNPLUG, MODULE, ZERO],
    MODULE_CAUTION,
  ),
  meter(
    'meter:wire-1-to-ground:resistance',
    'First loom wire to clean ground, highest Ω range',
    'meter-wire',
    [OFF, UNPLUG, MODULE],
    'Some printed steps pass a low reading here. That is the wrong way round: a signal wire must read overload to ground.',
  ),
  meter(
    'meter:wire-2-to-ground:resistance',
    'Second loom wire to clean ground, highest Ω range',
    'meter-wire',
    [OFF, UNPLUG, MODULE],
    'Some printed steps pass a low reading here. That is the wrong way round: a signal wire must read overload to ground.',
  ),
  meter(
    'meter:wire-to-wire:resistance',
    'Between the two loom wires, highest Ω range',
    'meter-wire',
    [OFF, UNPLUG, MODULE],
    MODULE_CAUTION,
  ),
  meter(
    'meter:wire-1-to-ground:dc-voltage',
    'First loom wire to ground, dial on V⎓, ignition on',
    'meter-wire',
    [UNPLUG, MODULE, ON],
    MODULE_CAUTION,
  ),
  meter(
    'meter:sensor-current:dc-current',
    "Meter in series with one of the sensor's wires, dial on mA",
    'meter-current',
    [OFF, UNPLUG, { text: 'Leads in the mA socket' }, ON],
    'Afterwards put the leads back to V/Ω, or the next voltage reading is a short.',
  ),
  meter('meter:battery:dc-voltage', 'Across the battery, at rest, dial on V⎓', 'meter-battery', [
    { text: 'Rested an hour, lights off' },
  ]),
  meter(
    'meter:module-supply:dc-voltage',
    "Module's feed pin to ground, dial on V⎓",
    'meter-module',
    [MODULE, ON],
    MODULE_CAUTION,
  ),
  look('lead', 'Follow the lead from sensor to plug', [{ text: 'Steer full lock to see more' }]),
  look('plug', 'Open the plug and look at both halves', [OFF, UNPLUG]),
  look('loom', 'Follow the loom as far as you can see it'),
  look('ring', 'Turn the hub a full turn and look at the ring', [WHEEL]),
  look('gap', 'Look where the flange meets the knuckle', [WHEEL]),
  look('bearing', 'Rock the wheel at twelve and six', [RAISE]),
  look(
    'sensor',
    'Draw the sensor and look at its tip',
    [WHEEL, { text: 'Draw the sensor', opens: 'sensor-out' }],
    'Levering an old sensor out may destroy it. Is a new one in reach?',
  ),
  look('module', "Look into the module's plug", [OFF, MODULE], MODULE_CAUTION),
  look('battery', 'Look at the battery terminals'),
  look('fuse', "Look at the brake module's fuses", [OFF]),
  look('ground-point', "Look at the module's ground point"),
  look('fluid', 'Look at the brake fluid reservoir', [{ text: 'Car level' }]),
  look('tyres', 'Read the size on all four tyres'),
  look('brake-switch', 'Press the pedal; somebody watches the brake lights'),
  {
    check: 'distance:air-gap',
    title: 'Blade between tip and ring',
    drawing: 'blade',
    setup: [WHEEL, { text: 'Non-magnetic feeler gauge' }],
    answer: { is: 'distance', point: 'air-gap' },
  },
  {
    check: 'distance:ring-runout',
    title: 'Blade held at the ring, turn the hub',
    drawing: 'blade',
    setup: [WHEEL],
    answer: { is: 'distance', point: 'ring-runout' },
  },
  {
    check: 'distance:flange-void',
    title: 'Blade under the flange',
    drawing: 'blade',
    setup: [WHEEL],
    answer: { is: 'distance', point: 'flange-void' },
  },
  {
    check: 'live:stationary',
    title: 'Standing still, watch all four speeds',
    drawing: 'spin',
    setup: [READER, ON],
    answer: { is: 'live', while: 'stationary' },
  },
  {
    check: 'live:hand-spin',
    title: 'Spin the wheel by hand, watch its speed',
    drawing: 'spin',
    setup: [READER, ON, RAISE, { text: 'Two turns a second or more: many modules show nothing below 5 km/h' }],
    answer: { is: 'live', while: 'hand-spin' },
  },
  {
    check: 'live:drive',
    title: 'Drive while somebody else reads the speeds',
    drawing: 'road',
    setup: [READER],
    caution: 'Nobody handles a screen while driving.',
    answer: { is: 'live', while: 'drive' },
  },
  {
    check: 'swap',
    title: 'Exchange the sensors of this axle, erase, drive, read',
    drawing: 'swap',
    setup: [WHEEL, { text: 'Draw both sensors', opens: 'sensor-out' }],
    caution: 'An old sensor may break on the way out: then you buy one for nothing.',
    answer: { is: 'choice', kind: 'swap' },
  },
  {
    check: 'substitute',
    title: 'Plug a new sensor in without fitting it, read the value',
    drawing: 'plug',
    setup: [OFF, UNPLUG, READER, ON],
    answer: { is: 'choice', kind: 'substitute' },
  },
  {
    check: 'unplug',
    title: 'Sensor unplugged, key on, read the code',
    drawing: 'plug',
    setup: [OFF, UNPLUG, READER, ON],
    answer: { is: 'choice', kind: 'unplug' },
  },
  {
    check: 'ask:sensor-type',
    title: 'Which kind of sensor has this car?',
    drawing: 'ask',
    setup: [],
    answer: { is: 'sensor-type' },
  },
  {
    check: 'ask:specs',
    title: "The coil's resistance, from the manual",
    drawing: 'ask',
    setup: [],
    answer: { is: 'specs' },
  },
];

/** The words that a check may be answered with, in the order to be shown; empty for numbers. */
export function answersOf(answer: Answer): readonly string[] {
  switch (answer.is) {
    case 'look':
      return LOOK_FINDINGS[answer.part];
    case 'live':
      return answer.while === 'stationary' ? ['zero', 'stuck-high', 'erratic'] : LIVE_FINDINGS;
    case 'choice':
      return { swap: SWAP_RESULTS, substitute: SUBSTITUTE_RESULTS, unplug: UNPLUG_RESULTS }[answer.kind];
    case 'sensor-type':
      return ['passive', 'active'];
    case 'meter':
    case 'distance':
    case 'specs':
      return [];
    default:
      return answer satisfies never;
  }
}

/**
 * The sheet of a check.
 * @param check its name, such as `meter:sensor:resistance`. @returns the sheet, or null when it is answered elsewhere (codes, history).
 * @example sheetFor('look:ring').answer // => { is: "look", part: "ring" }
 */
export function sheetFor(check: string): CheckSheet | null {
  return CHECK_SHEETS.find((checkSheet) => checkSheet.check === check) ?? null;
}
