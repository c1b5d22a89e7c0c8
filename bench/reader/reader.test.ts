import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ALL_MODULES, DiagnosticClient, sweep, type Sweep } from '../../core/diagnostics/client';
import { MODULES } from '../../core/diagnostics/link';
import { countCodes } from '../../core/diagnostics/messages';
import { chanceFrom } from '../chance';
import { makeCar } from '../drawWorld';
import type { Strategy } from '../monitor/strategy';
import { World } from '../world';
import { FakeTimer } from './fakeTimer';
import { namesOf } from './names';
import { GOOD_READER, linkTo, StandInReader, type FaultPlan } from './standInReader';

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

const PLAIN: Partial<Strategy> = { speaks: 'to-readers', typed: true, testsAtKeyOn: true, echoes: [], dates: true };

function connect(plan: Partial<FaultPlan> = {}, strategy: Partial<Strategy> = {}, names = namesOf('right', true)) {
  const timer = new FakeTimer();
  const fault = { channel: 'rear-right', fault: 'loom-open' } as const;
  const own = { strategy: { ...PLAIN, ...strategy } };
  const world = new World({ ...makeCar(FOUR, 'passive', [fault], chanceFrom(12), own), names }, chanceFrom(13));
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
    expect(seen.slice(1).map((seen) => seen.module)).toEqual(ALL_MODULES.slice(1));
    expect(seen.slice(1).every((seen) => seen.kind === 'no-code')).toBe(true);
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
    expect(seen).toHaveLength(ALL_MODULES.length);
  });

  const plain = (seen: Sweep['seen']) =>
    seen.map((seen) => (seen.kind === 'code' ? { kind: seen.kind, code: seen.code, status: seen.status } : seen));

  test.each(Array.from({ length: 17 }, (_one, at) => at))(
    'a link lost after %i answers loses nothing that was read, and says so',
    async (dropAfter) => {
      const whole = await (async (): Promise<Sweep> => {
        const { timer, client } = connect();
        return finish(timer, sweep(client));
      })();
      const { timer, client } = connect({ dropAfter });
      const { seen, asked, cut } = await finish(timer, sweep(client));
      expect(cut).toContain('the link was lost');
      expect(plain(seen)).toEqual(plain(whole.seen).slice(0, seen.length));
      expect(asked).toEqual(ALL_MODULES.slice(0, asked.length));
      expect(seen).toHaveLength(asked.length);
      expect(await client.readCodes('abs')).toMatchObject({ ok: false, problems: [{ code: 'link-lost' }] });
    },
  );

  test('codes come with their odometer, their circumstances, and the reader’s name for the wheel', async () => {
    const { timer, client, world } = connect({}, { dates: true }, namesOf('crossed', true));
    const { seen } = await finish(timer, sweep(client));
    expect(seen[0]).toMatchObject({ shownAs: 'rear-left' });
    const { odometer } = seen[0] as { odometer: number };
    expect((world.vehicle.odometer ?? 0) - odometer).toBeGreaterThanOrEqual(0);
    expect((world.vehicle.odometer ?? 0) - odometer).toBeLessThan(100);
    expect((seen[0] as { note?: string }).note).toMatch(/set at \d+ km\/h, \d+\.\d V, -?\d+ °C/);
  });

  test('a make that notes nothing, and a reader without words, leave the codes bare', async () => {
    const { timer, client } = connect({}, { dates: false }, namesOf('right', false));
    const { seen } = await finish(timer, sweep(client));
    expect(seen[0]).not.toHaveProperty('odometer');
    expect(seen[0]).not.toHaveProperty('shownAs');
  });

  test('a car that flashes its codes answers no reader, though its other modules do', async () => {
    const { timer, client } = connect({}, { speaks: 'by-lamp' });
    const { seen } = await finish(timer, sweep(client));
    expect(seen[0]).toEqual({ kind: 'no-answer', module: 'abs' });
  });

  test('the number of codes is told as the standard says', async () => {
    const { timer, client } = connect();
    const answer = await finish(timer, client.ask('abs', countCodes()));
    expect(answer.ok && [...answer.value]).toEqual([0xff, 0x01, 0x00, 0x01]);
  });

  test('erasing forgets, and what is wrong comes back at the next reading', async () => {
    const { timer, client } = connect();
    expect(await finish(timer, client.clearCodes('abs'))).toEqual({ ok: true, value: true });
    const again = await finish(timer, client.readCodes('abs'));
    expect(again.ok && again.value.map((readCode) => readCode.status)).toEqual(['current']);
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
