import type { Hello } from '../../bench/reader/serve';
import type { Link } from '../../core/diagnostics/link';
import { LOST, READY, type Port } from './readerPort';

/** Ways from the app to the stand-in reader: over the server's socket, or to a worker when there is no server. */

const READY_MS = 1500;

type Heard = (module: number, message: Uint8Array) => void;
type Lost = (why: string) => void;

/** The two ends that a link has to call, and what came before anybody listened. */
class Ends {
  heard: Heard = () => undefined;
  private lost: Lost = () => undefined;
  private why: string | null = null;

  onLost(lost: Lost): void {
    this.lost = lost;
    if (this.why !== null) lost(this.why);
  }

  end(why: string): void {
    if (this.why !== null) return;
    this.why = why;
    this.lost(why);
  }
}

/** The part of a WebSocket that is used here. */
export interface Socket {
  binaryType: string;
  readonly readyState: number;
  send(data: string | Uint8Array): void;
  close(): void;
  onopen: ((event: never) => void) | null;
  onmessage: ((event: never) => void) | null;
  onclose: ((event: never) => void) | null;
  onerror: ((event: never) => void) | null;
}

function framed(module: number, message: Uint8Array): Uint8Array {
  return Uint8Array.of(module, ...message);
}

/**
 * A link over the server's socket.
 * @param socket connecting. @param hello which car it is plugged into.
 * @returns the link once the reader is ready; rejects where there is no reader at the other end.
 */
export function socketLink(socket: Socket, hello: Hello): Promise<Link> {
  const ends = new Ends();
  const link: Link = {
    send: (module, message) => {
      if (socket.readyState === 1) socket.send(framed(module, message));
    },
    onMessage: (heard) => (ends.heard = heard),
    onLost: (lost) => ends.onLost(lost),
    close: () => socket.close(),
  };
  return new Promise((resolve, reject) => {
    const late = setTimeout(() => {
      socket.close();
      reject(new Error('no reader answers'));
    }, READY_MS);
    socket.binaryType = 'arraybuffer';
    socket.onopen = () => socket.send(JSON.stringify(hello));
    socket.onerror = () => reject(new Error('no socket'));
    socket.onclose = ({ reason }: { readonly reason?: string }) => {
      clearTimeout(late);
      reject(new Error(reason || 'closed'));
      ends.end(reason || 'the connection was cut');
    };
    socket.onmessage = ({ data }: { readonly data: unknown }) => {
      if (data === READY) {
        clearTimeout(late);
        resolve(link);
      } else if (data instanceof ArrayBuffer) {
        const bytes = new Uint8Array(data);
        ends.heard(bytes[0] ?? 0, bytes.slice(1));
      }
    };
  });
}

/**
 * A link to a worker, or whatever else stands behind a port.
 * @param port to the reader's side. @param hello which car. @param end frees the port. @returns the link once the reader is ready.
 */
export function portLink(port: Port, hello: Hello, end: () => void): Promise<Link> {
  const ends = new Ends();
  const link: Link = {
    send: (module, message) => port.postMessage(framed(module, message)),
    onMessage: (heard) => (ends.heard = heard),
    onLost: (lost) => ends.onLost(lost),
    close: () => {
      end();
      ends.end('closed');
    },
  };
  return new Promise((resolve, reject) => {
    port.addEventListener('message', ({ data }) => {
      if (data === READY) resolve(link);
      else if (data instanceof Uint8Array) ends.heard(data[0] ?? 0, data.slice(1));
      else if (typeof data === 'string' && data.startsWith(LOST)) {
        const why = data.slice(LOST.length);
        reject(new Error(why));
        ends.end(why);
        end();
      }
    });
    port.postMessage(JSON.stringify(hello));
  });
}

/** How a link came about. */
export interface OpenLink {
  readonly link: Link;
  readonly via: 'socket' | 'worker';
}

/** Plugs the stand-in reader in: over the server where there is one, else within this browser. */
export async function openLink(hello: Hello): Promise<OpenLink> {
  if (navigator.onLine)
    try {
      const scheme = location.protocol === 'https:' ? 'wss' : 'ws';
      const socket = new WebSocket(`${scheme}://${location.host}/ws/reader`) as unknown as Socket;
      return { link: await socketLink(socket, hello), via: 'socket' };
    } catch {
      /* no server: the worker has the same reader */
    }
  const worker = new Worker(new URL('./reader.worker.ts', import.meta.url), { type: 'module' });
  return { link: await portLink(worker, hello, () => worker.terminate()), via: 'worker' };
}
