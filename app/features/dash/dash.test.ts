import { afterEach, describe, expect, test, vi } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until, type TestGarage } from '../../testSupport';

afterEach(() => vi.useRealTimers());

async function atDash(seen: readonly Loose[] = []) {
  const garage = await layOut(car('passive'), { observations: caseOf(car('passive'), seen).observations });
  const { screen } = await show(garage, '/job/j/dash');
  const hands = handsOn(screen);
  await hands.says('What is lit?');
  return { garage, screen, ...hands };
}

const seenIn = async (garage: TestGarage) =>
  (await garage.job()).file.observations.filter((observation) => !observation.withdrawn);

describe('lamps', () => {
  test('are noted by a tap, explained in words, and taken back by another', async () => {
    const { garage, press, says } = await atDash();
    await press('ABS');
    await until(async () => expect(await seenIn(garage)).toMatchObject([{ kind: 'lamps', lit: ['abs'] }]));
    await says(/ABS/);
    await press('ABS');
    await until(async () =>
      expect((await seenIn(garage)).flatMap((entry) => (entry.kind === 'lamps' ? entry.lit : []))).toEqual([]),
    );
  });
  test('the pattern is noted with them', async () => {
    const { garage, press } = await atDash([{ kind: 'lamps', lit: ['abs'] }]);
    await press('on bumps');
    await until(async () => expect((await seenIn(garage)).at(-1)).toMatchObject({ pattern: ['on-bumps'] }));
  });
  test('a red brake lamp stops the drive, and says why', async () => {
    const { says, screen } = await atDash([{ kind: 'lamps', lit: ['brake-red', 'abs'] }]);
    await until(() => expect(screen.find('[role="alert"]').exists()).toBe(true));
    await says(/brake/i);
  });
});

describe('before anything is opened', () => {
  test('the battery’s volts are read as typed, and say what they rule out', async () => {
    const { garage, write, screen, says } = await atDash();
    await write('Battery at rest, volt', '12,62');
    await screen.find('[aria-label="Battery at rest, volt"]').trigger('keydown', { key: 'Enter' });
    if ((await seenIn(garage)).length === 0) await handsOn(screen).press(/keep/i);
    await until(async () =>
      expect((await seenIn(garage)).at(-1)).toMatchObject({ kind: 'meter', point: 'battery', value: 12.62 }),
    );
    await says('a flat battery did not cause today');
  });
  test('volts that are none are refused in words', async () => {
    const { garage, write, screen } = await atDash();
    await write('Battery at rest, volt', 'lots');
    await screen.find('[aria-label="Battery at rest, volt"]').trigger('keydown', { key: 'Enter' });
    if (!/reading/.test(screen.text())) await handsOn(screen).press(/keep/i);
    await handsOn(screen).says(/reading|number/);
    expect(await seenIn(garage)).toEqual([]);
  });
});

describe('what was done lately', () => {
  test('an event of a wheel asks which one and when, and stands in the timeline', async () => {
    const { garage, screen, press, says, list } = await atDash();
    await press(/wheel bearing/i);
    await until(() => expect(list('[aria-label="Which corner"] button').length).toBe(4));
    await list('[aria-label="Which corner"] button').at(1)?.trigger('click');
    await press('weeks ago');
    await press(/^Note: /);
    await until(async () =>
      expect((await seenIn(garage)).at(-1)).toMatchObject({
        kind: 'history',
        event: 'wheel-bearing',
        channel: 'front-right',
        ago: 20,
      }),
    );
    await until(() => expect(screen.find('[data-test="lately"]').exists()).toBe(true));
    await says(/front right/i);
  });
});

describe('how the lamps behave', () => {
  test('the bulb check is counted off, then one is asked what is still lit', async () => {
    const { press, says } = await atDash();
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'setTimeout', 'clearTimeout', 'Date'] });
    const pressed = press('I turn the key on now');
    await vi.advanceTimersByTimeAsync(100);
    await pressed;
    await vi.advanceTimersByTimeAsync(9000);
    vi.useRealTimers();
    await says('Now tap what is still lit.');
  });
  test('a fault that first came and went is noted as grown', async () => {
    const { garage, list } = await atDash([{ kind: 'lamps', lit: ['abs'], pattern: ['steady-from-key-on'] }]);
    await until(() => expect(list('[data-test="earlier-pattern"] button').length).toBeGreaterThan(3));
    await list('[data-test="earlier-pattern"] button')
      .find((choice) => choice.text() === 'now and then')
      ?.trigger('click');
    await until(async () =>
      expect((await seenIn(garage)).map((entry) => (entry.kind === 'lamps' ? entry.pattern : null))).toEqual([
        ['intermittent'],
        ['steady-from-key-on'],
      ]),
    );
  });
  test('a lamp of another system is noted for later', async () => {
    const { press, says } = await atDash([{ kind: 'lamps', lit: ['abs'] }]);
    await press('Airbag');
    await says('Look at these again after the repair.');
  });
  test('all lamps out now is an answer', async () => {
    const { garage, press } = await atDash([{ kind: 'lamps', lit: ['abs'] }]);
    await press('All lamps are out now');
    await until(async () => expect((await seenIn(garage)).at(-1)).toMatchObject({ kind: 'lamps', lit: [] }));
  });
  test('a symptom is noted with the bend it comes in, and taken back', async () => {
    const { garage, press, mark } = await atDash();
    await press('Stability cuts in without reason');
    await until(() => expect(mark('bend-left').exists()).toBe(true));
    await press('bend-left');
    await until(async () => expect((await seenIn(garage)).at(-1)).toMatchObject({ kind: 'symptom', bend: 'left' }));
    await press('Stability cuts in without reason');
    await until(async () => expect(await seenIn(garage)).toEqual([]));
  });
});
