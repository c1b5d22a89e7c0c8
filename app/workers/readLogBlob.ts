import { analyse, type LogReport } from '../../core/livelog/analyse';
import type { Log, LogProblem } from '../../core/livelog/log';
import { observationsOf } from '../../core/livelog/observations';
import { LogReader } from '../../core/livelog/readLog';
import { thinned, type Curves } from '../../core/livelog/thinned';

/** What a recording holds and shows; the columns themselves stay with the worker. */
export interface LogAnswer {
  readonly columns: Log['columns'];
  readonly rows: number;
  readonly seconds: number;
  readonly report: LogReport | null;
  readonly observations: ReturnType<typeof observationsOf>;
  readonly curves: Curves | null;
  readonly problems: readonly LogProblem[];
}

const CHUNK = 1 << 20;

/**
 * Reads and judges a recording, part by part.
 * @param file what was chosen. @param share is told how much has been read, 0 to 1.
 */
export async function readLogBlob(file: Blob, share: (read: number) => void): Promise<LogAnswer> {
  const reader = new LogReader(file.size);
  for (let at = 0; at < file.size; at += CHUNK) {
    reader.push(new Uint8Array(await file.slice(at, at + CHUNK).arrayBuffer()));
    share(Math.min(1, (at + CHUNK) / file.size));
  }
  const { log, problems } = reader.end();
  const report = log && analyse(log);
  return {
    columns: log?.columns ?? {},
    rows: log?.seconds.length ?? 0,
    seconds: log?.seconds.at(-1) ?? 0,
    report,
    observations: report ? observationsOf(report) : [],
    curves: log && thinned(log),
    problems,
  };
}
