import { afterEach, describe, expect, test, vi } from 'vitest';
import type { Hello } from '../../bench/reader/serve';
import { openLink } from './readerClient';

/** How the practice reader is reached: over the server, else within the browser, else with a reason. */

const HELLO: Hello = {
  practice: { level: 'easy', seed: 1, actions: [] },
  spun: null,
  motion: null,
  course: null,
  dropAfter: null,
};

afterEach(() => vi.unstubAllGlobals());

/** A socket that fails or is answered as soon as somebody listens. */
function socketThat(does: 'fails' | 'answers') {
  return class {
    binaryType = '';
    readyState = 1;
    onopen: (() => void) | null = null;
    onmessage: ((event: { data: unknown }) => void) | null = null;
    onclose: ((event: object) => void) | null = null;
    onerror: (() => void) | null = null;
    constructor() {
      setTimeout(() => (does === 'fails' ? this.onerror?.() : this.onopen?.()), 0);
    }
    send(): void {
      setTimeout(() => this.onmessage?.({ data: 'ready' }), 0);
    }
    close(): void {
      this.readyState = 3;
    }
  };
}

/** A worker that says it is ready, or fails to start. */
function workerThat(does: 'fails' | 'answers', ended: () => void = () => undefined) {
  return class extends EventTarget {
    constructor() {
      super();
      if (does === 'fails') setTimeout(() => this.dispatchEvent(new Event('error')), 0);
    }
    postMessage(): void {
      if (does === 'answers')
        setTimeout(() => this.dispatchEvent(Object.assign(new Event('message'), { data: 'ready' })), 0);
    }
    terminate(): void {
      ended();
    }
  };
}

describe('the way to the reader', () => {
  test('is the server’s socket where there is one', async () => {
    vi.stubGlobal('WebSocket', socketThat('answers'));
    expect((await openLink(HELLO)).via).toBe('socket');
  });
  test('is a worker where there is none', async () => {
    vi.stubGlobal('WebSocket', socketThat('fails'));
    vi.stubGlobal('Worker', workerThat('answers'));
    const { via, link } = await openLink(HELLO);
    expect(via).toBe('worker');
    link.close();
  });
  test('is none when the worker cannot start: said, and the worker let go', async () => {
    const ended = vi.fn();
    vi.stubGlobal('WebSocket', socketThat('fails'));
    vi.stubGlobal('Worker', workerThat('fails', ended));
    await expect(openLink(HELLO)).rejects.toThrow('the practice reader could not be started');
    expect(ended).toHaveBeenCalledOnce();
  });
});
