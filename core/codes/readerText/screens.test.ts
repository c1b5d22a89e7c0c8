import { describe, expect, test } from 'vitest';
import { readReaderText } from './readReaderText';

/** Screens as readers and hands produce them: name, text, the codes in it as `code status [module] [km]`, lines left over. */
type Screen = readonly [name: string, text: string, codes: readonly string[], leftover?: number];

const LAYOUTS: readonly Screen[] = [
  ['one line', 'C0034-13 current', ['C0034-13 current']],
  ['lower case', 'c0037-31 stored', ['C0037-31 stored']],
  ['comma list', 'C0031, C0034, C0037', ['C0031 unknown', 'C0034 unknown', 'C0037 unknown']],
  ['semicolon table', 'Code;Status;Text\nC0034;current;Right front sensor', ['C0034 current'], 1],
  ['tab table', 'C0031\tLF sensor\tstored\nC0036\tLR tone wheel\tcurrent', ['C0031 stored', 'C0036 current']],
  ['pipe table', '| C0039 | right rear | PRESENT | 84200 km |', ['C0039 current 84200']],
  ['boxed', '┌────────┐\n│ C0034  │ current\n└────────┘', ['C0034 current'], 1],
  ['data object', '{"code":"C0034","status":"current","module":"ABS"}', ['C0034 current']],
  ['markup', '<dtc code="C0034"><state>pending</state></dtc>\n<b>C0031</b> stored', ['C0031 stored'], 1],
  ['numbered', '1) C0031 - stored\n2) C0034 - current', ['C0031 stored', 'C0034 current']],
  ['counted', 'DTC 1/2: C0031 stored\nDTC 2/2: C0034 current', ['C0031 stored', 'C0034 current']],
  ['two columns', 'C0031 stored      C0034 current', ['C0031 stored', 'C0034 current']],
  ['labels below', 'Code: C0034\nText: right front sensor\nStatus: current', ['C0034 current']],
  ['status above the next', 'C0031\nstored\n\nC0034\ncurrent', ['C0031 stored', 'C0034 current']],
  ['stuck together', 'C0031C0034', ['C0031 unknown', 'C0034 unknown']],
  ['word hard against it', 'C0034present', ['C0034 current']],
  ['bullets', '• C0031 history\n• C0034 active', ['C0031 stored', 'C0034 current']],
  ['old line ends', 'ABS\rC0034 current\rC0037 stored', ['C0034 current abs', 'C0037 stored abs']],
  ['wide spaces', 'C0034\u00a0\u00a0current\u00a084\u202f200\u00a0km', ['C0034 current 84200']],
  ['arrows and stars', '>>> *** C0034 *** <<< current', ['C0034 current']],
];

const TYPES: readonly Screen[] = [
  ['colon', 'C0034:13 current', ['C0034-13 current']],
  ['spaced', 'C0034 13 current', ['C0034-13 current']],
  ['brackets', 'C0034 (13) current', ['C0034-13 current']],
  ['hex mark', 'C0034-0x13 current', ['C0034-13 current']],
  ['hard against', 'C003413 current', ['C0034-13 current']],
  ['said in words', 'C0034 FTB: 1F stored', ['C0034-1F stored']],
  ['dash of a word processor', 'C0034–13 current', ['C0034-13 current']],
  ['a voltage is none', 'C0034 12 V measured, stored', ['C0034 stored']],
  ['a date is none', 'C0034 11.02.2026 stored', ['C0034 stored']],
  ['a count is none', 'C0034 12 times, stored', ['C0034 stored']],
  ['cut off', 'C0034-1', ['C0034 unknown']],
  ['split after the dash', 'C0034-\n13 open circuit\ncurrent', ['C0034-13 current']],
  ['split before the dash', 'C0034\n-13 current', ['C0034-13 current']],
  ['split in the digits', 'C00\n34 current', ['C0034 current']],
  ['raw answer to 19 02', '59 02 FF 40 34 13 09 40 31 1F 28', ['C0034-13 current', 'C0031-1F stored']],
  ['raw answer, tight', '5902FF40341309', ['C0034-13 current']],
];

const SLIPS: readonly Screen[] = [
  ['letter O', 'CO034 current', ['C0034 current']],
  ['two letters O', 'COO34 current', ['C0034 current']],
  ['small l for one', 'C003l stored', ['C0031 stored']],
  ['space after the letter', 'C 0034 current', ['C0034 current']],
  ['three digits only', 'C003 current', [], 1],
  ['five digits', 'C00345 current', [], 1],
  ['a word of the same letters', 'COIL looks fine, CLOSE the bonnet', [], 1],
  ['a dead corner is no hex code', 'dead\nfade\ndeaf', [], 3],
  ['a year', '2009 estate, petrol', [], 1],
  ['a count of faults', '2 faults found\nC0031 stored\nC0034 current', ['C0031 stored', 'C0034 current'], 1],
  ['times and volts', '14:33\n12.4 V\n34 km/h\n5 %', [], 4],
  ['page numbers', 'Page 1 of 2\nC0034 current', ['C0034 current'], 1],
  ['twice, once stronger', 'C0034 stored\nC0034 present', ['C0034 current']],
  ['empty lines only', '\n\n  \n', []],
];

const STATUSES: readonly Screen[] = [
  ['German', 'C0034 Drehzahlfühler vorn rechts, aktuell vorhanden', ['C0034 current']],
  ['German, gone', 'C0034 Unterbrechung, momentan nicht vorhanden', ['C0034 stored']],
  ['German, sporadic', 'C0031 sporadisch', ['C0031 stored']],
  ['French', 'C0034 capteur avant droit : présent', ['C0034 current']],
  ['French, kept', 'DF012 défaut mémorisé', ['DF012 stored']],
  ['French, waiting', 'C0034 en attente', ['C0034 pending']],
  ['Spanish', 'C0034 sensor delantero derecho, activo', ['C0034 current']],
  ['Spanish, gone', 'C0034 no presente', ['C0034 stored']],
  ['Italian', 'C0034 sensore anteriore destro, memorizzato', ['C0034 stored']],
  ['Dutch', 'C0034 niet aanwezig\nC0031 aanwezig', ['C0034 stored', 'C0031 current']],
  ['Polish', 'C0034 aktywny\nC0031 zapisany', ['C0034 current', 'C0031 stored']],
  ['Portuguese', 'C0034 armazenada', ['C0034 stored']],
  ['status byte', 'C0034-13 status 2F', ['C0034-13 current']],
  ['status byte, confirmed', 'C0034-13 Status byte: 0x28', ['C0034-13 stored']],
  ['ampere are no status', 'C0034-19 circuit current above threshold, stored', ['C0034-19 stored']],
  ['ampere alone', 'C0034-18 current too low', ['C0034-18 unknown']],
  ['an active sensor is none', 'C0034 active wheel speed sensor, pending', ['C0034 pending']],
  ['no signal present', 'C0034-31 no signal present, history', ['C0034-31 stored']],
  ['denied', 'C0034 active: no', ['C0034 stored']],
  ['stored and present', 'C0034 stored, currently present', ['C0034 current']],
];

const MODULES: readonly Screen[] = [
  [
    'headings',
    'Engine control\nP0500 stored\nABS / ESP\nC0034 current\nAirbag: no faults',
    ['P0500 stored engine', 'C0034 current abs'],
  ],
  ['in brackets', '[ABS] C0034 current\n[SRS] B0051 stored', ['C0034 current abs', 'B0051 stored airbag']],
  [
    'German headings',
    'Bremsenelektronik\nC0034 aktiv\nMotorsteuerung\nP0500 gespeichert',
    ['C0034 current abs', 'P0500 stored engine'],
  ],
  ['an ABS sensor is no heading', 'C0034 current\nABS sensor front right', ['C0034 current']],
  ['no answer', 'ABS: no communication\nEngine: 0 codes', []],
  ['lost communication', 'Instruments\nU0121 stored', ['U0121 stored instruments']],
];

const DISTANCES: readonly Screen[] = [
  ['spaced thousands', 'C0034 stored 84 200 km', ['C0034 stored 84200']],
  ['dotted thousands', 'C0034 gespeichert bei 84.200 km', ['C0034 stored 84200']],
  ['comma thousands', 'C0034 stored at 84,200 km', ['C0034 stored 84200']],
  ['miles', 'C0034 stored, 52,000 miles', ['C0034 stored 83686']],
  ['label before', 'C0034 stored odometer: 84200', ['C0034 stored 84200']],
  ['on its own line', 'C0034 stored\nKm-Stand 84200', ['C0034 stored 84200']],
  ['a speed is none', 'C0034 stored, speed 34 km/h', ['C0034 stored']],
  ['since erase is none', 'C0034 stored, 120 km since 3 starts\ndistance since clear 120 km', ['C0034 stored 120']],
];

const OTHER_FORMS: readonly Screen[] = [
  ['bare hex', '5DB0 right rear sensor, current', ['5DB0 current']],
  ['bare hex marked', '0x4034 stored', ['4034 stored']],
  ['bare hex list', '5DB0 5DB1', ['5DB0 unknown', '5DB1 unknown']],
  ['maker’s digits', 'DF 012 présent', ['DF012 current']],
  ['five digits with words', '00287 wheel sensor right rear, stored', ['00287 stored']],
  ['flash code', '33', ['33 unknown']],
  ['flash codes by dashes', 'flash codes 2-3, 4-1', ['23 unknown', '41 unknown']],
  ['flash codes in a list', 'blink code: 12, 33 and 41', ['12 unknown', '33 unknown', '41 unknown']],
  ['code with its word', 'code 42 left rear', ['42 unknown']],
  ['a code with no text at all', '5DB0', ['5DB0 unknown']],
];

const ALL: readonly Screen[] = [LAYOUTS, TYPES, SLIPS, STATUSES, MODULES, DISTANCES, OTHER_FORMS].flat();

describe('screens of readers', () => {
  test.each(ALL.map(([name, text, codes, leftover]) => ({ name, text, codes, leftover: leftover ?? 0 })))(
    '$name',
    ({ text, codes, leftover }) => {
      const read = readReaderText(text);
      if (!read.ok) throw new Error(read.problems[0]?.message);
      const found = read.value.found.map((foundCode) =>
        [foundCode.code, foundCode.status, foundCode.module, foundCode.odometer]
          .filter((part) => part !== null)
          .join(' '),
      );
      expect(found).toEqual(codes);
      expect(read.value.leftover.length).toBe(leftover);
    },
  );

  test('they are at least sixty', () => expect(ALL.length).toBeGreaterThanOrEqual(60));

  test('modules without codes and without an answer are told', () => {
    const read = readReaderText('ABS: keine Kommunikation\nMotor: 0 Fehler\nAirbag: no trouble codes');
    expect(read.ok && read.value.modules).toEqual([
      { module: 'abs', answer: 'no-answer' },
      { module: 'engine', answer: 'no-code' },
      { module: 'airbag', answer: 'no-code' },
    ]);
  });

  test("a reader's advice is kept apart from what it read", () => {
    const read = readReaderText('C0034 current\nRecommended: replace right front sensor');
    expect(read.ok && read.value.advice.map((keptLine) => keptLine.line)).toEqual([2]);
    expect(read.ok && read.value.found.map((foundCode) => foundCode.meaning)).toEqual(['current']);
  });
});
