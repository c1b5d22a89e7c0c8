import type { CaseFile, Observation, ObservationOf } from '../casefile/contract';
import { spaced } from '../quantities/show';
import { meaningFor } from './meaningFor';
import { readerNames } from './readerNames';
import { texts } from '#words/core/codes';

type Code = ObservationOf<'code'>;

/** What part a recorded code plays: a cause of its own, an echo of one, an old ghost, or another system's matter. */
export type CodeRole = 'cause' | 'echo' | 'ghost' | 'parked';

export interface SortedCode {
  readonly code: Code;
  readonly role: CodeRole;
  /** Why, in words; empty for a cause. */
  readonly because: string;
  /** The id of the code that it echoes, where it is one. */
  readonly under: string | null;
}

/** A code set so many kilometres before the last reading is old. */
export const OLD_AFTER_KM = 300;
/** So many codes at one odometer reading, in two modules or of three wheels, were set by one event. */
const FLOOD_CODES = 4;
/** Systems whose codes are never taken for mere echoes. */
const NEVER_ECHO: readonly string[] = ['airbag'];

function counted(file: CaseFile): readonly Observation[] {
  return file.observations.filter((observation) => !observation.withdrawn);
}

/**
 * The odometer reading that codes are dated against.
 * @param file the case. @returns km: the vehicle's, or the latest beside any code; null where none is known.
 * @example latestOdometer(CASE) // => null
 */
export function latestOdometer(file: CaseFile): number | null {
  const seen = counted(file).flatMap((observation) =>
    observation.kind === 'code' && observation.odometer !== undefined ? [observation.odometer] : [],
  );
  const all = [...seen, ...(file.vehicle.odometer === undefined ? [] : [file.vehicle.odometer])];
  return all.length === 0 ? null : Math.max(...all);
}

/**
 * Whether the codes were set by one event, as a flat battery does.
 * @param codes the codes of one reading. @param channelOf the wheel that a code names.
 * @returns the codes that share an odometer reading over two modules or three wheels; empty where there are fewer than four.
 * @example floodOf([{ id: 'a', kind: 'code', code: 'C0031', status: 'stored', odometer: 84200 }], () => null) // => []
 */
export function floodOf(codes: readonly Code[], channelOf: (code: Code) => string | null): readonly Code[] {
  const byOdometer = new Map<number, Code[]>();
  for (const code of codes)
    if (code.odometer !== undefined) byOdometer.set(code.odometer, [...(byOdometer.get(code.odometer) ?? []), code]);
  return [...byOdometer.values()]
    .filter((group) => {
      const modules = new Set(group.map((observation) => observation.module ?? 'abs'));
      const wheels = new Set(group.map(channelOf).filter((entry) => entry !== null));
      return group.length >= FLOOD_CODES && (modules.size >= 2 || wheels.size >= 3);
    })
    .flat();
}

function move(codes: readonly string[], from: Set<string>, to: Set<string>): void {
  for (const code of codes) {
    from.delete(code);
    to.add(code);
  }
}

/** Codes that an erase showed to be gone, or back, as of the last one. */
function afterErase(file: CaseFile): { stayed: ReadonlySet<string>; returned: ReadonlySet<string> } {
  const [stayed, returned] = [new Set<string>(), new Set<string>()];
  for (const observation of counted(file)) {
    if (observation.kind !== 'clear') continue;
    move(observation.returned ?? [], stayed, returned);
    move(observation.stayed ?? [], returned, stayed);
  }
  return { stayed, returned };
}

/**
 * Sorts the recorded codes: which is the cause, which its echo in another module, which an old ghost.
 * @param file the case. @returns a row a code, in the order recorded; guesses are worded as such.
 * @example sortCodes(CASE).length // => 1
 */
export function sortCodes(file: CaseFile): readonly SortedCode[] {
  const codes = counted(file).filter((observation): observation is Code => observation.kind === 'code');
  const names = readerNames(file).meaning;
  const channelOf = (code: Code): string | null => meaningFor(code, file.vehicle, names).channel;
  const { stayed, returned } = afterErase(file);
  const latest = latestOdometer(file);
  const flood = new Set(floodOf(codes, channelOf).map((observation) => observation.id));
  const isGhost = (code: Code): string => {
    if (returned.has(code.code) || code.status === 'current') return '';
    if (stayed.has(code.code)) return texts.itStayedAwayAfter;
    if (flood.has(code.id)) return texts.setWithManyOthers;
    const age = latest !== null && code.odometer !== undefined ? latest - code.odometer : 0;
    return age >= OLD_AFTER_KM ? texts.setKmAgoLikely(spaced(age)) : '';
  };
  const cause = codes.find(
    (code) => (code.module ?? 'abs') === 'abs' && channelOf(code) !== null && isGhost(code) === '',
  );
  return codes.map((code): SortedCode => {
    const ghost = isGhost(code);
    if (ghost) return { code, role: 'ghost', because: ghost, under: null };
    if ((code.module ?? 'abs') === 'abs') return { code, role: 'cause', because: '', under: null };
    if (NEVER_ECHO.includes(code.module ?? ''))
      return {
        code,
        role: 'parked',
        because: texts.neverTakenForA,
        under: null,
      };
    if (cause && code.id !== cause.id)
      return {
        code,
        role: 'echo',
        because: texts.likelyFollowsFromRead(cause.code),
        under: cause.id,
      };
    return { code, role: 'parked', because: texts.belongsToAnotherSystem, under: null };
  });
}
