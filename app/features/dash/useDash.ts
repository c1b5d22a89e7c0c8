import { computed } from 'vue';
import type { ObservationOf } from '../../../core/casefile/contract';
import { LAMPS, type Channel } from '../../../core/casefile/words';
import { useJob } from '../../stores/job';
import { earlierLamps, presentLamps, type Lamp, type Pattern } from '../../../core/commands/lampNotes';

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
export const OTHERS: readonly Lamp[] = LAMPS.filter((lamp) => !FAMILY.includes(lamp));

/** What the Dash stage shows and does. */
export function useDash() {
  const job = useJob();
  const lamps = computed(() => presentLamps(job.file));
  const lit = computed<readonly Lamp[]>(() => lamps.value?.lit ?? []);
  const pattern = computed<readonly Pattern[]>(() => lamps.value?.pattern ?? []);
  const counted = computed(() => job.file?.observations.filter((observation) => !observation.withdrawn) ?? []);
  const history = computed(() =>
    counted.value.filter((entry): entry is ObservationOf<'history'> => entry.kind === 'history'),
  );
  const earlier = computed<readonly Pattern[]>(() => earlierLamps(job.file)?.pattern ?? []);
  const symptoms = computed(() =>
    counted.value.filter((entry): entry is ObservationOf<'symptom'> => entry.kind === 'symptom'),
  );

  async function toggleSymptom(symptom: ObservationOf<'symptom'>['symptom']): Promise<void> {
    const known = symptoms.value.find((entry) => entry.symptom === symptom);
    if (known) await job.withdraw(known.id, true);
    else await job.observe({ kind: 'symptom', symptom });
  }

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
    toggleLamp: (lamp: Lamp) => job.dispatch({ do: 'toggle-lamp', lamp }),
    togglePattern: (word: Pattern) => job.dispatch({ do: 'toggle-pattern', word }),
    allOut: () => job.dispatch({ do: 'lamps-out' }),
    toggleSymptom,
    toggleEarlier: (word: Pattern) => job.dispatch({ do: 'toggle-earlier', word }),
    earlier,
    setBend: (id: string, bend: 'left' | 'right') => job.dispatch({ do: 'bend', id, bend }),
    addHistory,
  };
}
