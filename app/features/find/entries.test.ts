import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import type { Channel } from '../../../core/casefile/words';
import { handsOn, layOut, show, until } from '../../testSupport';

/** What is entered on a check's sheet beside meter readings. */

async function at(address: string, seen: readonly Loose[] = [], vehicle = car('passive')) {
  const garage = await layOut(vehicle, { observations: caseOf(vehicle, seen).observations });
  const { screen, router } = await show(garage, `/job/j/${address}`);
  const file = async () => (await garage.job()).file;
  const type = async (...names: readonly string[]): Promise<void> => {
    for (const name of names)
      await screen
        .findAll('button.key')
        .find((key) => key.text() === name)
        ?.trigger('click');
  };
  return { garage, screen, router, file, type, ...handsOn(screen) };
}
const keepOnBar = (): void => document.querySelector<HTMLElement>('#own-bar [data-test="keep"]')?.click();

describe('a gap by feeler gauge', () => {
  test('is typed in millimetres and kept in metres', async () => {
    const { file, type, router, mark } = await at('find/check?do=distance:air-gap&at=front-right');
    await until(() => expect(mark('check-title').exists()).toBe(true));
    await type('0', '.', '4', '5');
    keepOnBar();
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    expect((await file()).observations.at(-1)).toMatchObject({
      kind: 'distance',
      point: 'air-gap',
      value: 0.00045,
      channel: 'front-right',
    });
  });
  test('above 50 mm is refused in words, and nothing is kept', async () => {
    const { file, type, says, mark } = await at('find/check?do=distance:air-gap&at=front-right');
    await until(() => expect(mark('check-title').exists()).toBe(true));
    await type('5', '1');
    await says('Between 0 and 50 mm');
    keepOnBar();
    expect((await file()).observations).toEqual([]);
  });
});

describe('the manual’s band', () => {
  const open = () => at('find/check?do=ask:specs', [], car('passive', { specs: {} }));
  test('is kept with its temperature, on the vehicle’s sheet too', async () => {
    const { garage, file, write, press, router } = await open();
    await until(() => expect(document.body.textContent).toContain('Keep the manual'));
    await write('1.0 kΩ', '1,0 kΩ');
    await write('1.4 kΩ', '1.4k');
    await write('20', '25');
    await press("Keep the manual's band");
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    const band = { min: 1000, max: 1400, at: 25 };
    expect((await file()).vehicle.specs?.sensorResistance).toEqual(band);
    expect((await garage.database.vehicles.get('v'))?.vehicle.specs?.sensorResistance).toEqual(band);
  });
  test.each([
    ['lots', '1.4k', '20', 'The lower value'],
    ['1k', 'lots', '20', 'The upper value'],
    ['2k', '1k', '20', 'The lower value is above the upper one'],
    ['1k', '2k', '900', 'from -40 °C to 150 °C'],
  ])('%s to %s at %s is refused in words', async (min, max, celsius, words) => {
    const { file, write, press, says } = await open();
    await until(() => expect(document.body.textContent).toContain('Keep the manual'));
    await write('1.0 kΩ', min);
    await write('1.4 kΩ', max);
    await write('20', celsius);
    await press("Keep the manual's band");
    await says(words);
    expect((await file()).vehicle.specs).toEqual({});
  });
});

describe('a break found by measuring halfway', () => {
  test('each measurement halves what is left, and can be taken back', async () => {
    const { screen, press, says, mark } = await at('find', [{ kind: 'code', code: 'C0034', status: 'current' }]);
    await until(() => expect(screen.find('[data-segment="loom"]').exists()).toBe(true));
    await screen.find('[data-segment="loom"]').trigger('click');
    await until(() => expect(mark('wire-length').exists()).toBe(true));
    const length = mark('wire-length').element.matches('input')
      ? mark('wire-length')
      : mark('wire-length').find('input');
    await length.setValue('4');
    await says('2.00 m');
    await press('halves-whole');
    await says('3.00 m');
    await press('halves-open');
    await says('2.50 m');
    await press('Take the last back');
    await says('3.00 m');
    expect(screen.find('[role="alert"]').exists()).toBe(false);
  });
});

describe('one side beside the other', () => {
  const side = (channel: Channel, value: number): Loose => ({
    kind: 'meter',
    point: 'sensor',
    quantity: 'resistance',
    value,
    channel,
  });
  test('readings that differ are told apart by how much', async () => {
    const { mark } = await at('find', [
      { kind: 'code', code: 'C0034', status: 'current' },
      side('front-left', 1180),
      side('front-right', 380),
    ]);
    await until(() => expect(mark('compare').text()).toContain('68'));
  });
  test('and those that agree are alike', async () => {
    const { mark } = await at('find', [
      { kind: 'code', code: 'C0034', status: 'current' },
      side('front-left', 1180),
      side('front-right', 1190),
    ]);
    await until(() => expect(mark('compare').text()).toContain('alike'));
  });
});
