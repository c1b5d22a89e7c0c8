import type { CaseFile, Observation } from '../casefile/contract';
import { endingWords } from '../proof/endingWords';
import { proofView } from '../proof/proofView';
import { MOST_TRIPS_SAID } from '../proof/watch';
import type { RankingRow } from './ranking';
import type { Move } from './move';
import type { Stop } from './stops';
import { texts } from '#words/core/judgement';

/** What the bar at the foot of a job speaks of; a move is said by whoever shows it. */
export type BarId = 'closed' | 'watching' | 'stop' | 'cured' | 'repair' | 'next';

/** The one thing that is recommended now, with the words that hold. */
export interface Bar {
  readonly id: BarId;
  /** The move that it is about; null where it is about none. */
  readonly move: Move | null;
  /** What is said instead of a move; empty where the move says it. */
  readonly sentence: string;
  readonly why: string;
}

/** What the bar is chosen by. */
export interface BarFacts {
  readonly file: CaseFile;
  readonly ranking: readonly RankingRow[];
  readonly repairDoubt: number | null;
  readonly stop: Stop | null;
  readonly next: readonly Move[];
  /** What was observed since the last repair. */
  readonly latest: readonly Observation[];
}

interface BarRow {
  readonly id: BarId;
  readonly holds: (facts: BarFacts) => boolean;
  readonly say: (facts: BarFacts) => Omit<Bar, 'id'>;
}

const isStop = ({ stop }: BarFacts): boolean =>
  stop !== null && stop.id !== 'enough-known' && stop.id !== 'nothing-wrong';

/** Clean trips that a repair under watch still needs; null where none is watched. */
function tripsLeft({ file, ranking, repairDoubt }: BarFacts): number | null {
  if ((file.repairs ?? []).length === 0) return null;
  const { verdict, tripsNeeded } = proofView(file, ranking, repairDoubt);
  return verdict === 'watching' && tripsNeeded && tripsNeeded <= MOST_TRIPS_SAID ? tripsNeeded : null;
}

/** Whether the car has been driven, and nothing came back, since it was repaired or erased last. */
function isDriven({ latest }: BarFacts): boolean {
  const erased = latest.findLastIndex((seen) => seen.kind === 'clear');
  return latest.slice(erased + 1).some((seen) => seen.kind === 'drive' && seen.result !== 'lamps-came-back');
}

const plain = (sentence: string, why: string): Omit<Bar, 'id'> => ({ move: null, sentence, why });

/** All that the bar may say, the first that holds is said. */
const ROWS: readonly BarRow[] = [
  {
    id: 'closed',
    holds: ({ file }) => (file.ending ?? null) !== null,
    say: ({ file }) => {
      const [sentence = '', ...more] = endingWords(file);
      return plain(sentence, more.join(' '));
    },
  },
  { id: 'stop', holds: isStop, say: ({ stop }) => plain(stop?.reason ?? '', '') },
  {
    id: 'watching',
    holds: (facts) => tripsLeft(facts) !== null,
    say: (facts) => plain(texts.driveAndNote, texts.afterMoreTrips(tripsLeft(facts) ?? 0)),
  },
  {
    id: 'cured',
    holds: ({ stop }) => stop?.id === 'nothing-wrong',
    say: (facts) => plain(isDriven(facts) ? texts.itWasDriven : texts.nowDriveItAnd, facts.stop?.reason ?? ''),
  },
  {
    id: 'repair',
    holds: ({ stop, next: [move] }) => stop?.id === 'enough-known' && move?.move.is === 'repair',
    say: ({ stop, next: [move] }) => ({ move: move ?? null, sentence: '', why: stop?.reason ?? '' }),
  },
  {
    id: 'next',
    holds: ({ next }) => next.length > 0,
    say: ({ next: [move] }) => ({ move: move ?? null, sentence: '', why: move?.why ?? '' }),
  },
];

/**
 * What the bar says: how the job ended, a stop, a watch, a cured car, a repair that enough is known for, or the next move.
 * @param facts the judgement. @returns the first that holds; null where nothing is left to say.
 * @example barOf({ file: CASE, ranking: [], repairDoubt: null, stop: null, next: [], latest: [] }) // => null
 */
export function barOf(facts: BarFacts): Bar | null {
  const row = ROWS.find(({ holds }) => holds(facts));
  return row ? { id: row.id, ...row.say(facts) } : null;
}
