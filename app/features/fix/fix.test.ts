import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import type { Repair } from '../../../core/casefile/contract';
import { handsOn, layOut, show, until } from '../../testSupport';

async function at(address: string, seen: readonly Loose[] = [], repairs: readonly Partial<Repair>[] = []) {
  const { observations, repairs: made } = caseOf(car('passive'), seen, repairs);
  const garage = await layOut(car('passive'), { observations, ...(made ? { repairs: made } : {}) });
  const { screen, router } = await show(garage, `/job/j/${address}`);
  const file = async () => (await garage.job()).file;
  return { garage, screen, router, file, ...handsOn(screen) };
}

describe('money', () => {
  test('a price that is none cannot be added; a comma is a point', async () => {
    const { file, write, button } = await at('fix');
    await until(() => expect(button('Add')).toBeDefined());
    await write('Sensor, pattern part', 'sensor');
    for (const wrong of ['', 'cheap', '-3']) {
      await write('31', wrong);
      expect(button('Add')?.attributes('disabled'), wrong).toBeDefined();
    }
    await write('31', '12,75');
    await button('Add')?.trigger('click');
    await until(async () => expect((await file()).costs).toMatchObject([{ item: 'sensor', amount: 12.75 }]));
  });
  test('sums have no crumbs, and the quote says what was saved', async () => {
    const { garage, says } = await at('fix');
    await garage.storage.changeJob('j', (job) => ({
      ...job,
      file: {
        ...job.file,
        costs: [
          { id: 'a', item: 'a', amount: 155.7, use: 'needed' },
          { id: 'b', item: 'b', amount: 0.09, use: 'wasted' },
          { id: 'q', item: 'q', amount: 280, use: 'quote' },
        ],
      },
    }));
    await says(/155\.79.EUR/);
    await says(/124\.21.EUR/);
  });
});

describe('Prove', () => {
  const seen: readonly Loose[] = [
    { kind: 'lamps', lit: ['abs'] },
    { kind: 'code', code: 'C0031', status: 'current' },
  ];
  test('without a reader: lamps and drives are asked, codes are not', async () => {
    const { screen, mark, says } = await at('prove', seen, [{ channel: 'front-left', after: 'o2' }]);
    await until(() => expect(mark('proof-step-erase').exists()).toBe(true));
    await screen.find('[data-test="no-reader"] input, input[data-test="no-reader"]').trigger('change');
    const box = screen.find('.switch input');
    await box.setValue(true);
    await says('This proves a little less than reading the codes');
    await until(() => expect(mark('proof-step-erase').exists()).toBe(false));
    expect(mark('proof-step-drive').exists()).toBe(true);
  });
  test('a lamp that came back: not cured, and the repair is known to have changed nothing', async () => {
    const { file, press, says, router, mark } = await at(
      'prove',
      [...seen, { kind: 'drive', result: 'lamps-came-back' }],
      [{ channel: 'front-left', after: 'o2' }],
    );
    await says('Not cured');
    await press('not-cured');
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    expect((await file()).repairs?.[0]?.result).toBe('no-change');
    expect(mark('not-cured-panel').exists()).toBe(false);
  });
  test('without a repair it says so, with the way to record one', async () => {
    const { says, press, router } = await at('prove', seen);
    await says('No repair is recorded yet.');
    await press('record a repair');
    await until(() => expect(router.currentRoute.value.name).toBe('fix'));
  });
});
