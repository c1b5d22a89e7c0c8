import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { sayChannel } from '../vehicle/sides';
import { STEP_CAUTIONS } from '../knowledge/guide/stepCautions';
import * as open from '../knowledge/guide/openingSteps';
import { PROCEDURES, type RepairProcedure } from '../knowledge/guide/repairSteps';
import { PHASES, type Phase, type StepRow, type TorquePoint } from '../knowledge/guide/step';

/** One step of a composed guide. */
export interface GuideStep {
  readonly id: string;
  readonly phase: Phase;
  readonly text: string;
  readonly why: string;
  readonly drawing: StepRow['drawing'];
  readonly tools: readonly string[];
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
  readonly needs: { readonly tools: readonly string[]; readonly parts: readonly string[] };
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
  const skipped = last !== undefined && (last as { skipped?: unknown }).skipped === true;
  return {
    done: last !== undefined && !skipped && last.undone !== true,
    undone: last !== undefined && !skipped && last.undone === true,
    skipped,
  };
}

/** The opening steps that a procedure needs on this car, in order: making safe, reaching, freeing. */
function openingFor(procedure: RepairProcedure, file: CaseFile, channel: Channel | null): StepRow[] {
  const place = (channel && file.vehicle.places?.[channel]) ?? {};
  const below = place.sensor === 'differential' || channel === 'rear-axle';
  const wants = (what: RepairProcedure['opens'][number]): boolean => procedure.opens.includes(what);
  const plugBehindWheel = wants('plug') && (place.plug === 'arch-liner' || place.plug === undefined);
  const wheel = !below && (wants('wheel') || wants('sensor') || plugBehindWheel);
  const lifted = wheel || below || (wants('plug') && place.plug === 'underbody');
  const liner = wants('plug') && place.plug === 'arch-liner';
  const trim = wants('plug') && (place.plug === 'trim' || place.plug === 'seat');
  const behindDisc = wants('sensor') && place.sensor === 'behind-disc';
  return [
    ...(lifted ? [open.CHOCK] : []),
    open.IGNITION,
    ...(wheel ? [open.NUTS] : []),
    ...(lifted ? [open.RAISED] : []),
    ...(wheel ? [open.WHEEL] : []),
    ...(liner ? [open.LINER] : []),
    ...(trim ? [open.TRIM] : []),
    ...(behindDisc ? [open.CALIPER, open.DISC] : []),
    ...(wants('plug') ? [open.PHOTO, open.PLUG] : []),
    ...(wants('clips') ? [open.CLIPS] : []),
    ...(wants('module-plug') ? [open.MODULE_PLUG] : []),
    ...(wants('sensor') ? [open.BOLT, open.SENSOR] : []),
  ];
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
    const where = this.channel ? sayChannel(this.channel, 'left-right', this.file.vehicle.steeringSide) : 'this corner';
    return text.replaceAll('{where}', where);
  }

  private torque(point: TorquePoint | undefined): Pick<GuideStep, 'torque'> {
    return point ? { torque: { point, newtonMetre: this.file.vehicle.specs?.torques?.[point] ?? null } } : {};
  }

  draft(row: Omit<StepRow, 'undo'>, id: string, state: WorkDone, undoes?: string): Draft {
    return {
      id,
      phase: row.phase,
      text: this.words(row.text),
      why: this.words(row.why),
      drawing: row.drawing,
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

/** Other opening work on the car that stands open though this repair does not need it: it is closed up too. */
const ALL_OPENING: readonly StepRow[] = [
  open.RAISED,
  open.WHEEL,
  open.LINER,
  open.TRIM,
  open.CALIPER,
  open.DISC,
  open.PLUG,
  open.CLIPS,
  open.MODULE_PLUG,
  open.BOLT,
  open.SENSOR,
];

function alsoOpen(needed: readonly StepRow[], file: CaseFile, composer: Composer): StepRow[] {
  return ALL_OPENING.filter(
    (row) => !needed.some((reason) => reason.id === row.id) && workOf(file, composer.key(row)).done,
  );
}

/**
 * Composes the guide for a repair: from the place of the sensor and its plug, what is already apart, and the repair itself.
 * Fit and close-up run backwards through what was (or will be) opened; what the owner skipped is not put back.
 * @param file the case: places, specs and `work`. @param repair such as `replaced:sensor`. @param channel the corner, null for the car.
 * @returns the guide, or null when there is no procedure for this repair (a workshop's job, or the manual's).
 */
export function composeGuide(file: CaseFile, repair: string, channel: Channel | null): Guide | null {
  const procedure = PROCEDURES.find((repairProcedure) => repairProcedure.repair === repair);
  if (!procedure) return null;
  const composer = new Composer(file, channel);
  const opening = openingFor(procedure, file, channel);
  const backwards = [...opening, ...alsoOpen(opening, file, composer)].sort(
    (a, b) => ALL_OPENING.indexOf(b) - ALL_OPENING.indexOf(a),
  );
  const back = backwards.flatMap((row) => composer.back(row));
  const wheel = opening.includes(open.WHEEL);
  const drafts: Draft[] = [
    ...opening.map((row) => composer.forward(row)),
    ...procedure.steps.map((row) => composer.forward(row)),
    ...back,
    ...(wheel ? [composer.forward(open.WHEEL_TORQUE)] : []),
    ...(opening.includes(open.CALIPER) ? [composer.forward(open.PEDAL)] : []),
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
      parts: procedure.parts,
    },
  };
}
