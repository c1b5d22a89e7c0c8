import { describe, expect, test, vi } from 'vitest';
import { car } from '../../../tests/support/caseBuilder';
import { LADDERS } from '../../../core/knowledge/guide/ladders';
import { handsOn, layOut, show, until } from '../../testSupport';

const HERE = 'front-left';
const RUNGS = LADDERS['stuck-sensor'].rungs.length;

/** A guide for a new sensor, with so much of it done. */
async function guide(work: readonly string[], query = '') {
  const garage = await layOut(car('passive'), { work: work.map((step, at) => ({ id: `w${at}`, step })) });
  const { screen, router } = await show(garage, `/job/j/fix?repair=replaced:sensor&at=${HERE}${query}`);
  const bar = (name: string): HTMLElement | null => document.querySelector(`#own-bar [data-test="${name}"]`);
  const tap = async (name: string): Promise<void> => {
    await until(() => expect(bar(name)).not.toBeNull());
    bar(name)?.click();
  };
  const steps = async (): Promise<readonly string[]> => ((await garage.job()).file.work ?? []).map(({ step }) => step);
  return { garage, screen, router, bar, tap, steps, ...handsOn(screen) };
}
const UP_TO_BOLT = [
  'ignition-off',
  'chock',
  `nuts-cracked@${HERE}`,
  `raised@${HERE}`,
  `wheel-off@${HERE}`,
  `photo@${HERE}`,
  `plug-apart@${HERE}`,
  `clips-out@${HERE}`,
];
const UP_TO_SENSOR = [...UP_TO_BOLT, `bolt-out@${HERE}`];

describe('a sensor that does not come out', () => {
  test('each rung’s result stands in the file, and leads on', async () => {
    const { tap, says, steps, garage } = await guide(UP_TO_SENSOR);
    await tap('open-ladder');
    await says(`rung 1 of ${RUNGS}`);
    await tap('rung-no-change');
    await says(`rung 2 of ${RUNGS}`);
    await until(async () => expect(await steps()).toContain(`rung:clean-around:no-change@${HERE}`));
    const again = await show(garage, `/job/j/fix?repair=replaced:sensor&at=${HERE}`);
    await until(() => expect(again.screen.text()).toContain(`rung 2 of ${RUNGS}`));
  });
  test('out on a rung, the step is done and the guide goes on', async () => {
    const { tap, says, steps } = await guide([...UP_TO_SENSOR, `rung:clean-around:no-change@${HERE}`]);
    await tap('rung-out');
    await until(async () => expect(await steps()).toContain(`sensor-out@${HERE}`));
    await says('Scrape');
  });
  test('in pieces, it goes on at the drill, and says what is not in the hand yet', async () => {
    const { tap, says, mark, press, steps } = await guide(UP_TO_SENSOR);
    await tap('open-ladder');
    await tap('rung-broke');
    await says('Drill the core');
    await until(() => expect(mark('not-in-hand').text()).toContain('6 things'));
    await press('need-new-sensor');
    await until(() => expect(mark('not-in-hand').text()).toContain('5 things'));
    await until(async () => expect(await steps()).toContain(`have:new-sensor@${HERE}`));
    await press('need-new-sensor');
    await until(() => expect(mark('not-in-hand').text()).toContain('6 things'));
  });
  test('a bolt that sheared is saved by a ladder of its own, with the drills by thread', async () => {
    const tried = ['bolt-grip', 'bolt-warm', 'bolt-file', 'bolt-punch'].map((rung) => `rung:${rung}:no-change@${HERE}`);
    const { tap, says, steps, mark, press } = await guide([...UP_TO_SENSOR, ...tried]);
    await tap('open-ladder');
    await tap('rung-bolt-sheared');
    await says('The bolt is rounded or sheared');
    await until(async () => expect(await steps()).toContain(`rung:clean-around:bolt-sheared@${HERE}`));
    await press('open-rung-bolt-drill');
    await until(() => expect(mark('threads').text()).toContain('M6 × 1'));
    await tap('rung-out');
    await until(async () => expect(await steps()).toContain(`bolt-out@${HERE}`));
  });
});

describe('the timer', () => {
  test('is started when the wait begins, is kept, and rings once when it is over', async () => {
    vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'] });
    try {
      const { garage, press, says } = await guide([...UP_TO_SENSOR, `rung:clean-around:no-change@${HERE}`]);
      await says('Then wait 60 minutes');
      await press('timer-start');
      await says('of 60 minutes');
      await until(async () => expect((await garage.database.drafts.get('j.timer'))?.text).toMatch(/ 60 penetrant$/));
      vi.setSystemTime(Date.now() + 61 * 60_000);
      vi.advanceTimersByTime(1000);
      await says('Now try again');
    } finally {
      vi.useRealTimers();
    }
  });
});

describe('what the guide does not know', () => {
  test('what was taken off as well is put back on the way', async () => {
    const { press, write, says, steps, mark } = await guide([...UP_TO_BOLT]);
    await press('own-step');
    await write('splash shield', 'dust plate');
    await press('own-off');
    await until(async () => expect((await steps()).at(-1)).toMatch(/^own:.+@front-left$/));
    await says('Put back: dust plate');
    expect(mark('step-title').text()).toContain('bolt');
  });
  test('for the night all is put back, and by day what is needed is opened again', async () => {
    const { tap, says, steps, router, mark } = await guide(
      ['ignition-off', 'chock', `nuts-cracked@${HERE}`, `raised@${HERE}`, `wheel-off@${HERE}`],
      '&night=1',
    );
    await says('For the night');
    for (const seen of ['Put the wheel on', 'Lift the car', 'Tighten the wheel nuts']) {
      await until(() => expect(mark('step-title').text()).toContain(seen));
      await tap('step-done');
    }
    await says('the car can be driven');
    expect((await steps()).at(-1)).toBe(`wheel-torqued@${HERE}`);
    await router.push(`/job/j/fix?repair=replaced:sensor&at=${HERE}`);
    await until(() => expect(mark('step-title').text()).toContain('Jack up'));
    await tap('step-done');
    await until(async () => expect((await steps()).filter((step) => step === `raised@${HERE}`)).toHaveLength(2));
  });
});
