import { Comment, defineComponent, shallowRef, type VNode } from 'vue';
import { useTurns } from './useTurns';

const isPart = (node: VNode): boolean => node.type !== Comment;

/**
 * Draws what it holds, one part after the other, each in a turn of its own: a view that is large never holds up a tap.
 * The first part stands there at once; there is no element around them.
 */
export default defineComponent({
  name: 'InTurns',
  setup(_props, { slots }) {
    const parts = shallowRef(0);
    const drawn = useTurns(() => parts.value, 1);
    return () => {
      const all = (slots['default']?.() ?? []).filter(isPart);
      parts.value = all.length;
      return all.slice(0, drawn.value);
    };
  },
});
