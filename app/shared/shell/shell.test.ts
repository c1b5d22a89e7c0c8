import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import { usePreferences } from '../../stores/preferences';
import { handsOn, layOut, show, until } from '../../testSupport';

/** What stands around every stage: header, keys, settings. */

const SEEN: readonly Loose[] = [
  { kind: 'lamps', lit: ['abs'] },
  { kind: 'code', code: 'C0034', status: 'current' },
];

async function inJob(stage = 'dash', seen = SEEN) {
  const garage = await layOut(car('passive'), { observations: caseOf(car('passive'), seen).observations });
  const { screen, router } = await show(garage, `/job/j/${stage}`);
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('next-move').text()).not.toBe('Working out the next move'));
  return { garage, screen, router, ...hands };
}

function key(name: string, held: { readonly ctrlKey?: boolean; readonly shiftKey?: boolean } = {}): void {
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...held }));
}

describe('keys', () => {
  test.each([
    ['1', 'dash'],
    ['2', 'codes'],
    ['3', 'find'],
    ['4', 'fix'],
    ['5', 'prove'],
    ['c', 'codes'],
    ['m', 'check'],
  ])('%s leads to %s', async (name, stage) => {
    const { router } = await inJob(stage === 'dash' ? 'find' : 'dash');
    key(name);
    await until(() => expect(router.currentRoute.value.name).toBe(stage));
  });
  test('N does the next move', async () => {
    const { router, mark } = await inJob();
    const target = mark('do-move').attributes('href') ?? '';
    key('n');
    await until(() => expect(target).toContain(router.currentRoute.value.path));
  });
  test('do nothing while one types', async () => {
    const { screen, router } = await inJob('codes');
    const area = screen.find('textarea').element;
    area.dispatchEvent(new KeyboardEvent('keydown', { key: '5', bubbles: true }));
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(router.currentRoute.value.name).toBe('codes');
  });
  test('Ctrl Z takes the last step back, Ctrl Shift Z makes it again', async () => {
    const { garage, press } = await inJob();
    const lit = async () =>
      (await garage.job()).file.observations.flatMap((seen) => (seen.kind === 'lamps' ? seen.lit : []));
    await press('Stability');
    await until(async () => expect(await lit()).toContain('stability'));
    key('z', { ctrlKey: true });
    await until(async () => expect(await lit()).not.toContain('stability'));
    key('z', { ctrlKey: true, shiftKey: true });
    await until(async () => expect(await lit()).toContain('stability'));
  });
});

describe('settings', () => {
  test('glove mode and colours are chosen, and kept', async () => {
    const { garage, press } = await inJob();
    await usePreferences().open();
    await press('Settings');
    const inDialog = (words: RegExp): HTMLElement | undefined =>
      [...document.body.querySelectorAll<HTMLElement>('.el-dialog button')].find((found) =>
        words.test(found.textContent ?? ''),
      );
    await until(() => expect(inDialog(/Glove mode/)).toBeDefined());
    inDialog(/Glove mode/)?.click();
    inDialog(/Dark colours/)?.click();
    inDialog(/nearside and offside/)?.click();
    inDialog(/^lbf·in$/)?.click();
    await until(async () =>
      expect(await garage.storage.preference('look')).toEqual({
        gloves: true,
        night: true,
        sides: 'nearside-offside',
        distance: 'km',
        torque: 'lbf·in',
        temperature: '°C',
      }),
    );
    expect(document.documentElement.classList.contains('gloves')).toBe(true);
    inDialog(/Glove mode/)?.click();
    await until(() => expect(document.documentElement.classList.contains('gloves')).toBe(false));
  });
});

describe('the header', () => {
  test('names vehicle and job, marks where one is and has been', async () => {
    const { screen, says } = await inJob('codes');
    await says('Tansy, a job');
    const here = screen.find('[aria-current="step"]');
    expect(here.text()).toContain('Codes');
    expect(screen.findAll('.visited').map((stage) => stage.find('.name').text())).toEqual(['Dash', 'Codes']);
  });
  test('a job that is not here says so, with the way back', async () => {
    const garage = await layOut(car('passive'));
    const { screen, router } = await show(garage, '/job/none/dash');
    const { says, press } = handsOn(screen);
    await says('This job is not in this browser');
    await press('To the garage');
    await until(() => expect(router.currentRoute.value.name).toBe('garage'));
  });
});
