import { parse as parseLoosely, printParseErrorCode, type ParseError } from 'jsonc-parser';
import type { CaseFile } from './contract';
import { DEEPEST, tooDeepAt } from './depth';
import type { Problem, Result } from './problem';
import { validate } from './validate';
import { texts } from '#words/core/casefile';

/** The Encoding Standard's decoder: every browser and server has it, the language's own library does not name it. */
declare const TextDecoder: new (
  name: 'utf-8',
  options: { readonly fatal: true },
) => { decode(bytes: Uint8Array): string };

/** Longest text that is read, in characters; a job with thousands of observations has a tenth of it. */
export const LONGEST_TEXT = 8_000_000;
/** Largest file that is opened, in bytes: a character of UTF-8 takes up to four. */
export const MOST_BYTES = 4 * LONGEST_TEXT;

function placeOf(text: string, offset: number): string {
  const before = text.slice(0, offset);
  const line = before.match(/\n/g)?.length ?? 0;
  return texts.lineColumn(line + 1, offset - before.lastIndexOf('\n'));
}

function syntaxProblem(text: string): Problem {
  const errors: ParseError[] = [];
  parseLoosely(text, errors, { disallowComments: true, allowTrailingComma: false });
  const first = errors[0];
  const what = first ? texts.jsonErrors[printParseErrorCode(first.error)] : texts.notJson;
  return { path: placeOf(text, first?.offset ?? 0), code: 'not-json', message: texts.isNotJsonHere(what) };
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
      message: texts.hasCharactersAtMost(text.length, LONGEST_TEXT),
    });
  const bare = text.startsWith('\uFEFF') ? text.slice(1) : text;
  if (bare.trim() === '') return refuse({ path: '', code: 'empty', message: texts.isEmptyMustBe });
  const deepAt = tooDeepAt(bare);
  if (deepAt !== null)
    return refuse({
      path: placeOf(bare, deepAt),
      code: 'too-deep',
      message: texts.isNestedDeeperThan(DEEPEST),
    });
  let data: unknown;
  try {
    data = JSON.parse(bare);
  } catch {
    return refuse(syntaxProblem(bare));
  }
  return validate(data);
}

/**
 * Reads the bytes of a `.zelf.json` file.
 * @param bytes UTF-8; at most `MOST_BYTES`.
 * @returns as `readCaseFile`; bytes that are no UTF-8 are refused, never guessed at.
 * @example readCaseBytes(Uint8Array.of(0xff)).problems[0].code // => "not-utf-8"
 */
export function readCaseBytes(bytes: Uint8Array): Result<CaseFile> {
  if (bytes.length > MOST_BYTES)
    return {
      ok: false,
      problems: [{ path: '', code: 'too-long', message: texts.hasBytesAtMost(bytes.length, MOST_BYTES) }],
    };
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return { ok: false, problems: [{ path: '', code: 'not-utf-8', message: texts.isNotUtf8 }] };
  }
  return readCaseFile(text);
}
