import { expect, test } from 'vitest';
import { car } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until, type TestGarage } from '../../testSupport';

async function atGarage(garage: TestGarage) {
  const { screen, router } = await show(garage, '/');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('add-vehicle').exists()).toBe(true));
  /** Chooses something from the three dots of the vehicle's row. */
  async function choose(what: string): Promise<void> {
    await hands.press('menu');
    await hands.press(`menu-${what}`);
  }
  return { screen, router, choose, ...hands };
}

test('a vehicle is put away with its jobs, and brought back', async () => {
  const garage = await layOut(car('passive'));
  const { press, choose, list, says } = await atGarage(garage);
  await choose('away');
  await until(() => expect(list('.vehicle')).toHaveLength(0));
  await says('1 is put away');
  await press('back-v');
  await until(() => expect(list('.vehicle')).toHaveLength(1));
  expect(await garage.database.jobs.count()).toBe(1);
});

test('a job is put away by itself; its vehicle stays', async () => {
  const garage = await layOut(car('passive'));
  const { press, choose, says } = await atGarage(garage);
  await choose('job-away');
  await says('No jobs yet.');
  await press('back-j');
  await says('A lamp is on');
  expect((await garage.job()).putAway).toBe(false);
});

test('a vehicle is removed with its jobs', async () => {
  const garage = await layOut(car('passive'));
  const { choose } = await atGarage(garage);
  await choose('remove');
  await until(async () =>
    expect([await garage.database.vehicles.count(), await garage.database.jobs.count()]).toEqual([0, 0]),
  );
});

test('a job is copied, and a vehicle with its sheet', async () => {
  const garage = await layOut(car('passive'));
  const { choose } = await atGarage(garage);
  await choose('job-copy');
  await until(async () =>
    expect((await garage.database.jobs.toArray()).map(({ title }) => title).toSorted()).toEqual([
      'a job',
      'a job, copy',
    ]),
  );
  await choose('copy');
  await until(async () =>
    expect((await garage.database.vehicles.toArray()).map(({ vehicle }) => vehicle.name)).toContain('Tansy, copy'),
  );
});

test('the next move of the job in hand leads to its place', async () => {
  const garage = await layOut(car('passive'), {
    observations: [{ id: 'o1', kind: 'lamps', lit: ['abs'], pattern: ['after-moving-off'] }],
  });
  const { press, says, router } = await atGarage(garage);
  await says('Read the codes, all modules');
  await press('glance-do');
  await until(() => expect(router.currentRoute.value.name).toBe('codes'));
  expect(router.currentRoute.value.params['job']).toBe('j');
});

test('how much room is used is said, and the browser can be asked to keep it', async () => {
  const garage = await layOut(car('passive'));
  let isKept = false;
  Object.assign(garage.ports, {
    room: () => Promise.resolve({ used: 1_234_567, quota: 2_000_000_000, isKept }),
    askToStay: () => Promise.resolve(void (isKept = true)),
  });
  const { press, says, mark } = await atGarage(garage);
  await says('1.2 MB of 2 GB used');
  await press('ask-to-stay');
  await until(() => expect(mark('ask-to-stay').exists()).toBe(false));
});
