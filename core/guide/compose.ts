import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { STEP_CAUTIONS } from '../knowledge/guide/stepCautions';
import { HUB_NUT, HUB_UNIT, SHAFT } from '../knowledge/guide/hubSteps';
import * as open from '../knowledge/guide/openingSteps';
import { repairRecord } from '../knowledge/repairs/all';
import type { RepairRecord } from '../knowledge/repairs/repair';
import { openingsFor, placeOf, type AccessStep, type Opening } from '../knowledge/setups';
import type { ToolId } from '../knowledge/guide/tools';
import { PHASES, type Phase, type StepRow } from '../knowledge/guide/step';
import { locatedWires } from '../planning/seen';
import { AFTER, Composer, type Draft, type GuideStep } from './composer';
import { ownSteps, workState, type OwnStep } from './workState';

export type { GuideStep } from './composer';

export interface Guide {
  readonly repair: string;
  readonly channel: Channel | null;
  readonly phases: readonly { readonly phase: Phase; readonly steps: readonly GuideStep[] }[];
  readonly needs: { readonly tools: readonly ToolId[]; readonly parts: readonly string[] };
}

/** The guide's steps for reaching a place. */
const ACCESS: Readonly<Record<AccessStep, StepRow>> = {
  liner: open.LINER,
  trim: open.TRIM,
  caliper: open.CALIPER,
  disc: open.DISC,
};

/** The steps of one opening, in order. */
function stepsOf({ setup, channel }: Opening, record: RepairRecord, file: CaseFile): readonly StepRow[] {
  switch (setup) {
    case 'reader':
      return [];
    case 'raised':
      return [open.CHOCK, open.RAISED];
    case 'wheel-off':
      return [open.CHOCK, open.NUTS, open.RAISED, open.WHEEL];
    case 'plug-apart': {
      const access = placeOf(setup, file, channel).steps.map((step) => ACCESS[step]);
      return [...access, open.PHOTO, open.PLUG, ...(record.freesLead ? [open.CLIPS] : [])];
    }
    case 'sensor-out':
      return [...placeOf(setup, file, channel).steps.map((step) => ACCESS[step]), open.BOLT, open.SENSOR];
    case 'module-plug-apart':
      return [open.MODULE_PLUG];
    default:
      return setup satisfies never;
  }
}

/** The order in which things are opened, whatever asks for them; each after what it needs. */
export const OPENING_ORDER: readonly StepRow[] = [
  open.CHOCK,
  open.IGNITION,
  HUB_NUT,
  open.NUTS,
  open.RAISED,
  open.WHEEL,
  open.LINER,
  open.TRIM,
  open.CALIPER,
  open.DISC,
  open.PHOTO,
  open.PLUG,
  open.CLIPS,
  open.MODULE_PLUG,
  open.BOLT,
  open.SENSOR,
  SHAFT,
  HUB_UNIT,
];

/** Steps with all that must be done before them. */
function withNeeds(wanted: ReadonlySet<StepRow>): ReadonlySet<StepRow> {
  const all = new Set(wanted);
  for (const row of all)
    for (const id of row.needs ?? []) {
      const needed = OPENING_ORDER.find((candidate) => candidate.id === id);
      if (needed) all.add(needed);
    }
  return all;
}

/** The opening steps that a repair needs on this car: the set-ups that the planner prices, no more and no less. */
function openingFor(record: RepairRecord, file: CaseFile, channel: Channel | null): StepRow[] {
  const wanted = new Set(
    openingsFor(record.setups, file, channel).flatMap((opening) => stepsOf(opening, record, file)),
  );
  record.opens?.forEach((row) => wanted.add(row));
  wanted.add(open.IGNITION);
  const all = withNeeds(wanted);
  return OPENING_ORDER.filter((row) => all.has(row));
}

/** Each caution stands at the first open step that has it: once per exposure. */
function withCautions(drafts: readonly Draft[], highVoltage: boolean): GuideStep[] {
  const said = new Set<string>();
  return drafts.map(({ cautionIds, ...draft }, index) => {
    const ids = highVoltage && index === 0 ? ['high-voltage', ...cautionIds] : cautionIds;
    const fresh = ids.filter((id) => !said.has(id));
    if (!draft.done && !draft.skipped) fresh.forEach((id) => said.add(id));
    return { ...draft, cautions: fresh.map((id) => ({ id, text: STEP_CAUTIONS.get(id) ?? id })) };
  });
}

/** A step of the repair itself that is done once everything is closed again. */
const isAfterwards = ({ phase }: StepRow): boolean => phase === 'close-up';

/** Other opening work on the car that stands open though this repair does not need it is closed up too. */
function alsoOpen(needed: readonly StepRow[], file: CaseFile, composer: Composer): StepRow[] {
  return OPENING_ORDER.filter(
    (row) => !needed.some((reason) => reason.id === row.id) && workState(file, composer.key(row)).done,
  );
}

/** Drafts of what is opened, with the owner's own steps behind what they followed. */
function openingDrafts(opening: readonly StepRow[], own: readonly OwnStep[], composer: Composer): readonly Draft[] {
  const keys = opening.map((row) => composer.key(row));
  const after = (step: OwnStep): number => Math.max(-1, ...step.before.map((key) => keys.indexOf(key)));
  const added = (at: number): Draft[] =>
    own.filter((step) => after(step) === at).map((step) => composer.added(step, opening[at]?.phase ?? 'reach-it'));
  return [...added(-1), ...opening.flatMap((row, at) => [composer.forward(row), ...added(at)])];
}

/** The way back through them, last opened first. */
function closingDrafts(opening: readonly StepRow[], own: readonly OwnStep[], composer: Composer): readonly Draft[] {
  const keys = opening.map((row) => composer.key(row));
  const followed = (step: OwnStep): number =>
    Math.max(-1, ...step.before.map((key) => keys.indexOf(key)).filter((at) => opening[at]?.undo));
  const added = (at: number): Draft[] =>
    own
      .filter((step) => followed(step) === at)
      .map((step) => composer.addedBack(step, opening[at]?.undo?.phase ?? 'close-up'))
      .reverse();
  const back = opening.flatMap((row, at) => [[...added(at), ...composer.back(row)]]).reverse();
  return [...back.flat(), ...added(-1)];
}

function guideOf(
  drafts: readonly Draft[],
  file: CaseFile,
  about: Pick<Guide, 'repair' | 'channel'>,
  parts: readonly string[],
): Guide {
  const steps = withCautions(
    PHASES.flatMap((phase) => drafts.filter((draft) => draft.phase === phase)),
    file.vehicle.highVoltage === true,
  );
  return {
    ...about,
    phases: PHASES.map((phase) => ({ phase, steps: steps.filter((step) => step.phase === phase) })).filter(
      (phase) => phase.steps.length > 0,
    ),
    needs: { tools: [...new Set(steps.filter((step) => !step.skipped).flatMap((step) => step.tools))], parts },
  };
}

/** Whether the bad place of the wire that a repair mends has been seen, since it was mended there and looked at afresh. */
function isPlaceSeen({ locating, segment }: RepairRecord, file: CaseFile, channel: Channel | null): boolean {
  if (!locating) return false;
  const last = file.observations.length - 1;
  const mended = (file.repairs ?? [])
    .filter((repair) => repair.segment === segment && repair.channel === channel)
    .map(({ after }) => file.observations.findIndex(({ id }) => id === after))
    .filter((at) => at < last);
  const since = file.observations.slice(Math.max(-1, ...mended) + 1).filter(({ withdrawn }) => !withdrawn);
  return locatedWires(since).has(`${locating.look}@${channel ?? ''}`);
}

/** What follows the closing of what was opened. */
const closingRows = (opened: readonly StepRow[]): readonly StepRow[] =>
  [...AFTER].filter(([, reason]) => opened.includes(reason)).map(([row]) => row);

/** Torques and the like that are still owed: what they follow is open, or was closed without them. */
const owedRows = (file: CaseFile, composer: Composer): readonly StepRow[] =>
  [...AFTER].flatMap(([row, reason]) => {
    const { done, undone } = workState(file, composer.key(reason));
    return (done || undone) && !composer.own(row).done ? [row] : [];
  });

const brokenParts = (own: readonly OwnStep[]): readonly string[] =>
  own.filter(({ kind }) => kind === 'broke').map(({ words }) => words);

/**
 * Composes the guide for a repair: from the place of the sensor and its plug, what is already apart, and the repair itself.
 * Fit and close-up run backwards through what was (or will be) opened, the owner's own steps among it; what the owner skipped is not put back.
 * What was put back before the repair was done (for the night) is opened again.
 * @param file the case: places, specs and `work`. @param repair such as `replaced:sensor`. @param channel the corner, null for the car.
 * @returns the guide, or null when there is no procedure for this repair (a workshop's job, or the manual's).
 * @example composeGuide(CASE, 'reseated:plug', 'front-right').phases.map(({ phase }) => phase) // => ["make-safe","reach-it","fit","close-up"]
 */
export function composeGuide(file: CaseFile, repair: string, channel: Channel | null): Guide | null {
  const record = repairRecord(repair);
  if (!record?.steps) return null;
  const isSeen = isPlaceSeen(record, file, channel);
  const inTheMiddle = record.steps.filter((row) => !isAfterwards(row) && !(row.isSearch && isSeen));
  const first = new Composer(file, channel, false);
  const isUnfinished = inTheMiddle.some((row) => {
    const { done, skipped } = first.own(row);
    return !done && !skipped;
  });
  const composer = new Composer(file, channel, isUnfinished);
  const opening = openingFor(record, file, channel);
  const others = alsoOpen(opening, file, composer);
  const all = [...opening, ...others].sort((a, b) => OPENING_ORDER.indexOf(a) - OPENING_ORDER.indexOf(b));
  const own = ownSteps(file, channel);
  const drafts: Draft[] = [
    ...openingDrafts(opening, own, composer),
    ...inTheMiddle.map((row) => composer.own(row)),
    ...closingDrafts(all, own, composer),
    ...closingRows(all).map((row) => composer.own(row)),
    ...record.steps.filter(isAfterwards).map((row) => composer.own(row)),
  ];
  return guideOf(drafts, file, { repair, channel }, [...(record.parts ?? []), ...brokenParts(own)]);
}

/**
 * The way back for a night: all that stands open at a corner is put back so that the car can be driven, whatever the repair.
 * Steps of it are the closing steps of {@link composeGuide}; what is put back is opened again when the repair goes on.
 * @param file the case. @param channel the corner, null for the car. @returns the guide; null where nothing stands open.
 * @example composeHome(CASE, 'rear-left') // => null
 */
export function composeHome(file: CaseFile, channel: Channel | null): Guide | null {
  const composer = new Composer(file, channel, false);
  const stands = OPENING_ORDER.filter((row) => workState(file, composer.key(row)).done);
  const own = ownSteps(file, channel).filter(({ state }) => state.done);
  const owed = owedRows(file, composer);
  if (!stands.some(({ undo }) => undo) && own.length + owed.length === 0) return null;
  const drafts = [...closingDrafts(stands, own, composer), ...owed.map((row) => composer.own(row))];
  return guideOf(drafts, file, { repair: '', channel }, brokenParts(own));
}
