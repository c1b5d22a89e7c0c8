import { computed, onMounted, shallowRef } from 'vue';
import { SAMPLE_IDS } from '../../demo/sampleIds';
import { useGarage } from '../../stores/garage';
import { usePorts } from '../../stores/ports';
import { shownDay } from '../../shared/time';
import { texts } from '#words/shared/bundle';

const KEY = 'backed-up-at';
const DAY = 86_400_000;
/** So many days of work may be lost before Zelf asks for a back-up. */
const NUDGE_AFTER = 14;

/**
 * Whether to ask for a back-up.
 * @param last when the last was made; empty for never. @param changed when own jobs were changed since, the earliest first. @param now as ISO 8601.
 * @returns what to say; empty while nothing is at stake.
 */
export function nudgeOf(last: string, changed: readonly string[], now: string): string {
  const [first] = changed;
  if (first === undefined || Date.parse(now) - Date.parse(first) < NUDGE_AFTER * DAY) return '';
  return last === '' ? texts.neverBackedUp : texts.lastBackUp(shownDay(last.slice(0, 10)));
}

/** When the whole garage was backed up last, and what of one's own changed since. */
export function useBackUps() {
  const garage = useGarage();
  const { storage, now } = usePorts();
  const last = shallowRef('');
  onMounted(async () => {
    const kept = await storage.preference(KEY);
    last.value = typeof kept === 'string' ? kept : '';
  });
  const changed = computed(() =>
    garage.jobs
      .filter((job) => !SAMPLE_IDS.has(job.vehicleId) && job.updatedAt > last.value)
      .map(({ updatedAt }) => updatedAt)
      .toSorted(),
  );
  async function note(): Promise<void> {
    last.value = now();
    await storage.keepPreference(KEY, last.value);
  }
  return { last, changed, note };
}
