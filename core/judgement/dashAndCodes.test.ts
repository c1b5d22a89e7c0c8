import { describe, expect, test } from 'vitest';
import { car, chanceOf, judge, type Loose } from '../../tests/support/caseBuilder';

const lamps = (pattern: readonly string[]): Loose => ({ kind: 'lamps', lit: ['abs', 'stability'], pattern }) as Loose;

describe('what the dash and old codes say to the adviser', () => {
  test('lamps that grew from now-and-then to permanent point at a break, not at two unlike patterns', () => {
    const grown = judge(car('passive'), [lamps(['intermittent']), lamps(['steady-from-key-on'])]);
    const both = judge(car('passive'), [lamps(['intermittent', 'steady-from-key-on'])]);
    const open = (seen: typeof grown): number =>
      ['lead-open', 'loom-open', 'sensor-open'].reduce((sum, word) => sum + chanceOf(seen, word, 'rear-left'), 0);
    expect(open(grown)).toBeGreaterThan(1.5 * open(both));
    expect(grown.doubtful).toEqual([]);
  });

  test('a bend speaks weakly for the wheels on its outer side', () => {
    const seen = judge(car('passive'), [{ kind: 'symptom', symptom: 'stability-cuts-in', bend: 'left' }]);
    const [outer, inner] = [
      chanceOf(seen, 'bearing-play', 'front-right'),
      chanceOf(seen, 'bearing-play', 'front-left'),
    ];
    expect(outer).toBeGreaterThan(inner);
    expect(outer).toBeLessThan(4 * inner);
  });

  test('an old stored code is rather history than a fault; a young one the other way', () => {
    const vehicle = car('passive', { odometer: 84_200 });
    const stored = (odometer: number): Loose => ({ kind: 'code', code: 'C0034', status: 'stored', odometer });
    const young: Loose = { kind: 'code', code: 'C0037', status: 'stored', odometer: 84_200 };
    const [old, fresh] = [judge(vehicle, [stored(80_000), young]), judge(vehicle, [stored(84_190), young])];
    expect(chanceOf(old, 'stale-code', 'front-right')).toBeGreaterThan(chanceOf(fresh, 'stale-code', 'front-right'));
  });

  test('many codes of one odometer reading over several modules point at a weak battery', () => {
    const at = { status: 'stored', odometer: 84_000 } as const;
    const flood: Loose[] = [
      { kind: 'code', code: 'C0031', ...at },
      { kind: 'code', code: 'C0034', ...at },
      { kind: 'code', code: 'B1342', module: 'body', ...at },
      { kind: 'code', code: 'P0118', module: 'engine', ...at },
    ];
    const scattered = flood.map((observation, index) => ({ ...observation, odometer: 84_000 - 400 * index }) as Loose);
    const [together, apart] = [judge(car('passive'), flood), judge(car('passive'), scattered)];
    expect(chanceOf(together, 'battery-low', null)).toBeGreaterThan(2 * chanceOf(apart, 'battery-low', null));
  });
});
