import type { CaseFile, Observation } from '../../core/casefile/contract';
import { kindIn } from '../../core/evidence/sensorKind';
import type { FullAssessment } from '../../core/judgement/assess';
import type { Move } from '../../core/judgement/move';
import { printMove } from '../../core/knowledge/moves';
import { PARTS } from '../../core/knowledge/parts';
import { percent } from '../../core/words/percent';
import { unless } from './law';

/**
 * One mind: whatever the situation, what is said at one place agrees with what is said at every other.
 * Every situation of every law is put to it, with the words that are shown.
 */

/** A cent: figures are printed so. */
const CENT = 0.011;

const nameOf = ({ move }: Move): string => `${printMove(move)}${move.channel ? `@${move.channel}` : ''}`;

/** The list is in the order of its own figures, and what stands first is not dearer than what stands below. */
function orderOf({ next }: FullAssessment): readonly string[] {
  const byMoney = next.filter(({ because }) => because === 'saves');
  const [first] = next;
  return [
    ...byMoney.slice(1).flatMap((move, at) => {
      const before = byMoney[at];
      const isWorse = before !== undefined && move.expectedSaving > before.expectedSaving + CENT;
      return unless(!isWorse, `${nameOf(move)} saves more than ${before ? nameOf(before) : ''} above it`);
    }),
    ...byMoney.flatMap((move) =>
      unless(
        first?.because !== 'saves' || move.expectedSaving <= first.expectedSaving + CENT,
        `${nameOf(move)} is cheaper than the first`,
      ),
    ),
  ];
}

/** What is said of money and chance is what the figures say. */
function wordsOf({ next }: FullAssessment): readonly string[] {
  return next.flatMap((move, at) => {
    const { why, because, chance, expectedSaving } = move;
    const saysLess = why.includes('less than the next best move') || why.includes('less than a workshop');
    const saysMore = why.includes('more than the best move');
    return [
      ...unless(why.trim() !== '' && !/undefined|NaN|\[object| {2}|\.\./.test(why), `${nameOf(move)} says "${why}"`),
      ...unless(!saysLess || (because === 'saves' && expectedSaving > 0), `${nameOf(move)} is said to be cheaper`),
      ...unless(!saysMore || (because === 'saves' && expectedSaving < 0 && at > 0), `${nameOf(move)} is called dearer`),
      ...unless(chance === undefined || why.includes(percent(chance)), `${nameOf(move)} tells another chance`),
      ...unless((chance === undefined) === (move.move.is === 'check'), `${nameOf(move)}: a chance belongs to a repair`),
    ];
  });
}

/** Nothing unlikely is offered beside what is likely, and nothing at all to a car that is well. */
function offersOf({ next, stop }: FullAssessment): readonly string[] {
  const chances = next.flatMap((move) => (move.chance === undefined ? [] : [{ move, chance: move.chance }]));
  const best = Math.max(0, ...chances.map(({ chance }) => chance));
  return [
    ...chances.flatMap(({ move, chance }) =>
      unless(chance >= 0.02 || best <= 0.2, `${nameOf(move)} is offered at ${chance} beside ${best}`),
    ),
    ...unless(stop?.id !== 'nothing-wrong' || next.length === 0, 'a car that is well gets moves'),
  ];
}

/** What has been counted and not withdrawn since the last repair. */
function sinceRepair({ observations, repairs = [], work = [] }: CaseFile): readonly Observation[] {
  /* A wheel that came off, or a lead in the hand, shows what was hidden. */
  if (work.length > 0) return [];
  const last = repairs.at(-1)?.after;
  const from = last ? observations.findIndex(({ id }) => id === last) + 1 : 0;
  return repairs.length > 0 && !last ? [] : observations.slice(from);
}

/** Nothing is asked that the case holds already, nor offered that a finding made impossible. */
function questionsOf(file: CaseFile, { next }: FullAssessment): readonly string[] {
  const hidden = sinceRepair(file).flatMap((seen, at, all) =>
    seen.kind === 'look' &&
    seen.finding === 'hidden' &&
    !all.slice(at + 1).some((later) => later.kind === 'unplug' || later.channel === seen.channel)
      ? [`look:${seen.part}@${seen.channel ?? ''}`]
      : [],
  );
  return next.flatMap((move) => [
    ...unless(
      !nameOf(move).startsWith('ask:sensor-type') || kindIn(file, move.move.channel) === null,
      `${nameOf(move)} is asked although the case holds it`,
    ),
    ...unless(!hidden.includes(nameOf(move)), `${nameOf(move)} cannot be seen from there`),
    ...unless(!/^swap@rear-axle$/.test(nameOf(move)), 'a shared sensor has no twin'),
  ]);
}

/** A part that was looked at and found sound, nothing against it, is checked; and signs, words and figures of a part agree. */
function partsOf(file: CaseFile, { parts, verdicts, doubtful, ignored, corners }: FullAssessment): readonly string[] {
  const leftOut = new Set([...doubtful, ...ignored].map(({ id }) => id));
  const seen = (file.repairs ?? []).length === 0 ? file.observations : [];
  const bad = new Set(Object.values(verdicts).flatMap((verdict) => (verdict.tone === 'bad' ? verdict.bad : [])));
  const sound = seen.flatMap((look) => {
    if (look.kind !== 'look' || look.finding !== 'sound' || look.unsure || !look.channel || leftOut.has(look.id))
      return [];
    const { segment } = PARTS[look.part];
    const good = verdicts[look.id]?.good ?? [];
    return good.includes(segment) && !bad.has(segment) ? [`${look.channel} ${segment}`] : [];
  });
  return parts.flatMap(({ channel, segment, state, part, checked, probability }) => {
    const name = `${channel} ${segment}`;
    const isAccused = state === 'at-fault' || state === 'suspect';
    return [
      ...unless(isAccused === (part === state), `${name}: ${state} is shown as ${part}`),
      ...unless((checked !== null) === (part === 'checked-good'), `${name}: ${part} by ${checked?.observation}`),
      ...unless(
        isAccused || part === 'checked-good' || !sound.includes(name),
        `${name} was found sound, and is ${part}`,
      ),
      ...unless(
        segment === 'module' ||
          probability <= (corners.find((corner) => corner.channel === channel)?.probability ?? 0) + 1e-3,
        `${name} is likelier than its corner`,
      ),
    ];
  });
}

/** The bar speaks of the list's first move, or of none. */
function barOf({ bar, next, stop }: FullAssessment): readonly string[] {
  return [
    ...unless(!bar?.move || bar.move === next[0], 'the bar speaks of another move than the list'),
    ...unless(bar?.id !== 'next' || bar.why === next[0]?.why, 'the bar gives another reason than the list'),
    ...unless(bar?.id !== 'cured' || stop?.id === 'nothing-wrong', 'the bar says cured'),
  ];
}

/** What one part of a judgement says against another; empty when it is of one mind. */
export function contradictionsIn(file: CaseFile, full: FullAssessment): readonly string[] {
  return [
    ...orderOf(full),
    ...wordsOf(full),
    ...offersOf(full),
    ...questionsOf(file, full),
    ...partsOf(file, full),
    ...barOf(full),
  ];
}
