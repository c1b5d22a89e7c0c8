import { expect, type Page } from '@playwright/test';
import { byTest, exportJob, openGarage, zelf } from './support';
import { readFileSync } from 'node:fs';
import { test } from './warm';

/** Hands on: what happens on the driveway while a guide is open. */

const title = (page: Page) => byTest(page, 'step-title');

async function guide(page: Page, job: string, repair: string, at: string, more = ''): Promise<void> {
  await openGarage(page);
  await page.goto(`/#/job/${job}/fix?repair=${repair}&at=${at}${more}`);
  await expect(title(page)).toBeVisible();
}

/** Marks steps done until one begins with these words. */
async function upTo(page: Page, words: string): Promise<void> {
  for (let steps = 0; steps < 40; steps += 1) {
    const now = (await title(page).textContent()) ?? '';
    if (now.startsWith(words)) return;
    await byTest(page, 'step-done').click();
    await expect(title(page)).not.toHaveText(now);
  }
  throw new Error(`the guide has no step "${words}"`);
}

/** The same to the very end. */
async function toTheEnd(page: Page): Promise<void> {
  for (let steps = 0; steps < 40 && (await title(page).isVisible()); steps += 1) {
    const now = (await title(page).textContent()) ?? '';
    await byTest(page, 'step-done').click();
    await expect(page.getByRole('heading', { name: now, exact: true })).toBeHidden();
  }
}

interface Saved {
  readonly work: readonly { readonly step: string; readonly undone?: boolean }[];
  readonly repairs: readonly { readonly action: string; readonly segment: string }[];
  readonly fasteners: readonly { readonly name: string; readonly back?: number; readonly leftOut?: boolean }[];
}

async function saved(page: Page): Promise<Saved> {
  const path = await exportJob(page);
  expect(zelf('validate', path)).toMatchObject({ code: 0, trouble: '' });
  return JSON.parse(readFileSync(path, 'utf8')) as Saved;
}

test('stuck on the differential: sheared bolt, own step, a night in between, one clip left over', async ({ page }) => {
  await guide(page, 'pebble-loom', 'replaced:sensor', 'rear-axle');
  await expect(byTest(page, 'how-long')).toBeVisible();
  await upTo(page, 'Take the lead out');
  await byTest(page, 'note-fasteners').click();
  await byTest(page, 'step-done').click();
  await byTest(page, 'own-step').click();
  await byTest(page, 'own-words').fill('exhaust hanger');
  await byTest(page, 'own-off').click();
  await upTo(page, "Take the sensor's bolt");
  await byTest(page, 'open-ladder').click();
  await byTest(page, 'rung-no-change').click();
  await expect(title(page)).toHaveText('Soak and warm');
  await byTest(page, 'rung-out').click();
  await expect(title(page)).toContainText('Pull the sensor');
  await byTest(page, 'open-ladder').click();
  await byTest(page, 'rung-no-change').click();
  await byTest(page, 'timer-start').click();
  await expect(byTest(page, 'timer')).toContainText('It rings at');

  await page.getByRole('button', { name: 'Back to the step' }).click();
  await byTest(page, 'night').click();
  await expect(page.getByText('Put back: exhaust hanger')).toBeVisible();
  await toTheEnd(page);
  await expect(page.getByRole('heading', { name: 'All is back: the car can be driven' })).toBeVisible();
  await page.close();

  const next = await page.context().newPage();
  await next.goto('/#/job/pebble-loom/fix?repair=replaced:sensor&at=rear-axle');
  await upTo(next, 'Penetrant');
  await byTest(next, 'rung-out').click();
  await toTheEnd(next);
  await byTest(next, 'record-repair').click();
  const file = await saved(next);
  const raised = file.work.filter(({ step }) => step === 'raised@rear-axle');
  expect(raised.map(({ undone }) => undone)).toEqual([true, true]);
  expect(file.work.map(({ step }) => step)).toContain('rung:bolt-grip:no-change@rear-axle');
  expect(file.repairs.at(-1)).toMatchObject({ action: 'replaced', segment: 'sensor' });
  expect(file.fasteners).toMatchObject([{ name: 'lead clips' }]);
});

test('before the wheel goes on, the clip that is left over is named', async ({ page }) => {
  await guide(page, 'bertie-deaf', 'replaced:sensor', 'front-left');
  await upTo(page, 'Take the lead out');
  await byTest(page, 'note-fasteners').click();
  await upTo(page, 'Put the wheel on');
  await expect(byTest(page, 'missing')).toContainText('2 lead clips missing');
  await byTest(page, 'missing').getByRole('button', { name: 'One more is back in' }).click();
  await expect(byTest(page, 'missing')).toContainText('1 lead clips missing');
  await byTest(page, 'missing').getByRole('button', { name: 'All back in' }).click();
  await expect(byTest(page, 'missing')).toBeHidden();
});

test('a lead is mended with a piece set in, by the way that was chosen', async ({ page }) => {
  await guide(page, 'bertie-deaf', 'repaired-wire:lead', 'front-left');
  await upTo(page, 'Clean dark copper');
  await byTest(page, 'timer-start').click();
  await upTo(page, 'Set a piece in');
  await upTo(page, 'Slide the sleeve');
  await byTest(page, 'way-crimp').click();
  await expect(byTest(page, 'way-crimp')).toHaveAttribute('aria-pressed', 'true');
  await upTo(page, 'Measure each mended wire');
  await toTheEnd(page);
  await byTest(page, 'record-repair').click();
  expect((await saved(page)).work.map(({ step }) => step)).toContain('piece-set-in@front-left');
});

test('a spacer says what it costs, and the job keeps the day to look at it again', async ({ page }) => {
  await guide(page, 'bertie-deaf', 'spaced:gap', 'front-left');
  await upTo(page, 'Lay the spacer');
  await expect(byTest(page, 'spacer')).toContainText('of the signal is left');
  await toTheEnd(page);
  await byTest(page, 'record-repair').click();
  await expect(page).toHaveURL(/\/prove/);
  await page.goto('/');
  await expect(page.locator('[data-vehicle="Bertie"]')).toContainText("Look at the sensor's tip for fresh marks");
  const [download] = await Promise.all([page.waitForEvent('download'), byTest(page, 'calendar').click()]);
  expect(download.suggestedFilename()).toBe('zelf-reminders.ics');
});

test('a rear bearing unit: the hub nut has its own ladder, and its torque comes last', async ({ page }) => {
  await guide(page, 'bertie-deaf', 'replaced:gap', 'rear-left');
  await upTo(page, 'Crack the hub nut');
  await byTest(page, 'open-ladder').click();
  await expect(title(page)).toHaveText('Free the nut');
  await byTest(page, 'rung-out').click();
  await upTo(page, 'Tighten the wheel nuts');
  for (let click = 0; click < 10; click += 1) await byTest(page, 'nut-clicked').click();
  await expect(byTest(page, 'star')).toContainText('All nuts have clicked twice');
  await upTo(page, 'Tighten the new hub nut');
  await toTheEnd(page);
  await byTest(page, 'record-repair').click();
  await expect(page).toHaveURL(/prove/);
});

test('with gloves: every target of a step but words to be explained is 64 px at least, and the whole guide goes by space bar and edges', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await guide(page, 'bertie-deaf', 'reseated:plug', 'front-left');
  let steps = 0;
  for (; steps < 30 && (await title(page).isVisible()); steps += 1) {
    const now = (await title(page).textContent()) ?? '';
    const small = await page
      .locator('.guide button:not(.term):visible, .guide a.tap:visible, #own-bar button:visible, #own-bar a:visible')
      .evaluateAll((all) =>
        all
          .map((target) => ({ words: target.textContent ?? '', box: target.getBoundingClientRect() }))
          .filter(({ box }) => Math.round(box.height) < 64)
          .map(({ words }) => words),
      );
    expect(small, now).toEqual([]);
    if (steps % 2 === 0) await byTest(page, 'edge-on').click();
    else await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { name: now, exact: true })).toBeHidden();
    if (steps === 3) {
      await byTest(page, 'edge-back').click();
      await expect(title(page)).toHaveText(now);
      await page.keyboard.press('Space');
      await expect(title(page)).not.toHaveText(now);
    }
  }
  expect(steps).toBeGreaterThan(6);
  await expect(byTest(page, 'record-repair')).toBeVisible();
});
