import { readWorkStep } from '../../../../core/casefile/workStep';
import { CORNER_OF } from '../../../../core/vehicle/channels';
import type { Channel } from '../../../../core/casefile/words';
import type { Fastener } from '../../../../core/casefile/contract';
import type { StepId } from '../../../../core/knowledge/guide/stepIds';
import type { Plate } from '../../../shared/drawings/plate';

/** A place on the picture: shares of its width and height. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

const endOf = (channel: Channel | null) => (channel ? CORNER_OF[channel].end : 'front');
const isRight = (channel: Channel | null): boolean => channel !== null && CORNER_OF[channel].side === 'right';

/** The step that a fastener belongs to. */
export const stepOf = ({ step = '' }: Pick<Fastener, 'step'>): StepId => readWorkStep(step).name as StepId;

/** The corner as it stands with its wheel off. */
export function cornerGround(channel: Channel | null): Plate {
  const side = isRight(channel) ? ({ mirror: true } as const) : {};
  return endOf(channel) === 'rear'
    ? { scene: 'rear-corner', state: 'whole', crop: [190, 120, 590, 393], ...side }
    : { scene: 'corner', state: 'whole', crop: [0, 120, 590, 393], ...side };
}

/** Where the fasteners of a step sit in the two drawings, drawn for the left. */
const USUAL: Readonly<Partial<Record<StepId, { readonly front: Spot; readonly rear: Spot }>>> = {
  'wheel-off': { front: { x: 0.53, y: 0.88 }, rear: { x: 0.7, y: 0.9 } },
  'liner-off': { front: { x: 0.1, y: 0.33 }, rear: { x: 0.88, y: 0.3 } },
  'caliper-off': { front: { x: 0.27, y: 0.66 }, rear: { x: 0.88, y: 0.6 } },
  'disc-off': { front: { x: 0.44, y: 0.6 }, rear: { x: 0.64, y: 0.56 } },
  'clips-out': { front: { x: 0.6, y: 0.21 }, rear: { x: 0.3, y: 0.76 } },
  'bolt-out': { front: { x: 0.72, y: 0.53 }, rear: { x: 0.44, y: 0.4 } },
  'hub-unit-out': { front: { x: 0.42, y: 0.76 }, rear: { x: 0.68, y: 0.71 } },
};

/** Where a fastener sits on the drawing: where the owner put it, else where its step usually finds it. */
export function spotOnDrawing(fastener: Fastener, channel: Channel | null): Spot | null {
  if (fastener.spot) return fastener.spot.on ? null : fastener.spot;
  const usual = USUAL[stepOf(fastener)]?.[endOf(channel)];
  if (!usual) return null;
  return isRight(channel) ? { ...usual, x: 1 - usual.x } : usual;
}

/** Where a fastener sits on one photo; null where it was put on another picture, or on none. */
export const spotOnPhoto = ({ spot }: Fastener, photo: string): Spot | null =>
  spot?.on === photo ? { x: spot.x, y: spot.y } : null;

const inside = (share: number): number => Math.min(1, Math.max(0, Math.round(share * 1000) / 1000));

/** A place within the picture, to a thousandth of it. */
export const spotWithin = (x: number, y: number): Spot => ({ x: inside(x), y: inside(y) });
