import { defineConfig } from '@playwright/test';
import { BROWSER } from './tools/browser.mjs';

const PORT = 4187;

export default defineConfig({
  testDir: 'journeys',
  workers: 2,
  timeout: 90_000,
  /* Where a whole landing hangs on it, what fails is tried twice more, and told as flaky; by hand it fails at once. */
  retries: process.env['CI'] ? 2 : 0,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: BROWSER,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `node dist/server/main.mjs --port ${PORT} --exact`,
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
  },
});
