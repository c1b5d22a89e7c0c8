import { texts } from '#words/core/casefile';
import { pointer, type Result } from './problem';

type Data = Readonly<Record<string, unknown>>;

/** The version of the case file that this Zelf writes. */
export const CURRENT_VERSION = 1;

/** Step N leads from version N to N + 1. A test proves that none is missing. */
export const MIGRATIONS: Readonly<Record<number, (data: Data) => Data>> = {};

/**
 * Brings data of an older version up to this one.
 * @param data the file as read; never changed.
 * @param steps the table of steps, for tests.
 * @param target the version wanted.
 * @returns the data at `target`, or a problem at `/format` or `/version` (a missing one, or one from the future).
 * @example migrate({ format: 'zelf-case', version: 2 }).problems[0].code // => "from-the-future"
 */
export function migrate(data: Data, steps = MIGRATIONS, target = CURRENT_VERSION): Result<Data> {
  const refuse = (place: string, code: string, message: string): Result<Data> => ({
    ok: false,
    problems: [{ path: pointer([place]), code, message }],
  });
  if (data['format'] !== 'zelf-case') return refuse('format', 'format', texts.isNoCaseFile);
  const version = data['version'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refuse('version', 'version', texts.mustBeAVersion(target));
  if (version > target) return refuse('version', 'from-the-future', texts.isFromTheFuture(version, target));
  let current = data;
  for (let at = version; at < target; at += 1) {
    const step = steps[at];
    if (!step) throw new Error(`no migration leads from case file version ${at} to ${at + 1}`);
    current = { ...step(current), version: at + 1 };
  }
  return { ok: true, value: current };
}
