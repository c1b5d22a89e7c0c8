import { expect, test } from 'vitest';
import { TANSY } from '../../bench/practice/sampleCars';
import type { Hello } from '../../bench/reader/serve';
import { ALL_MODULES, DiagnosticClient, sweep } from '../../core/diagnostics/client';
import type { Link, Timer } from '../../core/diagnostics/link';

/** Time as it is, for what really waits. */
export const realTimer: Timer = {
  now: () => performance.now(),
  after: (ms, call) => {
    const running = setTimeout(call, ms);
    return () => clearTimeout(running);
  },
};

const HELLO: Hello = {
  practice: { level: 'first', seed: 3, actions: [] },
  spun: null,
  motion: null,
  course: null,
  dropAfter: null,
};

/** What every way to the reader must keep: the same words for socket and worker. */
export function linkContract(open: (hello: Hello) => Promise<Link>): void {
  const connect = async (more: Partial<Hello> = {}): Promise<DiagnosticClient> =>
    new DiagnosticClient(await open({ ...HELLO, ...more }), realTimer);

  test('codes of all modules are read', async () => {
    const client = await connect();
    const { seen, cut } = await sweep(client);
    expect(cut).toBeNull();
    expect(seen[0]).toMatchObject({ kind: 'code', module: 'abs' });
    expect((seen[0] as { code: string }).code).toMatch(/^C003A/);
    expect(seen[0]).toMatchObject({ shownAs: 'rear-right' });
    expect((seen[0] as { odometer?: number }).odometer).toBeGreaterThan(1000);
    expect(seen.slice(1).map((seen) => seen.kind)).toEqual(ALL_MODULES.slice(1).map(() => 'no-code'));
    client.close();
  });
  test('a link lost half-way keeps what was read and says so', async () => {
    const client = await connect({ dropAfter: 7 });
    const { seen, asked, cut } = await sweep(client);
    expect(cut).toContain('the plug slipped out');
    expect(asked).toEqual(['abs', 'engine']);
    expect(seen).toHaveLength(2);
    expect(await client.readCodes('abs')).toMatchObject({ ok: false, problems: [{ code: 'link-lost' }] });
  });
  test('only the wheel that is spun has a speed', async () => {
    const client = await connect({ spun: 'front-left' });
    const speeds = await client.wheelSpeeds();
    expect(speeds.ok && speeds.value.map((entry) => (entry ?? 0) > 5)).toEqual([true, false, false, false]);
    client.close();
  });
  test('in a bend to the left the right wheel is the faster one', async () => {
    const client = await connect({ motion: { kmh: 30, steer: 0.13 } });
    const speeds = await client.wheelSpeeds();
    const [left = 0, right = 0] = speeds.ok ? speeds.value : [];
    expect(left).toBeGreaterThan(25);
    expect(right).toBeGreaterThan((left ?? 0) + 1);
    client.close();
  });
  test('a twin of another job is a car like any other', async () => {
    const likely = [{ channel: 'front-left', fault: 'loom-open', probability: 1 }] as const;
    const client = await connect({
      practice: { level: 'twin', seed: 2, actions: [], twin: { vehicle: TANSY, likely } },
    });
    const read = await client.readCodes('abs');
    expect(read.ok && read.value[0]?.code).toMatch(/^C0031/);
    client.close();
  });
  test('erasing is answered', async () => {
    const client = await connect();
    expect(await client.clearCodes('abs')).toEqual({ ok: true, value: true });
    client.close();
  });
  test('a car that there is none of is refused', async () => {
    await expect(open({ ...HELLO, practice: { ...HELLO.practice, level: 'none' as never } })).rejects.toThrow(
      'not an introduction',
    );
  });
}
