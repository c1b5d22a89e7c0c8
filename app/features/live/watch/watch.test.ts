import { afterEach, describe, expect, test, vi } from 'vitest';
import { startingFile, type Practice } from '../../../../bench/practice/session';
import { readerFor } from '../../../../bench/reader/serve';
import { linkTo } from '../../../../bench/reader/standInReader';
import { handsOn, layOut, show, until } from '../../../testSupport';
import { browserTimer } from '../../../workers/browserTimer';
import * as readerClient from '../../../workers/readerClient';

/** Speeds watched live on a practice car; the reader is within this thread. */

afterEach(() => vi.restoreAllMocks());

async function watching() {
  const plug = vi.spyOn(readerClient, 'openLink').mockImplementation((hello) => {
    const { reader, plan } = readerFor({ ...hello, dropAfter: null }, () => 0);
    return Promise.resolve({ link: linkTo(reader, browserTimer, plan), via: 'worker' });
  });
  const practice: Practice = { level: 'easy', seed: 3, actions: [] };
  const { vehicle, observations } = startingFile(practice);
  const garage = await layOut(vehicle, { observations, practice });
  const { screen } = await show(garage, '/job/j/find/watch');
  const hands = handsOn(screen);
  /* What hangs at the foot of the window stands outside the screen. */
  const bar = (name: string) => document.querySelector<HTMLElement>(`[data-test="${name}"]`);
  const begin = (): void => bar('watch-begin')?.click();
  await until(() => expect(bar('watch-begin')).not.toBeNull());
  return { ...hands, plug, bar, begin, screen };
}

describe('watching live', () => {
  test('a drive that is begun while the reader still answers the spin begins', async () => {
    const { begin, bar, mark, press, says, plug } = await watching();
    begin();
    await says(/times a second/);
    await press('mode-drive');
    begin();
    await until(() => expect(bar('mark-bend')).not.toBeNull());
    bar('mark-bend')?.click();
    await until(() => expect(mark('marks').text()).toContain('Bend'));
    expect(plug.mock.calls.map(([hello]) => hello.course)).toEqual(['spin', 'drive']);
  });
  test('a second tap on Begin makes no second link to stay behind', async () => {
    const { begin, bar, press, says } = await watching();
    begin();
    begin();
    await says(/times a second/);
    await press('mode-drive');
    await until(() => expect(bar('watch-begin')).not.toBeNull());
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(bar('watch-begin')).not.toBeNull();
  });
});
