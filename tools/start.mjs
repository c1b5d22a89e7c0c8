import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { BUILDS } from './builds.mjs';
import { installPackages, run } from './install.mjs';

/** `npm start`: installs what is missing, builds what has changed, serves on loopback and says where. */
const SOURCES = ['app', 'bench', 'core', 'server', 'package-lock.json', 'vite.config.ts', 'vite.server.config.ts'];
const MARK = 'dist/.built-from';

function filesOf(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesOf(`${path}/${name}`));
}

function stateOfSources() {
  const hash = createHash('sha256');
  for (const file of SOURCES.filter(existsSync).flatMap(filesOf)) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

installPackages();
const state = stateOfSources();
if (!existsSync(MARK) || readFileSync(MARK, 'utf8') !== state) {
  console.log('Building …');
  for (const { words } of BUILDS) run('npx', ['--no-install', ...words]);
  writeFileSync(MARK, state);
}
const server = spawn(process.execPath, ['dist/server/main.mjs', ...process.argv.slice(2)], { stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
