import { describe, expect, it } from 'vitest';
import { defineComponent } from 'vue';
import { createGarageStorage } from '../../storage/garageStorage';
import { memoryShelf } from '../../storage/memoryShelf';
import { useTrouble } from '../../stores/trouble';
import { useHoldPage } from './useHoldPage';
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';

const leave = (): boolean => window.dispatchEvent(new Event('beforeunload', { cancelable: true }));
const mark = (): string | undefined => document.documentElement.dataset['writing'];

function held() {
  setActivePinia(createPinia());
  mount(defineComponent({ setup: () => (useHoldPage(), () => null) }));
  return useTrouble();
}

describe('a page that is closed while something is being kept', () => {
  it('asks first, and marks the page, until it is kept', async () => {
    const trouble = held();
    const storage = createGarageStorage(memoryShelf(), trouble.patience);
    expect([leave(), mark()]).toEqual([true, undefined]);
    const kept = storage.keepPreference('glove', true);
    expect([leave(), mark()]).toEqual([false, 'yes']);
    await kept;
    expect([leave(), mark()]).toEqual([true, undefined]);
  });

  it('lets go at once while something is only read', async () => {
    const trouble = held();
    const storage = createGarageStorage(memoryShelf(), trouble.patience);
    const read = storage.preference('glove');
    expect([leave(), mark()]).toEqual([true, undefined]);
    await read;
  });

  it('asks for as long as the store’s fault waits for a decision, and no longer', async () => {
    const trouble = held();
    const shelf = { ...memoryShelf(), put: () => Promise.reject(new DOMException('full', 'QuotaExceededError')) };
    const kept = createGarageStorage(shelf, trouble.patience).keepPreference('glove', true);
    await expect.poll(() => trouble.canDecide).toBe(true);
    expect(leave()).toBe(false);
    trouble.giveUp();
    await expect(kept).rejects.toThrow();
    expect([leave(), mark()]).toEqual([true, undefined]);
  });
});
