import { useEventListener } from '@vueuse/core';

const TYPING = 'input, textarea, select, [contenteditable="true"]';

/** Runs an action for a key pressed anywhere, never while typing or with a modifier, never with a dialog open. */
export function useShortcuts(actions: Readonly<Record<string, () => void>>): void {
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (event.target instanceof Element && event.target.closest(TYPING)) return;
    if (document.querySelector('.el-overlay:not([style*="display: none"]) [role="dialog"]') && event.key !== '?')
      return;
    const action = actions[event.key.toLowerCase()];
    if (!action) return;
    event.preventDefault();
    action();
  });
}
