import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import { assessFully } from '../../../core/judgement/assess';
import { numberIn } from '../../shared/numberIn';
import { handsOn, layOut, show, until } from '../../testSupport';
import { evidenceLines } from './evidenceView';
import { meterObservation, type AroundReading } from './meterObservation';

/** How what was found is listed, corrected and taken back, and how a reading becomes an observation. */

const AROUND: AroundReading = {
  leads: '',
  range: '',
  celsius: undefined,
  isUnsteady: false,
  isWiggling: false,
  jumpsAt: '',
};
const SENSOR = { is: 'meter', point: 'sensor', quantity: 'resistance' } as const;

describe('a reading with what stands around it', () => {
  const made = (partial: Partial<AroundReading>, value: number | 'overload' = 1200) =>
    meterObservation(SENSOR, 'front-right', { value, resolution: 1 } as never, { ...AROUND, ...partial });
  test('the probes’ own resistance is taken off', () => {
    expect(made({ leads: '0,4' }).value).toBeCloseTo(1199.6, 6);
    expect(made({ leads: 'lots' }).value).toBe(1200);
    expect(made({ leads: '0.4' }, 'overload').value).toBe('overload');
  });
  test('temperature and range are kept when they are known', () => {
    expect(made({ celsius: 9, range: '2000' })).toMatchObject({ temperature: 9, range: 2000 });
    expect(made({ celsius: undefined, range: '' })).not.toHaveProperty('temperature');
  });
  test('where it jumped is kept only of a reading that jumped while it was moved', () => {
    expect(made({ isUnsteady: true, isWiggling: true, jumpsAt: 'lead' })).toMatchObject({
      unsteady: true,
      while: 'wiggle',
      jumpsAt: 'lead',
    });
    expect(made({ isUnsteady: true, jumpsAt: 'lead' })).not.toHaveProperty('jumpsAt');
    expect(made({ isWiggling: true, jumpsAt: 'lead' })).not.toHaveProperty('jumpsAt');
  });
  test('a volt has no probes to take off, and no wheel where it is of the car', () => {
    const battery = { is: 'meter', point: 'battery', quantity: 'dc-voltage' } as const;
    const volt = meterObservation(battery, null, { value: 12.6 } as never, { ...AROUND, leads: '0.4' });
    expect(volt).toEqual({ kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.6 });
  });
  test.each([
    ['12,5', 12.5],
    [' 3 ', 3],
    ['', undefined],
    ['  ', undefined],
    ['x', undefined],
    ['-4', -4],
  ])('"%s" is %s', (typed, value) => expect(numberIn(typed)).toBe(value));
});

const SEEN: readonly Loose[] = [
  { kind: 'lamps', lit: ['abs'] },
  { kind: 'symptom', symptom: 'noise-from-wheel' },
  { kind: 'code', code: 'C0034', status: 'current' },
  { kind: 'drive', result: 'lamps-came-back' },
  { kind: 'look', part: 'plug', finding: 'corroded', channel: 'front-right' },
  { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 1200, channel: 'front-left', while: 'wiggle' },
  { kind: 'history', event: 'salted-roads' },
];

describe('the list of findings', () => {
  const file = caseOf(car('passive'), SEEN);
  const lines = evidenceLines(file, assessFully(file), 'front-right', { sides: 'left-right' });
  const line = (kind: string) => lines.find((found) => found.observation.kind === kind);

  test('has a line for each, in the order of the job', () => {
    expect(lines.map((found) => found.observation.kind)).toEqual(SEEN.map((seen) => seen.kind));
  });
  test.each([
    ['lamps', { name: 'dash' }],
    ['symptom', { name: 'dash' }],
    ['history', { name: 'dash' }],
    ['code', { name: 'codes' }],
    ['drive', { name: 'prove' }],
    ['look', { name: 'check', query: { do: 'look:plug', at: 'front-right', correct: 'o5' } }],
    ['meter', { name: 'check', query: { at: 'front-left', correct: 'o6', while: 'wiggle' } }],
  ])('a %s is corrected where it was entered', (kind, place) => {
    expect(line(kind)?.correction).toMatchObject(place);
  });
  test('a finding at the wheel that one looks at carries weight, one elsewhere does not', () => {
    expect(line('look')?.weighs?.decibans ?? 0).toBeGreaterThan(3);
    expect(line('meter')?.weighs ?? null).toBeNull();
  });
});

describe('on the screen', () => {
  async function atFind() {
    const garage = await layOut(car('passive'), { observations: caseOf(car('passive'), SEEN).observations });
    const { screen, router } = await show(garage, '/job/j/find');
    const hands = handsOn(screen);
    await until(() => expect(hands.mark('evidence').text()).toContain('corroded'));
    await until(() => expect(hands.mark('next-move').text()).not.toBe('Working out the next move'));
    const openLine = async (words: RegExp): Promise<void> => {
      await until(() =>
        expect(hands.list('[data-test="evidence"] button').some((found) => words.test(found.text()))).toBe(true),
      );
      await hands
        .list('[data-test="evidence"] button')
        .find((found) => words.test(found.text()))
        ?.trigger('click');
    };
    return { garage, screen, router, openLine, ...hands };
  }
  const withdrawn = async (garage: Awaited<ReturnType<typeof atFind>>['garage']): Promise<string[]> =>
    (await garage.job()).file.observations.filter((seen) => seen.withdrawn).map((seen) => seen.kind);

  test('a finding is withdrawn, stays in the list, and counts again', async () => {
    const { garage, openLine, press } = await atFind();
    await openLine(/corroded/);
    await press('Withdraw it');
    await until(async () => expect(await withdrawn(garage)).toEqual(['look']));
    await press('Count it again');
    await until(async () => expect(await withdrawn(garage)).toEqual([]));
  });
  test('a finding is corrected on its own sheet, which says what was noted before', async () => {
    const { garage, openLine, press, router, screen } = await atFind();
    await openLine(/corroded/);
    await press('Correct it');
    await until(() => expect(router.currentRoute.value.query).toMatchObject({ do: 'look:plug', correct: 'o5' }));
    await handsOn(screen).says('You correct what you noted before');
    await until(() => expect(screen.find('[data-answer="sound"]').exists()).toBe(true));
    await screen.find('[data-answer="sound"]').trigger('click');
    await until(async () =>
      expect((await garage.job()).file.observations.find((seen) => seen.id === 'o5')).toMatchObject({
        finding: 'sound',
      }),
    );
    expect((await garage.job()).file.observations).toHaveLength(SEEN.length);
  });
  test('a segment is chosen, and shows what it may be and what is still to check', async () => {
    const { screen, says, list } = await atFind();
    await screen.find('[data-segment="ring"]').trigger('click');
    await says('Ring, front right');
    await says('Still to check here');
    expect(list('[data-test="segment-checks"] li').length).toBeGreaterThan(2);
  });
});
