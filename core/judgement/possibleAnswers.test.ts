import { describe, expect, test } from 'vitest';
import { car, caseOf, segmentOf } from '../../tests/support/caseBuilder';
import { CHECKS } from '../knowledge/checks/all';
import { assess, imagineParts } from './assess';
import { validate } from '../casefile/validate';
import { possibleAnswers } from './possibleAnswers';
import { sheetFor } from '../knowledge/checks/sheets';

const COIL = { is: 'check', check: 'meter:sensor:resistance', channel: 'front-left' } as const;
const file = caseOf(car('passive'), [{ kind: 'code', code: 'C0031-13', status: 'current' }]);

describe('sheets and answers', () => {
  test('every check of the table has a sheet, or is answered elsewhere', () => {
    const without = CHECKS.map((row) => row.check).filter((word) => !sheetFor(word));
    expect([...new Set(without)]).toEqual(['ask:history']);
    expect(CHECKS.length).toBeGreaterThan(38);
  });
  test('every answer is an observation that the contract admits', () => {
    let met = 0;
    for (const check of new Set(CHECKS.map((record) => record.check)))
      for (const { observation } of possibleAnswers({ is: 'check', check, channel: 'front-left' }, file)) {
        met += 1;
        expect(validate({ ...file, observations: [...file.observations, observation] }), check).toMatchObject({
          ok: true,
        });
      }
    expect(met).toBeGreaterThan(100);
  });
});

describe('what each answer would do', () => {
  test('is what the judgement would be if it were seen, and changes nothing', () => {
    const before = JSON.stringify(file);
    const answers = possibleAnswers(COIL, file);
    const paths = imagineParts(
      file,
      answers.map((answer) => answer.observation),
    );
    expect(answers.map((answer) => answer.words)).toEqual(['in its band', 'well below it', 'overload']);
    answers.forEach(({ observation }, index) => {
      const seen = assess({ ...file, observations: [...file.observations, observation] });
      const imagined = paths[index]?.find((path) => path.channel === 'front-left' && path.segment === 'sensor');
      expect(imagined?.probability).toBeCloseTo(segmentOf(seen, 'front-left', 'sensor').probability, 5);
    });
    expect(JSON.stringify(file)).toBe(before);
  });
  test('a sound reading clears what overload would condemn', () => {
    const [inside, , open] = imagineParts(
      file,
      possibleAnswers(COIL, file).map((possibleAnswer) => possibleAnswer.observation),
    );
    const sensor = (views: typeof inside) =>
      views?.find((view) => view.channel === 'front-left' && view.segment === 'sensor')?.probability ?? 0;
    expect(sensor(inside)).toBeLessThan(0.2);
    expect(sensor(open)).toBeGreaterThan(0.4);
  });
});
