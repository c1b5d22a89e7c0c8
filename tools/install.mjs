import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

/** Runs a command in the open; stops everything when it fails. */
export function run(command, words, options = {}) {
  const result = spawnSync(command, words, { stdio: 'inherit', ...options });
  if (result.error) console.error(`zelf: ${command} could not be started: ${result.error.message}`);
  if (result.status !== 0) process.exit(result.status ?? 1);
}

/** Installs the packages that the lock file names, unless they are there already. */
export function installPackages() {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  const mark = 'node_modules/.zelf-installed';
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  console.log('Installing packages (a minute or two, once) …');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(mark, lock);
}
