import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until, type TestGarage } from '../../testSupport';

async function atCodes(seen: readonly Loose[] = [], vehicle = car('passive')) {
  const garage = await layOut(vehicle, { observations: caseOf(vehicle, seen).observations });
  const { screen, router } = await show(garage, '/job/j/codes');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('codes-text').exists()).toBe(true));
  return { garage, screen, router, ...hands };
}

const seenIn = async (garage: TestGarage) =>
  (await garage.job()).file.observations.filter((observation) => !observation.withdrawn);
const CODE: Loose = { kind: 'code', code: 'C0034', status: 'current' };

describe('codes that were recorded', () => {
  test('are taken back, and go back into the text to be corrected', async () => {
    const { garage, press, screen } = await atCodes([CODE]);
    await press('Correct');
    await until(() => expect((screen.find('textarea').element as HTMLTextAreaElement).value).toContain('C0034'));
    await until(async () => expect(await seenIn(garage)).toEqual([]));
  });
  test('get a meaning of one’s own, kept with the vehicle', async () => {
    const { garage, press, says } = await atCodes([{ kind: 'code', code: '5DB0', status: 'stored' }]);
    await press('mean-5DB0');
    await press('own-rear-left');
    await press('keep-own');
    await until(async () =>
      expect((await garage.database.vehicles.get('v'))?.vehicle.codeMeanings).toMatchObject({
        '5DB0': { channel: 'rear-left' },
      }),
    );
    await says(/rear left/i);
  });
});

describe('record, erase, see what returns', () => {
  test('nothing may be erased before something is recorded', async () => {
    const { says, mark } = await atCodes();
    await says('nothing may be erased');
    expect(mark('erased').exists()).toBe(false);
  });
  test('which of two came back is asked, and only that one is noted', async () => {
    const { garage, press, mark } = await atCodes([CODE, { kind: 'code', code: 'C0031', status: 'stored' }]);
    await press('erased');
    await until(() => expect(mark('returned-when-moving').attributes('disabled')).toBeDefined());
    await press(/^C0034$/);
    await press('returned-when-moving');
    await until(async () =>
      expect((await seenIn(garage)).at(-1)).toMatchObject({
        kind: 'clear',
        result: 'returned-when-moving',
        returned: ['C0034'],
        stayed: ['C0031'],
      }),
    );
  });
  test('a refusal, and nothing that came back, are results', async () => {
    const { garage, press } = await atCodes([CODE]);
    await press('It would not erase');
    await until(async () => expect((await seenIn(garage)).at(-1)).toMatchObject({ result: 'refused' }));
    await press('erased');
    await press('stayed-clear');
    await until(async () => expect((await seenIn(garage)).at(-1)).toMatchObject({ result: 'stayed-clear' }));
  });
});

describe('which corner, really', () => {
  test('a reader with left and right crossed is found out by spinning, and put right', async () => {
    const { garage, press, mark, says } = await atCodes([CODE]);
    for (let spins = 0; spins < 4 && !mark('corner-verdict').exists(); spins += 1) {
      await until(() => expect(mark('spin-next').exists()).toBe(true));
      const spun = mark('spin-next').text().toLowerCase().replace(' ', '-');
      const other = spun.includes('left') ? spun.replace('left', 'right') : spun.replace('right', 'left');
      const before = (await seenIn(garage)).length;
      await press(`shown-${other}`);
      await until(async () => expect((await seenIn(garage)).length).toBeGreaterThan(before));
      await until(() => expect(mark('corner-verdict').exists() || mark('spin-next').text() !== '').toBe(true));
      await until(() =>
        expect(!mark('spin-next').exists() || mark('spin-next').text().toLowerCase().replace(' ', '-') !== spun).toBe(
          true,
        ),
      );
    }
    await says('left and right crossed');
  });
});

describe('flash codes', () => {
  test('the pad opens and closes without recording anything', async () => {
    const { garage, press, mark } = await atCodes();
    expect(mark('tap-along').exists()).toBe(true);
    await press('start-take');
    await until(() => expect(mark('tap-pad').exists()).toBe(true));
    await press('tap-close');
    await until(() => expect(mark('tap-pad').exists()).toBe(false));
    expect(await seenIn(garage)).toEqual([]);
  });
});

describe('a draft', () => {
  test('that is not recorded yet is said on the bar, from every stage', async () => {
    const { screen, router } = await atCodes();
    await screen.find('textarea').setValue('C0034');
    await router.push('/job/j/dash');
    await until(() => expect(handsOn(screen).mark('reminder').exists()).toBe(true));
  });
});
