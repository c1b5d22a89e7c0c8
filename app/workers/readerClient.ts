import { portLink, socketLink, type Socket } from '../../bench/reader/links';
import type { Hello } from '../../bench/reader/serve';
import type { Link } from '../../core/diagnostics/link';
import { browserTimer } from './browserTimer';

/** A reader in a worker is there within this, in ms, on a slow phone too. */
const START_MS = 10_000;

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
      return { link: await socketLink(socket, hello, browserTimer), via: 'socket' };
    } catch {
      /* no server: the worker has the same reader */
    }
  const worker = new Worker(new URL('./reader.worker.ts', import.meta.url), { type: 'module', name: 'reader' });
  const gone = new Promise<never>((_resolve, reject) => {
    const fail = (): void => reject(new Error('the practice reader could not be started'));
    worker.addEventListener('error', fail);
    browserTimer.after(START_MS, fail);
  });
  try {
    return { link: await Promise.race([portLink(worker, hello, () => worker.terminate()), gone]), via: 'worker' };
  } catch (error) {
    worker.terminate();
    throw error;
  }
}
