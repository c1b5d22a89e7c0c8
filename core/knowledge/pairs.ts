import type { ChannelFaultId } from './faults';

export interface FaultPair {
  readonly cause: ChannelFaultId;
  readonly consequence: ChannelFaultId;
  /** Chance that the consequence is there when the cause is. */
  readonly chance: number;
  readonly why: string;
}

/** Two faults on one channel, one the cause of the other: mending only one does not cure. */
export const FAULT_PAIRS: readonly FaultPair[] = [
  { cause: 'ring-swollen', consequence: 'sensor-damaged', chance: 0.35, why: 'a swollen ring rubs the tip' },
  { cause: 'bearing-play', consequence: 'sensor-damaged', chance: 0.2, why: 'a wandering ring strikes the tip' },
  { cause: 'bearing-play', consequence: 'ring-damaged', chance: 0.1, why: 'a wandering ring strikes and loses teeth' },
  { cause: 'ring-damaged', consequence: 'sensor-damaged', chance: 0.1, why: 'a loose piece of ring passes the tip' },
  {
    cause: 'plug-corroded',
    consequence: 'sensor-short',
    chance: 0.08,
    why: 'the water that rots the plug creeps into the sensor',
  },
  { cause: 'plug-corroded', consequence: 'lead-open', chance: 0.05, why: 'rot climbs into the lead from the plug' },
  { cause: 'loom-crossed', consequence: 'loom-open', chance: 0.15, why: 'a mend that crossed wires left one open' },
  { cause: 'loom-open', consequence: 'plug-corroded', chance: 0.06, why: 'one wet place rots wire and plug' },
  {
    cause: 'gap-wide',
    consequence: 'ring-debris',
    chance: 0.05,
    why: 'rust scale under the flange falls onto the ring',
  },
];
