import { describe, expect, test } from 'vitest';
import { validate } from '../../core/casefile/validate';
import { assess, type Assessment } from '../../core/judgement/assess';
import { ALL_FAULTS } from '../../core/knowledge/faults';
import { BESIDE } from './beside';
import { CIRCUIT_CASES } from './circuit';
import { WHEEL_SIDE } from './wheelSide';
import { after, type WrittenCase } from './writtenCase';

const CASES = [...WHEEL_SIDE, ...CIRCUIT_CASES, ...BESIDE];

function truthIn(written: WrittenCase, assessment: Assessment): number {
  return (
    assessment.ranking.find((row) => row.fault === written.truth.fault && row.channel === written.truth.channel)
      ?.probability ?? 0
  );
}

/** An expert does not grow sure of something else on the way: the truth never falls below its share before any evidence. */
const SLACK = 0.9;

describe.each(CASES.map((written) => [written.name, written] as const))('%s', (_name, written) => {
  const stages = written.steps.map((_step, index) => assess(after(written, index + 1)));
  const end = stages.at(-1) as Assessment;

  test('is a right case file', () =>
    expect(validate(after(written, written.steps.length))).toMatchObject({ ok: true }));

  test('the truth never falls below its prior but where an expert is misled too', () => {
    if (written.truth.fault === 'none') return expect(truthIn(written, end)).toBeGreaterThan(0.9);
    const prior = truthIn(written, assess(after(written, 0)));
    stages.forEach((stage, index) => {
      if (!written.misleading?.includes(index + 1))
        expect(truthIn(written, stage), `after step ${index + 1}`).toBeGreaterThanOrEqual(prior * SLACK);
    });
  });

  test('the truth is on top at the end', () => {
    expect(end.ranking[0]).toMatchObject({ fault: written.truth.fault, channel: written.truth.channel });
  });

  test('the first move is wise', () => {
    for (const { after: count, moves } of written.wise)
      expect(assess(after(written, count)).next[0]?.check, `after ${count} steps`).toMatch(moves);
  });
});

test('there are at least 40 cases, every fault is the truth of one, and many are traps', () => {
  expect(CASES.length).toBeGreaterThanOrEqual(40);
  const known = new Set(CASES.map((written) => written.truth.fault));
  expect(ALL_FAULTS.map((row) => row.id).filter((id) => !known.has(id))).toEqual([]);
  expect(CASES.filter((written) => written.trap !== '').length).toBeGreaterThan(20);
});
