import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import InTurns from './InTurns';
import WhenOpened from './WhenOpened.vue';

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

/** One turn of the main thread, and what it draws. */
async function turn(): Promise<void> {
  vi.advanceTimersToNextTimer();
  await nextTick();
}

function shelf(names = ref(['a', 'b', 'c'])) {
  const born: string[] = [];
  const Part = defineComponent({
    props: { name: { type: String, required: true } },
    setup: ({ name }) => (born.push(name), () => h('p', name)),
  });
  const screen = mount(InTurns, {
    slots: { default: () => names.value.map((name) => (name ? h(Part, { name, key: name }) : null)) },
  });
  return { screen, born, names, text: () => screen.text() };
}

describe('a view drawn in turns', () => {
  it('has its first part at once, and one more at each turn', async () => {
    const { born, text } = shelf();
    expect([text(), born]).toEqual(['a', ['a']]);
    await turn();
    expect(text()).toBe('ab');
    await turn();
    expect([text(), born]).toEqual(['abc', ['a', 'b', 'c']]);
  });
  it('makes no part twice, and draws what comes later', async () => {
    const { born, text, names } = shelf();
    await turn();
    await turn();
    names.value = ['a', 'b', 'c', 'd'];
    await nextTick();
    expect(text()).toBe('abc');
    await turn();
    expect([text(), born]).toEqual(['abcd', ['a', 'b', 'c', 'd']]);
    names.value = ['d'];
    await nextTick();
    expect(text()).toBe('d');
  });
  it('stops when it is left', () => {
    const { screen } = shelf();
    screen.unmount();
    expect(vi.getTimerCount()).toBe(0);
  });
});

describe('what lies folded away', () => {
  const fold = (isOpen: boolean) =>
    mount(
      {
        components: { WhenOpened },
        template: `<details ${isOpen ? 'open' : ''}><summary>More</summary><WhenOpened><p>inside</p></WhenOpened></details>`,
      },
      { attachTo: document.body },
    );
  it('is made when it is opened first, and stays', async () => {
    const screen = fold(false);
    expect(screen.find('p').exists()).toBe(false);
    const details = screen.find('details').element;
    details.open = true;
    await nextTick();
    expect(screen.find('p').text()).toBe('inside');
    details.open = false;
    await nextTick();
    expect(screen.find('p').exists()).toBe(true);
    screen.unmount();
  });
  it('is made at once where the fold is open', async () => {
    const screen = fold(true);
    await nextTick();
    expect(screen.find('p').exists()).toBe(true);
    screen.unmount();
  });
});
