import Ajv2020 from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { OBSERVATION } from './contract';
import { caseFileJsonSchema } from './jsonSchema';
import { CURRENT_VERSION, migrate, MIGRATIONS } from './migrate';
import { LONGEST_TEXT, readCaseFile } from './read';
import { validate } from './validate';
import { caseFileName, writeCaseFile } from './write';

const full = {
  format: 'zelf-case',
  version: 1,
  vehicle: {
    name: 'Tansy',
    channels: ['front-left', 'front-right', 'rear-left', 'rear-right'],
    sensorTypes: { 'front-left': 'passive' },
    places: { 'front-left': { sensor: 'knuckle', plug: 'arch-liner' } },
    steeringSide: 'right',
    highVoltage: false,
    supplyNominal: 12,
    codeMeanings: {
      '5DB0': { channel: 'rear-left', failure: 'supply', text: 'left rear feed' },
      'a.b[0]': { text: 'odd key' },
    },
    specs: {
      sensorResistance: { min: 1000, max: 1400, at: 20 },
      handSpinVoltage: { min: 0.1 },
      toneRingTeeth: 48,
      ringDiameter: 0.09,
      airGap: { min: 0.0004, max: 0.0012 },
      tyre: '195/65R15',
      torques: { 'sensor-bolt': 8 },
    },
    odometer: 84200,
  },
  owner: {
    hourValue: 15,
    currency: 'EUR',
    tools: [],
    schools: {},
    meter: { percent: 1, counts: 3 },
    prices: { sensor: 31 },
  },
  observations: [
    { id: 'o1', at: '2026-05-04T17:30:00+02:00', kind: 'lamps', lit: ['abs'], pattern: ['steady-from-key-on'] },
    { id: 'o2', kind: 'symptom', symptom: 'noise-from-wheel', bend: 'left' },
    {
      id: 'o3',
      kind: 'code',
      code: 'C0034-13',
      status: 'current',
      failure: 'open',
      meaning: 'x',
      module: 'abs',
      odometer: 84000,
      shownAs: 'RF',
    },
    { id: 'o4', kind: 'no-code', module: 'abs', tested: false },
    { id: 'o5', kind: 'no-answer', module: 'abs' },
    { id: 'o6', kind: 'clear', result: 'stayed-clear', method: 'reader', returned: [], stayed: ['C0034'] },
    {
      id: 'o7',
      kind: 'live',
      while: 'drive',
      finding: 'erratic',
      speed: 40,
      rhythm: 'once-per-turn',
      strength: 0.5,
      confidence: 0.9,
      temperature: 20,
      channel: 'front-right',
    },
    { id: 'o8', kind: 'drive', result: 'lamps-came-back', distance: 5 },
    { id: 'o9', kind: 'look', part: 'ring', finding: 'cracked', channel: 'front-right', note: 'half way round' },
    {
      id: 'o10',
      kind: 'meter',
      point: 'sensor',
      quantity: 'resistance',
      value: 'overload',
      range: 20000,
      channel: 'front-right',
      while: 'wiggle',
      ends: 'both-unplugged',
      ignition: false,
      unsteady: true,
      resolution: 1,
      temperature: 9,
    },
    { id: 'o11', kind: 'distance', point: 'air-gap', value: 0.0008, channel: 'front-right' },
    { id: 'o12', kind: 'swap', channel: 'front-right', with: 'front-left', result: 'fault-stayed', putBack: true },
    { id: 'o13', kind: 'substitute', channel: 'front-right', result: 'fault-stayed' },
    { id: 'o14', kind: 'unplug', channel: 'front-right', result: 'same-code', withdrawn: true },
    { id: 'o15', kind: 'history', event: 'wheel-bearing', ago: 7, channel: 'front-right', photo: 'a1' },
  ],
  repairs: [
    { id: 'r1', channel: 'front-right', action: 'replaced', segment: 'sensor', result: 'no-change', after: 'o13' },
    { id: 'r2', channel: null, action: 'charged', segment: 'supply', result: 'unknown', after: null },
  ],
  work: [{ id: 'w1', at: '2026-05-04T17:30:00Z', step: 'wheel-off@front-right', undone: false }],
  costs: [
    { id: 'c1', item: 'sensor', amount: 31, currency: 'EUR', use: 'wasted' },
    { id: 'c2', item: 'quote', amount: 280, use: 'quote', case: 'usual' },
  ],
  attachments: [
    { id: 'a1', name: 'lead.jpg', type: 'image/jpeg', takenAt: '2026-05-04T17:30:00+02:00', sha256: 'a'.repeat(64) },
  ],
  notes: [{ id: 'n1', text: 'wet' }],
  ending: null,
} as const;

type Path = readonly (string | number)[];

function changed(path: Path, value: unknown): unknown {
  const copy = JSON.parse(JSON.stringify(full)) as Record<string | number, unknown>;
  let here = copy;
  for (const step of path.slice(0, -1)) here = here[step] as Record<string | number, unknown>;
  if (value === undefined) delete here[path.at(-1) ?? ''];
  else here[path.at(-1) ?? ''] = value;
  return copy;
}

const places = (data: unknown): string[] => {
  const result = validate(data);
  return result.ok ? [] : result.problems.map((problem) => problem.path);
};

test('a file with every kind of entry is right', () => {
  expect(validate(full)).toEqual({ ok: true, value: full });
  expect(new Set(full.observations.map((observation) => observation.kind)).size).toBe(
    Object.keys(OBSERVATION.of).length,
  );
});

/** Broken in one place: refused, naming that place. */
const BROKEN: readonly (readonly [Path, unknown])[] = [
  [['format'], 'other'],
  [['version'], 0],
  [['version'], '1'],
  [['vehicle'], null],
  [['vehicle', 'channels'], []],
  [['vehicle', 'channels', 1], 'middle'],
  [['vehicle', 'channels', 1], 'front-left'],
  [['vehicle', 'sensorTypes', 'front-left'], 'magic'],
  [['vehicle', 'sensorTypes', 'nose'], 'active'],
  [['vehicle', 'places', 'front-left', 'plug'], 'roof'],
  [['vehicle', 'steeringSide'], 'middle'],
  [['vehicle', 'highVoltage'], 'no'],
  [['vehicle', 'codeMeanings', '5DB0', 'channel'], 'left'],
  [['vehicle', 'codeMeanings', 'a.b[0]', 'failure'], 'odd'],
  [['vehicle', 'specs', 'sensorResistance', 'min'], -1],
  [['vehicle', 'specs', 'sensorResistance', 'max'], '1400'],
  [['vehicle', 'specs', 'torques', 'sensor-bolt'], 0],
  [['vehicle', 'odometer'], -5],
  [['owner', 'hourValue'], -1],
  [['owner', 'meter', 'percent'], 900],
  [['observations'], {}],
  [['observations', 0, 'id'], undefined],
  [['observations', 0, 'id'], 7],
  [['observations', 0, 'at'], 'yesterday'],
  [['observations', 0, 'at'], '2026-13-04T17:30:00Z'],
  [['observations', 0, 'kind'], 'lamp'],
  [['observations', 0, 'kind'], undefined],
  [['observations', 0, 'lit', 0], 'disco'],
  [['observations', 0, 'lit'], undefined],
  [['observations', 2, 'status'], 'maybe'],
  [['observations', 2, 'code'], 34],
  [['observations', 6, 'confidence'], 1.5],
  [['observations', 8, 'finding'], 'chafed'],
  [['observations', 9, 'value'], 'lots'],
  [['observations', 9, 'value'], null],
  [['observations', 9, 'quantity'], 'dc-voltage'],
  [['observations', 9, 'value'], -380],
  [['observations', 10, 'value'], 3],
  [['observations', 11, 'with'], 'front-right'],
  [['observations', 14, 'ago'], -1],
  [['repairs', 0, 'segment'], 'engine'],
  [['repairs', 0, 'after'], 'o99'],
  [['costs', 0, 'amount'], -3],
  [['attachments', 0, 'sha256'], 'zz'],
  [['ending'], 'happy'],
];

test.each(BROKEN)('%j broken is refused at its place', (path, value) => {
  const found = places(changed(path, value));
  const pointers = [`/${path.join('/')}`, `/${path.slice(0, -1).join('/')}`];
  expect(found.length).toBeGreaterThan(0);
  for (const word of found) expect(pointers).toContain(word);
});

test('doubled ids and a band upside down are found', () => {
  expect(places(changed(['observations', 1, 'id'], 'o1'))).toEqual(['/observations/1/id']);
  expect(places(changed(['vehicle', 'specs', 'sensorResistance', 'min'], 9000))).toEqual([
    '/vehicle/specs/sensorResistance',
  ]);
});

describe('hostile input', () => {
  test.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['{', 'not-json'],
    ['{"format":"zelf-case","version":1,}', 'not-json'],
    ['[]', 'not-a-record'],
    ['null', 'not-a-record'],
    ['NaN', 'not-json'],
    ['"text"', 'not-a-record'],
    ['{"format":"zelf-case","version":2}', 'from-the-future'],
    [
      '{"format":"zelf-case","version":1,"__proto__":{"polluted":true},"vehicle":{"channels":["front-left"]},"observations":[]}',
      'forbidden-key',
    ],
    [
      '{"format":"zelf-case","version":1,"vehicle":{"channels":["front-left"],"constructor":{"prototype":{}}},"observations":[]}',
      'forbidden-key',
    ],
    [' '.repeat(LONGEST_TEXT + 1), 'too-long'],
    ['x'.repeat(10_000_000), 'too-long'],
  ])('%.60s', (text, code) => {
    const read = readCaseFile(text);
    expect(read.ok ? 'ok' : read.problems[0]?.code).toBe(code);
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });

  test('a place in broken JSON is told by line and column', () => {
    const read = readCaseFile('{\n  "format": "zelf-case",\n  "version": 1\n  "vehicle": {}\n}');
    expect(read.ok ? '' : read.problems[0]?.path).toMatch(/^line 4, column/);
  });

  test('nesting without end is refused', () => {
    const read = readCaseFile(`{"format":"zelf-case","version":1,"x":${'['.repeat(2000)}${']'.repeat(2000)}}`);
    expect(read.ok ? '' : read.problems[0]?.code).toBe('too-deep');
  });

  test('lone surrogates and a byte order mark pass, and are written so that they are read again', () => {
    const odd = { ...full, vehicle: { ...full.vehicle, name: 'a\ud800b' } };
    const read = readCaseFile(`\uFEFF${writeCaseFile(odd)}`);
    expect(read.ok && read.value.vehicle.name).toBe('a\ud800b');
  });

  test('any JSON gives problems or a file, never an exception', () => {
    fc.assert(fc.property(fc.json({ maxDepth: 6 }), (text) => void readCaseFile(text)));
    fc.assert(fc.property(fc.string({ unit: 'binary' }), (text) => void readCaseFile(text)));
  });
});

test('unknown keys are kept, at every level', () => {
  const extra = {
    ...full,
    later: 1,
    vehicle: { ...full.vehicle, colour: 'green' },
    observations: [{ ...full.observations[0], mood: 'calm' }],
    repairs: [],
  };
  const read = readCaseFile(writeCaseFile(extra));
  expect(read).toEqual({ ok: true, value: extra });
});

test('every migration from version 1 to the current one is there', () => {
  for (let version = 1; version < CURRENT_VERSION; version += 1)
    expect(MIGRATIONS[version], `migration from ${version}`).toBeTypeOf('function');
  const steps = { 1: (data: object) => ({ ...data, added: true }) };
  expect(migrate({ format: 'zelf-case', version: 1 }, steps, 2)).toEqual({
    ok: true,
    value: { format: 'zelf-case', version: 2, added: true },
  });
  expect(() => migrate({ format: 'zelf-case', version: 1 }, {}, 2)).toThrow(/no migration/);
});

describe('the published JSON Schema', () => {
  const schema = caseFileJsonSchema();
  const accepts = new Ajv2020({ strict: false }).compile(schema);

  test('is what stands in docs/schema', () => {
    const published = JSON.parse(readFileSync('docs/schema/zelf-case-1.schema.json', 'utf8')) as unknown;
    expect(published, 'run npm run schema').toEqual(schema);
  });
  test('takes the full file', () => expect(accepts(full)).toBe(true));
  /** What only the validator can tell: rules between places. */
  const BETWEEN = ['o99', -380, 'front-right'];
  test.each(BROKEN.filter(([path, value]) => !(BETWEEN.includes(value as never) && path[0] !== 'vehicle')))(
    'refuses %j',
    (path, value) => {
      expect(accepts(changed(path, value))).toBe(false);
    },
  );
});

test('file names are fit for any file system', () => {
  expect(caseFileName('../../Bël\u0000 / <job>', '2026-01-02')).toBe('bel-job-2026-01-02.zelf.json');
  expect(caseFileName('', '2026-01-02')).toBe('job-2026-01-02.zelf.json');
});
