import { expect, test } from 'vitest';
import { validate } from '../../core/casefile/validate';
import { assess } from '../../core/judgement/assess';
import { EXPERT_BESIDE_WHEELS } from './expertBeside';
import type { ExpertCase, Stage } from './expertCase';
import { EXPERT_MIDWAY } from './expertMidway';
import { EXPERT_AT_WHEELS } from './expertWheel';
import { after } from './writtenCase';

const EXPERT = [...EXPERT_AT_WHEELS, ...EXPERT_BESIDE_WHEELS, ...EXPERT_MIDWAY];

/** Share of all stages in which the adviser does as the expert would. */
const AS_AN_EXPERT = 0.95;

/** What an expert would object to at a stage; empty where nothing. */
function objections(written: ExpertCase, stage: Stage): string {
  const { ranking, next } = assess(after(written, stage.after));
  const [top] = ranking;
  const leads = `${top?.fault}${top?.channel ? `@${top.channel}` : ''}`;
  const moves = next.slice(0, 3).map((move) => `${move.check}${move.channel ? `@${move.channel}` : ''}`);
  const wrong = [
    stage.leads && !leads.includes(stage.leads) ? `${leads} leads` : '',
    stage.atLeast && (top?.probability ?? 0) < stage.atLeast ? `only ${top?.probability}` : '',
    stage.first && !stage.first.test(moves[0] ?? '') ? `first ${moves[0]}` : '',
    stage.never && moves.some((move) => stage.never?.test(move)) ? `among the first: ${moves.join(', ')}` : '',
  ].filter(Boolean);
  return wrong.length > 0 ? `${written.name}, after ${stage.after} (${stage.why}): ${wrong.join('; ')}` : '';
}

test('there are as many cases again as before, and each is a right case file', () => {
  expect(EXPERT.length).toBeGreaterThanOrEqual(50);
  for (const written of EXPERT)
    expect(validate(after(written, written.steps.length)), written.name).toMatchObject({ ok: true });
});

test('an expert would agree in 95 of 100 stages', () => {
  const stages = EXPERT.flatMap((written) => written.stages.map((stage) => objections(written, stage)));
  const objected = stages.filter(Boolean);
  expect(objected.length / stages.length, objected.join('\n')).toBeLessThanOrEqual(1 - AS_AN_EXPERT);
});
