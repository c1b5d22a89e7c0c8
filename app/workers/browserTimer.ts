import type { Timer } from '../../core/diagnostics/link';

export const browserTimer: Timer = {
  now: () => performance.now(),
  after: (ms, call) => {
    const running = setTimeout(call, ms);
    return () => clearTimeout(running);
  },
};
