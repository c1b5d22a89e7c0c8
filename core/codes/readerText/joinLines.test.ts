import { expect, test } from 'vitest';
import { joinLines } from './joinLines';

const joined = (...lines: readonly string[]) => joinLines(lines.join('\n')).map(({ text }) => text);

test.each<readonly [what: string, lines: readonly string[], whole: readonly string[]]>([
  ['a byte after its mark', ['C0034-', '13 open'], ['C0034-13 open']],
  ['a byte after its mark, with blanks on both sides', ['C0034: ', '  13'], ['C0034:13']],
  ['a byte with its mark on the next line', ['C0034 ', ' -13'], ['C0034-13']],
  ['a code in two', ['C00', '34 open'], ['C0034 open']],
  ['a code in two by a hyphen', ['C00-', ' 34'], ['C0034']],
  ['a letter by itself', ['C', '0034'], ['C0034']],
  ['words that end in a whole code', ['ABS C0034', '-13 stored'], ['ABS C0034-13 stored']],
])('%s', (_what, lines, whole) => expect(joined(...lines)).toEqual(whole));

test.each<readonly [what: string, lines: readonly string[]]>([
  ['two whole codes', ['C0034', 'C0037']],
  ['a byte without a mark, which may be a count', ['C0034', '13']],
  ['a mark and words', ['C0034-', 'open']],
  ['too few digits', ['C00', '3 open']],
  ['too many digits', ['C00', '345']],
  ['letters alone, which may be a word', ['C00', 'AB']],
  ['a word that begins like the rest', ['C00', '34th try']],
  ['digits further on', ['C00', 'is 34']],
  ['a code within a word', ['ABC00', '34']],
  ['a line without any code', ['open', '34']],
  ['a byte that goes on as a word', ['C0034-', '13x']],
  ['a mark that goes on as a word', ['C0034', '-13x']],
])('stay apart: %s', (_what, lines) => expect(joined(...lines)).toEqual(lines));

test('lines keep the number of their first one, whatever ends them', () => {
  expect(joinLines('one\r\nC0034-\r13\u2028four').map(({ number, text }) => `${number} ${text}`)).toEqual([
    '1 one',
    '2 C0034-13',
    '4 four',
  ]);
});

test('of a line two thousand letters count, and none that is as long is joined', () => {
  const [long] = joinLines(`${'x'.repeat(3000)}`);
  expect(long?.text).toHaveLength(2000);
  const end = ' C0034-';
  expect(joinLines(`${'x'.repeat(2000 - end.length)}${end}\n13`)).toHaveLength(2);
  expect(joinLines(`${'x'.repeat(1999 - end.length)}${end}\n13`)).toHaveLength(1);
});
