import { mount } from '@vue/test-utils';
import { defineComponent, h, type Component } from 'vue';
import { createMemoryHistory, createRouter, RouterView } from 'vue-router';
import { afterEach, expect, test } from 'vitest';
import { until } from '../../testSupport';
import { usePlace } from './usePlace';

/** A view whose heading and field say which it is. */
const view = (words: string): Component => ({
  render: () => h('main', [h('h1', words), h('input', { id: words }), h('button', words)]),
});

const App = defineComponent({
  setup() {
    usePlace();
    return () => h(RouterView);
  },
});

let unmount = (): void => undefined;
afterEach(() => unmount());

async function opened(address: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/find', component: view('The signal path') },
      { path: '/fix', component: view('What to mend') },
    ],
  });
  const app = mount(App, { attachTo: document.body, global: { plugins: [router] } });
  unmount = () => app.unmount();
  await router.push(address);
  await until(() => expect(document.title).toMatch(/ · Zelf$/));
  return router;
}

const here = (): string => `${document.activeElement?.tagName} ${document.activeElement?.textContent}`.trim();

test('the title is what the view’s heading says; at the beginning nobody is led anywhere', async () => {
  await opened('/find');
  expect(document.title).toBe('The signal path · Zelf');
  expect(document.activeElement).toBe(document.body);
});

test('after a way to another view, what is heard begins with its heading', async () => {
  const router = await opened('/find');
  document.querySelector('button')?.focus();
  await router.push('/fix');
  await until(() => expect(document.title).toBe('What to mend · Zelf'));
  expect(here()).toBe('H1 What to mend');
  await router.push('/fix?repair=replaced:sensor');
  document.querySelector('button')?.focus();
  await router.push('/fix?repair=cleaned:plug');
  await until(() => expect(here()).toBe('H1 What to mend'));
});

test('what changes within a view takes nobody away; nor does a way while somebody types', async () => {
  const router = await opened('/find');
  document.querySelector('button')?.focus();
  await router.push('/find?segment=lead');
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(here()).toBe('BUTTON The signal path');
  await router.push('/fix');
  document.querySelector('input')?.focus();
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(document.activeElement?.id).toBe('What to mend');
});
