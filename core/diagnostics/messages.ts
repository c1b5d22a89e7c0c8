import { statusFromByte } from '../codes/statusByte';
import type { ObservationOf } from '../casefile/contract';
import { texts } from '#words/core/diagnostics';

/** Messages of unified diagnostic services (ISO 14229-1) as bytes: only those that reading, erasing and watching need. */

export const SERVICE = {
  session: 0x10,
  clear: 0x14,
  readCodes: 0x19,
  readData: 0x22,
  testerPresent: 0x3e,
  negative: 0x7f,
} as const;

/** A positive answer repeats the service with this added. */
const POSITIVE = 0x40;
/** "Request received, answer pending". */
export const PENDING = 0x78;

/** Negative response codes that are met here, in words. */
export const REFUSALS: ReadonlyMap<number, string> = new Map([
  [0x10, texts.generalReject],
  [0x11, texts.serviceNotSupported],
  [0x12, texts.subFunctionNotSupported],
  [0x13, texts.wrongMessageLengthOr],
  [0x21, texts.busyRepeatTheRequest],
  [0x22, texts.conditionsNotCorrect],
  [0x31, texts.requestOutOfRange],
  [0x33, texts.securityAccessDenied],
  [PENDING, texts.answerPending],
  [0x7e, texts.subFunctionNotSupportedIn],
  [0x7f, texts.serviceNotSupportedIn],
]);

export type Message = Uint8Array;
export type CodeBytes = readonly [number, number, number];

/**
 * Opens a session of a module.
 * @example [...openSession('extended')] // => [16,3]
 */
export const openSession = (kind: 'default' | 'extended'): Message =>
  Uint8Array.of(SERVICE.session, kind === 'default' ? 1 : 3);
/**
 * Clears the codes of all groups.
 * @example [...clearCodes()] // => [20,255,255,255]
 */
export const clearCodes = (): Message => Uint8Array.of(SERVICE.clear, 0xff, 0xff, 0xff);
/**
 * Codes whose status meets any bit of the mask.
 * @example [...readCodes(0x08)] // => [25,2,8]
 */
export const readCodes = (statusMask = 0xff): Message => Uint8Array.of(SERVICE.readCodes, 0x02, statusMask & 0xff);
/** Sub-functions of "read codes": how many, which, what was noted when one was set, and how often it came. */
export const REPORT = { count: 0x01, byStatus: 0x02, snapshot: 0x04, extended: 0x06, supported: 0x0a } as const;
const LAST_RECORD = 0xff;
/**
 * What was noted when a code was set (freeze frame).
 * @example [...readSnapshot([0x40, 0x31, 0x13])] // => [25,4,64,49,19,255]
 */
export const readSnapshot = (code: CodeBytes): Message =>
  Uint8Array.of(SERVICE.readCodes, REPORT.snapshot, ...code, LAST_RECORD);
/**
 * How often a code came, how long it stayed away, and at which odometer reading it was set.
 * @example [...readExtended([0x40, 0x31, 0x13])] // => [25,6,64,49,19,255]
 */
export const readExtended = (code: CodeBytes): Message =>
  Uint8Array.of(SERVICE.readCodes, REPORT.extended, ...code, LAST_RECORD);
/**
 * How many codes there are whose status meets any bit of the mask.
 * @example [...countCodes(0x08)] // => [25,1,8]
 */
export const countCodes = (statusMask = 0xff): Message => Uint8Array.of(SERVICE.readCodes, 0x01, statusMask & 0xff);
/**
 * Asks for data by its identifier. @param identifier 0 to 0xFFFF.
 * @example [...readData(0xf190)] // => [34,241,144]
 */
export const readData = (identifier: number): Message =>
  Uint8Array.of(SERVICE.readData, (identifier >> 8) & 0xff, identifier & 0xff);
/**
 * Keeps the session open; asks for no answer.
 * @example [...testerPresent()] // => [62,128]
 */
export const testerPresent = (): Message => Uint8Array.of(SERVICE.testerPresent, 0x80);

/** What an answer to a request is. */
export type Answer =
  | { readonly is: 'positive'; readonly data: Uint8Array }
  | { readonly is: 'pending' }
  | { readonly is: 'refused'; readonly code: number; readonly words: string }
  | { readonly is: 'stray' };

/**
 * Reads an answer to a request.
 * @param request the message sent. @param answer bytes received, any.
 * @returns what it is; bytes that answer another service, or nothing at all, are `stray`.
 * @example readAnswer(readCodes(), Uint8Array.of(0x7f, 0x19, 0x78)).is // => "pending"
 */
export function readAnswer(request: Message, answer: Uint8Array): Answer {
  const service = request[0] ?? 0;
  if (answer.length >= 3 && answer[0] === SERVICE.negative && answer[1] === service) {
    const code = answer[2] ?? 0;
    if (code === PENDING) return { is: 'pending' };
    return {
      is: 'refused',
      code,
      words: REFUSALS.get(code) ?? texts.refusedWith0x(code.toString(16).padStart(2, '0')),
    };
  }
  if (answer.length === 0 || answer[0] !== service + POSITIVE) return { is: 'stray' };
  const echoes = service === SERVICE.readData ? 2 : service === SERVICE.clear ? 0 : 1;
  for (let at = 1; at <= echoes; at += 1) if (answer[at] !== request[at]) return { is: 'stray' };
  return { is: 'positive', data: answer.slice(1 + echoes) };
}

/** A code as a module tells it. */
export interface ReadCode {
  /** As shown: `C0034-13`. */
  readonly code: string;
  readonly status: ObservationOf<'code'>['status'];
  readonly statusByte: number;
}

/** A failure type byte that tells nothing more (ISO 15031-6). */
const NO_TYPE = 0x00;

/**
 * The text of a three-byte code: two bits of letter, two of first digit (ISO 15031-6), then the failure type byte.
 * @param bytes three bytes. @returns such as `C0034-13`; without the type where it tells none (00).
 * @example codeText([0x40, 0x34, 0x13]) // => "C0034-13"
 */
export function codeText(bytes: CodeBytes): string {
  const hex = (byte: number): string => byte.toString(16).toUpperCase().padStart(2, '0');
  const [high, low, type] = bytes;
  const code = `${'PCBU'[high >> 6]}${(high >> 4) & 3}${hex(high).charAt(1)}${hex(low)}`;
  return type === NO_TYPE ? code : `${code}-${hex(type)}`;
}

/**
 * The three bytes of a code's text.
 * @param text `C0034` or `C0034-13`. @returns bytes, the failure type 0 where none is given; null for another form.
 * @example codeBytes('C0034-13') // => [0x40, 0x34, 0x13]
 */
export function codeBytes(text: string): CodeBytes | null {
  const match = /^([PCBU])([0-3])([0-9A-F])([0-9A-F]{2})(?:-([0-9A-F]{2}))?$/i.exec(text);
  if (!match) return null;
  const letter = 'PCBU'.indexOf((match[1] ?? '').toUpperCase());
  const high = (letter << 6) | (Number(match[2]) << 4) | parseInt(match[3] ?? '0', 16);
  return [high, parseInt(match[4] ?? '0', 16), parseInt(match[5] ?? '0', 16)];
}

/**
 * The codes in the data of a positive answer to "report codes by status mask".
 * @param data after service and sub-function: availability mask, then four bytes a code.
 * @returns codes in order; a cut-off last one is left out.
 * @example codesIn(Uint8Array.of(0xff, 0x40, 0x34, 0x13, 0x09))[0].code // => "C0034-13"
 */
export function codesIn(data: Uint8Array): readonly ReadCode[] {
  const found: ReadCode[] = [];
  for (let at = 1; at + 3 < data.length; at += 4) {
    const statusByte = data[at + 3] ?? 0;
    const code = codeText([data[at] ?? 0, data[at + 1] ?? 0, data[at + 2] ?? 0]);
    found.push({ code, statusByte, status: statusFromByte(statusByte) });
  }
  return found;
}

/** Data identifier under which the stand-in tells wheel speeds (the range 0xF200 to 0xF2FF is for periodic data, dynamically defined). */
export const WHEEL_SPEEDS = 0xf200;
/** A speed that isn't valid. */
const NO_SPEED = 0xffff;

/**
 * Wheel speeds in the data of an answer: two bytes a channel, hundredths of a km/h.
 * @param data after the identifier. @returns km/h; null where the module has none.
 * @example speedsIn(Uint8Array.of(0x02, 0xbc, 0xff, 0xff)) // => [7, null]
 */
export function speedsIn(data: Uint8Array): readonly (number | null)[] {
  const found: (number | null)[] = [];
  for (let at = 0; at + 1 < data.length; at += 2) {
    const raw = ((data[at] ?? 0) << 8) | (data[at + 1] ?? 0);
    found.push(raw === NO_SPEED ? null : raw / 100);
  }
  return found;
}

/** What is known of a code beside its status. Units: km, km/h, volt, °C. */
export interface CodeDetails {
  readonly odometer?: number;
  readonly occurrences?: number;
  readonly kmh?: number;
  readonly volt?: number;
  readonly celsius?: number;
}

/** Length of an answer about one code before its records: code and status. */
const BEFORE_RECORDS = 4;
/** Temperatures are told with this added, °C. */
const CELSIUS_OFFSET = 40;

/**
 * The record of a code's extended data: record number, occurrences, drives without it, odometer in three bytes.
 * @param data after service and sub-function. @returns occurrences and odometer in km; empty where there is no whole record.
 * @example extendedIn(Uint8Array.of(0x40, 0x34, 0x13, 0x09, 0x01, 3, 0, 0x01, 0x48, 0xe8)).odometer // => 84200
 */
export function extendedIn(data: Uint8Array): CodeDetails {
  const record = data.slice(BEFORE_RECORDS);
  const [number, occurrences = 0, , high = 0, middle = 0, low = 0] = record;
  if (number !== 0x01 || record.length < 6) return {};
  return { occurrences, odometer: high * 0x10000 + middle * 0x100 + low };
}

/**
 * The record of what was noted when a code was set: record number, speed in hundredths of a km/h, tenths of a volt, °C + 40.
 * @param data after service and sub-function. @returns km/h, volt, °C; empty where there is no whole record.
 * @example snapshotIn(Uint8Array.of(0x40, 0x34, 0x13, 0x09, 0x01, 0x0b, 0xb8, 126, 58)) // => { kmh: 30, volt: 12.6, celsius: 18 }
 */
export function snapshotIn(data: Uint8Array): CodeDetails {
  const record = data.slice(BEFORE_RECORDS);
  const [number, high = 0, low = 0, volts = 0, warmth = 0] = record;
  if (number !== 0x01 || record.length < 5) return {};
  return { kmh: (high * 0x100 + low) / 100, volt: volts / 10, celsius: warmth - CELSIUS_OFFSET };
}

/** Identifiers of the reader's own words: a line a wheel speed, and a line a code of the module read last; an empty line where it has none. */
export const READER_WORDS = { wheels: 0x0110, codes: 0x0111 } as const;
const MOST_LINES = 200;
const MOST_LETTERS = 120;

/**
 * The reader's words in the data of an answer: lines of ASCII.
 * @param data after the identifier. @returns lines without control characters, at most 200 of 120 letters each.
 * @example wordsIn(Uint8Array.of(0x61, 0x0a, 0x62)) // => ["a", "b"]
 */
export function wordsIn(data: Uint8Array): readonly string[] {
  if (data.length === 0) return [];
  const text = String.fromCharCode(...data.slice(0, MOST_LINES * MOST_LETTERS));
  return text.split('\n', MOST_LINES).map((line) => line.replace(/[^ -~]/g, '').slice(0, MOST_LETTERS));
}
