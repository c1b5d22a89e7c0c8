import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { sayChannel } from '../vehicle/sides';
import { HUB_NUT, HUB_NUT_TORQUE } from '../knowledge/guide/hubSteps';
import * as open from '../knowledge/guide/openingSteps';
import type { Phase, StepRow, TorquePoint } from '../knowledge/guide/step';
import type { SchoolId } from '../knowledge/guide/schools';
import type { LadderId, StepId } from '../knowledge/guide/stepIds';
import type { ToolId } from '../knowledge/guide/tools';
import { NOT_YET, workState, workStateAfter, workStateNow, type OwnStep, type WorkState } from './workState';
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
  readonly ladder?: LadderId;
  readonly school?: SchoolId;
  readonly soakMinutes?: number;
  readonly done: boolean;
  /** Left out because the owner said it isn't needed here. */
  readonly skipped: boolean;
}

/** A step before its cautions are shared out. */
export type Draft = Omit<GuideStep, 'cautions'> & { readonly cautionIds: readonly string[] };

/** What a torque or a pump of the pedal has to come after, each time anew. */
export const AFTER: ReadonlyMap<StepRow, StepRow> = new Map([
  [open.WHEEL_TORQUE, open.WHEEL],
  [HUB_NUT_TORQUE, HUB_NUT],
  [open.PEDAL, open.CALIPER],
]);

/** Makes drafts of steps from rows of the tables and what `work` says of them. */
export class Composer {
  /** @param isUnfinished whether something of the repair itself is still to be done: what was put back meanwhile is opened again. */
  constructor(
    private readonly file: CaseFile,
    private readonly channel: Channel | null,
    private readonly isUnfinished: boolean,
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

  private draft(
    row: Omit<StepRow, 'undo'>,
    id: string,
    state: Pick<WorkState, 'done' | 'skipped'>,
    undoes?: string,
  ): Draft {
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
      ...(row.school ? { school: row.school } : {}),
      ...(row.soakMinutes ? { soakMinutes: row.soakMinutes } : {}),
      done: state.done,
      skipped: state.skipped,
    };
  }

  /** Whether a step that opens something is done: put back for the night, it is done again while the repair isn't. */
  private opened(state: WorkState): Pick<WorkState, 'done' | 'skipped'> {
    return { done: state.done || (state.undone && !this.isUnfinished), skipped: state.skipped };
  }

  /** A step that opens something. */
  forward(row: StepRow): Draft {
    const key = this.key(row);
    return this.draft(row, key, this.opened(workState(this.file, key)));
  }

  /** A step of the repair itself, or one that follows the closing. */
  own(row: StepRow): Draft {
    const key = this.key(row);
    const opened = AFTER.get(row);
    const state = opened
      ? workStateAfter(this.file, key, this.key(opened))
      : workStateNow(this.file, key, this.channel);
    return this.draft(row, key, { ...state, done: state.done || state.undone });
  }

  /** The way back: only what was not skipped is put back; done when the opening's work is undone. */
  back(row: StepRow): Draft[] {
    const { undo } = row;
    const key = this.key(row);
    const state = workState(this.file, key);
    if (!undo || state.skipped) return [];
    const done = state.undone && !this.isUnfinished;
    return [this.draft({ ...undo, id: row.id }, `undo:${key}`, { ...NOT_YET, done }, key)];
  }

  /** What the owner took off as well, after the step before it. */
  added({ key, words, kind, state }: OwnStep, phase: Phase): Draft {
    const text = kind === 'broke' ? texts.itBroke(words) : words;
    return this.draft({ id: 'own', phase, text, why: texts.youAddedThis }, key, this.opened(state));
  }

  addedBack({ key, words, kind, state }: OwnStep, phase: Phase): Draft {
    const text = kind === 'broke' ? texts.fitANew(words) : texts.putBack(words);
    const done = state.undone && !this.isUnfinished;
    return this.draft({ id: 'own', phase, text, why: texts.youTookItOff }, `undo:${key}`, { ...NOT_YET, done }, key);
  }
}
