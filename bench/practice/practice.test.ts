import { printMove } from '../../core/knowledge/moves';
import { describe, expect, test } from 'vitest';
import { METER_QUANTITIES } from '../../core/casefile/words';
import { validate } from '../../core/casefile/validate';
import { readHello, readerFor } from '../reader/serve';
import { debriefOf } from './debrief';
import { drawPractice } from './drawPractice';
import { LEVELS, levelOf } from './levels';
import { DIAL, POINTS, settingOf } from './probes';
import { TANSY } from './sampleCars';
import { dropOf, PracticeSession, startingFile, type Practice, type PracticeAction } from './session';

const ROAD: readonly PracticeAction[] = [
  { do: 'read', modules: 4 },
  { do: 'check', check: 'meter:sensor:resistance', channel: 'rear-right' },
  { do: 'check', check: 'ask:history', channel: 'rear-right' },
  { do: 'check', check: 'live:hand-spin', channel: 'rear-right' },
  { do: 'check', check: 'clear', channel: null },
  { do: 'repair', repair: 'replaced:sensor', channel: 'rear-right' },
];
const OPEN = { sensor: true, module: true };
const FIRST: Practice = { level: 'first', seed: 3, actions: [] };

describe('practice cars', () => {
  test.each(LEVELS.map((level) => [level.id, level] as const))(
    '%s: the fault is of the level, car and file are right',
    (id, level) => {
      for (let seed = 0; seed < 12; seed += 1) {
        const world = drawPractice(id, seed);
        expect(level.faults).toContain(world.faults[0]?.fault);
        expect(drawPractice(id, seed).faults).toEqual(world.faults);
        const file = startingFile({ level: id, seed, actions: [] });
        expect(validate(file)).toMatchObject({ ok: true });
        expect(JSON.stringify(file)).not.toContain(world.faults[0]?.fault);
      }
    },
  );
  test('an unknown level is refused', () => expect(() => levelOf('hard')).toThrow('there is no level "hard"'));
});

describe('a session', () => {
  test('the same actions give the same car, readings and bill', () => {
    const [practiceSession, other] = [0, 1].map(() => new PracticeSession({ ...FIRST, actions: ROAD }));
    expect(practiceSession?.ledger.file).toEqual(other?.ledger.file);
    expect(practiceSession?.ledger.cost).toBe(other?.ledger.cost);
    expect(
      practiceSession?.log.map(({ move }) => (move.is === 'check' || move.is === 'repair' ? printMove(move) : move.is)),
    ).toEqual(['code', 'meter:sensor:resistance', 'ask:history', 'live:hand-spin', 'clear', 'repair:replaced:sensor']);
  });
  test('step by step is the same as all at once', () => {
    const stepwise = new PracticeSession(FIRST);
    ROAD.forEach((practiceAction) => stepwise.act(practiceAction));
    expect(stepwise.ledger.file).toEqual(new PracticeSession({ ...FIRST, actions: ROAD }).ledger.file);
  });
  test('what the manual says is learnt for a price', () => {
    const session = new PracticeSession(FIRST);
    const { vehicle } = session.act({ do: 'check', check: 'ask:specs', channel: null });
    expect(vehicle?.specs?.sensorResistance?.min).toBeGreaterThan(300);
    expect(session.ledger.minutes).toBeGreaterThan(0);
  });
  test('only the first link of a loose reader drops', () => {
    expect(dropOf(FIRST)).toBe(7);
    expect(dropOf({ ...FIRST, actions: [{ do: 'read', modules: 2 }] })).toBeNull();
    expect(dropOf({ ...FIRST, level: 'easy' })).toBeNull();
  });
});

describe('the debrief', () => {
  test('shows the fault, what each move was worth, the least it could cost, and the adviser beside it', () => {
    const found = debriefOf({ ...FIRST, actions: ROAD });
    expect(found.faults).toEqual([{ channel: 'rear-right', fault: 'sensor-short' }]);
    expect(found.isRight).toBe(true);
    expect(found.moves).toHaveLength(ROAD.length);
    expect(found.cost).toBeCloseTo(
      found.moves.reduce((sum, move) => sum + move.cost, 0),
      6,
    );
    expect(found.leastCost).toBeLessThan(found.cost);
    expect(found.leastRepairs).toEqual(['replaced:sensor']);
    expect(found.adviser.road.length).toBeGreaterThan(1);
  });
  test('a car left broken is not right, and a workshop is paid', () => {
    const given = debriefOf(FIRST);
    expect(given).toMatchObject({ isRight: false, moves: [] });
    expect(given.cost).toBeGreaterThan(200);
  });
});

describe('probes on the drawn bench', () => {
  const open = { sensor: true, module: true };
  test('every pair, dial and plug gives a check of the contract or a hint, the same both ways round', () => {
    const known = new Set<string>(
      Object.entries(METER_QUANTITIES).flatMap(([point, quantities]) =>
        quantities.map((quantity) => `meter:${point}:${quantity}`),
      ),
    );
    const found = new Set<string>();
    for (const dial of DIAL)
      for (const red of POINTS)
        for (const black of POINTS)
          for (const plugs of [open, { sensor: true, module: false }, { sensor: false, module: true }]) {
            const setting = settingOf(dial, red, black, plugs);
            expect(settingOf(dial, black, red, plugs)).toEqual(setting);
            if (setting.is !== 'check') expect(setting.words.length).toBeGreaterThan(10);
            else {
              expect(known).toContain(setting.check);
              found.add(setting.check);
            }
          }
    expect([...known].filter((word) => !found.has(word))).toEqual([]);
  });
  test.each([
    ['free', 'ohm', 'S1', 'S2', { sensor: false, module: false }, 'Open the sensor’s plug first'],
    ['hint', 'ohm', 'BAT', 'G', open, 'Never ohms on a fed wire'],
    ['hint', 'ma', 'BAT', 'G', open, 'blow the meter’s fuse'],
    ['hint', 'ohm', 'S1', 'S1', open, 'zeroed'],
    ['free', 'mv', 'P1', 'P2', open, 'no fault'],
    ['free', 'ac', 'S1', 'G', open, 'decides nothing'],
  ] as const)('%s: %s between %s and %s, %o', (is, dial, red, black, plugs, words) =>
    expect(settingOf(dial, red, black, plugs)).toMatchObject({ is, words: expect.stringContaining(words) as string }),
  );
});

describe('the introduction to the reader', () => {
  const hello = { practice: FIRST, spun: null, motion: null, dropAfter: null };
  test('is read, and plugs into the same car', () => {
    const read = readHello(JSON.stringify({ ...hello, practice: { ...FIRST, actions: ROAD } }));
    expect(read?.practice.actions).toEqual(ROAD);
    expect(read && readerFor(read, () => 0).reader.answer(0x28, Uint8Array.of(0x3e, 0))).toEqual(
      Uint8Array.of(0x7e, 0),
    );
  });
  test.each([
    ['no JSON', 'hello'],
    ['another level', JSON.stringify({ ...hello, practice: { ...FIRST, level: 'x' } })],
    ['a seed that is none', JSON.stringify({ ...hello, practice: { ...FIRST, seed: 'a' } })],
    ['unknown actions', JSON.stringify({ ...hello, practice: { ...FIRST, actions: [{ do: 'jump' }] } })],
    [
      'too many actions',
      JSON.stringify({ ...hello, practice: { ...FIRST, actions: Array.from({ length: 500 }, () => ROAD[0]) } }),
    ],
    ['a car that flies', JSON.stringify({ ...hello, motion: { kmh: 900, steer: 0 } })],
    ['a wheel that is none', JSON.stringify({ ...hello, spun: 'spare' })],
    ['a twin of nobody', JSON.stringify({ ...hello, practice: { level: 'twin', seed: 1, actions: [] } })],
    [
      'a twin with a fault that is none',
      JSON.stringify({
        ...hello,
        practice: {
          level: 'twin',
          seed: 1,
          actions: [],
          twin: { vehicle: TANSY, likely: [{ channel: null, fault: 'gremlin', probability: 1 }] },
        },
      }),
    ],
    [
      'probes off the board',
      JSON.stringify({
        ...hello,
        practice: {
          ...FIRST,
          actions: [{ do: 'probe', dial: 'ohm', red: 'S9', black: 'G', plugs: OPEN, channel: 'rear-left' }],
        },
      }),
    ],
  ])('%s is refused', (_why, text) => expect(readHello(text)).toBeNull());
});
