import { analyse, type LogReport } from '../../core/livelog/analyse';
import type { Log, LogProblem } from '../../core/livelog/log';
import { observationsOf } from '../../core/livelog/observations';
import { LogReader } from '../../core/livelog/readLog';
import { detailOf, type LogDetail } from '../../core/livelog/detail';
import type { Mapping, Preview } from '../../core/livelog/mapping';

/** What a recording holds and shows; the columns themselves stay with the worker. */
export interface LogAnswer {
  readonly columns: Log['columns'];
  readonly rows: number;
  readonly seconds: number;
  readonly report: LogReport | null;
  readonly observations: ReturnType<typeof observationsOf>;
  readonly detail: LogDetail | null;
  readonly preview: Preview | null;
  readonly problems: readonly LogProblem[];
}

/** What is known beside the file. */
export interface LogHelp {
  readonly mapping: Mapping | null;
  /** Way of the tyre in one turn, m. */
  readonly turnM: number;
  readonly marks: Log['marks'];
}

const CHUNK = 1 << 20;

/** The gravest finding decides what is drawn large. */
function wantedOf({ findings, sound }: LogReport, turnM: number): Parameters<typeof detailOf>[1] {
  const shown = findings.find(({ rhythm }) => rhythm) ?? findings[0];
  return { turnM, suspect: shown?.channel ?? null, scale: shown?.scale ?? 1, sound };
}

/**
 * Reads and judges a recording, part by part.
 * @param file what was chosen. @param help what is known beside it. @param share is told how much has been read, 0 to 1.
 */
export async function readLogBlob(
  file: Blob,
  { mapping, turnM, marks }: LogHelp,
  share: (read: number) => void,
): Promise<LogAnswer> {
  const reader = new LogReader(file.size, mapping);
  for (let at = 0; at < file.size; at += CHUNK) {
    reader.push(new Uint8Array(await file.slice(at, at + CHUNK).arrayBuffer()));
    share(Math.min(1, (at + CHUNK) / file.size));
  }
  const { log: read, problems, preview } = reader.end();
  const log = read && { ...read, marks };
  const report = log && analyse(log, turnM);
  return {
    columns: log?.columns ?? {},
    rows: log?.seconds.length ?? 0,
    seconds: log?.seconds.at(-1) ?? 0,
    report,
    observations: report ? observationsOf(report) : [],
    detail: log && report && detailOf(log, wantedOf(report, turnM)),
    preview,
    problems,
  };
}
