import type { Fastener } from '../../casefile/contract';
import type { StepId } from './stepIds';
import { texts } from '#words/knowledge/fasteners';

/** What usually holds a part (trade experience); sizes are the owner's to note. */
export type UsualFastener = Pick<Fastener, 'kind' | 'name' | 'count'>;

/** What a step usually takes out. */
export const USUAL_FASTENERS: Readonly<Partial<Record<StepId, UsualFastener>>> = {
  'wheel-off': { kind: 'nut', name: texts.wheelNuts, count: 5 },
  'liner-off': { kind: 'rivet', name: texts.linerRivets, count: 4 },
  'trim-off': { kind: 'clip', name: texts.trimClips, count: 4 },
  'caliper-off': { kind: 'hex', name: texts.bracketBolts, count: 2 },
  'disc-off': { kind: 'star', name: texts.discScrew, count: 1 },
  'clips-out': { kind: 'clip', name: texts.leadClips, count: 2 },
  'bolt-out': { kind: 'hex', name: texts.sensorBolt, count: 1 },
  'hub-unit-out': { kind: 'hex', name: texts.hubBolts, count: 4 },
  own: { kind: 'other', name: texts.fastener, count: 1 },
};

/** What a part that is not held may do. */
export const WITHOUT_IT: Readonly<Partial<Record<StepId, string>>> = {
  'liner-off': texts.linerRubs,
  'caliper-off': texts.bracketStops,
  'clips-out': texts.leadRubs,
  'bolt-out': texts.sensorLifts,
  'hub-unit-out': texts.hubStops,
  'wheel-off': texts.wheelStops,
};
