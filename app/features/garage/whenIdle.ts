/** Longest that anything waits, ms. */
const AT_LATEST = 1500;

/** Does something once the page has nothing more urgent to do. */
export function whenIdle(work: () => void): void {
  if (typeof requestIdleCallback === 'function') requestIdleCallback(work, { timeout: AT_LATEST });
  else setTimeout(work, 0);
}
