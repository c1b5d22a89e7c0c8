import { expect, test, type Page } from '@playwright/test';
import { build } from 'vite';
import { again, byTest, judged, openGarage, startFor } from './support';

/** What can fail behind the screens: said, recovered from, and nothing lost. */

const trouble = (page: Page) => byTest(page, 'storage-trouble');

/** The browser's storage fails in a way from the next page on, until `window.mend()`. */
function breakStore(page: Page, way: 'absent' | 'failing' | 'full'): Promise<unknown> {
  return page.addInitScript((kind) => {
    const state = window as unknown as { isBroken: boolean; mend: () => void };
    state.isBroken = sessionStorage.getItem('broken') !== 'no';
    state.mend = () => {
      state.isBroken = false;
      sessionStorage.setItem('broken', 'no');
    };
    const refuse = (name: string): never => {
      throw new DOMException('not now', name);
    };
    /* eslint-disable @typescript-eslint/unbound-method -- called on what they are called on */
    const { open } = IDBFactory.prototype;
    const { put } = IDBObjectStore.prototype;
    /* eslint-enable */
    if (kind === 'absent')
      IDBFactory.prototype.open = function (...given) {
        return state.isBroken ? refuse('SecurityError') : open.apply(this, given);
      };
    else
      IDBObjectStore.prototype.put = function (...given) {
        return state.isBroken
          ? refuse(kind === 'full' ? 'QuotaExceededError' : 'UnknownError')
          : put.apply(this, given);
      };
  }, way);
}

const mend = (page: Page): Promise<void> => page.evaluate(() => (window as unknown as { mend: () => void }).mend());

test('the storage contract holds on the browser’s own IndexedDB', async ({ page }) => {
  const built = await build({
    configFile: false,
    logLevel: 'error',
    build: { write: false, lib: { entry: 'app/storage/contractPage.ts', formats: ['iife'], name: 'contract' } },
  });
  const [{ output }] = built as unknown as [{ output: [{ code: string }] }];
  await page.route('**/contract.html', (route) =>
    route.fulfill({ contentType: 'text/html', body: '<!doctype html><script src="/contract.js"></script>' }),
  );
  await page.route('**/contract.js', (route) =>
    route.fulfill({ contentType: 'text/javascript', body: output[0].code }),
  );
  await page.goto('/contract.html');
  const results = await page.evaluate(() =>
    (window as unknown as { runContract: () => Promise<Record<string, string>> }).runContract(),
  );
  expect(Object.entries(results).filter(([, outcome]) => outcome !== 'kept')).toEqual([]);
  expect(Object.keys(results).length).toBeGreaterThan(10);
});

test.describe('the storage', () => {
  test('is absent: said, never an empty garage; work goes on without it, and is said not to be stored', async ({
    page,
  }) => {
    await breakStore(page, 'absent');
    await page.goto('/');
    await expect(trouble(page)).toContainText('does not let Zelf store anything');
    await expect(page.locator('.vehicle')).toHaveCount(0);
    await expect(byTest(page, 'add-vehicle')).toHaveCount(0);
    await byTest(page, 'without-storage').click();
    await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
    await expect(byTest(page, 'memory-only')).toContainText('Nothing is stored');
    await startFor(page, 'Tansy').click();
    await page.getByRole('button', { name: 'ABS', exact: true }).click();
    await expect(page.getByRole('button', { name: 'ABS', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await judged(page);
  });
  test('is absent at first: tried again, the garage is there', async ({ page }) => {
    await breakStore(page, 'absent');
    await page.goto('/');
    await expect(trouble(page)).toBeVisible();
    await mend(page);
    await byTest(page, 'try-again').click();
    await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
    await expect(trouble(page)).toBeHidden();
  });
  for (const [way, words] of [
    ['full', 'no room left'],
    ['failing', 'reports an error'],
  ] as const)
    test(`is ${way} in the middle of a job: said, saved as a file with the last entry, tried again`, async ({
      page,
    }) => {
      await page.addInitScript(() => sessionStorage.getItem('broken') ?? sessionStorage.setItem('broken', 'no'));
      await breakStore(page, way);
      await openGarage(page);
      await page.goto('/#/job/pebble-new/dash');
      await expect(page.getByRole('heading', { name: 'What is lit?' })).toBeVisible();
      await page.evaluate(() => Object.assign(window, { isBroken: true }));
      await page.getByRole('button', { name: 'ABS', exact: true }).click();
      await expect(trouble(page)).toContainText(words);
      const [download] = await Promise.all([page.waitForEvent('download'), byTest(page, 'save-what-is-left').click()]);
      const chunks: Buffer[] = [];
      for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
      const saved = JSON.parse(Buffer.concat(chunks).toString()) as {
        observations: { kind: string; lit?: string[] }[];
      };
      expect(saved.observations.findLast((one) => one.kind === 'lamps')?.lit).toContain('abs');
      await mend(page);
      await byTest(page, 'try-again').click();
      await expect(trouble(page)).toBeHidden();
      await again(page);
      await expect(page.getByRole('button', { name: 'ABS', exact: true })).toHaveAttribute('aria-pressed', 'true');
    });
  test('is of a newer version: said, left as it is, and all of it can be saved', async ({ page }) => {
    await page.route('**/blank.html', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }));
    await page.goto('/blank.html');
    await page.evaluate(
      () =>
        new Promise<void>((resolve) => {
          const request = indexedDB.open('zelf', 900);
          request.onupgradeneeded = () =>
            request.result.createObjectStore('jobs', { keyPath: 'id' }).put({ id: 'later', words: 'of a later Zelf' });
          request.onsuccess = () => {
            request.result.close();
            resolve();
          };
        }),
    );
    await page.goto('/');
    await expect(trouble(page)).toContainText('newer version of Zelf');
    const [download] = await Promise.all([page.waitForEvent('download'), byTest(page, 'save-what-is-left').click()]);
    const chunks: Buffer[] = [];
    for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
    expect(JSON.parse(Buffer.concat(chunks).toString())).toMatchObject({
      version: 900,
      tables: { jobs: [{ id: 'later', words: 'of a later Zelf' }] },
    });
  });
  test('is changed by a newer version in another tab: the old tab says so, and what it was about to keep can be saved', async ({
    page,
    context,
  }) => {
    await openGarage(page);
    await page.goto('/#/job/pebble-new/dash');
    await expect(page.getByRole('button', { name: 'ABS', exact: true })).toBeVisible();
    const later = await context.newPage();
    await later.route('**/blank.html', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }));
    await later.goto('/blank.html');
    const isChanged = await later.evaluate(
      () =>
        new Promise<boolean>((resolve) => {
          const request = indexedDB.open('zelf', 900);
          request.onupgradeneeded = () => request.result.createObjectStore('ofLater');
          request.onblocked = () => resolve(false);
          request.onsuccess = () => resolve(true);
        }),
    );
    expect(isChanged, 'the old tab lets go of the storage by itself').toBe(true);
    await page.getByRole('button', { name: 'Stability', exact: true }).click();
    await expect(trouble(page)).toContainText('newer version of Zelf');
    const [download] = await Promise.all([page.waitForEvent('download'), byTest(page, 'save-what-is-left').click()]);
    const chunks: Buffer[] = [];
    for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
    const saved = Buffer.concat(chunks).toString();
    expect(saved).toContain('Pebble');
    expect(saved).toContain('stability');
  });
  test('is held by another tab: said, and there once that one lets go', async ({ page, context }) => {
    const holder = await context.newPage();
    await holder.route('**/blank.html', (route) =>
      route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }),
    );
    await holder.goto('/blank.html');
    await holder.evaluate(
      () =>
        new Promise<void>((resolve) => {
          const request = indexedDB.open('zelf', 2);
          request.onsuccess = () => {
            Object.assign(window, { held: request.result });
            resolve();
          };
        }),
    );
    await page.goto('/');
    await expect(trouble(page)).toContainText('does not answer', { timeout: 12_000 });
    await holder.close();
    await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
    await expect(trouble(page)).toBeHidden();
  });
});

/** The adviser's worker goes wrong in a way, the first time or always. */
function breakAdviser(page: Page, way: 'hangs' | 'throws' | 'missing'): Promise<unknown> {
  return page.addInitScript((kind) => {
    const Real = Worker;
    let isFirst = true;
    const bad = {
      hangs: 'onmessage = () => { for (;;); }',
      throws: 'throw new Error("broken")',
      missing: '',
    }[kind];
    window.Worker = class extends Real {
      constructor(url: string | URL, options?: WorkerOptions) {
        const isBad = isFirst && options?.name === 'adviser';
        if (isBad) isFirst = false;
        super(
          isBad ? (kind === 'missing' ? '/assets/gone-worker.js' : `/bad-worker.js?${encodeURIComponent(bad)}`) : url,
          isBad ? { name: 'adviser' } : options,
        );
        if (options?.name === 'adviser') Object.assign(window, { adviser: this });
      }
    };
  }, way);
}

test.describe('the adviser', () => {
  for (const way of ['hangs', 'throws', 'missing'] as const)
    test(`${way}: said, started again, advice up to date`, async ({ page }) => {
      await page.route('**/bad-worker.js*', (route) =>
        route.fulfill({
          contentType: 'text/javascript',
          body: decodeURIComponent(new URL(route.request().url()).search.slice(1)),
        }),
      );
      await breakAdviser(page, way);
      await openGarage(page);
      await page.goto('/#/job/pebble-new/dash');
      await expect(page.getByText('The adviser had stopped. It was started again')).toBeVisible({ timeout: 15_000 });
      await expect(byTest(page, 'adviser-trouble')).toBeHidden();
      await expect(byTest(page, 'next-move')).not.toHaveText('Working out the next move');
    });
  test('is killed while it waits: noticed at once at the next entry', async ({ page }) => {
    await page.addInitScript(() => {
      const Real = Worker;
      window.Worker = class extends Real {
        constructor(url: string | URL, options?: WorkerOptions) {
          super(url, options);
          if (options?.name === 'adviser') Object.assign(window, { adviser: this });
        }
      };
    });
    await openGarage(page);
    await page.goto('/#/job/pebble-new/dash');
    await judged(page);
    await page.evaluate(() => (window as unknown as { adviser: Worker }).adviser.terminate());
    await page.getByRole('button', { name: 'ABS', exact: true }).click();
    await expect(page.getByText('The adviser had stopped. It was started again')).toBeVisible({ timeout: 3000 });
    await judged(page);
  });
  test('cannot be had at all: said with a way on, its advice marked as old, entries stored', async ({ page }) => {
    await page.addInitScript(() => {
      const Real = Worker;
      window.Worker = class extends Real {
        constructor(url: string | URL, options?: WorkerOptions) {
          if (options?.name === 'adviser' && 'isShort' in window) throw new Error('no memory for workers');
          super(url, options);
          if (options?.name === 'adviser') Object.assign(window, { adviser: this });
        }
      };
    });
    await openGarage(page);
    await page.goto('/#/job/pebble-new/dash');
    await judged(page);
    await page.evaluate(() => {
      Object.assign(window, { isShort: true });
      (window as unknown as { adviser: Worker }).adviser.terminate();
    });
    await page.getByRole('button', { name: 'ABS', exact: true }).click();
    await expect(byTest(page, 'adviser-trouble')).toContainText('no memory for workers');
    await expect(byTest(page, 'stale')).toBeVisible();
    await page.evaluate(() => delete (window as { isShort?: boolean }).isShort);
    await byTest(page, 'ask-again').click();
    await expect(byTest(page, 'adviser-trouble')).toBeHidden();
    await expect(byTest(page, 'stale')).toBeHidden();
    await page.reload();
    await expect(page.getByRole('button', { name: 'ABS', exact: true })).toHaveAttribute('aria-pressed', 'true');
  });
});

test('a part of the program that is gone after an update is said, with the way to the new one', async ({ page }) => {
  await openGarage(page);
  await page.route('**/assets/FixPage*.js', (route) => route.fulfill({ status: 404, body: 'Not found.' }));
  await page.goto('/#/job/pebble-new/dash');
  await judged(page);
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: 'Fix' }).click();
  await expect(byTest(page, 'new-version')).toContainText('new version of Zelf');
});

test('a damaged job stands in the garage as such; the others work; it is mended or removed', async ({ page }) => {
  await openGarage(page);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('zelf');
        request.onsuccess = () => {
          const writing = request.result.transaction('jobs', 'readwrite');
          const jobs = writing.objectStore('jobs');
          const reading = jobs.get('pebble-new');
          reading.onsuccess = () => {
            jobs.put({ ...(reading.result as object), id: 'hopeless', file: null });
            jobs.put({ ...(reading.result as object), id: 'soft', title: 7 });
          };
          writing.oncomplete = () => {
            request.result.close();
            resolve();
          };
          writing.onerror = () => reject(new Error('not written'));
        };
      }),
  );
  await page.reload();
  await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
  await expect(byTest(page, 'damaged')).toHaveCount(2);
  await byTest(page, 'mend').click();
  await expect(byTest(page, 'damaged')).toHaveCount(1);
  await expect(page.getByRole('link', { name: /repaired job/ })).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), byTest(page, 'remove-damaged').click()]);
  expect(download.suggestedFilename()).toBe('damaged-jobs.json');
  await expect(byTest(page, 'damaged')).toHaveCount(0);
});
