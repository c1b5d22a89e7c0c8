import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { parseReading } from './parseReading';
import { showReading } from './show';

const value = (text: string): unknown => {
  const read = parseReading(text, 'resistance');
  return read.ok ? read.value.value : read.problems[0]?.code;
};

describe('what people type', () => {
  test.each([
    ['1.03k', 1030],
    ['1030', 1030],
    ['1.03 kΩ', 1030],
    ['1,03 kΩ', 1030],
    ['1.03 KOhm', 1030],
    ['2k2', 2200],
    ['4R7', 4.7],
    ['0.38 kΩ', 380],
    ['1 030', 1030],
    ["12'500", 12500],
    ['1.2M', 1.2e6],
    ['.5', 0.5],
    ['950.', 950],
    ['1,030 kΩ', 1030],
    ['+12', 12],
  ])('%s', (text, ohm) => expect(value(text)).toBe(ohm));

  test.each(['OL', '0L', '0.L', 'O.L', 'ol', ' OL ', 'OL MΩ', 'open', 'overload', '1 .', '1.   ', '∞', '1 _'])(
    '%s is overload',
    (text) => {
      expect(value(text)).toBe(text.trim() === '1.' ? 'overload' : 'overload');
    },
  );

  test('a voltage keeps its kind and the value of its last digit', () => {
    expect(parseReading('230 mV~')).toEqual({
      ok: true,
      value: { value: 0.23, quantity: 'ac-voltage', resolution: 0.001 },
    });
    expect(parseReading('11.84 V')).toEqual({
      ok: true,
      value: { value: 11.84, quantity: 'dc-voltage', resolution: 0.01 },
    });
    expect(parseReading('0.10', 'ac-voltage')).toMatchObject({ value: { value: 0.1, resolution: 0.01 } });
    expect(parseReading('7.2 mA')).toMatchObject({ value: { value: 0.0072, quantity: 'dc-current' } });
  });
});

describe('what is refused, and why', () => {
  test.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['abc', 'not-a-reading'],
    ['1.2.3', 'not-a-reading'],
    ['NaN', 'not-a-reading'],
    ['1e5', 'not-a-reading'],
    ['--5', 'not-a-reading'],
    ['-380', 'negative'],
    ['1,030', 'ambiguous'],
    ['5 furlongs', 'not-a-reading'],
    ['\ud800', 'not-a-reading'],
    ['__proto__', 'not-a-reading'],
    ['1'.repeat(10_000_000), 'too-long'],
  ])('%.20s', (text, code) => expect(value(text)).toBe(code));

  test('a voltage may be negative: the probes are the other way round', () => {
    expect(parseReading('-11.8 V')).toMatchObject({ ok: true, value: { value: -11.8 } });
  });
});

test('what is shown is read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 19_990_000 }), (ohm) => {
      const shown = showReading(ohm, 'resistance', 1);
      const read = parseReading(`${shown.number} ${shown.unit}`);
      expect(read.ok && typeof read.value.value === 'number' && Math.abs(read.value.value - ohm) / ohm < 0.001).toBe(
        true,
      );
    }),
  );
});

test('no text makes it throw', () => {
  fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 80 }), (text) => void parseReading(text)));
});

describe('what settles the unit', () => {
  const read = (text: string, assumed: Parameters<typeof parseReading>[1] = null): unknown => {
    const result = parseReading(text, assumed);
    return result.ok ? [result.value.value, result.value.quantity] : result.problems[0]?.code;
  };
  test('without one it is left open, and the number stands as it is typed', () => {
    expect(read('12.5', 'dc-voltage')).toEqual([12.5, null]);
    expect(read('0.23', 'ac-voltage')).toEqual([0.23, null]);
    expect(read('1030', 'resistance')).toEqual([1030, null]);
  });
  test('a letter alone is kilo or mega of ohms, milli of anything else', () => {
    expect(read('1.2m', 'resistance')).toEqual([1.2e6, null]);
    expect(read('1.2M', 'resistance')).toEqual([1.2e6, null]);
    expect(read('1.2K', 'resistance')).toEqual([1200, null]);
    expect(read('230m', 'ac-voltage')).toEqual([0.23, null]);
  });
  test('volts are those that the check asks for, unless their kind is written', () => {
    expect(read('230 mV', 'ac-voltage')).toEqual([0.23, 'ac-voltage']);
    expect(read('230 mV', 'dc-voltage')).toEqual([0.23, 'dc-voltage']);
    expect(read('230 mV', 'resistance')).toEqual([0.23, 'dc-voltage']);
    expect(read('1.2 VAC', 'dc-voltage')).toEqual([1.2, 'ac-voltage']);
    expect(read('1.2 V ac', 'dc-voltage')).toEqual([1.2, 'ac-voltage']);
    expect(read('1.2 VDC', 'ac-voltage')).toEqual([1.2, 'dc-voltage']);
    expect(read('1.2 V⎓', 'ac-voltage')).toEqual([1.2, 'dc-voltage']);
  });
  test('ohms and amperes are what they are', () => {
    expect(read('14 mA', 'resistance')).toEqual([0.014, 'dc-current']);
    expect(read('14 ma', 'dc-voltage')).toEqual([0.014, 'dc-current']);
    expect(read('3 ohm', 'dc-voltage')).toEqual([3, 'resistance']);
    expect(read('3 Ohms', 'ac-voltage')).toEqual([3, 'resistance']);
    expect(read('3 k ω', 'ac-voltage')).toEqual([3000, 'resistance']);
  });
  test('a comma before three digits is asked about only where it could be thousands', () => {
    expect(read('1,030', 'resistance')).toBe('ambiguous');
    expect(read('123,456', 'resistance')).toBe('ambiguous');
    expect(read('0,030', 'resistance')).toEqual([0.03, null]);
    expect(read('1,03', 'resistance')).toEqual([1.03, null]);
    expect(read('1234,567', 'resistance')).toEqual([1234.567, null]);
    expect(read('1,030 kΩ', null)).toEqual([1030, 'resistance']);
  });
  test('parts print k and R inside the number, with one to three digits behind', () => {
    expect([read('4k7'), read('2 k 2'), read('12K345'), read('0R47'), read('3M3')]).toEqual([
      [4700, null],
      [2200, null],
      [12_345, null],
      [0.47, null],
      [3.3e6, null],
    ]);
    for (const wrong of ['x4k7', '4k7890', '4k7x']) expect(read(wrong), wrong).toEqual(expect.any(String));
  });
});
