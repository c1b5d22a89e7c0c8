import { ElMessage } from 'element-plus';
import { h } from 'vue';

/** Above the bar at the foot, where the thumb is, never over the stages. */
function heightOfBar(): number {
  const bars = [...document.querySelectorAll<HTMLElement>('.bar')];
  return Math.max(0, ...bars.map((bar) => window.innerHeight - bar.getBoundingClientRect().top));
}

/**
 * Says that something was done, with a button that takes it back.
 * @param words what was done, with its full stop. @param button what the button says. @param undo takes it back.
 */
export function tellWithUndo(words: string, button: string, undo: () => void, duration = 7000): void {
  const message = ElMessage({
    duration,
    placement: 'bottom',
    offset: heightOfBar() + 12,
    message: h('span', [
      `${words} `,
      h(
        'button',
        {
          class: 'tap quiet',
          style: 'color: var(--bar-action); min-height: 44px',
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
