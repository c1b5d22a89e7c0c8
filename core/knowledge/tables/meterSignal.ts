import { CURRENT_SCALE, MODULE_SPIN_SCALE, SENSOR_SPIN_SCALE } from '../outcomes/meterSensor';
import { ofScale, type Row, type Table, type TypedTable } from './table';

/** What a spun or fed sensor gives: voltage and current. */

const spinRows = (throughLoom: boolean): Table['rows'] => [
  {
    for: [
      'sensor-open',
      'lead-open',
      'lead-short',
      ...(throughLoom ? (['loom-open', 'loom-short-across', 'plug-loose'] as const) : []),
    ],
    gives: { none: 0.93, low: 0.04, normal: 0.015 },
    why: 'the voltage does not get here',
  },
  {
    for: ['lead-short/body', ...(throughLoom ? (['loom-short-to-ground', 'loom-short-to-supply'] as const) : [])],
    gives: { normal: 0.72, low: 0.12, none: 0.14 },
    why: 'a floating coil still gives its voltage over one tied wire',
  },
  {
    for: ['sensor-open/high'],
    gives: { normal: 0.55, low: 0.25, none: 0.15 },
    why: 'a meter hardly loads a bad joint',
  },
  {
    for: ['sensor-short'],
    gives: { none: 0.14, low: 0.46, normal: 0.36 },
    why: 'bridged turns give less, a few of them enough',
  },
  {
    for: ['ring-wrong'],
    gives: { none: 0.5, low: 0.14, normal: 0.28 },
    why: 'no ring, no voltage; a wrong count still gives some',
  },
  {
    for: ['gap-wide', 'sensor-weak'],
    gives: { none: 0.12, low: 0.7, normal: 0.14 },
    why: 'voltage falls with gap and magnet',
  },
  { for: ['sensor-damaged', 'sensor-dirty'], gives: { none: 0.1, low: 0.56, normal: 0.28 }, why: 'less, but some' },
  {
    for: ['ring-damaged', 'ring-swollen'],
    gives: { waver: 0.7, low: 0.06, none: 0.02 },
    why: 'rises and falls once a turn',
  },
  { for: ['bearing-play'], gives: { waver: 0.5, low: 0.06, none: 0.02 }, why: 'rises and falls once a turn' },
  { for: ['ring-debris'], gives: { waver: 0.22, low: 0.26, none: 0.04 }, why: 'uneven and weak' },
  {
    for: ['sensor-intermittent', 'lead-intermittent', ...(throughLoom ? (['loom-intermittent'] as const) : [])],
    gives: { normal: 0.74, waver: 0.12, none: 0.1, low: 0.04 },
    why: 'whole until it is shaken',
  },
  ...(throughLoom
    ? [
        {
          for: ['plug-corroded', 'module-plug-corroded'] as const,
          gives: { normal: 0.66, low: 0.15, none: 0.12 },
          why: 'a meter hardly loads a bad contact',
        },
      ]
    : []),
];

const SOUND_SPIN: Row = {
  gives: { normal: 0.9, none: 0.025, low: 0.05, waver: 0.025 },
  why: 'turned too slowly, or a coarse meter',
};

export const SENSOR_SPIN: TypedTable = {
  passive: {
    ...ofScale(SENSOR_SPIN_SCALE),
    mistaken: 0.02,
    otherwise: SOUND_SPIN,
    rows: spinRows(false),
  },
  active: null,
};
export const MODULE_SPIN: TypedTable = {
  passive: {
    ...ofScale(MODULE_SPIN_SCALE),
    mistaken: 0.02,
    otherwise: SOUND_SPIN,
    rows: spinRows(true),
  },
  active: null,
};

/** Current of an active sensor, ignition on, in series. */
export const SENSOR_CURRENT: TypedTable = {
  passive: null,
  active: {
    ...ofScale(CURRENT_SCALE),
    mistaken: 0.05,
    otherwise: { gives: { normal: 0.93, none: 0.05 }, why: 'a sound sensor draws some 7 or 14 mA' },
    rows: [
      {
        for: ['sensor-dead'],
        gives: { normal: 0.45, none: 0.45, high: 0.1 },
        why: 'dead electronics draw too little or too much, or stand still at their idle level',
      },
      {
        for: ['sensor-open', 'lead-open', 'loom-open', 'plug-loose', 'loom-short-across', 'loom-short-to-ground'],
        gives: { none: 0.93, high: 0.02 },
        why: 'no feed or no way through',
      },
      {
        for: ['sensor-short', 'lead-short'],
        gives: { high: 0.35, none: 0.52 },
        why: 'bridged: much current, until the module switches off',
      },
      {
        for: ['module-input'],
        gives: { normal: 0.42, none: 0.53 },
        why: 'its feed may be what failed, or only its ear',
      },
      { for: ['loom-short-to-supply'], gives: { normal: 0.3, none: 0.55 }, why: 'fed past the module' },
      {
        for: ['plug-corroded', 'module-plug-corroded'],
        gives: { normal: 0.28, none: 0.67 },
        why: 'a bad contact starves it',
      },
    ],
  },
};
