import { mount } from '@vue/test-utils';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { defineComponent, h, ref } from 'vue';
import { useHandsFree } from './useHandsFree';

/** What the browser would say, and hold awake. */
function browser(isLockRefused = false) {
  const spoken: string[] = [];
  class Utterance {
    constructor(public text: string) {}
  }
  const speak = vi.fn((utterance: Utterance & { onstart?: () => void }) => {
    spoken.push(utterance.text);
    utterance.onstart?.();
  });
  vi.stubGlobal('SpeechSynthesisUtterance', Utterance);
  vi.stubGlobal('speechSynthesis', { speak, cancel: vi.fn(), pause: vi.fn(), resume: vi.fn() });
  const request = vi.fn(() =>
    isLockRefused
      ? Promise.reject(new Error('battery low'))
      : Promise.resolve({
          release: () => Promise.resolve(),
          addEventListener: () => undefined,
          removeEventListener: () => undefined,
        }),
  );
  Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
  return { spoken, request };
}

function mounted(words: string) {
  let made: ReturnType<typeof useHandsFree> | null = null;
  const Probe = defineComponent({
    setup() {
      made = useHandsFree(ref(words));
      return () => h('p');
    },
  });
  const screen = mount(Probe);
  return { screen, handsFree: made as unknown as ReturnType<typeof useHandsFree> };
}

afterEach(() => {
  vi.unstubAllGlobals();
  Reflect.deleteProperty(navigator, 'wakeLock');
});

describe('hands free', () => {
  test('a step is read aloud, and stops when asked again', () => {
    const { spoken } = browser();
    const { handsFree } = mounted('Wear eye protection. Take the bolt out');
    handsFree.toggleAloud();
    expect(spoken).toEqual(['Wear eye protection. Take the bolt out']);
    expect(handsFree.isSpeaking.value).toBe(true);
    handsFree.toggleAloud();
    expect(handsFree.isSpeaking.value).toBe(false);
    expect(spoken).toHaveLength(1);
  });
  test('the screen is asked to stay awake; a browser that refuses troubles nobody', async () => {
    const { request } = browser(true);
    mounted('x');
    await vi.waitFor(() => expect(request).toHaveBeenCalledWith('screen'));
  });
});
