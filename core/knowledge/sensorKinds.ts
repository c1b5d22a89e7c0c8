import type { MeterPoint, Quantity, SensorType } from '../casefile/words';

/** A reading that tells which kind of sensor it was taken of. */
export interface TellingReading {
  readonly point: MeterPoint;
  readonly quantity: Quantity;
  /** In the quantity's unit, without its sign. */
  readonly from: number;
  readonly to: number;
  readonly kind: SensorType;
  readonly why: string;
}

/** What settles the kind of sensor where nobody has said it: only a reading of the other kind contradicts. */
export const TELLING_READINGS: readonly TellingReading[] = [
  {
    point: 'sensor',
    quantity: 'resistance',
    from: 300,
    to: 3000,
    kind: 'passive',
    why: 'a coil; electronics overload or read far more',
  },
  { point: 'sensor', quantity: 'ac-voltage', from: 0.1, to: 100, kind: 'passive', why: 'it makes its own voltage' },
  {
    point: 'supply-at-plug',
    quantity: 'dc-voltage',
    from: 4.6,
    to: 30,
    kind: 'active',
    why: 'an input for a coil gives a bias of a volt or two, a feed gives more',
  },
  {
    point: 'sensor-current',
    quantity: 'dc-current',
    from: 0.005,
    to: 0.03,
    kind: 'active',
    why: 'it answers in 7 and 14 mA',
  },
];

/** Figures of the manual that only one kind of sensor has. */
export const TELLING_FIGURES = {
  sensorResistance: 'passive',
  handSpinVoltage: 'passive',
  supplyAtPlug: 'active',
} as const satisfies Readonly<Record<string, SensorType>>;
