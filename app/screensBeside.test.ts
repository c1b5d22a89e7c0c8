import type { VueWrapper } from '@vue/test-utils';
import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../tests/support/caseBuilder';
import type { CaseFile } from '../core/casefile/contract';
import { layOut, show, until, type TestGarage } from './testSupport';

async function garageWith(seen: readonly Loose[], extra: Partial<CaseFile> = {}): Promise<TestGarage> {
  return layOut(car('passive'), { ...extra, observations: caseOf(car('passive'), seen).observations });
}

const list = (screen: VueWrapper, selector: string) => screen.findAll(selector);
const mark = (screen: VueWrapper, name: string) => screen.find(`[data-test="${name}"]`);
const button = (screen: VueWrapper, words: string | RegExp) =>
  screen
    .findAll('button')
    .find((entry) => (typeof words === 'string' ? entry.text() === words : words.test(entry.text())));
const fileOf = async (garage: TestGarage): Promise<CaseFile> => (await garage.job()).file;

describe('Codes', () => {
  test('a reader’s text is read while it is typed, and recorded with what was not a code', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/codes');
    await until(() => expect(mark(screen, 'codes-text').exists()).toBe(true));
    const area = screen.find('textarea');
    await area.setValue('ABS\nC0034 right front sensor, current\nC0031 stored');
    await until(() => expect(mark(screen, 'record-codes').attributes('disabled')).toBeUndefined());
    await mark(screen, 'record-codes').trigger('click');
    await until(async () =>
      expect(
        (await fileOf(garage)).observations.map((observation) =>
          observation.kind === 'code' ? [observation.code, observation.status] : observation.kind,
        ),
      ).toEqual([
        ['C0034', 'current'],
        ['C0031', 'stored'],
      ]),
    );
    await until(() => expect(mark(screen, 'recorded-codes').text()).toContain('C0034'));
    await until(async () => expect(await garage.database.drafts.get('j.codes')).toMatchObject({ text: '' }));
  });
  test('no codes, and no answer, are answers', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/codes');
    await until(() => expect(button(screen, /no codes/i)).toBeDefined());
    await button(screen, /no codes/i)?.trigger('click');
    await until(async () => expect((await fileOf(garage)).observations).toMatchObject([{ kind: 'no-code' }]));
    await button(screen, /cannot reach/i)?.trigger('click');
    await until(async () => expect((await fileOf(garage)).observations).toHaveLength(2));
  });
});

describe('Find', () => {
  test('what was seen is withdrawn and counts again', async () => {
    const garage = await garageWith([
      { kind: 'code', code: 'C0034', status: 'current' },
      { kind: 'look', part: 'plug', finding: 'corroded', channel: 'front-right' },
    ]);
    const { screen } = await show(garage, '/job/j/find');
    await until(() => expect(mark(screen, 'evidence').text()).toContain('corroded'));
    await until(() => expect(mark(screen, 'next-move').text()).not.toBe('Working out the next move'));
    await list(screen, '[data-test="evidence"] button.line').at(0)?.trigger('click');
    await until(() => expect(button(screen, 'Withdraw it')).toBeDefined());
    await button(screen, 'Withdraw it')?.trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).observations.some((observation) => observation.withdrawn)).toBe(true),
    );
  });
  test('the corner that codes name is the subject, another can be chosen', async () => {
    const garage = await garageWith([{ kind: 'code', code: 'C0034', status: 'current' }]);
    const { screen } = await show(garage, '/job/j/find');
    await until(() => expect(screen.find('h1').text()).toBe('The signal path, front right'));
    await screen.find('[data-corner="rear-left"]').trigger('click');
    await until(() => expect(screen.find('h1').text()).toBe('The signal path, rear left'));
    expect((await garage.job()).subject).toBe('rear-left');
  });
});

describe('Notebook', () => {
  test('the timeline tells what happened; a note and a name are kept', async () => {
    const garage = await garageWith([{ kind: 'look', part: 'plug', finding: 'wet', channel: 'front-right' }]);
    const { screen } = await show(garage, '/job/j/notebook');
    await until(() => expect(screen.text()).toMatch(/plug/i));
    await until(() => expect(screen.find('textarea').exists()).toBe(true));
    await screen.find('textarea').setValue('  rain all week ');
    await button(screen, 'Note it')?.trigger('click');
    await until(async () => expect((await fileOf(garage)).notes).toMatchObject([{ text: 'rain all week' }]));
    await until(() => expect(screen.text()).toContain('rain all week'));
    const name = screen.find('[aria-label="Name of the job"]');
    await name.trigger('focus');
    for (const text of ['w', 'we', 'wet', 'wet plug']) await name.setValue(text);
    expect((name.element as HTMLInputElement).value).toBe('wet plug');
    await until(async () => expect((await garage.job()).title).toBe('wet plug'));
  });
});

describe('what came from elsewhere', () => {
  test('notes of any shape blank no page: those with a text are shown', async () => {
    const notes = [{ text: 'dry now', at: 5 }, { text: 7 }, null, 'loose words', [1]];
    const garage = await garageWith([], { notes });
    const { screen } = await show(garage, '/job/j/notebook');
    await until(() => expect(screen.text()).toContain('dry now'));
    expect(list(screen, '[data-test="timeline"] li')).toHaveLength(1);
  });
  test('what is typed while a note is being stored stays', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/notebook');
    await until(() => expect(screen.find('textarea').exists()).toBe(true));
    await screen.find('textarea').setValue('first');
    const storing = button(screen, 'Note it')?.trigger('click');
    await screen.find('textarea').setValue('first and more');
    await storing;
    await until(async () => expect((await fileOf(garage)).notes).toMatchObject([{ text: 'first' }]));
    await until(() => expect((screen.find('textarea').element as HTMLTextAreaElement).value).toBe(' and more'));
  });
});

describe('the money', () => {
  test('a cost is added in the guide, summed, and removed', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/fix');
    await until(() => expect(screen.text()).toContain('Spent'));
    await screen.find('[placeholder="Sensor, pattern part"]').setValue('sensor');
    await screen.find('[aria-label="Price, EUR"]').setValue('38,5');
    await button(screen, 'Add')?.trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).costs).toMatchObject([{ item: 'sensor', amount: 38.5, use: 'needed' }]),
    );
    await until(() => expect(screen.text()).toContain('38.5'));
    await screen.find('[aria-label="Remove sensor"]').trigger('click');
    await until(async () => expect((await fileOf(garage)).costs).toEqual([]));
  });
});

describe('the garage', () => {
  test('vehicles with their jobs; a job that is removed can be put back', async () => {
    const garage = await garageWith([{ kind: 'lamps', lit: ['abs'] }]);
    const { screen } = await show(garage, '/');
    await until(() => expect(screen.find('[data-vehicle="Tansy"]').text()).toContain('a job'));
    await mark(screen, 'menu').trigger('click');
    await mark(screen, 'menu-job-remove').trigger('click');
    await until(async () => expect(await garage.database.jobs.count()).toBe(0));
    await until(() => expect(document.body.textContent).toContain('Put it back'));
    [...document.querySelectorAll('button')].find((entry) => entry.textContent === 'Put it back')?.click();
    await until(async () => expect(await garage.database.jobs.count()).toBe(1));
  });
  test('a vehicle is added and its sheet opened; a job is started', async () => {
    const garage = await garageWith([]);
    const { screen, router } = await show(garage, '/');
    await until(() => expect(mark(screen, 'add-vehicle').exists()).toBe(true));
    await mark(screen, 'add-vehicle').trigger('click');
    await until(() => expect(mark(screen, 'steering-right').exists()).toBe(true));
    await mark(screen, 'steering-right').trigger('click');
    await router.push('/');
    await until(async () =>
      expect((await garage.database.vehicles.toArray()).map((vehicle) => vehicle.vehicle.steeringSide).sort()).toEqual([
        'right',
        'right',
      ]),
    );
    await until(() => expect(mark(screen, 'start-job').exists()).toBe(true));
    await screen.find('[data-test="start-job"][data-for="Tansy"]').trigger('click');
    await until(() => expect(router.currentRoute.value.name).toBe('dash'));
    expect(await garage.database.jobs.count()).toBe(2);
  });
  test('an address that leads nowhere says so', async () => {
    const { screen } = await show(await garageWith([]), '/moon');
    await until(() => expect(screen.text().length).toBeGreaterThan(20));
  });
});

describe('small screens', () => {
  test('on a short screen header and bar take one line each, and a tap brings all back', async () => {
    const before = window.innerHeight;
    Object.defineProperty(window, 'innerHeight', { value: 400, configurable: true, writable: true });
    const garage = await garageWith([{ kind: 'code', code: 'C0034', status: 'current' }]);
    const { screen } = await show(garage, '/job/j/find');
    await until(() => expect(mark(screen, 'compact-head').text()).toContain('Find'));
    expect(screen.find('footer.bar').classes()).toContain('compact');
    await screen.find('[data-test="compact-head"] button').trigger('click');
    await until(() => expect(mark(screen, 'compact-head').exists()).toBe(false));
    Object.defineProperty(window, 'innerHeight', { value: before, configurable: true, writable: true });
  });
});
