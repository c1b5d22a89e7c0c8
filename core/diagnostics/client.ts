import type { ObservationOf } from '../casefile/contract';
import type { Problem, Result } from '../casefile/problem';
import { MODULES, type Link, type ModuleName, type Timer } from './link';
import {
  clearCodes,
  codesIn,
  openSession,
  readAnswer,
  readCodes,
  readData,
  speedsIn,
  WHEEL_SPEEDS,
  type Message,
  type ReadCode,
} from './messages';

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
    this.finish(failure('cancelled', 'was cancelled'));
  }

  close(): void {
    this.link.close();
  }

  private lose(why: string): void {
    if (this.lost !== null) return;
    this.lost = why;
    this.finish(failure('link-lost', `the link was lost: ${why}. What was read so far is kept`));
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
      if (waiting.pendings > MOST_PENDING) this.finish(failure('too-busy', 'the module stays busy; try again later'));
      else waiting.stop = this.timer.after(PENDING_MS, () => this.giveUp());
    } else if (answer.is === 'refused') this.finish(failure('refused', `the module refuses: ${answer.words}`));
    else this.finish({ ok: true, value: answer.data });
  }

  private giveUp(): void {
    this.finish(failure('no-answer', 'the module does not answer'));
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
   * @param module who is asked. @param request the message. @returns the answer's data, or one problem: `no-answer`, `refused`, `too-busy`, `link-lost`, `cancelled`.
   */
  ask(module: ModuleName, request: Message): Promise<Result<Uint8Array>> {
    return new Promise((resolve) => {
      const start = (): void => {
        if (this.lost !== null) {
          resolve(failure('link-lost', `the link was lost: ${this.lost}. What was read so far is kept`));
          return;
        }
        this.waiting = {
          module: MODULES[module],
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

/**
 * Reads the codes of all modules in turn. A link lost on the way loses nothing: what was read is given back, and that it is not all.
 * @param client the client. @param modules who is asked, in order. @returns observations, ready to be kept.
 */
export async function sweep(
  client: DiagnosticClient,
  modules: readonly ModuleName[] = ['abs', 'engine', 'airbag', 'instruments'],
): Promise<Sweep> {
  const seen: Seen[] = [];
  const asked: ModuleName[] = [];
  for (const module of modules) {
    const read = await client.readCodes(module);
    const problem = read.ok ? null : read.problems[0];
    if (problem && (problem.code === 'link-lost' || problem.code === 'cancelled'))
      return { seen, asked, cut: problem.message };
    asked.push(module);
    if (!read.ok) seen.push({ kind: 'no-answer', module });
    else if (read.value.length === 0) seen.push({ kind: 'no-code', module });
    else seen.push(...read.value.map(({ code, status }) => ({ kind: 'code' as const, code, status, module })));
  }
  return { seen, asked, cut: null };
}
