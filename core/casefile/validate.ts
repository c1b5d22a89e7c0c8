import { CASE_FILE, type CaseFile } from './contract';
import { crossChecks } from './crossChecks';
import { DEEPEST } from './depth';
import { explain } from './explain';
import { migrate } from './migrate';
import { misfits } from './misfits';
import { pointer, type Problem, type Result } from './problem';
import { texts } from '#words/core/casefile';

const FORBIDDEN_KEYS = new Set(['__proto__', 'constructor', 'prototype']);
/** A file that is wrong in more places than this is told of the first ones. */
const MOST_PROBLEMS = 20;

/** Keys that could reach an object's prototype, and nesting that could exhaust the stack, are refused before anything else looks. */
function hostilePlaces(data: unknown): Problem[] {
  const problems: Problem[] = [];
  const steps: (string | number)[] = [];
  const say = (code: string, message: string): void => void problems.push({ path: pointer(steps), code, message });
  const enter = (value: unknown, step: string | number): void => {
    if (problems.length >= MOST_PROBLEMS || typeof value !== 'object' || value === null) return;
    steps.push(step);
    if (steps.length > DEEPEST) say('too-deep', texts.isNestedDeeperThan(DEEPEST));
    else look(value);
    steps.pop();
  };
  const look = (holder: object): void => {
    if (Array.isArray(holder)) return holder.forEach(enter);
    for (const key of Object.keys(holder))
      if (!FORBIDDEN_KEYS.has(key)) enter((holder as Record<string, unknown>)[key], key);
      else {
        steps.push(key);
        say('forbidden-key', texts.theKeyIsNot(key));
        steps.pop();
      }
  };
  if (typeof data === 'object' && data !== null) look(data);
  return problems;
}

/**
 * Checks plain data against the contract of the case file.
 * @param data anything, such as the result of `JSON.parse`; never changed.
 * @returns the case file (unknown keys kept), or the first problems found (at most 20), each with its JSON pointer.
 * @example validate({ format: 'zelf-case', version: 1, vehicle: { channels: [] }, observations: [] }).problems[0].path // => "/vehicle/channels"
 */
export function validate(data: unknown): Result<CaseFile> {
  const isRecord = typeof data === 'object' && data !== null && !Array.isArray(data);
  if (!isRecord)
    return {
      ok: false,
      problems: [{ path: '', code: 'not-a-record', message: texts.mustBeAJson }],
    };
  const migrated = migrate(data as Readonly<Record<string, unknown>>);
  if (!migrated.ok) return migrated;
  const hostile = hostilePlaces(migrated.value);
  if (hostile.length > 0) return { ok: false, problems: hostile };
  const wrong = misfits(CASE_FILE, migrated.value, MOST_PROBLEMS);
  if (wrong.length > 0) return { ok: false, problems: wrong.map(explain) };
  const file = migrated.value as unknown as CaseFile;
  const crossed = crossChecks(file);
  return crossed.length > 0 ? { ok: false, problems: crossed } : { ok: true, value: file };
}
