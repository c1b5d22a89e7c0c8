import type { PhotoApi } from './photo.worker';
import type { Prepared } from './preparePhoto';
import { supervise } from './supervised';

/** Makes photographs fit to be kept, off the screen's thread. */
export interface PhotoClient {
  /** Null: it is no picture that this browser can read. */
  prepare(file: Blob): Promise<Prepared | null>;
}

const startWorker = (): Worker =>
  new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module', name: 'photos' });

/** A large photograph on a slow phone takes this long at most, in ms. */
const PATIENCE = { first: 30_000, second: 60_000 };

/** A worker for each batch would be started over and over: it is kept. */
export function createPhotoClient(): PhotoClient {
  const worker = supervise<PhotoApi>(startWorker, undefined, PATIENCE);
  return { prepare: (file) => worker.ask((remote) => remote.prepare(file)) };
}
