import { describe, expect, test } from 'vitest';
import type { Channel } from '../../core/casefile/words';
import type { Weight } from '../../core/belief/weights';
import { assessFully, type FullAssessment } from '../../core/judgement/assess';
import { moveKey } from '../../core/knowledge/moves';
import { CIRCUIT_CASES } from '../cases/circuit';
import { BESIDE } from '../cases/beside';
import { WHEEL_SIDE } from '../cases/wheelSide';
import { after } from '../cases/writtenCase';
import { HISTORIES } from './histories';

/**
 * What the adviser says of a quarter of the written cases and of jobs with a past, number by number, kept beside this test: a change that moves
 * any of it shows here what it moves, to be read before it is kept (`npx vitest run tests/judgements -u`).
 * Whether the advice is sensible is for the cases, the laws and the trial.
 */
const CASES = [...WHEEL_SIDE, ...CIRCUIT_CASES, ...BESIDE].filter((_written, at) => at % 4 === 0);

const percent = (share: number): string => `${(100 * share).toFixed(2)} %`;
const at = (channel: Channel | null): string => channel ?? 'the car';

/** A line for each report at each wheel, in decibans. */
function weightLines(weights: readonly Weight[]): string[] {
  const lines = new Map<string, string>();
  for (const { ids, channel, segment, decibans } of weights) {
    const key = `weight of ${ids.join(' ')} at ${channel}:`;
    lines.set(key, `${lines.get(key) ?? key} ${segment} ${decibans.toFixed(1)}`);
  }
  return [...lines.values()];
}

function linesOf(judged: FullAssessment): readonly string[] {
  return [
    ...judged.ranking
      .slice(0, 8)
      .map((row) => `${percent(row.probability)} ${row.fault}, ${at(row.channel)}, ${row.segment ?? '-'}`),
    ...judged.parts
      .filter(({ part }) => part !== 'not-checked')
      .map((view) => {
        const by = view.checked ? ` by ${view.checked.by} (${view.checked.observation})` : (view.because ?? '');
        return `part ${view.channel} ${view.segment}: ${view.part}${by}, ${percent(view.probability)}`;
      }),
    ...judged.corners.map(({ channel, state, probability }) => `corner ${channel}: ${state}, ${percent(probability)}`),
    ...judged.next
      .slice(0, 6)
      .map(
        (move) =>
          `next ${moveKey(move.move)}: ${move.minutes} min, ${move.cost}, ${move.because} ${move.expectedSaving}${move.chance === undefined ? '' : `, chance ${percent(move.chance)}`}`,
      ),
    ...judged.next.slice(0, 1).map((move) => `because ${move.why}`),
    ...(judged.bar ? [`bar ${judged.bar.id}: ${judged.bar.sentence}`] : []),
    ...(judged.stop ? [`stop ${judged.stop.id}`] : []),
    ...judged.cautions.map((caution) => `caution ${caution.id}`),
    ...judged.doubtful.map((doubt) => `doubtful ${doubt.id}`),
    ...judged.ignored.map((entry) => `ignored ${entry.id}: ${entry.why}`),
    ...weightLines(judged.weights),
    ...(judged.repairDoubt === null ? [] : [`repaired wrongly: ${percent(judged.repairDoubt)}`]),
  ];
}

describe.each([...CASES, ...HISTORIES].map((written) => [written.name, written] as const))('%s', (_name, written) => {
  const stages = [...new Set([Math.ceil(written.steps.length / 2), written.steps.length])];
  test.each(stages)('after %i steps', (count) => {
    expect(linesOf(assessFully(after(written, count)))).toMatchSnapshot();
  });
});
