import { readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import type { CaseFile } from '../core/casefile/contract';
import type { Problem, Result } from '../core/casefile/problem';
import { LONGEST_TEXT, readCaseFile } from '../core/casefile/read';

/** A wrong word or file on the command line; its message is the one line shown. */
export class BadInput extends Error {}

function fail(path: string, code: string, message: string): { readonly ok: false; readonly problems: Problem[] } {
  return { ok: false, problems: [{ path, code, message }] };
}

/** Reads a text file named on the command line, relative to where the command was given. */
function readText(name: string): Result<string> {
  const path = resolve(process.env['INIT_CWD'] ?? process.cwd(), name);
  try {
    if (statSync(path).size > 4 * LONGEST_TEXT) return fail('', 'too-long', `is larger than ${4 * LONGEST_TEXT} bytes`);
    return { ok: true, value: new TextDecoder('utf-8', { fatal: true }).decode(readFileSync(path)) };
  } catch (error) {
    if (error instanceof TypeError) return fail('', 'not-utf-8', 'is not UTF-8 text');
    const { code } = error as NodeJS.ErrnoException;
    return fail(
      '',
      'cannot-read',
      code === 'ENOENT' ? 'there is no such file' : `cannot be read (${code ?? 'unknown'})`,
    );
  }
}

/** Reads a case file named on the command line. */
export function readCase(name: string): Result<CaseFile> {
  const text = readText(name);
  return text.ok ? readCaseFile(text.value) : text;
}

/** One clear line for a file's first problem: file, place, what would be right. */
export function problemLine(name: string, problems: readonly Problem[]): string {
  const first = problems[0];
  const more = problems.length > 1 ? ` (and ${problems.length - 1} more)` : '';
  return `zelf: ${name}: ${first?.path ? `${first.path}: ` : ''}${first?.message ?? 'is wrong'}${more}`;
}
