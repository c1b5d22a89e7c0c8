import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../../tests/support/caseBuilder';
import { usePreferences } from '../../stores/preferences';
import { handsOn, layOut, show, until, type TestGarage } from '../../testSupport';

const text = (change: object = {}): string => JSON.stringify({ ...caseOf(car('active'), []), ...change });
const fileOf = (name: string, content: string): File => new File([content], name, { type: 'application/json' });

async function atGarage(garage: TestGarage) {
  const { screen, router } = await show(garage, '/');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('add-vehicle').exists()).toBe(true));
  return { screen, router, ...hands };
}

function drop(element: Element, files: readonly File[]): void {
  const event = new Event('drop', { bubbles: true, cancelable: true });
  Object.assign(event, { dataTransfer: { files } });
  element.dispatchEvent(event);
}

describe('files', () => {
  test('that are dropped are taken in one by one; a bad one does not keep the others out', async () => {
    const garage = await layOut(car('passive'));
    const { screen, says, list } = await atGarage(garage);
    drop(screen.find('.garage').element, [
      fileOf('good.json', text()),
      fileOf('odd.json', text({ version: 9 })),
      fileOf('torn.json', '{"format":'),
      fileOf('also-good.json', text()),
    ]);
    await says('also-good.json is in your garage.');
    await says('odd.json was not opened');
    await says('/version');
    expect(list('[data-test="refused"]')).toHaveLength(2);
    expect(list('[data-test="import"]')).toHaveLength(2);
    await until(async () => expect(await garage.database.jobs.count()).toBe(3));
  });
  test('a single good one is opened', async () => {
    const garage = await layOut(car('passive'));
    const { screen, router } = await atGarage(garage);
    drop(screen.find('.garage').element, [fileOf('good.json', text())]);
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
  });
});

describe('damaged records', () => {
  test('stand in the garage with what is wrong; one is mended, one is saved and removed, the others work', async () => {
    const garage = await layOut(car('passive'));
    const job = await garage.job();
    await garage.database.jobs.put({ ...job, id: 'soft', title: 5 as never });
    await garage.database.jobs.put({ ...job, id: 'hopeless', file: null as never });
    const { screen, press, says, list } = await atGarage(garage);
    await until(() => expect(list('[data-test="damaged"]')).toHaveLength(2));
    await says('A job is damaged: Tansy');
    await says('/title must be text');
    await press('mend');
    await until(() => expect(list('[data-test="damaged"]')).toHaveLength(1));
    await says('repaired job');
    await press('remove-damaged');
    await until(() => expect(list('[data-test="damaged"]')).toHaveLength(0));
    expect(await garage.database.jobs.count()).toBe(2);
    await screen.find('a.job').trigger('click');
  });
});

describe('the spec sheet', () => {
  async function atSheet(topicName = '') {
    const garage = await layOut(car('passive', { specs: {} }));
    const { screen, router } = await show(garage, '/vehicle/v');
    const hands = handsOn(screen);
    await until(() => expect(hands.mark('vehicle-name').exists()).toBe(true));
    const topic = hands.list('summary').find((found) => found.text().includes(topicName));
    if (topicName) await topic?.trigger('click');
    return { garage, screen, router, ...hands };
  }
  const vehicleOf = async (garage: TestGarage) => (await garage.database.vehicles.get('v'))?.vehicle;

  test('a tyre and a ring are kept when they are right, and named when they are not', async () => {
    const { garage, write, says } = await atSheet('Figures to measure');
    await write('tyre', 'round');
    await says('must look like 195/65R15');
    await write('tyre', '195/65R15');
    await write('teeth', '48');
    await until(async () =>
      expect((await vehicleOf(garage))?.specs).toMatchObject({ tyre: '195/65R15', toneRingTeeth: 48 }),
    );
    await write('teeth', '2');
    await says('must be a number from 4 to 400');
  });
  test('distances and torques in the owner’s units; the file keeps km and N·m', async () => {
    const { garage, write, list } = await atSheet('Torque figures');
    const labels = (): string =>
      list('label')
        .map((label) => label.text())
        .join(' ');
    expect(labels()).toContain('Odometer, km');
    usePreferences().values.torque = 'lbf·ft';
    usePreferences().values.distance = 'mi';
    await until(() => expect(labels()).toContain('Odometer, mi'));
    expect(labels()).toContain('lbf·ft');
    await write('odometer', '1000');
    await until(async () => expect((await vehicleOf(garage))?.odometer).toBeCloseTo(1609.344, 3));
  });
  test('sensors of the whole rear axle: three channels', async () => {
    const { garage, press } = await atSheet();
    await press('layout-three');
    await until(async () =>
      expect((await vehicleOf(garage))?.channels).toEqual(['front-left', 'front-right', 'rear-axle']),
    );
  });
  test('costs of the owner are kept; a sum that is none is named', async () => {
    const { garage, write, says } = await atSheet('What your time');
    await write('hour-value', '22,5');
    await until(async () => expect((await garage.database.vehicles.get('v'))?.owner.hourValue).toBe(22.5));
    await write('price-replaced:sensor', 'cheap');
    await says('write a sum of 0 or more');
    await write('price-replaced:sensor', '31');
    await until(async () =>
      expect((await garage.database.vehicles.get('v'))?.owner.prices).toEqual({ 'replaced:sensor': 31 }),
    );
  });
  test('what is typed in one cost while another is being stored stays', async () => {
    const { garage, write, mark } = await atSheet('What your time');
    await write('hour-value', '48');
    const price = mark('price-replaced:sensor').find('input').exists()
      ? mark('price-replaced:sensor').find('input')
      : mark('price-replaced:sensor');
    await price.setValue('19.5');
    await until(async () => expect((await garage.database.vehicles.get('v'))?.owner.hourValue).toBe(48));
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect((price.element as HTMLInputElement).value).toBe('19.5');
    await price.trigger('change');
    await until(async () =>
      expect((await garage.database.vehicles.get('v'))?.owner).toMatchObject({
        hourValue: 48,
        prices: { 'replaced:sensor': 19.5 },
      }),
    );
  });
  test('an undo takes the last change of the sheet back', async () => {
    const { garage, press } = await atSheet();
    const before = (await vehicleOf(garage))?.steeringSide;
    await press(before === 'left' ? 'steering-right' : 'steering-left');
    await until(async () => expect((await vehicleOf(garage))?.steeringSide).not.toBe(before));
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true }));
    await until(async () => expect((await vehicleOf(garage))?.steeringSide).toBe(before));
  });
  test('a job is started from it', async () => {
    const { garage, router, press } = await atSheet();
    await press('start-job');
    await until(() => expect(router.currentRoute.value.name).toBe('dash'));
    expect(await garage.database.jobs.count()).toBe(2);
  });
});
