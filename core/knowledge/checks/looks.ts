import type { LookPart } from '../../casefile/words';
import { LOOK_TABLES } from '../tables/looks';
import { bothTypes } from '../tables/table';
import type { CheckRecord } from './check';
import { texts } from '#words/knowledge/looks';

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
      ...(lines ? { lines } : {}),
      ...(caution ? { caution } : {}),
      ...(ignition ? { ignition } : {}),
    },
  };
};

export const MODULE_PLUG_CAUTION = texts.theModulesPlugCarries;

/** Checks by eye and hand: of the car as a whole, then of one corner. */
export const LOOKS: readonly CheckRecord[] = [
  look('fluid', {
    of: 'car',
    name: texts.brakeFluid,
    title: texts.lookAtTheBrake,
    words: texts.lookAtTheBrakeFluid,
    ifs: [texts.ifItStandsBelow],
    minutes: 1,
    setups: [],
    lines: [texts.parkOnLevelGround],
  }),
  look('battery', {
    of: 'car',
    name: texts.batteryTerminals,
    title: texts.lookAtTheBattery,
    words: texts.lookAtTheBattery,
    ifs: [texts.ifOneIsLoose],
    minutes: 1,
    setups: [],
  }),
  look('fuse', {
    of: 'car',
    name: texts.fuses,
    title: texts.lookAtTheBrakeModules,
    words: texts.lookAtTheBrakeModules,
    ifs: [texts.ifOneIsBlown],
    minutes: 5,
    setups: [],
    ignition: 'off',
  }),
  look('ground-point', {
    of: 'car',
    name: texts.groundPoint,
    title: texts.lookAtTheModules,
    words: texts.lookAtTheModulesGround,
    ifs: [texts.ifItIsRusty],
    minutes: 8,
    setups: [],
  }),
  look('brake-switch', {
    of: 'car',
    name: texts.brakeLightSwitch,
    title: texts.pressThePedalWhile,
    words: texts.haveSomebodyWatchThe,
    ifs: [texts.ifTheyStayOn],
    minutes: 2,
    setups: [],
  }),
  look('tyres', {
    of: 'car',
    name: texts.tyres,
    title: texts.readTheSizeOn,
    words: texts.readTheSizesOn,
    ifs: [texts.ifOneDiffersThat],
    minutes: 2,
    setups: [],
  }),
  look('lead', {
    of: 'channel',
    name: texts.lead,
    title: texts.followTheSensorsLead,
    words: texts.followTheLeadBy,
    ifs: [texts.ifItIsCut, { text: texts.ifItIsWhole, sends: ['look:plug'] }],
    minutes: 3,
    setups: [],
    lines: [texts.turnTheSteeringTo],
  }),
  look('plug', {
    of: 'channel',
    name: texts.plug,
    title: texts.disconnectThePlugAnd,
    words: texts.disconnectThePlugAndLook,
    ifs: [texts.ifThePinsAre],
    minutes: 2,
    setups: ['plug-apart'],
    ignition: 'off',
  }),
  look('loom', {
    of: 'channel',
    name: texts.loom,
    title: texts.followTheLoomAs,
    words: texts.followTheLoomAsFar,
    ifs: [texts.ifAWireIs],
    minutes: 8,
    setups: [],
  }),
  look('ring', {
    of: 'channel',
    name: texts.ring,
    title: texts.turnTheHubThrough,
    words: texts.turnTheHubAnd,
    ifs: [texts.ifItIsCracked],
    minutes: 3,
    setups: ['wheel-off'],
  }),
  look('gap', {
    of: 'channel',
    name: texts.seatAndFlange,
    title: texts.lookWhereTheFlange,
    words: texts.lookAtTheSensors,
    ifs: [texts.ifRustHasLifted],
    minutes: 2,
    setups: ['wheel-off'],
  }),
  look('bearing', {
    of: 'channel',
    name: texts.bearing,
    title: texts.holdTheWheelAt,
    words: texts.rockTheWheelAt,
    ifs: [texts.ifItHasPlay],
    minutes: 3,
    setups: ['raised'],
  }),
  look('sensor', {
    of: 'channel',
    name: texts.sensor,
    title: texts.pullTheSensorOut,
    words: texts.pullTheSensorOut,
    ifs: [texts.ifTheTipIs, { text: texts.ifTheTipIsScored, sends: ['look:ring', 'look:bearing'] }],
    minutes: 2,
    setups: ['sensor-out'],
    mayBreakSensor: 0.15,
    caution: texts.leveringAnOldSensor,
  }),
  look('module', {
    of: 'subject',
    name: texts.modulesPlug,
    title: texts.lookIntoTheModules,
    words: texts.disconnectTheModulesPlug,
    ifs: [texts.ifItIsGreen],
    minutes: 2,
    setups: ['module-plug-apart'],
    ignition: 'off',
    caution: MODULE_PLUG_CAUTION,
  }),
];
