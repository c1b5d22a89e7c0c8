import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../../tests/support/seededRandom';
import type { Flash, Scheme } from './flash';
import { flashesOf, USUAL_TIMING, type LampTiming } from './practiceLamp';
import { settleTakes } from './settle';
import { readTake } from './take';

describe('tapping by hand, simulated', () => {
  const random = seededRandom(20_26);
  const between = (low: number, high: number): number => low + (high - low) * random();
  const pick = (many: number): number => Math.floor(random() * many);

  function timing(): LampTiming {
    const beat = between(0.4, 0.9);
    const digitPause = beat * between(2.3, 3.6);
    return {
      ...USUAL_TIMING,
      beat,
      digitPause,
      codePause: digitPause * between(1.7, 2.8),
      lit: beat * 0.5,
      longLit: between(0.85, 1.4),
      bulbCheck: random() < 0.5 ? between(2, 3.5) : 0,
    };
  }

  /** Each tap is up to a quarter of the beat early or late; holding strays less. */
  function tapped(lamp: readonly Flash[], beat: number, slip: 'none' | 'missed' | 'doubled'): Flash[] {
    const made = lamp.map(({ at, held }) => ({ at: at + between(-0.25, 0.25) * beat, held: held * between(0.8, 1.2) }));
    const at = pick(made.length);
    if (slip === 'missed') return made.filter((_, index) => index !== at);
    const twin = made[at];
    return slip === 'doubled' && twin ? [...made, { ...twin, at: twin.at + beat * between(0.15, 0.5) }] : made;
  }

  const CODES = 6000;
  const SHARES = 2;
  let [settled, wrong] = [0, 0];

  function settleOne(): void {
    const scheme: Scheme = random() < 0.75 ? 'counts' : 'long-short';
    const lamp = timing();
    const list = Array.from({ length: 1 + pick(3) }, () =>
      scheme === 'counts' ? `${1 + pick(9)}${1 + pick(9)}` : String(10 * (1 + pick(6)) + 1 + pick(9)),
    );
    const shown = flashesOf(list, scheme, lamp);
    const slipAt = pick(3);
    const takes = [0, 1, 2].map((take) =>
      readTake(tapped(shown, lamp.beat, take === slipAt ? (random() < 0.5 ? 'missed' : 'doubled') : 'none')),
    );
    const says = settleTakes(takes).codes ?? settleTakes(takes.slice(0, 2)).codes;
    if (says === null) return;
    settled += 1;
    if ([...says].sort().join() !== [...new Set(list)].sort().join()) wrong += 1;
  }

  test.each(Array.from({ length: SHARES }, (_, at) => at + 1))(
    'half %i of 6,000 codes: nineteen of twenty settle within three takes, and in all at most 1 wrongly',
    (half) => {
      const before = settled;
      for (let at = 0; at < CODES / SHARES; at += 1) settleOne();
      expect(settled - before).toBeGreaterThanOrEqual((0.95 * CODES) / SHARES);
      expect(wrong).toBeLessThanOrEqual(1);
      if (half === SHARES) console.info(`rhythm: ${settled} of ${CODES} settled, ${wrong} wrongly`);
    },
    30_000,
  );
});
