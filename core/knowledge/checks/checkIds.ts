import type { DISTANCE_POINTS, LIVE_WHILE, LookPart } from '../../casefile/words';

/** The checks that are made with a meter: point and quantity. */
export type MeterCheckId =
  | 'meter:sensor:resistance'
  | 'meter:sensor-to-ground:resistance'
  | 'meter:sensor:ac-voltage'
  | 'meter:supply-at-plug:dc-voltage'
  | 'meter:sensor-current:dc-current'
  | 'meter:module-end:resistance'
  | 'meter:module-end:ac-voltage'
  | 'meter:wire-1:resistance'
  | 'meter:wire-2:resistance'
  | 'meter:wire-1-to-ground:resistance'
  | 'meter:wire-2-to-ground:resistance'
  | 'meter:wire-to-wire:resistance'
  | 'meter:wire-1-to-ground:dc-voltage'
  | 'meter:battery:dc-voltage'
  | 'meter:module-supply:dc-voltage';

/** Every check that Zelf offers: its record, its sheet and its drawing go by this name. */
export type CheckId =
  | MeterCheckId
  | `look:${LookPart}`
  | `distance:${Exclude<(typeof DISTANCE_POINTS)[number], 'spacer'>}`
  | `live:${Exclude<(typeof LIVE_WHILE)[number], 'wiggle'>}`
  | 'swap'
  | 'substitute'
  | 'unplug'
  | 'code'
  | 'clear'
  | 'ask:history'
  | 'ask:specs'
  | 'ask:sensor-type';
