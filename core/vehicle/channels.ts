import type { Channel } from '../casefile/words';

/** A corner of the car, or its rear axle where both wheels share one sensor. */
export interface Corner {
  readonly end: 'front' | 'rear';
  readonly side: 'left' | 'right' | null;
}

export const CORNER_OF: Readonly<Record<Channel, Corner>> = {
  'front-left': { end: 'front', side: 'left' },
  'front-right': { end: 'front', side: 'right' },
  'rear-left': { end: 'rear', side: 'left' },
  'rear-right': { end: 'rear', side: 'right' },
  'rear-axle': { end: 'rear', side: null },
};

/**
 * The channel that a named corner has on a car with these channels: both rear wheels of a three-channel car mean `rear-axle`.
 * @param named the corner as named, by a reader, a code or a person.
 * @param channels the channels that the car has.
 * @returns the car's channel, or null when the car has none there.
 * @example channelOn('rear-left', ['front-left', 'front-right', 'rear-axle']) // => "rear-axle"
 */
export function channelOn(named: Channel, channels: readonly Channel[]): Channel | null {
  if (channels.includes(named)) return named;
  const { end } = CORNER_OF[named];
  return end === 'rear' && named !== 'rear-axle' && channels.includes('rear-axle') ? 'rear-axle' : null;
}

/**
 * The channel on the other side of the same axle, for comparing and exchanging.
 * @param channel a channel. @param channels the channels that the car has.
 * @returns the other side's channel, or null where there is none (a shared rear sensor).
 * @example otherSide('rear-left', ['rear-left', 'rear-right']) // => "rear-right"
 */
export function otherSide(channel: Channel, channels: readonly Channel[]): Channel | null {
  const { end, side } = CORNER_OF[channel];
  if (side === null) return null;
  const other = `${end}-${side === 'left' ? 'right' : 'left'}` as Channel;
  return channels.includes(other) ? other : null;
}

/**
 * The channels of one axle: its sensors are of one kind.
 * @param channel any of it. @param channels the channels that the car has. @returns those at the same end, in the car's order.
 * @example axleOf('rear-left', ['front-left', 'rear-left', 'rear-right']) // => ["rear-left","rear-right"]
 */
export function axleOf(channel: Channel, channels: readonly Channel[]): readonly Channel[] {
  return channels.filter((other) => CORNER_OF[other].end === CORNER_OF[channel].end);
}
