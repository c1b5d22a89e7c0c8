import type { Channel } from '../casefile/words';
import { cornerFromWords } from '../vehicle/sides';
import type { Role } from './log';

/** What a header says: its role and its unit, both null where it says nothing of the kind. */
export interface Header {
  readonly role: Role | null;
  readonly unit: string | null;
}

const UNIT = /[([{]\s*([^)\]}]+?)\s*[)\]}]\s*$/;
const SPEED_UNITS: Readonly<Record<string, string>> = {
  'km/h': 'km/h',
  kmh: 'km/h',
  kph: 'km/h',
  mph: 'mph',
  'mi/h': 'mph',
  'm/s': 'm/s',
};
const TIME_UNITS: Readonly<Record<string, string>> = {
  s: 's',
  sec: 's',
  secs: 's',
  seconds: 's',
  ms: 'ms',
  msec: 'ms',
  milliseconds: 'ms',
};
const TIME = /^(time|timestamp|elapsed|t|clock|zeit|temps|tiempo|tempo|tijd|czas|date|datum|datetime|date time)\b/;
const NAME = /^(name|signal|signal name|pid|parameter|channel|item|sensor|label)$/;
const VALUE = /^(value|reading|wert|valeur|valor|waarde)$/;
const VEHICLE = /\b(vehicle|car|road|gps|obd)[ _-]*speed\b|^speed$/;

/** A corner among other words: `Wheel speed sensor FL`, `wss_rear_left`, `Speed LF`. */
function cornerIn(words: string): Channel | null {
  const plain = words.replace(/wheel|speed|sensor|sensors|abs|wss|velocity|value|signal|current/gi, ' ');
  const whole = cornerFromWords(plain.replace(/[_.]+/g, ' ').replace(/\s+/g, ' ').trim(), undefined);
  if (whole) return whole;
  for (const token of words.split(/[^A-Za-z]+/)) {
    const corner = /^(fl|fr|rl|rr|lf|rf|lr)$/i.test(token) ? cornerFromWords(token, undefined) : null;
    if (corner) return corner;
  }
  return null;
}

/**
 * Understands a column's header.
 * @param header as printed. @returns its role and unit.
 * @example headerOf('Wheel speed front left (km/h)') // => { role: "front-left", unit: "km/h" }
 * @example headerOf('Time [ms]') // => { role: "time", unit: "ms" }
 * @example headerOf('Seconds') // => { role: "time", unit: "s" }
 */
export function headerOf(header: string): Header {
  const printed = (UNIT.exec(header)?.[1] ?? '').toLowerCase().trim();
  const behind = /[\s_,](km\/h|kmh|kph|mph|m\/s|ms|s|sec)$/i.exec(header.trim())?.[1]?.toLowerCase() ?? '';
  const words = header.replace(UNIT, '').trim().toLowerCase();
  const speedUnit = SPEED_UNITS[printed] ?? SPEED_UNITS[behind] ?? null;
  if (TIME.test(words.replace(/_/g, ' ')))
    return { role: 'time', unit: TIME_UNITS[printed] ?? TIME_UNITS[behind] ?? null };
  /* A column called by nothing but a unit of time. */
  if (TIME_UNITS[words]) return { role: 'time', unit: TIME_UNITS[words] };
  if (NAME.test(words)) return { role: 'name', unit: null };
  if (VALUE.test(words)) return { role: 'value', unit: speedUnit };
  if (/^units?$/.test(words)) return { role: 'unit', unit: null };
  const corner = cornerIn(header.replace(UNIT, ''));
  if (corner) return { role: corner, unit: speedUnit };
  return VEHICLE.test(words) ? { role: 'vehicle-speed', unit: speedUnit } : { role: null, unit: speedUnit };
}

/**
 * How many km/h one of a unit is; the mile is exact.
 * @example kmhOf('m/s') // => 3.6
 */
export const kmhOf = (unit: string | null): number => (unit === 'mph' ? 1.609344 : unit === 'm/s' ? 3.6 : 1);
