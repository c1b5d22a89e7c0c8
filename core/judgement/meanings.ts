import type { CaseFile } from '../casefile/contract';
import type { CheckRef } from '../knowledge/moves';
import { verdictOf } from '../evidence/verdictOf';
import type { Verdict } from '../evidence/verdict';
import { contextWith, timelineOf } from '../evidence/timeline';
import { showReading } from '../quantities/show';
import { possibleAnswers } from './possibleAnswers';
import { texts } from '#words/core/judgement';

/** What a display may show, and what that would mean. */
export interface Meaning {
  /** Such as `1.20 kΩ` or `OL`. */
  readonly figure: string;
  /** False where it stands for readings like it. */
  readonly isExact: boolean;
  readonly verdict: Verdict;
}

/**
 * What a meter check may show on this car, and what each reading would mean, told before anything is measured.
 * @param check a meter check at its corner. @param file the case.
 * @returns one entry an example of the check's record; readings that mean the same are told once; empty for checks without figures.
 * @example meaningsOf({ is: 'check', check: 'meter:sensor:resistance', channel: 'front-right' }, CASE).map(({ figure }) => figure).at(-1) // => "OL"
 */
export function meaningsOf(check: CheckRef, file: CaseFile): readonly Meaning[] {
  const timeline = timelineOf(file);
  const given = new Set<string>();
  return possibleAnswers(check, file).flatMap(({ observation }): Meaning[] => {
    if (observation.kind !== 'meter') return [];
    const verdict = verdictOf(observation, contextWith(timeline, observation));
    if (!verdict || given.has(verdict.outcome)) return [];
    given.add(verdict.outcome);
    const { number, unit } = showReading(observation.value, observation.quantity, observation.resolution ?? null);
    const figure = observation.value === 'overload' ? texts.overloadSign : `${number} ${unit}`.trim();
    return [{ figure, isExact: observation.value === 'overload', verdict }];
  });
}
