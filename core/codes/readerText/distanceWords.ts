import { plainWords } from '../plainWords';

const KM_PER_MILE = 1.609344;
const NUMBER = String.raw`(\d{1,3}(?:[ .,'](?:\d{3}))+(?!\d)|\d{2,7})`;
const UNIT = String.raw`(km|kms|kilomet\w*|mi|miles)(?![\/a-z]| ?h\b)`;
const AFTER = new RegExp(String.raw`(?<![\d.,'])${NUMBER}(?:[.,]\d)? ?${UNIT}`);
const BEFORE = new RegExp(
  String.raw`\b(?:odometer|mileage|odo|km[ -]?stand|kilometerstand|kilometrage|kilometraje|quilometragem|chilometraggio|chilometri|kilometerstand|przebieg|km|mls)\s*(?:reading)?\s*[:=@]?\s*${NUMBER}(?: ?${UNIT})?(?![\d:.\/-])`,
);
/** A distance that isn't the odometer's. */
const SINCE = /\b(since|seit|depuis|desde|da quando|sinds|driven with|warm-?ups?|per|speed|distance)\b/;

/**
 * The odometer reading beside a code.
 * @param text the words. @returns kilometres, miles converted; null where none is told. A speed, or a distance since something, is none.
 * @example odometerIn('at 84 200 km') // => 84200
 * @example odometerIn('speed 34 km/h') // => null
 */
export function odometerIn(text: string): number | null {
  const words = plainWords(text).replace(/\u00a0|\u202f|\u2009/g, ' ');
  const match = BEFORE.exec(words) ?? AFTER.exec(words);
  if (!match?.[1] || SINCE.test(words.slice(Math.max(0, match.index - 40), match.index))) return null;
  const value = Number(match[1].replace(/[ .,']/g, ''));
  return Math.round(/^mi/.test(match[2] ?? '') || /\bmls?\b/.test(match[0]) ? value * KM_PER_MILE : value);
}
