import { expect, test } from 'vitest';
import { demoGarage } from '../../demo/demoGarage';
import type { CaseFile } from '../../../core/casefile/contract';
import { handsOn, layOut, NOW, show, until } from '../../testSupport';

async function atProof(change: Partial<CaseFile> = {}, stage = 'prove') {
  const found = demoGarage(NOW).jobs.find(({ id }) => id === 'pebble-loom');
  if (!found) throw new Error('no sample job');
  const garage = await layOut(found.file.vehicle, { ...found.file, ...change });
  const { screen, router } = await show(garage, `/job/j/${stage}`);
  return { garage, screen, router, ...handsOn(screen) };
}

test('the proof says how far it has come, and what the watch still needs', async () => {
  const { mark } = await atProof();
  await until(() => expect(mark('levels').text()).toContain('Confirmed on the road'));
  expect(mark('levels').findAll('.reached')).toHaveLength(2);
  await until(() => expect(mark('watch').text()).toContain('4 more clean trips'));
});

test('a drive is driven leg by leg, and noted as one when all were clean', async () => {
  const { garage, list, mark, press } = await atProof();
  await until(() => expect(mark('drive-plan').exists()).toBe(true));
  const before = (await garage.job()).file.observations.length;
  for (const leg of list('.tick').map((found) => found.attributes('data-test') ?? '')) await press(leg);
  await press('drive-clean');
  await until(async () => expect((await garage.job()).file.observations).toHaveLength(before + 1));
  expect((await garage.job()).file.observations.at(-1)).toMatchObject({ kind: 'drive', result: 'lamps-stayed-out' });
});

test('a lamp that comes on during a leg says where: that is evidence', async () => {
  const { garage, mark, press } = await atProof();
  await until(() => expect(mark('drive-plan').exists()).toBe(true));
  await press('leg-lamp-bumps');
  await until(async () =>
    expect((await garage.job()).file.observations.slice(-2)).toMatchObject([
      { kind: 'drive', result: 'lamps-came-back' },
      { kind: 'lamps', lit: ['abs', 'stability'], pattern: ['on-bumps'] },
    ]),
  );
});

test('a recurrence opens the job again: the repair changed nothing, and all its evidence is there', async () => {
  const { garage, press, router } = await atProof({ ending: 'solved' });
  const before = (await garage.job()).file.observations.length;
  await press('came-back');
  await until(() => expect(router.currentRoute.value.name).toBe('find'));
  const { file } = await garage.job();
  expect(file.ending).toBeNull();
  expect(file.repairs?.[0]?.result).toBe('no-change');
  expect(file.observations).toHaveLength(before + 1);
});

test('a car that must not be driven has no drive planned', async () => {
  const { mark, press } = await atProof(
    { repairs: [], observations: [{ id: 'o1', kind: 'symptom', symptom: 'pedal-soft' }] },
    'dash',
  );
  await until(() => expect(mark('make-it-show').exists()).toBe(true));
  await press('make-it-show');
  await until(() => expect(mark('no-drive').exists()).toBe(true));
});
