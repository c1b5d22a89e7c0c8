import type { Channel, RepairSegment } from '../casefile/words';

/** What a standard code says before its failure type byte is looked at. */
export interface StandardMeaning {
  readonly meaning: string;
  readonly channel: Channel | null;
  /** Which third of the path it names: the ring's side, the sensor's circuit, or its supply. */
  readonly names: 'tone-wheel' | 'sensor' | 'sensor-supply' | null;
  /** For codes beside the path. */
  readonly segment: RepairSegment | null;
}

const WHEELS = [
  ['C0030', 'left front', 'front-left'],
  ['C0033', 'right front', 'front-right'],
  ['C0036', 'left rear', 'rear-left'],
  ['C0039', 'right rear', 'rear-right'],
] as const;

const NAMES = [
  ['tone-wheel', 'tone wheel'],
  ['sensor', 'wheel speed sensor'],
  ['sensor-supply', 'wheel speed sensor supply'],
] as const;

function wheelRows(): [string, StandardMeaning][] {
  return WHEELS.flatMap(([first, wheel, channel]) =>
    NAMES.map(([names, words], step): [string, StandardMeaning] => {
      const code = 'C' + (parseInt(first.slice(1), 16) + step).toString(16).toUpperCase().padStart(4, '0');
      return [code, { meaning: `${wheel} ${words}`, channel, names, segment: null }];
    }),
  );
}

const beside = (meaning: string, segment: RepairSegment | null): StandardMeaning => ({
  meaning,
  channel: null,
  names: null,
  segment,
});

/** Public chassis and network meanings of SAE J2012 / ISO 15031-6. Makers, and older cars, give the same numbers other meanings. */
export const STANDARD_MEANINGS: ReadonlyMap<string, StandardMeaning> = new Map([
  ...wheelRows(),
  ['C0040', beside('brake pedal switch', 'elsewhere')],
  ['C0049', beside('brake fluid', 'elsewhere')],
  ['U0121', beside('lost communication with the ABS module', 'supply')],
]);
