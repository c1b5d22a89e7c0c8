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
  /** Whether a wheel has answered under another name and not every wheel has been spun yet. */
  readonly isOpen: boolean;
  /** Wheels that answered when they were spun, under whatever name. */
  readonly answered: readonly Channel[];
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

/** Whether every wheel has been spun: only then is a code moved from the wheel that the reader names. */
function isComplete(spins: readonly Spin[], channels: readonly Channel[]): boolean {
  return channels.every((channel) => spins.some((spin) => spin.spun === channel));
}

/** Two wheels of both axles that answer under their own names settle that the names are right: nothing is moved then. */
function areTrueNames(answered: readonly Spin[], channels: readonly Channel[]): boolean {
  const axles = new Set(answered.map((spin) => CORNER_OF[spin.spun].end));
  const needed = new Set(channels.map((channel) => CORNER_OF[channel].end)).size;
  return answered.length >= 2 && axles.size === needed && fits(answered, (channel) => channel, channels);
}

/** The way in which the names are mixed up as a whole, once every wheel has been spun; a wheel that stayed silent agrees with any. */
function settledPattern(spins: readonly Spin[], channels: readonly Channel[]): Pattern | null {
  const answered = spins.filter((spin) => spin.shown !== null);
  if (areTrueNames(answered, channels)) return 'true-names';
  if (!isComplete(spins, channels) || answered.length < 2) return null;
  return PATTERNS.find(([, rule]) => fits(answered, rule, channels))?.[0] ?? null;
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
 * Works out which corner each of the reader's names really is. A mix-up is only believed once every wheel has been spun.
 * @param spins in the order made; a wheel spun again outranks its earlier spin. @param channels the car's channels.
 * @returns the meaning of each name, the pattern of the mix-up, and the wheel to spin next.
 * @example cornerNames([{ spun: 'front-left', shown: 'front-right' }], ['front-left', 'front-right']).next // => "front-right"
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
  const isKnown = [...meaning.values()].every((channel) => channel !== null);
  const isCrossed = latest.some((spin) => spin.shown !== null && spin.shown !== spin.spun);
  const isSettled = pattern !== null || (isKnown && isComplete(latest, channels) && doubled.length === 0);
  const spunAlready = new Set(
    latest.filter((spin) => spin.shown !== null && !doubled.includes(spin.shown)).map((spin) => spin.spun),
  );
  return {
    meaning,
    pattern: pattern ?? (isSettled ? 'own' : 'open'),
    next: isSettled ? null : nextWheel(latest, spunAlready, channels),
    isOpen: isCrossed && !isSettled,
    answered: latest.filter((spin) => spin.shown !== null).map((spin) => spin.spun),
    doubled,
  };
}

/** The wheel that tells most: one on another axle and side than those known already, a doubled one again. */
function nextWheel(spins: readonly Spin[], known: ReadonlySet<Channel>, channels: readonly Channel[]): Channel | null {
  const silentBefore = (channel: Channel): boolean =>
    spins.some((spin) => spin.spun === channel && spin.shown === null);
  const open = channels.filter((channel) => !known.has(channel));
  if (open.length > 0 && open.every(silentBefore)) return null;
  const ends = new Set([...known].map((channel) => CORNER_OF[channel].end));
  const silent = new Set(spins.filter((spin) => spin.shown === null).map((spin) => spin.spun));
  const ranked = [...open].sort(
    (a, b) =>
      Number(silent.has(a)) - Number(silent.has(b)) ||
      Number(ends.has(CORNER_OF[a].end)) - Number(ends.has(CORNER_OF[b].end)),
  );
  return ranked[0] ?? null;
}
