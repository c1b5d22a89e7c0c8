import { describe, expect, test } from 'vitest';
import { simulated, type Wrong } from '../../../../tests/support/simulatedLog';
import { car } from '../../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until } from '../../../testSupport';

const drive = (wrong: readonly Wrong[]): File =>
  new File([simulated({ seed: 5, seconds: 60, hertz: 12, step: 0.1, isPolled: false, wrong })], 'drive.csv');

async function opened(file: File) {
  const garage = await layOut(car('passive'));
  const { screen, router } = await show(garage, '/job/j/find/check?do=live:drive&at=front-left');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('log-file').exists()).toBe(true));
  const input = hands.mark('log-file').element as HTMLInputElement;
  Object.defineProperty(input, 'files', { value: [file], configurable: true });
  await hands.mark('log-file').trigger('change');
  return { garage, router, ...hands };
}

describe('a recording of the four speeds', () => {
  test('is told in words that name the wheel, and is one tap from being evidence', async () => {
    const { garage, router, press, says } = await opened(drive([{ channel: 'rear-left', kind: 'drops', size: 0.1 }]));
    await says('Rear left drops out again and again');
    await says('readings a second');
    await press('log-record');
    await until(() => expect(router.currentRoute.value.name).toBe('find'));
    const { observations } = (await garage.job()).file;
    expect(observations).toHaveLength(4);
    expect(observations[0]).toMatchObject({ kind: 'live', while: 'drive', channel: 'rear-left', finding: 'drops-out' });
    expect(observations[1]).toMatchObject({ finding: 'follows' });
  });
  test('of a sound car says so', async () => {
    const { says } = await opened(drive([]));
    await says('All wheels follow each other');
  });
  test('what is no recording is refused in words, and nothing is kept', async () => {
    const { garage, says } = await opened(new File(['name,age\nAnna,3\n'], 'people.csv'));
    await says('This file names no wheel in its first 50 lines');
    expect((await garage.job()).file.observations).toHaveLength(0);
  });
});
