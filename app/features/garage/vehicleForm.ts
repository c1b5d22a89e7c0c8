import type { Vehicle } from '../../../core/casefile/contract';
import type { Problem } from '../../../core/casefile/problem';
import { TORQUE_POINTS, type Channel, type SensorType, type Side } from '../../../core/casefile/words';
import { parseReading } from '../../../core/quantities/parseReading';
import { showReading } from '../../../core/quantities/show';
import { tyreCircumferenceM } from '../../../core/vehicle/tyre';

/** The spec sheet as typed. */
export interface VehicleForm {
  name: string;
  steeringSide: Side | '';
  layout: 'four' | 'three' | 'two';
  sensorType: SensorType | 'mixed' | '';
  highVoltage: boolean;
  odometer: string;
  coilMin: string;
  coilMax: string;
  coilAt: string;
  tyre: string;
  teeth: string;
  torques: Record<string, string>;
  sensorPlaces: Record<string, string>;
  plugPlaces: Record<string, string>;
}

const LAYOUTS: Readonly<Record<VehicleForm['layout'], readonly Channel[]>> = {
  four: ['front-left', 'front-right', 'rear-left', 'rear-right'],
  three: ['front-left', 'front-right', 'rear-axle'],
  two: ['front-left', 'front-right'],
};

export function emptyForm(): VehicleForm {
  return {
    name: '',
    steeringSide: '',
    layout: 'four',
    sensorType: '',
    highVoltage: false,
    odometer: '',
    coilMin: '',
    coilMax: '',
    coilAt: '',
    tyre: '',
    teeth: '',
    torques: {},
    sensorPlaces: {},
    plugPlaces: {},
  };
}

function ohms(value: number | undefined): string {
  if (value === undefined) return '';
  const { number, unit } = showReading(value, 'resistance');
  return `${number} ${unit}`;
}

function text(value: number | string | undefined): string {
  return value === undefined ? '' : String(value);
}

/** The sheet of a vehicle as stored. */
export function formOf(vehicle: Vehicle): VehicleForm {
  const types = new Set(vehicle.channels.map((one) => vehicle.sensorTypes?.[one] ?? ''));
  const [only = ''] = types;
  const band = vehicle.specs?.sensorResistance;
  const places = (part: 'sensor' | 'plug'): Record<string, string> =>
    Object.fromEntries(
      vehicle.channels.flatMap((one) =>
        vehicle.places?.[one]?.[part] ? [[one, vehicle.places[one]?.[part] ?? '']] : [],
      ),
    );
  return {
    name: vehicle.name ?? '',
    steeringSide: vehicle.steeringSide ?? '',
    layout: vehicle.channels.includes('rear-axle') ? 'three' : vehicle.channels.length === 2 ? 'two' : 'four',
    sensorType: types.size > 1 ? 'mixed' : only,
    highVoltage: vehicle.highVoltage ?? false,
    odometer: text(vehicle.odometer),
    coilMin: ohms(band?.min),
    coilMax: ohms(band?.max),
    coilAt: text(band?.at),
    tyre: vehicle.specs?.tyre ?? '',
    teeth: text(vehicle.specs?.toneRingTeeth),
    torques: Object.fromEntries(TORQUE_POINTS.map((one) => [one, text(vehicle.specs?.torques?.[one])])),
    sensorPlaces: places('sensor'),
    plugPlaces: places('plug'),
  };
}

/** The fresh values of all fields in which nothing has been typed since the old ones were shown. */
export function untouched(typed: VehicleForm, old: VehicleForm, fresh: VehicleForm): Partial<VehicleForm> {
  const isSame = (key: keyof VehicleForm): boolean => JSON.stringify(typed[key]) === JSON.stringify(old[key]);
  const keys = (Object.keys(fresh) as (keyof VehicleForm)[]).filter(isSame);
  return Object.fromEntries(keys.map((key) => [key, fresh[key]]));
}

type Found = { readonly value: number | undefined; readonly problem: Problem | null };

function numberOf(typed: string, path: string, least: number, most: number, example: string): Found {
  if (typed.trim() === '') return { value: undefined, problem: null };
  const value = Number(typed.replace(',', '.'));
  const isRight = Number.isFinite(value) && value >= least && value <= most;
  return isRight
    ? { value, problem: null }
    : {
        value: undefined,
        problem: { path, code: 'number', message: `must be a number from ${least} to ${most}, such as ${example}` },
      };
}

function ohmsOf(typed: string, path: string): Found {
  if (typed.trim() === '') return { value: undefined, problem: null };
  const read = parseReading(typed, 'resistance');
  if (!read.ok) return { value: undefined, problem: { ...(read.problems[0] as Problem), path } };
  return typeof read.value.value === 'number'
    ? { value: read.value.value, problem: null }
    : { value: undefined, problem: { path, code: 'number', message: 'must be a number, such as 1.0 kΩ' } };
}

interface Figures {
  readonly specs: NonNullable<Vehicle['specs']>;
  readonly odometer: number | undefined;
  readonly problems: readonly Problem[];
}

function figuresOf(form: VehicleForm, before: Vehicle): Figures {
  const [min, max] = [ohmsOf(form.coilMin, 'coilMin'), ohmsOf(form.coilMax, 'coilMax')];
  const at = numberOf(form.coilAt, 'coilAt', -40, 150, '20');
  const teeth = numberOf(form.teeth, 'teeth', 4, 400, '48');
  const odometer = numberOf(form.odometer, 'odometer', 0, 3_000_000, '84200');
  const torques = TORQUE_POINTS.map((one) => ({
    one,
    ...numberOf(form.torques[one] ?? '', `torque.${one}`, 0.5, 1000, '8'),
  }));
  const tyre = form.tyre.trim();
  const tyreProblem: Problem | null =
    tyre === '' || tyreCircumferenceM(tyre).ok
      ? null
      : { path: 'tyre', code: 'tyre', message: 'must look like 195/65R15' };
  const isReversed = min.value !== undefined && max.value !== undefined && min.value > max.value;
  const reversed: Problem | null = isReversed
    ? { path: 'coilMax', code: 'band', message: 'must not be below the lower value' }
    : null;
  const hasBand = min.value !== undefined && max.value !== undefined && !isReversed;
  const {
    sensorResistance: _band,
    toneRingTeeth: _teeth,
    tyre: _tyre,
    torques: _torques,
    ...rest
  } = before.specs ?? {};
  const told = Object.fromEntries(
    torques.flatMap((each) => (each.value === undefined ? [] : [[each.one, each.value]])),
  );
  return {
    specs: {
      ...rest,
      ...(hasBand
        ? {
            sensorResistance: {
              min: min.value ?? 0,
              max: max.value ?? 0,
              ...(at.value === undefined ? {} : { at: at.value }),
            },
          }
        : {}),
      ...(teeth.value === undefined ? {} : { toneRingTeeth: teeth.value }),
      ...(tyre !== '' && !tyreProblem ? { tyre } : {}),
      ...(Object.keys(told).length > 0 ? { torques: told } : {}),
    },
    odometer: odometer.value,
    problems: [
      min.problem,
      max.problem,
      at.problem,
      teeth.problem,
      odometer.problem,
      tyreProblem,
      reversed,
      ...torques.map((one) => one.problem),
    ].filter((one) => one !== null),
  };
}

/** The vehicle that the sheet describes; what is wrong is left out and named. Keys that the sheet doesn't show are kept. */
export function vehicleOf(
  form: VehicleForm,
  before: Vehicle,
): { readonly vehicle: Vehicle; readonly problems: readonly Problem[] } {
  const channels = LAYOUTS[form.layout];
  const { specs, odometer, problems } = figuresOf(form, before);
  const { steeringSide: _side, sensorTypes: _types, odometer: _odometer, ...rest } = before;
  const type = form.sensorType;
  const sensorTypes =
    type === 'mixed'
      ? before.sensorTypes
      : type === ''
        ? undefined
        : Object.fromEntries(channels.map((one) => [one, type]));
  const places = Object.fromEntries(
    channels.map((one) => [
      one,
      {
        ...(form.sensorPlaces[one] ? { sensor: form.sensorPlaces[one] } : {}),
        ...(form.plugPlaces[one] ? { plug: form.plugPlaces[one] } : {}),
      },
    ]),
  );
  return {
    vehicle: {
      ...rest,
      name: form.name.trim(),
      channels,
      highVoltage: form.highVoltage,
      specs,
      places: places,
      ...(form.steeringSide === '' ? {} : { steeringSide: form.steeringSide }),
      ...(sensorTypes ? { sensorTypes } : {}),
      ...(odometer === undefined ? {} : { odometer }),
    },
    problems,
  };
}
