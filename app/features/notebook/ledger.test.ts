import { expect, test } from 'vitest';
import { demoGarage } from '../../demo/demoGarage';
import { handsOn, layOut, NOW, show, until } from '../../testSupport';

const job = (id: string) => {
  const found = demoGarage(NOW).jobs.find((entry) => entry.id === id);
  if (!found) throw new Error(`no sample job ${id}`);
  return found;
};

async function atNotebook(id: string) {
  const { file } = job(id);
  const garage = await layOut(file.vehicle, file);
  const { screen } = await show(garage, '/job/j/notebook');
  const hands = handsOn(screen);
  await hands.says('What happened, newest first');
  return { garage, screen, ...hands };
}

test('the ledger sets what was spent beside the quote, with and without one’s own hours', async () => {
  const { mark, write, press, says } = await atNotebook('pebble-loom');
  await until(() => expect(mark('quotes').text()).toContain('usual case'));
  expect(mark('quotes').text().replace(/\s/gu, ' ')).toContain('340 EUR331 EUR');
  await write('Hours that it took', '2');
  await press('keep-time');
  await says('You worked 2 h on it. At 15 EUR an hour that is 30 EUR');
  await until(() => expect(mark('quotes').text().replace(/\s/gu, ' ')).toContain('331 EUR301 EUR'));
});

test('a finished job has its lesson, played on the Bench', async () => {
  const { press, says, list } = await atNotebook('tansy-lead');
  await press('ask-lesson');
  await says('On a car like yours with this fault');
  expect(list('[data-test="lesson"] li').length).toBeGreaterThan(1);
}, 30_000);

test('what happened is found by kind and by words', async () => {
  const { press, write, list, says } = await atNotebook('pebble-loom');
  const lines = () => list('[data-test="timeline"] li').map((line) => line.text());
  await until(() => expect(lines().length).toBeGreaterThan(10));
  await press('kind-paid');
  await until(() => expect(lines()).toHaveLength(3));
  await write('search', 'sleeves');
  await until(() => expect(lines()).toHaveLength(1));
  await write('search', 'sleeves gold');
  await says('Nothing here has all these words.');
});

test('a photo is kept at what it shows, taken away and put back by an undo', async () => {
  const { garage, mark, list, press } = await atNotebook('pebble-new');
  const file = new File(['x'], 'plug.jpg', { type: 'image/jpeg' });
  const input = mark('photo-file').element as HTMLInputElement;
  Object.defineProperty(input, 'files', { value: [file], configurable: true });
  await mark('photo-file').trigger('change');
  await until(async () =>
    expect((await garage.job()).file.attachments).toMatchObject([
      { name: 'plug.jpg', type: 'image/jpeg', of: 'job', takenAt: '2026-05-03T10:11:12+02:00' },
    ]),
  );
  const id = (await garage.job()).file.attachments?.[0]?.id ?? '';
  expect((await garage.storage.photo(id))?.full).toHaveLength(3);
  await until(() => expect(list('[data-test="photo"]').length).toBeGreaterThan(0));
  await mark('photo').trigger('click');
  await press('remove-photo');
  await until(async () => expect((await garage.job()).file.attachments).toEqual([]));
  document.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true }));
  await until(async () => expect((await garage.job()).file.attachments).toHaveLength(1));
});

test('what is no picture is said to be none, and nothing is kept', async () => {
  const { garage, mark } = await atNotebook('pebble-new');
  const input = mark('photo-file').element as HTMLInputElement;
  Object.defineProperty(input, 'files', { value: [new File([], 'notes.txt')], configurable: true });
  await mark('photo-file').trigger('change');
  await until(() => expect(document.body.textContent).toContain('cannot read these as pictures: notes.txt'));
  expect((await garage.job()).file.attachments ?? []).toEqual([]);
});

test('a quick note is written from any stage by its key, and taken back', async () => {
  const { garage, screen } = await atNotebook('pebble-new');
  document.dispatchEvent(new KeyboardEvent('keydown', { key: 'l' }));
  await until(() => expect(document.querySelector('[data-test="quick-note"]')).not.toBeNull());
  const hands = handsOn(screen);
  const field = document.querySelector<HTMLTextAreaElement>(
    'textarea[data-test="quick-note"], [data-test="quick-note"] textarea',
  );
  if (!field) throw new Error('no field');
  field.value = 'smells of hot brakes';
  field.dispatchEvent(new Event('input'));
  await until(() => expect(document.querySelector('[data-test="keep-note"]:not([disabled])')).not.toBeNull());
  document.querySelector<HTMLButtonElement>('[data-test="keep-note"]')?.click();
  await hands.says('smells of hot brakes');
  expect((await garage.job()).file.notes).toMatchObject([{ text: 'smells of hot brakes' }]);
});
