import { describe, expect, test } from 'vitest';
import { car } from '../../tests/support/caseBuilder';
import type { ObservationOf, Vehicle } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { alsoNamed, meaningFor } from './meaningFor';

const CAR = car('passive');
const THREE = car('passive', { channels: ['front-left', 'front-right', 'rear-axle'] });
type Said = Partial<Omit<ObservationOf<'code'>, 'kind' | 'id'>>;
const code = (text: string, said: Said = {}): ObservationOf<'code'> => ({
  id: 'o1',
  kind: 'code',
  code: text,
  status: 'current',
  ...said,
});
const wheel = (text: string, said: Said = {}, vehicle: Vehicle = CAR) => {
  const { channel, by } = meaningFor(code(text, said), vehicle);
  return `${channel} by ${by}`;
};
const OWN = car('passive', { codeMeanings: { C0031: { channel: 'rear-right' }, '33': { text: 'brake fluid low' } } });

describe('whose word decides the wheel', () => {
  test.each<readonly [what: string, text: string, said: Said, vehicle: Vehicle, wheel: string]>([
    ['what was entered', 'C0031', { channel: 'rear-left', meaning: 'right front' }, OWN, 'rear-left by entered'],
    ['the owner’s meaning', 'C0031', { meaning: 'left front wheel' }, OWN, 'rear-right by owner'],
    ['the reader’s wording', 'C0031', { meaning: 'right front wheel' }, CAR, 'front-right by reader'],
    ['the name that it showed', 'C0031', { shownAs: 'RF' }, CAR, 'front-right by reader'],
    ['the standard table', 'C0031', {}, CAR, 'front-left by standard'],
    ['nobody', 'C1234', {}, CAR, 'null by none'],
    ['an owner who names no wheel', '33', {}, OWN, 'null by none'],
    ['one rear sensor for both', 'C1234', { meaning: 'rear wheel speed sensor' }, THREE, 'rear-axle by reader'],
    ['"rear" where there are two', 'C1234', { meaning: 'rear wheel speed sensor' }, CAR, 'null by none'],
    ['either rear wheel, where they share one', 'C0036', {}, THREE, 'rear-axle by standard'],
    ['"front left" where the rear is shared', 'C1234', { meaning: 'left front' }, THREE, 'front-left by reader'],
  ])('%s', (_what, text, said, vehicle, expected) => expect(wheel(text, said, vehicle)).toBe(expected));

  test('a car whose channels nobody has told has all four', () =>
    expect(wheel('C0031', {}, { ...CAR, channels: [] })).toBe('front-left by standard'));

  test('spins put the reader’s and the table’s wheel right, not what was entered', () => {
    const names = new Map<Channel, Channel | null>([
      ['front-left', 'front-right'],
      ['rear-left', null],
    ]);
    expect(meaningFor(code('C0031'), CAR, names).channel).toBe('front-right');
    expect(meaningFor(code('C0037'), CAR, names).channel).toBe('rear-left');
    expect(meaningFor(code('C0031', { channel: 'front-left' }), CAR, names).channel).toBe('front-left');
  });
});

describe('the failure, and whose word it is', () => {
  test.each<readonly [text: string, said: Said, failure: string | null, isWording: boolean]>([
    ['C0031-13', {}, 'open', false],
    ['C0031', { meaning: 'left front sensor, open circuit' }, 'open', true],
    ['C0031', { failure: 'no-signal', meaning: 'open circuit' }, 'no-signal', false],
    ['C0031-13', { failure: 'no-signal' }, 'no-signal', false],
    ['C0031-13', { meaning: 'no signal' }, 'open', false],
    ['C0031', {}, null, false],
    ['C0031', { meaning: 'left front wheel speed sensor' }, null, false],
  ])('%s %j', (text, said, failure, isWording) =>
    expect(meaningFor(code(text, said), CAR)).toMatchObject({ failure, failureIsWording: isWording }),
  );
});

describe('a cause beside the wheels', () => {
  test.each<readonly [text: string, said: Said, cause: string | null]>([
    ['C0040', {}, 'brake-switch'],
    ['C0049', {}, 'brake-fluid'],
    ['P0562', {}, 'supply'],
    ['U0121', {}, 'lost-module'],
    ['C1234', { meaning: 'stop lamp switch' }, 'brake-switch'],
    ['C1234', { meaning: 'valve relay' }, null],
    ['C1234', { failure: 'supply' }, 'supply'],
    ['C1234-16', {}, 'supply'],
    ['C1234-17', {}, 'supply'],
    ['C1234-1C', {}, 'supply'],
    ['C1234-13', {}, null],
    ['C1234', {}, null],
    ['33', {}, 'brake-fluid'],
  ])('%s %j', (text, said, cause) => expect(meaningFor(code(text, said), OWN).cause).toBe(cause));

  test('a code that names a wheel names no cause, whatever its byte', () =>
    expect(meaningFor(code('C0031-16'), CAR).cause).toBeNull());
  test('the owner’s own meaning takes the standard cause away', () => {
    const own = car('passive', { codeMeanings: { C0040: { text: 'yaw rate sensor' } } });
    expect(meaningFor(code('C0040'), own).cause).toBeNull();
  });
});

describe('the other wheel that a code may mean', () => {
  const words: Said = { meaning: 'left front wheel speed sensor' };
  test('the number’s, where the reader’s words name another', () =>
    expect(alsoNamed(code('C0034', words), CAR)).toBe('front-right'));
  test.each<readonly [what: string, text: string, said: Said, vehicle: Vehicle]>([
    ['they agree', 'C0031', words, CAR],
    ['the number names none', 'C1234', words, CAR],
    ['the words name none', 'C0034', {}, CAR],
    ['somebody has entered the wheel', 'C0034', { ...words, channel: 'front-left' }, CAR],
    ['the owner has said what the number means', 'C0031', words, OWN],
    ['both mean the shared rear sensor', 'C0036', { meaning: 'right rear wheel speed sensor' }, THREE],
  ])('none where %s', (_what, text, said, vehicle) => expect(alsoNamed(code(text, said), vehicle)).toBeNull());
  test('none once a spin has told what the words mean; a spin that told nothing leaves it open', () => {
    const meant = (to: Channel | null) => new Map<Channel, Channel | null>([['front-left', to]]);
    expect(alsoNamed(code('C0034', words), CAR, meant('front-right'))).toBeNull();
    expect(alsoNamed(code('C0034', words), CAR, meant(null))).toBe('front-right');
  });
});
