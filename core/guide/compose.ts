import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { sayChannel } from '../vehicle/sides';
import { STEP_CAUTIONS } from '../knowledge/guide/stepCautions';
import { HUB_NUT, HUB_NUT_TORQUE, HUB_UNIT, SHAFT } from '../knowledge/guide/hubSteps';
import * as open from '../knowledge/guide/openingSteps';
import { repairRecord } from '../knowledge/repairs/all';
import type { RepairRecord } from '../knowledge/repairs/repair';
import { openingsFor, placeOf, type AccessStep, type Opening } from '../knowledge/setups';
import type { StepId } from '../knowledge/guide/stepIds';
import type { ToolId } from '../knowledge/guide/tools';
import { PHASES, type Phase, type StepRow, type TorquePoint } from '../knowledge/guide/step';
import { texts } from '#words/core/guide';

/** One step of a composed guide. */
export interface GuideStep {
  readonly id: string;
  /** What is done or undone here, whatever the corner. */
  readonly step: StepId;
  readonly phase: Phase;
  readonly text: string;
  readonly why: string;
  readonly tools: readonly ToolId[];
  readonly cautions: readonly { readonly id: string; readonly text: string }[];
  readonly torque?: { readonly point: TorquePoint; readonly newtonMetre: number | null };
  /** The step that this one undoes. */
  readonly undoes?: string;
  readonly ladder?: 'stuck-sensor';
  readonly done: boolean;
  /** Left out because the owner said it isn't needed here. */
  readonly skipped: boolean;
}

export interface Guide {
  readonly repair: string;
  readonly channel: Channel | null;
  readonly phases: readonly { readonly phase: Phase; readonly steps: readonly GuideStep[] }[];
  readonly needs: { readonly tools: readonly ToolId[]; readonly parts: readonly string[] };
}

/** What the case file's `work` says of a step. */
interface WorkDone {
  readonly done: boolean;
  readonly undone: boolean;
  readonly skipped: boolean;
}

function workOf(file: CaseFile, key: string): WorkDone {
  const entries = (file.work ?? []).filter((work) => work.step === key);
  const last = entries.at(-1);
  const skipped = last?.skipped === true;
  return {
    done: last !== undefined && !skipped && last.undone !== true,
    undone: last !== undefined && !skipped && last.undone === true,
    skipped,
  };
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

type Draft = Omit<GuideStep, 'cautions'> & { readonly cautionIds: readonly string[] };

class Composer {
  constructor(
    private readonly file: CaseFile,
    private readonly channel: Channel | null,
  ) {}

  key(row: { readonly id: string; readonly corner?: boolean }): string {
    return row.corner && this.channel ? `${row.id}@${this.channel}` : row.id;
  }

  private words(text: string): string {
    const where = this.channel
      ? sayChannel(this.channel, 'left-right', this.file.vehicle.steeringSide)
      : texts.thisCorner;
    return text.replaceAll('{where}', where);
  }

  private torque(point: TorquePoint | undefined): Pick<GuideStep, 'torque'> {
    return point ? { torque: { point, newtonMetre: this.file.vehicle.specs?.torques?.[point] ?? null } } : {};
  }

  draft(row: Omit<StepRow, 'undo'>, id: string, state: WorkDone, undoes?: string): Draft {
    return {
      id,
      step: row.id,
      phase: row.phase,
      text: this.words(row.text),
      why: this.words(row.why),
      tools: row.tools ?? [],
      cautionIds: row.cautions ?? [],
      ...this.torque(row.torque),
      ...(undoes ? { undoes } : {}),
      ...(row.ladder ? { ladder: row.ladder } : {}),
      done: state.done || (undoes === undefined && state.undone),
      skipped: state.skipped,
    };
  }

  forward(row: StepRow): Draft {
    const key = this.key(row);
    return this.draft(row, key, workOf(this.file, key));
  }

  /** The way back: only what was not skipped is put back; done when the opening's work is undone. */
  back(row: StepRow): Draft[] {
    const { undo } = row;
    const key = this.key(row);
    const state = workOf(this.file, key);
    if (!undo || state.skipped) return [];
    return [
      this.draft({ ...undo, id: row.id }, `undo:${key}`, { done: state.undone, undone: false, skipped: false }, key),
    ];
  }
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
    (row) => !needed.some((reason) => reason.id === row.id) && workOf(file, composer.key(row)).done,
  );
}

/**
 * Composes the guide for a repair: from the place of the sensor and its plug, what is already apart, and the repair itself.
 * Fit and close-up run backwards through what was (or will be) opened; what the owner skipped is not put back.
 * @param file the case: places, specs and `work`. @param repair such as `replaced:sensor`. @param channel the corner, null for the car.
 * @returns the guide, or null when there is no procedure for this repair (a workshop's job, or the manual's).
 * @example composeGuide(CASE, 'reseated:plug', 'front-right').phases.map(({ phase }) => phase) // => ["make-safe","reach-it","fit","close-up"]
 */
export function composeGuide(file: CaseFile, repair: string, channel: Channel | null): Guide | null {
  const record = repairRecord(repair);
  if (!record?.steps) return null;
  const composer = new Composer(file, channel);
  const opening = openingFor(record, file, channel);
  const backwards = [...opening, ...alsoOpen(opening, file, composer)].sort(
    (a, b) => OPENING_ORDER.indexOf(b) - OPENING_ORDER.indexOf(a),
  );
  const back = backwards.flatMap((row) => composer.back(row));
  const wheel = opening.includes(open.WHEEL);
  const drafts: Draft[] = [
    ...opening.map((row) => composer.forward(row)),
    ...record.steps.filter((row) => !isAfterwards(row)).map((row) => composer.forward(row)),
    ...back,
    ...(wheel ? [composer.forward(open.WHEEL_TORQUE)] : []),
    ...(opening.includes(HUB_NUT) ? [composer.forward(HUB_NUT_TORQUE)] : []),
    ...(opening.includes(open.CALIPER) ? [composer.forward(open.PEDAL)] : []),
    ...record.steps.filter(isAfterwards).map((row) => composer.forward(row)),
  ];
  const steps = withCautions(
    PHASES.flatMap((phase) => drafts.filter((draft) => draft.phase === phase)),
    file.vehicle.highVoltage === true,
  );
  return {
    repair,
    channel,
    phases: PHASES.map((phase) => ({ phase, steps: steps.filter((step) => step.phase === phase) })).filter(
      (phase) => phase.steps.length > 0,
    ),
    needs: {
      tools: [...new Set(steps.filter((step) => !step.skipped).flatMap((step) => step.tools))],
      parts: record.parts ?? [],
    },
  };
}
