import { readerFor, readHello } from './serve';
import { linkTo } from './standInReader';
import type { Link, Timer } from '../../core/diagnostics/link';
import { texts } from '#words/screens/practice';

/** The stand-in reader behind a message port: the same talk as over a socket, for when there is no server. */

/** What goes over the port: an introduction as text, then requests and answers as bytes, the module's address first. */
export interface Port {
  postMessage(message: unknown): void;
  addEventListener(type: 'message', heard: (event: { readonly data: unknown }) => void): void;
}

export const READY = 'ready';

/** A lost link is told as text, since a port cannot be cut from afar. */
export const LOST = 'lost: ';

/**
 * The reader's side.
 * @example servePort({ postMessage() {}, addEventListener() {}, start() {} }, { now: () => 0 }) // => undefined
 */
export function servePort(port: Port, timer: Timer): void {
  let link: Link | null = null;
  port.addEventListener('message', ({ data }) => {
    if (data instanceof Uint8Array) return link?.send(data[0] ?? 0, data.slice(1));
    const hello = link ? null : readHello(String(data));
    if (!hello) return port.postMessage(texts.notAnIntroduction(LOST));
    try {
      const { reader, plan } = readerFor(hello, timer.now);
      link = linkTo(reader, timer, plan);
    } catch {
      return port.postMessage(texts.noSuchCar(LOST));
    }
    link.onMessage((module, message) => port.postMessage(Uint8Array.of(module, ...message)));
    link.onLost((why) => port.postMessage(`${LOST}${why}`));
    port.postMessage(READY);
  });
}
