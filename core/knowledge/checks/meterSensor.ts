import * as sensor from '../tables/meterSensor';
import * as signal from '../tables/meterSignal';
import { SUPPLY_AT_PLUG } from '../tables/meterLoom';
import { meterCheck, WIRING, type CheckRecord, type Example } from './check';
import { MODULE_PLUG_CAUTION } from './looks';
import { texts } from '#words/knowledge/meterSensor';

const COIL_EXAMPLES: readonly Example[] = [
  [texts.inItsBand, { ofMiddle: 1 }],
  [texts.wellBelowIt, { ofMiddle: 0.32 }],
  [texts.overload, 'overload'],
];
const SPIN_EXAMPLES: readonly Example[] = [
  [null, 0.25],
  [null, 0.03],
  [texts.nothing, 0],
];
export const INSULATION_EXAMPLES: readonly Example[] = [
  [texts.overloadAsItShould, 'overload'],
  [texts.aFewOhms, 4],
];
export const TOUCH_PROBES = texts.touchTheProbesTogether;

/** Readings at the sensor's own pins, at the plug, and of the whole circuit from the module's end. */
export const METER_AT_SENSOR: readonly CheckRecord[] = [
  {
    ...meterCheck('sensor', 'resistance'),
    of: 'channel',
    name: texts.acrossTheSensor,
    words: texts.disconnectTheSensorAnd,
    ifs: [texts.ifItReadsOl, { text: texts.ifItReadsAsItShould, sends: WIRING }],
    table: sensor.SENSOR_RESISTANCE,
    minutes: 3,
    setups: ['plug-apart'],
    only: 'passive',
    examples: COIL_EXAMPLES,
    sheet: {
      title: texts.sensorDisconnectedProbesOn,
      ignition: 'off',
      lines: [texts.startOnThe20, TOUCH_PROBES],
    },
  },
  {
    ...meterCheck('sensor', 'resistance'),
    manner: 'wiggle',
    of: 'channel',
    name: texts.acrossTheSensorLead,
    words: texts.measureAcrossTheSensor,
    ifs: [texts.ifItJumpsThe],
    table: sensor.SENSOR_WIGGLE,
    minutes: 5,
    setups: ['plug-apart'],
    only: 'passive',
  },
  {
    ...meterCheck('sensor-to-ground', 'resistance'),
    of: 'channel',
    name: texts.pinToTheSensors,
    words: texts.measureFromAPin,
    ifs: [texts.ifItReadsAnything],
    table: sensor.SENSOR_TO_GROUND,
    minutes: 1,
    setups: ['plug-apart'],
    examples: INSULATION_EXAMPLES,
    sheet: {
      title: texts.oneProbeOnA,
      ignition: 'off',
      lines: [texts.highestRange, texts.notToTheChassis],
    },
  },
  {
    ...meterCheck('sensor', 'ac-voltage', 'hand-spin'),
    of: 'channel',
    name: texts.voltageOfTheSpun,
    words: texts.spinTheWheelAnd,
    ifs: [{ text: texts.ifThereIsA, sends: WIRING }, texts.ifThereIsNoVoltage],
    table: signal.SENSOR_SPIN,
    minutes: 7,
    setups: ['plug-apart', 'raised'],
    only: 'passive',
    examples: SPIN_EXAMPLES,
    sheet: {
      title: texts.probesOnTheTwo,
      ignition: 'off',
      lines: [texts.dialOnVWith],
    },
  },
  {
    ...meterCheck('supply-at-plug', 'dc-voltage'),
    of: 'channel',
    name: texts.feedAtThePlug,
    words: texts.ignitionOnMeasureThe,
    ifs: [texts.ifThereIsNo, { text: texts.ifTheFeedIsThere, sends: ['look:sensor', 'look:lead'] }],
    table: SUPPLY_AT_PLUG,
    minutes: 3,
    setups: ['plug-apart'],
    only: 'active',
    examples: [
      [texts.aboutBatteryVoltage, 12],
      [texts.nothing, 0],
    ],
    sheet: {
      title: texts.loomSideOfThe,
      ignition: 'on',
      lines: [texts.theModuleMayHave],
      caution: texts.touchTheEdgeOf,
    },
  },
  {
    ...meterCheck('sensor-current', 'dc-current'),
    of: 'channel',
    name: texts.sensorCurrent,
    words: texts.measureTheSensorsCurrent,
    ifs: [texts.ifItDrawsAbout],
    table: signal.SENSOR_CURRENT,
    minutes: 10,
    setups: ['plug-apart'],
    only: 'active',
    examples: [
      [texts.n7Or14Ma, 0.007],
      [texts.nothing, 0],
    ],
    sheet: {
      title: texts.meterInSeriesWith,
      ignition: 'on',
      lines: [texts.leadsInTheMa],
      caution: texts.afterwardsPutTheLeads,
    },
  },
  {
    ...meterCheck('module-end', 'resistance'),
    of: 'channel',
    name: texts.atTheModuleEnd,
    words: texts.measureTheChannelsTwo,
    ifs: [texts.ifItReadsLike],
    table: sensor.MODULE_END,
    minutes: 6,
    setups: ['module-plug-apart'],
    only: 'passive',
    examples: COIL_EXAMPLES,
    sheet: {
      title: texts.theChannelsTwoPins,
      ignition: 'off',
      lines: [texts.theSensorStaysConnected, TOUCH_PROBES],
      caution: MODULE_PLUG_CAUTION,
    },
  },
  {
    ...meterCheck('module-end', 'ac-voltage', 'hand-spin'),
    of: 'channel',
    name: texts.voltageAtTheModule,
    words: texts.spinTheWheelAndRead,
    ifs: [texts.ifASteadyVoltage],
    table: signal.MODULE_SPIN,
    minutes: 8,
    setups: ['module-plug-apart', 'raised'],
    only: 'passive',
    examples: SPIN_EXAMPLES,
    sheet: {
      title: texts.theChannelsTwoPinsIn,
      ignition: 'off',
      caution: MODULE_PLUG_CAUTION,
    },
  },
];
