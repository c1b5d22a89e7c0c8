import { onScopeDispose } from 'vue';
import { START_LOCATION, useRouter, type RouteLocationNormalized } from 'vue-router';

/** Longest that a view's first heading is waited for, ms: a job is read from storage first. */
const AT_LATEST = 5000;
const NAME = 'Zelf';

/** What makes a view another one, beside its path: the check, the repair, its board, its night. */
const OF_VIEW = ['do', 'repair', 'board', 'night'] as const;
const viewOf = ({ path, query }: RouteLocationNormalized): string =>
  [path, ...OF_VIEW.map((name) => String(query[name] ?? ''))].join(' ');

/** Whoever types, or has been led to something in the view or over it, stays there. */
const LED = 'input, textarea, select, [contenteditable], [role="dialog"]';
const isLed = (): boolean => document.activeElement?.closest(LED) instanceof Element;

/**
 * After each way through the program: the page's title says what its first heading says (WCAG 2.4.2), and who goes by
 * keyboard, or listens, is there instead of where they were (2.4.3).
 */
export function usePlace(): void {
  const router = useRouter();
  let asked = 0;

  /** Waits for the heading, frame by frame; a newer way takes its place. */
  function arrive(way: number, until: number, isAnother: boolean): void {
    if (way !== asked) return;
    const heading = document.querySelector<HTMLElement>('main h1, h1');
    const words = heading?.textContent?.trim();
    if (!heading || !words) {
      if (performance.now() < until) requestAnimationFrame(() => arrive(way, until, isAnother));
      return;
    }
    document.title = `${words} · ${NAME}`;
    if (!isAnother || isLed()) return;
    heading.tabIndex = -1;
    heading.focus({ preventScroll: true });
  }

  const stop = router.afterEach((to, from, failure) => {
    if (failure) return;
    asked += 1;
    const isAnother = from !== START_LOCATION && viewOf(to) !== viewOf(from);
    const way = asked;
    requestAnimationFrame(() => arrive(way, performance.now() + AT_LATEST, isAnother));
  });
  onScopeDispose(() => {
    asked = -1;
    stop();
  });
}
