/** Columns of numbers that grow as rows come; room for the expected rows is taken once. */
export class Columns {
  private room: number;
  private readonly data: Float64Array[];
  rows = 0;

  /** @param width how many columns. @param expected rows, a guess; more may come. */
  constructor(
    private readonly width: number,
    expected: number,
  ) {
    this.room = Math.max(1024, Math.ceil(expected));
    this.data = Array.from({ length: width }, () => new Float64Array(this.room));
  }

  /** Adds a row. @param row one number a column. */
  add(row: Float64Array): void {
    if (this.rows === this.room) this.grow();
    for (let at = 0; at < this.width; at += 1) (this.data[at] as Float64Array)[this.rows] = row[at] as number;
    this.rows += 1;
  }

  private grow(): void {
    this.room = Math.ceil(this.room * 1.5);
    this.data.forEach((column, at) => {
      const larger = new Float64Array(this.room);
      larger.set(column);
      this.data[at] = larger;
    });
  }

  /** What has been added of a column. */
  column(at: number): Float64Array {
    return (this.data[at] ?? new Float64Array()).subarray(0, this.rows);
  }
}
