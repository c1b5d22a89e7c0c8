import type { Columns } from './columns';
import { EXACT_DIGITS, POWERS } from './numbers';

const ZERO = 48;
const POINT_LESS = -1;
const MINUS = 45;
const NEWLINE = 10;
const RETURN = 13;
const QUOTE = 34;

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
   * One row into the columns. Every byte of a large file passes here, so that nothing is called and nothing kept between them.
   * @returns first byte of the next row, -1 where this one is not plain. A cell that is not there is left empty.
   */
  private row(bytes: Uint8Array, start: number): number {
    const { cells, delimiter, decimal } = this;
    const { data, rows } = this.columns;
    let at = start;
    let cell = 0;
    let byte = delimiter;
    for (; cell < cells.length && byte === delimiter; cell += 1) {
      const target = cells[cell] as number;
      if (target < 0) {
        at = this.behind(bytes, at);
        if (at < 0) return -1;
        byte = bytes[at] as number;
      } else {
        const isNegative = bytes[at] === MINUS;
        if (isNegative) at += 1;
        const first = at;
        byte = bytes[at] as number;
        let mantissa = 0;
        let digit = byte - ZERO;
        while (digit >= 0 && digit <= 9) {
          mantissa = mantissa * 10 + digit;
          at += 1;
          byte = bytes[at] as number;
          digit = byte - ZERO;
        }
        let digits = at - first;
        if (byte === decimal) {
          at += 1;
          const point = at;
          byte = bytes[at] as number;
          digit = byte - ZERO;
          while (digit >= 0 && digit <= 9) {
            mantissa = mantissa * 10 + digit;
            at += 1;
            byte = bytes[at] as number;
            digit = byte - ZERO;
          }
          digits += at - point;
          if (digits === 0) return -1;
          mantissa /= POWERS[at - point] as number;
        } else if (digits === 0) {
          if (isNegative) return -1;
          mantissa = Number.NaN;
        }
        if (digits > EXACT_DIGITS) return -1;
        (data[target] as Float64Array)[rows] = isNegative ? -mantissa : mantissa;
      }
      if (byte === delimiter || byte === NEWLINE) at += 1;
      else if (byte === RETURN && bytes[at + 1] === NEWLINE) at += 2;
      else return -1;
    }
    for (; cell < cells.length; cell += 1) {
      const target = cells[cell] as number;
      if (target >= 0) (data[target] as Float64Array)[rows] = Number.NaN;
    }
    return byte === delimiter ? this.toEnd(bytes, at) : at;
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
