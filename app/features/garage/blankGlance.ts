import type { PartState } from '../../../core/judgement/parts';
import type { Channel } from '../../../core/casefile/words';
import type { MoveView } from '../../shared/nextMove/moveView';
import type { MiniCorner } from '../../shared/plan/places';
import type { JobRecord } from '../../storage/garageStorage';

/** A job as the garage shows it: where the fault is believed to be, and what to do next. */
export interface Glance {
  readonly corners: readonly MiniCorner[];
  readonly subject: Channel;
  /** The corner that stands out, or that was repaired; empty where none does. */
  readonly where: string;
  readonly state: PartState;
  readonly word: string;
  /** Null while the adviser is still at it. */
  readonly move: MoveView | null;
  readonly watch: { readonly clean: number; readonly needed: number } | null;
}

/** A job of which nothing is known yet: every corner an open question. */
export const blankGlance = ({ file, subject }: JobRecord): Glance => ({
  corners: file.vehicle.channels.map((channel) => ({ channel, state: 'not-checked' as const })),
  subject: (subject as Channel | null) ?? file.vehicle.channels[0] ?? 'front-left',
  where: '',
  state: 'not-checked',
  word: '',
  move: null,
  watch: null,
});
