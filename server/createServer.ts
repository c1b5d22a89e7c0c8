import { createServer as createHttpServer, STATUS_CODES, type RequestListener, type Server } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import type { Socket } from 'node:net';
import { createApp } from './createApp';
import { LOOPBACK } from './hosts';
import { texts } from '#words/server';

/** A browser on the same machine needs none of this; whoever does is slow, greedy or broken. All times in ms. */
export const LIMITS = {
  /** For the head of a request. */
  headers: 10_000,
  /** For a whole request; none has a body here. */
  request: 20_000,
  /** A connection on which nothing moves, in either direction. */
  silent: 30_000,
  keepAlive: 5_000,
  headerBytes: 16 * 1024,
  connections: 512,
  /** Asked for on one connection; a browser opens another one then. */
  requests: 100,
} as const;

/** RFC 9112: lines end with CR LF, and an empty one ends the head. */
const BAD_REQUEST = [
  ['HTTP/1.1', 400, STATUS_CODES[400]].join(' '),
  'Connection:close',
  'Content-Length:0',
  '',
  '',
].join('\r\n');

function refuse(error: NodeJS.ErrnoException, socket: Socket): void {
  if (error.code === 'ECONNRESET' || !socket.writable) return void socket.destroy();
  socket.end(BAD_REQUEST);
}

/** A key and its certificate, as PEM. */
export interface Certificate {
  readonly key: string;
  readonly cert: string;
}

/** How a server differs from the usual one: on loopback, unencrypted. */
export interface ServerWish {
  readonly hosts?: ReadonlySet<string>;
  readonly certificate?: Certificate;
}

/**
 * The server of the built app, not listening yet. Broken requests and connections end themselves, never the server.
 * @param root folder of the built app. @param wish other names to answer to, and encryption.
 */
export function createServer(root: string, { hosts = LOOPBACK, certificate }: ServerWish = {}): Server {
  const answer = createApp(root, hosts).callback();
  const options = {
    headersTimeout: LIMITS.headers,
    requestTimeout: LIMITS.request,
    keepAliveTimeout: LIMITS.keepAlive,
    maxHeaderSize: LIMITS.headerBytes,
    connectionsCheckingInterval: 2000,
  };
  const listener: RequestListener = (request, response) => {
    if (URL.canParse(request.url ?? '', 'http://localhost')) void answer(request, response);
    else response.writeHead(400, { 'Content-Type': 'text/plain' }).end(texts.thisIsNoAddress);
  };
  const server = certificate
    ? createHttpsServer({ ...options, ...certificate }, listener)
    : createHttpServer(options, listener);
  server.maxConnections = LIMITS.connections;
  server.maxRequestsPerSocket = LIMITS.requests;
  server.setTimeout(LIMITS.silent, (socket) => socket.destroy());
  server.on('clientError', refuse);
  server.on('connection', (socket: Socket) => socket.on('error', () => socket.destroy()));
  server.on('tlsClientError', (_error: Error, socket: Socket) => socket.destroy());
  return server;
}
