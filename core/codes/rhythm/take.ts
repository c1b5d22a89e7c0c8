import { cleanFlashes, type Flash, type Scheme } from './flash';
import { BEAT_STRAY, readingsOfGaps, type GapReading } from './gaps';

/** One way to read a take. */
export interface TakeReading {
  readonly codes: readonly string[];
  readonly trails: number;
}

/** One take: what was tapped along with the lamp, read as codes. */
export interface Take {
  readonly scheme: Scheme;
  /** The codes in the order flashed, repeats included. */
  readonly codes: readonly string[];
  /** Groups of flashes for drawing: the count of each digit, code by code. */
  readonly counts: readonly (readonly number[])[];
  /** Flashes left out: bulb check and start marker. */
  readonly ignored: number;
  /** The likeliest readings, best first, each with how far it trails the best, as a natural log of 0 or less. */
  readonly readings: readonly TakeReading[];
}

interface Group {
  readonly flashes: readonly Flash[];
}

interface Reading {
  readonly scheme: Scheme;
  readonly codes: readonly string[];
  readonly counts: readonly (readonly number[])[];
  readonly ignored: number;
  readonly fit: number;
}

const MOST_PER_DIGIT = 10;
const LONGEST_COUNT = 60;
/** What each oddness of a reading costs, as a natural log. */
const ODD = {
  incomplete: 7,
  cutShort: 2.5,
  leadingMarker: 3,
  tooMany: 6,
  mixedUp: 7,
  lostMiddle: 9,
  loneFlash: 1.5,
  another: 1.2,
} as const;
const REPEAT_GAIN = 1.2;
const MOST_READINGS = 12;
/** Held at least this long, alone, and longer than all others, it is the bulb check or a start marker, in seconds. */
const MARKER_HELD = 1.25;
const MARKER_TO_LONG = 1.25;
/** A lone, long first flash is what a bulb check looks like. */
const MARKER_GAIN = 2;
const LONG_HELD = 0.6;
const LONG_TO_SHORT = 1.3;
/** Flickers this much quicker than the beat announce; they don't count. */
const FLICKER = 0.42;

/** Codes as groups of digits, cut at the pauses. */
function groupsOf(flashes: readonly Flash[], reading: GapReading): Group[][] {
  const codes: Flash[][][] = [[[]]];
  flashes.forEach((flash, at) => {
    const pause = at === 0 ? 'beat' : reading.pauses[at - 1];
    if (pause === 'code') codes.push([[]]);
    else if (pause === 'digit') codes.at(-1)?.push([]);
    codes.at(-1)?.at(-1)?.push(flash);
  });
  return codes.map((digits) => digits.map((digit) => ({ flashes: digit })));
}

function median(list: readonly number[]): number {
  return [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
}

/** Flashes so much longer than the rest that they announce; a lamp's long flashes come in company of their kind. */
function markerFrom(flashes: readonly Flash[]): number {
  const holds = flashes.map((flash) => flash.held).sort((a, b) => b - a);
  const most = holds[0] ?? 0;
  const others = holds.filter((hold) => hold >= LONG_HELD && hold < most / MARKER_TO_LONG);
  const alike = holds.filter((hold) => hold >= most / MARKER_TO_LONG).length;
  const isLone = alike * 4 <= holds.length || (alike === 1 && flashes[0]?.held === most);
  if (most < MARKER_HELD || !isLone) return Infinity;
  return Math.max(MARKER_HELD, others.length > 0 ? MARKER_TO_LONG * median(others) : MARKER_HELD);
}

function isMarker(code: readonly Group[], from: number): boolean {
  const [group] = code;
  const only = group?.flashes.length === 1 ? group.flashes[0] : undefined;
  return code.length === 1 && only !== undefined && only.held >= from;
}

/** The hold that parts long flashes from short ones, or null where all are alike. */
function longFrom(flashes: readonly Flash[], marker: number): number | null {
  const holds = flashes
    .map((flash) => flash.held)
    .filter((value) => value < marker)
    .sort((a, b) => a - b);
  let best: { ratio: number; at: number } = { ratio: 0, at: 0 };
  holds.forEach((hold, at) => {
    const before = Math.max(0.05, holds[at - 1] ?? hold);
    if (at > 0 && hold >= LONG_HELD && hold / before > best.ratio)
      best = { ratio: hold / before, at: (hold + before) / 2 };
  });
  if (best.ratio >= LONG_TO_SHORT) return best.at;
  return (holds[0] ?? 0) >= 0.8 ? 0.8 : null;
}

function counted(count: number): string {
  return count === MOST_PER_DIGIT ? '0' : String(count);
}

/** Lamps tell their codes over and over; one count after another proves no such thing. */
function repeatGain(codes: readonly string[], counts: readonly (readonly number[])[]): number {
  return counts.every((count) => count.length === 1)
    ? 0
    : REPEAT_GAIN * Math.min(3, codes.length - new Set(codes).size);
}

/** A code of counts: a digit a group. */
function readCounts(codes: Group[][], digits: number, marker: number): Omit<Reading, 'scheme'> {
  let [fit, ignored] = [0, 0];
  const kept: number[][] = [];
  codes.forEach((code, at) => {
    const counts = code.map((group) => group.flashes.length);
    const lone = code.length === 1 && counts[0] === 1;
    if (isMarker(code, marker)) ignored += 1;
    else if (code.length === digits) {
      if (digits > 1 && counts.some((count) => count > MOST_PER_DIGIT)) fit -= ODD.tooMany;
      if ((counts[0] ?? 0) > LONGEST_COUNT) fit -= ODD.tooMany;
      if (digits === 1 && counts[0] === 1) fit -= ODD.loneFlash;
      kept.push(counts);
    } else if (at === 0 && lone && codes.length > 1) {
      fit -= ODD.leadingMarker;
      ignored += 1;
    } else if (at === codes.length - 1 && code.length < digits && kept.length > 0) fit -= ODD.cutShort;
    else {
      fit -= at > 0 && at < codes.length - 1 ? ODD.lostMiddle : ODD.incomplete;
      kept.push(counts);
    }
  });
  const texts = kept.map((entry) => (digits === 1 ? String(entry[0] ?? 0) : entry.map(counted).join('')));
  return { codes: texts, counts: kept, ignored, fit: fit + repeatGain(texts, kept) };
}

/** A code of long and short flashes: tens, then units. */
function readLongShort(codes: Group[][], from: number, marker: number): Omit<Reading, 'scheme'> {
  let [fit, ignored] = [0, 0];
  const kept: number[][] = [];
  for (const code of codes) {
    if (isMarker(code, marker)) {
      ignored += 1;
      continue;
    }
    const isLong = code.flatMap((group) => group.flashes.map((flash) => flash.held >= from));
    const longs = isLong.filter(Boolean).length;
    if (isLong.slice(0, longs).some((flag) => !flag)) fit -= ODD.mixedUp;
    if (isLong.length === 1) fit -= ODD.loneFlash;
    if (longs > 9 || isLong.length - longs > 9) fit -= ODD.tooMany;
    kept.push([longs, isLong.length - longs]);
  }
  const texts = kept.map(([tens = 0, units = 0]) => String(10 * tens + units));
  return { codes: texts, counts: kept, ignored, fit: fit + repeatGain(texts, kept) };
}

/** A run of quick flickers at the start announces the codes. */
function withoutFlicker(flashes: readonly Flash[]): readonly Flash[] {
  const gaps = flashes.slice(1).map((flash, at) => flash.at - (flashes[at]?.at ?? 0));
  const beat = median(gaps);
  let run = 0;
  while (run < gaps.length && (gaps[run] ?? Infinity) < Math.min(0.25, FLICKER * beat)) run += 1;
  return run >= 3 ? flashes.slice(run + 1) : flashes;
}

function distinctReadings(sorted: readonly Reading[], best: number): TakeReading[] {
  const known = new Map<string, TakeReading>();
  for (const { codes, fit } of sorted) {
    const key = codes.join();
    if (codes.length > 0 && !known.has(key)) known.set(key, { codes, trails: fit - best });
    if (known.size === MOST_READINGS) break;
  }
  return [...known.values()];
}

/** All readings of the flashes, given from which hold on a lone flash only announces. */
function readingsWith(flashes: readonly Flash[], marker: number, scheme: Scheme | undefined): Reading[] {
  const from = scheme === 'counts' ? null : longFrom(flashes, marker);
  const isLongShort = scheme === 'long-short' || from !== null;
  const usualHeld = median(flashes.map((flash) => flash.held).filter((value) => value < (from ?? marker)));
  const gaps = flashes.slice(1).map((flash, at) => {
    const before = flashes[at] ?? flash;
    const isHeld = isLongShort || before.held >= marker;
    return Math.max(0.05, flash.at - before.at - (isHeld ? Math.max(0, before.held - usualHeld) : 0));
  });
  return readingsOfGaps(gaps, isLongShort ? BEAT_STRAY.held : BEAT_STRAY.tapped)
    .filter((readingsOfGap) => !isLongShort || readingsOfGap.digits < 3)
    .map((readingsOfGap) => {
      const codes = groupsOf(flashes, readingsOfGap);
      const read = isLongShort
        ? readLongShort(codes, from ?? LONG_HELD, marker)
        : readCounts(codes, readingsOfGap.digits, marker);
      const more = ODD.another * Math.max(0, read.codes.length - 1);
      return { ...read, scheme: isLongShort ? 'long-short' : 'counts', fit: read.fit + readingsOfGap.fit - more };
    });
}

/**
 * Reads one take of taps along with a flashing lamp, however uneven: each possible reading of the pauses is weighed
 * by how well the lengths agree among themselves and how well the codes are formed; the likeliest is taken.
 * @param taps flashes, seconds. @param scheme how the car counts; left out, it is found from the holds.
 * @returns codes (a digit of ten flashes is 0), and the readings that come close; no taps give no codes.
 * @example readTake([0, 0.5, 1.9, 2.4, 2.9].map((at) => ({ at, held: 0.1 }))).codes // => ["23"]
 */
export function readTake(taps: readonly Flash[], scheme?: Scheme): Take {
  const all = cleanFlashes(taps);
  const flashes = withoutFlicker(all);
  const marker = markerFrom(flashes);
  const announced =
    marker === Infinity ? [] : readingsWith(flashes, marker, scheme).filter((reading) => reading.ignored > 0);
  const readings = [
    ...readingsWith(flashes, Infinity, scheme),
    ...announced.map((reading) => ({ ...reading, fit: reading.fit + MARKER_GAIN })),
  ].sort((a, b) => b.fit - a.fit);
  const best = readings[0];
  if (!best || flashes.length === 0)
    return { scheme: scheme ?? 'counts', codes: [], counts: [], ignored: all.length, readings: [] };
  return {
    scheme: best.scheme,
    codes: best.codes,
    counts: best.counts,
    ignored: best.ignored + all.length - flashes.length,
    readings: distinctReadings(readings, best.fit),
  };
}
