import { computed } from 'vue';
import type { Flash, Scheme } from '../../../../core/codes/rhythm/flash';
import { settleTakes } from '../../../../core/codes/rhythm/settle';
import { readTake, type Take } from '../../../../core/codes/rhythm/take';
import { useDraft } from '../../../stores/useDraft';

interface Kept {
  readonly scheme: Scheme | 'either';
  readonly takes: readonly (readonly Flash[])[];
}

const EMPTY: Kept = { scheme: 'either', takes: [] };

function isFlash(entry: unknown): entry is Flash {
  return typeof entry === 'object' && entry !== null && 'at' in entry && 'held' in entry;
}

/** Takes as kept in a draft; anything else in it is left out. */
export function readKept(text: string): Kept {
  if (text === '') return EMPTY;
  try {
    const data = JSON.parse(text) as Partial<Kept>;
    const scheme = data.scheme === 'counts' || data.scheme === 'long-short' ? data.scheme : 'either';
    const takes = Array.isArray(data.takes)
      ? data.takes.map((take) => (Array.isArray(take) ? take.filter(isFlash) : []))
      : [];
    return { scheme, takes };
  } catch {
    return EMPTY;
  }
}

/** Takes tapped along with a lamp: kept as they are made, read by the core. */
export function useTakes(id: () => string) {
  const draft = useDraft(id);
  const kept = computed(() => readKept(draft.value));
  const scheme = computed({
    get: () => kept.value.scheme,
    set: (now: Kept['scheme']) => (draft.value = JSON.stringify({ ...kept.value, scheme: now })),
  });
  const read = (flashes: readonly Flash[]): Take =>
    readTake(flashes, kept.value.scheme === 'either' ? undefined : kept.value.scheme);
  const takes = computed(() => kept.value.takes.map(read));
  const settled = computed(() => settleTakes(takes.value));

  function add(flashes: readonly Flash[]): void {
    if (flashes.length > 0) draft.value = JSON.stringify({ ...kept.value, takes: [...kept.value.takes, flashes] });
  }

  function remove(at: number): void {
    draft.value = JSON.stringify({ ...kept.value, takes: kept.value.takes.filter((_, index) => index !== at) });
  }

  function clear(): void {
    draft.value = JSON.stringify({ ...kept.value, takes: [] });
  }

  return { scheme, takes, settled, read, add, remove, clear };
}
