import { expect, type Page } from '@playwright/test';
import {
  again,
  assessedRanking,
  byTest,
  exportJob,
  judged,
  openGarage,
  shownRanking,
  startJob,
  toStage,
  zelf,
  inKiloohm,
} from './support';
import { test } from './warm';

/** The tour job: Tansy's lamps after a flooded lane, from lamp to proof, with the page reloaded in every stage. */
test.describe.configure({ mode: 'serial' });

/** What the browser complains of meanwhile. */
function watched(page: Page): readonly string[] {
  const troubles: string[] = [];
  page.on('pageerror', (error) => troubles.push(error.message));
  page.on('console', (message) => message.type() === 'error' && troubles.push(message.text()));
  return troubles;
}

/** The job's file half way. */
let halfWay = '';

test('from lamp to the faulty sensor', async ({ page }) => {
  const troubles = watched(page);
  await test.step('Dash: lamps, pattern, lately', async () => {
    await startJob(page, 'Tansy');
    for (const lamp of ['ABS', 'Stability', 'Hill start'])
      await page.getByRole('button', { name: lamp, exact: true }).click();
    await page.getByRole('button', { name: 'steady, from key-on' }).click();
    await page.getByRole('button', { name: 'Flood or deep water' }).click();
    await page.getByRole('radio', { name: 'days ago' }).click();
    await page.getByRole('button', { name: 'Note: Flood or deep water' }).click();
    await expect(page.getByText('3 days before').first()).toBeVisible();
    await page.getByLabel('Battery at rest, volt').fill('12,58');
    await again(page);
    await expect(page.getByRole('button', { name: 'Hill start', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByLabel('Battery at rest, volt')).toHaveValue('12,58');
    await page.getByRole('button', { name: 'Keep' }).first().click();
    await expect(page.getByText('12.58 V').first()).toBeVisible();
    await judged(page);
    await expect(byTest(page, 'next-move')).toHaveText('Read the codes, all modules');
  });

  await test.step('Codes: record, erase, what returned', async () => {
    await page.keyboard.press('n');
    await expect(page.getByRole('heading', { name: 'What does the reader say?' })).toBeVisible();
    await byTest(page, 'codes-text').fill('what it showed\nABS\nC003A-01 right rear wheel speed sensor  current');
    await expect(page.getByText('rear right, circuit').first()).toBeVisible();
    await expect(page.getByText('line 1: what it showed')).toBeVisible();
    await again(page);
    await expect(byTest(page, 'codes-text')).toHaveValue(/C003A-01/);
    await byTest(page, 'record-codes').click();
    await expect(byTest(page, 'recorded-codes')).toContainText('C003A-01');
    await byTest(page, 'erased').click();
    await byTest(page, 'returned-at-key-on').click();
    await expect(byTest(page, 'clears')).toContainText('came back at key-on');
  });

  await test.step('Find: a reading points at the sensor', async () => {
    await toStage(page, 'Find');
    await judged(page);
    await again(page);
    await expect(page.getByRole('heading', { name: 'The signal path, rear right' })).toBeVisible();
    await page.getByRole('button', { name: /Why this/ }).click();
    await expect(byTest(page, 'answer-paths').locator('li').first()).toContainText('%');
    expect(await byTest(page, 'answer-paths').locator('li').count()).toBeGreaterThan(1);
    await page.keyboard.press('Escape');
    await expect(byTest(page, 'answer-paths')).toBeHidden();
    await page.keyboard.press('m');
    await expect(byTest(page, 'check-title')).toContainText('probes on its two pins');
    for (const key of ['0', '.', '3', '8'])
      await page.locator('.keypad').getByRole('button', { name: key, exact: true }).click();
    await inKiloohm(page);
    await page.getByLabel('Temperature of the part, °C').fill('9');
    await expect(byTest(page, 'verdict')).toContainText("Well below the manual's band");
    await again(page);
    await expect(byTest(page, 'reading')).toHaveText('0.38');
    await byTest(page, 'keep').click();
    await expect(byTest(page, 'evidence')).toContainText('380 Ω');
    await judged(page);
    const sensor = page.locator('[data-segment="sensor"]').first();
    await expect(sensor).toHaveAttribute('data-state', /at-fault|suspect/);
  });

  await test.step('what the interface believes is what the command line says', async () => {
    const shown = await shownRanking(page);
    const path = await exportJob(page);
    expect(zelf('validate', path)).toMatchObject({ code: 0, trouble: '' });
    expect(shown.length).toBeGreaterThan(4);
    expect(shown).toEqual(assessedRanking(path).slice(0, shown.length));
    expect(shown[0]).toMatchObject({ fault: 'sensor-short', channel: 'rear-right' });
    halfWay = path;
  });
  expect(troubles).toEqual([]);
});

test('from its file, on another device, through the repair to proof', async ({ page }) => {
  const troubles = watched(page);
  await test.step('the file is opened', async () => {
    await openGarage(page);
    await byTest(page, 'open-file').setInputFiles(halfWay);
    await expect(page.getByRole('heading', { name: 'The signal path, rear right' })).toBeVisible();
    await judged(page);
  });

  await test.step('Fix: step by step, then closed up backwards', async () => {
    await toStage(page, 'Fix');
    await page.getByRole('link', { name: 'Open the guide' }).first().click();
    await expect(byTest(page, 'step-title')).toContainText('chock');
    await followGuide(page);
    await byTest(page, 'record-repair').click();
  });

  await test.step('Prove: erase, spin, drive, read again', async () => {
    await expect(page.getByText('After: Sensor replaced, rear right.')).toBeVisible();
    for (const mark of ['proof-erase-clear', 'proof-spin-follows', 'proof-drive-stayed-out', 'proof-keep'])
      await byTest(page, mark).click();
    await expect(page.locator('.steps li.good')).toHaveCount(3);
    await again(page);
    await byTest(page, 'proof-re-read-none').click();
    await byTest(page, 'proof-lamps-out').click();
    await byTest(page, 'end-solved').click();
    await expect(byTest(page, 'ending')).toContainText('Solved');
    await again(page);
    await expect(byTest(page, 'ending')).toContainText('Solved');
    await judged(page);
  });

  await test.step('the finished file is right, and believed alike', async () => {
    const shown = await shownRanking(page);
    const path = await exportJob(page);
    expect(zelf('validate', path)).toMatchObject({ code: 0 });
    expect(shown).toEqual(assessedRanking(path).slice(0, shown.length));
    expect(shown[0]).toMatchObject({ fault: 'none', channel: null });
  });

  expect(troubles).toEqual([]);
});

/** Checks steps off until the guide is finished: a reload on the way, a step taken back, a sensor that will not move at first. */
async function followGuide(page: Page): Promise<void> {
  const seen: string[] = [];
  const title = byTest(page, 'step-title');
  for (let steps = 0; steps < 40; steps += 1) {
    if (await byTest(page, 'record-repair').isVisible()) break;
    const now = (await title.textContent()) ?? '';
    seen.push(now);
    if (seen.length === 4) {
      await again(page);
      await expect(title).toHaveText(now);
    }
    if (seen.length === 6) {
      await page.getByRole('button', { name: 'Back' }).click();
      await expect(title).toHaveText(seen[4] ?? '');
      await byTest(page, 'step-done').click();
      await expect(title).toHaveText(now);
    }
    const isStuck = now.startsWith('Pull the sensor');
    if (isStuck) await climbLadder(page);
    await byTest(page, isStuck ? 'rung-out' : 'step-done').click();
    await expect(async () => {
      const isDone = await byTest(page, 'record-repair').isVisible();
      /* Not waiting for a title: after the last step there is none. */
      expect(isDone || (await title.allTextContents())[0] !== now).toBe(true);
    }).toPass();
  }
  const order = [
    'Push the sensor in',
    'Start the sensor',
    'Put the lead into every clip',
    'Push the plug together',
    'Put the wheel on',
    'Lift the car',
  ].map((text) => seen.findIndex((one) => one.startsWith(text)));
  expect(order.every((one) => one >= 0)).toBe(true);
  expect(order).toEqual([...order].sort((a, b) => a - b));
}

/** The space bar never says that it moved, neither on the step nor on a rung. */
async function climbLadder(page: Page): Promise<void> {
  await page.keyboard.press('Space');
  await expect(byTest(page, 'step-title')).toContainText('Pull the sensor');
  await page.getByRole('button', { name: 'It will not move' }).click();
  await expect(byTest(page, 'step-title')).toContainText('Clean around');
  await page.keyboard.press('Space');
  await byTest(page, 'rung-no-change').click();
  await expect(byTest(page, 'step-title')).toContainText('Penetrant');
  await byTest(page, 'timer-start').click();
  await expect(byTest(page, 'timer')).toContainText('of 60 minutes');
  await again(page);
  await expect(byTest(page, 'step-title')).toContainText('Penetrant');
  await expect(byTest(page, 'timer')).toContainText('It rings at');
}
