import type { Channel } from '../casefile/words';
import type { Mark } from './log';

/** One moment of what a reader shows: seconds since the start, a speed a channel, null where none came. */
export interface Moment {
  readonly second: number;
  readonly speeds: readonly (number | null)[];
}

/** What is being written down while the speeds are watched. */
export interface Watched {
  readonly channels: readonly Channel[];
  readonly moments: readonly Moment[];
  readonly marks: Readonly<Partial<Record<Mark, readonly number[]>>>;
}

/** How far back a curve reaches, seconds. */
export const SHOWN_SECONDS = 30;

const latest = ({ moments }: Watched): number => moments.at(-1)?.second ?? 0;

/**
 * The last half minute of one channel, as points from 0 (then) to 1 (now). @returns speeds of null are left out.
 * @example lastOf(WATCHED, 3).map(({ kmh }) => kmh) // => [0,2,4,6]
 */
export function lastOf(watched: Watched, at: number): readonly { readonly x: number; readonly kmh: number }[] {
  const now = latest(watched);
  const first = watched.moments.findLastIndex(({ second }) => now - second > SHOWN_SECONDS) + 1;
  return watched.moments.slice(first).flatMap(({ second, speeds }) => {
    const kmh = speeds[at];
    const x = 1 - (now - second) / SHOWN_SECONDS;
    return x >= 0 && kmh !== null && kmh !== undefined ? [{ x, kmh }] : [];
  });
}

const middle = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[values.length >> 1] ?? Number.NaN;

/**
 * What a wheel should read by the others at the last moment; NaN where nobody knows.
 * @example expectedNow(DRIVEN, 1) // => 30
 */
export function expectedNow({ moments }: Watched, at: number): number {
  const speeds = moments.at(-1)?.speeds ?? [];
  return middle(speeds.flatMap((kmh, other) => (other === at || kmh === null ? [] : [kmh])));
}

/** A wheel answers by hand from here on, km/h. */
const ANSWERS = 0.3;

/** What a spin showed: which channels answered, and the lowest speed that they showed. */
export interface Spun {
  readonly channel: Channel;
  readonly lowest: number;
  readonly highest: number;
}

/**
 * Channels that answered since a moment. @param from seconds. @returns those that showed more than nothing, the strongest first.
 * @example answeredSince(WATCHED, 0) // => [{"channel":"rear-right","lowest":2,"highest":6}]
 */
export function answeredSince({ channels, moments }: Watched, from: number): readonly Spun[] {
  return channels
    .flatMap((channel, at): readonly Spun[] => {
      const shown = moments.flatMap(({ second, speeds }) => {
        const kmh = speeds[at] ?? 0;
        return second >= from && kmh > ANSWERS ? [kmh] : [];
      });
      return shown.length < 2 ? [] : [{ channel, lowest: Math.min(...shown), highest: Math.max(...shown) }];
    })
    .toSorted((first, second) => second.highest - first.highest);
}

/** Below this share of what it was, a speed has jumped. */
const JUMPED = 0.6;
const BEFORE_SECONDS = 1.5;
const LEAST_KMH = 2;

/**
 * The last moment at which a channel's speed jumped down from what it had been. @returns seconds; null for none since then.
 * @example jumpSince({ ...WATCHED, moments: [9, 9, 9, 9, 1].map((kmh, at) => ({ second: at / 4, speeds: [kmh, 0, 0, 0] })) }, 'front-left', 0) // => 1
 */
export function jumpSince({ channels, moments }: Watched, channel: Channel, from: number): number | null {
  const at = channels.indexOf(channel);
  for (let index = moments.length - 1; index > 0; index -= 1) {
    const { second, speeds } = moments[index] as Moment;
    if (second < from) return null;
    const before = moments
      .slice(Math.max(0, index - 60), index)
      .flatMap((moment) => (second - moment.second <= BEFORE_SECONDS ? [moment.speeds[at] ?? 0] : []));
    const usual = middle(before);
    if (before.length >= 4 && usual > LEAST_KMH && (speeds[at] ?? 0) < JUMPED * usual) return second;
  }
  return null;
}

/**
 * What was watched as a table that can be kept and read again (RFC 4180). @param head of the columns, time first.
 * @example asCsv(DRIVEN, ['s', 'FL', 'FR', 'RL', 'RR']) // => "s,FL,FR,RL,RR\n0.000,30.00,0.00,30.00,31.00\n"
 */
export function asCsv({ channels, moments }: Watched, head: readonly string[]): string {
  const rows = moments.map(({ second, speeds }) =>
    [second.toFixed(3), ...channels.map((_, at) => speeds[at]?.toFixed(2) ?? '')].join(','),
  );
  return `${[head.join(','), ...rows].join('\n')}\n`;
}

/** The car surely moves from here on, km/h. */
const MOVING_KMH = 8;

/**
 * Channels that show nothing while the others surely turn. @returns null while the car stands.
 * @example silentNow(DRIVEN) // => ["front-right"]
 * @example silentNow(WATCHED) // => null
 */
export function silentNow(watched: Watched): readonly Channel[] | null {
  const speeds = watched.moments.at(-1)?.speeds ?? [];
  if (!speeds.some((kmh) => (kmh ?? 0) > MOVING_KMH)) return null;
  return watched.channels.filter((_, at) => (speeds[at] ?? 0) < 1 && expectedNow(watched, at) > MOVING_KMH);
}

/** So much off, km/h, or a third of the speed, and a wheel stands out. */
const OFF_KMH = 4;

/**
 * Whether a channel stands out just now from what the others say of it.
 * @example standsOut(DRIVEN, 1) // => true
 */
export function standsOut(watched: Watched, at: number): boolean {
  const kmh = watched.moments.at(-1)?.speeds[at] ?? null;
  const should = expectedNow(watched, at);
  return kmh !== null && should > MOVING_KMH && Math.abs(kmh - should) > Math.max(OFF_KMH, should / 3);
}
