import type { Channel } from '../casefile/words';
import type { When } from './log';
import { bendFor, type Series } from './series';

/** Fewer events say nothing of when they happen. */
const FEWEST_EVENTS = 5;
/** Drives alone would have it so once in a hundred recordings. */
const BY_CHANCE = 0.01;
/** Most of the events, or the circumstance is no more than a part of the story. */
const MOST = 0.7;
/** A drive warms wires and sensors up in its first minutes, seconds (trade experience). */
const COLD_FOR = 300;
/** A bump shakes what hangs loose for about so long, seconds. */
const SHAKEN_FOR = 1.5;

type Test = (row: number) => boolean;

/**
 * Chance of at least so many of so many, each with this chance: the binomial tail.
 * @example atLeast(2, 2, 0.5) // => 0.25
 */
export function atLeast(many: number, of: number, chance: number): number {
  if (chance <= 0) return many > 0 ? 0 : 1;
  if (chance >= 1) return 1;
  let term = (1 - chance) ** of;
  let below = 0;
  for (let k = 0; k < many; k += 1) {
    below += term;
    term *= ((of - k) / (k + 1)) * (chance / (1 - chance));
  }
  return Math.max(0, 1 - below);
}

/** Moments within a while after one of some marks. */
function after(marks: readonly number[], seconds: Float64Array, lasting: number): Test {
  let at = 0;
  return (row) => {
    const now = seconds[row] as number;
    while (at < marks.length - 1 && (marks[at + 1] as number) <= now) at += 1;
    const mark = marks[at];
    return mark !== undefined && mark <= now && now - mark <= lasting;
  };
}

/** Counts under what circumstances something happens, beside how much of the drive they make up. */
export class Circumstances {
  private readonly tests: readonly (readonly [When, Test])[];
  private readonly drive: Float64Array;
  private readonly events: Float64Array;
  private passes = 0;
  private many = 0;

  constructor(channel: Channel, series: Series) {
    const { seconds, marks } = series;
    const bend = bendFor(channel, series);
    const isLong = (seconds.at(-1) ?? 0) > 2 * COLD_FOR;
    this.tests = [
      ['in-left-bends', (row) => bend(row) === -1],
      ['in-right-bends', (row) => bend(row) === 1],
      ['in-bends', (row) => bend(row) !== 0],
      ['after-bumps', after(marks.bump ?? [], seconds, SHAKEN_FOR)],
      ['when-braking', after(marks.brake ?? [], seconds, 2 * SHAKEN_FOR)],
      ...(isLong
        ? ([
            ['when-cold', (row: number) => (seconds[row] as number) < COLD_FOR],
            ['when-warm', (row: number) => (seconds[row] as number) >= COLD_FOR],
          ] as const)
        : []),
    ];
    this.drive = new Float64Array(this.tests.length);
    this.events = new Float64Array(this.tests.length);
  }

  /** A moment of the drive at which it could have happened. */
  passed(row: number): void {
    this.passes += 1;
    for (let at = 0; at < this.tests.length; at += 1)
      if (this.tests[at]?.[1](row)) this.drive[at] = (this.drive[at] as number) + 1;
  }

  /** It happened. */
  happened(row: number): void {
    this.many += 1;
    for (let at = 0; at < this.tests.length; at += 1)
      if (this.tests[at]?.[1](row)) this.events[at] = (this.events[at] as number) + 1;
  }

  /** The circumstance that most of the events share and that chance does not explain; null for none. */
  found(): When | null {
    if (this.many < FEWEST_EVENTS) return null;
    let best: { when: When; chance: number } | null = null;
    this.tests.forEach(([when], at) => {
      const events = this.events[at] as number;
      const chance = atLeast(events, this.many, (this.drive[at] as number) / this.passes);
      if (events >= MOST * this.many && chance < BY_CHANCE && chance < (best?.chance ?? 1)) best = { when, chance };
    });
    return (best as { when: When } | null)?.when ?? null;
  }
}
