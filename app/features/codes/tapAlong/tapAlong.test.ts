import { afterEach, describe, expect, test, vi } from 'vitest';
import { car } from '../../../../tests/support/caseBuilder';
import { flashesOf } from '../../../../core/codes/rhythm/practiceLamp';
import { handsOn, layOut, show, until } from '../../../testSupport';

/** Tapping along with a lamp, as a finger does: the clock is set by hand. */

afterEach(() => vi.restoreAllMocks());

async function atLamp() {
  const garage = await layOut(car('passive'));
  const { screen } = await show(garage, '/job/j/codes');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('start-take').exists()).toBe(true));

  /** One take of what a lamp flashes, told twice over; `late` makes the finger slower by so many seconds. */
  async function take(codes: readonly string[], late = 0): Promise<void> {
    await hands.press('start-take');
    await until(() => expect(hands.mark('tap-pad').exists()).toBe(true));
    let now = 0;
    const clock = vi.spyOn(performance, 'now').mockImplementation(() => now * 1000);
    for (const { at, held } of flashesOf([...codes, ...codes], 'counts')) {
      now = at + late;
      await hands.mark('tap-pad').trigger('pointerdown');
      now += held;
      await hands.mark('tap-pad').trigger('pointerup');
    }
    clock.mockRestore();
    await hands.press('tap-done');
    await until(() => expect(hands.mark('tap-pad').exists()).toBe(false));
  }
  const observations = async () => (await garage.job()).file.observations;
  return { garage, screen, take, observations, ...hands };
}

describe('flash codes by hand', () => {
  test('two takes that agree are a code, and recorded as such', async () => {
    const { take, says, press, mark, observations } = await atLamp();
    await take(['23']);
    await says('One recording done. Now a second one.');
    expect(mark('record-flash').exists()).toBe(false);
    await take(['23'], 0.05);
    await until(() => expect(mark('flash-agreed').text()).toContain('23'));
    await press('record-flash');
    await until(async () =>
      expect(await observations()).toMatchObject([
        { kind: 'code', code: '23', status: 'unknown', module: 'abs', note: 'flash code; two takes agreed' },
      ]),
    );
  });
  test('two that differ are not, and a third decides', async () => {
    const { take, says, mark } = await atLamp();
    await take(['23']);
    await take(['24']);
    await says('These differ. Please record once more.');
    expect(mark('flash-agreed').exists()).toBe(false);
    await take(['23']);
    await until(() => expect(mark('flash-agreed').text()).toContain('23'));
  });
  test('a take is taken back', async () => {
    const { take, says, list } = await atLamp();
    await take(['12']);
    await until(() => expect(list('[data-test="takes"] li')).toHaveLength(1));
    await list('[data-test="takes"] button').at(0)?.trigger('click');
    await says('Record it twice');
  });
  test('takes are there again after the page was left', async () => {
    const { garage, take } = await atLamp();
    await take(['31']);
    await until(async () => expect((await garage.database.drafts.get('j.flash-takes'))?.text).toContain('held'));
    const { screen } = await show(garage, '/job/j/codes');
    await handsOn(screen).says('One recording done');
  });
});
