import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { car } from '../../../tests/support/caseBuilder';
import { layOut, newTab } from '../../testSupport';
import { useTimer } from './useTimer';

const MINUTE = 60_000;
const BEGIN = new Date('2026-05-04T17:30:00Z');

let scope: EffectScope;
beforeEach(async () => {
  newTab(await layOut(car('passive')));
  vi.useFakeTimers({ now: BEGIN, toFake: ['Date', 'setInterval', 'clearInterval'] });
  scope = effectScope();
});
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});
const timerOf = (): ReturnType<typeof useTimer> => {
  const made = scope.run(() => useTimer(() => 'j'));
  if (!made) throw new Error('no timer');
  return made;
};

test('rings when its minutes are over, not before', () => {
  const timer = timerOf();
  timer.start(20, 'penetrant');
  vi.advanceTimersByTime(19 * MINUTE);
  expect([timer.isOver.value, timer.minutesPassed.value, timer.what.value]).toEqual([false, 19, 'penetrant']);
  vi.advanceTimersByTime(MINUTE);
  expect([timer.isOver.value, timer.share.value]).toEqual([true, 1]);
});

test('a clock that is set back costs at most the minutes it was set to', () => {
  const timer = timerOf();
  timer.start(20, 'penetrant');
  vi.advanceTimersByTime(5 * MINUTE);
  vi.setSystemTime(BEGIN.getTime() - 400 * 24 * 60 * MINUTE);
  vi.advanceTimersByTime(2 * MINUTE);
  expect(timer.isOver.value).toBe(false);
  vi.advanceTimersByTime(19 * MINUTE);
  expect(timer.isOver.value).toBe(true);
});

test('a clock that is set forward rings at once, and the stop ends it', () => {
  const timer = timerOf();
  timer.start(20, 'penetrant');
  vi.setSystemTime(BEGIN.getTime() + 24 * 60 * MINUTE);
  vi.advanceTimersByTime(1000);
  expect(timer.isOver.value).toBe(true);
  timer.stop();
  expect([timer.isOver.value, timer.minutes.value]).toEqual([false, 0]);
});
