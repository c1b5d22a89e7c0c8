import { describe, expect, test } from 'vitest';
import { car } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until } from '../../testSupport';

async function opened() {
  const garage = await layOut(car('passive'));
  const { screen } = await show(garage, '/arithmetic');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('sum-spin').exists()).toBe(true));
  return hands;
}

describe('the arithmetic bench', () => {
  test('a tyre, turned by hand', async () => {
    const { mark, says } = await opened();
    expect(mark('sum-spin').text()).toContain('7.0 km/h and 48 Hz');
    await mark('sum-turns').setValue('3');
    await says('spin faster before you call the corner dead');
    await mark('sum-tyre').setValue('big');
    await says('must look like 195/65R15');
  });
  test('a wider gap says when it is too wide', async () => {
    const { mark, says } = await opened();
    expect(mark('sum-gap').text()).toContain('59 % of the signal is left');
    await mark('sum-extra').setValue('2,5');
    await says('no longer switches');
    await says('no repair');
    await mark('sum-diameter').setValue('');
    expect(mark('sum-gap').exists()).toBe(false);
  });
  test('a coil at another temperature, and torque in three units', async () => {
    const { mark } = await opened();
    expect(mark('sum-coil').text()).toContain('1.28 kΩ');
    await mark('sum-torque').setValue('100');
    expect(mark('sum-torques').text()).toContain('73.8');
    await mark('sum-ohms').setValue('x');
    expect(mark('sum-coil').exists()).toBe(false);
  });
});
