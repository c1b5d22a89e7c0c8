import type { Vehicle } from '../casefile/contract';
import type { Problem } from '../casefile/problem';
import { TORQUE_POINTS, type Channel, type SensorType, type Side } from '../casefile/words';
import { parseReading } from '../quantities/parseReading';
import { fromOwn, toOwn, USUAL_UNITS, type OwnUnit, type OwnUnits } from '../quantities/ownUnits';
import { showReading } from '../quantities/show';
import { wholeNumber } from '../quantities/wholeNumber';
import { inFigures } from '../words/figures';
import { tyreCircumferenceM } from './tyre';
import { texts } from '#words/core/vehicle';

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

/**
 * A sheet on which nothing is written.
 * @returns its fields, all empty; four sensors, as nearly every car has.
 * @example emptyForm().layout // => "four"
 */
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

/** A stored value in the owner's unit; one in the file's own unit stays as it was written. */
function own(value: number | undefined, unit: OwnUnit, decimals: number): string {
  if (value === undefined) return '';
  return inFigures(toOwn(1, unit) === 1 ? value : Number(toOwn(value, unit).toFixed(decimals)));
}

function text(value: number | string | undefined): string {
  return value === undefined ? '' : String(value);
}

/**
 * The sheet of a vehicle as stored.
 * @param vehicle of the contract. @param units the owner's. @returns its fields as text, in these units.
 * @example formOf({ channels: ['front-left', 'front-right'], specs: { toneRingTeeth: 48 } }).teeth // => "48"
 */
export function formOf(vehicle: Vehicle, units: OwnUnits = USUAL_UNITS): VehicleForm {
  const types = new Set(vehicle.channels.map((channel) => vehicle.sensorTypes?.[channel] ?? ''));
  const [only = ''] = types;
  const band = vehicle.specs?.sensorResistance;
  const places = (part: 'sensor' | 'plug'): Record<string, string> =>
    Object.fromEntries(
      vehicle.channels.flatMap((channel) =>
        vehicle.places?.[channel]?.[part] ? [[channel, vehicle.places[channel]?.[part] ?? '']] : [],
      ),
    );
  return {
    name: vehicle.name ?? '',
    steeringSide: vehicle.steeringSide ?? '',
    layout: vehicle.channels.includes('rear-axle') ? 'three' : vehicle.channels.length === 2 ? 'two' : 'four',
    sensorType: types.size > 1 ? 'mixed' : only,
    highVoltage: vehicle.highVoltage ?? false,
    /* Never with three decimals, which would be read as thousands. */
    odometer: own(vehicle.odometer && Number(vehicle.odometer.toFixed(2)), units.distance, 0),
    coilMin: ohms(band?.min),
    coilMax: ohms(band?.max),
    coilAt: own(band?.at, units.temperature, 1),
    tyre: vehicle.specs?.tyre ?? '',
    teeth: text(vehicle.specs?.toneRingTeeth),
    torques: Object.fromEntries(
      TORQUE_POINTS.map((point) => [point, own(vehicle.specs?.torques?.[point], units.torque, 1)]),
    ),
    sensorPlaces: places('sensor'),
    plugPlaces: places('plug'),
  };
}

/**
 * The fresh values of all fields in which nothing has been typed since the old ones were shown.
 * @param typed the sheet as it stands on the screen. @param old as it was shown. @param fresh as it is stored now.
 * @returns the fields to be shown anew.
 * @example untouched({ ...emptyForm(), name: 'typed' }, emptyForm(), { ...emptyForm(), name: 'other', tyre: '195/65R15' }).tyre // => "195/65R15"
 */
export function untouched(typed: VehicleForm, old: VehicleForm, fresh: VehicleForm): Partial<VehicleForm> {
  const isSame = (key: keyof VehicleForm): boolean => JSON.stringify(typed[key]) === JSON.stringify(old[key]);
  const keys = (Object.keys(fresh) as (keyof VehicleForm)[]).filter(isSame);
  return Object.fromEntries(keys.map((key) => [key, fresh[key]]));
}

const ownLimit = (limit: number, unit: OwnUnit | undefined): number => (unit ? Math.round(toOwn(limit, unit)) : limit);

type Found = { readonly value: number | undefined; readonly problem: Problem | null };

const withDecimals = (typed: string): number => Number(typed.replace(',', '.'));

/** @param unit in which it was typed; limits are in the case file's unit. @param read how it is written. */
function numberOf(
  typed: string,
  path: string,
  [least, most, example]: readonly [number, number, number],
  unit?: OwnUnit,
  read: (typed: string) => number = withDecimals,
): Found {
  if (typed.trim() === '') return { value: undefined, problem: null };
  const number = read(typed);
  const value = unit && Number.isFinite(number) ? fromOwn(number, unit) : number;
  const isRight = Number.isFinite(value) && value >= least && value <= most;
  return isRight
    ? { value, problem: null }
    : {
        value: undefined,
        problem: {
          path,
          code: 'number',
          message: texts.mustBeANumber(
            ...([least, most, example].map((limit) => ownLimit(limit, unit)) as [number, number, number]),
          ),
        },
      };
}

function ohmsOf(typed: string, path: string): Found {
  if (typed.trim() === '') return { value: undefined, problem: null };
  const read = parseReading(typed, 'resistance');
  if (!read.ok) return { value: undefined, problem: { ...(read.problems[0] as Problem), path } };
  return typeof read.value.value === 'number'
    ? { value: read.value.value, problem: null }
    : { value: undefined, problem: { path, code: 'number', message: texts.mustBeANumberSuch } };
}

interface Figures {
  readonly specs: NonNullable<Vehicle['specs']>;
  readonly odometer: number | undefined;
  readonly problems: readonly Problem[];
}

function figuresOf(form: VehicleForm, before: Vehicle, units: OwnUnits): Figures {
  const [min, max] = [ohmsOf(form.coilMin, 'coilMin'), ohmsOf(form.coilMax, 'coilMax')];
  const at = numberOf(form.coilAt, 'coilAt', [-40, 150, 20], units.temperature);
  const teeth = numberOf(form.teeth, 'teeth', [4, 400, 48]);
  const odometer = numberOf(form.odometer, 'odometer', [0, 3_000_000, 84_200], units.distance, wholeNumber);
  const torques = TORQUE_POINTS.map((point) => ({
    point,
    ...numberOf(form.torques[point] ?? '', `torque.${point}`, [0.5, 1000, 8], units.torque),
  }));
  const tyre = form.tyre.trim();
  const tyreProblem: Problem | null =
    tyre === '' || tyreCircumferenceM(tyre).ok ? null : { path: 'tyre', code: 'tyre', message: texts.mustLookLike195 };
  const isReversed = min.value !== undefined && max.value !== undefined && min.value > max.value;
  const reversed: Problem | null = isReversed ? { path: 'coilMax', code: 'band', message: texts.mustNotBeBelow } : null;
  const hasBand = min.value !== undefined && max.value !== undefined && !isReversed;
  const {
    sensorResistance: _band,
    toneRingTeeth: _teeth,
    tyre: _tyre,
    torques: _torques,
    ...rest
  } = before.specs ?? {};
  const known = Object.fromEntries(
    torques.flatMap((torque) => (torque.value === undefined ? [] : [[torque.point, torque.value]])),
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
      ...(Object.keys(known).length > 0 ? { torques: known } : {}),
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
      ...torques.map((torque) => torque.problem),
    ].filter((problem) => problem !== null),
  };
}

/**
 * The vehicle that the sheet describes.
 * @param form the sheet as typed. @param before the vehicle as it was: keys that the sheet doesn't show are kept. @param units in which it was typed.
 * @returns the vehicle without what is wrong on the sheet, and what is wrong by the field's name.
 * @example vehicleOf({ ...emptyForm(), teeth: '1' }, { channels: ['front-left'] }).problems[0].path // => "teeth"
 */
export function vehicleOf(
  form: VehicleForm,
  before: Vehicle,
  units: OwnUnits = USUAL_UNITS,
): { readonly vehicle: Vehicle; readonly problems: readonly Problem[] } {
  const channels = LAYOUTS[form.layout];
  const { specs, odometer, problems } = figuresOf(form, before, units);
  const { steeringSide: _side, sensorTypes: _types, odometer: _odometer, ...rest } = before;
  const type = form.sensorType;
  const sensorTypes =
    type === 'mixed'
      ? before.sensorTypes
      : type === ''
        ? undefined
        : Object.fromEntries(channels.map((channel) => [channel, type]));
  const places = Object.fromEntries(
    channels.map((channel) => [
      channel,
      {
        ...(form.sensorPlaces[channel] ? { sensor: form.sensorPlaces[channel] } : {}),
        ...(form.plugPlaces[channel] ? { plug: form.plugPlaces[channel] } : {}),
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
