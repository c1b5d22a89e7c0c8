import { FAILURE_TYPES } from '../failureTypes';
import { plainWords } from '../plainWords';

/** A code as it stands in a line. */
export interface Hit {
  readonly text: string;
  readonly start: number;
  readonly end: number;
  /** Status byte, where the line is a raw ISO 14229 answer. */
  readonly status?: number;
}

const LETTER_CODE =
  /(?<![A-Za-z0-9])([PCBU])[ -]?([0-9A-FOIL]{4})(?=[^A-Za-z0-9]|$|(?:[PCBU][0-9A-FO]{4})+(?![A-Za-z0-9])|[0-9A-F]{2}(?![A-Za-z0-9])|[a-z]{3})/gi;
const RUN = /(?<=[0-9A-F]{4})([PCBU][0-9A-FO]{4})(?=[^A-Za-z0-9]|$|[PCBU][0-9A-FO]{4})/gi;
/** Where the failure type byte may stand: hard against the code, or after a mark, in brackets or spaced. */
const MARKED_BYTE = /^ ?[-:/.]{1,2} ?(?:0x)?([0-9A-FOIL]{2})(?![A-Za-z0-9]|[./:-]\d|,\d| ?(?:km|v|%|mi|x)\b)/i;
const BRACKET_BYTE = /^ ?[([] ?(?:0x)?([0-9A-FOIL]{2})(?:h)? ?[)\]]/i;
const SPACED_BYTE =
  /^ (?:0x)?([0-9A-F]{2})(?:h)?(?![A-Za-z0-9]|[./:-]\d|,\d| ?(?:km|v|times?|x|%|mi|mal|fois|deg|min|faults?|codes?)\b)/i;
const HARD_BYTE = /^([0-9A-F]{2})(?![A-Za-z0-9])/i;
const FTB_WORD =
  /^.{0,60}?\b(?:ftb|failure type|sub ?type|symptom)\s*(?:byte)?\s*[:=]?\s*(?:0x)?([0-9A-F]{2})(?:h)?(?![A-Za-z0-9])/i;
const MAKERS = /(?<![A-Za-z0-9])(DF[ -]?\d{2,4}|0x[0-9A-F]{4}(?:[0-9A-F]{2})?)(?![A-Za-z0-9])/gi;
const UNIT_NEXT =
  /^\s?(?:[./:,]\d|v\b|mv\b|km|mi\b|miles|mph|%|°|ohm|kohm|ω|k?Ω|hz|rpm|bar|kpa|min\b|sec|s\b|h\b|x\b|a\b|ma\b)/i;
const COUNT_NEXT =
  /^\s*(?:x\b|\(?(?:of|von|de|di|van)\b|(?:\w+ )?(?:faults?|(?:trouble )?codes?|dtcs?|errors?|fehler|defauts?|fallos?|errori|guasti|storingen|fouten|modules?|systems?)\b)/i;
const BARE_LINE =
  /^\s*(?:[-*•>|]\s*)?(?:(?:fault |trouble |error |flash |blink )?(?:code|dtc|fehler(?:code)?|defaut|codigo|codice)\s*(?:nr\.?|no\.?|#)?\s*[:=]?\s*)?(?:\d{1,2}[.)]\s+)?(["']?)([0-9A-F]{4}(?:[0-9A-F]{2})?|\d{5}|[1-9]\d?|0\d)\1(?=\s|$|[:;,|"'-])/i;
const WORD_BEFORE = /\b(code|dtc|fehler(code)?|defaut|codigo|codice)s?\b/i;
const FLASH_LIST =
  /\b(?:flash|blink|lamp)\s*-?\s*codes?\s*[:=]?\s*((?:\d{1,2}(?:\s?[-]\s?\d)?(?:\s*(?:[,;+&]|and|und|et|y)\s*)?)+)/i;
/** Words after a bare number that show it to be a code. */
const CODE_CONTEXT =
  /\b(sensor|wheel|rad|roue|rueda|ruota|wiel|front|rear|left|right|vorn\w*|hint\w*|avant|arriere|abs|circuit|signal|open|short|voltage|stored|current|present|pending|aktiv|gespeichert|memorise|tone ?wheel|speed)\b/i;
const RAW_ANSWER = /^\s*(?:>?\s*)59 ?0[26] ?[0-9A-F]{2}((?: ?[0-9A-F]{2}){4,})\s*$/i;

/** O, I and L stand for 0 and 1 only where enough real digits show that it is a code. */
function mended(letter: string, digits: string): string | null {
  const upper = digits.toUpperCase();
  const real = (upper.match(/\d/g) ?? []).length;
  if (/[OIL]/.test(upper) && real < 2 && !/^[O0]{1,2}\d/.test(upper)) return null;
  if (real === 0) return null;
  return letter.toUpperCase() + upper.replace(/O/g, '0').replace(/[IL]/g, '1');
}

function byteAfter(rest: string): { byte: string; length: number } | null {
  const hard = HARD_BYTE.exec(rest);
  if (hard?.[1]) return { byte: hard[1].toUpperCase(), length: hard[0].length };
  const spaced = SPACED_BYTE.exec(rest);
  if (spaced?.[1] && FAILURE_TYPES.has(spaced[1].toUpperCase()) && /\d/.test(spaced[1]))
    return { byte: spaced[1].toUpperCase(), length: spaced[0].length };
  const marked = BRACKET_BYTE.exec(rest) ?? MARKED_BYTE.exec(rest);
  if (!marked?.[1]) return null;
  const byte = marked[1].toUpperCase().replace(/O/g, '0').replace(/[IL]/g, '1');
  return /\d/.test(byte) ? { byte, length: marked[0].length } : null;
}

function letterCodes(line: string): Hit[] {
  const starts = [...line.matchAll(LETTER_CODE)].map((match) => ({
    letter: match[1] ?? '',
    digits: match[2] ?? '',
    start: match.index,
    end: match.index + match[0].length,
  }));
  const runs = [...line.matchAll(RUN)].map((match) => ({
    letter: match[0].charAt(0),
    digits: match[0].slice(1),
    start: match.index,
    end: match.index + match[0].length,
  }));
  return [...starts, ...runs].flatMap(({ letter, digits, start, end }) => {
    const code = mended(letter, digits);
    if (code === null) return [];
    const rest = line.slice(end, end + 80);
    const found = byteAfter(rest) ?? wordedByte(rest);
    return [{ text: found ? `${code}-${found.byte}` : code, start, end: end + (found?.length ?? 0) }];
  });
}

/** `FTB: 13` anywhere shortly after the code, before any other code. */
function wordedByte(rest: string): { byte: string; length: number } | null {
  const byte = FTB_WORD.exec(rest)?.[1];
  return byte ? { byte: byte.toUpperCase(), length: 0 } : null;
}

/** ISO 14229 answers to service 0x19: three bytes of code, one of status, again and again. */
function rawAnswer(line: string): Hit[] {
  const bytes = RAW_ANSWER.exec(line)?.[1]?.replace(/\s/g, '') ?? '';
  if (bytes.length === 0 || bytes.length % 8 !== 0) return [];
  return (bytes.match(/.{8}/g) ?? []).map((record) => {
    const first = parseInt(record[0] ?? '0', 16);
    const letter = 'PCBU'[first >> 2] ?? 'C';
    const text = `${letter}${first & 3}${record.slice(1, 4)}-${record.slice(4, 6)}`.toUpperCase();
    return { text, start: 0, end: line.length, status: parseInt(record.slice(6, 8), 16) };
  });
}

function flashList(line: string): Hit[] {
  const match = FLASH_LIST.exec(line);
  if (!match?.[1]) return [];
  const start = match.index + match[0].indexOf(match[1]);
  return [...match[1].matchAll(/(\d)\s?-\s?(\d)|\d{1,2}/g)].map((match) => ({
    text: match[1] && match[2] ? match[1] + match[2] : match[0],
    start: start + match.index,
    end: start + match.index + match[0].length,
  }));
}

/** C or B and decimal digits, but not four: the rest of a standard code is missing or too much. */
function isMaimed(text: string): boolean {
  return /^[CB](\d{3}|\d{5})$/i.test(text);
}

function isYear(text: string): boolean {
  return /^(19[5-9]\d|20[0-4]\d)$/.test(text);
}

/** A number or bare hex at the head of a line, where its surroundings show it to be a code and not a count, a year or a measure. */
function bareCode(line: string): Hit[] {
  const match = BARE_LINE.exec(line);
  const text = match?.[2];
  if (!match || !text) return [];
  const end = match[0].length;
  const rest = line.slice(end);
  const isAlone = rest.trim() === '';
  const isTold = WORD_BEFORE.test(match[0]);
  if (UNIT_NEXT.test(rest) || (COUNT_NEXT.test(rest) && !isTold)) return [];
  if (isMaimed(text) && !isTold) return [];
  if (!/\d/.test(text) || (isYear(text) && !isTold && !isAlone)) return [];
  const isShort = /^\d{1,2}$/.test(text);
  const isLong = /^\d{5,6}$/.test(text);
  const isKnown = CODE_CONTEXT.test(plainWords(rest));
  if ((isShort || isLong) && !isAlone && !isTold && !isKnown) return [];
  if (isLong && isAlone && !isTold) return [];
  if (/^\d{4}$/.test(text) && !isAlone && !isTold && !isKnown) return [];
  return [{ text: text.toUpperCase(), start: end - text.length, end }];
}

/** A line of nothing but short numbers or bare hex codes. */
function bareList(line: string): Hit[] {
  const parts = line.trim().split(/[\s,;+]+/);
  if (parts.length < 2 || !parts.every((part) => /^(\d[0-9A-F]{3}|[0-9A-F]\d[0-9A-F]{2}|[1-9]\d)$/i.test(part)))
    return [];
  if (parts.every((part) => isYear(part))) return [];
  let at = 0;
  return parts.map((text) => {
    const start = line.indexOf(text, at);
    at = start + text.length;
    return { text: text.toUpperCase(), start, end: at };
  });
}

/**
 * The codes in one line, in order.
 * @param full one line of a reader's screen.
 * @returns where each stands and what it is; words, dates, measures and counts are none.
 * @example codesInLine('C0O34 : 13 present')[0].text // => "C0034-13"
 * @example codesInLine('2 faults').length // => 0
 */
export function codesInLine(full: string): readonly Hit[] {
  const line = full.replace(/[\u2010-\u2015\u2212]/g, '-').replace(/[\u00a0\u2007\u202f]/g, ' ');
  const raw = rawAnswer(line);
  if (raw.length > 0) return raw;
  const makers = [...line.matchAll(MAKERS)].map((match) => ({
    text: match[0].replace(/[ -]/g, '').toUpperCase().replace(/^0X/, ''),
    start: match.index,
    end: match.index + match[0].length,
  }));
  const lettered = [...letterCodes(line), ...makers].sort((a, b) => a.start - b.start);
  if (lettered.length > 0) return lettered;
  const flashes = flashList(line);
  if (flashes.length > 0) return flashes;
  const list = bareList(line);
  return list.length > 0 ? list : bareCode(line);
}
