import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cleanFlashes, type Flash, type Scheme } from './flash';
import { flashesOf } from './practiceLamp';
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
