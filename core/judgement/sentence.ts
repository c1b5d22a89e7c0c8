import { capital } from '../words/capital';
import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { checkRecord } from '../knowledge/checks/all';
import { repairRecord } from '../knowledge/repairs/all';
import { sayChannel, type SideSpeech } from '../vehicle/sides';
import { texts } from '#words/core/judgement';

/** Things that can be done beside the checks and repairs of the contract. */
const OTHERS: Readonly<Record<string, string>> = {
  drive: texts.driveAShortLoop,
  probe: texts.probesPutWhereThey,
};

/** What names a move: its check, its corner, and how it is made. */
export interface NamedMove {
  readonly check: string;
  readonly channel: Channel | null;
  readonly while?: 'wiggle';
}

/**
 * A move as one sentence for the owner.
 * @param move its name, such as `meter:sensor:resistance` or `repair:replaced:sensor`, its corner, its manner.
 * @param file the case. @param sides how the owner speaks of sides.
 * @returns the sentence without a stop; an unknown name is given back.
 * @example moveSentence({ check: 'repair:reseated:plug', channel: 'front-right' }, CASE, 'left-right') // => "Latch the plug, front right"
 */
export function moveSentence(move: NamedMove, file: CaseFile, sides: SideSpeech = 'left-right'): string {
  const { check, channel } = move;
  const repair = check.startsWith('repair:') ? repairRecord(check.slice('repair:'.length)) : null;
  const record = repair ? null : checkRecord(check, move.while);
  const words = repair?.words ?? record?.words ?? OTHERS[check] ?? check;
  const isCornered = repair !== null || record?.of === 'channel';
  const where = channel && isCornered ? `, ${sayChannel(channel, sides, file.vehicle.steeringSide)}` : '';
  return capital(words) + where;
}
