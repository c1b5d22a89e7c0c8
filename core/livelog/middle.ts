/** A few values that come and go, kept in order: their middle is asked for at every reading, so that nothing is allocated. */
export class Middle {
  private readonly sorted: Float64Array;
  many = 0;

  /** @param most values held at once. */
  constructor(most: number) {
    this.sorted = new Float64Array(most);
  }

  clear(): void {
    this.many = 0;
  }

  /** @param value anything; NaN is left out. */
  add(value: number): void {
    if (Number.isNaN(value)) return;
    const { sorted } = this;
    let at = this.many;
    for (; at > 0 && (sorted[at - 1] as number) > value; at -= 1) sorted[at] = sorted[at - 1] as number;
    sorted[at] = value;
    this.many += 1;
  }

  /** @param value of those that were added; another is none of them. */
  remove(value: number): void {
    const { sorted, many } = this;
    let at = 0;
    while (at < many && (sorted[at] as number) < value) at += 1;
    if (at === many || sorted[at] !== value) return;
    for (; at < many - 1; at += 1) sorted[at] = sorted[at + 1] as number;
    this.many -= 1;
  }

  /** The middle value, of an even number the mean of both; NaN for none. */
  get value(): number {
    const { sorted, many } = this;
    const half = many >> 1;
    if (many === 0) return Number.NaN;
    return many % 2 === 1 ? (sorted[half] as number) : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
  }

  /** The largest; NaN for none. */
  get largest(): number {
    return this.many > 0 ? (this.sorted[this.many - 1] as number) : Number.NaN;
  }
}
