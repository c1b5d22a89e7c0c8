import { onMounted, ref, watch, type Ref } from 'vue';
import { typedDrafts } from './drafts';
import { usePorts } from './ports';

/** Text that survives a closed tab before it is kept anywhere else. */
export function useDraft(id: () => string): Ref<string> {
  const { storage } = usePorts();
  const text = ref('');
  let isRead = false;
  onMounted(async () => {
    const kept = await storage.draft(id());
    if (text.value === '') text.value = kept;
    typedDrafts.set(id(), text.value);
    isRead = true;
  });
  watch(text, (now) => {
    if (!isRead && now === '') return;
    typedDrafts.set(id(), now);
    void storage.keepDraft(id(), now);
  });
  return text;
}
