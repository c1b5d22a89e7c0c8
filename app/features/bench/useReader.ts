import { capital } from '../../../core/words/capital';
import { ref, shallowRef } from 'vue';
import { ALL_MODULES, sweep } from '../../../core/diagnostics/client';
import type { ModuleName } from '../../../core/diagnostics/link';
import type { Seen } from '../../../bench/monitor/codes';
import type { Channel } from '../../../core/casefile/words';
import type { NewObservation } from '../../stores/job';
import { A_BEND } from '../../../bench/car/wheels';
import { useErrand } from '../../shared/practice/useErrand';
import { usePractice } from '../../shared/practice/usePractice';
import { texts } from '#words/screens/bench';

/** What spinning a wheel by hand showed. */
function spunWords(live: Seen | undefined): string {
  if (live?.kind !== 'live') return texts.spunByHand;
  if (live.finding === 'answers-as-other-channel') return texts.spunAnotherName;
  return live.finding === 'cuts-in-late' ? texts.spunCutsInLate : texts.spunByHand;
}

/** What the stand-in reader can be asked for. */
export function useReader() {
  const { job, act } = usePractice();
  const { isBusy, told: notice, isLost, plugIn, errand, cancel } = useErrand();
  const asked = shallowRef<readonly ModuleName[]>([]);
  const speeds = shallowRef<readonly (number | null)[]>([]);
  /** The brake module of an older car answers no reader. */
  const isDumb = ref(false);

  /** Reads the modules that have not been read yet; what was read is kept at once, even when the link is lost on the way. */
  const read = (): Promise<void> =>
    errand(async () => {
      const left = ALL_MODULES.filter((module) => !asked.value.includes(module));
      const found = await sweep(await plugIn(), left);
      if (found.seen.length > 0) await job.observe(...(found.seen as readonly NewObservation[]));
      await act({ do: 'read', modules: Math.max(1, found.asked.length) });
      const whole = [...asked.value, ...found.asked];
      isLost.value = found.cut !== null;
      asked.value = found.cut === null ? [] : whole;
      isDumb.value = found.seen.some((entry) => entry.kind === 'no-answer' && entry.module === 'abs');
      const codes = found.seen.filter((entry) => entry.kind === 'code').length;
      notice.value = found.cut
        ? texts.cutReading(capital(found.cut), whole.length, ALL_MODULES.length, codes)
        : texts.codesRecorded(codes, ALL_MODULES.length);
    });

  /** Erases over the link, then key on and a short drive: what returns is recorded. */
  const erase = (): Promise<void> =>
    errand(async () => {
      const answer = await (await plugIn()).clearCodes('abs');
      if (!answer.ok) {
        isLost.value = true;
        notice.value = texts.notErased(answer.problems[0]?.message ?? texts.noAnswer);
        return;
      }
      const shown = await act({ do: 'check', check: 'clear', channel: null });
      const [clear] = shown?.seen ?? [];
      const back = clear?.kind === 'clear' && clear.result !== 'stayed-clear' ? clear.returned?.join(', ') : '';
      notice.value = back ? texts.erasedKeyOnA(back) : texts.erasedKeyOnAShort;
    });

  /** Spins a wheel and watches the four speeds over the link; the finding is recorded. */
  const spin = (channel: Channel): Promise<void> =>
    errand(async () => {
      const seen = await (await plugIn({ spun: channel })).wheelSpeeds();
      speeds.value = seen.ok ? seen.value : [];
      const shown = await act({ do: 'check', check: 'live:hand-spin', channel });
      const [live] = shown?.seen ?? [];
      if (!seen.ok) notice.value = texts.noSpeeds(seen.problems[0]?.message ?? texts.noAnswer);
      else notice.value = spunWords(live);
    });

  /** Drives a bend and watches the four speeds over the link; what the drive shows of each corner is recorded. */
  const drive = (): Promise<void> =>
    errand(async () => {
      const seen = await (await plugIn({ motion: A_BEND })).wheelSpeeds();
      speeds.value = seen.ok ? seen.value : [];
      await act({ do: 'check', check: 'live:drive', channel: job.subject });
      notice.value = seen.ok
        ? texts.aBendToThe(A_BEND.kmh)
        : texts.noSpeeds(seen.problems[0]?.message ?? texts.noAnswer);
    });

  return { isBusy, told: notice, isLost, isDumb, asked, speeds, read, erase, spin, drive, cancel };
}
