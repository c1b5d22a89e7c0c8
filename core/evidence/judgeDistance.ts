import type { ObservationOf } from '../casefile/contract';
import type { TypedTable } from '../knowledge/tables/table';
import * as trials from '../knowledge/tables/trials';
import { fixed } from '../words/figures';
import { fitsOfFigure, goodBand, isBorderline, usedScale } from './onScale';
import type { ReadingContext } from './report';
import type { Verdict } from './verdict';
import { texts } from '#words/core/evidence';

const CHECKS: Readonly<Record<Exclude<ObservationOf<'distance'>['point'], 'spacer'>, TypedTable>> = {
  'air-gap': trials.AIR_GAP,
  'ring-runout': trials.RING_RUNOUT,
  'flange-void': trials.FLANGE_VOID,
};

/** A distance judged; a spacer that was noted says nothing of the fault. */
export interface JudgedDistance {
  readonly check: TypedTable;
  readonly verdict: Verdict;
}

/**
 * Judges a distance that was gauged with a blade.
 * @param seen the distance, metre. @param context the stage it was made in: the sheet's air gap. @returns its check and verdict; null for a spacer.
 * @example judgeDistance({ id: 'd', kind: 'distance', point: 'air-gap', value: 0.0009 }, STAGE).verdict.outcome // => "inside"
 */
export function judgeDistance(seen: ObservationOf<'distance'>, context: ReadingContext): JudgedDistance | null {
  const check = seen.point === 'spacer' ? null : CHECKS[seen.point];
  const scale = check?.passive?.scale;
  if (!check || !scale) return null;
  const used = usedScale(scale, null, context);
  const halfWidth = scale.tool ?? 0;
  const fits = fitsOfFigure(seen.value, halfWidth, used);
  const best = Object.entries(fits).sort(([, a], [, b]) => b - a)[0]?.[0];
  const outcome = scale.outcomes.find(({ id }) => id === best);
  if (!outcome || typeof outcome.text !== 'string') return null;
  const isClear = !isBorderline(seen.value, halfWidth, used);
  return {
    check,
    verdict: {
      topic: scale.topic,
      outcome: outcome.id,
      tone: isClear ? outcome.tone : 'borderline',
      heading: isClear ? `${outcome.text}.` : texts.borderlineWithinItsOwn,
      detail: texts.giveOrTake(fixed(1000 * halfWidth, 2), 'mm'),
      fits,
      good: isClear ? (outcome.good ?? []) : [],
      bad: isClear ? (outcome.bad ?? []) : [],
      figure: { value: seen.value, halfWidth, unit: scale.unit, ...goodBand(used) },
    },
  };
}
