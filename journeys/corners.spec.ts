import { expect } from '@playwright/test';
import { again, byTest, judged, startJob, toStage } from './support';
import { test } from './warm';

test('crossed corner names: spinning every wheel settles them, and the code moves to its true corner', async ({
  page,
}) => {
  await startJob(page, 'Tansy');
  await toStage(page, 'Codes');
  await byTest(page, 'codes-text').fill('C0034-13 current');
  await byTest(page, 'record-codes').click();
  await expect(byTest(page, 'recorded-codes')).toContainText('front right');
  await judged(page);
  await expect(page.locator('[data-corner="front-right"]')).toContainText('at fault');
  await expect(byTest(page, 'spin-next')).toHaveText('front left');
  await byTest(page, 'shown-front-right').click();
  await expect(byTest(page, 'spin-next')).toHaveText('rear left');
  await byTest(page, 'shown-rear-right').click();
  for (const [spun, shown] of [
    ['front right', 'front-left'],
    ['rear right', 'rear-left'],
  ]) {
    await expect(byTest(page, 'spin-next')).toHaveText(spun as string);
    await byTest(page, `shown-${shown}`).click();
  }
  await expect(byTest(page, 'corner-verdict')).toContainText('left and right crossed');
  await expect(byTest(page, 'recorded-codes')).toContainText('front left');
  await again(page);
  await expect(byTest(page, 'corner-verdict')).toContainText('left and right crossed');
  await judged(page);
  await expect(page.locator('[data-corner="front-left"]')).toContainText('at fault');
});
