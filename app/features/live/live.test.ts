import { describe, expect, test } from 'vitest';
import { simulated, type Wrong } from '../../../tests/support/simulatedLog';
import { car } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until } from '../../testSupport';

const drive = (wrong: readonly Wrong[]): File =>
  new File([simulated({ seed: 5, seconds: 60, hertz: 12, step: 0.1, isPolled: false, wrong })], 'drive.csv');

async function opened(file: File) {
  const garage = await layOut(car('passive'));
  const { screen, router } = await show(garage, '/job/j/find/live');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('log-file').exists()).toBe(true));
  const choose = async (next: File): Promise<void> => {
    await until(() => expect(hands.mark('log-file').exists()).toBe(true));
    const input = hands.mark('log-file').element as HTMLInputElement;
    Object.defineProperty(input, 'files', { value: [next], configurable: true });
    await hands.mark('log-file').trigger('change');
  };
  await choose(file);
  return { garage, router, screen, choose, ...hands };
}

const onBar = (): HTMLButtonElement | null => document.querySelector('#own-bar [data-test="log-record"]');

describe('curves before the judgement', () => {
  test('that come late, after the answer, do not stand over it', async () => {
    const garage = await layOut(car('passive'));
    const { logs } = garage.ports;
    const late: typeof logs.read = async (file, help, news, cancel) => {
      const held: Parameters<typeof news.curves>[0][] = [];
      const answer = await whole(file, help, { ...news, curves: (curves) => void held.push(curves) }, cancel);
      setTimeout(() => held.forEach((curves) => news.curves(curves)), 60);
      return answer;
    };
    const whole = logs.read.bind(logs);
    Object.assign(logs, { read: late });
    const { screen } = await show(garage, '/job/j/find/live');
    const { mark, says } = handsOn(screen);
    await until(() => expect(mark('log-file').exists()).toBe(true));
    const input = mark('log-file').element as HTMLInputElement;
    Object.defineProperty(input, 'files', { value: [drive([])], configurable: true });
    await mark('log-file').trigger('change');
    await says('All wheels follow each other');
    await new Promise((resolve) => setTimeout(resolve, 150));
    expect(mark('live-title').text()).toContain('All wheels follow each other');
  });
});

describe('a recording of the four speeds', () => {
  test('is told in words that name the wheel, and is one tap from being evidence', async () => {
    const { garage, says } = await opened(drive([{ channel: 'rear-left', kind: 'drops', size: 0.1 }]));
    await says('Rear left drops out again and again');
    await says('readings a second');
    await until(() => expect(onBar()?.disabled).toBe(false));
    onBar()?.click();
    await until(async () => expect((await garage.job()).file.observations).toHaveLength(4));
    const { observations } = (await garage.job()).file;
    expect(observations[0]).toMatchObject({ kind: 'live', while: 'drive', channel: 'rear-left', finding: 'drops-out' });
    expect(observations[1]).toMatchObject({ finding: 'follows' });
    await until(() => expect(onBar()?.disabled).toBe(true));
  });
  test('findings are used one by one, and what was used is not used again', async () => {
    const { garage, press, says } = await opened(drive([{ channel: 'rear-left', kind: 'drops', size: 0.1 }]));
    await says('Rear left drops out');
    await press('use-rear-left');
    await until(async () => expect((await garage.job()).file.observations).toHaveLength(1));
    await press('use-sound');
    await until(async () => expect((await garage.job()).file.observations).toHaveLength(4));
    await until(() => expect(onBar()?.disabled).toBe(true));
  });
  test('of a sound car says so', async () => {
    const { says } = await opened(drive([]));
    await says('All wheels follow each other');
  });
  test('what is no recording is refused in words, and nothing is kept', async () => {
    const { garage, says } = await opened(new File(['hello\n'], 'people.csv'));
    await says('This file names no wheel in its first 50 lines');
    expect((await garage.job()).file.observations).toHaveLength(0);
  });
  test('columns that nobody can name are asked for, and remembered for the next file', async () => {
    const text = simulated({
      seed: 5,
      seconds: 60,
      hertz: 12,
      step: 0.1,
      isPolled: false,
      wrong: [{ channel: 'rear-left', kind: 'zero', size: 1 }],
    });
    const renamed = text.replace(/^.*\n/, 'when;a;b;c;d\n'.replaceAll(';', ','));
    const { screen, mark, press, says, choose } = await opened(new File([renamed], 'odd.csv'));
    await until(() => expect(mark('log-columns').exists()).toBe(true));
    for (const [at, role] of ['time', 'front-left', 'front-right', 'rear-left', 'rear-right'].entries())
      await mark(`column-${at}`).setValue(role);
    await press('columns-apply');
    await says('Rear left stays at zero while the car moves.');
    await choose(new File([renamed], 'odd2.csv'));
    await says('odd2.csv');
    await says('Rear left stays at zero while the car moves.');
    expect(screen.text()).not.toContain('What is each column?');
  });
  test('one after the repair is laid over the one before', async () => {
    const { mark, press, says, choose } = await opened(drive([{ channel: 'rear-left', kind: 'drops', size: 0.1 }]));
    await says('Rear left drops out');
    expect(mark('view-both').attributes('disabled')).toBeDefined();
    await press('view-after');
    await choose(drive([]));
    await says('All wheels follow each other');
    await press('view-both');
    await until(() => expect(mark('view-both').attributes('aria-pressed')).toBe('true'));
  });
});
