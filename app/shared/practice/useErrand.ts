import { ref } from 'vue';
import { dropOf } from '../../../bench/practice/session';
import type { Hello } from '../../../bench/reader/serve';
import { DiagnosticClient } from '../../../core/diagnostics/client';
import { browserTimer } from '../../workers/browserTimer';
import { openLink } from '../../workers/readerClient';
import { usePractice } from './usePractice';
import { texts } from '#words/screens/bench';

/** One errand after the other with the stand-in reader: plugged in for each, over the server's socket or, without one, in this browser. */
export function useErrand() {
  const { practice } = usePractice();
  const isBusy = ref(false);
  const notice = ref('');
  const isLost = ref(false);
  let client: DiagnosticClient | null = null;

  async function plugIn(moving: Partial<Pick<Hello, 'spun' | 'motion' | 'course'>> = {}): Promise<DiagnosticClient> {
    const now = practice.value;
    if (!now) throw new Error('no practice car');
    const { level, seed, actions, twin } = now;
    const plain = JSON.parse(JSON.stringify({ level, seed, actions, twin })) as typeof now;
    const { link, via } = await openLink({
      practice: plain,
      spun: null,
      motion: null,
      course: null,
      ...moving,
      dropAfter: dropOf(now),
    });
    notice.value = via === 'socket' ? texts.linkedOverTheServer : texts.linkedWithinThisBrowser;
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
      notice.value = texts.theReaderCannotBe(error instanceof Error ? error.message : texts.noLink);
    } finally {
      client?.close();
      client = null;
      isBusy.value = false;
    }
  }

  const cancel = (): void => client?.cancel();
  return { isBusy, told: notice, isLost, plugIn, errand, cancel };
}
