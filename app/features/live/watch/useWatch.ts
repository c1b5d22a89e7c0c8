import { computed, onBeforeUnmount, ref, shallowRef } from 'vue';
import type { CourseName } from '../../../../bench/reader/course';
import type { Channel } from '../../../../core/casefile/words';
import type { Mark } from '../../../../core/livelog/log';
import type { Moment, Watched } from '../../../../core/livelog/watching';
import { useJob } from '../../../stores/job';
import { useErrand } from '../../../shared/practice/useErrand';
import { usePractice } from '../../../shared/practice/usePractice';
import { texts } from '#words/screens/watch';

/** Curves are drawn anew so often a second at most. */
const DRAWN_EVERY_MS = 100;
/** An hour at twenty a second; older moments make room. */
const MOST_MOMENTS = 72_000;

/** Watches the four speeds over the stand-in reader, writes them down, and takes marks. */
export function useWatch() {
  const job = useJob();
  const { practice } = usePractice();
  const { plugIn, errand, isLost, told: notice } = useErrand();
  const channels = computed<readonly Channel[]>(() => job.file?.vehicle.channels ?? []);
  const watched = shallowRef<Watched>({ channels: [], moments: [], marks: {} });
  const isOn = ref(false);
  const rate = ref(0);
  let moments: Moment[] = [];
  let marks: Partial<Record<Mark, readonly number[]>> = {};
  let begun = 0;
  let drawn = 0;
  /** Which beginning counts: a later one, or a stop, ends those before it at their next answer. */
  let turn = 0;
  let running: Promise<void> = Promise.resolve();

  function draw(): void {
    watched.value = { channels: channels.value, moments: [...moments], marks };
    const now = moments.at(-1)?.second ?? 0;
    rate.value = moments.filter(({ second }) => second > now - 1).length;
  }

  function take(speeds: readonly (number | null)[]): void {
    const now = performance.now();
    moments.push({ second: (now - begun) / 1000, speeds });
    if (moments.length > MOST_MOMENTS) moments = moments.slice(-MOST_MOMENTS / 2);
    if (now - drawn < DRAWN_EVERY_MS) return;
    drawn = now;
    draw();
  }

  async function follow(course: CourseName, spun: Channel | null, isWanted: () => boolean): Promise<void> {
    const client = await plugIn({ spun, course });
    if (isWanted()) isOn.value = true;
    while (isWanted()) {
      const answer = await client.wheelSpeeds();
      if (answer.ok) {
        take(answer.value);
        continue;
      }
      isLost.value = true;
      notice.value = answer.problems[0]?.message ?? '';
      break;
    }
    if (isWanted()) isOn.value = false;
    draw();
  }

  /** Connects, once the link before is let go, and goes on until it is stopped or the link is lost. @param isFresh whether what was recorded before is put away. */
  function begin(course: CourseName, spun: Channel | null, isFresh: boolean): void {
    stop();
    const mine = turn;
    const isWanted = (): boolean => mine === turn;
    running = running.then(async () => {
      if (!isWanted()) return;
      if (isFresh) {
        [moments, marks, begun] = [[], {}, performance.now()];
        draw();
      }
      await errand(() => follow(course, spun, isWanted));
      if (isWanted()) isOn.value = false;
    });
  }

  function mark(what: Mark): void {
    if (begun === 0) return;
    const second = moments.at(-1)?.second ?? (performance.now() - begun) / 1000;
    marks = { ...marks, [what]: [...(marks[what] ?? []), second] };
    draw();
  }

  function stop(): void {
    turn += 1;
    isOn.value = false;
  }
  onBeforeUnmount(stop);
  const status = computed(() => {
    if (isLost.value) return texts.lost(notice.value);
    return isOn.value ? texts.connected(rate.value) : '';
  });
  const isPractice = computed(() => practice.value !== null);
  return { isPractice, channels, watched, isOn, isLost, status, begin, stop, mark };
}
