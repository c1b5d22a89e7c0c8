import type { LAMPS } from '../casefile/words';
import { texts } from '#words/core/report';

type Lamp = (typeof LAMPS)[number];

export interface LampWords {
  /** What the lamp says, for somebody who never read the handbook. */
  readonly says: string;
  /** Whether one deaf corner puts it on, it belongs to another system, or it stops the drive. */
  readonly kin: 'family' | 'other' | 'stop';
}

/** Plain words for each lamp. */
export const LAMP_WORDS: Readonly<Record<Lamp, LampWords>> = {
  abs: { says: texts.antiLockIsOff, kin: 'family' },
  stability: { says: texts.stabilityAndTractionHelp, kin: 'family' },
  'hill-start': { says: texts.hillHoldIsOff, kin: 'family' },
  'hill-descent': { says: texts.hillDescentIsOff, kin: 'family' },
  brake: { says: texts.aBrakeWarningWhose, kin: 'stop' },
  'brake-red': { says: texts.redParkingBrakeFluid, kin: 'stop' },
  'tyre-pressure': {
    says: texts.someCarsWorkTyre,
    kin: 'family',
  },
  message: { says: texts.aTextInsteadOf, kin: 'family' },
  'pad-wear': { says: texts.padsAreThinOr, kin: 'other' },
  'parking-brake': { says: texts.theParkingBrakeIs, kin: 'other' },
  airbag: { says: texts.airbagsMayBeOff, kin: 'other' },
  engine: { says: texts.theEngineControlHas, kin: 'other' },
  service: { says: texts.aServiceIsDue, kin: 'other' },
};

/** What the bulb check is, and how long it lasts on most cars, in seconds. */
export const BULB_CHECK_SECONDS = 6;
