import { parse as parseLoosely, printParseErrorCode, type ParseError } from 'jsonc-parser';
import type { CaseFile } from './contract';
import type { Problem, Result } from './problem';
import { validate } from './validate';

/** Longest text that is read, in characters; a job with thousands of observations has a tenth of it. */
export const LONGEST_TEXT = 8_000_000;

function placeOf(text: string, offset: number): string {
  const before = text.slice(0, offset).split('\n');
  return `line ${before.length}, column ${(before.at(-1)?.length ?? 0) + 1}`;
}

function syntaxProblem(text: string): Problem {
  const errors: ParseError[] = [];
  parseLoosely(text, errors, { disallowComments: true, allowTrailingComma: false });
  const first = errors[0];
  const what = first
    ? printParseErrorCode(first.error)
        .replace(/([a-z])([A-Z])/g, '$1 $2')
        .toLowerCase()
    : 'not JSON';
  return { path: placeOf(text, first?.offset ?? 0), code: 'not-json', message: `is not JSON here: ${what}` };
}

/**
 * Reads the text of a `.zelf.json` file.
 * @param text UTF-8 JSON, a byte order mark allowed; at most `LONGEST_TEXT` characters.
 * @returns the case file with unknown keys kept, or problems placed by line and column (syntax) or JSON pointer (contract).
 * @example readCaseFile('{').problems[0].path // => "line 1, column 2"
 */
export function readCaseFile(text: string): Result<CaseFile> {
  const refuse = (problem: Problem): Result<CaseFile> => ({ ok: false, problems: [problem] });
  if (text.length > LONGEST_TEXT)
    return refuse({
      path: '',
      code: 'too-long',
      message: `has ${text.length} characters; at most ${LONGEST_TEXT} are read`,
    });
  const bare = text.startsWith('\uFEFF') ? text.slice(1) : text;
  if (bare.trim() === '') return refuse({ path: '', code: 'empty', message: 'is empty; must be a Zelf case file' });
  let data: unknown;
  try {
    data = JSON.parse(bare);
  } catch {
    return refuse(syntaxProblem(bare));
  }
  return validate(data);
}
