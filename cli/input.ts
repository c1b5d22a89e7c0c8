import { readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import type { CaseFile } from '../core/casefile/contract';
import type { Problem, Result } from '../core/casefile/problem';
import { MOST_BYTES, readCaseBytes } from '../core/casefile/read';
import { texts } from '#words/cli';

/** A wrong word or file on the command line; its message is the one line shown. */
export class BadInput extends Error {}

function fail(path: string, code: string, message: string): { readonly ok: false; readonly problems: Problem[] } {
  return { ok: false, problems: [{ path, code, message }] };
}

/** Reads a case file named on the command line, relative to where the command was given. */
export function readCase(name: string): Result<CaseFile> {
  const path = resolve(process.env['INIT_CWD'] ?? process.cwd(), name);
  try {
    const { size } = statSync(path);
    if (size > MOST_BYTES) return fail('', 'too-long', texts.hasBytesAtMost(size, MOST_BYTES));
    return readCaseBytes(readFileSync(path));
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === undefined) throw error;
    return fail('', 'cannot-read', code === 'ENOENT' ? texts.thereIsNoSuch : texts.cannotBeRead(code));
  }
}

/** One clear line for a file's first problem: file, place, what would be right. */
export function problemLine(name: string, problems: readonly Problem[]): string {
  const first = problems[0];
  const more = problems.length > 1 ? texts.andMore(problems.length - 1) : '';
  return texts.zelf(name, first?.path ? `${first.path}: ` : '', first?.message ?? texts.isWrong, more);
}
