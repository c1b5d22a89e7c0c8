import type { Columns } from './columns';
import { numberAt, POWERS } from './numbers';

const ZERO = 48;
const POINT_LESS = -1;
const MINUS = 45;
const NEWLINE = 10;
const RETURN = 13;
const QUOTE = 34;

/** So many digits fit a whole number of 32 bits. */
const WHOLE_DIGITS = 9;

/** Where a file's cells go. */
export interface Aim {
  readonly delimiter: number;
  readonly decimal: number;
  /** By cell: the column that it goes to, -1 for none; column 0 is time. */
  readonly targets: Int8Array;
}

/**
 * Reads rows that hold nothing but plain figures, as nearly all rows do, in one pass over their bytes.
 * A row with anything else in a wanted cell, a quote, or no time is left to the careful reader.
 */
export class PlainRows {
  /** Lines read so far, empty ones included. */
  lines = 0;
  /** By cell, up to the last that is wanted. */
  private readonly cells: Int8Array;
  private readonly delimiter: number;
  private readonly decimal: number;

  constructor(
    { delimiter, decimal, targets }: Aim,
    private readonly columns: Columns,
  ) {
    this.cells = targets.subarray(0, targets.findLastIndex((target) => target >= 0) + 1);
    this.delimiter = delimiter;
    /* A comma that parts the cells cannot part a figure. */
    this.decimal = decimal === delimiter ? POINT_LESS : decimal;
  }

  /**
   * @param bytes of the file. @param from first byte of a row. @param to behind the last newline of the bytes.
   * @returns first byte of the first row that was not read.
   */
  read(bytes: Uint8Array, from: number, to: number): number {
    const { columns } = this;
    let start = from;
    while (start < to) {
      const first = bytes[start] as number;
      if (first === NEWLINE || (first === RETURN && bytes[start + 1] === NEWLINE)) {
        start += first === NEWLINE ? 1 : 2;
        this.lines += 1;
        continue;
      }
      if (columns.rows === columns.room) columns.grow();
      const next = this.row(bytes, start);
      if (next < 0 || Number.isNaN((columns.data[0] as Float64Array)[columns.rows])) return start;
      columns.rows += 1;
      this.lines += 1;
      start = next;
    }
    return start;
  }

  /**
   * One row into the columns.
   * @returns first byte of the next row, -1 where this one is not plain. A cell that is not there is left empty.
   */
  private row(bytes: Uint8Array, start: number): number {
    const { cells, delimiter } = this;
    const { data, rows } = this.columns;
    const wanted = cells.length;
    let at = start;
    let cell = 0;
    let byte = delimiter;
    for (; cell < wanted && byte === delimiter; cell += 1) {
      const target = cells[cell] as number;
      at = target < 0 ? this.behind(bytes, at) : this.figure(bytes, at, data[target] as Float64Array, rows);
      if (at < 0) return -1;
      byte = bytes[at] as number;
      at += byte === RETURN ? 2 : 1;
    }
    for (; cell < wanted; cell += 1) {
      const target = cells[cell] as number;
      if (target >= 0) (data[target] as Float64Array)[rows] = Number.NaN;
    }
    return byte === delimiter ? this.toEnd(bytes, at) : at;
  }

  /**
   * One figure into a column. Every byte of a large file passes here, so that nothing is called between them and whole numbers stay whole.
   * @returns the byte that ends its cell, -1 where it is not plain.
   */
  private figure(bytes: Uint8Array, from: number, into: Float64Array, row: number): number {
    let at = from;
    let byte = bytes[at] as number;
    const isNegative = byte === MINUS;
    if (isNegative) {
      at += 1;
      byte = bytes[at] as number;
    }
    const first = at;
    let whole = 0;
    let digit = byte - ZERO;
    while (digit >>> 0 < 10) {
      whole = (whole * 10 + digit) | 0;
      at += 1;
      byte = bytes[at] as number;
      digit = byte - ZERO;
    }
    let digits = at - first;
    let behindPoint = 0;
    const hasPoint = byte === this.decimal;
    if (hasPoint) {
      at += 1;
      const point = at;
      byte = bytes[at] as number;
      digit = byte - ZERO;
      while (digit >>> 0 < 10) {
        whole = (whole * 10 + digit) | 0;
        at += 1;
        byte = bytes[at] as number;
        digit = byte - ZERO;
      }
      behindPoint = at - point;
      digits += behindPoint;
    }
    if (byte !== this.delimiter && byte !== NEWLINE && (byte !== RETURN || bytes[at + 1] !== NEWLINE)) return -1;
    if (digits > WHOLE_DIGITS) into[row] = numberAt(bytes, from, at, this.decimal);
    else if (digits > 0) into[row] = (isNegative ? -whole : whole) / (POWERS[behindPoint] as number);
    else if (isNegative || hasPoint) return -1;
    else into[row] = Number.NaN;
    return at;
  }

  /** The end of a cell that nobody wants; -1 at a quote. */
  private behind(bytes: Uint8Array, from: number): number {
    const { delimiter } = this;
    for (let at = from; ; at += 1) {
      const byte = bytes[at] as number;
      if (byte === QUOTE) return -1;
      if (byte === delimiter || byte === NEWLINE || (byte === RETURN && bytes[at + 1] === NEWLINE)) return at;
    }
  }

  /** Passes over cells that nobody wants, up to the next row; -1 at a quote. */
  private toEnd(bytes: Uint8Array, from: number): number {
    for (let at = from; ; at += 1) {
      const byte = bytes[at] as number;
      if (byte === QUOTE) return -1;
      if (byte === NEWLINE) return at + 1;
    }
  }
}
