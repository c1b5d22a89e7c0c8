import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { CASE_FILE } from '../../core/casefile/contract';
import { fits } from '../../core/casefile/misfits';
import { analyse } from '../../core/livelog/analyse';
import { cellsOf } from '../../core/livelog/layout';
import { numberAt, timeAt } from '../../core/livelog/numbers';
import { observationsOf } from '../../core/livelog/observations';
import { LogReader, readLog } from '../../core/livelog/readLog';
import { curvesOf } from '../../core/livelog/curves';
import { seriesOf } from '../../core/livelog/series';
import { detailOf } from '../../core/livelog/detail';
import { asBytes, decoded } from '../../core/livelog/utf8';
import { simulated, type Wrong } from '../support/simulatedLog';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const read = (text: string) => readLog(bytes(text));
const speedsOf = (text: string, channel: 'front-left' | 'front-right' | 'rear-left' = 'front-left') =>
  Array.from(read(text).log?.speeds[channel] ?? []);

describe('numbers', () => {
  test('are the same that parseFloat gives, digit by digit', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.double({ noNaN: true, noDefaultInfinity: true }),
          fc.float({ noNaN: true, noDefaultInfinity: true }),
        ),
        (value) => {
          const text = String(value);
          expect(numberAt(asBytes(text), 0, text.length, 46)).toBe(Number.parseFloat(text));
        },
      ),
      { numRuns: 2000 },
    );
  });
  test.each([
    ['', NaN],
    ['-', NaN],
    ['12a', NaN],
    ['1.2.3', NaN],
    [' 7 ', 7],
    ['.5', 0.5],
    ['5.', 5],
    ['+3', 3],
    ['-0.25', -0.25],
    ['1e3', 1000],
    ['99999999999999999999', 1e20],
  ])('%j', (text, value) => {
    expect(numberAt(asBytes(text), 0, text.length, 46)).toEqual(value);
  });
  test('clocks and dates differ by seconds', () => {
    const at = (text: string): number => timeAt(asBytes(text), 0, text.length, 46);
    expect(at('07:41:03.250') - at('07:41:01')).toBeCloseTo(2.25, 9);
    expect(at('2024-03-01 00:00:01') - at('2024-02-29T23:59:59')).toBe(2);
    expect(at('01.01.2025 00:00:00') - at('31.12.2024 23:59:58')).toBe(2);
    expect(at('12')).toBe(12);
    expect(at('noon:')).toBeNaN();
  });
});

describe('exports of every make-up', () => {
  const ROWS = [
    [0, 10, 11],
    [0.5, 20, 21],
    [1, 30, 31],
  ];
  const table = (head: string, cells: (row: number[]) => string, end = '\n'): string =>
    [head, ...ROWS.map((row) => cells(row))].join(end);
  test.each([
    ['commas', table('Time,FL,FR', (row) => row.join(','))],
    [
      'semicolons and decimal commas',
      table('Zeit [s];Rad vorne links [km/h];Rad vorne rechts [km/h]', (row) =>
        row.map((cell) => `${cell},0`.replace('.5,0', ',5')).join(';'),
      ),
    ],
    ['tabs, carriage returns', table('t\tWheel speed FL\tWheel speed FR', (row) => row.join('\t'), '\r\n')],
    [
      'a mark of byte order, words before the header',
      `\uFEFFMade by a reader\nVehicle,unknown\n${table('Time (s),LF speed,RF speed', (row) => row.join(','))}`,
    ],
    ['quotes', table('"Time","front left","front right"', (row) => row.map((cell) => `"${cell}"`).join(','))],
    [
      'columns in another order, others between',
      table('FR;note;FL;Time', ([time, left, right]) => `${right};"a;b";${left};${time}`),
    ],
    ['milliseconds', table('Time (ms),FL,FR', ([time = 0, left, right]) => `${time * 1000},${left},${right}`)],
    ['a clock', table('Time,FL,FR', ([time = 0, left, right]) => `10:00:0${time},${left},${right}`)],
  ])('%s', (_, text) => {
    const { log, problems } = read(text);
    expect(problems).toEqual([]);
    expect(Array.from(log?.seconds ?? [])).toEqual([0, 0.5, 1]);
    expect(Array.from(log?.speeds['front-left'] ?? [])).toEqual([10, 20, 30]);
    expect(Array.from(log?.speeds['front-right'] ?? [])).toEqual([11, 21, 31]);
  });
  test('miles become kilometres; without a unit it is said that km/h is assumed', () => {
    expect(speedsOf('t,FL (mph)\n0,10\n1,20\n')).toEqual([16.09344, 32.18688]);
    expect(read('t,FL\n0,10\n1,20\n').log?.columns['front-left']).toEqual({
      header: 'FL',
      unit: 'km/h',
      isAssumed: true,
    });
  });
  test('one row a signal is put together by its moments', () => {
    const long =
      'Time,Signal,Value,Unit\n0,Wheel speed FL,10,km/h\n0,Wheel speed FR,11,km/h\n0,Engine,900,rpm\n1,Wheel speed FL,20,km/h\n1,Wheel speed FR,21,km/h\n';
    expect(speedsOf(long)).toEqual([10, 20]);
    expect(speedsOf(long, 'front-right')).toEqual([11, 21]);
  });
  test('cells may be missing; a row without time is left out and named', () => {
    const { log, problems } = read('t,FL,FR\n0,10,\n,,\n1,,21\n');
    expect(Array.from(log?.speeds['front-left'] ?? [])).toEqual([10, NaN]);
    expect(problems).toEqual([{ line: 3, message: expect.stringContaining('no time') as string }]);
  });
  test('midnight passes', () => {
    expect(Array.from(read('Time,FL\n23:59:59,1\n00:00:01,2\n').log?.seconds ?? [])).toEqual([0, 2]);
  });
  test.each([
    ['nothing', '', 'is empty'],
    ['no wheel', 'a,b\n1,2\n', 'names no wheel'],
    ['no time', 'FL,FR\n1,2\n3,4\n', 'no column of time'],
    ['only a header', 't,FL\n', 'no rows'],
    ['binary', 't,FL\n\u0000\u0001', 'no text file'],
  ])('%s is refused in words', (_, text, words) => {
    const { log, problems } = read(text);
    expect(log).toBeNull();
    expect(problems[0]).toEqual({ line: 0, message: expect.stringContaining(words) as string });
  });
  test('a line of a million columns, a quote that never closes: an answer, and at once', () => {
    expect(read(`t,FL\n0,${'1,'.repeat(1_000_000)}\n1,2\n2,3\n`).log?.seconds).toHaveLength(3);
    expect(read(`t,FL\n0,1\n1,"2\n${'3,4\n'.repeat(20_000)}`).log).toBeNull();
    const huge = read(`t,FL\n0,1\n${'x'.repeat(3_000_000)}\n1,2\n`);
    expect(huge.problems[0]?.message).toContain('longer than a megabyte');
  });
  test('wherever it is cut into parts, the same is read', () => {
    const text = simulated({ seed: 3, seconds: 8, hertz: 10, step: 0.01, isPolled: true, wrong: [] });
    const whole = read(text);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (size) => {
        const reader = new LogReader();
        const all = bytes(text);
        for (let at = 0; at < all.length; at += size) reader.push(all.subarray(at, at + size));
        expect(reader.end()).toEqual(whole);
      }),
      { numRuns: 40 },
    );
  });
  test('old readers write Latin-1: it is read all the same', () => {
    expect(decoded(Uint8Array.of(0x61, 0xe8, 0x62))).toBe('aèb');
    expect(decoded(bytes('arrière 😀'))).toBe('arrière 😀');
  });
});

describe('torture files for parsers of tables', () => {
  const folder = 'node_modules/csv-spectrum/csvs';
  const names = readdirSync(folder).filter((name) => name.endsWith('.csv'));
  test('there are a dozen', () => expect(names.length).toBeGreaterThanOrEqual(10));
  test.each(names)('%s: no recording, and it is said at once', (name) => {
    const { log, problems } = readLog(new Uint8Array(readFileSync(`${folder}/${name}`)));
    expect(log).toBeNull();
    expect(problems[0]?.message).toMatch(/names no wheel|no column of time|is empty|no rows/);
  });
  test.each(names)('%s: its cells are cut as they should be', (name) => {
    const text = readFileSync(`${folder}/${name}`, 'utf8');
    const rows = [
      JSON.parse(readFileSync(`${folder.replace('csvs', 'json')}/${name.replace('.csv', '.json')}`, 'utf8')) as object,
    ].flat();
    /* Lines are cut at newlines here; and one file's JSON tells of another row than its CSV. */
    if (/newlines|location/.test(name)) return;
    const [head = '', ...lines] = text.split(/\r\n|\n|\r/).filter((line) => line !== '');
    const keys = cellsOf(head, ',');
    expect(
      lines.map((line) => Object.fromEntries(cellsOf(line, ',').map((cell, at) => [keys[at] ?? '', cell]))),
    ).toEqual(rows);
  });
  test('a figure behind a quoted newline is read in its own row', () => {
    const text = 't,note,FL\n0,"first\nsecond",10\n1,"a ""b"", c",20\n2,plain,30\n';
    expect(speedsOf(text)).toEqual([10, 20, 30]);
  });
});

describe('what a recording shows', () => {
  const FAULTS: readonly (Wrong & { readonly shows: string })[] = [
    { channel: 'front-left', kind: 'zero', size: 1, shows: 'zero' },
    { channel: 'front-right', kind: 'late', size: 18, shows: 'cuts-in-late' },
    { channel: 'rear-left', kind: 'drops', size: 0.1, shows: 'drops-out' },
    { channel: 'rear-right', kind: 'fast', size: 0.05, shows: 'reads-fast' },
    { channel: 'front-left', kind: 'slow', size: 0.04, shows: 'reads-slow' },
    { channel: 'front-right', kind: 'noise', size: 4, shows: 'erratic' },
    { channel: 'rear-right', kind: 'ring', size: 0.15, shows: 'erratic once-per-turn' },
    { channel: 'front-left', kind: 'stuck', size: 12, shows: 'stuck-high' },
  ];
  const DRIVE = { seconds: 80, hertz: 12, step: 0.1, isPolled: false };
  const shown = (wrong: readonly Wrong[], change: object = {}) => {
    const { log } = read(simulated({ seed: 11, ...DRIVE, ...change, wrong }));
    if (!log) throw new Error('the simulated log can be read');
    return analyse(log);
  };
  test.each(FAULTS)('$kind at $channel is found, and nothing else', ({ shows, ...wrong }) => {
    const { findings, sound } = shown([wrong]);
    expect(findings.map(({ channel, finding, rhythm = '' }) => `${channel} ${`${finding} ${rhythm}`.trim()}`)).toEqual([
      `${wrong.channel} ${shows}`,
    ]);
    expect(sound).toHaveLength(3);
  });
  test('a sound car shows nothing, in bends too; channels asked in turn are no fault', () => {
    expect(shown([]).findings).toEqual([]);
    expect(shown([], { isPolled: true, hertz: 8, step: 1 }).findings).toEqual([]);
  });
  test('the bad share of a turn is told within a twentieth', () => {
    const { findings } = shown([{ channel: 'rear-left', kind: 'ring', size: 0.3, share: 0.12 }], { hertz: 25 });
    expect(findings[0]?.share).toBeGreaterThan(0.06);
    expect(findings[0]?.share).toBeLessThan(0.18);
  });
  test('two wheels at once', () => {
    const { findings } = shown([
      { channel: 'front-left', kind: 'drops', size: 0.1 },
      { channel: 'rear-right', kind: 'late', size: 16 },
    ]);
    expect(findings.map(({ channel, finding }) => `${channel} ${finding}`)).toEqual([
      'front-left drops-out',
      'rear-right cuts-in-late',
    ]);
  });
  test('at two readings a second a ring is not judged, and that is said', () => {
    const { findings, limits } = shown([{ channel: 'rear-right', kind: 'ring', size: 0.15 }], { hertz: 2, step: 1 });
    expect(findings).toEqual([]);
    expect(limits[0]).toContain('trembling once a wheel turn cannot be seen');
  });
  test('a car that stands says nothing of its wheels', () => {
    const standing = read('t,FL,FR,RL,RR\n0,0,0,0,0\n1,0,0,0,0\n2,0,0,0,0\n').log;
    expect(standing && analyse(standing)).toMatchObject({ findings: [], sound: [], isDriven: false });
  });
  test('it amounts to observations that a case file takes', () => {
    const report = shown([{ channel: 'rear-right', kind: 'ring', size: 0.15 }]);
    const observations = observationsOf(report);
    expect(observations).toHaveLength(4);
    expect(observations[0]).toMatchObject({
      kind: 'live',
      while: 'drive',
      channel: 'rear-right',
      finding: 'erratic',
      rhythm: 'once-per-turn',
    });
    expect(observations.slice(1).every(({ finding }) => finding === 'follows')).toBe(true);
    const file = {
      format: 'zelf-case',
      version: 1,
      vehicle: { channels: ['front-left', 'front-right', 'rear-left', 'rear-right'] },
      observations,
    };
    expect(fits(CASE_FILE, file)).toBe(true);
  });
});

describe('what is drawn', () => {
  const detail = (text: string, suspect: 'front-left' | 'rear-right' | null = null, scale = 1) => {
    const { log } = read(text);
    if (!log) throw new Error('the log can be read');
    const series = seriesOf(log);
    return detailOf(series, curvesOf(series), { turnM: 1.95, suspect, scale, sound: ['front-right'] });
  };
  test('curves are short, and lose no drop-out', () => {
    const rows = Array.from({ length: 50_000 }, (_, at) => `${at / 10},${at === 31_337 ? 0 : 50}`).join('\n');
    const curve = detail(`t,FL\n${rows}\n`).speeds['front-left'];
    expect(curve?.values.length).toBeLessThanOrEqual(900);
    expect(curve?.values).toContain(0);
    expect(curve?.seconds[curve.values.indexOf(0)]).toBeCloseTo(3133.7, 6);
  });
  test('the way counts from moving off', () => {
    const { kilometres, speeds } = detail('t,FL,FR\n0,0,0\n10,0,0\n20,36,36\n120,36,36\n');
    expect(kilometres).toBeCloseTo(1.1, 6);
    expect(speeds['front-left']?.kilometres).toEqual([0, 0, expect.closeTo(0.1, 6), expect.closeTo(1.1, 6)]);
  });
  test('deviation is per cent of what the other wheels say, and nothing at walking pace', () => {
    const off = detail('t,FL,FR,RL\n0,4,5,5\n1,9,10,10\n2,11,10,10\n').deviations['front-left'];
    expect(off?.values).toEqual([expect.closeTo(-10, 9), expect.closeTo(10, 9)]);
  });
  test('a bad place peaks at one, two and three a turn; a close-up shows the turns', () => {
    const wrong = [{ channel: 'rear-right' as const, kind: 'ring' as const, size: 0.2, share: 0.12 }];
    const text = simulated({ seed: 11, seconds: 80, hertz: 25, step: 0.1, isPolled: false, wrong });
    const { log } = read(text);
    const found = log && analyse(log).findings[0];
    const { spectra, closeup, bends } = detail(text, 'rear-right', found?.scale ?? 1);
    const at = (times: number): number => spectra['rear-right']?.strength[Math.round((times - 0.4) / 0.02)] ?? 0;
    for (const peak of [1, 2, 3]) expect(at(peak)).toBeGreaterThan(3 * at(peak - 0.4));
    expect(spectra['front-left']?.strength[30] ?? 1).toBeLessThan(at(1) / 4);
    expect(closeup?.channel).toBe('rear-right');
    expect(closeup?.turns.length).toBeGreaterThan(3);
    expect(closeup?.seconds.at(-1)).toBeCloseTo((closeup?.seconds[0] ?? 0) + 6, 0);
    expect(bends.some(({ side }) => side === 'left') && bends.some(({ side }) => side === 'right')).toBe(true);
  });
});

describe('columns that nobody can name', () => {
  const ODD = 'made by somebody\nwhen;a;b\n0;10;11\n1;20;21\n2;30;31\n';
  test('are shown as they stand', () => {
    const { log, preview } = read(ODD);
    expect(log).toBeNull();
    expect(preview).toEqual({
      headers: ['when', 'a', 'b'],
      rows: [
        ['0', '10', '11'],
        ['1', '20', '21'],
        ['2', '30', '31'],
      ],
      guessed: [null, null, null],
    });
    expect(read('hello\nthere\n').preview).toBeNull();
  });
  test('are read as somebody says, in the unit that they say', () => {
    const mapping = { roles: { when: 'time', a: 'front-left', b: 'none' }, unit: 'mph' } as const;
    const { log } = readLog(bytes(ODD), mapping);
    expect(Array.from(log?.speeds['front-left'] ?? [])).toEqual([10, 20, 30].map((speed) => speed * 1.609344));
    expect(log?.speeds['front-right']).toBeUndefined();
  });
  test('a printed unit goes before a said one; a wheel may be said to be another', () => {
    const mapping = { roles: { 'FL (km/h)': 'rear-left' }, unit: 'mph' } as const;
    const { log } = readLog(bytes('t,FL (km/h),FR\n0,10,10\n1,20,20\n'), mapping);
    expect(Array.from(log?.speeds['rear-left'] ?? [])).toEqual([10, 20]);
    expect(log?.speeds['front-left']).toBeUndefined();
    expect(log?.speeds['front-right']?.[0]).toBeCloseTo(16.09344, 9);
  });
});

describe('circumstances', () => {
  const DRIVE = { seed: 4, seconds: 240, hertz: 10, step: 0.1, isPolled: false, wrong: [] };
  /** Rear left reads nothing where a test of the row holds. */
  const spoilt = (isBad: (speeds: readonly number[], at: number) => boolean, marks = {}) => {
    const { log } = read(simulated(DRIVE));
    if (!log) throw new Error('the simulated log can be read');
    const all = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;
    const own = Float64Array.from(log.speeds['rear-left'] ?? []);
    own.forEach((_, at) => {
      if (
        isBad(
          all.map((channel) => log.speeds[channel]?.[at] ?? 0),
          at,
        )
      )
        own[at] = 0;
    });
    return analyse({ ...log, speeds: { ...log.speeds, 'rear-left': own }, marks }).findings.find(
      ({ finding }) => finding === 'drops-out',
    );
  };
  test('a wheel that drops out in left bends only is told so; one that drops out anywhere is not', () => {
    const inLeft = spoilt(([left = 0, right = 0], at) => right - left > 0.9 && at % 6 === 0);
    expect(inLeft).toMatchObject({ channel: 'rear-left', when: 'in-left-bends' });
    const anywhere = spoilt((_, at) => at % 40 === 0);
    expect(anywhere?.channel).toBe('rear-left');
    expect(anywhere?.when).toBeUndefined();
  });
  test('after bumps that were marked', () => {
    const bump = [60, 75, 90, 110, 130, 150, 170];
    const found = spoilt((_, at) => bump.some((second) => Math.abs(at / 10 - second - 0.5) < 0.3), { bump });
    expect(found?.when).toBe('after-bumps');
  });
  test('names of one axle that are crossed are noticed in bends; right ones are not', () => {
    const { log } = read(simulated(DRIVE));
    if (!log) throw new Error('the simulated log can be read');
    const { speeds } = log;
    const crossed = {
      ...speeds,
      'front-left': speeds['front-right'] ?? new Float64Array(),
      'front-right': speeds['front-left'] ?? new Float64Array(),
    };
    expect(analyse({ ...log, speeds: crossed }).notes[0]).toContain('named the wrong way round');
    expect(analyse(log).notes).toEqual([]);
  });
  test('a wheel whose sign runs against the others', () => {
    const { log } = read(simulated(DRIVE));
    if (!log) throw new Error('the simulated log can be read');
    const own = Float64Array.from(log.speeds['front-left'] ?? [], (speed) => -speed);
    expect(analyse({ ...log, speeds: { ...log.speeds, 'front-left': own } }).findings).toMatchObject([
      { channel: 'front-left', finding: 'wrong-direction' },
    ]);
  });
  test('a wheel that shows nothing but its own fault is no measure for the others', () => {
    const { findings } = analyse(
      readLog(
        bytes(
          simulated({
            ...DRIVE,
            seed: 7000,
            step: 1,
            isPolled: true,
            wrong: [{ channel: 'front-left', kind: 'stuck', size: 11 }],
          }),
        ),
      ).log ?? { columns: {}, seconds: new Float64Array(), speeds: {}, marks: {} },
    );
    expect(findings.map(({ channel, finding }) => `${channel} ${finding}`)).toEqual(['front-left stuck-high']);
  });
});
