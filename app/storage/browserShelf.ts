import { openDatabase } from './database';
import { dexieShelf } from './dexieShelf';
import type { Shelf } from './shelf';

/** The shelf in this browser. */
export const browserShelf = (): Shelf => dexieShelf(openDatabase());
