import type { Channel } from '../casefile/words';
import { answeredSince, type Spun, type Watched } from './watching';

export type Way = 'forwards' | 'backwards';

/** What spinning one wheel by hand shows. */
export interface SpinSeen {
  /** The wheel itself, where it answers. */
  readonly own: Spun | null;
  /** Another name that answers instead. */
  readonly other: Channel | null;
  readonly isSilent: boolean;
  readonly finding: 'follows' | 'cuts-in-late' | 'answers-as-other-channel' | 'zero' | null;
  /** The lowest speed at which it answered, km/h, to a tenth. */
  readonly speed: number;
}

/** A spin of so many seconds without an answer says that there is none. */
const LONG_ENOUGH = 4;
/** A wheel that answers only from here on answers late, km/h. */
const LATE_KMH = 8;

/**
 * Judges a spin.
 * @param begun seconds at which it began, null while nobody spins. @param lowest speed of spins before, km/h.
 * @example spinOf(WATCHED, 'rear-right', 0, null).finding // => "follows"
 * @example spinOf(WATCHED, 'rear-left', 0, null).other // => "rear-right"
 */
export function spinOf(watched: Watched, channel: Channel, begun: number | null, lowest: number | null): SpinSeen {
  const answers = begun === null ? [] : answeredSince(watched, begun);
  const own = answers.find((answer) => answer.channel === channel) ?? null;
  const other = own ? null : (answers[0]?.channel ?? null);
  const now = watched.moments.at(-1)?.second ?? 0;
  const isSilent = lowest === null && begun !== null && answers.length === 0 && now - begun > LONG_ENOUGH;
  const least = Math.min(lowest ?? Infinity, own?.lowest ?? Infinity);
  const speed = Number.isFinite(least) ? Math.round(10 * least) / 10 : 0;
  const answered = speed > LATE_KMH ? ('cuts-in-late' as const) : ('follows' as const);
  if (own || lowest !== null) return { own, other, isSilent, finding: answered, speed };
  const none = isSilent ? ('zero' as const) : null;
  return { own, other, isSilent, finding: other ? 'answers-as-other-channel' : none, speed };
}
