import type { LAMPS } from '../casefile/words';

type Lamp = (typeof LAMPS)[number];

export interface LampWords {
  /** What the lamp says, for somebody who never read the handbook. */
  readonly says: string;
  /** Whether one deaf corner puts it on, it belongs to another system, or it stops the drive. */
  readonly kin: 'family' | 'other' | 'stop';
}

/** Plain words for each lamp. */
export const LAMP_WORDS: Readonly<Record<Lamp, LampWords>> = {
  abs: { says: 'Anti-lock is off. The brakes still brake; wheels can lock.', kin: 'family' },
  stability: { says: 'Stability and traction help is off: it needs all wheel speeds.', kin: 'family' },
  'hill-start': { says: 'Hill hold is off: it shares the brake module.', kin: 'family' },
  'hill-descent': { says: 'Hill descent is off: it shares the brake module.', kin: 'family' },
  brake: { says: 'A brake warning whose colour you could not tell. Look again: red stops the drive.', kin: 'stop' },
  'brake-red': { says: 'Red: parking brake, fluid, or brake force. Find out before you drive.', kin: 'stop' },
  'tyre-pressure': {
    says: 'Some cars work tyre pressure out from wheel speeds; others have a sensor of its own.',
    kin: 'family',
  },
  message: { says: 'A text instead of a lamp. Note its words.', kin: 'family' },
  'pad-wear': { says: 'Pads are thin, or the wear wire is cut: look while the wheel is off.', kin: 'other' },
  'parking-brake': { says: 'The parking brake is on, or its own system complains.', kin: 'other' },
  airbag: { says: 'Airbags may be off. Never taken for an echo until it goes out by itself.', kin: 'other' },
  engine: { says: 'The engine control has a code; it may follow from a missing road speed.', kin: 'other' },
  service: { says: 'A service is due, or a general warning.', kin: 'other' },
};

/** What the bulb check is, and how long it lasts on most cars, in seconds. */
export const BULB_CHECK_SECONDS = 6;
