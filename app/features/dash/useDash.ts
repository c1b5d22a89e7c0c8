import { computed } from 'vue';
import type { ObservationOf } from '../../../core/casefile/contract';
import { LAMPS, type Channel } from '../../../core/casefile/words';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';
import {
  earlierLamps,
  lastLamps,
  toggled,
  withBend,
  withEarlier,
  withLamps,
  type Lamp,
  type Pattern,
} from './lampNotes';

/** Lamps that a wheel speed sensor puts on, then those of other systems. */
export const FAMILY: readonly Lamp[] = [
  'abs',
  'stability',
  'hill-start',
  'hill-descent',
  'brake',
  'brake-red',
  'tyre-pressure',
  'message',
];
export const OTHERS: readonly Lamp[] = LAMPS.filter((one) => !FAMILY.includes(one));

/** What the Dash stage shows and does. */
export function useDash() {
  const job = useJob();
  const { now, newId } = usePorts();
  const lamps = computed(() => lastLamps(job.file));
  const lit = computed<readonly Lamp[]>(() => lamps.value?.lit ?? []);
  const pattern = computed<readonly Pattern[]>(() => lamps.value?.pattern ?? []);
  const counted = computed(() => job.file?.observations.filter((one) => !one.withdrawn) ?? []);
  const history = computed(() =>
    counted.value.filter((one): one is ObservationOf<'history'> => one.kind === 'history'),
  );
  const earlier = computed<readonly Pattern[]>(() => earlierLamps(job.file)?.pattern ?? []);
  const symptoms = computed(() =>
    counted.value.filter((one): one is ObservationOf<'symptom'> => one.kind === 'symptom'),
  );

  const setLamps = (make: Parameters<typeof withLamps>[1]): Promise<void> => {
    const [id, at] = [newId(), now()];
    return job.alter((file) => withLamps(file, make, id, at));
  };

  const toggleLamp = (lamp: Lamp): Promise<void> =>
    setLamps((before) => ({ ...before, lit: toggled(before.lit, lamp) }));
  const togglePattern = (word: Pattern): Promise<void> =>
    setLamps((before) => ({ ...before, pattern: toggled(before.pattern, word) }));
  const allOut = (): Promise<void> => setLamps(() => ({ lit: [], pattern: [] }));

  const toggleEarlier = (word: Pattern): Promise<void> => {
    const [id, at] = [newId(), now()];
    return job.alter((file) => withEarlier(file, word, id, at));
  };

  async function toggleSymptom(symptom: ObservationOf<'symptom'>['symptom']): Promise<void> {
    const known = symptoms.value.find((one) => one.symptom === symptom);
    if (known) await job.withdraw(known.id, true);
    else await job.observe({ kind: 'symptom', symptom });
  }

  const setBend = (id: string, bend: 'left' | 'right'): Promise<void> => job.alter((file) => withBend(file, id, bend));

  async function addHistory(
    event: ObservationOf<'history'>['event'],
    channel: Channel | null,
    ago: number | null,
  ): Promise<void> {
    await job.observe({ kind: 'history', event, ...(channel ? { channel } : {}), ...(ago === null ? {} : { ago }) });
  }

  return {
    job,
    lit,
    pattern,
    symptoms,
    history,
    counted,
    toggleLamp,
    togglePattern,
    allOut,
    toggleSymptom,
    toggleEarlier,
    earlier,
    setBend,
    addHistory,
  };
}
