import { SEGMENTS, type Channel, type Segment } from '../../../core/casefile/words';
import type { FullAssessment } from '../../../core/judgement/assess';
import type { CheckedBy, PartState, PartView } from '../../../core/judgement/parts';
import { SEGMENT_NAMES } from '../../../core/knowledge/names';
import { showFigure } from '../../../core/quantities/show';
import { percent } from '../../../core/words/percent';
import { texts } from '#words/shared/path';
import { inSentence } from '#words/language';

/** One segment as drawn. */
export interface PathPiece {
  readonly segment: Segment;
  readonly name: string;
  readonly shortName: string;
  readonly state: PartState;
  readonly probability: number;
  readonly label: string;
  /** The finding that made it good, or why it can't be checked; empty where there is none. */
  readonly reason: string;
}

const SHORT: Readonly<Record<Segment, string>> = {
  ring: texts.ring,
  gap: texts.gap,
  sensor: texts.sensor,
  lead: texts.lead,
  plug: texts.plug,
  loom: texts.loom,
  module: texts.mod,
};

/** A state in words; per cent stand only with what is suspected. */
export function stateWords(state: PartState, probability: number): string {
  switch (state) {
    case 'checked-good':
      return texts.checkedGood;
    case 'not-checked':
      return texts.notCheckedYet;
    case 'cannot-check':
      return texts.cannotCheck;
    case 'suspect':
      return texts.suspect(percent(probability));
    case 'at-fault':
      return texts.atFault;
    default:
      return state satisfies never;
  }
}

const BY: Readonly<Record<CheckedBy['by'], string>> = {
  eye: texts.byEye,
  meter: texts.byMeter,
  reader: texts.byReader,
};

type Verdicts = FullAssessment['verdicts'];

function reasonOf({ checked, because }: PartView, verdicts: Verdicts): string {
  if (checked) {
    const figure = verdicts[checked.observation]?.figure;
    const shown = figure ? showFigure(figure.value, figure.unit) : '';
    return [BY[checked.by], shown].filter(Boolean).join(' ');
  }
  return because === null ? '' : texts.because[because];
}

/** The seven pieces of a channel's path; before the first judgement none is checked. */
export function pathOf(parts: readonly PartView[], channel: Channel, verdicts: Verdicts = {}): PathPiece[] {
  return SEGMENTS.map((segment) => {
    const view = parts.find((part) => part.channel === channel && part.segment === segment);
    const state = view?.part ?? 'not-checked';
    const probability = view?.probability ?? 0;
    return {
      segment,
      name: SEGMENT_NAMES[segment],
      shortName: SHORT[segment],
      state,
      probability,
      label: stateWords(state, probability),
      reason: view ? reasonOf(view, verdicts) : '',
    };
  });
}

/** The path in half a sentence: how many parts are checked good, which is suspect or at fault. */
export function summaryOf(pieces: readonly PathPiece[]): string {
  const named = (state: PartState): string =>
    pieces
      .filter((piece) => piece.state === state)
      .map(({ name }) => inSentence(name))
      .join(', ');
  const good = pieces.filter(({ state }) => state === 'checked-good').length;
  const [fault, suspect] = [named('at-fault'), named('suspect')];
  return [
    texts.checkedGoodOf(good, pieces.length),
    ...(fault === '' ? [] : [texts.isAtFault(fault)]),
    ...(suspect === '' ? [] : [texts.isSuspect(suspect)]),
    ...(fault === '' && suspect === '' && good === 0 ? [texts.nothingSuspect] : []),
  ].join(', ');
}
