import { repairMove } from '../../core/knowledge/moves';
import { VEHICLE, type CaseFile, type Repair } from '../../core/casefile/contract';
import { fits } from '../../core/casefile/misfits';
import { CHANNELS, type Channel } from '../../core/casefile/words';
import { ALL_FAULTS } from '../../core/knowledge/faults';
import type { TwinOf } from './drawPractice';
import { LEVELS } from './levels';
import { DIAL, POINTS, type Dial, type Point } from './probes';
import type { Practice, PracticeAction, Shown } from './session';

/** A job that is practised: its file carries the practice car. */
export type PracticeFile = CaseFile & { readonly practice: Practice };

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
  return fits(VEHICLE, vehicle) && Array.isArray(likely) && likely.length <= MOST_LIKELY && likely.every(isFault);
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

/**
 * Whether something from outside is a practice car.
 * @param value anything, such as what a file holds.
 * @returns true for a known level, a whole seed and actions that are spelt rightly; whether the bench can make them shows in the session.
 * @example isPractice({ level: 'easy', seed: 1, actions: [] }) // => true
 */
export function isPractice(value: unknown): value is Practice {
  if (typeof value !== 'object' || value === null) return false;
  const { level, seed, actions, twin } = value as Readonly<Record<string, unknown>>;
  return (
    (LEVELS.some((entry) => entry.id === level) || (level === 'twin' && twin !== undefined)) &&
    isTwin(twin) &&
    Number.isInteger(seed) &&
    Math.abs(seed as number) <= MOST_SEED &&
    Array.isArray(actions) &&
    actions.length <= MOST_ACTIONS &&
    actions.every(isAction)
  );
}

/**
 * The practice car of a job.
 * @param file the job's case file; null while there is none.
 * @returns null for a job of a real vehicle, and for a car that the bench does not know.
 * @example practiceOf(null) // => null
 */
export function practiceOf(file: CaseFile | null): Practice | null {
  return isPractice(file?.practice) ? file.practice : null;
}

/** What is written down with each entry. */
interface Stamp {
  readonly at: string;
  readonly newId: () => string;
}

function repairOf(file: CaseFile, action: PracticeAction, shown: Shown, { at, newId }: Stamp): Repair[] {
  if (action.do !== 'repair') return [];
  const move = repairMove(action.repair, action.channel);
  if (!move) return [];
  const after = file.observations.at(-1)?.id ?? null;
  return [
    {
      id: newId(),
      at,
      action: move.action,
      segment: move.segment,
      channel: action.channel,
      result: shown.result ?? 'unknown',
      after,
    },
  ];
}

/**
 * A practice job after something was done to its car: what it showed stands beside the action in one change.
 * @param file the job. @param action what was done. @param shown what it showed. @param stamp time and fresh ids.
 * @returns the job with the action, what was seen, and the repair if it was one; unchanged for a job that is none.
 * @example withShown(CASE, { do: 'count-flashes' }, { seen: [], result: null, vehicle: null }, { at: '', newId: () => 'x' }) === CASE // => true
 */
export function withShown(file: CaseFile, action: PracticeAction, shown: Shown, stamp: Stamp): CaseFile {
  const practice = practiceOf(file);
  if (!practice) return file;
  const seen = shown.seen.map((entry) => ({ ...entry, id: stamp.newId(), at: stamp.at }));
  return {
    ...file,
    ...(shown.vehicle ? { vehicle: { ...file.vehicle, ...shown.vehicle } } : {}),
    observations: [...file.observations, ...seen],
    repairs: [...(file.repairs ?? []), ...repairOf(file, action, shown, stamp)],
    practice: { ...practice, actions: [...practice.actions, action] },
  };
}
