import type { CaseFile, Work } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { LADDERS } from '../knowledge/guide/ladders';
import { RESULTS, type Ladder, type Rung, type RungResult } from '../knowledge/guide/rung';
import type { LadderId } from '../knowledge/guide/stepIds';

/** What came of a rung, and when. */
export interface Tried {
  readonly rung: Rung;
  readonly result: RungResult;
  readonly at: string | null;
}

/** How far somebody has come on a ladder. */
export interface Climb {
  readonly ladder: Ladder;
  readonly tried: readonly Tried[];
  /** The rung to try now; null before the first and once it is out. */
  readonly now: Rung | null;
  /** What is ready of what has to be in the hand before anything is destroyed. */
  readonly inHand: ReadonlySet<string>;
}

const place = (channel: Channel | null): string => channel ?? 'car';

/**
 * How `work` notes a rung's result.
 * @example rungKey('turn', 'no-change', 'front-left') // => "rung:turn:no-change@front-left"
 */
export const rungKey = (rung: string, result: RungResult, channel: Channel | null): string =>
  `rung:${rung}:${result}@${place(channel)}`;

/**
 * How `work` notes that a needed thing is ready in the hand.
 * @example inHandKey('new-sensor', 'front-right') // => "have:new-sensor@front-right"
 */
export const inHandKey = (id: string, channel: Channel | null): string => `have:${id}@${place(channel)}`;

const RUNG_KEY = /^rung:([a-z-]+):([a-z-]+)@(.+)$/u;

const isResult = (word: string): word is RungResult => Object.hasOwn(RESULTS, word);

/**
 * What an entry of `work` says of a rung.
 * @returns the rung of whichever ladder, with its result; null where the entry speaks of none.
 * @example triedOf({ id: 'w', step: 'chock' }) // => null
 */
export function triedOf({ step }: Work): { readonly rung: Rung; readonly result: RungResult } | null {
  const [, name, result = ''] = RUNG_KEY.exec(step) ?? [];
  const rung = Object.values(LADDERS)
    .flatMap(({ rungs }) => rungs)
    .find(({ id }) => id === name);
  return rung && isResult(result) ? { rung, result } : null;
}

/** The rung that follows a result. */
function after({ rungs, brokenAt }: Ladder, { rung, result }: Tried): Rung | null {
  const at = rungs.findIndex(({ id }) => id === rung.id);
  switch (result) {
    case 'out':
      return null;
    case 'moved-a-little':
    case 'bolt-sheared':
      return rung;
    case 'broke': {
      const broken = rungs.findIndex(({ id }) => id === brokenAt);
      return rungs[Math.max(at, broken)] ?? rung;
    }
    case 'no-change':
      return rungs[at + 1] ?? rung;
    default:
      return result satisfies never;
  }
}

/**
 * How far a ladder has been climbed at a corner.
 * @param file the case: its `work`. @param id the ladder. @param channel the corner, null for the car.
 * @returns every attempt in order, and the rung that follows the last one's result.
 * @example climbOf(CASE, 'stuck-sensor', 'front-right').now // => null
 */
export function climbOf(file: CaseFile, id: LadderId, channel: Channel | null): Climb {
  const ladder = LADDERS[id];
  const work = (file.work ?? []).filter(({ undone }) => undone !== true);
  const tried = work.flatMap(({ step, at }): Tried[] => {
    const [, name, result = '', where] = RUNG_KEY.exec(step) ?? [];
    const rung = ladder.rungs.find((candidate) => candidate.id === name);
    return rung && where === place(channel) && isResult(result) ? [{ rung, result, at: at ?? null }] : [];
  });
  const last = tried.at(-1);
  const inHand = ladder.inHand.filter((need) => work.some(({ step }) => step === inHandKey(need.id, channel)));
  return {
    ladder,
    tried,
    now: last ? after(ladder, last) : null,
    inHand: new Set(inHand.map((need) => need.id)),
  };
}
