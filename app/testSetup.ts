import 'fake-indexeddb/auto';
import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils';
import { afterEach } from 'vitest';

/* What a test has put up is taken down after it: files share one document, and what still listened there would answer the next file's keys. */
disableAutoUnmount();
enableAutoUnmount(afterEach);

/** A document without layout shows everything at once. */
class SeesAll implements Pick<IntersectionObserver, 'observe' | 'unobserve' | 'disconnect'> {
  constructor(private readonly seen: IntersectionObserverCallback) {}
  observe(target: Element): void {
    const entry = {
      target,
      isIntersecting: true,
      intersectionRatio: 1,
      time: 0,
    } as unknown as IntersectionObserverEntry;
    queueMicrotask(() => this.seen([entry], this as unknown as IntersectionObserver));
  }
  unobserve(): void {}
  disconnect(): void {}
}
Object.assign(globalThis, { IntersectionObserver: SeesAll });
