import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useDraft } from '../../stores/useDraft';

const MINUTE_MS = 60_000;

/** What is kept of a timer: when it was started, for how many minutes, and for what. */
interface Kept {
  readonly since: number;
  readonly minutes: number;
  readonly what: string;
}

const write = ({ since, minutes, what }: Kept): string => `${since} ${minutes} ${what}`;

function read(text: string): Kept | null {
  const [since, minutes, what] = text.split(' ');
  return Number(since) > 0 && Number(minutes) > 0
    ? { since: Number(since), minutes: Number(minutes), what: what ?? '' }
    : null;
}

/**
 * A timer of a job that goes on with the tab closed: only its start is kept.
 * @param job id of the job.
 */
export function useTimer(job: () => string | undefined) {
  const kept = useDraft(() => `${job()}.timer`);
  const now = ref(Date.now());
  const timer = computed(() => read(kept.value));
  useIntervalFn(() => {
    now.value = Date.now();
    /* A clock that was set back would have it ring as much later: it begins again, and lasts no longer than it was set to. */
    if (timer.value && now.value < timer.value.since) kept.value = write({ ...timer.value, since: now.value });
  }, 1000);
  const passed = computed(() => (timer.value ? Math.max(0, now.value - timer.value.since) : 0));
  return {
    /** What it was started for; empty while none runs. */
    what: computed(() => timer.value?.what ?? ''),
    minutes: computed(() => timer.value?.minutes ?? 0),
    /** Whole minutes that have passed. */
    minutesPassed: computed(() => Math.floor(passed.value / MINUTE_MS)),
    /** 0 to 1. */
    share: computed(() => (timer.value ? Math.min(1, passed.value / (timer.value.minutes * MINUTE_MS)) : 0)),
    /** Moment at which it rings, ms since 1970. */
    until: computed(() => (timer.value ? timer.value.since + timer.value.minutes * MINUTE_MS : 0)),
    isOver: computed(() => timer.value !== null && passed.value >= timer.value.minutes * MINUTE_MS),
    start: (minutes: number, what: string): void => {
      now.value = Date.now();
      kept.value = write({ since: Date.now(), minutes, what });
    },
    stop: (): void => void (kept.value = ''),
  };
}
