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
const codes = (draft: World): string[] =>
  draft.readCodes().flatMap((readCode) => (readCode.kind === 'code' ? [`${readCode.code} ${readCode.status}`] : []));

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
    const draft = world('lead-open', { openByte: '13', echoes: [{ module: 'engine', code: 'P0500' }] });
    expect(codes(draft)).toContain('P0500 stored');
    draft.forget('engine');
    expect(codes(draft)).toEqual(['C0031-13 current']);
  });

  test('an old car flashes two digits, which its manual explains, and answers no reader', () => {
    const draft = world('lead-open', { speaks: 'by-lamp', typed: false });
    expect(codes(draft)).toEqual(['21 unknown']);
    expect(flashesOf(['21'], 'counts')).toHaveLength(4);
    expect(draft.readByReader(4)).toEqual([{ kind: 'no-answer', module: 'abs' }]);
    const meanings = draft.vehicle.codeMeanings;
    if (meanings) expect(meanings['21']).toMatchObject({ channel: 'front-left', failure: 'circuit' });
    expect(validate({ format: 'zelf-case', version: 1, vehicle: draft.vehicle, observations: [] }).ok).toBe(true);
  });

  test('an old code carries the odometer reading of its day', () => {
    const draft = world('stale-code');
    const [code] = draft.readCodes();
    expect(code).toMatchObject({ kind: 'code', status: 'stored' });
    const odometer = code?.kind === 'code' ? code.odometer : 0;
    expect((draft.vehicle.odometer ?? 0) - (odometer ?? 0)).toBeGreaterThan(150);
    expect(draft.isLampLit).toBe(false);
  });

  test('a drive without an erase tells whether the lamp went out by itself', () => {
    const draft = world('lead-open', { lampGoesOut: 'after-drive', healsAfter: 40 });
    expect(draft.observe('drive', null)).toMatchObject([{ kind: 'drive', result: 'lamps-came-back' }]);
    draft.repair('repaired-wire:lead', 'front-left');
    expect(draft.observe('drive', null)).toMatchObject([{ kind: 'drive', result: 'lamps-stayed-out' }]);
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
          corners: car.corners.map((corner) =>
            corner.channel === 'front-left'
              ? { ...corner, lead: { ...corner.lead, shaky: { by, opensAtRest: 0, opensUnder: 1 } } }
              : corner,
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
    expect(moving.every((finding) => acts(finding.moment))).toBe(true);
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
    const draft = new World(shaky('steering'), chanceFrom(4));
    expect(draft.observe('meter:sensor:resistance', 'front-left', 'wiggle')).toMatchObject([{ unsteady: true }]);
    expect(draft.observe('meter:sensor:resistance', 'front-left')).not.toMatchObject([{ unsteady: true }]);
  });
});
