import type { CaseFile, Observation, ObservationOf, Vehicle } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import { TELLING_FIGURES, TELLING_READINGS } from '../knowledge/sensorKinds';
import { axleOf, channelOn } from '../vehicle/channels';

/** Which kind of sensor sits at each channel, as far as the case holds it; what is left out is not known. */
export type SensorKinds = ReadonlyMap<Channel, SensorType>;

/** The kind that a reading gives away; null where it gives away none. */
function toldBy({ point, quantity, value, unsteady, ignition }: ObservationOf<'meter'>): SensorType | null {
  if (typeof value !== 'number' || unsteady) return null;
  if (quantity === 'resistance' && (ignition === true || ignition === 'on')) return null;
  const size = Math.abs(value);
  const telling = TELLING_READINGS.find(
    (row) => row.point === point && row.quantity === quantity && size >= row.from && size <= row.to,
  );
  return telling?.kind ?? null;
}

/** What the owner's manual gives away by the figures that it has: one kind, or none where it has figures of both. */
function toldByManual({ specs = {} }: Vehicle): SensorType | null {
  const figures = Object.keys(TELLING_FIGURES) as (keyof typeof TELLING_FIGURES)[];
  const kinds = new Set(
    figures.filter((figure) => specs[figure] !== undefined).map((figure) => TELLING_FIGURES[figure]),
  );
  const [kind] = kinds;
  return kinds.size === 1 && kind ? kind : null;
}

/**
 * The kinds of sensor that somebody has stated: on the spec sheet, wheel by wheel or by the figures that it has.
 * @param vehicle the spec sheet. @returns kinds by channel; a manual's figures hold for the whole car, a stated kind outranks them.
 * @example statedKinds({ ...CASE.vehicle, sensorTypes: {}, specs: { sensorResistance: { min: 1000, max: 1400 } } }).get('rear-left') // => "passive"
 */
export function statedKinds(vehicle: Vehicle): SensorKinds {
  const manual = toldByManual(vehicle);
  return new Map(
    vehicle.channels.flatMap((channel) => {
      const kind = vehicle.sensorTypes?.[channel] ?? manual;
      return kind ? [[channel, kind] as const] : [];
    }),
  );
}

/**
 * The kinds of sensor that the case holds: stated, or given away by a reading at the wheel or at its twin across the axle.
 * @param vehicle the spec sheet. @param seen counted observations, in order.
 * @returns kinds by channel; where readings of one axle contradict each other, none for that axle.
 * @example sensorKinds({ ...CASE.vehicle, sensorTypes: {}, specs: {} }, CASE.observations).get('front-left') // => "passive"
 */
export function sensorKinds(vehicle: Vehicle, seen: readonly Observation[]): SensorKinds {
  const kinds = new Map(statedKinds(vehicle));
  const readings = seen.flatMap((reading) => {
    const channel = reading.channel ? channelOn(reading.channel, vehicle.channels) : null;
    const kind = reading.kind === 'meter' ? toldBy(reading) : null;
    return kind && channel ? [{ channel, kind }] : [];
  });
  if (readings.length === 0) return kinds;
  for (const channel of vehicle.channels) {
    if (kinds.has(channel)) continue;
    const axle = axleOf(channel, vehicle.channels);
    const given = new Set(readings.filter((reading) => axle.includes(reading.channel)).map(({ kind }) => kind));
    const [kind] = given;
    if (given.size === 1 && kind) kinds.set(channel, kind);
  }
  return kinds;
}

/**
 * The kind of sensor at a channel, as far as a case holds it.
 * @param file the case. @param channel which; null for the car as a whole. @returns the kind; null where it is open.
 * @example kindIn(CASE, 'front-left') // => "passive"
 */
export function kindIn(file: CaseFile, channel: Channel | null): SensorType | null {
  const counted = file.observations.filter(({ withdrawn }) => !withdrawn);
  return (channel && sensorKinds(file.vehicle, counted).get(channel)) ?? null;
}
