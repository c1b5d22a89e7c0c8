import { computed } from 'vue';
import type { CaseFile, ObservationOf } from '../../../core/casefile/contract';
import { LAMPS, type Channel } from '../../../core/casefile/words';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';

type Lamps = ObservationOf<'lamps'>;
type Lamp = (typeof LAMPS)[number];
type Pattern = NonNullable<Lamps['pattern']>[number];

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

const LATER_KINDS: readonly string[] = ['code', 'clear', 'drive', 'no-code'];

function lastLamps(file: CaseFile | null): Lamps | null {
  const found = file?.observations.filter((one): one is Lamps => one.kind === 'lamps' && !one.withdrawn) ?? [];
  return found.at(-1) ?? null;
}

/** Lamps seen again after codes, a drive or a repair are a new observation; until then the last one is corrected. */
function isStillOpen(file: CaseFile, lamps: Lamps): boolean {
  const at = file.observations.findIndex((one) => one.id === lamps.id);
  const later = file.observations.slice(at + 1).some((one) => LATER_KINDS.includes(one.kind));
  const repaired = (file.repairs ?? []).some(
    (one) => one.after === undefined || file.observations.findIndex((each) => each.id === one.after) >= at,
  );
  return !later && !repaired;
}

function toggled<T>(list: readonly T[], one: T): readonly T[] {
  return list.includes(one) ? list.filter((each) => each !== one) : [...list, one];
}

/** What the Dash stage shows and does. */
export function useDash() {
  const job = useJob();
  const { now, newId } = usePorts();
  const lamps = computed(() => lastLamps(job.file));
  const lit = computed<readonly Lamp[]>(() => lamps.value?.lit ?? []);
  const pattern = computed<readonly Pattern[]>(() => lamps.value?.pattern ?? []);
  const counted = computed(() => job.file?.observations.filter((one) => !one.withdrawn) ?? []);
  const history = computed(() => counted.value.filter((one) => one.kind === 'history'));
  const symptoms = computed(() => counted.value.filter((one) => one.kind === 'symptom'));

  async function setLamps(
    make: (before: { lit: readonly Lamp[]; pattern: readonly Pattern[] }) => {
      lit: readonly Lamp[];
      pattern: readonly Pattern[];
    },
  ): Promise<void> {
    const [id, at] = [newId(), now()];
    await job.alter((file) => {
      const last = lastLamps(file);
      const next = make({ lit: last?.lit ?? [], pattern: last?.pattern ?? [] });
      if (last && isStillOpen(file, last))
        return {
          ...file,
          observations: file.observations.map((one) => (one.id === last.id ? { ...last, ...next } : one)),
        };
      return { ...file, observations: [...file.observations, { id, at, kind: 'lamps', ...next }] };
    });
  }

  const toggleLamp = (lamp: Lamp): Promise<void> =>
    setLamps((before) => ({ ...before, lit: toggled(before.lit, lamp) }));
  const togglePattern = (word: Pattern): Promise<void> =>
    setLamps((before) => ({ ...before, pattern: toggled(before.pattern, word) }));
  const allOut = (): Promise<void> => setLamps(() => ({ lit: [], pattern: [] }));

  async function toggleSymptom(symptom: ObservationOf<'symptom'>['symptom']): Promise<void> {
    const known = symptoms.value.find((one) => one.kind === 'symptom' && one.symptom === symptom);
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
    toggleLamp,
    togglePattern,
    allOut,
    toggleSymptom,
    addHistory,
  };
}
