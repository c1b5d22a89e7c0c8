import { ref, shallowRef } from 'vue';
import { dropOf } from '../../../bench/practice/session';
import { DiagnosticClient, sweep } from '../../../core/diagnostics/client';
import type { ModuleName } from '../../../core/diagnostics/link';
import type { Channel } from '../../../core/casefile/words';
import type { NewObservation } from '../../stores/job';
import { browserTimer } from '../../workers/browserTimer';
import { openLink } from '../../workers/readerClient';
import { usePractice } from './usePractice';

const MODULES: readonly ModuleName[] = ['abs', 'engine', 'airbag', 'instruments'];

/** The stand-in reader: plugged in for each errand, over the server's socket or, without one, in this browser. */
export function useReader() {
  const { job, practice, act } = usePractice();
  const isBusy = ref(false);
  const told = ref('');
  const isLost = ref(false);
  const asked = shallowRef<readonly ModuleName[]>([]);
  const speeds = shallowRef<readonly (number | null)[]>([]);
  let client: DiagnosticClient | null = null;

  async function plugIn(spun: Channel | null = null): Promise<DiagnosticClient> {
    const now = practice.value;
    if (!now) throw new Error('no practice car');
    const { level, seed, actions } = now;
    const plain = JSON.parse(JSON.stringify({ level, seed, actions })) as typeof now;
    const { link, via } = await openLink({ practice: plain, spun, dropAfter: dropOf(now) });
    told.value = via === 'socket' ? 'Linked over the server.' : 'Linked within this browser: no network needed.';
    client = new DiagnosticClient(link, browserTimer);
    return client;
  }

  /** One errand with the reader; whatever happens is said, and the link is let go. */
  async function errand(make: () => Promise<void>): Promise<void> {
    if (isBusy.value) return;
    isBusy.value = true;
    isLost.value = false;
    try {
      await make();
    } catch (error) {
      isLost.value = true;
      told.value = `The reader cannot be reached: ${error instanceof Error ? error.message : 'no link'}. Nothing was lost.`;
    } finally {
      client?.close();
      client = null;
      isBusy.value = false;
    }
  }

  /** Reads the modules that have not been read yet; what was read is kept at once, even when the link is lost on the way. */
  const read = (): Promise<void> =>
    errand(async () => {
      const left = MODULES.filter((one) => !asked.value.includes(one));
      const found = await sweep(await plugIn(), left);
      if (found.seen.length > 0) await job.observe(...(found.seen as readonly NewObservation[]));
      await act({ do: 'read', modules: Math.max(1, found.asked.length) });
      const whole = [...asked.value, ...found.asked];
      isLost.value = found.cut !== null;
      asked.value = found.cut === null ? [] : whole;
      const codes = found.seen.filter((one) => one.kind === 'code').length;
      told.value = found.cut
        ? `${found.cut[0]?.toUpperCase() ?? ''}${found.cut.slice(1)}: ${whole.length} of ${MODULES.length} modules, ${codes} ${codes === 1 ? 'code' : 'codes'}.`
        : `${codes} ${codes === 1 ? 'code' : 'codes'} recorded; ${MODULES.length} modules asked.`;
    });

  /** Erases over the link, then key on and a short drive: what returns is recorded. */
  const erase = (): Promise<void> =>
    errand(async () => {
      const answer = await (await plugIn()).clearCodes('abs');
      if (!answer.ok) {
        isLost.value = true;
        told.value = `Not erased: ${answer.problems[0]?.message ?? 'no answer'}.`;
        return;
      }
      const shown = await act({ do: 'check', check: 'clear', channel: null });
      const [clear] = shown?.seen ?? [];
      const back = clear?.kind === 'clear' && clear.result !== 'stayed-clear' ? clear.returned?.join(', ') : '';
      told.value = back
        ? `Erased, key on, a short drive: ${back} came back.`
        : 'Erased, key on, a short drive: nothing came back.';
    });

  /** Spins a wheel and watches the four speeds over the link; the finding is recorded. */
  const spin = (channel: Channel): Promise<void> =>
    errand(async () => {
      const seen = await (await plugIn(channel)).wheelSpeeds();
      speeds.value = seen.ok ? seen.value : [];
      const shown = await act({ do: 'check', check: 'live:hand-spin', channel });
      const [live] = shown?.seen ?? [];
      if (!seen.ok) told.value = `No speeds: ${seen.problems[0]?.message ?? 'no answer'}.`;
      else told.value = live?.kind === 'live' ? 'One turn a second by hand. The finding is recorded.' : '';
    });

  const cancel = (): void => client?.cancel();
  return { isBusy, told, isLost, asked, speeds, read, erase, spin, cancel };
}
