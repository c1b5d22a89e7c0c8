import type { Server } from 'node:http';
import { WebSocketServer, type WebSocket } from 'ws';
import { readerFor, readHello } from '../bench/reader/serve';
import { linkTo } from '../bench/reader/standInReader';
import type { Link, Timer } from '../core/diagnostics/link';

export const READER_PATH = '/ws/reader';
/** A request and an introduction are small; whatever is larger is no reader's. */
const MOST_BYTES = 64 * 1024;
const MOST_CLIENTS = 16;

const CLOSED = { badHello: 4400, lost: 4410 } as const;

const timer: Timer = {
  after: (ms, call) => {
    const running = setTimeout(call, ms);
    return () => clearTimeout(running);
  },
};

/** Plugs one client into its practice car: after its introduction every binary message is a module's address and a request. */
function serve(socket: WebSocket): void {
  let link: Link | null = null;
  socket.on('error', () => socket.terminate());
  socket.on('message', (data: Buffer, isBinary) => {
    if (isBinary) {
      if (link && data.length > 0) link.send(data[0] ?? 0, new Uint8Array(data.subarray(1)));
      return;
    }
    const hello = link ? null : readHello(data.toString('utf8'));
    if (!hello) return socket.close(CLOSED.badHello, 'not an introduction');
    try {
      const { reader, plan } = readerFor(hello);
      link = linkTo(reader, timer, plan);
    } catch {
      return socket.close(CLOSED.badHello, 'no such car');
    }
    link.onMessage((module, message) => socket.send(Uint8Array.of(module, ...message)));
    link.onLost((why) => socket.close(CLOSED.lost, why));
    socket.send('ready');
  });
  socket.on('close', () => link?.close());
}

/**
 * Serves the stand-in reader on a WebSocket beside the app.
 * @param server the HTTP server, listening or about to. @returns ends all links; call it before the server is closed.
 */
export function serveReader(server: Server): () => void {
  const sockets = new WebSocketServer({ noServer: true, maxPayload: MOST_BYTES });
  sockets.on('connection', serve);
  server.on('upgrade', (request, socket, head) => {
    const host = request.headers.host ?? '';
    const { origin } = request.headers;
    const isOurs = origin === undefined || (URL.canParse(origin) && new URL(origin).host === host);
    const path = new URL(request.url ?? '/', 'http://localhost').pathname;
    if (path !== READER_PATH || !isOurs || sockets.clients.size >= MOST_CLIENTS) return socket.destroy();
    sockets.handleUpgrade(request, socket, head, (made) => sockets.emit('connection', made, request));
  });
  return () => sockets.clients.forEach((socket) => socket.terminate());
}
