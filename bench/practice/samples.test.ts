import { describe, expect, test } from 'vitest';
import { assess } from '../../core/judgement/assess';
import { ALL_FAULTS } from '../../core/knowledge/faults';
import { validate } from '../../core/casefile/validate';
import { drawPractice, twinWorld } from './drawPractice';
import { PracticeSession, startingFile, type Practice } from './session';
import { PEBBLE, TANSY } from './sampleCars';

describe('the sample garage on the bench', () => {
  test('Tansy shows what her file says: the code at key-on, the coil at the module’s end, the battery', () => {
    for (const seed of [1, 2, 3]) {
      const world = drawPractice('first', seed);
      expect(world.readCodes()).toMatchObject([{ code: 'C003A-01', status: 'current' }]);
      const [coil] = world.observe('meter:module-end:resistance', 'rear-right');
      const [twin] = world.observe('meter:module-end:resistance', 'rear-left');
      const [battery] = world.observe('meter:battery:dc-voltage', null);
      const value = (seen: typeof coil): number =>
        seen?.kind === 'meter' && typeof seen.value === 'number' ? seen.value : NaN;
      expect(value(coil)).toBeGreaterThan(375);
      expect(value(coil)).toBeLessThan(405);
      expect(value(twin)).toBeGreaterThan(1080);
      expect(value(twin)).toBeLessThan(1160);
      expect(value(battery)).toBeCloseTo(12.58, 0);
    }
  });

  test('Bertie’s front left is deaf though fed; the others follow', () => {
    const world = drawPractice('bearing', 1);
    expect(world.observe('live:hand-spin', 'front-left')).toMatchObject([{ finding: 'zero' }]);
    expect(world.observe('live:hand-spin', 'front-right')).toMatchObject([{ finding: 'follows' }]);
    const [supply] = world.observe('meter:supply-at-plug:dc-voltage', 'front-left');
    expect(supply?.kind === 'meter' && supply.value).toBeGreaterThan(10);
  });

  test('Pebble’s rear axle has one sensor; its loom opens on bumps and is whole at rest', () => {
    const world = drawPractice('tank', 1);
    expect(world.vehicle.channels).toEqual(PEBBLE.channels);
    expect(world.observe('live:drive', 'rear-axle')).toMatchObject([
      {},
      {},
      { channel: 'rear-axle', finding: 'drops-out' },
    ]);
    expect(world.observe('meter:wire-1:resistance', 'rear-axle', 'wiggle')).toMatchObject([{ unsteady: true }]);
  });

  test('each car’s right repair makes it sound', () => {
    for (const level of ['first', 'bearing', 'tank'] as const) {
      const world = drawPractice(level, 4);
      for (const repair of world.rightRepairs) expect(world.repair(repair.repair, repair.channel).result).toBe('fixed');
      expect(world.isSound).toBe(true);
    }
  });
});

describe('a twin of another job', () => {
  const suspected = [
    { channel: 'rear-right', fault: 'sensor-short', probability: 0.7 },
    { channel: 'rear-right', fault: 'loom-open', probability: 0.3 },
  ] as const;

  test('has the owner’s vehicle, a fault that the adviser suspects as often as it does, and coils in the owner’s band', () => {
    const drawn = Array.from({ length: 200 }, (_one, seed) => twinWorld({ vehicle: TANSY, likely: suspected }, seed));
    const shorts = drawn.filter((draft) => draft.faults[0]?.fault === 'sensor-short').length;
    expect(shorts).toBeGreaterThan(110);
    expect(shorts).toBeLessThan(170);
    expect(drawn.every((draft) => draft.vehicle.name === 'Tansy')).toBe(true);
    const [coil] = drawn[0]?.observe('meter:sensor:resistance', 'front-left') ?? [];
    expect(coil?.kind === 'meter' && coil.value).toBeGreaterThan(900);
  });

  test('can be any fault, on a car of any kind, and the file that it begins with is right', () => {
    for (const fault of ALL_FAULTS.filter((row) => row.often.passive > 0)) {
      const isShared = ['battery-low', 'module-supply', 'brake-switch', 'brake-fluid-low'].includes(fault.id);
      const likely = [{ channel: isShared ? null : ('front-left' as const), fault: fault.id, probability: 1 }];
      const practice: Practice = { level: 'twin', seed: 2, actions: [], twin: { vehicle: TANSY, likely } };
      expect(validate(startingFile(practice))).toMatchObject({ ok: true });
    }
  });

  test('nothing suspected: an old code; a twin of nobody is refused', () => {
    expect(twinWorld({ vehicle: TANSY, likely: [] }, 1).faults).toMatchObject([{ fault: 'stale-code' }]);
    expect(() => drawPractice('twin', 1)).toThrow('a twin needs the vehicle');
  });
});

test('probes put anywhere cost a minute, show something, and leave nothing in the file', () => {
  const practice: Practice = { level: 'first', seed: 3, actions: [] };
  const session = new PracticeSession(practice);
  const before = session.ledger.file;
  const probe = {
    do: 'probe',
    dial: 'ohm',
    red: 'S1',
    black: 'G',
    channel: 'rear-right',
    plugs: { sensor: true, module: true },
  } as const;
  const shown = session.act(probe);
  expect(shown).toMatchObject({ seen: [], display: { quantity: 'resistance' } });
  expect(session.ledger.file).toBe(before);
  expect(session.ledger.minutes).toBeGreaterThan(0);
  expect(new PracticeSession({ ...practice, actions: [probe] }).ledger.minutes).toBe(session.ledger.minutes);
});

test('the adviser finds Tansy’s fault with what the stand-ins show', () => {
  const session = new PracticeSession({ level: 'first', seed: 1, actions: [] });
  session.act({ do: 'read', modules: 7 });
  session.act({ do: 'check', check: 'meter:sensor:resistance', channel: 'rear-right' });
  expect(assess(session.ledger.file).ranking[0]).toMatchObject({ fault: 'sensor-short', channel: 'rear-right' });
});
