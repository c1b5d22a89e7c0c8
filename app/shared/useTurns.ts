import { onBeforeUnmount, ref, watch, type Ref } from 'vue';

/**
 * How much of something long is drawn: one part more at each turn of the main thread, so that a tap between them is answered at once.
 * @param parts how many there are now; parts that came once stay. @param first how many there are at once.
 * @returns how many to draw; may be more than there are.
 */
export function useTurns(parts: () => number, first = 0): Readonly<Ref<number>> {
  const drawn = ref(first);
  let timer = 0;
  function next(): void {
    timer = 0;
    if (drawn.value < parts()) drawn.value += 1;
    go();
  }
  function go(): void {
    if (timer === 0 && drawn.value < parts()) timer = window.setTimeout(next, 0);
  }
  watch(parts, go, { immediate: true });
  onBeforeUnmount(() => clearTimeout(timer));
  return drawn;
}
