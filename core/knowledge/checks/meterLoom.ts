import * as loom from '../tables/meterLoom';
import { bothTypes } from '../tables/table';
import { meterCheck, type CheckRecord, type Example } from './check';
import { MODULE_PLUG_CAUTION } from './looks';
import { INSULATION_EXAMPLES, TOUCH_PROBES } from './meterSensor';
import { texts } from '#words/knowledge/meterLoom';

const WHOLE_EXAMPLES: readonly Example[] = [
  [texts.underAnOhm, 0.5],
  [texts.overload, 'overload'],
];
const WRONG_WAY_ROUND = texts.somePrintedStepsPass;

const wire = (number: 1 | 2, minutes: number): CheckRecord => ({
  ...meterCheck(`wire-${number}`, 'resistance'),
  of: 'channel',
  name: texts.wireEndToEnd(number),
  words: texts.measureTheLoomWire(texts.ordinals[number]),
  ifs: [texts.ifItReadsOl],
  table: loom.WIRES[number],
  minutes,
  setups: ['plug-apart', 'module-plug-apart'],
  examples: WHOLE_EXAMPLES,
  sheet: {
    title: texts.theLoomWireSensor(texts.ordinals[number]),
    ignition: 'off',
    lines: [TOUCH_PROBES],
    caution: MODULE_PLUG_CAUTION,
  },
});

const wireToGround = (number: 1 | 2): CheckRecord => ({
  ...meterCheck(`wire-${number}-to-ground`, 'resistance'),
  of: 'channel',
  name: texts.wireToGround(number),
  words: texts.measureTheLoomWireTo(texts.ordinals[number]),
  ifs: [texts.ifItReadsAnything],
  table: loom.WIRES_TO_GROUND[number],
  minutes: 2,
  setups: ['plug-apart', 'module-plug-apart'],
  examples: INSULATION_EXAMPLES,
  sheet: {
    title: texts.theLoomWireTo(texts.ordinals[number]),
    ignition: 'off',
    caution: WRONG_WAY_ROUND,
  },
});

/** Readings along the body wiring, and of what feeds the module. */
export const METER_AT_LOOM: readonly CheckRecord[] = [
  wire(1, 4),
  {
    ...meterCheck('wire-1', 'resistance'),
    manner: 'wiggle',
    of: 'channel',
    name: texts.wire1EndTo,
    words: texts.measureTheLoomWires,
    ifs: [texts.ifItJumpsThe],
    table: loom.WIRE_WIGGLE,
    minutes: 8,
    setups: ['plug-apart', 'module-plug-apart'],
  },
  wire(2, 3),
  wireToGround(1),
  wireToGround(2),
  {
    ...meterCheck('wire-to-wire', 'resistance'),
    of: 'channel',
    name: texts.wireToWire,
    words: texts.measureBetweenTheTwo,
    ifs: [texts.ifItReadsAnythingBut],
    table: loom.WIRE_TO_WIRE,
    minutes: 2,
    setups: ['plug-apart', 'module-plug-apart'],
    examples: INSULATION_EXAMPLES,
    sheet: {
      title: texts.betweenTheTwoLoom,
      ignition: 'off',
      caution: MODULE_PLUG_CAUTION,
    },
  },
  {
    ...meterCheck('wire-1-to-ground', 'dc-voltage'),
    of: 'channel',
    name: texts.voltageOnWire1,
    words: texts.ignitionOnLookFor,
    ifs: [texts.ifThereIsBattery],
    table: loom.WIRE_VOLTAGE,
    minutes: 3,
    setups: ['plug-apart', 'module-plug-apart'],
    examples: [
      [texts.nothing, 0],
      [texts.batteryVoltage, 12],
    ],
    sheet: {
      title: texts.theFirstLoomWire,
      ignition: 'on',
      caution: MODULE_PLUG_CAUTION,
    },
  },
  {
    ...meterCheck('battery', 'dc-voltage'),
    of: 'car',
    name: texts.battery,
    words: texts.measureTheBatteryAt,
    ifs: [texts.ifItReadsBelow],
    table: bothTypes(loom.BATTERY_REST),
    minutes: 2,
    setups: [],
    examples: [
      [null, 12.6],
      [null, 11.8],
    ],
    sheet: {
      title: texts.acrossTheBatteryAt,
      lines: [texts.restedForAnHour],
    },
  },
  {
    ...meterCheck('module-supply', 'dc-voltage'),
    of: 'car',
    name: texts.modulesFeed,
    words: texts.measureTheModulesFeed,
    ifs: [texts.ifItReadsWell, { text: texts.thenLookAtFuseAnd, sends: ['look:fuse', 'look:ground-point'] }],
    table: bothTypes(loom.MODULE_SUPPLY),
    minutes: 8,
    setups: ['module-plug-apart'],
    examples: [
      [texts.aboutBatteryVoltage, 12.3],
      [texts.farLess, 8],
    ],
    sheet: {
      title: texts.modulesFeedPinTo,
      ignition: 'on',
      caution: MODULE_PLUG_CAUTION,
    },
  },
];
