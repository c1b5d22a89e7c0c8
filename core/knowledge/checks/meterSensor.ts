import * as sensor from '../tables/meterSensor';
import * as signal from '../tables/meterSignal';
import { SUPPLY_AT_PLUG } from '../tables/meterLoom';
import { meterCheck, type CheckRecord, type Example } from './check';
import { MODULE_PLUG_CAUTION } from './looks';

/** The middle value stands for a sound coil: the manual's middle takes its place where there is one, and the low one follows it. */
export const COIL_EXAMPLES: readonly Example[] = [
  ['in its band', 1200],
  ['well below it', 384],
  ['overload', 'overload'],
];
const SPIN_EXAMPLES: readonly Example[] = [
  ['0.25 V', 0.25],
  ['0.03 V', 0.03],
  ['nothing', 0],
];
export const INSULATION_EXAMPLES: readonly Example[] = [
  ['overload, as it should be', 'overload'],
  ['a few ohms', 4],
];
export const TOUCH_PROBES = 'Touch the probes together and note what they read';

/** Readings at the sensor's own pins, at the plug, and of the whole circuit from the module's end. */
export const METER_AT_SENSOR: readonly CheckRecord[] = [
  {
    ...meterCheck('sensor', 'resistance'),
    of: 'channel',
    name: 'Across the sensor',
    words: 'Disconnect the sensor and measure across its own two pins',
    ifs: 'If it reads OL, the sensor or its lead is broken. If it reads about 1.2 kΩ, look at the wiring next.',
    table: sensor.SENSOR_RESISTANCE,
    minutes: 3,
    setups: ['plug-apart'],
    only: 'passive',
    examples: COIL_EXAMPLES,
    sheet: {
      title: 'Sensor disconnected, probes on its two pins, dial on Ω',
      drawing: 'meter-sensor',
      ignition: 'off',
      lines: ['Start on the 20 kΩ range, then go down', TOUCH_PROBES],
    },
  },
  {
    ...meterCheck('sensor', 'resistance'),
    manner: 'wiggle',
    of: 'channel',
    name: 'Across the sensor, lead flexed',
    words: 'Measure across the sensor while flexing its lead, every few centimetres',
    ifs: 'If it jumps, the wire breaks where you flexed it. If it stays steady, the sensor and its lead are likely well.',
    table: sensor.SENSOR_WIGGLE,
    minutes: 5,
    setups: ['plug-apart'],
    only: 'passive',
  },
  {
    ...meterCheck('sensor-to-ground', 'resistance'),
    of: 'channel',
    name: "Pin to the sensor's metal",
    words: "Measure from a pin to the sensor's own metal",
    ifs: 'If it reads anything but OL, water is inside the sensor or its lead has rubbed through.',
    table: sensor.SENSOR_TO_GROUND,
    minutes: 1,
    setups: ['plug-apart'],
    examples: INSULATION_EXAMPLES,
    sheet: {
      title: "One probe on a pin, the other on the sensor's own metal",
      drawing: 'meter-body',
      ignition: 'off',
      lines: ['Highest Ω range', 'Not to the chassis: rubber may isolate the knuckle'],
    },
  },
  {
    ...meterCheck('sensor', 'ac-voltage', 'hand-spin'),
    of: 'channel',
    name: 'Voltage of the spun sensor',
    words: 'Spin the wheel and read AC volts at the sensor',
    ifs: 'If there is a steady voltage, ring, gap and sensor are well: look at the wiring. If there is none, the fault is at the wheel.',
    table: signal.SENSOR_SPIN,
    minutes: 7,
    setups: ['plug-apart', 'raised'],
    only: 'passive',
    examples: SPIN_EXAMPLES,
    sheet: {
      title: 'Probes on the two pins, dial on V~, turn the wheel once a second',
      drawing: 'meter-spin',
      ignition: 'off',
      lines: ['Dial on V with the wave ~, not the line'],
    },
  },
  {
    ...meterCheck('supply-at-plug', 'dc-voltage'),
    of: 'channel',
    name: 'Feed at the plug',
    words: 'Ignition on: measure the feed at the loom side of the plug',
    ifs: 'If there is no feed, the loom or the module is at fault and the sensor is not. If the feed is there, look at sensor and lead.',
    table: SUPPLY_AT_PLUG,
    minutes: 3,
    setups: ['plug-apart'],
    only: 'active',
    examples: [
      ['about battery voltage', 12],
      ['nothing', 0],
    ],
    sheet: {
      title: 'Loom side of the plug, dial on V⎓, ignition on',
      drawing: 'meter-supply',
      ignition: 'on',
      lines: ['The module may have switched this wheel off: turn the key off and on, then measure'],
      caution: 'Touch the edge of the contact. Never force a probe into it.',
    },
  },
  {
    ...meterCheck('sensor-current', 'dc-current'),
    of: 'channel',
    name: 'Sensor current',
    words: "Measure the sensor's current in series",
    ifs: 'If it draws about 7 or 14 mA, its electronics live. If it draws nothing although it is fed, the sensor is dead.',
    table: signal.SENSOR_CURRENT,
    minutes: 10,
    setups: ['plug-apart'],
    only: 'active',
    examples: [
      ['7 or 14 mA', 0.007],
      ['none', 0],
    ],
    sheet: {
      title: "Meter in series with one of the sensor's wires, dial on mA",
      drawing: 'meter-current',
      ignition: 'on',
      lines: ['Leads in the mA socket'],
      caution: 'Afterwards put the leads back to V/Ω, or the next voltage reading is a short.',
    },
  },
  {
    ...meterCheck('module-end', 'resistance'),
    of: 'channel',
    name: 'At the module end',
    words: "Measure the channel's two pins at the module's plug",
    ifs: 'If it reads like a sound sensor, the whole circuit is well. If it reads OL, something between here and the wheel is broken.',
    table: sensor.MODULE_END,
    minutes: 6,
    setups: ['module-plug-apart'],
    only: 'passive',
    examples: COIL_EXAMPLES,
    sheet: {
      title: "The channel's two pins in the module's plug, dial on Ω",
      drawing: 'meter-module',
      ignition: 'off',
      lines: ['The sensor stays connected', TOUCH_PROBES],
      caution: MODULE_PLUG_CAUTION,
    },
  },
  {
    ...meterCheck('module-end', 'ac-voltage', 'hand-spin'),
    of: 'channel',
    name: 'Voltage at the module end, wheel spun',
    words: "Spin the wheel and read AC volts at the module's plug",
    ifs: 'If a steady voltage arrives, everything up to the module is well. If none arrives, look along the path.',
    table: signal.MODULE_SPIN,
    minutes: 8,
    setups: ['module-plug-apart', 'raised'],
    only: 'passive',
    examples: SPIN_EXAMPLES,
    sheet: {
      title: "The channel's two pins in the module's plug, dial on V~, turn the wheel",
      drawing: 'meter-module',
      ignition: 'off',
      caution: MODULE_PLUG_CAUTION,
    },
  },
];
