import { BUILDS } from './builds.mjs';
import { run } from './install.mjs';

/** `npm run build`: the app in each language, and the server. */
for (const { words } of BUILDS) run('npx', ['--no-install', ...words]);
