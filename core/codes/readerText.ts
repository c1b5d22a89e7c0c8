import type { ObservationOf } from '../casefile/contract';
import type { Result } from '../casefile/problem';
import { decode, type DecodedCode, type OwnMeanings } from './decode';

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

export interface ReaderText {
  readonly found: readonly FoundCode[];
  /** Lines in which nothing was understood, so that nothing is dropped unseen. */
  readonly leftover: readonly { readonly line: number; readonly text: string }[];
}

export const LONGEST_READER_TEXT = 1_000_000;
const LONGEST_LINE = 2_000;

/** Status words as readers print them, in several languages. The first row that matches counts. */
const STATUS_WORDS: readonly (readonly [RegExp, Code['status']])[] = [
  [
    /\b(not current|not present|non present|history|historic(al)?|past|inactive|not active|gespeichert|memorise\w*|fugitif|memorizad[oa]|memorizzat[oa]|opgeslagen|stored|saved|sporadic|sporadisch|confirmed|confirme)\b/i,
    'stored',
  ],
  [/\b(pending|anstehend|en attente|pendiente|in attesa|in afwachting)\b/i, 'pending'],
  [
    /\b(current(ly)?|present(ly)?|active|aktiv|aktuell|present|actuel|presente|actual|activo|attivo|actief|aanwezig|permanent|now)\b/i,
    'current',
  ],
];

/** Module names that head a list, or stand beside a code. */
const MODULE_WORDS: readonly (readonly [RegExp, NonNullable<Code['module']>])[] = [
  [/\b(abs|esp|esc|asr|brakes?|brems\w*|freins?|frenos?|freni|remmen|stability)\b/i, 'abs'],
  [/\b(airbag|srs|restraint)\b/i, 'airbag'],
  [/\b(engine|motor|moteur|motore|ecm|pcm|dme|powertrain)\b/i, 'engine'],
  [/\b(instruments?|cluster|dashboard|kombi\w*|tableau de bord)\b/i, 'instruments'],
  [/\b(body|bcm|karosserie|carrosserie|carroceria)\b/i, 'body'],
  [/\b(steering|eps|lenk\w*|direction assistee)\b/i, 'steering'],
  [/\b(transmission|gearbox|tcm|getriebe)\b/i, 'transmission'],
];

const STANDARD = /(?<![A-Z0-9])([PCBU][0-9A-FO]{4})(?:\s?[-:/ ]\s?(?:0x)?([0-9A-F]{2})(?![0-9A-Z]))?(?![0-9A-Z])/gi;
const MAKERS = /(?<![A-Z0-9])(DF\s?\d{2,4}|0x[0-9A-F]{4})(?![0-9A-Z])/gi;
const BARE = /^\s*(?:code\s*)?(?:\d+[.)]\s+)?([0-9A-F]{4}|\d{1,2})(?=\s*$|\s+[^\d\s].*$|\s*[:-]\s*.*$)/i;
const ODOMETER = /(\d{1,3}(?:[ .,']\d{3})+|\d{2,7})\s*(km|kilom\w*|mi|miles)\b/i;
const KM_PER_MILE = 1.609344;

interface Hit {
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

function hitsIn(line: string): Hit[] {
  const hits = [...line.matchAll(STANDARD)].map((one) => ({
    text: one[2] ? `${one[1]}-${one[2]}` : (one[1] ?? ''),
    start: one.index,
    end: one.index + one[0].length,
  }));
  const makers = [...line.matchAll(MAKERS)].map((one) => ({
    text: (one[1] ?? '').replace(/\s/g, ''),
    start: one.index,
    end: one.index + one[0].length,
  }));
  if (hits.length + makers.length > 0) return [...hits, ...makers].sort((a, b) => a.start - b.start);
  const bare = BARE.exec(line);
  if (!bare?.[1] || ODOMETER.test(line.slice(0, (bare.index ?? 0) + bare[0].length + 4))) return [];
  const start = line.indexOf(bare[1]);
  return [{ text: bare[1], start, end: start + bare[1].length }];
}

/** Letters without their accents, so that word limits hold. */
function bare(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '');
}

function statusIn(text: string): Code['status'] | null {
  const words = bare(text);
  return STATUS_WORDS.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}

function moduleIn(text: string): NonNullable<Code['module']> | null {
  const words = bare(text);
  return MODULE_WORDS.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}

function odometerIn(text: string): number | null {
  const match = ODOMETER.exec(text);
  if (!match?.[1]) return null;
  const value = Number(match[1].replace(/[ .,']/g, ''));
  return Math.round(/^mi/i.test(match[2] ?? '') ? value * KM_PER_MILE : value);
}

function wordingOf(text: string): string {
  return text
    .replace(ODOMETER, ' ')
    .replace(/[|;\t]+/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s:.,)\]-]+|[\s:.,(-]+$/g, '')
    .slice(0, 300);
}

interface Draft {
  code: string;
  line: number;
  own: string;
  module: NonNullable<Code['module']> | null;
}

/** Codes keep the words up to the next code; lines without a code belong to the code above, or head a module. */
function gather(lines: readonly string[]): { drafts: Draft[]; leftover: { line: number; text: string }[] } {
  const drafts: Draft[] = [];
  const leftover: { line: number; text: string }[] = [];
  let heading: NonNullable<Code['module']> | null = null;
  let open: Draft | null = null;
  lines.forEach((full, index) => {
    const line = full.slice(0, LONGEST_LINE);
    if (line.trim() === '') {
      open = null;
      return;
    }
    const hits = hitsIn(line);
    if (hits.length === 0) {
      const named = moduleIn(line);
      const told = statusIn(line) !== null || ODOMETER.test(line);
      if (open && (told || !named)) open.own += ` ${line}`;
      else if (named) [heading, open] = [named, null];
      else leftover.push({ line: index + 1, text: line.trim() });
      return;
    }
    hits.forEach((hit, at) => {
      const before = at === 0 ? line.slice(0, hit.start) : '';
      const own = `${before} ${line.slice(hit.end, hits[at + 1]?.start ?? line.length)}`;
      open = { code: hit.text, line: index + 1, own, module: moduleIn(before) ?? heading };
      drafts.push(open);
    });
  });
  return { drafts, leftover };
}

/**
 * Finds codes with wording, status, module and odometer in whatever a reader shows or its user types.
 * @param text any text; more than a million characters is refused. @param own the owner's meanings for this vehicle.
 * @returns what was found, each code once a module, and the lines that were not understood.
 * @example readReaderText('C0034 right front, current').value.found[0].status // => "current"
 */
export function readReaderText(text: string, own: OwnMeanings = {}): Result<ReaderText> {
  if (text.length > LONGEST_READER_TEXT)
    return {
      ok: false,
      problems: [
        {
          path: '',
          code: 'too-long',
          message: `has ${text.length} characters; paste at most ${LONGEST_READER_TEXT}, one screen at a time`,
        },
      ],
    };
  const { drafts, leftover } = gather(text.split(/\r\n|[\n\r\u2028]/));
  const found = new Map<string, FoundCode>();
  for (const draft of drafts) {
    const decoded = decode(draft.code, own);
    const code = decoded.failureType ? `${decoded.code}-${decoded.failureType.byte}` : decoded.code;
    const key = `${code}|${draft.module ?? ''}`;
    const known = found.get(key);
    const status = statusIn(draft.own);
    found.set(key, {
      code,
      decoded,
      line: known?.line ?? draft.line,
      module: draft.module,
      status: stronger(known?.status ?? 'unknown', status ?? 'unknown'),
      meaning: known?.meaning || wordingOf(draft.own),
      odometer: known?.odometer ?? odometerIn(draft.own),
    });
  }
  return { ok: true, value: { found: [...found.values()], leftover } };
}

const STRENGTH: readonly Code['status'][] = ['unknown', 'stored', 'pending', 'current'];

function stronger(a: Code['status'], b: Code['status']): Code['status'] {
  return STRENGTH.indexOf(a) >= STRENGTH.indexOf(b) ? a : b;
}
