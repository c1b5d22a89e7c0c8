import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../tests/support/seededRandom';
import { LogReader, readLog, type LogRead } from './readLog';
import { asBytes } from './utf8';

/** Figures in all forms that a plain row may hold, of any length. */
function figure(random: () => number): string {
  const digits = (many: number): string =>
    Array.from({ length: many }, () => String(Math.floor(10 * random()))).join('');
  const sign = random() < 0.2 ? '-' : '';
  const [whole, part] = [Math.floor(13 * random()), Math.floor(10 * random())];
  if (whole + part === 0) return '';
  return `${sign}${digits(whole)}${part > 0 || random() < 0.1 ? `.${digits(part)}` : ''}`;
}

const known = (text: string): number => (/\d/.test(text) ? Number.parseFloat(text) : Number.NaN);

describe('figures of plain rows', () => {
  test('are the same that parseFloat gives, in a cell that is read and beside one that is not', () => {
    const random = seededRandom(5);
    const rows = Array.from({ length: 3000 }, (_, at) => [String(at), figure(random), 'any words', figure(random)]);
    const { log } = readLog(asBytes(`Time (s),FL,note,RR\n${rows.map((row) => row.join(',')).join('\n')}\n`));
    rows.forEach(([, left = '', , right = ''], row) => {
      expect(log?.speeds['front-left']?.[row]).toBe(known(left));
      expect(log?.speeds['rear-right']?.[row]).toBe(known(right));
    });
    expect(log?.seconds.length).toBe(3000);
  });
  test('moments in milliseconds since 1970 are exact', () => {
    const start = 1_790_000_000_123;
    const { log } = readLog(
      asBytes(`Time (ms),FL,FR\n${[0, 50, 100.5, 150].map((ms) => `${start + ms},10,11`).join('\n')}\n`),
    );
    expect([...(log?.seconds ?? [])].map((second) => Math.round(1e4 * second))).toEqual([0, 500, 1005, 1500]);
  });
});

describe('a file that comes in parts', () => {
  const text =
    'Time;FL;note;FR\r\n0,0;10,25;"a;\n""quoted"" note";11\r\n0,1;10,5;;11\r\n\r\n0,2;-;x;\n0,3;12;"open\nagain";12,5\n0,4;13;y;1e1\n0,5;14;z;9';
  const inParts = (size: number): LogRead => {
    const bytes = asBytes(text);
    const reader = new LogReader(bytes.length);
    for (let at = 0; at < bytes.length; at += size) reader.push(bytes.subarray(at, at + size));
    return reader.end();
  };
  const whole = readLog(asBytes(text));
  test('is read whole', () => {
    expect([...(whole.log?.seconds ?? [])]).toHaveLength(6);
    expect([...(whole.log?.speeds['front-right'] ?? [])]).toEqual([11, 11, Number.NaN, 12.5, 10, 9]);
    expect([...(whole.log?.speeds['front-left'] ?? [])]).toEqual([10.25, 10.5, Number.NaN, 12, 13, 14]);
  });
  test.each(Array.from({ length: 40 }, (_, at) => at + 1))('in parts of %i bytes is the same', (size) =>
    expect(inParts(size)).toEqual(whole),
  );
  test('is the same behind the first 64 KiB, wherever it is cut', () => {
    const rows = Array.from(
      { length: 9000 },
      (_, at) => `${at},${at % 50},${at % 7 === 0 ? '"1\n2"' : 'x'},${at % 40}`,
    );
    const bytes = asBytes(`Time (s),FL,note,FR\n${rows.join('\n')}\n`);
    const all = readLog(bytes);
    expect(all.log?.seconds).toHaveLength(9000);
    for (const size of [997, 4096, 65_537]) {
      const reader = new LogReader(bytes.length);
      for (let at = 0; at < bytes.length; at += size) reader.push(bytes.subarray(at, at + size));
      expect(reader.end()).toEqual(all);
    }
  });
});
