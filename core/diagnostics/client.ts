import { fixed } from '../words/figures';
import type { ObservationOf } from '../casefile/contract';
import type { Problem, Result } from '../casefile/problem';
import { MODULES, READER, type Link, type ModuleName, type Timer } from './link';
import {
  clearCodes,
  codeBytes,
  codesIn,
  extendedIn,
  openSession,
  readAnswer,
  readCodes,
  readData,
  READER_WORDS,
  readExtended,
  readSnapshot,
  snapshotIn,
  speedsIn,
  WHEEL_SPEEDS,
  wordsIn,
  type CodeDetails,
  type Message,
  type ReadCode,
} from './messages';
import { texts } from '#words/core/diagnostics';

/** How long an answer may take (ISO 14229-2: P2 and, once pending, P2*), and how often a request is repeated. */
const ANSWER_MS = 600;
const PENDING_MS = 5_000;
const MOST_PENDING = 20;
const TRIES = 2;

interface Waiting {
  readonly module: number;
  readonly request: Message;
  readonly settle: (result: Result<Uint8Array>) => void;
  pendings: number;
  tries: number;
  stop: () => void;
}

function failure(code: string, message: string): { readonly ok: false; readonly problems: Problem[] } {
  return { ok: false, problems: [{ path: '', code, message }] };
}

/** Whether nothing more can be asked. */
function isOver({ problems }: { readonly problems: readonly Problem[] }): boolean {
  return problems.some((problem) => problem.code === 'link-lost' || problem.code === 'cancelled');
}

/** Asks modules over a link, one request at a time: retries, waits while they are busy, gives up in words. It has a life: the link's. */
export class DiagnosticClient {
  private waiting: Waiting | null = null;
  private queue: (() => void)[] = [];
  private lost: string | null = null;

  constructor(
    private readonly link: Link,
    private readonly timer: Timer,
  ) {
    link.onMessage((module, message) => this.hear(module, message));
    link.onLost((why) => this.lose(why));
  }

  /** Stops all that is under way; what was answered before stays answered. */
  cancel(): void {
    this.queue = [];
    this.finish(failure('cancelled', texts.wasCancelled));
  }

  close(): void {
    this.link.close();
  }

  private lose(why: string): void {
    if (this.lost !== null) return;
    this.lost = why;
    this.finish(failure('link-lost', texts.theLinkWasLost(why)));
    const rest = this.queue;
    this.queue = [];
    rest.forEach((start) => start());
  }

  private finish(result: Result<Uint8Array>): void {
    const { waiting } = this;
    if (!waiting) return;
    waiting.stop();
    this.waiting = null;
    waiting.settle(result);
    this.queue.shift()?.();
  }

  private hear(module: number, message: Uint8Array): void {
    const { waiting } = this;
    if (!waiting || waiting.module !== module) return;
    const answer = readAnswer(waiting.request, message);
    if (answer.is === 'stray') return;
    if (answer.is === 'pending') {
      waiting.pendings += 1;
      waiting.stop();
      if (waiting.pendings > MOST_PENDING) this.finish(failure('too-busy', texts.theModuleStaysBusy));
      else waiting.stop = this.timer.after(PENDING_MS, () => this.giveUp());
    } else if (answer.is === 'refused') this.finish(failure('refused', texts.theModuleRefuses(answer.words)));
    else this.finish({ ok: true, value: answer.data });
  }

  private giveUp(): void {
    this.finish(failure('no-answer', texts.theModuleDoesNot));
  }

  private transmit(): void {
    const { waiting } = this;
    if (!waiting) return;
    waiting.tries += 1;
    waiting.stop = this.timer.after(ANSWER_MS, () => (waiting.tries < TRIES ? this.transmit() : this.giveUp()));
    this.link.send(waiting.module, waiting.request);
  }

  /**
   * One request and its answer.
   * @param module who is asked; the reader itself for its own words. @param request the message. @returns the answer's data, or one problem: `no-answer`, `refused`, `too-busy`, `link-lost`, `cancelled`.
   */
  ask(module: ModuleName | 'reader', request: Message): Promise<Result<Uint8Array>> {
    return new Promise((resolve) => {
      const start = (): void => {
        if (this.lost !== null) {
          resolve(failure('link-lost', texts.theLinkWasLostWhat(this.lost)));
          return;
        }
        this.waiting = {
          module: module === 'reader' ? READER : MODULES[module],
          request,
          settle: resolve,
          pendings: 0,
          tries: 0,
          stop: () => undefined,
        };
        this.transmit();
      };
      if (this.waiting) this.queue.push(start);
      else start();
    });
  }

  async readCodes(module: ModuleName): Promise<Result<readonly ReadCode[]>> {
    const opened = await this.ask(module, openSession('extended'));
    if (!opened.ok && opened.problems[0]?.code !== 'refused') return opened;
    const answer = await this.ask(module, readCodes());
    return answer.ok ? { ok: true, value: codesIn(answer.value) } : answer;
  }

  /** What a module noted of one code; empty where it keeps nothing. Only a lost link is a problem. */
  async detailsOf(module: ModuleName, code: string): Promise<Result<CodeDetails>> {
    const bytes = codeBytes(code);
    if (!bytes) return { ok: true, value: {} };
    const extended = await this.ask(module, readExtended(bytes));
    if (!extended.ok && isOver(extended)) return extended;
    const snapshot = extended.ok ? await this.ask(module, readSnapshot(bytes)) : extended;
    if (!snapshot.ok && isOver(snapshot)) return snapshot;
    return {
      ok: true,
      value: {
        ...(extended.ok ? extendedIn(extended.value) : {}),
        ...(snapshot.ok ? snapshotIn(snapshot.value) : {}),
      },
    };
  }

  /** The reader's words: beside the wheel speeds, or beside the codes of the module read last. None where it has none. */
  async words(of: keyof typeof READER_WORDS): Promise<Result<readonly string[]>> {
    const answer = await this.ask('reader', readData(READER_WORDS[of]));
    if (answer.ok) return { ok: true, value: wordsIn(answer.value) };
    return isOver(answer) ? answer : { ok: true, value: [] };
  }

  async clearCodes(module: ModuleName): Promise<Result<true>> {
    const answer = await this.ask(module, clearCodes());
    return answer.ok ? { ok: true, value: true } : answer;
  }

  async wheelSpeeds(): Promise<Result<readonly (number | null)[]>> {
    const answer = await this.ask('abs', readData(WHEEL_SPEEDS));
    return answer.ok ? { ok: true, value: speedsIn(answer.value) } : answer;
  }
}

type Seen =
  Omit<ObservationOf<'code'>, 'id'> | Omit<ObservationOf<'no-code'>, 'id'> | Omit<ObservationOf<'no-answer'>, 'id'>;

/** What a sweep of all modules found, as observations, and how far it came. */
export interface Sweep {
  readonly seen: readonly Seen[];
  readonly asked: readonly ModuleName[];
  /** Why it ended early; null when all modules were asked. */
  readonly cut: string | null;
}

/** Words of what a module noted when it set a code; none where it noted nothing. */
function noteOf({ kmh, volt, celsius, occurrences }: CodeDetails): string {
  const parts = [
    ...(kmh === undefined || volt === undefined || celsius === undefined
      ? []
      : [texts.setAtKmH(Math.round(kmh), fixed(volt, 1), celsius)]),
    ...(occurrences !== undefined && occurrences > 1 ? [texts.cameTimes(occurrences)] : []),
  ];
  return parts.join('; ');
}

/** Why no more can be read; null where there is more to read. */
function cutBy(result: Result<unknown>): string | null {
  return !result.ok && isOver(result) ? (result.problems[0]?.message ?? texts.theLinkWasLostReason) : null;
}

/** The codes of one module as observations, with what the module noted and the reader prints; a link lost meanwhile leaves them bare. */
async function described(
  client: DiagnosticClient,
  module: ModuleName,
  codes: readonly ReadCode[],
): Promise<{ readonly seen: readonly Seen[]; readonly cut: string | null }> {
  const plain = codes.map(({ code, status }) => ({ kind: 'code' as const, code, status, module }));
  const words = codes.length > 0 ? await client.words('codes') : null;
  const printed = words?.ok ? words.value : [];
  const named = plain.map((seen, at) => ({ ...seen, ...(printed[at] ? { shownAs: printed[at] } : {}) }));
  if (words && !words.ok) return { seen: named, cut: cutBy(words) };
  const seen: Seen[] = [];
  for (const entry of named) {
    const details = await client.detailsOf(module, entry.code);
    if (!details.ok) return { seen: [...seen, ...named.slice(seen.length)], cut: cutBy(details) };
    const { odometer } = details.value;
    const note = noteOf(details.value);
    seen.push({ ...entry, ...(odometer === undefined ? {} : { odometer }), ...(note ? { note } : {}) });
  }
  return { seen, cut: null };
}

/** All modules that are asked, the brake module first. */
export const ALL_MODULES = Object.keys(MODULES) as readonly ModuleName[];

/**
 * Reads the codes of all modules in turn. A link lost on the way loses nothing: what was read is given back, and that it is not all.
 * @param client the client. @param modules who is asked, in order. @returns observations, ready to be kept.
 * @example sweep(CLIENT).then(({ seen, asked }) => [seen.length, asked.length]) // => [0,0]
 */
export async function sweep(client: DiagnosticClient, modules: readonly ModuleName[] = ALL_MODULES): Promise<Sweep> {
  const seen: Seen[] = [];
  const asked: ModuleName[] = [];
  for (const module of modules) {
    const read = await client.readCodes(module);
    const isCut = cutBy(read);
    if (isCut !== null) return { seen, asked, cut: isCut };
    asked.push(module);
    if (!read.ok) seen.push({ kind: 'no-answer', module });
    else if (read.value.length === 0) seen.push({ kind: 'no-code', module });
    else {
      const { seen: codes, cut } = await described(client, module, read.value);
      seen.push(...codes);
      if (cut !== null) return { seen, asked, cut };
    }
  }
  return { seen, asked, cut: null };
}
