import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { installPackages, run } from './install.mjs';

/** `npm test`: installs what is missing, then types, lint, layering, unit tests, build and journeys; ends with one line of figures. */
const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';

function installBrowser() {
  if (existsSync(CHROMIUM)) return;
  if (process.getuid?.() !== 0) {
    console.error(
      `zelf: the journeys need Chromium at ${CHROMIUM}: install Debian's package "chromium", or name another with CHROMIUM=…`,
    );
    process.exit(1);
  }
  console.log('Installing Chromium (once) …');
  run('apt-get', ['update', '-qq']);
  run('apt-get', ['install', '-y', '-qq', 'chromium'], { stdio: ['ignore', 'ignore', 'inherit'] });
}

/** Runs one step, shows its output, and gives what it counted. */
function step(name, words, count) {
  const began = Date.now();
  console.log(`\n== ${name}`);
  const result = spawnSync('npx', ['--no-install', ...words], {
    encoding: 'utf8',
    maxBuffer: 1 << 28,
    env: { ...process.env, FORCE_COLOR: '0', NO_COLOR: '1' },
  });
  const output = `${result.stdout ?? ''}${result.stderr ?? ''}`
    .split('\n')
    .filter((line) => !line.startsWith('npm warn'))
    .join('\n');
  process.stdout.write(output);
  const ok = result.status === 0;
  console.log(`-- ${name}: ${ok ? 'ok' : 'FAILED'} in ${((Date.now() - began) / 1000).toFixed(1)} s`);
  return count?.(output, ok) ?? { passed: ok ? 1 : 0, failed: ok ? 0 : 1 };
}

/** Reads "N passed" and "N failed" out of a test runner's closing lines; a run that counts nothing has failed. */
function counted(pattern) {
  return (output, ok) => {
    const lines = output.split('\n').filter((line) => pattern.test(line));
    const sum = (word) =>
      lines.reduce((total, line) => total + Number(new RegExp(`(\\d+) ${word}`).exec(line)?.[1] ?? 0), 0);
    const passed = sum('passed');
    const failed = sum('failed');
    return { passed, failed: ok && passed > 0 ? failed : Math.max(1, failed) };
  };
}

installPackages();
installBrowser();
const results = [
  step('types', ['vue-tsc', '--build']),
  step('lint', ['eslint', '.', '--max-warnings', '0']),
  step('layering', [
    'depcruise',
    '--config',
    '.dependency-cruiser.cjs',
    'core',
    'app',
    'server',
    'cli',
    'tools',
    'journeys',
  ]),
  step('leftovers', ['knip']),
  step('unit', ['vitest', 'run', '--reporter=dot'], counted(/^\s*Tests\s/)),
  step('build', ['vite', 'build', '--logLevel', 'warn']),
  step('build of the server', ['vite', 'build', '--config', 'vite.server.config.ts', '--logLevel', 'warn']),
  step('journeys', ['playwright', 'test'], counted(/^\s*\d+ (passed|failed)/)),
];
const passed = results.reduce((sum, one) => sum + one.passed, 0);
const failed = results.reduce((sum, one) => sum + one.failed, 0);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
