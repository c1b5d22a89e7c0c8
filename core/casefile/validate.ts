import { ValidationError } from 'yup';
import { CASE_FILE, type CaseFile } from './contract';
import { crossChecks } from './crossChecks';
import { migrate } from './migrate';
import { pointer, type Problem, type Result } from './problem';
import { toYup } from './toYup';

const rule = toYup(CASE_FILE);
const FORBIDDEN_KEYS = new Set(['__proto__', 'constructor', 'prototype']);
const DEEPEST = 40;

/** Yup names places like `a.b[2].c`; keys may hold dots, so the data itself decides where one ends. */
function stepsOf(path: string, data: unknown): (string | number)[] {
  const steps: (string | number)[] = [];
  let rest = path;
  let here = data;
  while (rest) {
    const index = /^\[(\d+)\]\.?/.exec(rest);
    const quoted = /^\["((?:[^"\\]|\\.)*)"\]\.?/.exec(rest);
    let step: string | number;
    if (index?.[1] !== undefined) [step, rest] = [Number(index[1]), rest.slice(index[0].length)];
    else if (quoted?.[1] !== undefined) [step, rest] = [quoted[1], rest.slice(quoted[0].length)];
    else {
      const key = longestKey(rest, here) ?? /^[^.[]+/.exec(rest)?.[0] ?? rest;
      [step, rest] = [key, rest.slice(key.length).replace(/^\./, '')];
    }
    steps.push(step);
    here = here && typeof here === 'object' ? (here as Record<string, unknown>)[step] : undefined;
  }
  return steps;
}

function longestKey(rest: string, here: unknown): string | undefined {
  if (!here || typeof here !== 'object') return undefined;
  const fits = Object.keys(here).filter(
    (key) => rest === key || rest.startsWith(`${key}.`) || rest.startsWith(`${key}[`),
  );
  return fits.sort((a, b) => b.length - a.length)[0];
}

function problemsOf(error: ValidationError, data: unknown): Problem[] {
  const all = error.inner.length > 0 ? error.inner : [error];
  return all.map((validationError) => ({
    path: pointer(stepsOf(validationError.path ?? '', data)),
    code: validationError.type ?? 'invalid',
    message: validationError.message,
  }));
}

/** Keys that could reach an object's prototype, and nesting that could exhaust the stack, are refused before anything else looks. */
function hostilePlaces(data: unknown): Problem[] {
  const problems: Problem[] = [];
  const queue: { value: unknown; steps: (string | number)[] }[] = [{ value: data, steps: [] }];
  for (let at = 0; at < queue.length && problems.length < 20; at += 1) {
    const { value, steps } = queue[at] as (typeof queue)[number];
    if (!value || typeof value !== 'object') continue;
    if (steps.length > DEEPEST) {
      problems.push({ path: pointer(steps), code: 'too-deep', message: `is nested deeper than ${DEEPEST} levels` });
      continue;
    }
    for (const key of Object.keys(value)) {
      const step = Array.isArray(value) ? Number(key) : key;
      if (FORBIDDEN_KEYS.has(key))
        problems.push({
          path: pointer([...steps, step]),
          code: 'forbidden-key',
          message: `the key "${key}" is not allowed`,
        });
      else queue.push({ value: (value as Record<string, unknown>)[key], steps: [...steps, step] });
    }
  }
  return problems;
}

function checkShape(data: unknown): Problem[] {
  try {
    (rule as unknown as { validateSync(value: unknown, options: object): void }).validateSync(data, {
      strict: true,
      abortEarly: false,
    });
    return [];
  } catch (error) {
    if (error instanceof ValidationError) return problemsOf(error, data);
    throw error;
  }
}

/**
 * Checks plain data against the contract of the case file.
 * @param data anything, such as the result of `JSON.parse`; never changed.
 * @returns the case file (unknown keys kept), or every problem found with its JSON pointer.
 * @example validate({ format: 'zelf-case', version: 1, vehicle: { channels: [] }, observations: [] }).problems[0].path // => "/vehicle/channels"
 */
export function validate(data: unknown): Result<CaseFile> {
  if (!data || typeof data !== 'object' || Array.isArray(data))
    return {
      ok: false,
      problems: [{ path: '', code: 'not-a-record', message: 'must be a JSON object with format "zelf-case"' }],
    };
  const hostile = hostilePlaces(data);
  if (hostile.length > 0) return { ok: false, problems: hostile };
  const migrated = migrate(data as Readonly<Record<string, unknown>>);
  if (!migrated.ok) return migrated;
  const problems = checkShape(migrated.value);
  if (problems.length > 0) return { ok: false, problems };
  const file = migrated.value as unknown as CaseFile;
  const crossed = crossChecks(file);
  return crossed.length > 0 ? { ok: false, problems: crossed } : { ok: true, value: file };
}
