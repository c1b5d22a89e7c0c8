import { CHANNELS, type Channel } from '../casefile/words';
import { texts } from '#words/core/livelog';
import { Columns } from './columns';
import { headerOf, kmhOf } from './headers';
import { cellsOf, layoutOf, type Layout } from './layout';
import type { Log, LogColumn, LogProblem, Role } from './log';
import { headerBy, previewOf, type Mapping, type Preview } from './mapping';
import { numberAt, timeAt } from './numbers';
import { PlainRows } from './plainRows';
import { asSeconds } from './seconds';
import { asBytes, decoded } from './utf8';

const NEWLINE = 10;
const RETURN = 13;
const QUOTE = 34;
/** A header is looked for in this many bytes. */
const SNIFFED = 64 * 1024;
/** A longer line is no row of a table. */
const LONGEST_LINE = 1024 * 1024;
const MOST_PROBLEMS = 20;
const CHUNK = 1 << 20;

/** What reading came to. */
export interface LogRead {
  readonly log: Log | null;
  readonly problems: readonly LogProblem[];
  /** The table as it stands, for somebody to say what its columns are; null where it is none. */
  readonly preview: Preview | null;
}

/** What a speed without a unit is taken for. */
const ASSUMED = { unit: 'km/h', isAssumed: true } as const;

/**
 * Reads a reader's export, chunk by chunk: any delimiter, decimal comma, columns in any order, one row a moment or one row a signal.
 * Use: `push` every chunk, then `end`.
 */
export class LogReader {
  private head: Uint8Array[] = [];
  private headBytes = 0;
  private layout: Layout | null = null;
  /** Where a wanted cell of a row goes: 0 is time, then the corners in the contract's order. */
  private targets: Int8Array = new Int8Array();
  private columns: Columns | null = null;
  private plain: PlainRows | null = null;
  private row = new Float64Array(1 + CHANNELS.length);
  private factors = new Float64Array(1 + CHANNELS.length).fill(1);
  private rest = new Uint8Array(0);
  private line = 0;
  private problems: LogProblem[] = [];
  private isSkipping = false;
  private failed = false;
  private lines: readonly string[] = [];
  private long = { name: -1, value: -1, time: -1, at: Number.NaN, isOpen: false };

  /**
   * @param bytesInAll length of the file, to take room once; 0 where it is not known.
   * @param mapping what the owner said of the columns, if anything.
   */
  constructor(
    private readonly bytesInAll = 0,
    private readonly mapping: Mapping | null = null,
  ) {}

  private note(line: number, message: string): void {
    if (this.problems.length < MOST_PROBLEMS) this.problems.push({ line, message });
  }

  /** Reads on. @param bytes the next part of the file, cut anywhere. */
  push(bytes: Uint8Array): void {
    if (this.failed) return;
    if (this.layout) return this.rows(bytes);
    this.head.push(bytes);
    this.headBytes += bytes.length;
    if (this.headBytes >= SNIFFED) this.begin();
  }

  /** The head is whole: find the layout, then read it as rows. */
  private begin(): void {
    const all = joined(this.head);
    this.head = [];
    if (all.subarray(0, 4096).includes(0)) return this.fail(texts.isNoTextFile);
    const text = decoded(all.subarray(0, SNIFFED)).replace(/^\uFEFF/, '');
    const lines = text.split(/\r\n|\n|\r/);
    this.lines = lines;
    this.layout = layoutOf(lines, (header) => headerBy(header, this.mapping));
    if (!this.layout) return this.fail(text.trim() === '' ? texts.isEmpty : texts.namesNoWheel);
    this.aim(this.layout, lines);
    let from = 0;
    for (let skipped = 0; skipped <= this.layout.headerLine; skipped += 1) from = lineEnd(all, from) + 1;
    this.line = this.layout.headerLine + 1;
    this.rows(all.subarray(Math.min(from, all.length)));
  }

  private fail(message: string): void {
    this.failed = true;
    this.note(0, message);
  }

  /** Which cell goes where, and by what it is multiplied to be km/h. */
  private aim(layout: Layout, lines: readonly string[]): void {
    const { headers, isLong } = layout;
    this.targets = new Int8Array(headers.length).fill(-1);
    headers.forEach(({ role, unit }, at) => {
      if (role === 'time' && !this.targets.includes(0)) this.targets[at] = 0;
      const corner = CHANNELS.indexOf(role as Channel);
      if (isLong || corner < 0 || this.targets.includes(corner + 1)) return;
      this.targets[at] = corner + 1;
      this.factors[corner + 1] = kmhOf(unit);
    });
    const place = (role: Role): number => headers.findIndex((header) => header.role === role);
    if (isLong) this.long = { ...this.long, name: place('name'), value: place('value'), time: place('time') };
    if (!isLong && !this.targets.includes(0)) this.fail(texts.hasNoTime);
    const sample = lines.slice(layout.headerLine + 1, layout.headerLine + 40).filter((line) => line !== '');
    const bytesARow = sample.reduce((sum, line) => sum + line.length + 1, 0) / Math.max(1, sample.length);
    const expected = this.bytesInAll > 0 && bytesARow > 0 ? (this.bytesInAll / bytesARow) * 1.03 : 0;
    const used = [true, ...CHANNELS.map((_, at) => isLong || this.targets.includes(at + 1))];
    this.columns = new Columns(used, expected);
    const { delimiter, decimal } = layout;
    if (!isLong) this.plain = new PlainRows({ delimiter, decimal, targets: this.targets }, this.columns);
  }

  /** Only the row that was cut is put together again: a copy of every part would take as long as to look at it. */
  private rows(chunk: Uint8Array): void {
    if (this.rest.length === 0) return this.scan(chunk);
    const ends = chunk.indexOf(NEWLINE) + 1 || chunk.length;
    this.scan(joined([this.rest, chunk.subarray(0, ends)]));
    const after = chunk.subarray(ends);
    if (after.length > 0) this.scan(this.rest.length > 0 ? joined([this.rest, after]) : after);
  }

  private scan(bytes: Uint8Array): void {
    const whole = bytes.lastIndexOf(NEWLINE) + 1;
    let from = 0;
    while (from < bytes.length) {
      from = this.plainRows(bytes, from, whole);
      if (from >= bytes.length) break;
      const end = rowEnd(bytes, from);
      if (end < 0) break;
      this.readRow(bytes, from, end);
      from = end + 1;
    }
    this.rest = bytes.slice(from);
    if (this.rest.length > LONGEST_LINE) {
      if (!this.isSkipping) this.note(this.line + 1, texts.lineTooLong);
      this.isSkipping = true;
      this.rest = new Uint8Array(0);
    }
  }

  /** All rows of plain figures from here on. */
  private plainRows(bytes: Uint8Array, from: number, whole: number): number {
    const { plain } = this;
    if (!plain || this.isSkipping) return from;
    const before = plain.lines;
    const next = plain.read(bytes, from, whole);
    this.line += plain.lines - before;
    return next;
  }

  private readRow(bytes: Uint8Array, from: number, end: number): void {
    this.line += 1;
    if (this.isSkipping) {
      this.isSkipping = false;
      return;
    }
    const to = end > from && bytes[end - 1] === RETURN ? end - 1 : end;
    if (to === from) return;
    const { layout } = this;
    if (!layout) return;
    if (layout.isLong) return this.readLongRow(bytes, from, to, layout);
    this.row.fill(Number.NaN);
    const { delimiter, decimal } = layout;
    let [cell, start] = [0, from];
    for (let at = from; at <= to && cell < this.targets.length; at += 1) {
      if (at < to && bytes[at] === QUOTE) {
        at = closingQuote(bytes, at, to);
        continue;
      }
      if (at < to && bytes[at] !== delimiter) continue;
      const target = this.targets[cell] as number;
      if (target >= 0) {
        const isQuoted = bytes[start] === QUOTE && bytes[at - 1] === QUOTE;
        const [first, last] = isQuoted ? [start + 1, at - 1] : [start, at];
        this.row[target] = target === 0 ? timeAt(bytes, first, last, decimal) : numberAt(bytes, first, last, decimal);
      }
      cell += 1;
      start = at + 1;
    }
    this.keep();
  }

  private keep(): void {
    if (Number.isNaN(this.row[0])) this.note(this.line, texts.rowWithoutTime);
    else this.columns?.add(this.row);
  }

  /** One row a signal: rows of one moment are put together. */
  private readLongRow(bytes: Uint8Array, from: number, to: number, { delimiter, decimal, headers }: Layout): void {
    const cells = cellsOf(decoded(bytes.subarray(from, to)), String.fromCharCode(delimiter));
    const number = (words: string, read: typeof numberAt): number => {
      const encoded = asBytes(words);
      return read(encoded, 0, encoded.length, decimal);
    };
    const { role, unit } = headerOf(cells[this.long.name] ?? '');
    const target = CHANNELS.indexOf(role as Channel) + 1;
    if (target === 0) return;
    const at = number(cells[this.long.time] ?? '', timeAt);
    if (this.long.isOpen && at !== this.long.at) this.keep();
    if (!this.long.isOpen || at !== this.long.at) this.row.fill(Number.NaN);
    const unitCell = cells[headers.findIndex((header) => header.role === 'unit')]?.toLowerCase() ?? null;
    this.row[0] = at;
    this.row[target] =
      number(cells[this.long.value] ?? '', numberAt) * kmhOf(unit ?? headers[this.long.value]?.unit ?? unitCell);
    this.long = { ...this.long, at, isOpen: true };
  }

  /** The recording, once all chunks have been pushed. @returns the log, null where the file is none, and what was wrong. */
  end(): LogRead {
    if (!this.layout && !this.failed) this.begin();
    if (!this.failed && this.rest.includes(NEWLINE)) this.note(this.line + 1, texts.quoteNeverCloses);
    else if (!this.failed && this.rest.length > 0) {
      const last = joined([this.rest, Uint8Array.of(NEWLINE)]);
      this.rest = new Uint8Array(0);
      this.readRow(last, 0, last.length - 1);
    }
    if (this.long.isOpen) this.keep();
    const { columns, layout } = this;
    if (this.failed || !columns || !layout)
      return { log: null, problems: this.problems, preview: previewOf(this.lines) };
    if (columns.rows < 2) {
      this.note(0, texts.hasNoRows);
      return { log: null, problems: this.problems, preview: previewOf(this.lines) };
    }
    return { log: this.logOf(columns, layout), problems: this.problems, preview: previewOf(this.lines) };
  }

  private logOf(columns: Columns, layout: Layout): Log {
    const printed = layout.headers.find(({ role }) => role === 'time')?.unit ?? null;
    const { seconds, ...time } = asSeconds(columns.column(0), printed);
    const described: Partial<Record<Role, LogColumn>> = {};
    for (const { role, text, unit: speedUnit } of layout.headers)
      if (role && !described[role])
        described[role] = { header: text, ...(role === 'time' ? time : speedUnit ? { unit: speedUnit } : ASSUMED) };
    const speeds: Partial<Record<Channel, Float64Array>> = {};
    CHANNELS.forEach((channel, at) => {
      columns.scale(at + 1, this.factors[at + 1] as number);
      const column = columns.column(at + 1);
      if (column.some((speed) => !Number.isNaN(speed))) speeds[channel] = column;
    });
    return { columns: described, seconds, speeds, marks: {} };
  }
}

/** End of a row: a newline that stands in no quotes; -1 where the part ends before. */
function rowEnd(bytes: Uint8Array, from: number): number {
  const end = bytes.indexOf(NEWLINE, from);
  if (end < 0 || !bytes.subarray(from, end).includes(QUOTE)) return end;
  let isQuoted = false;
  for (let at = from; at < bytes.length; at += 1) {
    if (bytes[at] === QUOTE) isQuoted = !isQuoted;
    else if (bytes[at] === NEWLINE && !isQuoted) return at;
  }
  return -1;
}

const lineEnd = (bytes: Uint8Array, from: number): number => {
  for (let at = from; at < bytes.length; at += 1) {
    if (bytes[at] === NEWLINE) return at;
    if (bytes[at] === RETURN && bytes[at + 1] !== NEWLINE) return at;
  }
  return bytes.length;
};

function closingQuote(bytes: Uint8Array, from: number, to: number): number {
  for (let at = from + 1; at < to; at += 1) if (bytes[at] === QUOTE) return at;
  return to - 1;
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

/**
 * Reads a whole file that lies in memory.
 * @param bytes of the file. @param mapping what the owner said of its columns. @returns the log or null, and what was wrong, with line numbers.
 * @example readLog(asBytes('t,FL,FR\n0,10,10\n1,11,11\n')).log?.seconds.length // => 2
 */
export function readLog(bytes: Uint8Array, mapping: Mapping | null = null): LogRead {
  const reader = new LogReader(bytes.length, mapping);
  for (let at = 0; at < bytes.length; at += CHUNK) reader.push(bytes.subarray(at, at + CHUNK));
  return reader.end();
}
