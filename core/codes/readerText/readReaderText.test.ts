import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { LONGEST_READER_TEXT, MOST_READER_LINES, readReaderText } from './readReaderText';

function found(text: string): string[] {
  const read = readReaderText(text);
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.value.found.map(
    (foundCode) =>
      `${foundCode.code} ${foundCode.status}${foundCode.module ? ` ${foundCode.module}` : ''}${foundCode.odometer === null ? '' : ` ${foundCode.odometer}`}`,
  );
}

describe('texts of readers', () => {
  test.each([
    ['C0039-13 current', ['C0039-13 current']],
    ['c0034', ['C0034 unknown']],
    ['C0031 C0034', ['C0031 unknown', 'C0034 unknown']],
    ['C0031 stored, C0034 current', ['C0031 stored', 'C0034 current']],
    [
      'ABS\nC0034  Wheel speed sensor right front   PRESENT\nC0037 not present',
      ['C0034 current abs', 'C0037 stored abs'],
    ],
    ['C0034\nright front sensor\nstatus: pending', ['C0034 pending']],
    ['1. C0031 aktiv\n2. C0034 gespeichert', ['C0031 current', 'C0034 stored']],
    ['C0034 at 84 200 km, stored', ['C0034 stored 84200']],
    ['C0034 52000 miles', ['C0034 unknown 83686']],
    ['CO034 present', ['C0034 current']],
    ['C0034 stored\nC0034 present', ['C0034 current']],
    ['DF012 mémorisé', ['DF012 stored']],
    ['5DB0', ['5DB0 unknown']],
    ['33', ['33 unknown']],
    ['Engine\nP0500 stored\nABS\nC0031 current', ['P0500 stored engine', 'C0031 current abs']],
    ['', []],
    ['no trouble codes', []],
  ])('%s', (text, wanted) => expect(found(text)).toEqual(wanted));

  test('what is not understood is shown, not dropped', () => {
    const read = readReaderText('my notes\nC0034');
    expect(read.ok && read.value.leftover).toEqual([{ line: 1, text: 'my notes' }]);
  });

  test('seen twice, a code keeps its stronger status, its first line, its first words and its first distance', () => {
    const read = readReaderText('C0034 right front, pending\nC0034 stored at 84200 km\nC0034 stored, wet');
    expect(read.ok && read.value.found).toMatchObject([
      {
        code: 'C0034',
        line: 1,
        status: 'pending',
        odometer: 84_200,
        meaning: expect.stringContaining('right front') as string,
      },
    ]);
    const later = readReaderText('C0034 stored\nC0034 pending\nC0034 current\nC0034 pending');
    expect(later.ok && later.value.found.map(({ status }) => status)).toEqual(['current']);
  });

  test('the same code in two modules is two; with and without its byte, too', () => {
    expect(found('ABS\nC0034 stored\nEngine\nC0034 current')).toEqual(['C0034 stored abs', 'C0034 current engine']);
    expect(found('C0034 stored\nC0034-13 current')).toEqual(['C0034 stored', 'C0034-13 current']);
  });

  test('a module that answers without codes is kept as such, and what follows it belongs to it', () => {
    const read = readReaderText('ABS: no fault codes\nEngine\nP0500 stored\nAirbag: no communication');
    expect(read.ok && read.value.modules).toEqual([
      { module: 'abs', answer: 'no-code' },
      { module: 'airbag', answer: 'no-answer' },
    ]);
    expect(found('ABS: no fault codes\nEngine\nP0500 stored')).toEqual(['P0500 stored engine']);
  });

  test('words without a code before them are left over, trimmed; words of a code are its own up to a limit', () => {
    const read = readReaderText('   printed at home   \nC0034 current\nright front');
    expect(read.ok && read.value.leftover).toEqual([{ line: 1, text: 'printed at home' }]);
    const long = readReaderText(
      ['C0034', ...Array.from({ length: 400 }, () => 'a word of the reader’s own')].join('\n'),
    );
    expect(long.ok && long.value.leftover.length).toBeGreaterThan(0);
  });

  test('one character, and one line, more than there is room for', () => {
    const of = (text: string): readonly string[] => {
      const read = readReaderText(text);
      return read.ok ? [] : read.problems.map(({ code, message }) => `${code}: ${message}`);
    };
    expect(of(' '.repeat(LONGEST_READER_TEXT))).toEqual([]);
    expect(of(' '.repeat(LONGEST_READER_TEXT + 1))).toEqual([
      'too-long: has 300001 characters; paste at most 300000, one screen at a time',
    ]);
    expect(of('x\n'.repeat(MOST_READER_LINES - 1) + 'x')).toEqual([]);
    expect(of('x\n'.repeat(MOST_READER_LINES) + 'x')).toEqual([
      'too-long: has 10001 lines; paste at most 10000, one screen at a time',
    ]);
  });

  test('ten megabytes are refused at once, with a reason', () => {
    const read = readReaderText('C0034 current\n'.repeat(750_000));
    expect(read.ok ? [] : read.problems.map((problem) => problem.code)).toEqual(['too-long']);
  });

  test('no text makes it throw or hang', () => {
    fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 4000 }), (text) => void readReaderText(text)));
    const started = Date.now();
    readReaderText(`${'1 '.repeat(300_000)}km ${'C003 '.repeat(60_000)}`);
    expect(Date.now() - started).toBeLessThan(2000);
  });
});
