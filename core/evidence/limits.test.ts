import { describe, expect, test } from 'vitest';
import { caseOf, car, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile, Vehicle } from '../casefile/contract';
import { DRIVES } from '../knowledge/limits';
import { readWheelCodes } from './readCodes';
import { readObservation } from './readObservation';
import type { Report } from './report';
import { chanceOfSilence } from '../proof/watch';
import { timelineOf } from './timeline';

/** What the last of some observations says, every report of it; a reason where it says nothing. */
function read(
  seen: readonly Loose[],
  vehicle: Vehicle = car('passive'),
  extra: Partial<CaseFile> = {},
): readonly Report[] | string {
  const file = caseOf(vehicle, seen, extra.repairs ?? [], extra);
  const stage = timelineOf(file).stages.at(-1);
  const last = stage?.observations.at(-1);
  if (!stage || !last) throw new Error('nothing to read');
  const reading = readObservation(last, stage.context);
  return 'ignored' in reading ? reading.ignored : reading.reports;
}

/** The outcome that fits best. */
function best(seen: Loose | readonly Loose[], vehicle?: Vehicle): string {
  const reports = read(Array.isArray(seen) ? (seen as readonly Loose[]) : [seen as Loose], vehicle);
  if (typeof reports === 'string') return reports.split(':')[0] ?? reports;
  const fits = Object.entries(reports[0]?.fits ?? {}).sort((a, b) => b[1] - a[1]);
  return fits[0]?.[0] ?? '';
}

function fitsOf(seen: Loose, vehicle?: Vehicle): Readonly<Record<string, number>> {
  const reports = read([seen], vehicle);
  return typeof reports === 'string' ? {} : (reports[0]?.fits ?? {});
}

const meter = (point: string, quantity: string, value: number | 'overload', extra: object = {}): Loose =>
  ({ kind: 'meter', channel: 'front-left', point, quantity, value, ...extra }) as Loose;
const ohms = (point: string, value: number | 'overload', extra: object = {}): Loose =>
  meter(point, 'resistance', value, extra);

/** What it is about, just this side, what it is called, just that side, what it is called there. */
type Limit = readonly [what: string, below: Loose, belowIs: string, above: Loose, aboveIs: string];

const LIMITS: readonly Limit[] = [
  ['a good wire has up to 5 Ω', ohms('wire-1', 4.4), 'good', ohms('wire-1', 5.6), 'some'],
  ['from 1 MΩ a wire is open', ohms('wire-2', 900_000), 'some', ohms('wire-2', 1_010_000), 'open'],
  [
    'from 1 MΩ a wire is insulated',
    ohms('wire-1-to-ground', 990_000),
    'leak',
    ohms('wire-1-to-ground', 1_010_000),
    'insulated',
  ],
  ['under 1 kΩ a leak is a short', ohms('wire-to-wire', 990), 'short', ohms('wire-to-wire', 1010), 'leak'],
  [
    'a coil of a tenth of its least is bridged',
    ohms('sensor', 98, { temperature: 20 }),
    'near-zero',
    ohms('sensor', 102, { temperature: 20 }),
    'low',
  ],
  [
    'a coil under its band',
    ohms('sensor', 960, { temperature: 20 }),
    'low',
    ohms('sensor', 1040, { temperature: 20 }),
    'inside',
  ],
  [
    'a coil over its band',
    ohms('sensor', 1360, { temperature: 20 }),
    'inside',
    ohms('sensor', 1450, { temperature: 20 }),
    'high',
  ],
  [
    'twenty times the most is as good as open',
    ohms('sensor', 27_900, { temperature: 20 }),
    'high',
    ohms('sensor', 28_100, { temperature: 20 }),
    'open',
  ],
  [
    'a spun coil gives a tenth of a volt',
    meter('sensor', 'ac-voltage', 0.07, { while: 'hand-spin' }),
    'low',
    meter('sensor', 'ac-voltage', 0.14, { while: 'hand-spin' }),
    'normal',
  ],
  [
    'a seventh of that is none',
    meter('sensor', 'ac-voltage', 0.014, { while: 'hand-spin' }),
    'none',
    meter('sensor', 'ac-voltage', 0.016, { while: 'hand-spin' }),
    'low',
  ],
  [
    'a wire with 0.8 V on it is fed from somewhere',
    meter('wire-1-to-ground', 'dc-voltage', 0.79),
    'none',
    meter('wire-1-to-ground', 'dc-voltage', 0.81),
    'some',
  ],
  [
    'a rested battery has 12.4 V',
    meter('battery', 'dc-voltage', 12.1),
    'low',
    meter('battery', 'dc-voltage', 12.7),
    'well',
  ],
  [
    'cranking, 9.6 V',
    meter('battery', 'dc-voltage', 9.3, { while: 'cranking' }),
    'low',
    meter('battery', 'dc-voltage', 9.9, { while: 'cranking' }),
    'well',
  ],
  [
    'the module is fed with 11 V',
    meter('module-supply', 'dc-voltage', 10.7),
    'low',
    meter('module-supply', 'dc-voltage', 11.3),
    'well',
  ],
  [
    'an air gap has at least 0.3 mm',
    { kind: 'distance', channel: 'front-left', point: 'air-gap', value: 0.0002 },
    'narrow',
    { kind: 'distance', channel: 'front-left', point: 'air-gap', value: 0.0004 },
    'inside',
  ],
  [
    'an air gap has at most 1.5 mm',
    { kind: 'distance', channel: 'front-left', point: 'air-gap', value: 0.0014 },
    'inside',
    { kind: 'distance', channel: 'front-left', point: 'air-gap', value: 0.0016 },
    'wide',
  ],
  [
    'a ring runs true within 0.15 mm',
    { kind: 'distance', channel: 'front-left', point: 'ring-runout', value: 0.0001 },
    'even',
    { kind: 'distance', channel: 'front-left', point: 'ring-runout', value: 0.0002 },
    'uneven',
  ],
  [
    'a flange is flat within 0.1 mm',
    { kind: 'distance', channel: 'front-left', point: 'flange-void', value: 0.00005 },
    'flat',
    { kind: 'distance', channel: 'front-left', point: 'flange-void', value: 0.00015 },
    'lifted',
  ],
];

test.each(LIMITS)('%s', (_what, below, belowIs, above, aboveIs) => {
  expect([best(below), best(above)]).toEqual([belowIs, aboveIs]);
});

describe('active sensors', () => {
  const feed = (value: number, extra: object = {}): Loose => meter('supply-at-plug', 'dc-voltage', value, extra);
  test.each([
    ['under 0.8 V there is no feed', feed(0.79), 'none', feed(0.81), 'low'],
    ['from 4.6 V it is enough', feed(4.5), 'low', feed(4.7), 'part'],
    ['from seven tenths of the battery it is full', feed(8.3), 'part', feed(8.5), 'full'],
    [
      'under 2 mA no current',
      meter('sensor-current', 'dc-current', 0.0019),
      'none',
      meter('sensor-current', 'dc-current', 0.0021),
      'normal',
    ],
    [
      'over 35 mA too much',
      meter('sensor-current', 'dc-current', 0.034),
      'normal',
      meter('sensor-current', 'dc-current', 0.036),
      'high',
    ],
  ] as readonly Limit[])('%s', (_what, below, belowIs, above, aboveIs) =>
    expect([best(below, car('active')), best(above, car('active'))]).toEqual([belowIs, aboveIs]),
  );
  test("the manual's least outranks, and a measured battery sets what is full", () => {
    const manual = car('active', { specs: { supplyAtPlug: { min: 7 } } });
    expect(best(feed(6), manual)).toBe('low');
    expect(best([meter('battery', 'dc-voltage', 13.8), feed(9)], car('active'))).toBe('part');
    expect(best([meter('battery', 'dc-voltage', 2), feed(9)], car('active'))).toBe('full');
  });
  test('reversed probes read the same', () => expect(best(feed(-11), car('active'))).toBe('full'));
});

describe('generic and other-side bands of a coil', () => {
  const plain = car('passive', { specs: {} });
  test('without a manual 600 to 2500 Ω', () =>
    expect([560, 650, 2400, 2650].map((value) => best(ohms('sensor', value, { temperature: 20 }), plain))).toEqual([
      'low',
      'inside',
      'inside',
      'high',
    ]));
  test('a sound other side narrows it to a fifth either way', () => {
    const beside = (value: number): string =>
      best(
        [
          { ...ohms('sensor', 1000, { temperature: 20 }), channel: 'front-right' },
          ohms('sensor', value, { temperature: 20 }),
        ],
        plain,
      );
    expect([760, 840, 1160, 1240].map(beside)).toEqual(['low', 'inside', 'inside', 'high']);
  });
  test("at the module's end, the same coil reads as at its plug plus the wires", () => {
    const after = (value: number): string =>
      best([ohms('sensor', 1200, { temperature: 20 }), ohms('module-end', value, { temperature: 20 })]);
    expect([1120, 1200, 1240, 1290].map(after)).toEqual(['low', 'inside', 'inside', 'high']);
  });
  test('two sides alike outvote a printed band in part', () => {
    const beside = (other: number): number => {
      const reports = read([
        { ...ohms('sensor', other, { temperature: 20 }), channel: 'front-right' },
        ohms('sensor', 1600, { temperature: 20 }),
      ]);
      return typeof reports === 'string' ? NaN : (reports[0]?.fits['inside'] ?? 0);
    };
    expect(beside(1700)).toBeGreaterThanOrEqual(0.4);
    expect(beside(1700)).toBeLessThanOrEqual(0.75);
    expect(beside(1900)).toBeLessThan(0.05);
  });
});

describe('overload says as much as its range', () => {
  test.each([
    [200, 'void'],
    [2000, 'insulated'],
  ] as const)('to ground on the %d Ω range', (range, outcome) =>
    expect(best(ohms('wire-1-to-ground', 'overload', { range }))).toBe(outcome),
  );
  test('a leak hides from a low range more than from a high one', () => {
    const leak = (range: number): number => fitsOf(ohms('wire-1-to-ground', 'overload', { range }))['leak'] ?? 0;
    expect(leak(2000)).toBeGreaterThanOrEqual(0.8);
    expect([leak(20_000) >= 0.3, leak(20_000) <= 0.7]).toEqual([true, true]);
    expect(leak(1_000_000)).toBe(0);
  });
  test('a wire that overloads a small range may only be poor', () => {
    const small = fitsOf(ohms('wire-1', 'overload', { range: 2000 }));
    expect([small['open'], (small['some'] ?? 0) > 0.4, small['good']]).toEqual([1, true, undefined]);
    expect(fitsOf(ohms('wire-1', 'overload', { range: 20_000 }))).toEqual({ open: 1 });
  });
});

describe('drives', () => {
  const drive = (distance?: number, result = 'lamps-stayed-out') =>
    read([{ kind: 'drive', result, ...(distance === undefined ? {} : { distance }) } as Loose]) as readonly Report[];
  const missed = (distance?: number): number => drive(distance)[0]?.fits['came-back'] ?? NaN;
  test('lamps that came back are believed', () =>
    expect(drive(1, 'lamps-came-back')[0]?.fits).toEqual({ 'came-back': 1 }));
  test('a short drive has not given a fault its time', () => {
    expect(missed(0.5)).toBeGreaterThan(0.8);
    expect([missed(4) > 0.3, missed(4) < 0.45]).toEqual([true, true]);
    expect(missed(20)).toBeLessThan(0.01);
    expect(missed()).toBeCloseTo(missed(DRIVES.unnotedKm), 9);
  });
  test('a long drive counts as several, up to four: the second usual length tells less than the first', () => {
    const worth = [3, 8, 16, 32, 400].map((km) => drive(km)[0]?.power ?? 0);
    expect(worth.slice(0, 2)).toEqual([1, 1]);
    expect(worth[2]).toBeCloseTo(1 + Math.log(0.7) / Math.log(0.55), 6);
    expect(worth[3]).toBe(worth[4]);
  });
  test('clean drives of one stage tell ever less, as the watch reckons; one on which a lamp came back does not count', () => {
    const drives: readonly Loose[] = Array.from({ length: 6 }, (_none, at) => ({
      kind: 'drive',
      result: at === 2 ? 'lamps-came-back' : 'lamps-stayed-out',
      distance: 8,
    }));
    const worth = drives.map((_drive, at) => (read(drives.slice(0, at + 1)) as readonly Report[])[0]?.power);
    expect(worth[2]).toBeUndefined();
    const clean = worth.filter((power) => power !== undefined);
    expect(clean).toHaveLength(5);
    clean.slice(1).forEach((power, at) => expect(power).toBeLessThan(clean[at] ?? 0));
    expect(clean.reduce((sum, power) => sum + power, 0)).toBeCloseTo(
      Math.log(chanceOfSilence(5, { shown: -0.1, clean: 0.1 })) / Math.log(0.55),
      6,
    );
  });
});

describe('lamps', () => {
  const lamps = (...lit: readonly string[]): readonly Report[] =>
    read([{ kind: 'lamps', lit } as unknown as Loose]) as readonly Report[];
  const fits = (index: number, ...lit: readonly string[]) => lamps(...lit)[index]?.fits;
  test.each(['abs', 'stability', 'hill-start', 'hill-descent'])('%s is of the family', (lamp) =>
    expect(fits(0, lamp)).toEqual({ lit: 1 }),
  );
  test('others named without it: it is out, unless it was forgotten', () => {
    const family = fits(0, 'engine') ?? {};
    expect(family['out']).toBe(1);
    expect([(family['lit'] ?? 0) >= 0.1, (family['lit'] ?? 0) <= 0.3]).toEqual([true, true]);
    expect(fits(0)).toEqual({ out: 1 });
  });
  test('a brake lamp of untold colour may be the red one', () => {
    expect(fits(1, 'brake-red')).toEqual({ lit: 1 });
    const untold = fits(1, 'brake') ?? {};
    expect([untold['lit'], (untold['out'] ?? 0) >= 0.15, (untold['out'] ?? 0) <= 0.45]).toEqual([1, true, true]);
    expect(fits(1, 'abs')).toEqual({ out: 1 });
  });
  test('two strange lamps are many, one is not', () => {
    expect(fits(2, 'abs', 'engine', 'airbag')).toEqual({ many: 1 });
    expect(fits(2, 'abs', 'engine')).toEqual({ few: 1 });
  });
});

describe('codes', () => {
  const code = (extra: object = {}): Loose => ({
    kind: 'code',
    code: 'C0035',
    module: 'abs',
    status: 'stored',
    channel: 'front-left',
    ...extra,
  });
  const reports = (codes: readonly Loose[], odometer?: number): readonly Report[] => {
    const file = caseOf(car('passive', odometer === undefined ? {} : { odometer }), codes);
    const context = timelineOf(file).stages.at(-1)?.context;
    return context ? readWheelCodes(context) : [];
  };
  const age = (km: number): string | undefined => {
    const found = reports([code({ odometer: 100_000 })], 100_000 + km).find(
      (report) => report.check.passive?.topic === 'code-age',
    );
    return found && Object.keys(found.fits)[0];
  };
  test('how old a stored code is, is told from 300 km on', () => {
    const old = Array.from({ length: 60 }, (_none, index) => index * 100).find((km) => age(km) === 'old') ?? 0;
    expect([old >= 200, old <= 2500]).toEqual([true, true]);
    expect(age(old - 100)).not.toBe('old');
    expect(
      reports([code({ odometer: 100_000, status: 'current' })], 150_000).some(
        (report) => report.check.passive?.topic === 'code-age',
      ),
    ).toBe(false);
  });
  test('a wheel that codes do not name is reported as such', () => {
    const named = reports([code()]).filter((report) => report.check.passive?.topic === 'code-named');
    expect(named.map(({ channel, fits }) => [channel, fits])).toEqual([
      ['front-left', { named: 1 }],
      ['front-right', { 'not-named': 1 }],
      ['rear-left', { 'not-named': 1 }],
      ['rear-right', { 'not-named': 1 }],
    ]);
  });
});

describe('the same once more', () => {
  test('a sight that an earlier stage had is hardly news', () => {
    const seen: readonly Loose[] = [
      { kind: 'look', part: 'ring', finding: 'scored', channel: 'front-left' },
      { kind: 'look', part: 'ring', finding: 'scored', channel: 'front-left' },
    ];
    const reports = read(seen, car('passive'), {
      repairs: [
        {
          id: 'r1',
          action: 'cleaned',
          segment: 'plug',
          channel: 'front-left',
          result: 'not-fixed',
          after: 'o1',
        } as never,
      ],
    });
    const mistaken = typeof reports === 'string' ? 0 : (reports[0]?.mistaken ?? 0);
    expect([mistaken >= 0.7, mistaken <= 0.95]).toEqual([true, true]);
  });
});
