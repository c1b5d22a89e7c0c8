import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useDraft } from '../../stores/useDraft';

/** A timer that goes on with the tab closed: only its start is kept. */
export function useSoak(id: () => string) {
  const since = useDraft(id);
  const now = ref(Date.now());
  useIntervalFn(() => (now.value = Date.now()), 1000);
  const shown = computed(() => {
    const began = Number(since.value);
    if (!began) return '';
    const seconds = Math.max(0, Math.floor((now.value - began) / 1000));
    const two = (value: number): string => String(Math.floor(value)).padStart(2, '0');
    return `${two(seconds / 3600)}:${two((seconds / 60) % 60)}:${two(seconds % 60)}`;
  });
  return { shown, start: () => (since.value = String(Date.now())) };
}
