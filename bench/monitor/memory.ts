import type { Channel } from '../../core/casefile/words';
import type { Strategy } from './strategy';

/** What a module notes beside a code when it is set. */
export interface Frame {
  readonly odometerKm: number;
  readonly kmh: number;
  readonly volt: number;
  readonly celsius: number;
}

/** A code in a module's memory. */
export interface Entry {
  /** The code as shown: `C0034-13`, or two digits where the lamp flashes. */
  readonly text: string;
  readonly module: 'abs' | 'engine' | 'airbag' | 'instruments' | 'body' | 'steering' | 'transmission';
  readonly channel: Channel | null;
  readonly by: 'circuit' | 'signal';
  /** The fault is there now, by the last test; and was there in this drive. */
  readonly isFailing: boolean;
  readonly failedThisCycle: boolean;
  readonly isConfirmed: boolean;
  /** Drives with the fault, and drives in a row without it. */
  readonly failed: number;
  readonly clean: number;
  readonly frame: Frame;
}

export type Memory = readonly Entry[];

/** What a test found, ready to be kept. */
export type Found = Pick<Entry, 'text' | 'module' | 'channel' | 'by'>;

/** Bits of the status byte of ISO 14229-1. */
const BIT = {
  failing: 0x01,
  failedThisCycle: 0x02,
  pending: 0x04,
  confirmed: 0x08,
  sinceClear: 0x20,
  lamp: 0x80,
} as const;

/** Circuit faults are certain at once; signal faults after as many drives as the make wants. */
function confirms(entry: Pick<Entry, 'by' | 'failed'>, strategy: Strategy): boolean {
  return entry.by === 'circuit' || entry.failed >= strategy.confirmsAfter;
}

/**
 * Memory after a test found a fault.
 * @param memory before. @param found what. @param frame what is noted when the code is new. @param strategy how often it must be seen. @param isNow whether the fault is still there as this is written.
 * @returns memory with the code in it: pending, or confirmed.
 * @example remembered([], { text: 'C0031-13', module: 'abs', channel: 'front-left', by: 'circuit' }, FRAME, MODULE, true)[0].isConfirmed // => true
 */
export function remembered(memory: Memory, found: Found, frame: Frame, strategy: Strategy, isNow: boolean): Memory {
  const old = memory.find((entry) => entry.text === found.text && entry.module === found.module);
  const failed = (old?.failed ?? 0) + (old?.failedThisCycle ? 0 : 1);
  const entry: Entry = {
    ...found,
    isFailing: isNow,
    failedThisCycle: true,
    isConfirmed: old?.isConfirmed === true || confirms({ by: found.by, failed }, strategy),
    failed,
    clean: 0,
    frame: old?.frame ?? frame,
  };
  return [...memory.filter((entry) => entry !== old), entry];
}

/**
 * Key off and on: a new cycle. Nothing is failing until it is tested again; a code is forgotten once its fault stayed away for as many drives as the make wants.
 * @param memory before. @param strategy of the module. @param wasDriven whether the cycle that ends was a drive. @returns memory at key-on.
 * @example nextCycle([{ ...ENTRY, failedThisCycle: false, clean: 39 }], MODULE, true) // => []
 */
export function nextCycle(memory: Memory, strategy: Strategy, wasDriven: boolean): Memory {
  return memory.flatMap((entry): Entry[] => {
    const clean = entry.failedThisCycle ? 0 : entry.clean + (wasDriven ? 1 : 0);
    const isForgotten = clean >= (entry.isConfirmed ? strategy.healsAfter : 1);
    return isForgotten ? [] : [{ ...entry, isFailing: false, failedThisCycle: false, clean }];
  });
}

/**
 * The status byte of a code (ISO 14229-1, annex D).
 * @example statusByteOf(ENTRY).toString(16) // => "af"
 */
export function statusByteOf(entry: Entry): number {
  return (
    (entry.isFailing ? BIT.failing : 0) |
    (entry.failedThisCycle ? BIT.failedThisCycle : 0) |
    (entry.isConfirmed ? BIT.confirmed : 0) |
    (!entry.isConfirmed || entry.clean === 0 ? BIT.pending : 0) |
    BIT.sinceClear |
    (entry.isConfirmed && entry.module === 'abs' && entry.isFailing ? BIT.lamp : 0)
  );
}

/**
 * Whether the lamp is lit: a confirmed code of a channel, until it has stayed away for as long as the make wants.
 * @param memory now. @param strategy of the module. @returns true while lit.
 * @example isLampLit([ENTRY], MODULE) // => true
 */
export function isLampLit(memory: Memory, strategy: Strategy): boolean {
  const needsClean = { 'at-key-on': 0, 'after-drive': 1, 'after-erase': Infinity }[strategy.lampGoesOut];
  return memory.some(
    (entry) =>
      entry.module === 'abs' &&
      entry.isConfirmed &&
      (entry.isFailing || entry.failedThisCycle || entry.clean < needsClean),
  );
}
