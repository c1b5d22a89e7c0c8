import { expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { possibleAnswers } from './possibleAnswers';
import { advise, assess } from './assess';
import { overturnsOf } from './overturn';

const seen: Loose[] = [
  { kind: 'code', code: 'C0037-13', status: 'current' },
  { kind: 'clear', result: 'returned-at-key-on', returned: ['C0037-13'], stayed: [] },
  { kind: 'meter', channel: 'rear-left', point: 'sensor', quantity: 'resistance', value: 'overload', range: 20_000 },
];

test('what would change its mind really does: the answer, given, puts the told fault first', () => {
  const file = caseOf(car('passive'), seen);
  const { ranking, next } = advise(file);
  const overturns = overturnsOf(file, next, ranking[0]);
  expect(overturns.length).toBeGreaterThan(0);
  for (const overturn of overturns) {
    const answer = possibleAnswers(overturn.move, file).find(
      (possibleAnswer) => possibleAnswer.words === overturn.answer,
    );
    if (!answer) throw new Error(`no answer "${overturn.answer}"`);
    const then = assess({ ...file, observations: [...file.observations, answer.observation] });
    expect([then.ranking[0]?.fault, then.ranking[0]?.channel]).toEqual([
      overturn.instead.fault,
      overturn.instead.channel,
    ]);
    expect(overturn.chance).toBeGreaterThan(0);
    expect(overturn.chance).toBeLessThanOrEqual(1);
  }
});

test('an empty ranking has nothing to overturn', () => {
  const file = caseOf(car('passive'), []);
  expect(overturnsOf(file, [], undefined)).toEqual([]);
});
