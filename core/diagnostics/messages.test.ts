import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  clearCodes,
  codeBytes,
  codesIn,
  codeText,
  openSession,
  readAnswer,
  readCodes,
  readData,
  speedsIn,
  testerPresent,
} from './messages';

const bytes = (text: string): Uint8Array => Uint8Array.from(text.split(' '), (word) => parseInt(word, 16));
const hex = (message: Uint8Array): string => [...message].map((value) => value.toString(16).padStart(2, '0')).join(' ');

describe('messages as the standard writes them', () => {
  test.each([
    ['extended session', openSession('extended'), '10 03'],
    ['default session', openSession('default'), '10 01'],
    ['clear all groups', clearCodes(), '14 ff ff ff'],
    ['codes by status mask', readCodes(0x0d), '19 02 0d'],
    ['data by identifier', readData(0xf190), '22 f1 90'],
    ['tester present, no answer wanted', testerPresent(), '3e 80'],
  ])('%s', (_name, message, wanted) => expect(hex(message)).toBe(wanted));

  test.each([
    ['positive', '59 02 ff 40 34 13 09', { is: 'positive', data: bytes('ff 40 34 13 09') }],
    ['pending', '7f 19 78', { is: 'pending' }],
    ['refused', '7f 19 22', { is: 'refused', code: 0x22, words: 'conditions not correct' }],
    ['refused with an unknown code', '7f 19 e7', { is: 'refused', code: 0xe7, words: 'refused with 0xe7' }],
    ['an answer to another service', '54', { is: 'stray' }],
    ['another sub-function', '59 06 ff', { is: 'stray' }],
    ['a refusal of another service', '7f 14 22', { is: 'stray' }],
    ['cut off', '7f 19', { is: 'stray' }],
  ])('an answer: %s', (_name, text, wanted) => expect(readAnswer(readCodes(), bytes(text))).toEqual(wanted));

  test('nothing at all is stray', () => expect(readAnswer(readCodes(), new Uint8Array())).toEqual({ is: 'stray' }));

  test('codes with status; a cut-off last one is left out', () =>
    expect(
      codesIn(bytes('ff 40 34 13 09 40 31 1f 28 c1 21 00 04 40 37')).map((code) => `${code.code} ${code.status}`),
    ).toEqual(['C0034-13 current', 'C0031-1F stored', 'U0121 pending']));

  test('speeds, with a missing one', () => expect(speedsIn(bytes('02 bc ff ff 00 00'))).toEqual([7, null, 0]));
});

test('text and bytes of a code are each other’s inverse', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 0xffffff }), (raw) => {
      const three = [raw >> 16, (raw >> 8) & 0xff, raw & 0xff] as const;
      expect(codeBytes(codeText(three))).toEqual(three);
    }),
  );
  expect(codeBytes('5DB0')).toBeNull();
});

test('no bytes make reading an answer throw', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 300 }), (answer) => {
      const read = readAnswer(readCodes(), answer);
      if (read.is === 'positive') expect(codesIn(read.data).length).toBeLessThanOrEqual(answer.length / 4);
      expect(speedsIn(answer).length).toBe(Math.floor(answer.length / 2));
    }),
  );
});
