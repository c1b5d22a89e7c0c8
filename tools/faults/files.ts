import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { freshProfile, openBrowser } from './browser';
import { fuzzedFile } from './fuzz';
import type { Row } from './tabs';

/** Thousands of files gone wrong, in the browser and on the command line. */

const BATCH = 100;
/** A batch that takes longer hangs, in ms. */
const MOST_MS = 60_000;

function folderOf(files: number): { readonly folder: string; readonly paths: readonly string[] } {
  const folder = mkdtempSync(join(tmpdir(), 'zelf-fuzz-'));
  const paths = Array.from({ length: files }, (_none, at) => join(folder, `file-${at}.json`));
  paths.forEach((path, at) => writeFileSync(path, fuzzedFile(at)));
  return { folder, paths };
}

/** The longest frame since the last question, in ms. */
function longestFrame(page: Page): Promise<number> {
  return page.evaluate(() => {
    const state = window as unknown as { longest: number };
    const { longest } = state;
    state.longest = 0;
    return longest;
  });
}

/** Each file is refused or becomes a job; no frame takes longer than half a second, nothing throws. */
export async function filesInTheBrowser(origin: string, files = 2000): Promise<Row> {
  const { folder, paths } = folderOf(files);
  const profile = freshProfile();
  const { page, close } = await openBrowser(profile);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await page.goto(`${origin}/`);
  await page.locator('[data-vehicle="Tansy"]').waitFor();
  const before = await page.locator('.job').count();
  /* The page has come to rest before anything is measured. */
  await page.waitForTimeout(2000);
  await page.evaluate(() => {
    const state = Object.assign(window, { longest: 0 });
    let last = performance.now();
    const tick = (): void => {
      const now = performance.now();
      state.longest = Math.max(state.longest, now - last);
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  let [taken, refused, longest] = [0, 0, 0];
  for (let at = 0; at < files; at += BATCH) {
    await page.locator('[data-test="open-file"]').setInputFiles(paths.slice(at, at + BATCH));
    /* Handing so many files over is the driver's work, not the app's. */
    await longestFrame(page);
    const done = page.locator('.imports article').filter({ has: page.locator('h2, a') });
    const patience = performance.now() + MOST_MS;
    while ((await done.count()) < Math.min(BATCH, files - at)) {
      if (performance.now() > patience)
        throw new Error(`${await done.count()} of ${BATCH} files answered in ${MOST_MS} ms`);
      await page.waitForTimeout(50);
    }
    longest = Math.max(longest, await longestFrame(page));
    refused += await page.locator('[data-test="refused"]').count();
    taken += await page.locator('.imports a').count();
  }
  await page.waitForTimeout(500);
  const after = await page.locator('.job').count();
  await close();
  for (const path of [folder, profile]) rmSync(path, { recursive: true, force: true });
  const isGood = errors.length === 0 && longest < 500 && after - before === taken && taken + refused === files;
  return {
    what: `${files} fuzzed files in the browser`,
    result: `${refused} refused, ${taken} taken in, ${after - before} jobs more, longest frame ${longest.toFixed(0)} ms, ${errors.length} errors`,
    isGood,
  };
}

/** Each file gets its line; no stack trace, nothing slow. */
export function filesOnTheCommandLine(files = 500): Row {
  const { folder, paths } = folderOf(files);
  const began = performance.now();
  let [lines, traces, codes] = [0, 0, 0];
  for (let at = 0; at < files; at += BATCH) {
    const ran = spawnSync(
      process.execPath,
      ['--import', 'tsx', 'cli/main.ts', 'validate', ...paths.slice(at, at + BATCH)],
      {
        encoding: 'utf8',
        maxBuffer: 1 << 28,
      },
    );
    lines += ran.stdout.split('\n').filter(Boolean).length;
    traces += (ran.stdout + ran.stderr).split('\n').filter((line) => /^\s+at /.test(line)).length;
    codes += ran.status === 2 || ran.status === 0 ? 0 : 1;
  }
  rmSync(folder, { recursive: true, force: true });
  const each = (performance.now() - began) / files;
  return {
    what: `${files} fuzzed files on the command line`,
    result: `${lines} answers, ${traces} lines of a stack trace, ${each.toFixed(0)} ms a file`,
    isGood: lines === files && traces === 0 && codes === 0 && each < 500,
  };
}
