import { afterEach, describe, expect, test, vi } from 'vitest';
import { startingFile, type Practice } from '../../../bench/practice/session';
import { readerFor, type Hello } from '../../../bench/reader/serve';
import { linkTo } from '../../../bench/reader/standInReader';
import { handsOn, layOut, show, until } from '../../testSupport';
import { browserTimer } from '../../workers/browserTimer';
import * as readerClient from '../../workers/readerClient';

/** The stand-in reader as its user works with it; its link is within this thread. */

afterEach(() => vi.restoreAllMocks());

function plugged(change: (hello: Hello) => Hello = (hello) => hello) {
  return vi.spyOn(readerClient, 'openLink').mockImplementation((hello) => {
    const { reader, plan } = readerFor(change(hello), () => 0);
    return Promise.resolve({ link: linkTo(reader, browserTimer, plan), via: 'worker' });
  });
}

async function atReader(level: Practice['level'] = 'easy') {
  const practice: Practice = { level, seed: 3, actions: [] };
  const { vehicle, observations } = startingFile(practice);
  const garage = await layOut(vehicle, { observations, practice });
  const { screen } = await show(garage, '/job/j/bench');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('stand-in-reader').exists()).toBe(true));
  const seen = async () => (await garage.job()).file.observations;
  return { garage, screen, seen, ...hands };
}

describe('the stand-in reader', () => {
  test('reads all modules, and records what they say', async () => {
    plugged();
    const { press, says, seen } = await atReader();
    const before = (await seen()).length;
    await press('reader-read');
    await says(/modules asked/);
    const found = (await seen()).slice(before);
    expect(found.length).toBeGreaterThan(3);
    expect(found.every((entry) => ['code', 'no-code', 'no-answer'].includes(entry.kind))).toBe(true);
  });
  test('whose plug slips out keeps what was read, and reads the rest', async () => {
    plugged((hello) => ({ ...hello, dropAfter: 3 }));
    const { press, says, seen } = await atReader();
    await press('reader-read');
    await says(/The link was lost/);
    const read = (await seen()).length;
    vi.restoreAllMocks();
    plugged((hello) => ({ ...hello, dropAfter: null }));
    await press('Plug in again, read the rest');
    await says(/modules asked/);
    expect((await seen()).length).toBeGreaterThan(read);
  });
  test('spins a wheel, and records what its number did', async () => {
    plugged((hello) => ({ ...hello, dropAfter: null }));
    const { press, says, seen } = await atReader('first');
    await press('reader-spin');
    await says('The finding is recorded.');
    expect((await seen()).at(-1)).toMatchObject({ kind: 'live', while: 'hand-spin' });
  });
  test('erases only once a code is recorded, and says what came back', async () => {
    plugged();
    const { press, says, seen, mark } = await atReader();
    expect(mark('reader-erase').attributes('disabled')).toBeDefined();
    await press('reader-read');
    await says(/modules asked/);
    if (!(await seen()).some((entry) => entry.kind === 'code')) return;
    await press('reader-erase');
    await says(/Erased, key on, a short drive/);
    expect((await seen()).at(-1)).toMatchObject({ kind: 'clear' });
  });
  test('that cannot be reached says so, and nothing is lost', async () => {
    vi.spyOn(readerClient, 'openLink').mockRejectedValue(new Error('the practice reader could not be started'));
    const { press, says, seen } = await atReader();
    const before = await seen();
    await press('reader-read');
    await says('The reader cannot be reached: the practice reader could not be started. Nothing was lost.');
    expect(await seen()).toEqual(before);
  });
});
