import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { WebSocketServer, type WebSocket } from 'ws';
import { readerFor, readHello } from '../bench/reader/serve';
import { linkTo } from '../bench/reader/standInReader';
import type { Link, Timer } from '../core/diagnostics/link';
import { isOwnHost, isOwnOrigin, LOOPBACK } from './hosts';
import { texts } from '#words/server';

export const READER_PATH = '/ws/reader';

/** What a client may take of the server; times in ms. */
export interface ReaderLimits {
  /** Until its introduction. */
  readonly hello: number;
  /** Between two questions whether it is still there; one that does not answer until the next is gone. */
  readonly heartbeat: number;
  /** A request and an introduction are small; whatever is larger is no reader's. */
  readonly bytes: number;
  readonly clients: number;
  /** Answers that it has not fetched, in bytes. */
  readonly unread: number;
  /** Messages in a second: a reader waits for each answer. */
  readonly messages: number;
}

export const READER_LIMITS: ReaderLimits = {
  hello: 5000,
  heartbeat: 20_000,
  bytes: 64 * 1024,
  clients: 16,
  unread: 256 * 1024,
  messages: 1000,
};

const CLOSED = { badHello: 4400, lost: 4410, tooMany: 1008 } as const;

const timer: Timer = {
  now: () => performance.now(),
  after: (ms, call) => {
    const running = setTimeout(call, ms);
    return () => clearTimeout(running);
  },
};

/** Ends a client that is silent, does not read or asks without end. */
function guard(
  socket: WebSocket,
  limits: ReaderLimits,
): { readonly isFlooding: () => boolean; readonly met: () => void } {
  let [isAlive, heard] = [true, 0];
  const unmet = setTimeout(() => socket.close(CLOSED.badHello, texts.noIntroduction), limits.hello);
  const second = setInterval(() => (heard = 0), 1000);
  const heartbeat = setInterval(() => {
    if (!isAlive) return socket.terminate();
    isAlive = false;
    socket.ping();
  }, limits.heartbeat);
  socket.on('pong', () => (isAlive = true));
  socket.on('close', () => {
    clearTimeout(unmet);
    clearInterval(second);
    clearInterval(heartbeat);
  });
  return { isFlooding: () => (heard += 1) > limits.messages, met: () => clearTimeout(unmet) };
}

function plugIn(socket: WebSocket, text: string, limits: ReaderLimits): Link | null {
  const hello = readHello(text);
  if (!hello) {
    socket.close(CLOSED.badHello, texts.notAnIntroduction);
    return null;
  }
  try {
    const { reader, plan } = readerFor(hello, timer.now);
    const link = linkTo(reader, timer, plan);
    link.onMessage((module, message) => {
      if (socket.bufferedAmount > limits.unread) return socket.terminate();
      socket.send(Uint8Array.of(module, ...message));
    });
    link.onLost((why) => socket.close(CLOSED.lost, why));
    return link;
  } catch {
    socket.close(CLOSED.badHello, texts.noSuchCar);
    return null;
  }
}

/** Plugs one client into its practice car: after its introduction every binary message is a module's address and a request. */
function serve(socket: WebSocket, limits: ReaderLimits): void {
  let link: Link | null = null;
  const { isFlooding, met } = guard(socket, limits);
  socket.on('error', () => socket.terminate());
  socket.on('message', (data: Buffer, isBinary) => {
    if (isFlooding()) return socket.close(CLOSED.tooMany, texts.tooManyMessages);
    if (isBinary) {
      if (link && data.length > 0) link.send(data[0] ?? 0, new Uint8Array(data.subarray(1)));
      return;
    }
    if (link) return socket.close(CLOSED.badHello, texts.notAnIntroduction);
    link = plugIn(socket, data.toString('utf8'), limits);
    if (!link) return;
    met();
    socket.send('ready');
  });
  socket.on('close', () => link?.close());
}

/** Addresses come from anybody: what cannot be read leads nowhere. */
function isReaderPath(url: string | undefined): boolean {
  return (url ?? '').split('?')[0] === READER_PATH;
}

/**
 * Serves the stand-in reader on a WebSocket beside the app.
 * @param server the HTTP server, listening or about to. @param hosts the names it answers to. @param limits what a client may take; others for tests.
 * @returns ends all links; call it before the server is closed.
 */
export function serveReader(server: Server, hosts: ReadonlySet<string> = LOOPBACK, limits = READER_LIMITS): () => void {
  const sockets = new WebSocketServer({ noServer: true, maxPayload: limits.bytes, perMessageDeflate: false });
  sockets.on('connection', (socket: WebSocket) => serve(socket, limits));
  sockets.on('wsClientError', (_error, socket) => socket.destroy());
  server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
    socket.on('error', () => socket.destroy());
    const { host, origin } = request.headers;
    const isWelcome = isReaderPath(request.url) && isOwnHost(host, hosts) && isOwnOrigin(origin, host);
    if (!isWelcome || sockets.clients.size >= limits.clients) return void socket.destroy();
    sockets.handleUpgrade(request, socket, head, (made) => sockets.emit('connection', made, request));
  });
  return () => sockets.clients.forEach((socket) => socket.terminate());
}
