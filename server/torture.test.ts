import { randomBytes } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { connect, type AddressInfo, type Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { WebSocket } from 'ws';
import { createServer, LIMITS } from './createServer';
import { isOwnHost, isOwnOrigin } from './hosts';
import { READER_LIMITS, READER_PATH, serveReader, type ReaderLimits } from './readerSocket';

/** What a hostile or broken program on this machine may do: the server stays, and answers others meanwhile. */

/** An impatient reader's socket: a busy machine may take longer than it waits, so only the tests of its patience ask it. */
const IMPATIENT = { ...READER_LIMITS, hello: 300, heartbeat: 1000, unread: 4096 };
/** How soon others are answered, in ms: well before a silent client is given up, and long enough for a busy machine. */
const SOON = 5000;

interface Served {
  readonly port: number;
  readonly end: () => Promise<void>;
}

async function serveWith(limits: ReaderLimits): Promise<Served> {
  const root = mkdtempSync(join(tmpdir(), 'zelf-torture-'));
  writeFileSync(join(root, 'index.html'), `<!doctype html><title>Zelf</title>${'x'.repeat(400_000)}`);
  const server = createServer(root);
  const endLinks = serveReader(server, undefined, limits);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const end = (): Promise<void> => {
    endLinks();
    server.closeAllConnections();
    return new Promise((resolve) => server.close(() => resolve()));
  };
  return { port: (server.address() as AddressInfo).port, end };
}

let served: Served;
let impatient: Served;
let port = 0;

beforeAll(async () => {
  [served, impatient] = await Promise.all([serveWith({ ...READER_LIMITS, unread: 4096 }), serveWith(IMPATIENT)]);
  port = served.port;
});

afterAll(() => Promise.all([served.end(), impatient.end()]));

/** Others are answered, and soon. */
async function isWell(): Promise<void> {
  const answer = await fetch(`http://127.0.0.1:${port}/`, { signal: AbortSignal.timeout(SOON) });
  expect(await answer.text()).toContain('<title>Zelf</title>');
}

/** Sends bytes as they are; gives what comes back until the end. */
function raw(bytes: string | Buffer, waitMs = 2000): Promise<string> {
  return new Promise((resolve) => {
    let heard = '';
    const socket = connect(port, '127.0.0.1', () => socket.write(bytes));
    socket.setTimeout(waitMs, () => socket.destroy());
    socket.on('data', (data) => (heard += data.toString('latin1')));
    socket.on('error', () => undefined);
    socket.on('close', () => resolve(heard));
  });
}

const request = (line: string, ...headers: string[]): string =>
  [line, ...(headers.length > 0 ? headers : ['Host: localhost']), 'Connection: close', '', ''].join('\r\n');

const UPGRADE = [
  'Host: localhost',
  'Upgrade: websocket',
  'Connection: Upgrade',
  'Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==',
  'Sec-WebSocket-Version: 13',
];

describe('addresses that do not parse', () => {
  test.each([
    '//',
    '///',
    '/%',
    '/%zz',
    '/%00',
    '/\\..\\x',
    'http://[',
    '*',
    '/'.repeat(5000),
    '/?%%%',
    '//[::1',
    '/%ff%fe',
  ])('a request for %.20s is answered, and nothing ends', async (address) => {
    expect(await raw(request(`GET ${address} HTTP/1.1`))).toMatch(/^HTTP\/1.1 (200|400|404|414|421)/);
    await isWell();
  });
  test.each(['//', '///', 'http://[', '//[', '/%', '*', `${READER_PATH}/../x`, READER_PATH.toUpperCase()])(
    'an upgrade at %.20s gets no link, and nothing ends',
    async (address) => {
      expect(await raw(request(`GET ${address} HTTP/1.1`, ...UPGRADE))).not.toContain('101');
      await isWell();
    },
  );
  test('broken requests are refused', async () => {
    for (const line of [
      'GET',
      'GET / HTTP/9.9',
      '\u0000\u0001',
      `GET / HTTP/1.1\r\nX: ${'y'.repeat(LIMITS.headerBytes)}`,
    ])
      expect(await raw(request(line))).toMatch(/^HTTP\/1\.1 (?:400|431|505)[^\r\n]*\r\n(?:[^\r\n]+\r\n)*\r\n/);
    await isWell();
  });
});

describe('whose requests are answered', () => {
  test('only those to its own address', async () => {
    for (const host of ['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example', 'localhost@evil.example'])
      expect(await raw(request('GET / HTTP/1.1', `Host: ${host}`))).toMatch(/^HTTP\/1.1 (421|400)/);
    for (const host of ['localhost', `127.0.0.1:${port}`, `[::1]:${port}`])
      expect(await raw(request('GET / HTTP/1.1', `Host: ${host}`))).toMatch(/^HTTP\/1.1 200/);
  });
  test('hosts and origins', () => {
    expect(
      [undefined, '', 'x', 'localhost/x', 'local host', '[::1]', 'LOCALHOST:80'].map((host) => isOwnHost(host)),
    ).toEqual([false, false, false, false, false, true, true]);
    expect(isOwnOrigin(undefined, 'localhost:1')).toBe(true);
    expect(isOwnOrigin('http://localhost:1', 'localhost:1')).toBe(true);
    for (const origin of ['null', 'http://localhost:2', 'http://evil.example', 'x'])
      expect(isOwnOrigin(origin, 'localhost:1')).toBe(false);
  });
  test('HEAD has the head alone; a wish for a part gets the whole, and is told so', async () => {
    const head = await fetch(`http://127.0.0.1:${port}/`, { method: 'HEAD' });
    expect([head.status, await head.text()]).toEqual([200, '']);
    const part = await fetch(`http://127.0.0.1:${port}/`, { headers: { Range: 'bytes=0-3' } });
    expect([part.status, part.headers.get('accept-ranges')]).toEqual([200, 'none']);
    for (const method of ['POST', 'PUT', 'DELETE', 'OPTIONS', 'TRACE'])
      expect(await raw(request(`${method} / HTTP/1.1`))).toMatch(/^HTTP\/1.1 405/);
  });
});

const HELLO = JSON.stringify({
  practice: { level: 'first', seed: 1, actions: [] },
  spun: null,
  motion: null,
  dropAfter: null,
});
const dial = (to = port): WebSocket => new WebSocket(`ws://127.0.0.1:${to}${READER_PATH}`);
const closed = (socket: WebSocket): Promise<number> => new Promise((resolve) => socket.on('close', resolve));
const ready = (socket: WebSocket): Promise<void> =>
  new Promise((resolve, reject) => {
    socket.on('open', () => socket.send(HELLO));
    socket.on('message', (data, isBinary) => !isBinary && (data as Buffer).toString() === 'ready' && resolve());
    socket.on('error', reject);
    socket.on('close', (code) => reject(new Error(`closed with ${code} before it was ready`)));
  });

describe('the reader’s socket', () => {
  test('who does not introduce itself is hung up on', async () => {
    expect(await closed(dial(impatient.port))).toBe(4400);
  });
  test('who no longer answers is let go; who does stays', async () => {
    const [silent, alive] = [dial(impatient.port), dial(impatient.port)];
    await Promise.all([ready(silent), ready(alive)]);
    (silent as unknown as { _socket: Socket })._socket.pause();
    let isOpen = true;
    alive.on('close', () => (isOpen = false));
    await new Promise((resolve) => setTimeout(resolve, 3 * IMPATIENT.heartbeat));
    expect(isOpen).toBe(true);
    (silent as unknown as { _socket: Socket })._socket.resume();
    expect(await closed(silent)).toBe(1006);
    alive.close();
  });
  test('who asks without end is hung up on', async () => {
    const socket = dial();
    await ready(socket);
    for (let at = 0; at < READER_LIMITS.messages + 50; at += 1) socket.send(Uint8Array.of(0x28, 0x3e, 0));
    expect(await closed(socket)).toBe(1008);
    await isWell();
  });
  test('a client more than there is room for gets no link; others stay', async () => {
    const all = await Promise.all(
      Array.from({ length: READER_LIMITS.clients }, async () => {
        const socket = dial();
        await ready(socket);
        return socket;
      }),
    );
    await expect(ready(dial())).rejects.toThrow();
    all.forEach((socket) => socket.close());
    await isWell();
  });
  test('two thousand malformed frames, and broken connections, end themselves alone', async () => {
    const frames = Array.from({ length: 2000 }, (_none, at) => {
      const noise = randomBytes(2 + (at % 40));
      noise[0] = at & 255;
      return noise;
    });
    const atOnce = 50;
    for (let at = 0; at < frames.length; at += atOnce) {
      const bytes = Buffer.concat([
        Buffer.from(request(`GET ${READER_PATH} HTTP/1.1`, ...UPGRADE)),
        ...frames.slice(at, at + atOnce),
      ]);
      await raw(bytes, 100);
    }
    await isWell();
  });
});

test('clients that never read, and half open requests, do not keep others waiting', async () => {
  const sockets = Array.from({ length: 100 }, (_none, at) => {
    const socket = connect(port, '127.0.0.1', () =>
      socket.write(at % 2 ? 'GET / HTT' : request('GET / HTTP/1.1').replace('close', 'keep-alive').repeat(5)),
    );
    socket.on('error', () => undefined);
    socket.pause();
    return socket;
  });
  await new Promise((resolve) => setTimeout(resolve, 300));
  await isWell();
  sockets.forEach((socket) => socket.destroy());
  await isWell();
});
