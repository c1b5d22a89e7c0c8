import { expect, test } from 'vitest';
import { car } from '../../tests/support/caseBuilder';
import { lessonOf } from './lesson';

test('the road of a car with a known fault ends in its repair, and is the same each time', () => {
  const found = { fault: 'sensor-open', channel: 'rear-right' } as const;
  const lesson = lessonOf(car('passive'), found);
  expect(lesson.isRight).toBe(true);
  expect(lesson.road.map(({ move }) => move)).toContainEqual(
    expect.objectContaining({ is: 'repair', action: 'replaced', segment: 'sensor' }),
  );
  expect(lesson.road.at(-1)?.minutes).toBeGreaterThanOrEqual(0);
  expect(lesson.minutes).toBeGreaterThan(lesson.leastMinutes);
  expect(lessonOf(car('passive'), found)).toEqual(lesson);
}, 20_000);
