import { CHANNELS, type Channel } from '../../core/casefile/words';

/** What is wrong with a wheel of a simulated recording. */
export interface Wrong {
  readonly channel: Channel;
  readonly kind: 'zero' | 'late' | 'drops' | 'fast' | 'slow' | 'noise' | 'ring' | 'stuck';
  /** Height of the fault as a share, or the speed from which it answers. */
  readonly size: number;
  /** Share of a turn that is bad. */
  readonly share?: number;
}

export interface Drive {
  readonly seed: number;
  readonly seconds: number;
  readonly hertz: number;
  /** Smallest step that the reader shows, km/h. */
  readonly step: number;
  /** Channels are asked one after another. */
  readonly isPolled: boolean;
  readonly wrong: readonly Wrong[];
}

/** Mulberry32: a small generator of numbers from 0 to 1 that repeats for its seed. */
export function chances(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

const WHEELS = CHANNELS.filter((channel) => channel !== 'rear-axle');
const TRACK_M = 1.5;

/** The road: from standing to 60 km/h and back, slow parts, bends to both sides. */
const roadAt = (second: number, seconds: number): { speed: number; turnRate: number } => {
  const part = second / seconds;
  const speed =
    part < 0.06
      ? 0
      : part < 0.5
        ? 28 * Math.sin(((part - 0.06) / 0.44) * Math.PI) ** 0.6 + 4
        : part < 0.94
          ? 58 * Math.sin(((part - 0.5) / 0.44) * Math.PI) ** 0.5 + 4
          : 0;
  const turnRate = 0.18 * Math.sin(second / 5.3) * (Math.sin(second / 17) > 0.2 ? 1 : 0);
  return { speed, turnRate: speed > 12 ? turnRate : 0 };
};

function spoilt(speed: number, wrong: Wrong | undefined, turns: number, random: () => number): number {
  if (!wrong) return speed;
  const { kind, size, share = 0.12 } = wrong;
  const isBad = ((turns % 1) + 1) % 1 < share;
  if (kind === 'zero') return 0;
  if (kind === 'stuck') return size;
  if (kind === 'late') return speed < size ? 0 : speed;
  if (kind === 'fast') return speed * (1 + size);
  if (kind === 'slow') return speed * (1 - size);
  if (kind === 'noise') return Math.max(0, speed + (random() - 0.5) * 4 * size);
  if (kind === 'drops') return speed > 3 && random() < size ? 0 : speed;
  return speed * (isBad ? 1 - size : 1 + (size * share) / (1 - share));
}

/** A recording as a reader would export it. */
export function simulated(drive: Drive): string {
  const random = chances(drive.seed);
  const turnM = 1.8 + 0.3 * random();
  const lines = [`Time (s),${WHEELS.map((channel) => `Wheel speed ${channel.replace('-', ' ')} (km/h)`).join(',')}`];
  const turns = Float64Array.from(WHEELS, () => random());
  const sides = WHEELS.map((channel) => (channel.endsWith('left') ? -1 : 1));
  const trueSpeeds = new Float64Array(WHEELS.length);
  const fine = Math.min(0.02, 1 / drive.hertz / 4);
  let next = 0;
  let asked = 0;
  for (let second = 0; second < drive.seconds; second += fine) {
    const { speed, turnRate } = roadAt(second, drive.seconds);
    for (let at = 0; at < sides.length; at += 1) {
      trueSpeeds[at] = Math.max(0, speed + (sides[at] as number) * turnRate * (TRACK_M / 2) * 3.6);
      turns[at] = (turns[at] as number) + ((trueSpeeds[at] as number) / 3.6) * (fine / turnM);
    }
    if (second < next) continue;
    next += (1 / drive.hertz) * (0.95 + 0.1 * random());
    const shown = WHEELS.map((channel, at) => {
      const wrong = drive.wrong.find((fault) => fault.channel === channel);
      const noise = (random() + random() + random() - 1.5) * 0.25 * Math.min(1, speed / 5);
      const seen = Math.max(
        0,
        spoilt(trueSpeeds[at] ?? 0, wrong, turns[at] ?? 0, random) +
          (wrong?.kind === 'zero' || wrong?.kind === 'stuck' ? 0 : noise),
      );
      const stepped = Math.round(seen / drive.step) * drive.step;
      return drive.isPolled && asked % WHEELS.length !== at ? '' : String(Number(stepped.toFixed(3)));
    });
    asked += 1;
    lines.push(`${second.toFixed(3)},${shown.join(',')}`);
  }
  return `${lines.join('\n')}\n`;
}
