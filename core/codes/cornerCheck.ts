import type { Channel } from '../casefile/words';
import { CORNER_OF } from '../vehicle/channels';

/** One wheel spun by hand, and the name under which the reader showed its speed. */
export interface Spin {
  readonly spun: Channel;
  /** The reader's name as a channel; null when no number moved at all. */
  readonly shown: Channel | null;
}

/** What the reader's names really mean. */
export interface NameMap {
  /** For each name that the reader shows, the corner that it is; null where it cannot be told yet. */
  readonly meaning: ReadonlyMap<Channel, Channel | null>;
  /** How the names are mixed up; `true-names` when they are right. */
  readonly pattern: 'true-names' | 'sides-crossed' | 'ends-crossed' | 'turned-round' | 'own' | 'open';
  /** The wheel to be spun next, null when all names are settled. */
  readonly next: Channel | null;
  /** Names shown for two different wheels: one of the spins was read wrongly, or a mend has joined them. */
  readonly doubled: readonly Channel[];
}

type Pattern = 'true-names' | 'sides-crossed' | 'ends-crossed' | 'turned-round';

const flipSide = (channel: Channel): Channel => {
  const { end, side } = CORNER_OF[channel];
  return side === null ? channel : `${end}-${side === 'left' ? 'right' : 'left'}`;
};
const flipEnd = (channel: Channel): Channel => {
  const { end, side } = CORNER_OF[channel];
  return side === null ? channel : `${end === 'front' ? 'rear' : 'front'}-${side}`;
};

/** The ways in which readers and menders mix names up as a whole, the usual first. */
const PATTERNS: readonly (readonly [Pattern, (channel: Channel) => Channel])[] = [
  ['true-names', (channel) => channel],
  ['sides-crossed', flipSide],
  ['ends-crossed', flipEnd],
  ['turned-round', (channel) => flipEnd(flipSide(channel))],
];

function fits(spins: readonly Spin[], rule: (channel: Channel) => Channel, channels: readonly Channel[]): boolean {
  return spins.every(({ spun, shown }) => shown === null || (channels.includes(rule(spun)) && rule(spun) === shown));
}

/** Two agreeing spins settle a pattern when they are of both axles: names are seldom right on one and wrong on the other without a reason. */
function settledPattern(spins: readonly Spin[], channels: readonly Channel[]): Pattern | null {
  const entry = spins.filter((spin) => spin.shown !== null);
  const axles = new Set(entry.map((spin) => CORNER_OF[spin.spun].end));
  const needed = new Set(channels.map((channel) => CORNER_OF[channel].end)).size;
  const left = PATTERNS.filter(([, rule]) => fits(entry, rule, channels));
  return axles.size === needed && entry.length >= 2 ? (left[0]?.[0] ?? null) : null;
}

function meaningsFrom(spins: readonly Spin[], channels: readonly Channel[]): Map<Channel, Channel | null> {
  const meaning = new Map<Channel, Channel | null>(channels.map((channel) => [channel, null]));
  for (const { spun, shown } of spins) if (shown !== null) meaning.set(shown, spun);
  const openNames = channels.filter((channel) => meaning.get(channel) === null);
  const openWheels = channels.filter((channel) => ![...meaning.values()].includes(channel));
  const [name, wheel] = [openNames[0], openWheels[0]];
  if (openNames.length === 1 && openWheels.length === 1 && name && wheel) meaning.set(name, wheel);
  return meaning;
}

/**
 * Works out which corner each of the reader's names really is, from as few hand-spun wheels as will do.
 * @param spins in the order made; a wheel spun again outranks its earlier spin. @param channels the car's channels.
 * @returns the meaning of each name, the pattern of the mix-up, and the wheel to spin next.
 * @example cornerNames([{ spun: 'front-left', shown: 'front-right' }, { spun: 'rear-left', shown: 'rear-right' }], ['front-left', 'front-right', 'rear-left', 'rear-right']).pattern // => "sides-crossed"
 */
export function cornerNames(spins: readonly Spin[], channels: readonly Channel[]): NameMap {
  const latest = [...new Map(spins.map((spin) => [spin.spun, spin])).values()];
  const shown = latest.flatMap((spin) => (spin.shown === null ? [] : [spin.shown]));
  const doubled = [...new Set(shown.filter((channel, index) => shown.indexOf(channel) !== index))];
  const pattern = doubled.length === 0 ? settledPattern(latest, channels) : null;
  const rule = PATTERNS.find(([name]) => name === pattern)?.[1];
  const meaning = rule
    ? new Map<Channel, Channel | null>(channels.map((name) => [name, rule(name)]))
    : meaningsFrom(
        latest.filter((spin) => spin.shown === null || !doubled.includes(spin.shown)),
        channels,
      );
  const isSettled = [...meaning.values()].every((channel) => channel !== null);
  const spunAlready = new Set(
    latest.filter((spin) => spin.shown !== null && !doubled.includes(spin.shown)).map((spin) => spin.spun),
  );
  return {
    meaning,
    pattern: pattern ?? (isSettled ? 'own' : 'open'),
    next: isSettled ? null : nextWheel(latest, spunAlready, channels),
    doubled,
  };
}

/** The wheel that tells most: one on another axle and side than those known already, a doubled one again. */
function nextWheel(spins: readonly Spin[], known: ReadonlySet<Channel>, channels: readonly Channel[]): Channel | null {
  const open = channels.filter((channel) => !known.has(channel));
  const ends = new Set([...known].map((channel) => CORNER_OF[channel].end));
  const silent = new Set(spins.filter((spin) => spin.shown === null).map((spin) => spin.spun));
  const ranked = [...open].sort(
    (a, b) =>
      Number(silent.has(a)) - Number(silent.has(b)) ||
      Number(ends.has(CORNER_OF[a].end)) - Number(ends.has(CORNER_OF[b].end)),
  );
  return ranked[0] ?? null;
}
