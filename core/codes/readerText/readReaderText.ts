import type { ObservationOf } from '../../casefile/contract';
import type { Result } from '../../casefile/problem';
import { decode, type DecodedCode, type OwnMeanings } from '../decode';
import { statusFromByte } from '../statusByte';
import { odometerIn } from './distanceWords';
import { joinLines } from './joinLines';
import { answerIn, isAdvice, moduleIn, type Module } from './moduleWords';
import { statusIn } from './statusWords';
import { codesInLine } from './tokens';
import { texts } from '#words/core/codes';

type Code = ObservationOf<'code'>;

/** One code found in what a reader shows. */
export interface FoundCode {
  readonly code: string;
  readonly status: Code['status'];
  readonly module: Code['module'] | null;
  /** The reader's own wording beside the code; empty where there is none. */
  readonly meaning: string;
  /** Kilometres, where the screen dates the code. */
  readonly odometer: number | null;
  readonly line: number;
  readonly decoded: DecodedCode;
}

export interface KeptLine {
  readonly line: number;
  readonly text: string;
}

export interface ReaderText {
  readonly found: readonly FoundCode[];
  /** Modules that the text says have no codes, or do not answer. */
  readonly modules: readonly { readonly module: Module; readonly answer: 'no-code' | 'no-answer' }[];
  /** The reader's own advice to fit a part: noted, never evidence. */
  readonly advice: readonly KeptLine[];
  /** Lines in which nothing was understood, so that nothing is dropped unseen. */
  readonly leftover: readonly KeptLine[];
}

export const LONGEST_READER_TEXT = 300_000;
export const MOST_READER_LINES = 10_000;
/** Beyond this many codes a text is no reader's screen. */
const MOST_CODES = 2_000;
const LONGEST_WORDING = 300;
/** Words further below a code than this are no longer its own. */
const LONGEST_OWN = 1_000;
const MARKUP = /<[^<>]{0,200}>/g;
const LABELS =
  /\b(status|state|etat|estado|stato|zustand|desc(ription)?|text|odometer|mileage|km[ -]?stand|module|ecu|code|dtc)\s*[:=]\s*/gi;

function wordingOf(text: string): string {
  return text
    .replace(MARKUP, ' ')
    .replace(LABELS, ' ')
    .replace(/[|;\t"{}[\]<>*•]+/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s:.,)/-]+|[\s:.,(/-]+$/g, '')
    .slice(0, LONGEST_WORDING);
}

interface Draft {
  readonly code: string;
  readonly line: number;
  readonly module: Module | null;
  readonly statusByte: number | undefined;
  /** Words of its own, line by line. */
  own: string;
}

interface Gathered {
  readonly drafts: Draft[];
  readonly modules: Map<Module, 'no-code' | 'no-answer'>;
  readonly advice: KeptLine[];
  readonly leftover: KeptLine[];
}

/** Walks down the screen: codes keep the words up to the next code; other lines head a module, belong to the code above, or are left over. */
class Walk {
  readonly gathered: Gathered = { drafts: [], modules: new Map(), advice: [], leftover: [] };
  private heading: Module | null = null;
  private open: Draft | null = null;

  take(number: number, text: string): void {
    if (text.trim() === '') {
      this.open = null;
      return;
    }
    const plain = text.replace(MARKUP, (tag) => ' '.repeat(tag.length));
    const hits = this.gathered.drafts.length < MOST_CODES ? codesInLine(plain) : [];
    if (hits.length === 0) {
      this.takeWords(number, plain);
      return;
    }
    hits.forEach((hit, at) => {
      const before = at === 0 ? plain.slice(0, hit.start) : '';
      const own = `${before} ${plain.slice(hit.end, hits[at + 1]?.start ?? plain.length)}`;
      const module = moduleIn(before) ?? this.heading;
      this.open = { code: hit.text, line: number, own, module, statusByte: hit.status };
      this.gathered.drafts.push(this.open);
    });
  }

  private takeWords(number: number, text: string): void {
    const kept = { line: number, text: text.trim() };
    const module = moduleIn(text);
    const answer = answerIn(text);
    if (isAdvice(text)) {
      this.gathered.advice.push(kept);
      return;
    }
    if (answer && (module ?? this.heading)) {
      const about = module ?? this.heading;
      if (about) this.gathered.modules.set(about, answer);
      [this.heading, this.open] = [about, null];
      return;
    }
    const isTold = statusIn(text) !== null || odometerIn(text) !== null;
    const isOwn = this.open !== null && this.open.own.length < LONGEST_OWN && (isTold || !module);
    if (this.open && isOwn) this.open.own += ` \n${text}`;
    else if (module && !answer) [this.heading, this.open] = [module, null];
    else this.gathered.leftover.push(kept);
  }
}

/** The status nearest to the code: its own line's, else that of the lines below it. */
function statusOf(draft: Draft): Code['status'] {
  if (draft.statusByte !== undefined) return statusFromByte(draft.statusByte);
  for (const line of draft.own.split('\n')) {
    const status = statusIn(line);
    if (status) return status;
  }
  return 'unknown';
}

const STRENGTH: readonly Code['status'][] = ['unknown', 'stored', 'pending', 'current'];

function stronger(a: Code['status'], b: Code['status']): Code['status'] {
  return STRENGTH.indexOf(a) >= STRENGTH.indexOf(b) ? a : b;
}

/** Each code once a module; seen twice, the stronger status and the first words count. */
function merged(drafts: readonly Draft[], own: OwnMeanings): FoundCode[] {
  const found = new Map<string, FoundCode>();
  for (const draft of drafts) {
    const decoded = decode(draft.code, own);
    const code = decoded.failureType ? `${decoded.code}-${decoded.failureType.byte}` : decoded.code;
    const key = `${code}|${draft.module ?? ''}`;
    const known = found.get(key);
    found.set(key, {
      code,
      decoded,
      line: known?.line ?? draft.line,
      module: draft.module,
      status: stronger(known?.status ?? 'unknown', statusOf(draft)),
      meaning: known?.meaning || wordingOf(draft.own),
      odometer: known?.odometer ?? odometerIn(draft.own),
    });
  }
  return [...found.values()];
}

function tooLong(message: string): Result<never> {
  return { ok: false, problems: [{ path: '', code: 'too-long', message }] };
}

/**
 * Finds codes with wording, status, module and odometer in whatever a reader shows or its user types.
 * @param text any text; more than 300,000 characters or 10,000 lines are refused. @param own the owner's meanings for this vehicle.
 * @returns what was found, each code once a module, and the lines that were not understood.
 * @example readReaderText('C0034 right front, current').value.found[0].status // => "current"
 */
export function readReaderText(text: string, own: OwnMeanings = {}): Result<ReaderText> {
  if (text.length > LONGEST_READER_TEXT) return tooLong(texts.tooManyCharacters(text.length, LONGEST_READER_TEXT));
  const lines = joinLines(text);
  if (lines.length > MOST_READER_LINES) return tooLong(texts.tooManyLines(lines.length, MOST_READER_LINES));
  const walk = new Walk();
  for (const { number, text: line } of lines) walk.take(number, line);
  const { drafts, modules, advice, leftover } = walk.gathered;
  return {
    ok: true,
    value: {
      found: merged(drafts, own),
      modules: [...modules].map(([module, answer]) => ({ module, answer })),
      advice,
      leftover,
    },
  };
}
