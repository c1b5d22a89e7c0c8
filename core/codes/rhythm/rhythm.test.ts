import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../../tests/support/seededRandom';
import { cleanFlashes, type Flash, type Scheme } from './flash';
import { flashesOf, USUAL_TIMING, type LampTiming } from './practiceLamp';
import { settleTakes } from './settle';
import { readTake } from './take';

const taps = (...at: number[]): Flash[] => at.map((value) => ({ at: value, held: 0.1 }));

describe('one take', () => {
  test.each<[string, Flash[], string[]]>([
    ['two digits', taps(0, 0.5, 1.9, 2.4, 2.9), ['23']],
    ['one and one', taps(0, 1.5), ['11']],
    ['a single count', taps(0, 0.5, 1, 1.5, 2), ['5']],
    ['slow hand', taps(0, 0.9, 3.2, 4.0, 5.0), ['23']],
    ['two codes', taps(0, 1.4, 1.9, 5.2, 5.7, 7.1), ['12', '21']],
    ['a bouncing finger', taps(0, 0.05, 0.5, 1.9, 2.4, 2.9), ['23']],
    ['bulb check tapped short', taps(0, 4, 4.5, 5.9, 6.4, 6.9, 10.2, 10.7, 12.1, 12.6, 13.1), ['23', '23']],
    ['flickers that announce', taps(0, 0.12, 0.24, 0.36, 0.48, 4, 4.5, 5.9, 6.4, 6.9), ['23']],
    ['nothing', [], []],
  ])('%s', (_name, flashes, wanted) => expect(readTake(flashes).codes).toEqual(wanted));

  test.each<[Scheme, string[]]>([
    ['counts', ['12']],
    ['counts', ['33', '41']],
    ['counts', ['20']],
    ['counts', ['7']],
    ['long-short', ['23']],
    ['long-short', ['31', '12', '4']],
    ['long-short', ['20', '15']],
  ])('the practice lamp in %s says %j, its bulb check left out', (scheme, codes) => {
    const take = readTake(flashesOf(codes, scheme));
    expect({ codes: take.codes, ignored: take.ignored, scheme: take.scheme }).toEqual({ codes, ignored: 1, scheme });
  });

  test('a lamp can only flash one or two digits', () =>
    expect(() => flashesOf(['123'], 'counts')).toThrow(/one or two digits/));

  test('hostile times neither throw nor hang', () => {
    fc.assert(
      fc.property(fc.array(fc.record({ at: fc.double(), held: fc.double() }), { maxLength: 400 }), (flashes) => {
        const take = readTake(flashes);
        expect(take.codes.length).toBeLessThanOrEqual(240);
        expect(
          cleanFlashes(flashes).every((cleanFlash) => Number.isFinite(cleanFlash.at) && cleanFlash.held >= 0),
        ).toBe(true);
      }),
    );
  });
});

test('one take is never enough, and two that differ settle nothing', () => {
  const [a, b] = [readTake(flashesOf(['23'], 'counts')), readTake(flashesOf(['24'], 'counts'))];
  expect(settleTakes([a]).codes).toBeNull();
  expect(settleTakes([a, b]).codes).toBeNull();
  expect(settleTakes([a, b, a]).codes).toEqual(['23']);
});

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

  const CODES = 20_000;
  const SHARES = 4;
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
    'quarter %i of 20,000 codes: nineteen of twenty settle within three takes, and in all at most 5 wrongly',
    (quarter) => {
      const before = settled;
      for (let at = 0; at < CODES / SHARES; at += 1) settleOne();
      expect(settled - before).toBeGreaterThanOrEqual((0.95 * CODES) / SHARES);
      expect(wrong).toBeLessThanOrEqual(5);
      if (quarter === SHARES) console.info(`rhythm: ${settled} of ${CODES} settled, ${wrong} wrongly`);
    },
    30_000,
  );
});
