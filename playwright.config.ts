import { defineConfig } from '@playwright/test';
import { BROWSER } from './tools/browser.mjs';

const PORT = 4187;
/** Where the app with marked words is served. */
const MARKED_PORT = 4188;

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
  webServer: [
    {
      command: `node dist/server/main.mjs --port ${PORT} --exact`,
      url: `http://127.0.0.1:${PORT}/`,
      reuseExistingServer: false,
      gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
    },
    {
      command: `VITE_CONFIG_NATIVE_IGNORE_WARNING=true node node_modules/vite/bin/vite.js preview --outDir ../dist/marked --port ${MARKED_PORT} --strictPort --logLevel warn`,
      url: `http://127.0.0.1:${MARKED_PORT}/en/index.html`,
      reuseExistingServer: false,
      gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
    },
  ],
});
