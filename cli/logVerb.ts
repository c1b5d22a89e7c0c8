import { closeSync, openSync, readSync, fstatSync } from 'node:fs';
import { resolve } from 'node:path';
import { analyse } from '../core/livelog/analyse';
import { observationsOf } from '../core/livelog/observations';
import { LogReader } from '../core/livelog/readLog';
import { BadInput } from './input';
import type { Verb } from './verb';
import { texts } from '#words/cli';

const CHUNK = 1 << 20;
/** Stands before a unit that no header gave. */
const ASSUMED = 'assumed';

/** Reads a recording part by part: a file of any size needs no more memory than its columns. */
function read(name: string): ReturnType<LogReader['end']> {
  const path = resolve(process.env['INIT_CWD'] ?? process.cwd(), name);
  let file: number;
  try {
    file = openSync(path, 'r');
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    throw new BadInput(
      texts.fileTrouble(name, code === 'ENOENT' ? texts.thereIsNoSuch : texts.cannotBeRead(code ?? '')),
    );
  }
  try {
    const reader = new LogReader(fstatSync(file).size);
    for (;;) {
      const chunk = new Uint8Array(CHUNK);
      const many = readSync(file, chunk);
      if (many === 0) return reader.end();
      reader.push(chunk.subarray(0, many));
    }
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === undefined) throw error;
    throw new BadInput(texts.fileTrouble(name, texts.cannotBeRead(code)));
  } finally {
    closeSync(file);
  }
}

/** `log FILE.csv`: what a recording holds, what it shows of each wheel, and the observations that this amounts to. */
export const logVerb: Verb = {
  usage: texts.logFile,
  run(names, out) {
    const [name] = names;
    if (name === undefined || names.length > 1) throw new BadInput(texts.logNeedsOneFile);
    const { log, problems } = read(name);
    const report = log && analyse(log);
    out.line({
      columns: Object.fromEntries(
        Object.entries(log?.columns ?? {}).map(([role, column]) => [
          role,
          { header: column.header, unit: column.isAssumed ? [ASSUMED, column.unit].join(' ') : column.unit },
        ]),
      ),
      rows: log?.seconds.length ?? 0,
      seconds: log?.seconds.at(-1) ?? 0,
      samplesPerSecond: report?.samplesPerSecond ?? 0,
      findings: report?.findings ?? [],
      observations: report ? observationsOf(report) : [],
      limits: report?.limits ?? [],
      notes: report?.notes ?? [],
      problems,
    });
    const [first] = problems;
    if (!log && first) out.problem(texts.fileTrouble(name, first.message));
    return log ? 0 : 2;
  },
};
