import type { Timer } from '../../core/diagnostics/link';

/** Time that stands still until it is told to go on: for trying what waits, without waiting. */
export class FakeTimer implements Timer {
  private at = 0;
  readonly now = (): number => this.at;
  private due: { readonly at: number; readonly call: () => void }[] = [];

  after(ms: number, call: () => void): () => void {
    const entry = { at: this.at + ms, call };
    this.due.push(entry);
    return () => (this.due = this.due.filter((waiting) => waiting !== entry));
  }

  /** Lets everything that is due happen, in order, what it sets off included. @param mostMs how far at most. */
  async run(mostMs = 600_000): Promise<void> {
    const end = this.at + mostMs;
    for (;;) {
      await Promise.resolve();
      await Promise.resolve();
      const next = [...this.due].sort((a, b) => a.at - b.at)[0];
      if (!next || next.at > end) return;
      this.at = next.at;
      this.due = this.due.filter((waiting) => waiting !== next);
      next.call();
      for (let turn = 0; turn < 12; turn += 1) await Promise.resolve();
    }
  }
}
