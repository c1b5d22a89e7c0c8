import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser, type Page } from 'playwright-core';
import { BROWSER } from '../browser.mjs';

/** A browser with a profile of its own, as a process that can be killed. */

export interface KillableBrowser {
  readonly page: Page;
  /** Ends the browser as a power cut would. */
  readonly kill: () => Promise<void>;
  readonly close: () => Promise<void>;
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

async function addressOf(profile: string): Promise<string> {
  const file = join(profile, 'DevToolsActivePort');
  for (let tries = 0; tries < 200; tries += 1) {
    if (existsSync(file)) {
      const [port] = readFileSync(file, 'utf8').split('\n');
      if (port) return `http://127.0.0.1:${port}`;
    }
    await pause(50);
  }
  throw new Error('Chromium does not say its port');
}

function ended(child: ChildProcess): Promise<void> {
  return child.exitCode === null && child.signalCode === null
    ? new Promise((resolve) => child.once('exit', () => resolve()))
    : Promise.resolve();
}

const children = new Set<ChildProcess>();

/** Ends every browser that is still open, after a trial that failed in the middle. */
export function endBrowsers(): void {
  for (const { pid } of children) if (pid) process.kill(-pid, 'SIGKILL');
}

export const freshProfile = (): string => mkdtempSync(join(tmpdir(), 'zelf-profile-'));

/** Opens a browser on a profile; the same profile again has what the former one kept. */
export async function openBrowser(profile: string): Promise<KillableBrowser> {
  const words = ['--headless=new', '--no-sandbox', '--disable-gpu', '--no-first-run', '--remote-debugging-port=0'];
  const child = spawn(BROWSER, [...words, `--user-data-dir=${profile}`, 'about:blank'], {
    stdio: 'ignore',
    detached: true,
  });
  children.add(child);
  child.once('exit', () => children.delete(child));
  const browser: Browser = await chromium.connectOverCDP(await addressOf(profile));
  const [context] = browser.contexts();
  /* The loader of these scripts names functions by this. */
  await context?.addInitScript({ content: 'globalThis.__name ??= (made) => made' });
  const page = context?.pages()[0] ?? (await context?.newPage());
  if (!page) throw new Error('Chromium opened no page');
  const end = async (signal: NodeJS.Signals): Promise<void> => {
    const over = ended(child);
    process.kill(-(child.pid ?? 0), signal);
    await over;
    await browser.close().catch(() => undefined);
  };
  return { page, kill: () => end('SIGKILL'), close: () => end('SIGTERM') };
}
