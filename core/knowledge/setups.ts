import type { CaseFile, Observation } from '../casefile/contract';
import type { Channel } from '../casefile/words';

/** What has to be opened before a check or repair, shared by all that need it. */
export type Setup = 'reader' | 'raised' | 'wheel-off' | 'plug-apart' | 'sensor-out' | 'module-plug-apart';

/** Minutes for an owner at home (trade experience); `wheel-off` takes in jacking, stands and chocks. */
const MINUTES: Readonly<Record<Exclude<Setup, 'plug-apart' | 'sensor-out'>, number>> = {
  reader: 4,
  raised: 14,
  'wheel-off': 20,
  'module-plug-apart': 18,
};

/** Minutes to part the sensor's plug by where it sits, and what must be open before. */
const PLUG: Readonly<Record<string, { readonly minutes: number; readonly first?: Setup }>> = {
  bonnet: { minutes: 3 },
  'arch-liner': { minutes: 6, first: 'wheel-off' },
  trim: { minutes: 9 },
  sill: { minutes: 6 },
  seat: { minutes: 7 },
  underbody: { minutes: 5, first: 'raised' },
};
const PLUG_UNKNOWN = { minutes: 6, first: 'wheel-off' } as const;

/** Minutes to draw the sensor by where it sits. */
const SENSOR_OUT: Readonly<Record<string, { readonly minutes: number; readonly first: Setup }>> = {
  knuckle: { minutes: 20, first: 'wheel-off' },
  'behind-disc': { minutes: 45, first: 'wheel-off' },
  'one-piece-hub': { minutes: 70, first: 'wheel-off' },
  differential: { minutes: 15, first: 'raised' },
  'in-bearing': { minutes: 60, first: 'wheel-off' },
};
const SENSOR_UNKNOWN = { minutes: 20, first: 'wheel-off' } as const;

function placeOf(
  file: CaseFile,
  channel: Channel | null,
): { readonly sensor?: string | undefined; readonly plug?: string | undefined } {
  return (channel && file.vehicle.places?.[channel]) ?? {};
}

function detail(
  setup: 'plug-apart' | 'sensor-out',
  file: CaseFile,
  channel: Channel | null,
): { readonly minutes: number; readonly first?: Setup } {
  const place = placeOf(file, channel);
  if (setup === 'plug-apart')
    return PLUG[place.plug ?? ''] ?? (channel === 'rear-axle' ? { minutes: 5, first: 'raised' } : PLUG_UNKNOWN);
  return (
    SENSOR_OUT[place.sensor ?? ''] ?? (channel === 'rear-axle' ? { minutes: 15, first: 'raised' } : SENSOR_UNKNOWN)
  );
}

/**
 * Everything that must be open for some set-ups, what they rest on included.
 * @param setups the set-ups a move names. @param file the case. @param channel the corner, null for the car.
 * @returns keys: the set-up, with its channel where it is a corner's.
 */
export function openFor(setups: readonly Setup[], file: CaseFile, channel: Channel | null): ReadonlySet<string> {
  const keys = new Set<string>();
  const add = (setup: Setup): void => {
    if (setup === 'plug-apart' || setup === 'sensor-out') {
      const { first } = detail(setup, file, channel);
      if (first) add(first);
    }
    keys.add(setup === 'reader' || setup === 'module-plug-apart' ? setup : `${setup}@${channel ?? 'car'}`);
  };
  setups.forEach(add);
  return keys;
}

/**
 * Minutes to open what isn't open yet.
 * @param wanted keys from `openFor`. @param open keys that stand open. @param file the case.
 * @returns minutes, 0 when all stands open; a wheel that is off counts as raised too.
 */
export function minutesToOpen(wanted: ReadonlySet<string>, open: ReadonlySet<string>, file: CaseFile): number {
  let minutes = 0;
  for (const key of wanted) {
    if (open.has(key)) continue;
    const [setup, place] = key.split('@') as [Setup, string | undefined];
    if (setup === 'raised' && (open.has(`wheel-off@${place}`) || wanted.has(`wheel-off@${place}`))) continue;
    const channel = place === undefined || place === 'car' ? null : (place as Channel);
    minutes += setup === 'plug-apart' || setup === 'sensor-out' ? detail(setup, file, channel).minutes : MINUTES[setup];
  }
  return minutes;
}

/** What the observations of this stage show to have been opened. */
const OPENED_BY: Readonly<Record<string, readonly Setup[]>> = {
  'meter:sensor': ['plug-apart'],
  'meter:sensor-to-ground': ['plug-apart'],
  'meter:supply-at-plug': ['plug-apart'],
  'meter:wire-1': ['plug-apart', 'module-plug-apart'],
  'meter:wire-2': ['plug-apart', 'module-plug-apart'],
  'meter:module-end': ['module-plug-apart'],
  'look:gap': ['wheel-off'],
  'look:ring': ['wheel-off'],
  'look:sensor': ['sensor-out'],
  'look:plug': ['plug-apart'],
  'look:module': ['module-plug-apart'],
  'live:hand-spin': ['raised'],
  code: ['reader'],
  clear: ['reader'],
};

function nameOf(observation: Observation): string {
  if (observation.kind === 'meter') return `meter:${observation.point}`;
  if (observation.kind === 'look') return `look:${observation.part}`;
  return observation.kind === 'live' ? `live:${observation.while}` : observation.kind;
}

/**
 * What stands open now: told by the work noted and not undone, and by what this stage's observations needed.
 * @param file the case. @param stage the observations since the last repair.
 * @returns keys as in `openFor`.
 */
export function standingOpen(file: CaseFile, stage: readonly Observation[]): ReadonlySet<string> {
  const open = new Set<string>();
  for (const observation of stage)
    openFor(OPENED_BY[nameOf(observation)] ?? [], file, observation.channel ?? null).forEach((key) => open.add(key));
  for (const step of file.work ?? []) {
    const [setup, place] = step.step.split('@');
    if (setup && step.undone !== true) open.add(place ? `${setup}@${place}` : setup);
    else if (setup) open.delete(place ? `${setup}@${place}` : setup);
  }
  return open;
}
