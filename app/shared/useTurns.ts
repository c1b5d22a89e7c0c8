import { computed, onBeforeUnmount, ref, watch, type ComputedRef } from 'vue';

/**
 * How much of something long is drawn: one part more at each turn of the main thread, so that a tap between them is answered at once.
 * @param parts how many there are now; parts that came once stay.
 * @returns how many to draw.
 */
export function useTurns(parts: () => number): ComputedRef<number> {
  const drawn = ref(0);
  let timer = 0;
  function next(): void {
    timer = 0;
    if (drawn.value >= parts()) return;
    drawn.value += 1;
    timer = window.setTimeout(next, 0);
  }
  const begin = (): void => {
    if (timer === 0) timer = window.setTimeout(next, 0);
  };
  watch(parts, begin, { immediate: true });
  onBeforeUnmount(() => clearTimeout(timer));
  return computed(() => Math.min(drawn.value, parts()));
}
