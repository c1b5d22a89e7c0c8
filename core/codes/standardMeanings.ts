import type { Channel, RepairSegment } from '../casefile/words';
import { texts } from '#words/core/codes';

/** What a standard code says before its failure type byte is looked at. */
export interface StandardMeaning {
  readonly meaning: string;
  readonly channel: Channel | null;
  /** Which third of the path it names: the ring's side, the sensor's circuit, or its supply. */
  readonly names: 'tone-wheel' | 'sensor' | 'sensor-supply' | null;
  /** For codes beside the path. */
  readonly segment: RepairSegment | null;
  /** What a code that names no wheel names as its cause. */
  readonly cause: NamedCause | null;
}

/** Causes beside the wheels that a code may name by itself. */
export type NamedCause = 'supply' | 'brake-switch' | 'brake-fluid' | 'lost-module';

const WHEELS = [
  ['C0030', texts.leftFront, 'front-left'],
  ['C0033', texts.rightFront, 'front-right'],
  ['C0036', texts.leftRear, 'rear-left'],
  ['C0039', texts.rightRear, 'rear-right'],
] as const;

const NAMES = [
  ['tone-wheel', texts.toneWheel],
  ['sensor', texts.wheelSpeedSensor],
  ['sensor-supply', texts.wheelSpeedSensorSupply],
] as const;

function wheelRows(): [string, StandardMeaning][] {
  return WHEELS.flatMap(([first, wheel, channel]) =>
    NAMES.map(([names, words], step): [string, StandardMeaning] => {
      const code = (parseInt(first, 16) + step).toString(16).toUpperCase();
      return [code, { meaning: `${wheel} ${words}`, channel, names, segment: null, cause: null }];
    }),
  );
}

const beside = (meaning: string, segment: RepairSegment, cause: NamedCause): StandardMeaning => ({
  meaning,
  channel: null,
  names: null,
  segment,
  cause,
});

/** Public chassis and network meanings of SAE J2012 / ISO 15031-6. Makers, and older cars, give the same numbers other meanings. */
export const STANDARD_MEANINGS: ReadonlyMap<string, StandardMeaning> = new Map([
  ...wheelRows(),
  ['C0040', beside(texts.brakePedalSwitch, 'elsewhere', 'brake-switch')],
  ['C0049', beside(texts.brakeFluid, 'elsewhere', 'brake-fluid')],
  ['P0504', beside(texts.brakeSwitchAAnd, 'elsewhere', 'brake-switch')],
  ['P0571', beside(texts.brakeSwitchACircuit, 'elsewhere', 'brake-switch')],
  ['P0572', beside(texts.brakeSwitchACircuitLow, 'elsewhere', 'brake-switch')],
  ['P0573', beside(texts.brakeSwitchACircuitHigh, 'elsewhere', 'brake-switch')],
  ['P0560', beside(texts.systemVoltage, 'supply', 'supply')],
  ['P0561', beside(texts.systemVoltageUnstable, 'supply', 'supply')],
  ['P0562', beside(texts.systemVoltageLow, 'supply', 'supply')],
  ['P0563', beside(texts.systemVoltageHigh, 'supply', 'supply')],
  ['U0121', beside(texts.lostCommunicationWithThe, 'supply', 'lost-module')],
  ['U3003', beside(texts.batteryVoltage, 'supply', 'supply')],
]);
