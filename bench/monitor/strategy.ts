import type { Chance } from '../chance';

/** How a make of control module goes about its tests, and what it keeps of them. */
export interface Strategy {
  /** It answers a reader (ISO 14229), or it is older and flashes its lamp. */
  readonly speaks: 'to-readers' | 'by-lamp';
  /** Whether its codes carry a failure type byte. */
  readonly typed: boolean;
  /** Whether it keeps odometer and freeze frame beside a code. */
  readonly dates: boolean;
  /** Whether it tests the circuit at key-on, or only once the car moves. */
  readonly testsAtKeyOn: boolean;
  /** From this road speed on it compares wheels, km/h. */
  readonly comparesFromKmh: number;
  /** A signal fault is confirmed once it was seen in so many drives. */
  readonly confirmsAfter: number;
  /** A code is forgotten by itself after so many drives without its fault. */
  readonly healsAfter: number;
  /** What it takes for the lamp to go out after a repair. */
  readonly lampGoesOut: 'at-key-on' | 'after-drive' | 'after-erase';
  /** Resistances between which its input takes a passive sensor for a circuit, ohm. */
  readonly coilOhm: { readonly least: number; readonly most: number };
  /** The failure type byte that it gives a break, and a contact that only resists. */
  readonly openByte: string;
  readonly resistsByte: string;
  /** What it calls a wheel that is not heard, one that wavers, and a fault that passes; null: as what it was when it was there. */
  readonly silentByte: string;
  readonly waversByte: string;
  readonly passingByte: string | null;
  /** Other modules that complain when a wheel speed is missing. */
  readonly echoes: readonly Echo[];
}

export interface Echo {
  readonly module: 'instruments' | 'engine' | 'steering' | 'transmission' | 'body';
  readonly code: string;
}

/** Codes of other modules that miss the wheel speeds (SAE J2012: vehicle speed; invalid data from the brake module). */
const ECHOES: readonly Echo[] = [
  { module: 'engine', code: 'P0500' },
  { module: 'instruments', code: 'U0415' },
  { module: 'steering', code: 'U0415' },
  { module: 'transmission', code: 'U0415' },
  { module: 'body', code: 'U0415' },
];
const ECHO_SHARE = 0.12;
/** Share of cars with passive sensors that are old enough to flash their codes. */
const BY_LAMP_SHARE = 0.08;

/**
 * Draws how the module of a car goes about it.
 * @param type of its sensors: cars with active ones are too young to flash codes. @param chance draws. @returns the strategy.
 * @example drawStrategy('active', chance()).speaks // => "to-readers"
 */
export function drawStrategy(type: 'passive' | 'active', chance: Chance): Strategy {
  const speaks = type === 'passive' && chance.hits(BY_LAMP_SHARE) ? 'by-lamp' : 'to-readers';
  const isYoung = speaks === 'to-readers';
  return {
    speaks,
    typed: chance.hits(0.7) && isYoung,
    dates: chance.hits(0.5) && isYoung,
    testsAtKeyOn: chance.hits(0.9),
    comparesFromKmh: chance.pick([12, 15, 20, 25]),
    confirmsAfter: chance.hits(0.8) ? 1 : 2,
    healsAfter: chance.pick([20, 40, 40, 50]),
    lampGoesOut: chance.weighted([
      ['at-key-on', 0.7],
      ['after-drive', 0.2],
      ['after-erase', 0.1],
    ] as const),
    coilOhm: { least: chance.pick([150, 300, 500]), most: chance.pick([5_000, 8_000, 12_000]) },
    openByte: chance.pick(['13', '13', '14', '01']),
    resistsByte: chance.pick(['13', '01', '1B', '14']),
    silentByte: chance.pick(['31', '31', '21', '29']),
    waversByte: chance.pick(['2F', '2F', '64', '39']),
    passingByte: chance.pick([null, '1F', '2F']),
    echoes: isYoung ? ECHOES.filter(() => chance.hits(ECHO_SHARE)) : [],
  };
}
