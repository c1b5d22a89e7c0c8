import type { VueWrapper } from '@vue/test-utils';
import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../tests/support/caseBuilder';
import type { CaseFile, Repair } from '../core/casefile/contract';
import { layOut, show, until, type TestGarage } from './testSupport';

async function garageWith(
  seen: readonly Loose[],
  repairs: readonly Partial<Repair>[] = [],
  vehicle = car('passive'),
): Promise<TestGarage> {
  const { observations, repairs: made } = caseOf(vehicle, seen, repairs);
  return layOut(vehicle, { observations, ...(made ? { repairs: made } : {}) });
}

const list = (screen: VueWrapper, selector: string) => screen.findAll(selector);
const mark = (screen: VueWrapper, name: string) => screen.find(`[data-test="${name}"]`);
const inBar = (name: string): HTMLElement => {
  const found = document.querySelector<HTMLElement>(`#own-bar [data-test="${name}"]`);
  if (!found) throw new Error(`no ${name} on the bar`);
  return found;
};
const fileOf = async (garage: TestGarage): Promise<CaseFile> => (await garage.job()).file;

describe('Fix', () => {
  test('any repair of the catalogue is recorded at any wheel, its result said again, and removed', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/fix');
    await until(() => expect(mark(screen, 'any-repair').exists()).toBe(true));
    await mark(screen, 'repair-at-rear-left').trigger('click');
    await mark(screen, 'did-replaced:ring').trigger('click');
    await mark(screen, 'result-partly').trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).repairs).toMatchObject([
        { action: 'replaced', segment: 'ring', channel: 'rear-left', result: 'partly', after: null },
      ]),
    );
    await until(() => expect(mark(screen, 'made-repairs').exists()).toBe(true));
    await mark(screen, 'turned-out-no-change').trigger('click');
    await until(async () => expect((await fileOf(garage)).repairs?.[0]?.result).toBe('no-change'));
    await list(screen, '[data-test="made-repairs"] button').at(-1)?.trigger('click');
    await until(async () => expect((await fileOf(garage)).repairs).toEqual([]));
  });
  test('a part that was only bought is a cost, and no repair', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/fix');
    await until(() => expect(mark(screen, 'did-replaced:sensor').exists()).toBe(true));
    await mark(screen, 'did-replaced:sensor').trigger('click');
    await until(() => expect(mark(screen, 'only-bought').exists()).toBe(true));
    await mark(screen, 'only-bought').trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).costs).toMatchObject([{ item: 'Part: sensor', amount: 40, use: 'spare' }]),
    );
    expect((await fileOf(garage)).repairs).toEqual([]);
  });
  test('the whole car has its own repairs, and no wheel', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/fix');
    await until(() => expect(mark(screen, 'any-repair').exists()).toBe(true));
    await mark(screen, 'repair-at-car').trigger('click');
    expect(mark(screen, 'did-replaced:ring').exists()).toBe(false);
    await mark(screen, 'did-charged:supply').trigger('click');
    await mark(screen, 'result-unknown').trigger('click');
    await until(async () => expect((await fileOf(garage)).repairs?.[0]).not.toHaveProperty('channel'));
  });
  test('a guide is gone through phase by phase, its wheel spun before it goes down, and recorded once', async () => {
    const garage = await garageWith([]);
    const { screen, router } = await show(garage, '/job/j/fix?repair=replaced:sensor&at=front-left');
    await until(() => expect(mark(screen, 'step-title').exists()).toBe(true));
    for (let phase = 0; phase < 8 && !mark(screen, 'spin-now').exists(); phase += 1) {
      const before = mark(screen, 'step-title').text();
      await mark(screen, 'phase-done').trigger('click');
      await until(() =>
        expect(mark(screen, 'step-title').exists() && mark(screen, 'step-title').text()).not.toBe(before),
      );
      for (
        let steps = 0;
        steps < 12 && /close/i.test(screen.find('.step .overline').text()) && !mark(screen, 'spin-now').exists();
        steps += 1
      ) {
        const here = mark(screen, 'step-title').text();
        inBar('step-done').click();
        await until(() => expect(mark(screen, 'step-title').text()).not.toBe(here));
      }
    }
    await screen.find('[data-test="spin-now"] button').trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).observations.at(-1)).toMatchObject({
        kind: 'live',
        finding: 'follows',
        channel: 'front-left',
      }),
    );
    expect((await fileOf(garage)).repairs).toHaveLength(1);
    await mark(screen, 'phase-done').trigger('click');
    await until(() => expect(inBar('record-repair')).toBeTruthy());
    inBar('record-repair').click();
    await until(() => expect(router.currentRoute.value.name).toBe('prove'));
    expect((await fileOf(garage)).repairs).toHaveLength(1);
  }, 20_000);
});

describe('Prove', () => {
  const seen: readonly Loose[] = [
    { kind: 'lamps', lit: ['abs'] },
    { kind: 'code', code: 'C0031', status: 'current' },
    { kind: 'code', code: 'C0034', status: 'stored' },
  ];
  const repaired = [{ channel: 'front-left', after: 'o3' }] as const;

  test('the wheel that was repaired is spun, whichever is looked at', async () => {
    const garage = await garageWith(seen, repaired);
    await garage.storage.changeJob('j', (job) => ({ ...job, subject: 'rear-right' }));
    const { screen } = await show(garage, '/job/j/prove');
    await until(() => expect(mark(screen, 'proof-step-spin').text()).toContain('Front left'));
    await mark(screen, 'proof-spin-follows').trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).observations.at(-1)).toMatchObject({ channel: 'front-left', finding: 'follows' }),
    );
    await until(() => expect(mark(screen, 'proof-spin-follows').attributes('aria-pressed')).toBe('true'));
  });
  test('which codes came back is asked, and only they come back', async () => {
    const garage = await garageWith(seen, repaired);
    const { screen } = await show(garage, '/job/j/prove');
    await until(() => expect(mark(screen, 'proof-erase-back-later').exists()).toBe(true));
    await mark(screen, 'proof-erase-back-later').trigger('click');
    await list(screen, '[data-test="proof-ask"] .chips button')
      .find((entry) => entry.text() === 'C0034')
      ?.trigger('click');
    await mark(screen, 'proof-keep').trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).observations.at(-1)).toMatchObject({
        kind: 'clear',
        result: 'returned-later',
        returned: ['C0031'],
        stayed: ['C0034'],
      }),
    );
    await until(() => expect(mark(screen, 'not-cured-panel').exists()).toBe(true));
    await mark(screen, 'not-cured').trigger('click');
    await until(async () => expect((await fileOf(garage)).repairs?.[0]?.result).toBe('no-change'));
  });
  test('distances and trips are kept as typed; the answer can be taken back', async () => {
    const garage = await garageWith(seen, repaired);
    const { screen } = await show(garage, '/job/j/prove');
    await until(() => expect(mark(screen, 'proof-drive-stayed-out').exists()).toBe(true));
    await mark(screen, 'proof-drive-stayed-out').trigger('click');
    const [km, trips] = list(screen, '[data-test="proof-ask"] input');
    await km?.setValue('12,5');
    await trips?.setValue('3');
    await mark(screen, 'proof-keep').trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).observations.at(-1)).toMatchObject({ kind: 'drive', distance: 12.5, trips: 3 }),
    );
    await until(() => expect(mark(screen, 'proof-step-drive').classes()).toContain('good'));
    await screen.find('[data-test="proof-step-drive"] [data-test="take-back"]').trigger('click');
    await until(() => expect(mark(screen, 'proof-step-drive').classes()).toContain('open'));
  });
  test('another code than before leads to the codes', async () => {
    const garage = await garageWith(seen, repaired);
    const { screen, router } = await show(garage, '/job/j/prove');
    await until(() => expect(mark(screen, 'proof-re-read-other').exists()).toBe(true));
    await mark(screen, 'proof-re-read-other').trigger('click');
    await until(() => expect(router.currentRoute.value.name).toBe('codes'));
  });
  test('a fault that came and went is not proved in a minute', async () => {
    const come: readonly Loose[] = [{ kind: 'lamps', lit: ['abs'], pattern: ['intermittent'] }, ...seen.slice(1)];
    const clean: readonly Loose[] = [
      { kind: 'clear', result: 'stayed-clear' },
      { kind: 'drive', result: 'lamps-stayed-out', distance: 5 },
      { kind: 'no-code', module: 'abs' },
    ];
    const garage = await garageWith([...come, ...clean], repaired);
    const { screen } = await show(garage, '/job/j/prove');
    await until(() => expect(mark(screen, 'watch').text()).toMatch(/more clean trips/));
    expect(mark(screen, 'end-solved').exists()).toBe(false);
  });
  test('every ending can be reached, and the job opened again', async () => {
    const garage = await garageWith(seen, repaired);
    const { screen } = await show(garage, '/job/j/prove');
    await until(() => expect(screen.find('details').exists()).toBe(true));
    await screen
      .findAll('details button')
      .find((entry) => entry.text() === 'It is with a workshop now')
      ?.trigger('click');
    await until(async () => expect((await fileOf(garage)).ending).toBe('handed-over'));
    await until(() => expect(mark(screen, 'ending').exists()).toBe(true));
    await list(screen, '[data-test="ending"] button').at(-1)?.trigger('click');
    await until(async () => expect((await fileOf(garage)).ending).toBeNull());
  });
});

describe('a check', () => {
  test('several findings of one part are kept together, and taken back together', async () => {
    const garage = await garageWith([]);
    const { screen, router } = await show(garage, '/job/j/find/check?do=look:plug&at=front-right');
    await until(() => expect(screen.find('[data-answer="wet"]').exists()).toBe(true));
    expect(inBar('keep').hasAttribute('disabled')).toBe(true);
    for (const finding of ['wet', 'corroded', 'bent', 'bent'])
      await screen.find(`[data-answer="${finding}"]`).trigger('click');
    inBar('keep').click();
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    const kept = (await fileOf(garage)).observations.map((observation) =>
      observation.kind === 'look' ? [observation.finding, observation.channel] : [],
    );
    expect(kept).toEqual([
      ['wet', 'front-right'],
      ['corroded', 'front-right'],
    ]);
  });
  test('every finding has its picture, its word and what it is mistaken for; one tap shows it larger', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/find/check?do=look:ring&at=front-right');
    await until(() => expect(list(screen, '.card img').length).toBe(8));
    const cards = list(screen, '.card').map((card) => card.text());
    expect(cards.find((card) => card.includes('swollen'))).toContain('A flat brown film is not swollen');
    expect(new Set(list(screen, '.card img').map((image) => image.attributes('src'))).size).toBe(8);
    expect(screen.find('.how').text()).toContain('Turn the hub slowly');
    await screen.find('.card .enlarge').trigger('click');
    await until(() =>
      expect(document.querySelector('.el-dialog img')?.getAttribute('alt')).toContain('toothed ring on its hub'),
    );
  });
  test('who is not sure compares, and keeps a doubt that counts half', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/find/check?do=look:plug&at=front-right');
    await until(() => expect(screen.find('[data-answer="wet"]').exists()).toBe(true));
    await screen.find('[data-answer="wet"]').trigger('click');
    inBar('not-sure').click();
    await until(() => expect(document.querySelectorAll('.el-dialog figure')).toHaveLength(2));
    [...document.querySelectorAll('button')]
      .find((button) => button.textContent?.includes('Keep it as a doubt'))
      ?.click();
    await until(async () =>
      expect((await fileOf(garage)).observations).toMatchObject([{ kind: 'look', finding: 'wet', unsure: true }]),
    );
  });
  test('what cannot be seen is said so; another wheel, or none, can be meant', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/find/check?do=look:plug&at=front-right');
    await until(() => expect(mark(screen, 'at-unknown').exists()).toBe(true));
    await mark(screen, 'at-unknown').trigger('click');
    await until(() => expect(mark(screen, 'at-unknown').attributes('aria-pressed')).toBe('true'));
    await screen.find('[data-answer="hidden"]').trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).observations).toMatchObject([{ kind: 'look', part: 'plug', finding: 'hidden' }]),
    );
    expect((await fileOf(garage)).observations[0]).not.toHaveProperty('channel');
  });
  test('a reading that jumps while it is moved tells where', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/find/check?do=meter:sensor:resistance&at=front-left&while=wiggle');
    await until(() => expect(screen.find('.keypad').exists()).toBe(true));
    await screen
      .findAll('.keypad button')
      .find((entry) => entry.text() === 'OL')
      ?.trigger('click');
    await screen
      .findAll('.extras button')
      .find((entry) => entry.text() === 'It jumps about')
      ?.trigger('click');
    await list(screen, '[data-test="jumps-at"] button')
      .find((jump) => jump.text() === 'lead')
      ?.trigger('click');
    inBar('keep').click();
    await until(async () =>
      expect((await fileOf(garage)).observations[0]).toMatchObject({
        value: 'overload',
        unsteady: true,
        while: 'wiggle',
        jumpsAt: 'lead',
      }),
    );
  });
  test('a shared rear sensor is not exchanged', async () => {
    const garage = await garageWith([], [], car(null, { channels: ['front-left', 'front-right', 'rear-axle'] }));
    const { screen } = await show(garage, '/job/j/find/check?do=swap&at=rear-axle');
    await until(() => expect(screen.text()).toContain('both rear wheels share one sensor'));
    expect(list(screen, '[data-answer]')).toHaveLength(0);
  });
  test('a wrong address is said, with a way back', async () => {
    const { screen } = await show(await garageWith([]), '/job/j/find/check?do=look:moon');
    await until(() => expect(screen.text()).toContain('There is no such check'));
  });
});

describe('Dash and header', () => {
  test('a lamp is toggled, taken back by the button on the header, and made again', async () => {
    const garage = await garageWith([]);
    const { screen } = await show(garage, '/job/j/dash');
    await until(() => expect(screen.findAll('button').some((entry) => entry.text().startsWith('ABS'))).toBe(true));
    const abs = () => screen.findAll('button').find((entry) => entry.text().startsWith('ABS'));
    await abs()?.trigger('click');
    await until(async () =>
      expect((await fileOf(garage)).observations).toMatchObject([{ kind: 'lamps', lit: ['abs'] }]),
    );
    await until(() => expect(mark(screen, 'undo').attributes('aria-label')).toBe('Undo: the lamp'));
    await mark(screen, 'undo').trigger('click');
    await until(async () => expect((await fileOf(garage)).observations).toEqual([]));
    await until(() => expect(mark(screen, 'redo').exists()).toBe(true));
    await mark(screen, 'redo').trigger('click');
    await until(async () => expect((await fileOf(garage)).observations).toHaveLength(1));
  });
  test('after a repair the old lamps are not shown as lit', async () => {
    const garage = await garageWith([{ kind: 'lamps', lit: ['abs'] }], [{ channel: 'front-left', after: 'o1' }]);
    const { screen } = await show(garage, '/job/j/dash');
    await until(() => expect(screen.findAll('button').some((entry) => entry.text().startsWith('ABS'))).toBe(true));
    expect(
      screen
        .findAll('button')
        .find((entry) => entry.text().startsWith('ABS'))
        ?.attributes('aria-pressed'),
    ).toBe('false');
  });
  test('a code that is typed and not recorded is said on the bar', async () => {
    const garage = await garageWith([]);
    await garage.storage.keepDraft('j.codes', 'C0034 current');
    const { screen } = await show(garage, '/job/j/find');
    await until(() => expect(mark(screen, 'reminder').text()).toContain('not recorded yet'));
  });
  test('a job that is not in this browser is said so', async () => {
    const { screen } = await show(await garageWith([]), '/job/none/find');
    await until(() => expect(screen.text()).toContain('This job is not in this browser'));
  });
});

describe('the spec sheet', () => {
  test('every letter is kept, however fast one types', async () => {
    const garage = await layOut({ name: '', channels: ['front-left', 'front-right'] });
    const { screen } = await show(garage, '/vehicle/v');
    await until(() => expect(mark(screen, 'steering-left').exists()).toBe(true));
    const input = screen.find('input');
    for (const letter of 'A van with many letters in its name') {
      await input.setValue(input.element.value + letter);
      await new Promise((resolve) => setTimeout(resolve, 3));
    }
    await until(async () =>
      expect((await garage.database.vehicles.get('v'))?.vehicle.name).toBe('A van with many letters in its name'),
    );
    expect(input.element.value).toBe('A van with many letters in its name');
  });

  test('three questions, kept as they are answered', async () => {
    const garage = await layOut({ name: '', channels: ['front-left', 'front-right', 'rear-left', 'rear-right'] });
    const { screen } = await show(garage, '/vehicle/v');
    await until(() => expect(mark(screen, 'steering-left').exists()).toBe(true));
    await mark(screen, 'steering-left').trigger('click');
    await mark(screen, 'layout-three').trigger('click');
    await until(async () =>
      expect((await garage.database.vehicles.get('v'))?.vehicle).toMatchObject({
        steeringSide: 'left',
        channels: ['front-left', 'front-right', 'rear-axle'],
      }),
    );
    expect(screen.findAll('details[open]')).toHaveLength(0);
  });
});
