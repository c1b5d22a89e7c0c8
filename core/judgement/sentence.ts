import { capital } from '../words/capital';
import type { CaseFile } from '../casefile/contract';
import { checkRecord } from '../knowledge/checks/all';
import { repairOfMove, type MoveRef } from '../knowledge/moves';
import { repairRecord } from '../knowledge/repairs/all';
import { sayChannel, type SideSpeech } from '../vehicle/sides';

/**
 * A move as one sentence for the owner.
 * @param move the check or repair at its corner. @param file the case. @param sides how the owner speaks of sides.
 * @returns the sentence without a stop.
 * @example moveSentence({ is: 'repair', action: 'reseated', segment: 'plug', channel: 'front-right' }, CASE, 'left-right') // => "Latch the plug, front right"
 */
export function moveSentence(move: MoveRef, file: CaseFile, sides: SideSpeech = 'left-right'): string {
  const record = move.is === 'repair' ? repairRecord(repairOfMove(move)) : checkRecord(move.check, move.while);
  const isCornered = move.is === 'repair' || checkRecord(move.check)?.of === 'channel';
  const where = move.channel && isCornered ? `, ${sayChannel(move.channel, sides, file.vehicle.steeringSide)}` : '';
  return capital(record?.words ?? '') + where;
}
