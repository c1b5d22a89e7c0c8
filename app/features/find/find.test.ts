import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until, type TestGarage } from '../../testSupport';

const SPECS = { sensorResistance: { min: 1000, max: 1400, at: 20 } };

async function atCheck(query: string, seen: readonly Loose[] = [], vehicle = car('passive', { specs: SPECS })) {
  const garage = await layOut(vehicle, { observations: caseOf(vehicle, seen).observations });
  const { screen, router } = await show(garage, `/job/j/find/check?${query}`);
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('check-title').exists()).toBe(true));
  return { garage, screen, router, ...hands };
}

const lastIn = async (garage: TestGarage) =>
  (await garage.job()).file.observations.filter((observation) => !observation.withdrawn).at(-1);
async function keys(screen: Awaited<ReturnType<typeof atCheck>>['screen'], ...names: readonly string[]): Promise<void> {
  for (const name of names)
    await screen
      .findAll('button.key')
      .find((key) => key.text() === name)
      ?.trigger('click');
}
const keepOnBar = (): void => document.querySelector<HTMLElement>('#own-bar [data-test="keep"]')?.click();

describe('a meter reading', () => {
  test('is judged while it is typed, against the vehicle’s own band', async () => {
    const { garage, screen, says, router } = await atCheck('do=meter:sensor:resistance&at=front-right');
    await keys(screen, '1', '.', '2');
    await says(/k?Ω/);
    await until(() => expect(handsOn(screen).mark('verdict').exists()).toBe(true));
    keepOnBar();
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    expect(await lastIn(garage)).toMatchObject({
      kind: 'meter',
      point: 'sensor',
      quantity: 'resistance',
      channel: 'front-right',
    });
  });
  test('overload is a reading', async () => {
    const { garage, screen, router } = await atCheck('do=meter:sensor:resistance&at=front-right');
    await keys(screen, 'OL');
    await until(() => expect(handsOn(screen).mark('verdict').exists()).toBe(true));
    keepOnBar();
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    expect(await lastIn(garage)).toMatchObject({ value: 'overload' });
  });
  test('what is typed is there again after the sheet was left', async () => {
    const { screen, router, mark } = await atCheck('do=meter:sensor:resistance&at=front-right');
    await keys(screen, '3', '8');
    await until(() => expect(mark('reading').text()).toBe('38'));
    await router.push('/job/j/find');
    await router.push('/job/j/find/check?do=meter:sensor:resistance&at=front-right');
    await until(() => expect(handsOn(screen).mark('reading').text()).toBe('38'));
  });
  test('of another wheel: the sheet moves there, and keeps it there', async () => {
    const { garage, press, screen, router } = await atCheck('do=meter:sensor:resistance&at=front-right');
    await press('at-rear-left');
    await until(() => expect(router.currentRoute.value.query['at']).toBe('rear-left'));
    await keys(screen, '1');
    await until(() => expect(handsOn(screen).mark('verdict').exists()).toBe(true));
    keepOnBar();
    await until(async () => expect(await lastIn(garage)).toMatchObject({ channel: 'rear-left' }));
  });
});

describe('other answers', () => {
  test('the kind of sensors is asked where a check first needs it', async () => {
    const vehicle = car(null);
    const { garage, screen } = await atCheck('do=ask:sensor-type&at=front-left', [], vehicle);
    await screen.find('[data-answer="active"]').trigger('click');
    await until(async () =>
      expect(Object.values((await garage.job()).file.vehicle.sensorTypes ?? {})).toEqual(Array(4).fill('active')),
    );
  });
  test('a wheel’s live speed is one tap', async () => {
    const { garage, screen, router } = await atCheck('do=live:hand-spin&at=rear-right');
    await screen.find('[data-answer="zero"]').trigger('click');
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    expect(await lastIn(garage)).toMatchObject({ kind: 'live', finding: 'zero', channel: 'rear-right' });
  });
  test('a shared rear sensor has no twin to be exchanged with', async () => {
    const three = car('passive', { channels: ['front-left', 'front-right', 'rear-axle'] });
    const { says } = await atCheck('do=swap&at=rear-axle', [], three);
    await says('both rear wheels share one sensor');
  });
  test('a check that does not exist says so', async () => {
    const garage = await layOut(car('passive'));
    const { screen } = await show(garage, '/job/j/find/check?do=look:moon');
    await handsOn(screen).says('There is no such check');
  });
});

describe('why this move', () => {
  test('the drawer shows what is believed, the other moves, and what each answer would mean', async () => {
    const vehicle = car('passive', { specs: SPECS });
    const garage = await layOut(vehicle, {
      observations: caseOf(vehicle, [
        { kind: 'lamps', lit: ['abs'] },
        { kind: 'code', code: 'C0034', status: 'current' },
      ]).observations,
    });
    const { screen } = await show(garage, '/job/j/find');
    const { press, mark } = handsOn(screen);
    await until(() => expect(mark('next-move').text()).not.toBe('Working out the next move'));
    await press(/^Why this/);
    const beliefs = (): Element[] => [...document.body.querySelectorAll('.el-drawer [data-probability]')];
    await until(() => expect(beliefs().length).toBeGreaterThan(2));
    const shares = beliefs().map((row) => Number(row.getAttribute('data-probability')));
    expect(shares).toEqual(shares.toSorted((a, b) => b - a));
    const ranked = garage.ports.adviser.assess((await garage.job()).file);
    expect(shares[0]).toBeCloseTo((await ranked)?.ranking[0]?.probability ?? 0, 6);
  });
});
