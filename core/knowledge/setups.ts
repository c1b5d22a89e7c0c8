import { texts } from '#words/knowledge/setups';
import type { CaseFile } from '../casefile/contract';
import type { Channel, PLUG_PLACES, SENSOR_PLACES } from '../casefile/words';

/** What has to be opened before a check or repair, shared by all that need it. */
export type Setup = 'reader' | 'raised' | 'wheel-off' | 'plug-apart' | 'sensor-out' | 'module-plug-apart';

/** What to do, as a line of a set-up list. */
export const SETUP_LINES: Readonly<Record<Setup, string>> = {
  reader: texts.readerConnected,
  raised: texts.wheelRaised,
  'wheel-off': texts.wheelOff,
  'plug-apart': texts.disconnectThePlug,
  'sensor-out': texts.pullTheSensorOut,
  'module-plug-apart': texts.modulePlugOff,
};

/** Set-ups that serve the whole car, whatever corner they were made for. */
const OF_CAR: readonly Setup[] = ['reader', 'module-plug-apart'];

/** Minutes for an owner at home (trade experience); `wheel-off` takes in jacking, stands and chocks. */
const MINUTES: Readonly<Record<Exclude<Setup, 'plug-apart' | 'sensor-out'>, number>> = {
  reader: 4,
  raised: 14,
  'wheel-off': 20,
  'module-plug-apart': 18,
};

/** Names of the guide's steps that lead to a place, in the order they are done. */
export type AccessStep = 'liner' | 'trim' | 'caliper' | 'disc';

/** What it takes to reach a part where it sits. */
export interface Place {
  readonly minutes: number;
  /** What must be open before. */
  readonly first?: Setup;
  readonly steps: readonly AccessStep[];
}

/** To disconnect the sensor's plug, by where it sits. */
const PLUG: Readonly<Record<(typeof PLUG_PLACES)[number], Place>> = {
  bonnet: { minutes: 3, steps: [] },
  'arch-liner': { minutes: 6, first: 'wheel-off', steps: ['liner'] },
  trim: { minutes: 9, steps: ['trim'] },
  sill: { minutes: 6, steps: [] },
  seat: { minutes: 7, steps: ['trim'] },
  underbody: { minutes: 5, first: 'raised', steps: [] },
};
const PLUG_UNKNOWN: Place = { minutes: 6, first: 'wheel-off', steps: [] };
const PLUG_OF_AXLE: Place = { minutes: 5, first: 'raised', steps: [] };

/** To pull the sensor out, by where it sits. */
const SENSOR: Readonly<Record<(typeof SENSOR_PLACES)[number], Place>> = {
  knuckle: { minutes: 20, first: 'wheel-off', steps: [] },
  'behind-disc': { minutes: 45, first: 'wheel-off', steps: ['caliper', 'disc'] },
  'one-piece-hub': { minutes: 70, first: 'wheel-off', steps: [] },
  differential: { minutes: 15, first: 'raised', steps: [] },
  'in-bearing': { minutes: 60, first: 'wheel-off', steps: [] },
};
const SENSOR_UNKNOWN: Place = { minutes: 20, first: 'wheel-off', steps: [] };
const SENSOR_OF_AXLE: Place = { minutes: 15, first: 'raised', steps: [] };

/**
 * Where a corner's plug or sensor sits on this car, and what it takes to reach it.
 * @param setup which of the two. @param file the case: `vehicle.places`. @param channel the corner.
 * @returns the place; a usual one where the owner has not said.
 * @example placeOf('plug-apart', CASE, 'front-right').first // => "wheel-off"
 */
export function placeOf(setup: 'plug-apart' | 'sensor-out', file: CaseFile, channel: Channel | null): Place {
  const own = (channel && file.vehicle.places?.[channel]) ?? {};
  const isAxle = channel === 'rear-axle';
  if (setup === 'plug-apart') return own.plug ? PLUG[own.plug] : isAxle ? PLUG_OF_AXLE : PLUG_UNKNOWN;
  return own.sensor ? SENSOR[own.sensor] : isAxle ? SENSOR_OF_AXLE : SENSOR_UNKNOWN;
}

/** A set-up at its place, as a key of what stands open: the same text that `work` of a case file uses. */
type OpenKey = string;

function keyOf(setup: Setup, channel: Channel | null): OpenKey {
  return OF_CAR.includes(setup) ? setup : `${setup}@${channel ?? 'car'}`;
}

/** A set-up that must be open, and where. */
export interface Opening {
  readonly setup: Setup;
  readonly channel: Channel | null;
  readonly key: OpenKey;
}

/**
 * Everything that must be open for some set-ups, what they rest on included, in the order of doing it.
 * @param setups the set-ups a move names. @param file the case. @param channel the corner, null for the car.
 * @returns openings, each once; a wheel that comes off is raised with it.
 * @example openingsFor(['plug-apart'], CASE, 'front-right').map(({ setup }) => setup) // => ["wheel-off","plug-apart"]
 */
export function openingsFor(setups: readonly Setup[], file: CaseFile, channel: Channel | null): readonly Opening[] {
  const found = new Map<OpenKey, Opening>();
  const add = (setup: Setup): void => {
    const first = setup === 'plug-apart' || setup === 'sensor-out' ? placeOf(setup, file, channel).first : undefined;
    if (first) add(first);
    const key = keyOf(setup, channel);
    if (!found.has(key)) found.set(key, { setup, channel: OF_CAR.includes(setup) ? null : channel, key });
  };
  setups.forEach(add);
  const isOff = found.has(keyOf('wheel-off', channel));
  return [...found.values()].filter((opening) => !(opening.setup === 'raised' && isOff));
}

/**
 * The keys of what must be open for some set-ups.
 * @param setups the set-ups a move names. @param file the case. @param channel the corner, null for the car.
 * @returns keys as `work` has them: the set-up, with its corner where it is a corner's.
 * @example [...openFor(['raised'], CASE, 'front-right')] // => ["raised@front-right"]
 */
export function openFor(setups: readonly Setup[], file: CaseFile, channel: Channel | null): ReadonlySet<OpenKey> {
  return new Set(openingsFor(setups, file, channel).map((opening) => opening.key));
}

function isOpen({ setup, channel, key }: Opening, open: ReadonlySet<OpenKey>): boolean {
  return open.has(key) || (setup === 'raised' && open.has(keyOf('wheel-off', channel)));
}

/**
 * Minutes to open what isn't open yet.
 * @param openings from `openingsFor`. @param open keys that stand open. @param file the case.
 * @returns minutes, 0 when all stands open; a wheel that is off counts as raised too.
 * @example minutesToOpen(openingsFor(['raised'], CASE, 'front-right'), new Set(), CASE) // => 14
 */
export function minutesToOpen(openings: readonly Opening[], open: ReadonlySet<OpenKey>, file: CaseFile): number {
  return openings
    .filter((opening) => !isOpen(opening, open))
    .reduce(
      (sum, { setup, channel }) =>
        sum +
        (setup === 'plug-apart' || setup === 'sensor-out' ? placeOf(setup, file, channel).minutes : MINUTES[setup]),
      0,
    );
}
