import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DiagnosticClient, sweep, type Sweep } from '../../core/diagnostics/client';
import { MODULES } from '../../core/diagnostics/link';
import { chanceFrom } from '../chance';
import { makeWorld } from '../drawWorld';
import { FakeTimer } from './fakeTimer';
import { GOOD_READER, linkTo, StandInReader, type FaultPlan } from './standInReader';

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

function connect(plan: Partial<FaultPlan> = {}) {
  const timer = new FakeTimer();
  const world = makeWorld(FOUR, 'passive', [{ channel: 'rear-right', fault: 'loom-open' }], chanceFrom(12));
  const client = new DiagnosticClient(linkTo(new StandInReader(world), timer, { ...GOOD_READER, ...plan }), timer);
  return { timer, world, client };
}

async function finish<T>(timer: FakeTimer, work: Promise<T>): Promise<T> {
  await timer.run();
  return work;
}

describe('the client over the stand-in reader', () => {
  test('sweeps all modules: the code, its status, and modules without any', async () => {
    const { timer, client } = connect();
    const { seen, cut } = await finish(timer, sweep(client));
    expect(cut).toBeNull();
    expect(seen[0]).toMatchObject({ kind: 'code', status: 'current', module: 'abs' });
    expect((seen[0] as { code: string }).code).toMatch(/^C003A/);
    expect(seen.slice(1)).toEqual([
      { kind: 'no-code', module: 'engine' },
      { kind: 'no-code', module: 'airbag' },
      { kind: 'no-code', module: 'instruments' },
    ]);
  });

  test('busy modules are waited for', async () => {
    const { timer, client } = connect({ pendings: 5 });
    expect((await finish(timer, sweep(client))).seen[0]).toMatchObject({ kind: 'code' });
  });

  test('a module that stays busy for ever is given up in words', async () => {
    const { timer, client } = connect({ pendings: 60 });
    const read = await finish(timer, client.wheelSpeeds());
    expect(read).toMatchObject({ ok: false, problems: [{ code: 'too-busy' }] });
  });

  test('one that cannot be reached is told as such, and the rest is read', async () => {
    const { timer, client } = connect({ unreachable: ['abs'] });
    const { seen, cut } = await finish(timer, sweep(client));
    expect(cut).toBeNull();
    expect(seen[0]).toEqual({ kind: 'no-answer', module: 'abs' });
    expect(seen).toHaveLength(4);
  });

  test.each([1, 2, 3, 4, 5, 6, 7])(
    'a link lost after %i answers loses nothing that was read, and says so',
    async (dropAfter) => {
      const whole = await (async (): Promise<Sweep> => {
        const { timer, client } = connect();
        return finish(timer, sweep(client));
      })();
      const { timer, client } = connect({ dropAfter });
      const { seen, asked, cut } = await finish(timer, sweep(client));
      expect(cut).toContain('the link was lost');
      expect(seen).toEqual(whole.seen.slice(0, seen.length));
      expect(asked).toHaveLength(Math.floor(dropAfter / 2));
      expect(await client.readCodes('abs')).toMatchObject({ ok: false, problems: [{ code: 'link-lost' }] });
    },
  );

  test('erasing forgets, and what is wrong comes back at the next reading', async () => {
    const { timer, client } = connect();
    expect(await finish(timer, client.clearCodes('abs'))).toEqual({ ok: true, value: true });
    const again = await finish(timer, client.readCodes('abs'));
    expect(again.ok && again.value.map((one) => one.status)).toEqual(['current']);
  });

  test('cancelling settles what is under way', async () => {
    const { timer, client } = connect({ latencyMs: 10_000 });
    const work = sweep(client);
    client.cancel();
    const { cut } = await finish(timer, work);
    expect(cut).toContain('cancelled');
  });
});

test('no request makes the reader throw, and every answer belongs to it', () => {
  const { world } = connect();
  const reader = new StandInReader(world);
  fc.assert(
    fc.property(
      fc.constantFrom(...Object.values(MODULES), 0, 255),
      fc.uint8Array({ maxLength: 12 }),
      (address, message) => {
        const answer = reader.answer(address, message);
        const service = message[0] ?? 0;
        if (answer) expect(answer[0] === 0x7f ? answer[1] : (answer[0] ?? 0) - 0x40).toBe(service);
      },
    ),
  );
});
