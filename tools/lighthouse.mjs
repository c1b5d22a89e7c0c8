import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { spawn, spawnSync } from 'node:child_process';
import { pathToFileURL } from 'node:url';
import { BROWSER } from './browser.mjs';

/**
 * `npm run lighthouse`: the main views on a desktop and on a slow phone, the median of three runs each; the index says how fast this machine was meanwhile.
 * `FIRST=1` measures the stages, too, in a browser that has nothing yet.
 * Lighthouse is large and wanted seldom: it is installed beside the project when it is asked for, not with it.
 */
const FOLDER = '.tmp/lighthouse';
const PORT = 4191;
const RUNS = Number(process.env['RUNS'] ?? 3);
/** Where a visit begins, in a browser that has nothing yet; then the stages, in one that has been here: nobody has a job before. */
const VIEWS = {
  garage: '/',
  dash: '/#/job/pebble-new/dash',
  find: '/#/job/tansy-flooded/find',
  fix: '/#/job/tansy-flooded/fix',
  prove: '/#/job/pebble-loom/prove',
  notebook: '/#/job/pebble-loom/notebook',
  handbook: '/#/handbook',
};
/** How many times a phone is slower than this machine: 4 is Lighthouse's own, meant for a machine of index 1,500 to 2,000. */
const SLOWED = Number(process.env['SLOWED'] ?? 4);
const CATEGORIES = ['performance', 'accessibility', 'best-practices'];
const LEAST = { desktop: 98, phone: 90 };

if (!existsSync(`${FOLDER}/node_modules/lighthouse`)) {
  mkdirSync(FOLDER, { recursive: true });
  writeFileSync(`${FOLDER}/package.json`, '{"private":true,"overrides":{"third-party-web":"0.27.0"}}');
  spawnSync('npm', ['i', '--no-audit', '--no-fund', 'lighthouse@12.8.2', 'chrome-launcher@1.2.1'], {
    cwd: FOLDER,
    stdio: 'inherit',
  });
}
const require = createRequire(`${process.cwd()}/${FOLDER}/package.json`);
const load = (name) => import(pathToFileURL(require.resolve(name)).href);
const { default: lighthouse, desktopConfig } = await load('lighthouse');
const { throttling } = await load('lighthouse/core/config/constants.js');
const { launch } = await load('chrome-launcher');

const server = spawn(process.execPath, ['dist/server/main.mjs', '--port', String(PORT), '--exact'], {
  stdio: 'ignore',
});
const browser = await launch({
  chromePath: BROWSER,
  chromeFlags: ['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-sync'],
});
const phoneConfig = {
  extends: 'lighthouse:default',
  settings: { throttling: { ...throttling.mobileSlow4G, cpuSlowdownMultiplier: SLOWED } },
};
const median = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
const wanted = process.argv.slice(2);
let below = 0;
/* Whoever ends this ends the browser too: one that is left behind takes a third of a core. */
process.on('SIGTERM', () => {
  server.kill();
  browser.kill();
  process.exit(1);
});
try {
  for (const [name, address] of Object.entries(VIEWS).filter(([view]) => wanted.length === 0 || wanted.includes(view)))
    for (const device of ['desktop', 'phone']) {
      const scores = [];
      const indexes = [];
      const failed = new Set();
      const isReturning = name !== 'garage' && !process.env['FIRST'];
      const options = {
        port: browser.port,
        onlyCategories: CATEGORIES,
        logLevel: 'error',
        disableStorageReset: isReturning,
      };
      const config = device === 'desktop' ? desktopConfig : phoneConfig;
      if (isReturning) await lighthouse(`http://127.0.0.1:${PORT}/`, options, config);
      for (let run = 0; run < RUNS; run += 1) {
        const result = await lighthouse(`http://127.0.0.1:${PORT}${address}`, options, config);
        scores.push(CATEGORIES.map((category) => Math.round(100 * (result?.lhr.categories[category]?.score ?? 0))));
        indexes.push(result?.lhr.environment.benchmarkIndex ?? 0);
        for (const { id, score, scoreDisplayMode } of Object.values(result?.lhr.audits ?? {}))
          if (score !== null && score < 0.9 && ['binary', 'numeric', 'metricSavings'].includes(scoreDisplayMode))
            failed.add(id);
      }
      const medians = CATEGORIES.map((_category, at) => median(scores.map((row) => row[at] ?? 0)));
      below += medians.filter((score) => score < LEAST[device]).length;
      console.log(
        `${name.padEnd(9)} ${device.padEnd(8)} index ${median(indexes)}  ${CATEGORIES.map((category, at) => `${category} ${medians[at]}`).join('  ')}  ${[...failed].join(' ')}`,
      );
    }
} finally {
  await browser.kill();
  server.kill();
}
console.log(
  below === 0 ? 'all at their goals' : `${below} below their goals (desktop ${LEAST.desktop}, phone ${LEAST.phone})`,
);
process.exitCode = below === 0 ? 0 : 1;
