import { defineStore } from 'pinia';
import { onScopeDispose, shallowReactive } from 'vue';
import { mergedText } from '../../core/commands/mergedText';
import type { StoredDraft } from '../storage/records';
import type { Stop } from '../storage/shelf';
import { usePorts } from './ports';
import { useTrouble } from './trouble';

interface Draft {
  /** Free text of two tabs is put together; of anything else the newest counts. */
  readonly isFreeText: boolean;
  /** What is known to be stored. */
  stored: StoredDraft;
  isWriting: boolean;
  /** What another tab wrote while this one was writing: heard afterwards, if it is newer. */
  missed: StoredDraft | null;
  readonly stop: Stop;
}

/** A letter is drawn before it is stored: opening a transaction takes longer than drawing. */
const drawn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** What is typed and not yet recorded, by name: kept at every letter, the same in every tab. */
export const useDrafts = defineStore('drafts', () => {
  const { storage } = usePorts();
  const { patience } = useTrouble();
  const texts = shallowReactive(new Map<string, string>());
  const drafts = new Map<string, Draft>();
  const textOf = (id: string): string => texts.get(id) ?? '';

  /** Another tab has written: its words and those typed here are put together. */
  function heard(id: string, now: StoredDraft): void {
    const draft = drafts.get(id);
    if (draft?.isWriting) draft.missed = now;
    if (!draft || draft.isWriting || now.revision <= draft.stored.revision) return;
    const before = draft.stored.text;
    const isUntouched = textOf(id) === before;
    draft.stored = now;
    texts.set(id, isUntouched || !draft.isFreeText ? now.text : mergedText(before, now.text, textOf(id)));
    if (textOf(id) !== now.text) void write(id).catch(() => undefined);
  }

  /** Begins to follow a draft. */
  function open(id: string, isFreeText = false): void {
    if (drafts.has(id)) return;
    const draft: Draft = {
      isFreeText,
      stored: { text: '', revision: -1 },
      isWriting: false,
      missed: null,
      stop: () => undefined,
    };
    drafts.set(id, draft);
    Object.assign(draft, { stop: storage.watchDraft(id, (now) => heard(id, now)) });
  }

  /** Writes the newest text until what is stored is what is typed. */
  async function write(id: string): Promise<void> {
    const draft = drafts.get(id);
    if (!draft || draft.isWriting) return;
    draft.isWriting = true;
    const isKept = patience.keeping();
    try {
      while (draft.stored.text !== textOf(id)) {
        await drawn();
        const sent = textOf(id);
        draft.stored = await storage.keepDraft(id, sent, draft.isFreeText ? draft.stored.text : null);
        texts.set(id, mergedText(sent, draft.stored.text, textOf(id)));
      }
    } finally {
      isKept();
      const { missed } = draft;
      Object.assign(draft, { isWriting: false, missed: null });
      if (missed) heard(id, missed);
    }
  }

  function type(id: string, text: string): void {
    texts.set(id, text);
    void write(id).catch(() => undefined);
  }

  onScopeDispose(() => drafts.forEach((draft) => draft.stop()));
  return { textOf, open, type };
});
