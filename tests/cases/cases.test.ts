import { describe, expect, test } from 'vitest';
import type { CaseFile, Observation, Repair } from '../../core/casefile/contract';
import { validate } from '../../core/casefile/validate';
import { assess, type Assessment } from '../../core/judgement/assess';
import { ALL_FAULTS } from '../../core/knowledge/faults';
import { BESIDE } from './beside';
import { CIRCUIT_CASES } from './circuit';
import { WHEEL_SIDE } from './wheelSide';
import type { WrittenCase } from './writtenCase';

const CASES = [...WHEEL_SIDE, ...CIRCUIT_CASES, ...BESIDE];

/** The case file after so many steps. */
function after(one: WrittenCase, count: number): CaseFile {
  const observations: Observation[] = [];
  const repairs: Repair[] = [];
  one.steps.slice(0, count).forEach((step, index) => {
    if ('repaired' in step) repairs.push({ ...step.repaired, id: `r${index}`, after: observations.at(-1)?.id ?? null });
    else observations.push({ ...step, id: `o${index}` });
  });
  return { format: 'zelf-case', version: 1, vehicle: one.vehicle, observations, repairs };
}

function truthIn(one: WrittenCase, assessment: Assessment): number {
  return (
    assessment.ranking.find((row) => row.fault === one.truth.fault && row.channel === one.truth.channel)?.probability ??
    0
  );
}

/** An expert does not grow sure of something else on the way: the truth never falls below its share before any evidence. */
const SLACK = 0.9;

describe.each(CASES.map((one) => [one.name, one] as const))('%s', (_name, one) => {
  const stages = one.steps.map((_step, index) => assess(after(one, index + 1)));
  const end = stages.at(-1) as Assessment;

  test('is a right case file', () => expect(validate(after(one, one.steps.length))).toMatchObject({ ok: true }));

  test('the truth never falls below its prior but where an expert is misled too', () => {
    if (one.truth.fault === 'none') return expect(truthIn(one, end)).toBeGreaterThan(0.9);
    const prior = truthIn(one, assess(after(one, 0)));
    stages.forEach((stage, index) => {
      if (!one.misleading?.includes(index + 1))
        expect(truthIn(one, stage), `after step ${index + 1}`).toBeGreaterThanOrEqual(prior * SLACK);
    });
  });

  test('the truth is on top at the end', () => {
    expect(end.ranking[0]).toMatchObject({ fault: one.truth.fault, channel: one.truth.channel });
  });

  test('the first move is wise', () => {
    for (const { after: count, moves } of one.wise)
      expect(assess(after(one, count)).next[0]?.check, `after ${count} steps`).toMatch(moves);
  });
});

test('there are at least 40 cases, every fault is the truth of one, and many are traps', () => {
  expect(CASES.length).toBeGreaterThanOrEqual(40);
  const told = new Set(CASES.map((one) => one.truth.fault));
  expect(ALL_FAULTS.map((one) => one.id).filter((id) => !told.has(id))).toEqual([]);
  expect(CASES.filter((one) => one.trap !== '').length).toBeGreaterThan(20);
});
