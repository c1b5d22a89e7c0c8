import type {
  Attachment,
  CaseFile,
  Cost,
  Fastener,
  Observation,
  ObservationOf,
  Repair,
  Specs,
  Work,
} from '../casefile/contract';
import { mergedCase } from '../casefile/merge';
import type { Channel, SensorType } from '../casefile/words';
import type { SchoolId } from '../knowledge/guide/schools';
import { ended } from './ended';
import { toggled, withBend, withEarlier, withLamps, type Lamp, type Pattern } from './lampNotes';
import { texts } from '#words/core/commands';

/** An observation before it has an id and a time. */
export type NewObservation = Observation extends infer O
  ? O extends Observation
    ? Omit<O, 'id' | 'at'>
    : never
  : never;

/** Everything that can be done to a case file. Screens dispatch these and nothing else; each can be taken back. */
export type Command =
  | { readonly do: 'observe'; readonly said: readonly NewObservation[] }
  | { readonly do: 'withdraw'; readonly ids: readonly string[]; readonly withdrawn: boolean }
  | { readonly do: 'correct'; readonly id: string; readonly said: NewObservation }
  | { readonly do: 'annotate'; readonly id: string; readonly note: string }
  | { readonly do: 'toggle-lamp'; readonly lamp: Lamp }
  | { readonly do: 'toggle-pattern'; readonly word: Pattern }
  | { readonly do: 'toggle-earlier'; readonly word: Pattern }
  | { readonly do: 'lamps-out' }
  | { readonly do: 'bend'; readonly id: string; readonly bend: 'left' | 'right' }
  | { readonly do: 'fluid'; readonly finding: ObservationOf<'look'>['finding'] }
  | { readonly do: 'work'; readonly step: string; readonly state: WorkWord; readonly note?: string }
  | { readonly do: 'work-all'; readonly work: readonly Pick<Extract<Command, { do: 'work' }>, 'step' | 'state'>[] }
  | { readonly do: 'repair'; readonly repair: Omit<Repair, 'id' | 'at' | 'after'> }
  | { readonly do: 'repair-result'; readonly id: string; readonly result: Repair['result'] }
  | { readonly do: 'remove-repair'; readonly id: string }
  | { readonly do: 'cost'; readonly cost: Omit<Cost, 'id' | 'at'> }
  | { readonly do: 'part-price'; readonly key: string; readonly amount: number | null }
  | { readonly do: 'cost-use'; readonly id: string; readonly use: Cost['use'] }
  | { readonly do: 'remove-cost'; readonly id: string }
  | { readonly do: 'note'; readonly text: string }
  | { readonly do: 'attach'; readonly attachments: readonly Attachment[] }
  | { readonly do: 'detach'; readonly id: string }
  | { readonly do: 'end'; readonly ending: CaseFile['ending'] }
  | { readonly do: 'specs'; readonly specs: Partial<Specs> }
  | { readonly do: 'fastener'; readonly fastener: Omit<Fastener, 'id' | 'at' | 'place'> }
  | { readonly do: 'fastener-is'; readonly id: string; readonly is: Partial<Omit<Fastener, 'id'>> }
  | { readonly do: 'remove-fastener'; readonly id: string }
  | { readonly do: 'order-fasteners'; readonly ids: readonly string[] }
  | { readonly do: 'merge'; readonly other: CaseFile }
  | { readonly do: 'school'; readonly id: SchoolId; readonly way: string }
  | { readonly do: 'sensor-type'; readonly type: SensorType; readonly channels: readonly Channel[] };

/** What becomes of a step: done, put back, done again after it was put back, not needed, or not done after all. */
type WorkWord = 'done' | 'undone' | 'again' | 'skipped' | 'open';

/** Where new ids and the time come from: core has neither. */
export interface Stamp {
  readonly newId: () => string;
  /** Now, as ISO 8601 with offset. */
  readonly at: string;
}

type Worked = Pick<Extract<Command, { do: 'work' }>, 'step' | 'state' | 'note'>;

type Doer<D extends Command['do']> = (file: CaseFile, command: Extract<Command, { do: D }>, stamp: Stamp) => CaseFile;

interface CommandRecord<D extends Command['do']> {
  /** What it is, after "undo". */
  readonly name: string;
  readonly run: Doer<D>;
}

function changed<T extends { readonly id: string }>(
  list: readonly T[] | undefined,
  id: string,
  change: (entry: T) => T,
): readonly T[] {
  return (list ?? []).map((entry) => (entry.id === id ? change(entry) : entry));
}

function without<T extends { readonly id: string }>(list: readonly T[] | undefined, id: string): readonly T[] {
  return (list ?? []).filter((entry) => entry.id !== id);
}

function observed(file: CaseFile, said: readonly NewObservation[], { newId, at }: Stamp): CaseFile {
  const made = said.map((observation) => ({ ...observation, id: newId(), at }));
  return { ...file, observations: [...file.observations, ...made] };
}

/** The observation said again, in its old place: what came before and after it stays so. */
function corrected(file: CaseFile, id: string, said: NewObservation): CaseFile {
  const again = (before: Observation): Observation => ({
    ...said,
    id,
    ...(before.at === undefined ? {} : { at: before.at }),
  });
  return { ...file, observations: changed(file.observations, id, again) };
}

/** `done` adds an entry or opens a closed one again, `again` always adds one, `undone` closes the last one, `open` takes it away. */
function worked(file: CaseFile, { step, state, note }: Worked, { newId, at }: Stamp): CaseFile {
  const work = file.work ?? [];
  const last = work.findLastIndex((entry) => entry.step === step);
  const withUndone = (undone: boolean): CaseFile => ({
    ...file,
    work: work.map((entry, index) => (index === last ? { ...entry, undone } : entry)),
  });
  if (state === 'open') return { ...file, work: work.filter((_entry, index) => index !== last) };
  if (state === 'undone') return withUndone(true);
  if (state === 'done' && work[last]?.undone === true) return withUndone(false);
  const entry: Work = {
    id: newId(),
    at,
    step,
    ...(state === 'skipped' ? { skipped: true } : {}),
    ...(note ? { note } : {}),
  };
  return { ...file, work: [...work, entry] };
}

/** The level of the brake fluid has one present answer: looked at again, the newer one stands. */
function fluidSeen(file: CaseFile, finding: ObservationOf<'look'>['finding'], stamp: Stamp): CaseFile {
  const isOld = (seen: Observation): boolean => seen.kind === 'look' && seen.part === 'fluid' && !seen.withdrawn;
  const rest = file.observations.map((seen) => (isOld(seen) ? { ...seen, withdrawn: true } : seen));
  return observed({ ...file, observations: rest }, [{ kind: 'look', part: 'fluid', finding }], stamp);
}

const COMMANDS: { readonly [D in Command['do']]: CommandRecord<D> } = {
  observe: { name: texts.whatWasNoted, run: (file, { said }, stamp) => observed(file, said, stamp) },
  withdraw: {
    name: texts.takingItBack,
    run: (file, { ids, withdrawn }) => ({
      ...file,
      observations: file.observations.map((seen) => (ids.includes(seen.id) ? { ...seen, withdrawn } : seen)),
    }),
  },
  correct: { name: texts.theCorrection, run: (file, { id, said }) => corrected(file, id, said) },
  annotate: {
    name: texts.theNote,
    run: (file, { id, note }) => ({
      ...file,
      observations: changed(file.observations, id, (seen) => ({ ...seen, note })),
    }),
  },
  'toggle-lamp': {
    name: texts.theLamp,
    run: (file, { lamp }, { newId, at }) =>
      withLamps(file, (before) => ({ ...before, lit: toggled(before.lit, lamp) }), newId(), at),
  },
  'toggle-pattern': {
    name: texts.theLampsBehaviour,
    run: (file, { word }, { newId, at }) =>
      withLamps(file, (before) => ({ ...before, pattern: toggled(before.pattern, word) }), newId(), at),
  },
  'toggle-earlier': {
    name: texts.howItWasAt,
    run: (file, { word }, { newId, at }) => withEarlier(file, word, newId(), at),
  },
  'lamps-out': {
    name: texts.allLampsOut,
    run: (file, _command, { newId, at }) => withLamps(file, () => ({ lit: [], pattern: [] }), newId(), at),
  },
  bend: { name: texts.theBend, run: (file, { id, bend }) => withBend(file, id, bend) },
  fluid: { name: texts.theFluidLevel, run: (file, { finding }, stamp) => fluidSeen(file, finding, stamp) },
  work: { name: texts.theStep, run: (file, work, stamp) => worked(file, work, stamp) },
  'work-all': {
    name: texts.theSteps,
    run: (file, { work }, stamp) => work.reduce((made, entry) => worked(made, entry, stamp), file),
  },
  repair: {
    name: texts.theRepair,
    run: (file, { repair }, { newId, at }) => ({
      ...file,
      repairs: [...(file.repairs ?? []), { ...repair, id: newId(), at, after: file.observations.at(-1)?.id ?? null }],
    }),
  },
  'repair-result': {
    name: texts.theRepairsResult,
    run: (file, { id, result }) => ({ ...file, repairs: changed(file.repairs, id, (made) => ({ ...made, result })) }),
  },
  'remove-repair': {
    name: texts.removingTheRepair,
    run: (file, { id }) => ({ ...file, repairs: without(file.repairs, id) }),
  },
  cost: {
    name: texts.theCost,
    run: (file, { cost }, { newId, at }) => ({ ...file, costs: [...(file.costs ?? []), { ...cost, id: newId(), at }] }),
  },
  'part-price': {
    name: texts.thePrice,
    run: (file, { key, amount }) => {
      const { [key]: _old, ...others } = file.owner?.prices ?? {};
      return { ...file, owner: { ...file.owner, prices: amount === null ? others : { ...others, [key]: amount } } };
    },
  },
  'cost-use': {
    name: texts.whatTheCostWas,
    run: (file, { id, use }) => ({ ...file, costs: changed(file.costs, id, (cost) => ({ ...cost, use })) }),
  },
  'remove-cost': { name: texts.removingTheCost, run: (file, { id }) => ({ ...file, costs: without(file.costs, id) }) },
  note: {
    name: texts.theNote,
    run: (file, { text }, { newId, at }) => ({ ...file, notes: [...(file.notes ?? []), { id: newId(), at, text }] }),
  },
  attach: {
    name: texts.thePhoto,
    run: (file, { attachments }) => ({ ...file, attachments: [...(file.attachments ?? []), ...attachments] }),
  },
  detach: {
    name: texts.removingThePhoto,
    run: (file, { id }) => ({ ...file, attachments: without(file.attachments, id) }),
  },
  end: { name: texts.theEndOfThe, run: (file, { ending }) => ended(file, ending) },
  specs: {
    name: texts.theManualsFigure,
    run: (file, { specs }) => ({ ...file, vehicle: { ...file.vehicle, specs: { ...file.vehicle.specs, ...specs } } }),
  },
  fastener: {
    name: texts.theFastener,
    run: (file, { fastener }, { newId, at }) => {
      const before = file.fasteners ?? [];
      const place = 1 + Math.max(0, ...before.map((entry) => entry.place ?? 0));
      return { ...file, fasteners: [...before, { ...fastener, place, id: newId(), at }] };
    },
  },
  'fastener-is': {
    name: texts.theFastener,
    run: (file, { id, is }) => ({
      ...file,
      fasteners: changed(file.fasteners, id, (entry) => ({ ...entry, ...is })),
    }),
  },
  'remove-fastener': {
    name: texts.removingTheFastener,
    run: (file, { id }) => ({ ...file, fasteners: without(file.fasteners, id) }),
  },
  'order-fasteners': {
    name: texts.theOrder,
    run: (file, { ids }) => ({
      ...file,
      fasteners: (file.fasteners ?? []).map((entry) =>
        ids.includes(entry.id) ? { ...entry, place: ids.indexOf(entry.id) + 1 } : entry,
      ),
    }),
  },
  merge: { name: texts.theMerging, run: (file, { other }) => mergedCase(file, other) },
  school: {
    name: texts.theChoice,
    run: (file, { id, way }) => ({
      ...file,
      owner: { ...file.owner, schools: { ...file.owner?.schools, [id]: way } },
    }),
  },
  'sensor-type': {
    name: texts.theKindOfSensor,
    run: (file, { type, channels }) => ({
      ...file,
      vehicle: {
        ...file.vehicle,
        sensorTypes: { ...file.vehicle.sensorTypes, ...Object.fromEntries(channels.map((channel) => [channel, type])) },
      },
    }),
  },
};

/**
 * Carries out a command.
 * @param file the newest state of the case. @param command what to do. @param stamp ids and time for what is new.
 * @returns the changed case; the same content where the command finds nothing to change.
 * @example run(CASE, { do: 'end', ending: 'unsolved' }, { newId: () => 'n', at: '' }).ending // => "unsolved"
 */
export function run(file: CaseFile, command: Command, stamp: Stamp): CaseFile {
  const { run: doer } = COMMANDS[command.do] as CommandRecord<Command['do']>;
  return (doer as (file: CaseFile, command: Command, stamp: Stamp) => CaseFile)(file, command, stamp);
}

/**
 * What a command is called after "undo".
 * @param command any. @returns words without a stop.
 * @example nameOf({ do: 'lamps-out' }) // => "all lamps out"
 */
export function nameOf(command: Command): string {
  return COMMANDS[command.do].name;
}
