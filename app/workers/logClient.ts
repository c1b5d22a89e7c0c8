import { proxy } from 'comlink';
import type { LogApi } from './log.worker';
import type { LogAnswer, LogHelp, LogNews } from './readLogBlob';
import { supervise, WorkerTrouble, type Supervised } from './supervised';
import { texts } from '#words/shared/app';

/** Reads recordings off the screen's thread. */
export interface LogClient {
  /**
   * Reads and judges a recording.
   * @param file what was chosen. @param help what is known beside it. @param news is told what is known on the way. @param cancel ends it.
   * @returns what it holds and shows; what could not be read is a problem, too.
   */
  read(file: Blob, help: LogHelp, news: LogNews, cancel: AbortSignal): Promise<LogAnswer>;
}

const startWorker = (): Worker =>
  new Worker(new URL('./log.worker.ts', import.meta.url), { type: 'module', name: 'log' });

/** A million rows take some seconds on a slow phone. */
const PATIENCE = { first: 120_000, second: 120_000 };

const nothing = (message: string): LogAnswer => ({
  columns: {},
  rows: 0,
  seconds: 0,
  report: null,
  observations: [],
  detail: null,
  preview: null,
  problems: [{ line: 0, message }],
});

/** Reads each recording in a worker of its own, which is ended afterwards. @param hire gives a worker; other ones for tests. */
export function createLogClient(
  hire: () => Supervised<LogApi> = () => supervise<LogApi>(startWorker, undefined, PATIENCE),
): LogClient {
  return {
    async read(file, help, news, cancel) {
      const worker = hire();
      const cancelled = new Promise<LogAnswer>((resolve) =>
        cancel.addEventListener('abort', () => resolve(nothing(texts.wasNotReadTo))),
      );
      const read = worker
        .ask((remote) => remote.read(file, help, proxy(news)))
        .catch((error: unknown) =>
          nothing(texts.cannotBeRead(error instanceof WorkerTrouble ? error.message : String(error))),
        );
      try {
        return await Promise.race([read, cancelled]);
      } finally {
        worker.end();
      }
    },
  };
}
