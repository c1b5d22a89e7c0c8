import { defineStore } from 'pinia';
import { computed, reactive, ref } from 'vue';
import type { LogCurves } from '../../../core/livelog/curves';
import type { Mapping } from '../../../core/livelog/mapping';
import type { Mark } from '../../../core/livelog/log';
import { tyreCircumferenceM } from '../../../core/vehicle/tyre';
import { USUAL_TURN_M } from '../../../core/livelog/perTurn';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';
import type { LogAnswer } from '../../workers/readLogBlob';

export type Side = 'before' | 'after';
export type Marks = Readonly<Partial<Record<Mark, readonly number[]>>>;

/** A recording that was opened, and what has been used of it as evidence. */
export interface Recording {
  readonly name: string;
  readonly file: Blob;
  readonly marks: Marks;
  readonly answer: LogAnswer;
  /** Its curves are there, what they show is still being looked for. */
  readonly isJudging: boolean;
  readonly used: Set<string>;
}

/** What is known of a recording as soon as it was read. */
const unjudged = (curves: LogCurves): LogAnswer => ({
  columns: {},
  rows: 0,
  seconds: Math.max(0, ...Object.values(curves.speeds).map(({ seconds }) => seconds.at(-1) ?? 0)),
  report: null,
  observations: [],
  detail: { ...curves, spectra: {}, closeup: null },
  preview: null,
  problems: [],
});

const KEPT = 'log-columns';
/** Files with the same headers have the same columns. */
const signatureOf = (headers: readonly string[]): string => headers.join('|').slice(0, 400);

/** The recordings of the jobs, as long as the page stays open; what was said of their columns is kept. */
export const useRecordings = defineStore('recordings', () => {
  const { logs, storage } = usePorts();
  const job = useJob();
  const opened = reactive(new Map<string, Recording>());
  const share = ref<number | null>(null);
  let over: AbortController | null = null;

  const keyFor = (side: Side): string => `${job.record?.id ?? ''}.${side}`;
  const before = computed(() => opened.get(keyFor('before')) ?? null);
  const after = computed(() => opened.get(keyFor('after')) ?? null);
  const turnM = computed(() => {
    const circumference = tyreCircumferenceM(job.file?.vehicle.specs?.tyre ?? '');
    return circumference.ok ? circumference.value : USUAL_TURN_M;
  });

  async function mappings(): Promise<Readonly<Record<string, Mapping>>> {
    const kept = await storage.preference(KEPT);
    return typeof kept === 'object' && kept !== null ? (kept as Record<string, Mapping>) : {};
  }

  async function read(file: Blob, name: string, side: Side, mapping: Mapping | null, marks: Marks): Promise<void> {
    over?.abort();
    over = new AbortController();
    const { signal } = over;
    share.value = 0;
    const keep = (answer: LogAnswer, isJudging: boolean): void => {
      if (signal.aborted) return;
      share.value = null;
      opened.set(keyFor(side), { name, file, marks, answer, isJudging, used: new Set() });
    };
    /* The curves come by a way of their own and may come after the answer: then nobody wants them. */
    let isAnswered = false;
    const news = {
      share: (part: number) => (share.value = signal.aborted || share.value === null ? share.value : part),
      curves: (curves: LogCurves) => isAnswered || keep(unjudged(curves), true),
    };
    const answer = await logs.read(file, { mapping, turnM: turnM.value, marks }, news, signal);
    isAnswered = true;
    keep(answer, false);
  }

  /** Opens a file; if its headers are known, as was said of them. */
  async function open(file: Blob, name: string, side: Side, marks: Marks = {}): Promise<void> {
    await read(file, name, side, null, marks);
    const headers = opened.get(keyFor(side))?.answer.preview?.headers;
    const known = headers && (await mappings())[signatureOf(headers)];
    if (known) await read(file, name, side, known, marks);
  }

  /** Reads a recording again, as the owner says that its columns are, and remembers that. */
  async function readAs(side: Side, mapping: Mapping): Promise<void> {
    const recording = opened.get(keyFor(side));
    const headers = recording?.answer.preview?.headers;
    if (!recording || !headers) return;
    await storage.keepPreference(KEPT, { ...(await mappings()), [signatureOf(headers)]: mapping });
    await read(recording.file, recording.name, side, mapping, recording.marks);
  }

  function cancel(): void {
    over?.abort();
    share.value = null;
  }

  return { before, after, share, open, readAs, cancel };
});
