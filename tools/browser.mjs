import { existsSync } from 'node:fs';

/** Debian's Chromium without a window starts and draws in three quarters of the time; the one with a window does, too. */
const KNOWN = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** The package of the first. */
export const BROWSER_PACKAGE = 'chromium-headless-shell';

/** The browser of the journeys, the pictures and the measurements; another with `CHROMIUM=…`. */
export const BROWSER = process.env.CHROMIUM ?? KNOWN.find((path) => existsSync(path)) ?? KNOWN[0];
