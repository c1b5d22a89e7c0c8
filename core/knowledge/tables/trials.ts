import { SENSOR_UNIT } from './groups';
import { AIR_GAP_SCALE, FLANGE_VOID_SCALE, RING_RUNOUT_SCALE } from '../outcomes/distance';
import { bothTypes, ofScale, type Table, type TypedTable } from './table';

/** Distances, exchanges, and what a repair that was made tells. */

export const AIR_GAP: TypedTable = bothTypes({
  ...ofScale(AIR_GAP_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { inside: 0.92, wide: 0.04 }, why: 'hard to reach with a blade' },
  rows: [
    { for: ['gap-wide'], gives: { wide: 0.8, inside: 0.17 }, why: 'that is what it is' },
    { for: ['ring-swollen'], gives: { narrow: 0.62, inside: 0.32 }, why: 'the ring has come nearer' },
    { for: ['bearing-play'], gives: { inside: 0.5, wide: 0.28, narrow: 0.22 }, why: 'it wanders' },
  ],
});
export const RING_RUNOUT: TypedTable = bothTypes({
  ...ofScale(RING_RUNOUT_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { uneven: 0.05 }, why: 'rust flakes' },
  rows: [
    { for: ['ring-swollen'], gives: { uneven: 0.85 }, why: 'rust lifts it unevenly' },
    { for: ['ring-damaged'], gives: { uneven: 0.45 }, why: 'a crack opens the ring' },
    { for: ['bearing-play'], gives: { uneven: 0.6 }, why: 'it wobbles' },
    { for: ['ring-debris'], gives: { uneven: 0.5 }, why: 'what sticks to it passes the blade too' },
  ],
});
export const FLANGE_VOID: TypedTable = bothTypes({
  ...ofScale(FLANGE_VOID_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { lifted: 0.05 }, why: 'dirt' },
  rows: [{ for: ['gap-wide'], gives: { lifted: 0.8 }, why: 'rust under the flange' }],
});

export const SWAP: TypedTable = bothTypes({
  topic: 'swap',
  outcomes: ['fault-stayed', 'fault-followed'],
  mistaken: 0.02,
  otherwise: { gives: { 'fault-followed': 0.05 }, why: 'what is not in the sensor stays' },
  rows: [
    { for: [...SENSOR_UNIT], gives: { 'fault-followed': 0.965 }, why: 'what is in the sensor goes with it' },
    {
      for: ['sensor-intermittent', 'lead-intermittent'],
      gives: { 'fault-followed': 0.8 },
      why: 'goes with it when it shows',
    },
    { for: ['sensor-dirty'], gives: { 'fault-followed': 0.85 }, why: 'goes with it, unless handling wipes it' },
    { for: ['plug-corroded'], gives: { 'fault-followed': 0.2 }, why: 'half of the plug goes along' },
  ],
});

export const SUBSTITUTE: TypedTable = bothTypes({
  topic: 'substitute',
  outcomes: ['fault-stayed', 'signal-normal'],
  mistaken: 0.02,
  otherwise: { gives: { 'signal-normal': 0.05 }, why: 'a good sensor changes nothing where the fault lies elsewhere' },
  rows: [
    {
      for: [...SENSOR_UNIT, 'sensor-dirty'],
      gives: { 'signal-normal': 0.965 },
      why: 'a good sensor where the old one failed',
    },
    {
      for: ['sensor-intermittent', 'lead-intermittent'],
      gives: { 'signal-normal': 0.9 },
      why: 'as long as one watches',
    },
    { for: ['plug-corroded'], gives: { 'signal-normal': 0.25 }, why: 'half of the contacts are new' },
    { for: ['plug-loose'], gives: { 'signal-normal': 0.35 }, why: 'plugged in afresh' },
    { for: ['gap-wide'], gives: { 'signal-normal': 0.2 }, why: 'seated afresh' },
    { for: ['loom-intermittent', 'module-plug-corroded'], gives: { 'signal-normal': 0.5 }, why: 'whole at the moment' },
  ],
});

/** The code with the suspect unplugged: the same code says that the module saw an open all along. */
export const UNPLUG: TypedTable = bothTypes({
  topic: 'unplug',
  outcomes: ['different-code', 'same-code'],
  mistaken: 0.04,
  otherwise: { gives: { 'same-code': 0.15 }, why: 'an open was not what the module saw' },
  rows: [
    {
      for: ['sensor-open', 'lead-open', 'loom-open', 'plug-loose'],
      gives: { 'same-code': 0.93 },
      why: 'open before, open now',
    },
    {
      for: [
        'loom-short-to-ground',
        'loom-short-to-supply',
        'loom-short-across',
        'module-input',
        'module-supply',
        'loom-crossed',
      ],
      gives: { 'same-code': 0.85 },
      why: 'beyond the plug nothing changed',
    },
    {
      for: ['module-plug-corroded', 'plug-corroded'],
      gives: { 'same-code': 0.65 },
      why: 'it may have looked open',
    },
    {
      for: ['sensor-dead'],
      gives: { 'same-code': 0.35 },
      why: 'without any current it looked open',
    },
    {
      for: ['sensor-intermittent', 'lead-intermittent', 'loom-intermittent'],
      gives: { 'same-code': 0.35 },
      why: 'when it opens it looks so',
    },
    { for: ['sensor-short', 'lead-short'], gives: { 'same-code': 0.12 }, why: 'the short left with the plug' },
  ],
});

/** Given whether the repair left a fault on the car: what its owner said of it. */
export const REPAIR_RESULT: Readonly<
  Record<'cured' | 'bettered' | 'left', Readonly<Record<'fixed' | 'no-change' | 'partly' | 'unknown', number>>>
> = {
  cured: { fixed: 0.9, 'no-change': 0.05, partly: 0.05, unknown: 1 },
  bettered: { fixed: 0.3, 'no-change': 0.3, partly: 0.4, unknown: 1 },
  left: { fixed: 0.06, 'no-change': 0.88, partly: 0.06, unknown: 1 },
};

/** Questions that cost nothing but asking. */
export const ASK_HISTORY: Table = {
  topic: 'ask-history',
  outcomes: ['nothing', 'work-here'],
  mistaken: 0.05,
  otherwise: { gives: { 'work-here': 0.12 }, why: 'corners are worked on without harm' },
  rows: [
    { for: ['ring-wrong', 'loom-crossed'], gives: { 'work-here': 0.8 }, why: 'comes with other work only' },
    {
      for: ['plug-loose', 'lead-open', 'lead-intermittent', 'lead-short', 'ring-debris', 'tyre-mismatch'],
      gives: { 'work-here': 0.38 },
      why: 'disturbed by other work',
    },
  ],
};

/** The same coil reading, judged by the manual's narrow band instead of a generic one. */
export const ASK_SPECS: Table = {
  topic: 'ask-specs',
  outcomes: ['inside', 'outside'],
  mistaken: 0.02,
  otherwise: { gives: { outside: 0.06 }, why: 'a new part can read outside a printed band and still work' },
  rows: [
    { for: ['sensor-short'], gives: { outside: 0.8 }, why: 'bridged turns read low' },
    { for: ['sensor-open'], gives: { outside: 0.9 }, why: 'a coil of high resistance' },
    { for: ['sensor-weak', 'sensor-damaged', 'plug-corroded'], gives: { outside: 0.2 }, why: 'a little off' },
  ],
};
