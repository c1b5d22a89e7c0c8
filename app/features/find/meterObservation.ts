import type { ObservationOf } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import type { Answer } from '../../../core/knowledge/checks/check';
import { zeroLeads } from '../../../core/quantities/leads';
import type { Reading } from '../../../core/quantities/parseReading';
import { numberIn } from '../../shared/numberIn';

/** What stands around a reading, as typed. */
export interface AroundReading {
  readonly leads: string;
  readonly range: string;
  /** Of the part; undefined where it is not known. */
  readonly celsius: number | undefined;
  readonly isUnsteady: boolean;
  readonly isWiggling: boolean;
  /** Where the reading jumped while it was moved; empty where nobody said. */
  readonly jumpsAt: ObservationOf<'meter'>['jumpsAt'] | '';
}

/** A meter reading as an observation: leads taken off, and what was told beside it. */
export function meterObservation(
  answer: Extract<Answer, { is: 'meter' }>,
  channel: Channel | null,
  reading: Reading,
  conditions: AroundReading,
): Omit<ObservationOf<'meter'>, 'id'> {
  const { value, resolution } = reading;
  const isNumber = typeof value === 'number' && answer.quantity === 'resistance';
  const [temperature, range] = [conditions.celsius, numberIn(conditions.range)];
  const moved = conditions.isWiggling ? ('wiggle' as const) : answer.while;
  return {
    kind: 'meter',
    point: answer.point,
    quantity: answer.quantity,
    value: isNumber ? zeroLeads(value, numberIn(conditions.leads) ?? 0) : value,
    ...(channel ? { channel } : {}),
    ...(resolution ? { resolution } : {}),
    ...(conditions.isUnsteady ? { unsteady: true } : {}),
    ...(moved ? { while: moved } : {}),
    ...(conditions.isWiggling && conditions.isUnsteady && conditions.jumpsAt ? { jumpsAt: conditions.jumpsAt } : {}),
    ...(temperature === undefined ? {} : { temperature }),
    ...(range === undefined ? {} : { range }),
  };
}
