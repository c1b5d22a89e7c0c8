import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { decode } from './decode';
import { FAILURE_TYPES } from './failureTypes';
import { meaningFor } from './meaningFor';
import { cornerFromWords } from '../vehicle/sides';
import { STANDARD_MEANINGS } from './standardMeanings';
import { failureFromWords } from './wording';
import { car } from '../../tests/support/caseBuilder';

describe('forms', () => {
  test.each([
    ['C0034', 'standard', 'C0034', null],
    ['c0034-13', 'standard', 'C0034', null],
    ['C0034:1F', 'standard', 'C0034', null],
    ['C0034 13', 'standard', 'C0034', null],
    ['C003413', 'standard', 'C0034', null],
    ['CO034', 'standard', 'C0034', null],
    ['P0500', 'standard', 'P0500', null],
    ['B1342', 'standard', 'B1342', null],
    ['5DB0', 'hex', '5DB0', 'C1DB0'],
    ['4034', 'hex', '4034', 'C0034'],
    ['7FFF', 'hex', '7FFF', 'C3FFF'],
    ['8034', 'hex', '8034', null],
    ['1234', 'hex', '1234', null],
    ['33', 'flash', '33', null],
    ['7', 'flash', '7', null],
    ['331', 'digits', '331', null],
    ['00283', 'digits', '00283', null],
    ['DF012', 'digits', 'DF012', null],
    ['', 'unknown', '', null],
    ['wheel', 'unknown', 'WHEEL', null],
  ])('%s', (input, form, code, alsoRead) => {
    const decoded = decode(input);
    expect([decoded.form, decoded.code, decoded.alsoRead ?? null]).toEqual([form, code, alsoRead]);
  });
});

describe('the owner’s own meanings', () => {
  const OWN = {
    C0034: { channel: 'rear-left', segment: 'lead' },
    '5DB0': { text: 'left front wheel sensor, open circuit' },
    'C0031-13': { failure: 'intermittent', segment: 'supply' },
  } as const;
  test('outrank the standard, each by what it says; the rest stays the standard’s', () => {
    expect(decode('C0034', OWN)).toMatchObject({
      channel: 'rear-left',
      segments: ['lead'],
      source: 'owner',
      meaning: decode('C0034').meaning,
      failure: null,
    });
    expect(decode('5DB0', OWN)).toMatchObject({
      failure: 'open',
      meaning: OWN['5DB0'].text,
      source: 'owner',
      alsoRead: 'C1DB0',
    });
  });
  test('a place off the path names no segment of it', () => {
    const decoded = decode('C0031-13', OWN);
    expect(decoded).toMatchObject({ failure: 'intermittent', source: 'owner', failureType: { byte: '13' } });
    expect(decoded.segments).not.toContain('supply');
    expect(decoded.segments).toEqual(decode('C0031-13').segments);
  });
  test('without one: the standard’s, or nobody’s', () => {
    expect([decode('C0034').source, decode('C1234-13').source, decode('9999').source]).toEqual([
      'standard',
      'standard',
      'none',
    ]);
    expect(decode('9999')).not.toHaveProperty('alsoRead');
    expect(decode('C0034-EE').failureType?.meaning).toBeTruthy();
    expect(decode('C0034').failureType).toBeNull();
  });
  test('a code is looked up by its first hundred characters', () => {
    const long = `C0034${' '.repeat(200)}`;
    expect(decode(long, OWN).channel).toBe('rear-left');
    expect(decode('x'.repeat(150), { ['x'.repeat(100)]: { channel: 'front-left' } }).channel).toBe('front-left');
  });
});

describe('standard meanings (SAE J2012)', () => {
  test('all twelve wheel codes and twelve that name a cause', () => {
    expect(STANDARD_MEANINGS.size).toBe(24);
    expect([...STANDARD_MEANINGS.values()].filter((meaning) => meaning.cause !== null)).toHaveLength(12);
  });
  test.each([
    ['C0030', 'front-left'],
    ['C0032', 'front-left'],
    ['C0035', 'front-right'],
    ['C0036', 'rear-left'],
    ['C0039', 'rear-right'],
    ['C003B', 'rear-right'],
  ])('%s is %s', (code, channel) => expect(decode(code)).toMatchObject({ channel, source: 'standard' }));
  test('the failure type byte is told', () => {
    expect(FAILURE_TYPES.size).toBe(47);
    expect(decode('C0034-13')).toMatchObject({ failure: 'open', failureType: { byte: '13', meaning: 'circuit open' } });
    const failures = (bytes: string[]) => bytes.map((byte) => decode(`C0031-${byte}`).failure);
    expect(failures(['11', '12', '13'])).toEqual(['short-to-ground', 'short-to-supply', 'open']);
    expect(failures(['01', '14', '19', '1E'])).toEqual(Array(4).fill('circuit'));
    expect(failures(['1F', '21', '31', '39', '65'])).toEqual([
      'intermittent',
      'no-signal',
      'no-signal',
      'no-signal',
      'no-signal',
    ]);
    expect(failures(['22', '25', '28', '2F', '36', '3A', '66'])).toEqual(Array(7).fill('erratic'));
    expect(failures(['23', '24', '29', '61', '62', '64'])).toEqual(Array(6).fill('implausible'));
    expect(failures(['02', '04', '95', 'EE'])).toEqual([null, null, null, null]);
  });
  test('electrical bytes point along the circuit, signal ones at the ring', () => {
    expect(decode('C0031-13').segments).toContain('loom');
    expect(decode('C0031-13').segments).not.toContain('ring');
    expect(decode('C0031-2F').segments).toEqual(['ring', 'gap', 'sensor']);
  });
  const CIRCUIT = ['sensor', 'lead', 'plug', 'loom', 'module'];
  const SIGNAL = ['ring', 'gap', 'sensor'];
  test.each<readonly [code: string, segments: readonly string[]]>([
    ['C0031-01', CIRCUIT],
    ['C0031-1F', CIRCUIT],
    ['C0031-2B', CIRCUIT],
    ['C0031-02', SIGNAL],
    ['C0031-07', SIGNAL],
    ['C0031-31', SIGNAL],
    ['C0031-04', ['ring', 'gap', ...CIRCUIT]],
    ['C0031', ['ring', 'gap', ...CIRCUIT]],
    ['C0030', ['ring', 'gap']],
    ['C0030-04', ['ring', 'gap']],
    ['C0030-13', CIRCUIT],
    ['C0032', ['lead', 'plug', 'loom', 'module']],
    ['C0032-EE', ['lead', 'plug', 'loom', 'module']],
    ['C0040', []],
    ['C1234', []],
    ['5DB0', []],
  ])('%s points at its segments', (code, segments) =>
    expect([...decode(code).segments].toSorted()).toEqual([...segments].toSorted()),
  );
  test('the meaning is the code’s, then its byte’s; one that is not in the table says so', () => {
    const plain = decode('C0031').meaning;
    expect(plain).not.toBe('');
    expect(decode('C0031-13').meaning).toBe(`${plain}, circuit open`);
    expect(decode('C0031-EE').meaning).toBe(plain);
    expect(decode('C0031-EE').failureType).toMatchObject({
      byte: 'EE',
      meaning: expect.stringContaining('not in') as string,
    });
    expect(decode('C1234').meaning).toBe('');
    expect(decode('C1234-13')).toMatchObject({ meaning: 'circuit open', source: 'standard' });
    expect(decode('1234').source).toBe('none');
  });
});

describe("the owner's meaning outranks the table", () => {
  const own = {
    '5DB0': { channel: 'rear-left', failure: 'supply', text: 'left rear, supply' },
    c0034: { channel: 'front-left', text: 'left front' },
  } as const;
  test('a bare number', () =>
    expect(decode('5db0', own)).toMatchObject({ channel: 'rear-left', failure: 'supply', source: 'owner' }));
  test("another maker's corner", () =>
    expect(decode('C0034-13', own)).toMatchObject({ channel: 'front-left', failure: 'open', source: 'owner' }));
  test('the code is the same however it is written; one with its byte before one without', () => {
    const both = { 'c00-31:13': { text: 'with its byte' }, 'C 0031': { text: 'without' } } as const;
    expect(decode('C0031-13', both).meaning).toBe('with its byte');
    expect(decode('c003113', both).meaning).toBe('with its byte');
    expect(decode('C0031-2F', both).meaning).toBe('without');
    expect(decode('C0031', both).meaning).toBe('without');
    expect(decode('C0037', both).source).toBe('standard');
  });
  test('a key named like a prototype is no meaning', () => expect(decode('__proto__', {}).source).toBe('none'));
});

describe('which wheel a recorded code means', () => {
  const code = { id: 'o', kind: 'code', code: 'C0034', status: 'stored' } as const;
  test("the reader's wording before the table", () =>
    expect(meaningFor({ ...code, meaning: 'Sensor left front, open circuit' }, car('passive'))).toMatchObject({
      channel: 'front-left',
      failure: 'open',
      by: 'reader',
    }));
  test("driver's side by the steering side", () => {
    expect(meaningFor({ ...code, meaning: "front driver's side sensor" }, car('passive')).channel).toBe('front-right');
    expect(
      meaningFor({ ...code, meaning: "front driver's side sensor" }, car('passive', { steeringSide: 'left' })).channel,
    ).toBe('front-left');
  });
  test('one rear sensor answers for both rear wheels', () => {
    const three = car('passive', { channels: ['front-left', 'front-right', 'rear-axle'] });
    expect([
      meaningFor({ ...code, code: 'C0037' }, three).channel,
      meaningFor({ ...code, code: 'C003A' }, three).channel,
    ]).toEqual(['rear-axle', 'rear-axle']);
  });
});

test('no text makes it throw, and the form is always one of five', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), (text) => {
      expect(['standard', 'hex', 'digits', 'flash', 'unknown']).toContain(decode(text).form);
    }),
  );
  expect(decode('C0034'.repeat(2_000_000)).form).toBe('unknown');
});

describe('wording in other languages', () => {
  test.each([
    ['Raddrehzahlfühler, Kurzschluss nach Masse', 'short-to-ground'],
    ['Kurzschluss nach Plus', 'short-to-supply'],
    ['capteur, circuit ouvert', 'open'],
    ['sensore, nessun segnale', 'no-signal'],
    ['Signal unplausibel', 'implausible'],
    ['cortocircuito a masa', 'short-to-ground'],
    ['geen signaal', 'no-signal'],
    ['Wackelkontakt', 'intermittent'],
    ['direction assistée', null],
  ])('%s', (words, failure) => expect(failureFromWords(words)).toBe(failure));

  test.each([
    ['Raddrehzahlfühler vorn rechts', 'front-right'],
    ['capteur de roue arrière gauche', 'rear-left'],
    ['sensor rueda trasera derecha', 'rear-right'],
    ['sensore anteriore sinistro', 'front-left'],
    ['wielsensor rechts achter', 'rear-right'],
    ['HL', 'rear-left'],
    ['AVD', 'front-right'],
    ['front and rear left', null],
    ['left', null],
  ])('%s names its corner', (words, channel) => expect(cornerFromWords(words, undefined)).toBe(channel));
});
