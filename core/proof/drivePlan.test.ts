import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile } from '../casefile/contract';
import { DRIVE_LEGS } from '../knowledge/driveLegs';
import { drivePlan, legKey } from './drivePlan';
import { levelsOf } from './proofLevel';

const NOTHING = { ranking: [], cautions: [] };
const ids = (seen: readonly Loose[], change: Partial<CaseFile> = {}, judged = NOTHING): readonly string[] =>
  drivePlan({ ...caseOf(car('passive'), seen), ...change }, judged).legs.map(({ id }) => id);
const USUAL = ['creep', 'steady', 'bends', 'bumps', 'stops', 'restart'];

describe('the test drive', () => {
  test('has the usual legs where nothing asks for more', () => expect(ids([])).toEqual(USUAL));
  test.each([
    ['wet', { kind: 'lamps', lit: ['abs'], pattern: ['when-wet'] }],
    ['warm', { kind: 'lamps', lit: ['abs'], pattern: ['when-hot'] }],
    ['slow', { kind: 'symptom', symptom: 'abs-pulses-at-low-speed' }],
    ['slow', { kind: 'live', while: 'drive', finding: 'cuts-in-late', channel: 'front-left' }],
  ] as const)('has %s where the car has shown it, and not where that was withdrawn', (leg, seen) => {
    expect(ids([seen as Loose])).toContain(leg);
    expect(ids([{ ...(seen as Loose), withdrawn: true }])).toEqual(USUAL);
  });
  test('goes slowly after a repair at ring or gap, or where one is suspected: from a fifth on', () => {
    const at = (probability: number) => ({ ranking: [{ segment: 'ring', probability }], cautions: [] });
    expect(ids([], {}, at(0.2) as never)).toContain('slow');
    expect(ids([], {}, at(0.19) as never)).toEqual(USUAL);
    const spaced = { id: 'r', action: 'spaced', segment: 'gap', result: 'unknown' } as const;
    expect(ids([], { repairs: [spaced] })).toContain('slow');
  });
  test('adds up its time and distance', () => {
    const plan = drivePlan(caseOf(car('passive'), []), NOTHING);
    const legs = DRIVE_LEGS.filter(({ id }) => USUAL.includes(id));
    expect(plan.minutes).toBe(legs.reduce((sum, { minutes }) => sum + minutes, 0));
    expect(plan.km).toBeCloseTo(
      legs.reduce((sum, { km }) => sum + km, 0),
      6,
    );
  });
  test('is refused where the car must not be driven, with the reason', () => {
    const cautions = [{ id: 'do-not-drive-hydraulic', text: 'A soft pedal' }];
    expect(drivePlan(caseOf(car('passive'), []), { ranking: [], cautions }).refused).toBe('A soft pedal');
    expect(drivePlan(caseOf(car('passive'), []), NOTHING).refused).toBeNull();
  });
  test('a leg driven before the last repair has to be driven again', () => {
    const work = [{ id: 'w', step: legKey('bumps'), at: '2026-05-01T10:00:00Z' }];
    const isDriven = (repairedAt: string): boolean | undefined =>
      drivePlan(
        {
          ...caseOf(car('passive'), []),
          work,
          repairs: [{ id: 'r', action: 'cleaned', segment: 'plug', result: 'unknown', at: repairedAt }],
        },
        NOTHING,
      ).legs.find(({ id }) => id === 'bumps')?.isDriven;
    expect(isDriven('2026-05-01T09:59:00Z')).toBe(true);
    expect(isDriven('2026-05-01T10:01:00Z')).toBe(false);
  });
});

describe('how much is proved', () => {
  const steps = (erase: 'good' | 'open', spin: 'good' | 'open') =>
    [
      { id: 'erase', state: erase },
      { id: 'spin', state: spin },
    ] as const;
  test('standing: erased, and every repaired wheel answers', () => {
    expect(levelsOf({ steps: steps('good', 'good'), verdict: 'going-on', tripsNeeded: null })).toEqual(['standing']);
    expect(levelsOf({ steps: steps('good', 'open'), verdict: 'going-on', tripsNeeded: null })).toEqual([]);
    expect(levelsOf({ steps: steps('open', 'good'), verdict: 'going-on', tripsNeeded: null })).toEqual([]);
  });
  test('on the road, and watched only where no more trips are needed', () => {
    const at = (verdict: 'proved' | 'watching' | 'not-cured', tripsNeeded: number | null) =>
      levelsOf({ steps: steps('good', 'good'), verdict, tripsNeeded });
    expect(at('proved', null)).toEqual(['standing', 'road']);
    expect(at('watching', 1)).toEqual(['standing', 'road']);
    expect(at('proved', 0)).toEqual(['standing', 'road', 'watched']);
    expect(at('not-cured', 0)).toEqual([]);
  });
});
