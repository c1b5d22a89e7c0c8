import type { Channel } from '../../core/casefile/words';
import { ALL_FAULTS } from '../../core/knowledge/faults';
import { validate } from '../../core/casefile/validate';
import { CHANNELS } from '../../core/casefile/words';
import type { Motion } from '../car/wheels';
import { PracticeSession, type Practice, type PracticeAction } from '../practice/session';
import type { TwinOf } from '../practice/drawPractice';
import { LEVELS } from '../practice/levels';
import { DIAL, POINTS, type Dial, type Point } from '../practice/probes';
import { StandInReader, type FaultPlan, GOOD_READER } from './standInReader';

/** How a client introduces itself before the first message: which car it is plugged into, and what spins. */
export interface Hello {
  readonly practice: Practice;
  readonly spun: Channel | null;
  /** How the car is driven meanwhile; null: it stands. */
  readonly motion: Motion | null;
  readonly dropAfter: number | null;
}

const MOST_ACTIONS = 400;
const MOST_SEED = 2 ** 31;

function isProbe({ dial, red, black, plugs, channel }: Record<string, unknown>): boolean {
  const { sensor, module } = (plugs ?? {}) as Record<string, unknown>;
  const isPoint = (point: unknown): boolean => POINTS.includes(point as Point);
  return (
    DIAL.includes(dial as Dial) &&
    isPoint(red) &&
    isPoint(black) &&
    typeof sensor === 'boolean' &&
    typeof module === 'boolean' &&
    CHANNELS.includes(channel as Channel)
  );
}

const MOST_LIKELY = 40;

/** The vehicle of a twin is checked as any case file's is; its faults are those of the catalogue. */
function isTwin(input: unknown): input is TwinOf | undefined {
  if (input === undefined) return true;
  const { vehicle, likely } = (input ?? {}) as { vehicle?: unknown; likely?: unknown };
  const isFault = (row: { channel?: unknown; fault?: unknown; probability?: unknown } | null): boolean =>
    ALL_FAULTS.some((known) => known.id === row?.fault) &&
    (row?.channel === null || CHANNELS.includes(row?.channel as Channel)) &&
    typeof row?.probability === 'number' &&
    row.probability >= 0;
  return (
    validate({ format: 'zelf-case', version: 1, vehicle, observations: [] }).ok &&
    Array.isArray(likely) &&
    likely.length <= MOST_LIKELY &&
    likely.every(isFault)
  );
}

function isAction(input: unknown): input is PracticeAction {
  const action = input as { do?: unknown; modules?: unknown; check?: unknown; repair?: unknown } | null;
  switch (action?.do) {
    case 'read':
      return typeof action.modules === 'number' && action.modules >= 0 && action.modules <= 20;
    case 'check':
      return typeof action.check === 'string';
    case 'repair':
      return typeof action.repair === 'string';
    case 'count-flashes':
      return true;
    case 'probe':
      return isProbe(input as Record<string, unknown>);
    default:
      return false;
  }
}

const MOST_KMH = 130;
const MOST_STEER = 0.7;

function isMotion(input: unknown): input is Motion | null {
  if (input === null) return true;
  const { kmh, steer } = (input ?? {}) as Record<string, unknown>;
  const isWithin = (value: unknown, least: number, most: number): boolean =>
    typeof value === 'number' && value >= least && value <= most;
  return isWithin(kmh, 0, MOST_KMH) && isWithin(steer, -MOST_STEER, MOST_STEER);
}

/**
 * Reads a client's introduction.
 * @param text JSON from outside. @returns the introduction, or null where it is none: wrong shape, unknown level, too many actions.
 */
export function readHello(text: string): Hello | null {
  try {
    const { practice, spun, motion, dropAfter } = JSON.parse(text) as Record<string, unknown>;
    const { level, seed, actions, twin } = practice as Record<string, unknown>;
    const isPlain =
      (LEVELS.some((entry) => entry.id === level) || (level === 'twin' && twin !== undefined)) &&
      isTwin(twin) &&
      Number.isInteger(seed) &&
      Math.abs(seed as number) <= MOST_SEED &&
      Array.isArray(actions) &&
      actions.length <= MOST_ACTIONS &&
      actions.every(isAction) &&
      (spun === null || CHANNELS.includes(spun as Channel)) &&
      isMotion(motion) &&
      (dropAfter === null || Number.isInteger(dropAfter));
    return isPlain
      ? {
          practice: { level, seed, actions, ...(level === 'twin' ? { twin } : {}) } as unknown as Practice,
          spun: spun as Channel | null,
          motion: motion,
          dropAfter: dropAfter as number | null,
        }
      : null;
  } catch {
    return null;
  }
}

/** The reader of a practice car, and what goes wrong with its link. @throws RangeError for actions that the bench cannot make. */
export function readerFor(hello: Hello): { readonly reader: StandInReader; readonly plan: FaultPlan } {
  const { world } = new PracticeSession(hello.practice);
  return {
    reader: new StandInReader(world, hello.spun, hello.motion),
    plan: { ...GOOD_READER, dropAfter: hello.dropAfter },
  };
}
