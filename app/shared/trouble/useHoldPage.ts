import { useEventListener } from '@vueuse/core';
import { watch } from 'vue';
import { useTrouble } from '../../stores/trouble';

/** Asks before the page is closed while something is still being kept, or waits to be; `data-writing` says so to who looks from outside. */
export function useHoldPage(): void {
  const trouble = useTrouble();
  watch(
    () => trouble.isWriting,
    (isWriting) => {
      const { dataset } = document.documentElement;
      if (isWriting) dataset['writing'] = 'yes';
      else delete dataset['writing'];
    },
    { flush: 'sync', immediate: true },
  );
  useEventListener(window, 'beforeunload', (event) => {
    if (trouble.isWriting) event.preventDefault();
  });
}
