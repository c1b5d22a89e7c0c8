import type { Columns } from './columns';
import { EXACT_DIGITS, POWERS } from './numbers';

const ZERO = 48;
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
  private at = 0;

  /** By cell, up to the last that is wanted. */
  private readonly cells: Int8Array;

  constructor(
    private readonly aim: Aim,
    private readonly columns: Columns,
  ) {
    this.cells = aim.targets.subarray(0, aim.targets.findLastIndex((target) => target >= 0) + 1);
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
      if (!this.row(bytes, start)) return start;
      columns.rows += 1;
      this.lines += 1;
      start = this.at;
    }
    return start;
  }

  /** One row into the columns; false where it is not plain. A cell that is not there is left empty. */
  private row(bytes: Uint8Array, start: number): boolean {
    const { columns, cells } = this;
    const { data, rows } = columns;
    const { delimiter } = this.aim;
    this.at = start;
    let cell = 0;
    let end = delimiter;
    for (; cell < cells.length && end === delimiter; cell += 1) {
      const target = cells[cell] as number;
      if (target < 0) this.skip(bytes);
      else (data[target] as Float64Array)[rows] = this.figure(bytes);
      if (this.at < 0) return false;
      end = bytes[this.at] as number;
      this.at += end === RETURN ? 2 : 1;
    }
    for (; cell < cells.length; cell += 1) {
      const target = cells[cell] as number;
      if (target >= 0) (data[target] as Float64Array)[rows] = Number.NaN;
    }
    if (end === delimiter && !this.toEnd(bytes)) return false;
    return !Number.isNaN((data[0] as Float64Array)[rows]);
  }

  /** Passes over cells that nobody wants, up to the end of the row. */
  private toEnd(bytes: Uint8Array): boolean {
    for (let end = this.aim.delimiter; end === this.aim.delimiter;) {
      this.skip(bytes);
      if (this.at < 0) return false;
      end = bytes[this.at] as number;
      this.at += end === RETURN ? 2 : 1;
    }
    return true;
  }

  /** Leaves a cell out; at a quote the place is -1. */
  private skip(bytes: Uint8Array): void {
    const { delimiter } = this.aim;
    let at = this.at;
    let byte = bytes[at] as number;
    while (byte !== delimiter && byte !== NEWLINE && !(byte === RETURN && bytes[at + 1] === NEWLINE)) {
      if (byte === QUOTE) {
        this.at = -1;
        return;
      }
      at += 1;
      byte = bytes[at] as number;
    }
    this.at = at;
  }

  /** A plain figure, NaN for nothing, up to the end of its cell; for anything else the place is -1. */
  private figure(bytes: Uint8Array): number {
    const start = this.at;
    const { delimiter, decimal } = this.aim;
    const isNegative = bytes[start] === MINUS;
    let at = isNegative ? start + 1 : start;
    let byte = bytes[at] as number;
    let mantissa = 0;
    let point = -1;
    for (;;) {
      const digit = byte - ZERO;
      if (digit >= 0 && digit <= 9) mantissa = mantissa * 10 + digit;
      else if (byte === decimal && point < 0 && byte !== delimiter) point = at;
      else break;
      at += 1;
      byte = bytes[at] as number;
    }
    const digits = at - start - (isNegative ? 1 : 0) - (point < 0 ? 0 : 1);
    const isEnd = byte === delimiter || byte === NEWLINE || (byte === RETURN && bytes[at + 1] === NEWLINE);
    if (!isEnd || digits > EXACT_DIGITS || (digits === 0 && at > start)) {
      this.at = -1;
      return Number.NaN;
    }
    this.at = at;
    if (digits === 0) return Number.NaN;
    const value = point < 0 ? mantissa : mantissa / (POWERS[at - point - 1] as number);
    return isNegative ? -value : value;
  }
}
