import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readReaderText } from './readReaderText';

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
