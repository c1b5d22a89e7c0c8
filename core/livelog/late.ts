import type { LogFinding } from './log';
import { STEP, SURELY_MOVING, sure } from './measures';
import type { Readings } from './readings';

/** Up to here a wheel may begin to answer late, km/h; beyond, silence is a drop-out. */
const LATEST = 45;
const FROM = 2;
/** Boxes of the road's speed, km/h. */
const BOX = 0.25;

/** Silent and answering readings by the road's speed. */
class BySpeed {
  private readonly boxes = Math.ceil((LATEST - FROM) / BOX);
  readonly silent = new Uint32Array(this.boxes);
  readonly answering = new Uint32Array(this.boxes);
  readonly first = new Float64Array(this.boxes).fill(Infinity);
  readonly last = new Float64Array(this.boxes).fill(-Infinity);
  answersAbove = 0;

  constructor({ count, at, own, expected }: Readings) {
    for (let index = 0; index < count; index += 1) {
      const speed = own[index] as number;
      const should = expected[index] as number;
      if (should > FROM && should < LATEST) this.add(Math.floor((should - FROM) / BOX), speed, at[index] as number);
      else if (should >= LATEST && speed > STEP) this.answersAbove += 1;
    }
  }

  private add(box: number, speed: number, at: number): void {
    const counts = speed < STEP ? this.silent : this.answering;
    counts[box] = (counts[box] as number) + 1;
    if (at < (this.first[box] as number)) this.first[box] = at;
    if (at > (this.last[box] as number)) this.last[box] = at;
  }

  /** The speed below which it is silent and above which it answers, with the fewest readings against it. */
  limit(): { readonly boxes: number; readonly wrong: number } {
    let silentAbove = this.silent.reduce((sum, count) => sum + count, 0);
    let answersBelow = 0;
    let best = { boxes: 0, wrong: silentAbove };
    for (let box = 0; box < this.boxes; box += 1) {
      silentAbove -= this.silent[box] as number;
      answersBelow += this.answering[box] as number;
      if (silentAbove + answersBelow < best.wrong) best = { boxes: box + 1, wrong: silentAbove + answersBelow };
    }
    return best;
  }
}

/** Silent readings, and answering ones, that make it more than chance. */
const FEWEST = 5;

/** Whether it is silent in enough readings of a moving car to say more: most wheels never are. */
function isEverSilent({ own, expected, odd }: Readings): boolean {
  let silent = 0;
  for (const index of odd) if ((own[index] as number) < STEP && (expected[index] as number) > FROM) silent += 1;
  return silent >= FEWEST;
}

const sum = (counts: Uint32Array, from: number, to: number): number =>
  counts.subarray(from, to).reduce((all, count) => all + count, 0);

/**
 * Shows nothing up to some speed, and follows above it. @returns null where it answers from the start, or never.
 * @example late(FOLLOWING) // => null
 */
export function late(readings: Readings): LogFinding | null {
  if (!isEverSilent(readings)) return null;
  const by = new BySpeed(readings);
  const { boxes, wrong } = by.limit();
  const speed = FROM + boxes * BOX;
  const below = sum(by.silent, 0, boxes) + sum(by.answering, 0, boxes);
  const above = sum(by.answering, boxes + Math.ceil(2 / BOX), by.answering.length) + by.answersAbove;
  if (speed < SURELY_MOVING || below < FEWEST || wrong > 0.1 * below || above < FEWEST) return null;
  return {
    channel: readings.channel,
    finding: 'cuts-in-late',
    from: Math.min(...by.first.subarray(0, boxes)),
    to: Math.max(...by.last.subarray(0, boxes)),
    strength: Math.min(1, speed / LATEST),
    confidence: sure(below / 2),
    speed: Math.round(speed),
  };
}
