import { describe, expect, test } from 'vitest';
import { flashesOf } from '../../core/codes/rhythm/practiceLamp';
import type { FaultId } from '../../core/knowledge/faults';
import { validate } from '../../core/casefile/validate';
import { chanceFrom } from '../chance';
import { makeCar, type Particulars } from '../drawWorld';
import type { Trigger } from '../car/corner';
import { World } from '../world';
import { driveTrip } from './drive';
import type { Strategy } from './strategy';

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;
const PLAIN: Partial<Strategy> = {
  speaks: 'to-readers',
  typed: true,
  testsAtKeyOn: true,
  dates: true,
  confirmsAfter: 1,
  lampGoesOut: 'at-key-on',
  passingByte: null,
  silentByte: '31',
  echoes: [],
};

function made(fault: FaultId, own: Partial<Strategy> = {}, particulars: Particulars = {}, seed = 5) {
  return makeCar(FOUR, 'passive', [{ channel: 'front-left', fault }], chanceFrom(seed), {
    ...particulars,
    strategy: { ...PLAIN, ...own },
  });
}
const world = (...of: Parameters<typeof made>): World => new World(made(...of), chanceFrom(9));
const codes = (one: World): string[] =>
  one.readCodes().flatMap((each) => (each.kind === 'code' ? [`${each.code} ${each.status}`] : []));

describe('what the module finds when', () => {
  test('a broken lead is current at key-on; a wide gap is stored, noted at the speed where wheels are compared', () => {
    expect(codes(world('lead-open', { openByte: '13' }))).toEqual(['C0031-13 current']);
    const wide = world('gap-wide', { comparesFromKmh: 6 });
    expect(codes(wide)).toEqual(['C0031-31 stored']);
    expect(wide.readCodes()[0]).toMatchObject({ note: expect.stringContaining('set at 6 km/h') as string });
  });

  test('a make that tests only on the road finds a broken lead there', () =>
    expect(codes(world('lead-open', { testsAtKeyOn: false, openByte: '13' }))).toEqual(['C0031-13 stored']));

  test('other modules complain once the brake module has given a wheel up, and each forgets its own', () => {
    const one = world('lead-open', { openByte: '13', echoes: [{ module: 'engine', code: 'P0500' }] });
    expect(codes(one)).toContain('P0500 stored');
    one.forget('engine');
    expect(codes(one)).toEqual(['C0031-13 current']);
  });

  test('an old car flashes two digits, which its manual explains, and answers no reader', () => {
    const one = world('lead-open', { speaks: 'by-lamp', typed: false });
    expect(codes(one)).toEqual(['21 unknown']);
    expect(flashesOf(['21'], 'counts')).toHaveLength(4);
    expect(one.readByReader(4)).toEqual([{ kind: 'no-answer', module: 'abs' }]);
    const meanings = one.vehicle.codeMeanings;
    if (meanings) expect(meanings['21']).toMatchObject({ channel: 'front-left', failure: 'circuit' });
    expect(validate({ format: 'zelf-case', version: 1, vehicle: one.vehicle, observations: [] }).ok).toBe(true);
  });

  test('an old code carries the odometer reading of its day', () => {
    const one = world('stale-code');
    const [code] = one.readCodes();
    expect(code).toMatchObject({ kind: 'code', status: 'stored' });
    const odometer = code?.kind === 'code' ? code.odometer : 0;
    expect((one.vehicle.odometer ?? 0) - (odometer ?? 0)).toBeGreaterThan(150);
    expect(one.isLampLit).toBe(false);
  });

  test('a drive without an erase tells whether the lamp went out by itself', () => {
    const one = world('lead-open', { lampGoesOut: 'after-drive', healsAfter: 40 });
    expect(one.observe('drive', null)).toMatchObject([{ kind: 'drive', result: 'lamps-came-back' }]);
    one.repair('repaired-wire:lead', 'front-left');
    expect(one.observe('drive', null)).toMatchObject([{ kind: 'drive', result: 'lamps-stayed-out' }]);
  });
});

describe('a break that comes and goes', () => {
  const shaky = (by: Trigger) =>
    made(
      'lead-intermittent',
      {},
      {
        car: (car) => ({
          ...car,
          corners: car.corners.map((one) =>
            one.channel === 'front-left'
              ? { ...one, lead: { ...one.lead, shaky: { by, opensAtRest: 0, opensUnder: 1 } } }
              : one,
          ),
        }),
      },
    );

  test.each([
    ['shaking', false, (moment: { moved: string }) => moment.moved === 'all'],
    ['steering', false, (moment: { isSteered: boolean }) => moment.isSteered],
    ['heat', false, (moment: { isHot: boolean }) => moment.isHot],
    ['water', true, (moment: { isWet: boolean }) => moment.isWet],
  ] as const)('by %s opens just then', (by, isWet, acts) => {
    const { car, strategy } = shaky(by);
    const { moving, atKeyOn } = driveTrip(car, isWet, strategy, chanceFrom(3));
    expect(atKeyOn).toEqual([]);
    expect(moving.length).toBeGreaterThan(1);
    expect(moving.every((one) => acts(one.moment))).toBe(true);
  });

  test('by water stays whole in the dry', () => {
    const { car, strategy } = shaky('water');
    expect(driveTrip(car, false, strategy, chanceFrom(3)).moving).toEqual([]);
  });

  test('its owner is told what brings it on', () => {
    const patterns = Array.from({ length: 30 }, (_one, seed) => {
      const lamps = new World(shaky('steering'), chanceFrom(seed)).lamps();
      return lamps.kind === 'lamps' ? (lamps.pattern ?? []) : [];
    }).flat();
    expect(patterns).toContain('intermittent');
    expect(patterns).toContain('when-turning');
    expect(patterns).not.toContain('when-hot');
    expect(patterns).not.toContain('steady-from-key-on');
  });

  test('a hand that flexes the lead makes the reading jump, standing still it reads as it should', () => {
    const one = new World(shaky('steering'), chanceFrom(4));
    expect(one.observe('meter:sensor:resistance', 'front-left', 'wiggle')).toMatchObject([{ unsteady: true }]);
    expect(one.observe('meter:sensor:resistance', 'front-left')).not.toMatchObject([{ unsteady: true }]);
  });
});
