import { useEventListener } from '@vueuse/core';

const TYPING = 'input, textarea, select, [contenteditable="true"]';

/** The key with its modifiers, such as `ctrl+shift+z`. */
function keyOf(event: KeyboardEvent): string {
  const isControl = event.ctrlKey || event.metaKey;
  return [isControl ? 'ctrl' : '', isControl && event.shiftKey ? 'shift' : '', event.key.toLowerCase()]
    .filter(Boolean)
    .join('+');
}

/** Runs an action for a key pressed anywhere, never while typing, never with a dialog open. */
export function useShortcuts(actions: Readonly<Record<string, () => void>>): void {
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (event.altKey || event.defaultPrevented) return;
    if (event.target instanceof Element && event.target.closest(TYPING)) return;
    if (document.querySelector('.el-overlay:not([style*="display: none"]) [role="dialog"]') && event.key !== '?')
      return;
    const action = actions[keyOf(event)];
    if (!action) return;
    event.preventDefault();
    action();
  });
}
