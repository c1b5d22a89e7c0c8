// @vitest-environment node
import { afterEach, describe, expect, test, vi } from 'vitest';
import { expose } from 'comlink';
import { caseOf, car } from '../../tests/support/caseBuilder';
import { createAdviserClient } from './adviserClient';
import { runTrial, debriefInWorker } from './benchClient';
import { createFilesClient } from './filesClient';
import { readBlob } from './readBlob';
import { MOST_BYTES } from '../../core/casefile/read';
import { supervise, WorkerTrouble, type Supervised } from './supervised';

/** What a worker offers in these tests. */
interface Api {
  hold(name: string): Promise<void>;
  double(value: number): number | Promise<number>;
}

const never = new Promise<never>(() => undefined);
const good: Api = { hold: () => Promise.resolve(), double: (value) => 2 * value };

/** A worker within this thread: the two ends of a channel. */
function workerWith(api: object): Worker & { fail(message: string): void; isEnded: boolean } {
  const { port1, port2 } = new MessageChannel();
  expose(api, port2);
  const listeners: ((event: object) => void)[] = [];
  const listen = port1.addEventListener.bind(port1);
  return Object.assign(port1, {
    isEnded: false,
    terminate() {
      (this as unknown as { isEnded: boolean }).isEnded = true;
      port1.close();
    },
    addEventListener(type: string, heard: (event: object) => void, options?: object) {
      if (type === 'error') listeners.push(heard);
      else listen(type as 'message', heard as never, options);
    },
    fail: (message: string) => listeners.forEach((heard) => heard({ message, preventDefault: () => undefined })),
  }) as never;
}

/** Workers one after the other, and what was said of them. */
function withWorkers(...makers: (() => Worker)[]) {
  const said: string[] = [];
  const started: Worker[] = [];
  const supervised = supervise<Api>(
    () => {
      const worker = (makers[Math.min(started.length, makers.length - 1)] as () => Worker)();
      started.push(worker);
      return worker;
    },
    { restarted: (why) => said.push(why.fault), recovered: () => said.push('recovered') },
    { first: 80, second: 160 },
  );
  return { supervised, said, started };
}

const double = (supervised: Supervised<Api>): Promise<number> => supervised.ask((remote) => remote.double(21));

describe('a supervised worker', () => {
  test('that works is started once and asked often', async () => {
    const { supervised, said, started } = withWorkers(() => workerWith(good));
    expect([await double(supervised), await double(supervised)]).toEqual([42, 42]);
    expect([started.length, said]).toEqual([1, []]);
    supervised.end();
  });
  test('that hangs is ended, said, and another one asked', async () => {
    const stuck = workerWith({ ...good, double: () => never });
    const { supervised, said } = withWorkers(
      () => stuck,
      () => workerWith(good),
    );
    expect(await double(supervised)).toBe(42);
    expect(said).toEqual(['hung', 'recovered']);
    expect(stuck.isEnded).toBe(true);
  });
  test('that throws is said, and another one asked', async () => {
    const throwing = () => {
      throw new Error('no such corner');
    };
    const { supervised, said } = withWorkers(
      () => workerWith({ ...good, double: throwing }),
      () => workerWith(good),
    );
    expect(await double(supervised)).toBe(42);
    expect(said).toEqual(['threw', 'recovered']);
  });
  test('whose program is gone is said, and another one asked', async () => {
    const { supervised, said, started } = withWorkers(
      () => workerWith({ ...good, double: () => never }),
      () => workerWith(good),
    );
    const answer = double(supervised);
    (started[0] as ReturnType<typeof workerWith>).fail('404');
    expect(await answer).toBe(42);
    expect(said).toEqual(['gone', 'recovered']);
  });
  test('that cannot be started at all fails with words', async () => {
    const { supervised, said } = withWorkers(() => {
      throw new Error('no workers here');
    });
    await expect(double(supervised)).rejects.toMatchObject({ fault: 'gone', message: 'no workers here' });
    expect(said).toEqual(['gone']);
  });
  test('that fails twice is given up, and tried afresh when asked again', async () => {
    const stuck = () => workerWith({ ...good, double: () => never });
    const { supervised, said } = withWorkers(stuck, stuck, () => workerWith(good));
    await expect(double(supervised)).rejects.toBeInstanceOf(WorkerTrouble);
    expect(await double(supervised)).toBe(42);
    expect(said).toEqual(['hung']);
  });
});

describe('a worker that is killed', () => {
  afterEach(() => vi.unstubAllGlobals());
  test('is noticed by its lock, long before patience ends', async () => {
    const waiting = new Map<string, () => void>();
    const locks = {
      request: (name: string, _options: object, then: () => Promise<void>) =>
        new Promise<void>((resolve) => waiting.set(name, () => void then().then(resolve))),
    };
    vi.stubGlobal('navigator', { locks });
    const said: string[] = [];
    let count = 0;
    const supervised = supervise<Api>(
      () => workerWith((count += 1) === 1 ? { ...good, double: () => never } : good),
      { restarted: (why) => said.push(why.fault), recovered: () => undefined },
      { first: 60_000, second: 60_000 },
    );
    const answer = double(supervised);
    await vi.waitFor(() => expect(waiting.size).toBe(1));
    waiting.forEach((free) => free());
    expect(await answer).toBe(42);
    expect(said).toEqual(['died']);
  });
});

/** Looks after a worker that works at once, in this thread. */
const inThread = <A>(api: A): Supervised<A> => ({
  ask: (work) => work(api as never),
  end: () => undefined,
});

describe('the adviser’s client', () => {
  const file = caseOf(car('passive'), [{ kind: 'lamps', lit: ['abs'] }]);
  test('an older question’s answer or failure is void once a newer one was asked', async () => {
    const answers: { resolve: (value: unknown) => void; reject: (why: Error) => void }[] = [];
    const api = { assess: () => new Promise((resolve, reject) => answers.push({ resolve, reject })) };
    const client = createAdviserClient(undefined, inThread(api) as never);
    const [first, second, third] = [client.assess(file), client.assess(file), client.assess(file)];
    answers[0]?.resolve('old');
    answers[1]?.reject(new Error('old trouble'));
    answers[2]?.resolve('new');
    expect(await Promise.all([first, second, third])).toEqual([null, null, 'new']);
  });
  test('the newest question’s failure is told', async () => {
    const api = { assess: () => Promise.reject(new WorkerTrouble('hung', 'no answer')) };
    const client = createAdviserClient(undefined, inThread(api) as never);
    await expect(client.assess(file)).rejects.toMatchObject({ fault: 'hung' });
  });
});

describe('files', () => {
  const text = JSON.stringify(caseOf(car('passive'), []));
  const unpack = (): Promise<never> => Promise.reject(new Error('torn'));
  const pack = (): Promise<Uint8Array<ArrayBuffer>> => Promise.resolve(new Uint8Array(3));
  const client = createFilesClient(() =>
    inThread({ hold: () => Promise.resolve(), read: readBlob, unpack, pack, folder: pack }),
  );
  const read = (blob: Blob, cancel = new AbortController().signal) => client.read(blob, () => undefined, cancel);

  test('a back-up that its worker cannot read is refused with the reason; one that is far too large is not even opened', async () => {
    expect(await client.unpack(new Blob(['x']))).toMatchObject({ ok: false, problems: [{ code: 'cannot-read' }] });
    const huge = { size: 513 * 1024 * 1024 } as Blob;
    expect(await client.unpack(huge)).toMatchObject({ ok: false, problems: [{ code: 'too-long' }] });
    expect(await client.pack({ vehicles: [], jobs: [], photos: [] })).toHaveLength(3);
  });
  test('a case file is read, and its progress told', async () => {
    const shares: number[] = [];
    const result = await readBlob(new Blob([text]), (share) => shares.push(share));
    expect(result.ok).toBe(true);
    expect(shares.at(-1)).toBe(1);
  });
  test.each([
    ['bytes that are no UTF-8', new Blob([Uint8Array.of(0x7b, 0xff, 0xfe)]), 'not-utf-8'],
    ['nothing', new Blob([]), 'empty'],
    ['another JSON', new Blob(['{"format":"other"}']), 'format'],
    ['a truncated file', new Blob([text.slice(0, -3)]), 'not-json'],
  ])('%s is refused', async (_name, blob, code) => {
    const result = await read(blob);
    expect(result.ok ? 'ok' : result.problems[0]?.code).toBe(code);
  });
  test('what is too large is refused before any of it is read', async () => {
    const huge = {
      size: MOST_BYTES + 1,
      stream: () => {
        throw new Error('read');
      },
    } as unknown as Blob;
    expect(await read(huge)).toMatchObject({ ok: false, problems: [{ code: 'too-long' }] });
  });
  test('a reading can be cancelled, and a worker that fails is a problem, not an exception', async () => {
    const over = new AbortController();
    const stuck = createFilesClient(() => inThread({ read: () => never }) as never);
    const result = stuck.read(new Blob([text]), () => undefined, over.signal);
    over.abort();
    expect(await result).toMatchObject({ problems: [{ code: 'cancelled' }] });
    const broken = createFilesClient(
      () => inThread({ read: () => Promise.reject(new WorkerTrouble('died', 'it was ended')) }) as never,
    );
    expect(await broken.read(new Blob([text]), () => undefined, new AbortController().signal)).toMatchObject({
      problems: [{ code: 'cannot-read' }],
    });
  });
});

describe('the bench’s client', () => {
  const cars = (from: number, to: number) =>
    Promise.resolve(Array.from({ length: to - from }, (_none, at) => from + at));
  const hire = () => inThread({ cars }) as never;
  test('a trial is shared out and put together in order', async () => {
    const notice: number[] = [];
    const trial = runTrial(7, 1, (done) => notice.push(done), hire);
    expect(await trial.done).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(notice.at(-1)).toBe(7);
  });
  test('stopped, it gives what is there', async () => {
    const trial = runTrial(1000, 1, () => trial.stop(), hire);
    expect((await trial.done).length).toBeLessThan(10);
  });
  test('a worker that cannot be had ends it with its reason', async () => {
    const broken = () => inThread({ cars: () => Promise.reject(new WorkerTrouble('gone', '404')) }) as never;
    await expect(runTrial(4, 1, () => undefined, broken).done).rejects.toMatchObject({ fault: 'gone' });
    await expect(
      debriefInWorker(
        { level: 'easy', seed: 1, actions: [] },
        inThread({ debrief: () => Promise.reject(new WorkerTrouble('hung', 'late')) }) as never,
      ),
    ).rejects.toMatchObject({ fault: 'hung' });
  });
});
