import type { Channel, RepairAction, RepairSegment } from '../casefile/words';
import { checkRecord } from './checks/all';
import type { CheckId } from './checks/checkIds';
import { repairRecord } from './repairs/all';
import { repairId, type RepairId } from './repairs/repair';

/** A check at its place. */
export interface CheckRef {
  readonly is: 'check';
  readonly check: CheckId;
  readonly channel: Channel | null;
  /** It is to be made while the lead or loom is flexed. */
  readonly while?: 'wiggle';
}

/** A repair at its place. */
export interface RepairRef {
  readonly is: 'repair';
  readonly action: RepairAction;
  readonly segment: RepairSegment;
  readonly channel: Channel | null;
}

/** Anything that can be done next. */
export type MoveRef = CheckRef | RepairRef;

/**
 * The name of a repair in the contract, without its place.
 * @example repairOfMove({ is: 'repair', action: 'cleaned', segment: 'plug', channel: null }) // => "cleaned:plug"
 */
export const repairOfMove = ({ action, segment }: RepairRef): RepairId => repairId(action, segment);

/**
 * A move as the contract prints it.
 * @returns such as `look:ring` or `repair:cleaned:plug`; its channel and manner stand beside it.
 * @example printMove({ is: 'repair', action: 'cleaned', segment: 'plug', channel: 'front-left' }) // => "repair:cleaned:plug"
 */
export function printMove(move: MoveRef): CheckId | `repair:${RepairId}` {
  return move.is === 'check' ? move.check : `repair:${repairOfMove(move)}`;
}

/**
 * A key that two moves share only if they are the same.
 * @example moveKey({ is: 'check', check: 'look:ring', channel: 'rear-left' }) // => "look:ring@rear-left"
 */
export function moveKey(move: MoveRef): string {
  const manner = move.is === 'check' && move.while ? `~${move.while}` : '';
  return `${printMove(move)}${manner}@${move.channel ?? ''}`;
}

/**
 * Reads a check by its name in the contract.
 * @param check its name. @param channel its corner; null for the car. @param manner flexed, where it says so.
 * @returns the move; null for a name that is no check.
 * @example checkMove('look:ring', 'rear-left') // => {"is":"check","check":"look:ring","channel":"rear-left"}
 */
export function checkMove(check: string, channel: Channel | null, manner?: 'wiggle'): CheckRef | null {
  const record = checkRecord(check, manner);
  return record && { is: 'check', check: record.check, channel, ...(manner ? { while: manner } : {}) };
}

/**
 * Reads a repair by its name in the contract.
 * @param repair such as `cleaned:plug`. @param channel its corner; null for the car. @returns the move; null for a name that is no repair.
 * @example repairMove('cleaned:plug', 'rear-left').action // => "cleaned"
 */
export function repairMove(repair: string, channel: Channel | null): RepairRef | null {
  const record = repairRecord(repair);
  if (!record?.action || !record.segment) return null;
  return { is: 'repair', action: record.action, segment: record.segment, channel };
}
