import { expect, test } from 'vitest';
import type { Channel } from '../casefile/words';
import { cornerNames, type Spin } from './cornerCheck';

/** What the reader's names turn out to mean after every answer that three wheels can give, and after all orders of four: kept beside this test. */

const FOUR: readonly Channel[] = ['front-left', 'front-right', 'rear-left', 'rear-right'];
const THREE: readonly Channel[] = ['front-left', 'front-right', 'rear-axle'];

const short = (channel: Channel | null | undefined): string =>
  channel
    ? channel
        .split('-')
        .map(([letter = '']) => letter)
        .join('')
    : '-';

function line(spins: readonly Spin[], channels: readonly Channel[]): string {
  const { meaning, pattern, next, isOpen, answered, doubled } = cornerNames(spins, channels);
  const names = [...meaning].map(([name, wheel]) => `${short(name)}=${short(wheel)}`).join(' ');
  return `${spins.map(({ spun, shown }) => `${short(spun)}:${short(shown)}`).join(' ')} → ${pattern}${isOpen ? ', open' : ''}, next ${short(next)}, ${names}, answered ${answered.map(short).join(' ')}, twice ${doubled.map(short).join(' ')}`;
}

/** Every answer to each of these wheels. */
function answers(wheels: readonly Channel[], channels: readonly Channel[]): Spin[][] {
  return wheels.reduce<Spin[][]>(
    (made, spun) => made.flatMap((spins) => [null, ...channels].map((shown) => [...spins, { spun, shown }])),
    [[]],
  );
}

function orders(list: readonly Channel[]): Channel[][] {
  if (list.length <= 1) return [[...list]];
  return list.flatMap((head) => orders(list.filter((other) => other !== head)).map((rest) => [head, ...rest]));
}

test('of four wheels three were spun', () => {
  expect(answers(FOUR.slice(0, 3), FOUR).map((spins) => line(spins, FOUR))).toMatchSnapshot();
});
test('of four wheels two were spun', () => {
  expect(answers(['front-left', 'rear-right'], FOUR).map((spins) => line(spins, FOUR))).toMatchSnapshot();
});
test('four wheels were spun, and every name answered once', () => {
  const spun = orders(FOUR).map((names) => FOUR.map((wheel, at) => ({ spun: wheel, shown: names[at] ?? null })));
  expect(spun.map((spins) => line(spins, FOUR))).toMatchSnapshot();
});
test('with a shared rear sensor', () => {
  expect(answers(THREE, THREE).map((spins) => line(spins, THREE))).toMatchSnapshot();
});
test('a wheel spun again outranks its earlier spin', () => {
  const spins: Spin[] = [
    { spun: 'front-left', shown: 'front-right' },
    { spun: 'front-right', shown: 'front-right' },
    { spun: 'front-left', shown: 'front-left' },
  ];
  expect(line(spins, FOUR)).toMatchSnapshot();
});
