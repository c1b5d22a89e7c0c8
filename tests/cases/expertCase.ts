import type { Vehicle } from '../../core/casefile/contract';
import { ACTIVE, type Step } from './writtenCase';

/** What an expert would say at one stage of a job. */
export interface Stage {
  /** After so many steps. */
  readonly after: number;
  /** What must lead, as `fault@channel` or `fault`. */
  readonly leads?: string;
  readonly atLeast?: number;
  /** What the first move may be, as `check@channel`. */
  readonly first?: RegExp;
  /** What must not be among the first three. */
  readonly never?: RegExp;
  readonly why: string;
}

/** A case in an expert's hands: what happened, and what is wise at each stage. */
export interface ExpertCase {
  readonly name: string;
  readonly vehicle: Vehicle;
  readonly steps: readonly Step[];
  readonly stages: readonly Stage[];
}

export const FL = 'front-left';
export const FR = 'front-right';
export const RL = 'rear-left';
export const RR = 'rear-right';
export const AXLE = 'rear-axle';
export const did = (action: string, segment: string, channel: string | null, result: string): Step =>
  ({ repaired: { action, segment, channel, result } }) as Step;
export const car = (part: string, finding: string): Step => ({ kind: 'look', part, finding }) as Step;
export const drove = (result: string, distance?: number): Step =>
  ({ kind: 'drive', result, ...(distance ? { distance } : {}) }) as Step;
export const tried = (channel: string, result: string): Step => ({ kind: 'substitute', channel, result }) as Step;
export const swapped = (channel: string, other: string, result: string): Step =>
  ({ kind: 'swap', channel, with: other, result }) as Step;
export const unplugged = (channel: string, result: string): Step => ({ kind: 'unplug', channel, result }) as Step;
export const NONE: Step = { kind: 'no-code', module: 'abs' };
export const HV: Vehicle = { ...ACTIVE, highVoltage: true };
