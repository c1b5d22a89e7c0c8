import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { assess } from '../judgement/assess';
import { alsoNamed, meaningFor } from './meaningFor';
import { namesInDoubt } from './namesInDoubt';
import { readerNames } from './readerNames';
import type { Channel } from '../casefile/words';

type Seen = Parameters<typeof caseOf>[1];
type One = Seen[number];

const PASSIVE = car('passive');
const code = (shownAs?: string): One => ({
  kind: 'code',
  code: 'C0034-13',
  status: 'stored',
  module: 'abs',
  ...(shownAs ? { shownAs } : {}),
});
const spun = (channel: Channel, shownAs: string): One => ({
  kind: 'live',
  while: 'hand-spin',
  channel,
  finding: shownAs === channel ? 'follows' : 'answers-as-other-channel',
  shownAs,
});
const driven = (channel: 'front-left' | 'front-right', finding: 'follows' | 'zero'): One => ({
  kind: 'live',
  while: 'drive',
  channel,
  shownAs: channel,
  finding,
});
const doubt = (seen: Seen) => namesInDoubt(caseOf(PASSIVE, seen));

describe('names in doubt', () => {
  test('words and number that agree, or words that are missing, are in no doubt', () => {
    expect(doubt([code()])).toBeNull();
    expect(doubt([code('front-right')])).toBeNull();
    expect(doubt([code('RF')])).toBeNull();
    expect(doubt([])).toBeNull();
  });

  test('words against number: the wheel of the words is spun, then the other', () => {
    expect(doubt([code('front-left')])).toEqual({ because: 'words-against-number', spin: 'front-left' });
    const silent: One = { kind: 'live', while: 'hand-spin', channel: 'front-left', finding: 'zero' };
    expect(doubt([code('front-left'), silent])).toMatchObject({ spin: 'front-right' });
  });

  test('a spin that tells what the name means settles it, either way', () => {
    expect(doubt([code('front-left'), spun('front-left', 'front-left')])).toBeNull();
    const once = [code('front-left'), spun('front-right', 'front-left')];
    expect(doubt(once)).toMatchObject({ because: 'answered-as-another' });
    const crossed = caseOf(PASSIVE, [
      ...once,
      spun('front-left', 'front-right'),
      spun('rear-left', 'rear-right'),
      spun('rear-right', 'rear-left'),
    ]);
    expect(namesInDoubt(crossed)).toBeNull();
    const [first] = crossed.observations;
    const names = readerNames(crossed).meaning;
    expect(first?.kind === 'code' && meaningFor(first, PASSIVE, names).channel).toBe('front-right');
  });

  test('a named wheel that runs well while its twin does not is spun as well', () => {
    const odd = [code(), driven('front-right', 'follows'), driven('front-left', 'zero')];
    expect(doubt(odd)).toEqual({ because: 'code-against-speeds', spin: 'front-right' });
    expect(doubt([code(), driven('front-right', 'zero'), driven('front-left', 'follows')])).toBeNull();
    expect(doubt([code(), driven('front-right', 'follows'), driven('front-left', 'follows')])).toBeNull();
  });

  test('withdrawn observations raise no doubt', () =>
    expect(doubt([{ ...code('front-left'), withdrawn: true }])).toBeNull());

  test('an owner’s meaning outranks both, and a shared rear sensor has no other side', () => {
    const own = car('passive', { codeMeanings: { C0034: { channel: 'front-left' } } });
    expect(alsoNamed({ id: 'a', kind: 'code', code: 'C0034', status: 'stored', shownAs: 'rear left' }, own)).toBeNull();
    const three = car('passive', { channels: ['front-left', 'front-right', 'rear-axle'] });
    const rear = { id: 'a', kind: 'code', code: 'C0037', status: 'stored', shownAs: 'rear right' } as const;
    expect(alsoNamed(rear, three)).toBeNull();
  });
});

describe('what the adviser makes of it', () => {
  const ranking = (seen: Seen) => assess(caseOf(PASSIVE, seen));
  const onSide = (seen: Seen, channel: string): number =>
    ranking(seen)
      .ranking.filter((row) => row.channel === channel)
      .reduce((sum, row) => sum + row.probability, 0);

  test('the code counts for either wheel, and the corner check comes before all else', () => {
    const seen = [code('front-left')];
    expect(onSide(seen, 'front-left')).toBeGreaterThan(0.3);
    expect(onSide(seen, 'front-right')).toBeGreaterThan(0.3);
    expect(ranking(seen).next[0]).toMatchObject({ check: 'live:hand-spin', channel: 'front-left' });
  });

  test('speeds watched under crossed names count where they belong once every wheel has been spun', () => {
    const watched = [code('front-left'), driven('front-left', 'zero'), driven('front-right', 'follows')];
    expect(onSide(watched, 'front-left')).toBeGreaterThan(onSide(watched, 'front-right'));
    const once = [...watched, spun('front-left', 'front-right')];
    expect(ranking(once).next[0]?.check).toBe('live:hand-spin');
    const settled: Seen = [
      ...once,
      spun('rear-left', 'rear-right'),
      spun('rear-right', 'rear-left'),
      { kind: 'live', while: 'hand-spin', channel: 'front-right', finding: 'zero' },
    ];
    expect(onSide(settled, 'front-right')).toBeGreaterThan(0.8);
    expect(onSide(settled, 'front-left')).toBeLessThan(0.1);
  });
});
