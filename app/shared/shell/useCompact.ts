import { useEventListener, useWindowSize } from '@vueuse/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';

/** From here on something has been scrolled out of sight; back there all is shown again. */
const SCROLLED_PX = 80;
const AT_TOP_PX = 16;
/** A page that hardly scrolls would jump to and fro if the bars gave way. */
const WORTH_IT_PX = 260;
/** Screens this short have no room for full bars at all: a phone on its side, or 200 % zoom. */
const SHORT_PX = 520;

const TYPING = 'input:not([type="checkbox"]), textarea, [contenteditable="true"]';

/** Whether header, strips and bar shrink to one line each: while scrolling or typing on a small screen, and always on a short one. */
export function useCompact(isSmall: Ref<boolean>): {
  readonly isCompact: ComputedRef<boolean>;
  readonly onScroll: (event: Event) => void;
  readonly showAll: () => void;
  readonly reset: () => void;
} {
  const { height } = useWindowSize();
  const isScrolled = ref(false);
  const isTyping = ref(false);
  const wantsAll = ref(false);
  const isTyped = (target: EventTarget | null): boolean => target instanceof Element && target.matches(TYPING);
  useEventListener(document, 'focusin', (event) => (isTyping.value = isTyped(event.target)));
  useEventListener(document, 'focusout', () => (isTyping.value = false));

  function onScroll(event: Event): void {
    const { scrollTop, scrollHeight, clientHeight } = event.target as HTMLElement;
    wantsAll.value = false;
    if (scrollTop < AT_TOP_PX) isScrolled.value = false;
    else if (scrollTop > SCROLLED_PX && scrollHeight - clientHeight > WORTH_IT_PX) isScrolled.value = true;
  }

  const isCompact = computed(
    () => !wantsAll.value && (height.value < SHORT_PX || (isSmall.value && (isScrolled.value || isTyping.value))),
  );
  return {
    isCompact,
    onScroll,
    showAll: () => (wantsAll.value = true),
    reset: () => ([isScrolled.value, wantsAll.value] = [false, false]),
  };
}
