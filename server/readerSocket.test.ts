import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { WebSocket } from 'ws';
import { socketLink } from '../bench/reader/links';
import { linkContract, realTimer } from '../tests/support/linkContract';
import { createApp } from './createApp';
import { READER_PATH, serveReader } from './readerSocket';

let server: Server;
let endLinks: () => void;
let address = '';

beforeAll(async () => {
  await new Promise<void>((resolve) => (server = createApp('/nowhere').listen(0, '127.0.0.1', resolve)));
  endLinks = serveReader(server);
  address = `ws://127.0.0.1:${(server.address() as AddressInfo).port}`;
});

afterAll(() => {
  endLinks();
  return new Promise((resolve) => server.close(resolve));
});

describe('the reader over the socket', () => {
  linkContract((hello) => socketLink(new WebSocket(address + READER_PATH), hello, realTimer));

  const closing = (socket: WebSocket) => new Promise<number>((resolve) => socket.on('close', resolve));
  const failing = (socket: WebSocket) =>
    new Promise<string>((resolve) => socket.on('error', (problem: Error) => resolve(problem.message)));

  test('talk that is no introduction is hung up on', async () => {
    const socket = new WebSocket(address + READER_PATH);
    socket.on('open', () => socket.send('who are you'));
    expect(await closing(socket)).toBe(4400);
  });
  test('bytes before the introduction, and any bytes after it, break nothing', async () => {
    const socket = new WebSocket(address + READER_PATH);
    socket.on('open', () => {
      socket.send(Uint8Array.of(0x28, 0x19));
      socket.send(
        JSON.stringify({
          practice: { level: 'first', seed: 1, actions: [] },
          spun: null,
          motion: null,
          dropAfter: null,
        }),
      );
    });
    const answers = await new Promise<number>((resolve) => {
      let heard = 0;
      socket.on('message', (data, isBinary) => {
        if (!isBinary)
          for (let at = 0; at < 20; at += 1)
            socket.send(Uint8Array.from({ length: at }, (_one, i) => (i * 37 + at) & 255));
        if (!isBinary) socket.send(Uint8Array.of(0x28, 0x3e, 0));
        heard += 1;
        if (isBinary && (data as Buffer)[1] === 0x7e) resolve(heard);
      });
    });
    expect(answers).toBeGreaterThanOrEqual(2);
    socket.close();
  });
  test('another path and a page of another origin get no link', async () => {
    expect(await failing(new WebSocket(`${address}/ws/other`))).toMatch(/hang up|reset/);
    expect(await failing(new WebSocket(address + READER_PATH, { origin: 'http://elsewhere.example' }))).toMatch(
      /hang up|reset/,
    );
    expect(await failing(new WebSocket(address + READER_PATH, { origin: 'null' }))).toMatch(/hang up|reset/);
  });
});
