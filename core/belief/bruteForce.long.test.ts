import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { plainPosterior } from '../../tests/support/plainPosterior';
import { faultChances, posteriorOf } from './posterior';

const SEEN: readonly Loose[] = [
  { kind: 'lamps', lit: ['abs'], pattern: ['intermittent', 'when-wet'] },
  { kind: 'lamps', lit: ['abs', 'airbag', 'engine'], pattern: ['steady-from-key-on'] },
  { kind: 'code', code: 'C0031-13', status: 'current' },
  { kind: 'code', code: 'C0034', status: 'stored', odometer: 80_000 },
  { kind: 'code', code: '5DB0', status: 'unknown' },
  { kind: 'clear', result: 'returned-at-key-on' },
  { kind: 'clear', result: 'stayed-clear' },
  { kind: 'no-code', module: 'abs' },
  { kind: 'look', channel: 'front-left', part: 'plug', finding: 'corroded' },
  { kind: 'look', channel: 'front-right', part: 'lead', finding: 'sound' },
  { kind: 'look', part: 'plug', finding: 'loose' },
  { kind: 'meter', channel: 'front-left', point: 'sensor', quantity: 'resistance', value: 'overload', range: 20_000 },
  { kind: 'meter', channel: 'front-right', point: 'sensor', quantity: 'resistance', value: 1390, resolution: 10 },
  { kind: 'live', channel: 'front-right', while: 'drive', finding: 'drops-out' },
  { kind: 'drive', result: 'lamps-came-back' },
  { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 11.4 },
  { kind: 'history', event: 'wheel-bearing', channel: 'front-left', ago: 10 },
  { kind: 'swap', channel: 'front-left', with: 'front-right', result: 'fault-stayed' },
];

describe('the exact posterior equals brute force', () => {
  const two = car('passive', { channels: ['front-left', 'front-right'] });

  test('on two channels, with any evidence, repairs and erasing', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...SEEN], { minLength: 0, maxLength: 7 }),
        fc.constantFrom('none', 'fixed', 'no-change', 'unknown'),
        fc.nat({ max: 6 }),
        (seen, said, after) => {
          const repairs =
            said === 'none'
              ? []
              : [
                  {
                    channel: 'front-left',
                    action: 'replaced',
                    segment: 'sensor',
                    result: said,
                    after: seen.length > 0 ? `o${Math.min(after, seen.length - 1) + 1}` : null,
                  } as const,
                ];
          const file = caseOf(two, seen, repairs);
          const [plain, exact] = [plainPosterior(file), posteriorOf(file)];
          expect(exact.none).toBeCloseTo(plain.none, 6);
          for (const row of faultChances(exact))
            expect(row.probability).toBeCloseTo(plain.chances.get(`${row.channel}|${row.fault}`) ?? 0, 6);
        },
      ),
      { numRuns: 15, seed: 4 },
    );
  }, 60_000);

  test('on three channels, where the third pair of eyes counts', () => {
    const sensorTypes = { 'front-left': 'passive', 'front-right': 'passive', 'rear-axle': 'passive' } as const;
    const three = car('passive', { channels: ['front-left', 'front-right', 'rear-axle'], sensorTypes });
    const file = caseOf(three, [
      SEEN[1] as Loose,
      { kind: 'code', code: 'C0031', status: 'stored' },
      { kind: 'code', code: 'C0036', status: 'stored' },
      SEEN[13] as Loose,
    ]);
    const [plain, exact] = [plainPosterior(file), posteriorOf(file)];
    expect(exact.none).toBeCloseTo(plain.none, 6);
    for (const row of faultChances(exact))
      expect(row.probability).toBeCloseTo(plain.chances.get(`${row.channel}|${row.fault}`) ?? 0, 6);
  }, 60_000);
});
