/** Columns of numbers that grow as rows come; room for the expected rows is taken once, and only for the columns that are filled. */
export class Columns {
  /** Rows that there is room for. */
  room: number;
  /** By column; null for one that is not filled. */
  readonly data: (Float64Array | null)[];
  rows = 0;

  /** @param used which columns are filled. @param expected rows, a guess; more may come. */
  constructor(used: readonly boolean[], expected: number) {
    this.room = Math.max(1024, Math.ceil(expected));
    this.data = used.map((isUsed) => (isUsed ? new Float64Array(this.room) : null));
  }

  /** Begins a row: nothing stands in it yet. */
  open(): void {
    if (this.rows === this.room) this.grow();
    for (const column of this.data) if (column) column[this.rows] = Number.NaN;
  }

  /** Sets a cell of the row that was begun. */
  set(column: number, value: number): void {
    const into = this.data[column];
    if (into) into[this.rows] = value;
  }

  /** The row that was begun counts. */
  close(): void {
    this.rows += 1;
  }

  /** Adds a row. @param row one number a column. */
  add(row: Float64Array): void {
    this.open();
    row.forEach((value, column) => this.set(column, value));
    this.close();
  }

  /** Makes room for half as many rows again. */
  grow(): void {
    this.room = Math.ceil(this.room * 1.5);
    this.data.forEach((column, at) => {
      if (!column) return;
      const larger = new Float64Array(this.room);
      larger.set(column);
      this.data[at] = larger;
    });
  }

  /** Multiplies a column, such as miles to kilometres. */
  scale(at: number, factor: number): void {
    const column = this.column(at);
    if (factor !== 1) for (let row = 0; row < column.length; row += 1) column[row] = (column[row] as number) * factor;
  }

  /** What has been added of a column; empty for one that is not filled. */
  column(at: number): Float64Array {
    return (this.data[at] ?? new Float64Array()).subarray(0, this.rows);
  }
}
