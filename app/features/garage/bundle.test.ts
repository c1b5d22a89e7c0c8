import { expect, test } from 'vitest';
import { car, caseOf } from '../../../tests/support/caseBuilder';
import { writeBundle } from '../../storage/bundle';
import { handsOn, layOut, show, until } from '../../testSupport';

async function opened() {
  const garage = await layOut(car('passive'), caseOf(car('passive'), [{ kind: 'lamps', lit: ['abs'] }]));
  const { screen } = await show(garage, '/');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('back-up').exists()).toBe(true));
  const choose = async (name: string, bytes: Uint8Array): Promise<void> => {
    const input = hands.mark('open-file').element as HTMLInputElement;
    Object.defineProperty(input, 'files', { value: [new File([bytes.slice()], name)], configurable: true });
    await hands.mark('open-file').trigger('change');
  };
  return { garage, choose, ...hands };
}

test('a back-up says what it would add before anything is written; taken in, it is there', async () => {
  const { garage, choose, says, press, mark } = await opened();
  const own = await garage.job();
  const before = await garage.database.jobs.count();
  await choose(
    'mine.zip',
    await writeBundle({ vehicles: [], jobs: [own, { ...own, id: 'other', title: 'from the phone' }], photos: [] }),
  );
  await says('1 job is new');
  await says('1 job is here as it is');
  expect(await garage.database.jobs.count()).toBe(before);
  await press('take-in');
  await until(async () => expect(await garage.database.jobs.count()).toBe(before + 1));
  await until(() => expect(mark('bundle').exists()).toBe(false));
  await says('from the phone');
});
test('one that was cut is refused, and nothing changes', async () => {
  const { garage, choose, mark } = await opened();
  const before = await garage.database.jobs.count();
  const bytes = await writeBundle({ vehicles: [], jobs: [{ ...(await garage.job()), id: 'other' }], photos: [] });
  await choose('cut.zip', bytes.subarray(0, bytes.length - 30));
  await until(() => expect(mark('bundle-refused').text()).toContain('cut.zip is no back-up of Zelf'));
  expect(await garage.database.jobs.count()).toBe(before);
});
