import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { sayChannel, type SideSpeech } from '../vehicle/sides';
import { ASK_TYPE, CHECKS, ERASE, READ_CODES } from '../knowledge/checks';
import { REPAIRS } from '../knowledge/repairs';

const OTHERS = [
  READ_CODES,
  ERASE,
  ASK_TYPE,
  { check: 'ask:specs', words: 'Look the figure up in the manual' },
  { check: 'drive', words: 'Drive a short loop' },
  { check: 'probe', words: 'Probes put where they decide nothing' },
];

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
 */
export function moveSentence(move: NamedMove, file: CaseFile, sides: SideSpeech = 'left-right'): string {
  const { check, channel } = move;
  const repair = check.startsWith('repair:') ? REPAIRS.find((row) => `repair:${row.repair}` === check) : undefined;
  const words =
    repair?.words ??
    [...CHECKS.filter((row) => row.manner === move.while), ...OTHERS].find((row) => row.check === check)?.words ??
    check;
  const isCornered =
    repair !== undefined ||
    CHECKS.some((row) => row.check === check && row.of === 'channel' && !check.startsWith('ask:'));
  const where = channel && isCornered ? `, ${sayChannel(channel, sides, file.vehicle.steeringSide)}` : '';
  return words.charAt(0).toUpperCase() + words.slice(1) + where;
}
