import type { PartState } from '../../../core/judgement/parts';
import type { Channel } from '../../../core/casefile/words';

/** A corner of the small plan. */
export interface MiniCorner {
  readonly channel: Channel;
  readonly state: PartState;
}

/** Where a wheel's near edge is drawn, in the plan's own units. */
export const WHEELS: Readonly<Record<Channel, { x: number; y: number }>> = {
  'front-left': { x: 84, y: 76 },
  'front-right': { x: 202, y: 76 },
  'rear-left': { x: 84, y: 266 },
  'rear-right': { x: 202, y: 266 },
  'rear-axle': { x: 143, y: 272 },
};
/** The way from a wheel to the module. */
export const ROUTES: Readonly<Record<Channel, string>> = {
  'front-left': 'M146 96v14c0 8-30 6-48 4',
  'front-right': 'M150 96v14c0 8 34 6 54 4',
  'rear-left': 'M146 96c0 50-34 60-34 100v80h-12',
  'rear-right': 'M150 96c0 50 38 60 38 100v80h14',
  'rear-axle': 'M148 96c0 40 36 60 36 100 0 50-30 60-34 76',
};
