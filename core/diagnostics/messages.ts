import { statusFromByte } from '../codes/statusByte';
import type { ObservationOf } from '../casefile/contract';

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
  [0x10, 'general reject'],
  [0x11, 'service not supported'],
  [0x12, 'sub-function not supported'],
  [0x13, 'wrong message length or format'],
  [0x21, 'busy, repeat the request'],
  [0x22, 'conditions not correct'],
  [0x31, 'request out of range'],
  [0x33, 'security access denied'],
  [PENDING, 'answer pending'],
  [0x7e, 'sub-function not supported in this session'],
  [0x7f, 'service not supported in this session'],
]);

export type Message = Uint8Array;

export const openSession = (kind: 'default' | 'extended'): Message =>
  Uint8Array.of(SERVICE.session, kind === 'default' ? 1 : 3);
/** Clears the codes of all groups. */
export const clearCodes = (): Message => Uint8Array.of(SERVICE.clear, 0xff, 0xff, 0xff);
/** Codes whose status meets any bit of the mask. */
export const readCodes = (statusMask = 0xff): Message => Uint8Array.of(SERVICE.readCodes, 0x02, statusMask & 0xff);
export const countCodes = (statusMask = 0xff): Message => Uint8Array.of(SERVICE.readCodes, 0x01, statusMask & 0xff);
export const readData = (identifier: number): Message =>
  Uint8Array.of(SERVICE.readData, (identifier >> 8) & 0xff, identifier & 0xff);
/** Keeps the session open; asks for no answer. */
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
    return { is: 'refused', code, words: REFUSALS.get(code) ?? `refused with 0x${code.toString(16).padStart(2, '0')}` };
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
export function codeText(bytes: readonly [number, number, number]): string {
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
export function codeBytes(text: string): readonly [number, number, number] | null {
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
