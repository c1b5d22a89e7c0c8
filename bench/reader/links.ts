import type { Hello } from './serve';
import type { Link, Timer } from '../../core/diagnostics/link';
import { LOST, READY, type Port } from './port';
import { texts } from '#words/screens/practice';

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
 * @param socket connecting. @param hello which car it is plugged into. @param timer how long the reader may take.
 * @returns the link once the reader is ready; rejects where there is no reader at the other end.
 * @example socketLink({ readyState: 0, send() {}, close() {} }, {}, { after: (_ms, then) => (then(), () => undefined) }).catch(({ message }) => message) // => "no reader answers"
 */
export function socketLink(socket: Socket, hello: Hello, timer: Timer): Promise<Link> {
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
    const onTime = timer.after(READY_MS, () => {
      socket.close();
      reject(new Error('no reader answers'));
    });
    socket.binaryType = 'arraybuffer';
    socket.onopen = () => socket.send(JSON.stringify(hello));
    socket.onerror = () => reject(new Error('no socket'));
    socket.onclose = ({ reason }: { readonly reason?: string }) => {
      onTime();
      reject(new Error(reason || 'closed'));
      ends.end(reason || texts.theConnectionWasCut);
    };
    socket.onmessage = ({ data }: { readonly data: unknown }) => {
      if (data === READY) {
        onTime();
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
 * @example portLink({ postMessage() {}, addEventListener() {}, start() {} }, {}, () => undefined) instanceof Promise // => true
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
