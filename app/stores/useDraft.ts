import { computed, watch, type WritableComputedRef } from 'vue';
import { useDrafts } from './drafts';

/**
 * Text that survives a closed tab before it is recorded anywhere else.
 * @param id its name. @param isFreeText whether what two tabs type is put together; else the newest counts.
 */
export function useDraft(id: () => string, isFreeText = false): WritableComputedRef<string> {
  const drafts = useDrafts();
  watch(id, (now) => drafts.open(now, isFreeText), { immediate: true });
  return computed({ get: () => drafts.textOf(id()), set: (text) => drafts.type(id(), text) });
}

/** What is left of a draft once a part of it has been recorded: what was typed meanwhile stays. */
export function withoutRecorded(now: string, recorded: string): string {
  return now.startsWith(recorded) ? now.slice(recorded.length) : now;
}
