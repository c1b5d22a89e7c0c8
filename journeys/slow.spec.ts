import { expect } from '@playwright/test';
import { thirtySeen } from '../tests/support/thirtySeen';
import { ADVISED, PARTS, SlowPhone, UNFELT, VIEW } from './slowTour';
import { test } from './warm';

/** What the machine does beside it makes a task longer, never shorter: the shortest of some goes is the page's own. */
const GOES = 4;
const BUSY = 'the machine is too busy to measure anything';

for (const steps of PARTS)
  test(`on a phone's processor no tap is felt: ${steps.map(({ what }) => what).join(', ')}`, async ({ page }) => {
    const phone = await SlowPhone.of(page);
    for (const step of steps) {
      const most = step.isView ? VIEW : UNFELT;
      let least = Infinity;
      for (let go = 0; go < GOES && least > most; go += 1) {
        if (go > 0) await phone.adjust();
        least = Math.min(least, (await phone.take(step)).longest);
      }
      test.skip(least > most && !(await phone.isSteady()), BUSY);
      expect(least, step.what).toBeLessThanOrEqual(most);
    }
  });

test('on a phone’s processor the adviser has answered before anybody wonders', async ({ page }) => {
  const phone = await SlowPhone.of(page);
  const took = await phone.adviserTakes(thirtySeen(), 9);
  test.skip(took > ADVISED && !(await phone.isSteady()), BUSY);
  expect(took).toBeLessThanOrEqual(ADVISED);
});
