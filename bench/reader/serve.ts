import type { Channel } from '../../core/casefile/words';
import { CHANNELS } from '../../core/casefile/words';
import type { Motion } from '../car/wheels';
import { PracticeSession, type Practice, type PracticeAction } from '../practice/session';
import { LEVELS } from '../practice/levels';
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

function isAction(one: unknown): one is PracticeAction {
  const action = one as { do?: unknown; modules?: unknown; check?: unknown; repair?: unknown } | null;
  switch (action?.do) {
    case 'read':
      return typeof action.modules === 'number' && action.modules >= 0 && action.modules <= 20;
    case 'check':
      return typeof action.check === 'string';
    case 'repair':
      return typeof action.repair === 'string';
    default:
      return false;
  }
}

const MOST_KMH = 130;
const MOST_STEER = 0.7;

function isMotion(one: unknown): one is Motion | null {
  if (one === null) return true;
  const { kmh, steer } = (one ?? {}) as Record<string, unknown>;
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
    const { level, seed, actions } = practice as Record<string, unknown>;
    const isPlain =
      LEVELS.some((one) => one.id === level) &&
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
          practice: { level, seed, actions } as unknown as Practice,
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
