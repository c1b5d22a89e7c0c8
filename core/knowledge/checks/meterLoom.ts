import * as loom from '../tables/meterLoom';
import { bothTypes } from '../tables/table';
import { meterCheck, type CheckRecord, type Example } from './check';
import { MODULE_PLUG_CAUTION } from './looks';
import { INSULATION_EXAMPLES, TOUCH_PROBES } from './meterSensor';

const WHOLE_EXAMPLES: readonly Example[] = [
  ['under an ohm', 0.5],
  ['overload', 'overload'],
];
const WRONG_WAY_ROUND =
  'Some printed steps pass a low reading here. That is the wrong way round: a signal wire must read overload to ground.';

const wire = (number: 1 | 2, ordinal: string, minutes: number): CheckRecord => ({
  ...meterCheck(`wire-${number}`, 'resistance'),
  of: 'channel',
  name: `Wire ${number} end to end`,
  words: `Measure the ${ordinal} loom wire end to end`,
  ifs: 'If it reads OL, this wire is broken in the loom. If it reads under 5 Ω, the wire is whole.',
  table: loom.WIRES[number],
  minutes,
  setups: ['plug-apart', 'module-plug-apart'],
  examples: WHOLE_EXAMPLES,
  sheet: {
    title: `The ${ordinal} loom wire, sensor plug to module plug, dial on Ω`,
    drawing: 'meter-wire',
    ignition: 'off',
    lines: [TOUCH_PROBES],
    caution: MODULE_PLUG_CAUTION,
  },
});

const wireToGround = (number: 1 | 2, ordinal: string): CheckRecord => ({
  ...meterCheck(`wire-${number}-to-ground`, 'resistance'),
  of: 'channel',
  name: `Wire ${number} to ground`,
  words: `Measure the ${ordinal} loom wire to ground`,
  ifs: 'If it reads anything but OL, this wire touches the body.',
  table: loom.WIRES_TO_GROUND[number],
  minutes: 2,
  setups: ['plug-apart', 'module-plug-apart'],
  examples: INSULATION_EXAMPLES,
  sheet: {
    title: `The ${ordinal} loom wire to clean ground, highest Ω range`,
    drawing: 'meter-wire',
    ignition: 'off',
    caution: WRONG_WAY_ROUND,
  },
});

/** Readings along the body wiring, and of what feeds the module. */
export const METER_AT_LOOM: readonly CheckRecord[] = [
  wire(1, 'first', 4),
  {
    ...meterCheck('wire-1', 'resistance'),
    manner: 'wiggle',
    of: 'channel',
    name: 'Wire 1 end to end, loom flexed',
    words: 'Measure the loom wires end to end while flexing the loom',
    ifs: 'If it jumps, the wire breaks where you flexed it.',
    table: loom.WIRE_WIGGLE,
    minutes: 8,
    setups: ['plug-apart', 'module-plug-apart'],
  },
  wire(2, 'second', 3),
  wireToGround(1, 'first'),
  wireToGround(2, 'second'),
  {
    ...meterCheck('wire-to-wire', 'resistance'),
    of: 'channel',
    name: 'Wire to wire',
    words: 'Measure between the two loom wires',
    ifs: 'If it reads anything but OL, the two wires touch each other.',
    table: loom.WIRE_TO_WIRE,
    minutes: 2,
    setups: ['plug-apart', 'module-plug-apart'],
    examples: INSULATION_EXAMPLES,
    sheet: {
      title: 'Between the two loom wires, highest Ω range',
      drawing: 'meter-wire',
      ignition: 'off',
      caution: MODULE_PLUG_CAUTION,
    },
  },
  {
    ...meterCheck('wire-1-to-ground', 'dc-voltage'),
    of: 'channel',
    name: 'Voltage on wire 1',
    words: 'Ignition on: look for volts on the first loom wire',
    ifs: 'If there is battery voltage on it, it touches a fed wire. If there is a volt or two, that is only the module.',
    table: loom.WIRE_VOLTAGE,
    minutes: 3,
    setups: ['plug-apart', 'module-plug-apart'],
    examples: [
      ['nothing', 0],
      ['battery voltage', 12],
    ],
    sheet: {
      title: 'The first loom wire to ground, dial on V⎓, ignition on',
      drawing: 'meter-wire',
      ignition: 'on',
      caution: MODULE_PLUG_CAUTION,
    },
  },
  {
    ...meterCheck('battery', 'dc-voltage'),
    of: 'car',
    name: 'Battery',
    words: 'Measure the battery at rest',
    ifs: 'If it reads below 12.4 V, charge it first: a weak battery sets codes all over the car.',
    table: bothTypes(loom.BATTERY_REST),
    minutes: 2,
    setups: [],
    examples: [
      ['12.6 V', 12.6],
      ['11.8 V', 11.8],
    ],
    sheet: {
      title: 'Across the battery at rest, dial on V⎓',
      drawing: 'meter-battery',
      lines: ['Rested for an hour, lights off'],
    },
  },
  {
    ...meterCheck('module-supply', 'dc-voltage'),
    of: 'car',
    name: "Module's feed",
    words: "Measure the module's feed",
    ifs: 'If it reads well below the battery, the module gets too little power: look at its fuse and ground, not at the wheels.',
    table: bothTypes(loom.MODULE_SUPPLY),
    minutes: 8,
    setups: ['module-plug-apart'],
    examples: [
      ['about battery voltage', 12.3],
      ['far less', 8],
    ],
    sheet: {
      title: "Module's feed pin to ground, dial on V⎓",
      drawing: 'meter-module',
      ignition: 'on',
      caution: MODULE_PLUG_CAUTION,
    },
  },
];
