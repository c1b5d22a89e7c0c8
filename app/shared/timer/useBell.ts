import { watch } from 'vue';
import { tell } from '../tell';
import { ring } from './ring';
import { useTimer } from './useTimer';
import { texts } from '#words/shared/app';

/** The bell of a job's timer: it rings on whatever page of the job is open. @param job id of the job. @param sound other ones for tests. */
export function useBell(job: () => string | undefined, sound: () => void = ring): void {
  const timer = useTimer(job);
  watch(timer.isOver, (isOver, was) => {
    if (!isOver || was !== false) return;
    sound();
    void tell(texts.timeIsUp(timer.minutes.value));
  });
}
