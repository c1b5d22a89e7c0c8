import { analyse, type LogReport } from '../../core/livelog/analyse';
import type { Log, LogProblem } from '../../core/livelog/log';
import { observationsOf } from '../../core/livelog/observations';
import { LogReader } from '../../core/livelog/readLog';
import { curvesOf, type LogCurves } from '../../core/livelog/curves';
import { detailOf, type LogDetail } from '../../core/livelog/detail';
import type { Mapping, Preview } from '../../core/livelog/mapping';
import { seriesOf } from '../../core/livelog/series';

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
function wantedOf({ findings, sound }: LogReport, turnM: number): Parameters<typeof detailOf>[2] {
  const shown = findings.find(({ rhythm }) => rhythm) ?? findings[0];
  return { turnM, suspect: shown?.channel ?? null, scale: shown?.scale ?? 1, sound };
}

/** What is told while a recording is read. */
export interface LogNews {
  /** How much has been read, 0 to 1. */
  readonly share: (read: number) => void;
  /** Its curves, before it is judged. */
  readonly curves: (curves: LogCurves) => void;
}

/** What is known of a log that was read, its curves told on the way. */
function judge(log: Log, turnM: number, news: LogNews): Pick<LogAnswer, 'report' | 'observations' | 'detail'> {
  const series = seriesOf(log);
  const curves = curvesOf(series);
  news.curves(curves);
  const report = analyse(log, turnM, series);
  return { report, observations: observationsOf(report), detail: detailOf(series, curves, wantedOf(report, turnM)) };
}

/**
 * Reads and judges a recording, part by part.
 * @param file what was chosen. @param help what is known beside it. @param news is told what is known on the way.
 */
export async function readLogBlob(file: Blob, { mapping, turnM, marks }: LogHelp, news: LogNews): Promise<LogAnswer> {
  const reader = new LogReader(file.size, mapping);
  for (let at = 0; at < file.size; at += CHUNK) {
    reader.push(new Uint8Array(await file.slice(at, at + CHUNK).arrayBuffer()));
    news.share(Math.min(1, (at + CHUNK) / file.size));
  }
  const { log, problems, preview } = reader.end();
  return {
    columns: log?.columns ?? {},
    rows: log?.seconds.length ?? 0,
    seconds: log?.seconds.at(-1) ?? 0,
    ...(log ? judge({ ...log, marks }, turnM, news) : { report: null, observations: [], detail: null }),
    preview,
    problems,
  };
}
