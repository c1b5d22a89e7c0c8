import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf, judge, type Loose } from '../../tests/support/caseBuilder';
import type { Channel } from '../casefile/words';
import { cornerNames, type Spin } from './cornerCheck';
import { readerNames } from './readerNames';

const FOUR: readonly Channel[] = ['front-left', 'front-right', 'rear-left', 'rear-right'];

/** Spins the wheels that are asked for until all names are settled. */
function settle(
  truth: ReadonlyMap<Channel, Channel>,
  channels: readonly Channel[],
): { spins: Spin[]; map: ReturnType<typeof cornerNames> } {
  const spins: Spin[] = [];
  let map = cornerNames(spins, channels);
  while (map.next && spins.length < 8) {
    spins.push({ spun: map.next, shown: truth.get(map.next) ?? null });
    map = cornerNames(spins, channels);
  }
  return { spins, map };
}

const shownAs = (rule: (channel: Channel) => Channel): ReadonlyMap<Channel, Channel> =>
  new Map(FOUR.map((channel) => [channel, rule(channel)]));
const swapSide = (channel: Channel): Channel =>
  (channel.endsWith('left') ? channel.replace('left', 'right') : channel.replace('right', 'left')) as Channel;
const swapEnd = (channel: Channel): Channel =>
  (channel.startsWith('front') ? channel.replace('front', 'rear') : channel.replace('rear', 'front')) as Channel;

describe('names from the fewest spins', () => {
  test.each([
    ['true-names', shownAs((channel) => channel)],
    ['sides-crossed', shownAs(swapSide)],
    ['ends-crossed', shownAs(swapEnd)],
    ['turned-round', shownAs((channel) => swapSide(swapEnd(channel)))],
  ] as const)('%s is settled: right names by two wheels, a mix-up only by all', (pattern, truth) => {
    const { spins, map } = settle(truth, FOUR);
    expect(spins).toHaveLength(pattern === 'true-names' ? 2 : 4);
    expect(map.pattern).toBe(pattern);
    for (const wheel of FOUR) expect(map.meaning.get(truth.get(wheel) ?? wheel)).toBe(wheel);
  });

  test('any mix-up at all is settled rightly within the wheels there are, but for those that look like a whole pattern', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...FOUR], { minLength: 4, maxLength: 4 }), (names) => {
        const truth = new Map(FOUR.map((channel, index) => [channel, names[index] as Channel]));
        const { spins, map } = settle(truth, FOUR);
        expect(spins.length).toBeLessThanOrEqual(4);
        if (map.pattern === 'own')
          for (const wheel of FOUR) expect(map.meaning.get(truth.get(wheel) as Channel)).toBe(wheel);
        else expect(spins.every(({ spun, shown }) => map.meaning.get(shown as Channel) === spun)).toBe(true);
      }),
    );
  });

  test('two wheels under one name are told, and asked for again', () => {
    const map = cornerNames(
      [
        { spun: 'front-left', shown: 'front-left' },
        { spun: 'rear-left', shown: 'front-left' },
      ],
      FOUR,
    );
    expect(map.doubled).toEqual(['front-left']);
    expect(map.pattern).toBe('open');
    expect(map.next).not.toBeNull();
  });

  test('a wheel that moved no number is asked for last', () => {
    expect(cornerNames([{ spun: 'front-left', shown: null }], FOUR).next).not.toBe('front-left');
  });

  test('a three-channel car', () => {
    const three: readonly Channel[] = ['front-left', 'front-right', 'rear-axle'];
    const truth = new Map<Channel, Channel>([
      ['front-left', 'front-right'],
      ['front-right', 'front-left'],
      ['rear-axle', 'rear-axle'],
    ]);
    expect(settle(truth, three).map.pattern).toBe('sides-crossed');
  });
});

describe('put right from then on', () => {
  const spin = (spun: Channel, shown: string): Loose => ({
    kind: 'live',
    while: 'hand-spin',
    channel: spun,
    finding: 'answers-as-other-channel',
    shownAs: shown,
  });
  const code: Loose = { kind: 'code', code: 'C0034-13', status: 'current' };
  test('a code of the crossed name counts at the corner it really is', () => {
    const two = [code, spin('front-left', 'front-right'), spin('rear-left', 'RR')];
    expect(readerNames(caseOf(car('passive'), two)).isOpen).toBe(true);
    const seen = [...two, spin('rear-right', 'rear-left'), spin('front-right', 'front-left')];
    expect(readerNames(caseOf(car('passive'), seen)).pattern).toBe('sides-crossed');
    const top = judge(car('passive'), seen).ranking[0];
    expect(top?.channel).toBe('front-left');
    expect(judge(car('passive'), [code]).ranking[0]?.channel).toBe('front-right');
  });
  test('a reader that crosses everything is no crossed loom', () => {
    const crossed = judge(car('passive'), [
      spin('front-left', 'front-right'),
      spin('front-right', 'front-left'),
      spin('rear-left', 'rear-right'),
      spin('rear-right', 'rear-left'),
    ]).ranking.find((row) => row.fault === 'loom-crossed');
    expect(crossed?.probability ?? 0).toBeLessThan(0.02);
  });
  test('a channel that was entered by hand stays as entered', () => {
    const seen = [
      { ...code, channel: 'front-right' } as Loose,
      spin('front-left', 'front-right'),
      spin('rear-left', 'rear-right'),
      spin('rear-right', 'rear-left'),
      { kind: 'live', while: 'hand-spin', channel: 'front-right', finding: 'zero' } as Loose,
    ];
    expect(judge(car('passive'), seen).ranking[0]?.channel).toBe('front-right');
  });
});
