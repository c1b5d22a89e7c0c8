import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { connect, type Socket } from 'node:net';
import type { Row } from './tabs';

/** A server under what a hostile or broken program on the same machine may do. */

const UPGRADE = [
  'GET /ws/reader HTTP/1.1',
  'Host: localhost',
  'Upgrade: websocket',
  'Connection: Upgrade',
  'Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==',
  'Sec-WebSocket-Version: 13',
  '',
  '',
].join('\r\n');
const GET = 'GET / HTTP/1.1\r\nHost: localhost\r\n\r\n';
const ODD_ADDRESSES = ['//', '///x', '/%', '/%zz', 'http://[', '//[::1', '/%00', '*', '/\\'];

function send(port: number, bytes: Buffer | string, lifeMs: number): Promise<void> {
  return new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1', () => socket.write(bytes));
    const over = setTimeout(() => socket.destroy(), lifeMs);
    socket.on('error', () => undefined);
    socket.on('data', () => undefined);
    socket.on('close', () => {
      clearTimeout(over);
      resolve();
    });
  });
}

const memoryMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** Asks the server as anybody would, again and again; gives the longest wait. */
function watch(port: number): { readonly stop: () => Promise<{ readonly longest: number; readonly failed: number }> } {
  let [longest, failed, isOver] = [0, 0, false];
  const asking = (async () => {
    while (!isOver) {
      const began = performance.now();
      const isWell = await fetch(`http://127.0.0.1:${port}/`)
        .then((answer) => answer.text())
        .then((text) => text.includes('Zelf'))
        .catch(() => false);
      failed += isWell ? 0 : 1;
      longest = Math.max(longest, performance.now() - began);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
  })();
  return {
    stop: async () => {
      isOver = true;
      await asking;
      return { longest, failed };
    },
  };
}

async function malformedFrames(port: number, frames: number): Promise<void> {
  const atOnce = 100;
  for (let at = 0; at < frames; at += atOnce) {
    const noise = Array.from({ length: atOnce }, (_none, which) => {
      const frame = randomBytes(2 + (which % 60));
      frame[0] = (at + which) & 255;
      return frame;
    });
    await send(port, Buffer.concat([Buffer.from(UPGRADE), ...noise]), 60);
  }
}

function openSockets(port: number, count: number, bytes: (at: number) => string): Socket[] {
  return Array.from({ length: count }, (_none, at) => {
    const socket = connect(port, '127.0.0.1', () => socket.write(bytes(at)));
    socket.on('error', () => undefined);
    socket.pause();
    return socket;
  });
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** All of it one after the other, while somebody else uses the app. */
export async function serverUnderFire(port: number, pid: number): Promise<Row> {
  for (let at = 0; at < 30; at += 1) await fetch(`http://127.0.0.1:${port}/`).then((answer) => answer.text());
  const rest = memoryMb(pid);
  const others = watch(port);
  await malformedFrames(port, 10_000);
  for (const address of ODD_ADDRESSES)
    for (const upgrade of ['', 'Upgrade: websocket\r\nConnection: Upgrade\r\nSec-WebSocket-Version: 13\r\n'])
      await send(port, `GET ${address} HTTP/1.1\r\nHost: localhost\r\n${upgrade}\r\n`, 60);
  const broken = Array.from({ length: 400 }, (_none, at) =>
    send(port, GET.slice(0, 1 + (at % GET.length)), 20 + (at % 50)),
  );
  await Promise.all(broken);
  const sockets = openSockets(port, 200, (at) => (at % 2 ? UPGRADE : GET));
  const deaf = openSockets(port, 1, () => GET.repeat(2000));
  await pause(1500);
  const most = memoryMb(pid);
  [...sockets, ...deaf].forEach((socket) => socket.destroy());
  await pause(500);
  const { longest, failed } = await others.stop();
  const more = Math.max(most, memoryMb(pid)) - rest;
  return {
    what: 'server: 10,000 malformed frames, 18 odd addresses, 400 broken connections, 200 sockets, a client that never reads',
    result: `alive, ${more.toFixed(0)} MB more, others waited at most ${longest.toFixed(0)} ms, ${failed} unanswered`,
    isGood: failed === 0 && more < 64 && longest < 1000,
  };
}
