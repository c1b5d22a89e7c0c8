import type { Observation, ObservationOf, Vehicle } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { Car } from '../car/corner';
import type { Chance } from '../chance';
import { FAILURE_NAMES } from '../../core/knowledge/names';
import { sayChannel } from '../../core/vehicle/sides';
import { statusFromByte } from '../../core/codes/statusByte';
import { statusByteOf, type Entry, type Found, type Frame, type Memory } from './memory';
import type { Strategy } from './strategy';
import type { Finding } from './tests';

export type Code = Omit<ObservationOf<'code'>, 'id'>;
export type Seen = Observation extends infer O ? (O extends Observation ? Omit<O, 'id'> : never) : never;

/** Standard codes (SAE J2012) of a wheel's sensor. */
const STANDARD: Readonly<Record<Channel, string>> = {
  'front-left': 'C0031',
  'front-right': 'C0034',
  'rear-left': 'C0037',
  'rear-right': 'C003A',
  'rear-axle': 'C0037',
};

/** Flash codes of an older car: the tens tell the wheel, the units what is wrong there. */
const TENS: Readonly<Record<Channel, number>> = {
  'front-left': 2,
  'front-right': 3,
  'rear-left': 4,
  'rear-right': 5,
  'rear-axle': 4,
};
const UNITS = { circuit: 1, signal: 2 } as const;
const FAILURES = { circuit: 'circuit', signal: 'no-signal' } as const;

/**
 * The code of a finding, as this module tells it.
 * @example codeOf({ channel: 'front-left', byte: '13', by: 'circuit' }, MODULE).text // => "C0031-13"
 */
export function codeOf({ channel, byte, by }: Finding, strategy: Strategy): Found {
  const text =
    strategy.speaks === 'by-lamp'
      ? `${TENS[channel]}${UNITS[by]}`
      : strategy.typed
        ? `${STANDARD[channel]}-${byte}`
        : STANDARD[channel];
  return { text, module: 'abs', channel, by };
}

/**
 * What the manual of such a car prints about its flash codes.
 * @example flashMeanings(['front-left'])['21'].channel // => "front-left"
 */
export function flashMeanings(channels: readonly Channel[]): NonNullable<Vehicle['codeMeanings']> {
  return Object.fromEntries(
    channels.flatMap((channel) =>
      (['circuit', 'signal'] as const).map((by) => [
        `${TENS[channel]}${UNITS[by]}`,
        {
          channel,
          failure: FAILURES[by],
          text: `${sayChannel(channel, 'left-right', undefined)}: ${FAILURE_NAMES[FAILURES[by]]}`,
        },
      ]),
    ),
  );
}

/** Words beside a code: what the module noted when it was set. */
function noteOf({ kmh, volt, celsius }: Frame): string {
  return `set at ${Math.round(kmh)} km/h, ${volt.toFixed(1)} V, ${Math.round(celsius)} °C`;
}

/**
 * A stored code as an observation; odometer and circumstances where the module keeps them.
 * @example observed(ENTRY, MODULE).status // => "current"
 */
export function observed(entry: Entry, strategy: Strategy): Code {
  const dated = strategy.dates ? { odometer: entry.frame.odometerKm, note: noteOf(entry.frame) } : {};
  const status = strategy.speaks === 'by-lamp' ? 'unknown' : statusFromByte(statusByteOf(entry));
  return { kind: 'code', code: entry.text, status, module: entry.module, ...dated };
}

/**
 * Other modules miss the wheel speeds once the brake module has given them up.
 * @example echoesOf([ENTRY], MODULE).map(({ text }) => text) // => ["P0500"]
 */
export function echoesOf(memory: Memory, strategy: Strategy): readonly Found[] {
  const isGivenUp = memory.some((entry) => entry.module === 'abs' && entry.isConfirmed && entry.channel !== null);
  return isGivenUp
    ? strategy.echoes.map(({ module, code }) => ({ text: code, module, channel: null, by: 'signal' as const }))
    : [];
}

/**
 * A starved module finds its own voltage too low as soon as the key is on, and blames channels for it.
 * @example supplyFindings(SOUND, chance()) // => []
 */
export function supplyFindings(car: Car, chance: Chance): readonly Finding[] {
  if (car.feedDropVolt <= 2 || car.feedDropVolt >= 5) return [];
  return car.corners
    .filter(() => chance.hits(0.5))
    .map((corner) => ({ channel: corner.channel, byte: '16', by: 'circuit' as const }));
}

const beside = (text: string, module: Found['module']): Found => ({ text, module, channel: null, by: 'circuit' });

/**
 * What lasts beside the channels: the brake switch, the float; and a brake module that nobody can reach.
 * @example sharedCodes({ ...SOUND, feedDropVolt: 6 }, MODULE, chance()).map(({ text }) => text) // => ["U0121"]
 */
export function sharedCodes(car: Car, strategy: Strategy, chance: Chance): readonly Found[] {
  if (strategy.speaks === 'by-lamp') return [];
  return [
    ...(!car.brakeSwitchWorks && chance.hits(0.7) ? [beside('C0040', 'abs')] : []),
    ...(car.fluidIsLow && chance.hits(0.5) ? [beside('C0049', 'abs')] : []),
    ...(car.feedDropVolt >= 5 ? [beside('U0121', 'instruments')] : []),
  ];
}

/**
 * A weak battery that sags while cranking: codes all over the car, all at one odometer reading.
 * @example floodCodes(SOUND, MODULE, chance()) // => []
 */
export function floodCodes(car: Car, strategy: Strategy, chance: Chance): readonly Found[] {
  if (car.crankingVolt >= 9.4 || strategy.speaks === 'by-lamp' || !chance.hits(0.8)) return [];
  const wheels = car.corners
    .filter(() => chance.hits(0.5))
    .map(({ channel }): Found => ({ text: STANDARD[channel], module: 'abs', channel, by: 'signal' }));
  return [
    ...wheels,
    beside('U0121', 'instruments'),
    beside('P0562', 'engine'),
    ...(chance.hits(0.5) ? [beside('U3003', 'body')] : []),
  ];
}
