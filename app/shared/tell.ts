import { h } from 'vue';
import { texts } from '#words/shared/app';

/** Above the bar at the foot, where the thumb is, never over the stages. */
function heightOfBar(): number {
  const bars = [...document.querySelectorAll<HTMLElement>('.bar')];
  return Math.max(0, ...bars.map((bar) => window.innerHeight - bar.getBoundingClientRect().top));
}

/** Messages are loaded when there is one to show. */
const messages = async () => (await import('./messages')).ElMessage;

/**
 * Says that something was done, with a button that takes it back.
 * @param words what was done, with its full stop. @param button what the button says. @param undo takes it back.
 */
export async function tellWithUndo(words: string, button: string, undo: () => void, duration = 7000): Promise<void> {
  const show = await messages();
  const message = show({
    duration,
    placement: 'bottom',
    offset: heightOfBar() + 12,
    message: h('span', [
      `${words} `,
      h(
        'button',
        {
          class: ['tap', 'quiet', 'in-message'],
          onClick: () => {
            undo();
            message.close();
          },
        },
        button,
      ),
    ]),
  });
}

/** What stands on the screen now: it is not said twice. */
const standing = new Set<string>();

/** Says something that needs no answer. */
export async function tell(words: string): Promise<void> {
  const show = await messages();
  if (standing.has(words)) return;
  standing.add(words);
  show({
    message: words,
    duration: 6000,
    showClose: true,
    placement: 'bottom',
    offset: heightOfBar() + 12,
    onClose: () => standing.delete(words),
  });
}

/** Says that something went wrong that nobody expected. */
export async function tellMishap(reason: string): Promise<void> {
  const show = await messages();
  show({
    message: texts.somethingWentWrongEverything(reason),
    duration: 8000,
    showClose: true,
  });
}
