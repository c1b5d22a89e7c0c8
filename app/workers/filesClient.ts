import { proxy } from 'comlink';
import type { CaseFile } from '../../core/casefile/contract';
import type { Problem, Result } from '../../core/casefile/problem';
import { MOST_BUNDLE_BYTES, type Bundle, type PackedFile } from '../storage/intake';
import type { FilesApi } from './files.worker';
import { supervise, WorkerTrouble, type Supervised } from './supervised';
import { texts } from '#words/shared/app';
import { texts as bundleTexts } from '#words/shared/bundle';

/** Reads files off the screen's thread. */
export interface FilesClient {
  /**
   * Reads and checks a case file.
   * @param file what was chosen. @param told the share that has been read, 0 to 1. @param cancel ends it.
   * @returns the case file or what is wrong with it; cancelled and unreadable files are problems, too.
   */
  read(file: Blob, message: (share: number) => void, cancel: AbortSignal): Promise<Result<CaseFile>>;
  /** Reads a back-up: whole, or not at all. */
  unpack(file: Blob): Promise<Result<Bundle>>;
  /** Vehicles, jobs and pictures as the bytes of a back-up. @throws WorkerTrouble when it cannot be made. */
  pack(bundle: Bundle): Promise<Uint8Array<ArrayBuffer>>;
  /** Files as the bytes of one ZIP file. @throws WorkerTrouble when it cannot be made. */
  folder(files: readonly PackedFile[]): Promise<Uint8Array<ArrayBuffer>>;
}

const startWorker = (): Worker =>
  new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module', name: 'files' });

/** A large file on a slow phone takes this long at most, in ms. */
const PATIENCE = { first: 60_000, second: 60_000 };

const refused = (code: string, message: string): { readonly ok: false; readonly problems: Problem[] } => ({
  ok: false,
  problems: [{ path: '', code, message }],
});

/**
 * Reads each file in a worker of its own, which is ended afterwards.
 * @param hire gives a worker; other ones for tests.
 */
export function createFilesClient(
  hire: () => Supervised<FilesApi> = () => supervise<FilesApi>(startWorker, undefined, PATIENCE),
): FilesClient {
  const cannotBeRead = (error: unknown): Result<never> =>
    refused('cannot-read', texts.cannotBeRead(error instanceof WorkerTrouble ? error.message : String(error)));

  /** Each work in a worker of its own, which is ended afterwards. */
  async function alone<T>(work: (worker: Supervised<FilesApi>) => Promise<T>): Promise<T> {
    const worker = hire();
    try {
      return await work(worker);
    } finally {
      worker.end();
    }
  }

  return {
    unpack: (file) =>
      file.size > MOST_BUNDLE_BYTES
        ? Promise.resolve(refused('too-long', bundleTexts.tooLarge))
        : alone((worker) => worker.ask((remote) => remote.unpack(file) as Promise<Result<Bundle>>).catch(cannotBeRead)),
    folder: (files) => alone((worker) => worker.ask((remote) => remote.folder(files))),
    pack: (bundle) => alone((worker) => worker.ask((remote) => remote.pack(bundle))),
    async read(file, message, cancel) {
      const worker = hire();
      const cancelled = new Promise<Result<CaseFile>>((resolve) =>
        cancel.addEventListener('abort', () => resolve(refused('cancelled', texts.wasNotReadTo))),
      );
      const read: Promise<Result<CaseFile>> = worker
        .ask((remote) => remote.read(file, proxy(message)) as Promise<Result<CaseFile>>)
        .catch(cannotBeRead);
      try {
        return await Promise.race([read, cancelled]);
      } finally {
        worker.end();
      }
    },
  };
}
