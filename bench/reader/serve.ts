import { CHANNELS, type Channel } from '../../core/casefile/words';
import type { Motion } from '../car/wheels';
import { isPractice } from '../practice/practiceFile';
import { PracticeSession, type Practice } from '../practice/session';
import { Course, COURSES, type CourseName } from './course';
import { StandInReader, type FaultPlan, GOOD_READER } from './standInReader';

/** How a client introduces itself before the first message: which car it is plugged into, and what spins. */
export interface Hello {
  readonly practice: Practice;
  readonly spun: Channel | null;
  /** How the car is driven meanwhile; null: it stands. */
  readonly motion: Motion | null;
  /** What goes on while the speeds are watched; null: what `spun` and `motion` say, and it stays so. */
  readonly course: CourseName | null;
  readonly dropAfter: number | null;
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
 * @example readHello('{"spun":"fifth-wheel"}') // => null
 */
export function readHello(text: string): Hello | null {
  try {
    const { practice, spun, motion, course = null, dropAfter } = JSON.parse(text) as Record<string, unknown>;
    const isPlain =
      isPractice(practice) &&
      (spun === null || CHANNELS.includes(spun as Channel)) &&
      isMotion(motion) &&
      (course === null || COURSES.includes(course as CourseName)) &&
      (dropAfter === null || Number.isInteger(dropAfter));
    if (!isPlain) return null;
    const { level, seed, actions, twin } = practice;
    return {
      practice: { level, seed, actions, ...(level === 'twin' && twin ? { twin } : {}) },
      spun: spun as Channel | null,
      motion,
      course: course as CourseName | null,
      dropAfter: dropAfter as number | null,
    };
  } catch {
    return null;
  }
}

/**
 * The reader of a practice car, and what goes wrong with its link. @param now milliseconds that only grow. @throws RangeError for actions that the bench cannot make.
 * @example readerFor({ practice: { level: 'first', seed: 1, actions: [] }, spun: null, motion: null, course: null, dropAfter: 3 }, () => 0).plan.dropAfter // => 3
 */
export function readerFor(
  hello: Hello,
  now: () => number,
): { readonly reader: StandInReader; readonly plan: FaultPlan } {
  const { world } = new PracticeSession(hello.practice);
  return {
    reader: new StandInReader(
      world,
      hello.spun,
      hello.motion,
      hello.course && new Course(world, hello.course, hello.spun, now),
    ),
    plan: { ...GOOD_READER, dropAfter: hello.dropAfter },
  };
}
