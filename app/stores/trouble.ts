import { defineStore } from 'pinia';
import { computed, shallowReactive, shallowRef } from 'vue';
import type { Fault } from '../storage/faults';
import type { Patience, Unsaved } from '../storage/patience';
import type { WorkerFault } from '../workers/supervised';

interface Waiting {
  readonly fault: Fault;
  readonly unsaved: Unsaved | null;
  readonly decide: (again: boolean) => void;
}

/** The adviser cannot be had: why, and what asks it again. */
export interface AdviserTrouble {
  readonly fault: WorkerFault;
  readonly message: string;
  /** Null while it is being started again. */
  readonly retry: (() => void) | null;
}

/** What goes wrong behind the screens, until it is put right: nothing that fails is silent. */
export const useTrouble = defineStore('trouble', () => {
  const waiting = shallowReactive<Waiting[]>([]);
  const slow = shallowRef(0);
  const writing = shallowRef(0);
  const adviser = shallowRef<AdviserTrouble | null>(null);
  const isNewVersion = shallowRef(false);
  const isMemoryOnly = shallowRef(false);

  function decide(again: boolean): void {
    for (const entry of waiting.splice(0)) entry.decide(again);
  }

  /** What the store's work does when it fails: it waits for the person before the screen. */
  const patience: Patience = {
    failed: (fault, unsaved) =>
      new Promise((resolve) => waiting.push({ fault, unsaved, decide: (again) => resolve(again) })),
    waiting() {
      slow.value += 1;
      return () => (slow.value -= 1);
    },
    keeping() {
      writing.value += 1;
      return () => (writing.value -= 1);
    },
  };

  return {
    patience,
    adviser,
    isNewVersion,
    isMemoryOnly,
    /** The store's fault that stands; null when it works. */
    fault: computed<Fault | null>(() => waiting.at(-1)?.fault ?? (slow.value > 0 ? 'blocked' : null)),
    /** Whether something is being kept at this moment: a tab closed now would lose it. */
    isWriting: computed(() => writing.value > 0),
    /** Whether something waits to be kept, and so can be tried again or given up. */
    canDecide: computed(() => waiting.length > 0),
    unsaved: computed<readonly Unsaved[]>(() => waiting.flatMap((entry) => (entry.unsaved ? [entry.unsaved] : []))),
    tryAgain: () => decide(true),
    giveUp: () => decide(false),
  };
});
