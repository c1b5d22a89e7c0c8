import { expect, test } from 'vitest';
import type { Flash, Scheme } from './flash';
import { flashesOf, USUAL_TIMING } from './practiceLamp';
import { readTake } from './take';

/** How a dozen takes are read, and how far every other reading trails: kept beside this test (`npx vitest run core/codes -u`). */

/** The hand strays in a fixed way: late, early, on time, by so much of a second. */
function byHand(flashes: readonly Flash[], stray: number): Flash[] {
  const way = [0, 1, -1, 0.5, -0.4, 0.8, -0.9];
  return flashes.map(({ at, held }, number) => ({ at: at + stray * (way[number % way.length] ?? 0), held }));
}

const TAKES: readonly (readonly [scheme: Scheme, codes: string, stray: number, pace: number])[] = [
  ['counts', '12', 0, 1],
  ['counts', '12', 0.08, 1],
  ['counts', '23 23 23', 0.05, 1],
  ['counts', '23 41 23', 0.12, 1],
  ['counts', '11 11', 0.03, 1],
  ['counts', '20 7', 0.05, 1],
  ['counts', '5', 0.1, 0.7],
  ['counts', '33 41', 0.1, 1.6],
  ['long-short', '23', 0, 1],
  ['long-short', '31 12 4', 0.05, 1],
  ['long-short', '20 15 20', 0.1, 1],
  ['long-short', '42', 0.12, 1.4],
];

const shown = (taps: readonly Flash[], scheme?: Scheme): readonly string[] => {
  const take = readTake(taps, scheme);
  return [
    `${take.scheme}: ${take.codes.join(' ')}, ${take.ignored} left out, groups ${JSON.stringify(take.counts)}`,
    ...take.readings.map(({ codes, trails }) => `${codes.join(' ')} ${trails.toFixed(2)}`),
  ];
};

test.each(TAKES)('%s %s, straying by %d s, at %d of the usual pace', (scheme, codes, stray, pace) => {
  const lamp = flashesOf(codes.split(' '), scheme, USUAL_TIMING);
  const taps = byHand(lamp, stray).map(({ at, held }) => ({ at: at * pace, held: held * pace }));
  expect([shown(taps), shown(taps.slice(1)), shown(taps.slice(0, -1)), shown(taps, scheme)]).toMatchSnapshot();
});

const tapped = (...at: readonly number[]): Flash[] => at.map((moment) => ({ at: moment, held: 0.1 }));

test('a run of flickers is left out from three quick gaps on', () => {
  const code = [4, 4.5, 5.9, 6.4, 6.9];
  expect([
    shown(tapped(0, 0.1, 0.2, ...code)),
    shown(tapped(0, 0.1, 0.2, 0.3, ...code)),
    shown(tapped(0, 0.1, 0.2, 0.3, 0.4, ...code)),
    shown(tapped(0, 0.24, 0.48, 0.72, ...code)),
    shown(tapped(0, 0.26, 0.52, 0.78, ...code)),
    shown(tapped(0, 0.1, 0.2, 0.3)),
  ]).toMatchSnapshot();
});
