import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cornerRadius, signalHertz, turnsPerSecond, USUAL_STANCE, wheelKmh } from './wheels';

const WHEELS = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

describe('wheels in a bend, against closed forms', () => {
  test('straight on all run alike', () => {
    for (const channel of WHEELS) expect(wheelKmh(channel, { kmh: 50, steer: 0 })).toBe(50);
  });
  test('rear wheels run as their circles: (R ± t/2) / R', () => {
    const steer = Math.atan(USUAL_STANCE.wheelbaseM / 20);
    expect(cornerRadius(steer, USUAL_STANCE)).toBeCloseTo(20, 9);
    expect(wheelKmh('rear-left', { kmh: 30, steer })).toBeCloseTo((30 * (20 - 0.75)) / 20, 9);
    expect(wheelKmh('rear-right', { kmh: 30, steer })).toBeCloseTo((30 * (20 + 0.75)) / 20, 9);
    expect(wheelKmh('front-right', { kmh: 30, steer })).toBeCloseTo((30 * Math.hypot(20.75, 2.6)) / 20, 9);
  });
  test('the outer wheels are faster, and a bend to the right mirrors one to the left', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.6, noNaN: true }),
        fc.double({ min: 1, max: 120, noNaN: true }),
        (steer, kmh) => {
          const left = { kmh, steer };
          const right = { kmh, steer: -steer };
          expect(wheelKmh('rear-right', left)).toBeGreaterThan(wheelKmh('rear-left', left));
          expect(wheelKmh('front-right', left)).toBeGreaterThan(wheelKmh('front-left', left));
          expect(wheelKmh('rear-right', left)).toBeCloseTo(wheelKmh('rear-left', right), 6);
          expect(wheelKmh('front-left', left)).toBeCloseTo(wheelKmh('front-right', right), 6);
        },
      ),
    );
  });
});

describe('frequency is teeth times turns', () => {
  test('a wheel of 1.95 m at 7.02 km/h turns once a second; 48 teeth give 48 Hz', () => {
    expect(turnsPerSecond(7.02, 1.95)).toBeCloseTo(1, 9);
    expect(signalHertz(48, turnsPerSecond(7.02, 1.95))).toBeCloseTo(48, 6);
  });
  test('twice the speed, twice the frequency; a smaller tyre turns faster', () => {
    expect(signalHertz(44, turnsPerSecond(60, 1.95))).toBeCloseTo(2 * signalHertz(44, turnsPerSecond(30, 1.95)), 9);
    expect(turnsPerSecond(30, 1.8)).toBeGreaterThan(turnsPerSecond(30, 1.95));
  });
});
