import { computed, ref, shallowRef, watchEffect } from 'vue';
import { AUTORANGING, type MeterKind } from '../../../bench/meter/kinds';
import { PracticeSession, type Practice, type PracticeAction, type Shown } from '../../../bench/practice/session';
import { practiceOf, withShown } from '../../../bench/practice/practiceFile';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';
import { texts } from '#words/screens/bench';

let kept: { readonly key: string; readonly session: PracticeSession } | null = null;

/** The session of a practice as it stands: the one at hand where it is the same, else all is done again. */
function sessionOf(practice: Practice): PracticeSession {
  const key = keyOf(practice);
  if (kept?.key !== key) kept = { key, session: new PracticeSession(practice) };
  return kept.session;
}

function keyOf({ level, seed, actions, twin }: Practice): string {
  return JSON.stringify([level, seed, twin ?? null, actions]);
}

/** A practice that came from outside may ask for what the bench cannot do: then it is none. */
function playable(practice: Practice | null): Practice | null {
  if (!practice) return null;
  try {
    sessionOf(practice);
    return practice;
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}

/** The practice car of the open job: what can be done to it, its clock and its bill. */
export function usePractice() {
  const job = useJob();
  const { now, newId } = usePorts();
  const practice = computed(() => playable(practiceOf(job.file)));
  const minutes = ref(0);
  const cost = ref(0);
  const last = shallowRef<Shown | null>(null);
  const meter = shallowRef<MeterKind>(AUTORANGING);
  const flashes = shallowRef<readonly string[]>([]);

  watchEffect(() => {
    if (!practice.value) return;
    const session = sessionOf(practice.value);
    minutes.value = session.ledger.minutes;
    cost.value = session.ledger.cost;
    meter.value = session.world.meter;
    flashes.value = session.flashes;
  });

  /** Does one thing to the car and writes down what it shows: the action and the observation in one change of the newest file. */
  async function act(action: PracticeAction): Promise<Shown | null> {
    let shown: Shown | null = null;
    await job.alter(texts.whatWasDoneTo, (file) => {
      const before = practiceOf(file);
      if (!before) return file;
      const session = sessionOf(before);
      /* Ahead of its file from here on: whatever goes wrong, all is done again from what is stored. */
      kept = null;
      shown = session.act(action);
      const after = withShown(file, action, shown, { at: now(), newId });
      kept = { key: keyOf(practiceOf(after) as Practice), session };
      return after;
    });
    last.value = shown;
    return shown;
  }

  const set = (change: Partial<Pick<Practice, 'alone' | 'finished'>>): Promise<void> =>
    job.alter(texts.theWayOfPractising, (file) => {
      const before = practiceOf(file);
      return before ? { ...file, practice: { ...before, ...change } } : file;
    });

  return { job, practice, minutes, cost, meter, flashes, last, act, set };
}
