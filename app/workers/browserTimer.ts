import type { Timer } from '../../core/diagnostics/link';

export const browserTimer: Timer = {
  after: (ms, call) => {
    const running = setTimeout(call, ms);
    return () => clearTimeout(running);
  },
};
