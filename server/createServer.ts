import { createServer as createHttpServer, type Server } from 'node:http';
import type { Socket } from 'node:net';
import { createApp } from './createApp';
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

const BAD_REQUEST = texts.http11400;

function refuse(error: NodeJS.ErrnoException, socket: Socket): void {
  if (error.code === 'ECONNRESET' || !socket.writable) return void socket.destroy();
  socket.end(BAD_REQUEST);
}

/**
 * The server of the built app, not listening yet. Broken requests and connections end themselves, never the server.
 * @param root folder of the built app.
 */
export function createServer(root: string): Server {
  const answer = createApp(root).callback();
  const server = createHttpServer(
    {
      headersTimeout: LIMITS.headers,
      requestTimeout: LIMITS.request,
      keepAliveTimeout: LIMITS.keepAlive,
      maxHeaderSize: LIMITS.headerBytes,
      connectionsCheckingInterval: 2000,
    },
    (request, response) => {
      if (URL.canParse(request.url ?? '', 'http://localhost')) void answer(request, response);
      else response.writeHead(400, { 'Content-Type': 'text/plain' }).end(texts.thisIsNoAddress);
    },
  );
  server.maxConnections = LIMITS.connections;
  server.maxRequestsPerSocket = LIMITS.requests;
  server.setTimeout(LIMITS.silent, (socket) => socket.destroy());
  server.on('clientError', refuse);
  server.on('connection', (socket) => socket.on('error', () => socket.destroy()));
  return server;
}
