import * as scales from '../outcomes/meterLoom';
import { FEED_SCALE, PASSIVE_FEED_SCALE } from '../outcomes/meterSensor';
import { bothTypes, ofScale, type Table, type TypedTable } from './table';

/** Readings along the body wiring, at the plug's feed, and of the supply. */

const wire = (number: 1 | 2): Table => ({
  ...ofScale(scales.WIRE_SCALES[number]),
  mistaken: 0.004,
  otherwise: { gives: { good: 0.975, some: 0.015, open: 0.003 }, why: 'under 5 Ω end to end; a wrong pin reads open' },
  rows: [
    {
      for: [`loom-open/${number}`],
      gives: { open: 0.83, some: 0.14, good: 0.02, unsteady: 0.01 },
      why: 'broken through, or rotted to kilohms',
    },
    {
      for: ['loom-intermittent'],
      gives: { good: 0.86, unsteady: 0.07, open: 0.04, some: 0.03 },
      why: 'one of the two, whole until it is moved',
    },
    { for: ['loom-crossed'], gives: { open: 0.42, good: 0.55 }, why: 'the other end of the other wire' },
    {
      for: ['module-plug-corroded', 'plug-corroded'],
      gives: { good: 0.8, some: 0.17, open: 0.01 },
      why: 'probes touch the same green pins',
    },
  ],
});

/** The two wires of the pair: a break is in one of them. */
export const WIRES: Readonly<Record<1 | 2, TypedTable>> = { 1: bothTypes(wire(1)), 2: bothTypes(wire(2)) };
export const WIRE_WIGGLE: TypedTable = bothTypes({
  ...ofScale(scales.WIRE_WIGGLE_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { unsteady: 0.03 }, why: 'slipping probes' },
  rows: [
    { for: ['loom-intermittent'], gives: { unsteady: 0.72 }, why: 'where it jumps is where it breaks' },
    { for: ['loom-open/1'], gives: { unsteady: 0.93 }, why: 'open however it is moved: not steady either' },
    { for: ['loom-crossed'], gives: { unsteady: 0.5 }, why: 'the other end of the other wire' },
  ],
});

const toGround = (number: 1 | 2): Table => ({
  ...ofScale(scales.WIRE_TO_GROUND_SCALES[number]),
  mistaken: 0.02,
  otherwise: { gives: { insulated: 0.96, leak: 0.025 }, why: 'damp; or an end still plugged in' },
  rows: [
    {
      for: [`loom-short-to-ground/${number}`],
      gives: { short: 0.78, leak: 0.19, insulated: 0.03 },
      why: 'it touches the body',
    },
    { for: ['module-plug-corroded', 'plug-corroded'], gives: { insulated: 0.88, leak: 0.1 }, why: 'salt bridges' },
    { for: ['loom-short-to-supply'], gives: { insulated: 0.6, leak: 0.3 }, why: 'through what the fed wire feeds' },
  ],
});

export const WIRES_TO_GROUND: Readonly<Record<1 | 2, TypedTable>> = {
  1: bothTypes(toGround(1)),
  2: bothTypes(toGround(2)),
};

export const WIRE_VOLTAGE: TypedTable = bothTypes({
  ...ofScale(scales.WIRE_VOLTAGE_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { some: 0.02 }, why: 'a wire with both ends off is dead' },
  rows: [{ for: ['loom-short-to-supply'], gives: { some: 0.75 }, why: 'it touches a fed wire' }],
});

export const WIRE_TO_WIRE: TypedTable = bothTypes({
  ...ofScale(scales.WIRE_TO_WIRE_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { insulated: 0.96, leak: 0.025 }, why: 'damp' },
  rows: [
    { for: ['loom-short-across'], gives: { short: 0.88, leak: 0.09 }, why: 'the pair is bridged' },
    { for: ['plug-corroded', 'module-plug-corroded'], gives: { insulated: 0.86, leak: 0.12 }, why: 'salt bridges' },
  ],
});

/** A feed that is there reads near battery voltage on some cars, a regulated 5 to 8 V on others. */
const fed = (chance: number): Record<string, number> => ({ full: 0.76 * chance, part: 0.24 * chance });

/** Loom side of the plug, ignition on. A passive input shows at most a bias, which is no fault. */
export const SUPPLY_AT_PLUG: TypedTable = {
  active: {
    ...ofScale(FEED_SCALE),
    mistaken: 0.008,
    otherwise: { gives: { ...fed(0.97), low: 0.02 }, why: 'the module feeds it' },
    rows: [
      {
        for: ['loom-open'],
        gives: { ...fed(0.05), none: 0.87, low: 0.08 },
        why: 'a hard open lets nothing through; 95 % sure',
      },
      {
        for: ['loom-short-to-ground'],
        gives: { ...fed(0.3), none: 0.57, low: 0.13 },
        why: 'the module switches a shorted feed off; a grounded return leaves it',
      },
      { for: ['loom-short-across'], gives: { ...fed(0.1), none: 0.78, low: 0.12 }, why: 'bridged' },
      { for: ['loom-short-to-supply'], gives: { full: 0.86, part: 0.08, none: 0.04 }, why: 'fed from the wrong place' },
      { for: ['module-input'], gives: { ...fed(0.42), none: 0.48, low: 0.1 }, why: 'its feed may be what failed' },
      { for: ['module-supply'], gives: { full: 0.14, part: 0.36, low: 0.26, none: 0.24 }, why: 'little to feed with' },
      {
        for: ['module-plug-corroded'],
        gives: { ...fed(0.6), low: 0.15, none: 0.25 },
        why: 'a meter hardly loads a bad contact',
      },
      { for: ['loom-intermittent'], gives: { ...fed(0.74), low: 0.04, none: 0.22 }, why: 'whole until it is moved' },
      {
        for: ['loom-crossed'],
        gives: { ...fed(0.6), low: 0.1, none: 0.3 },
        why: 'a crossed pair shows it reversed, crossed corners may not',
      },
      {
        for: ['plug-corroded'],
        gives: { ...fed(0.9), low: 0.05, none: 0.05 },
        why: 'full voltage hardly clears a corroded contact',
      },
      {
        for: ['lead-short', 'sensor-short'],
        gives: { ...fed(0.86), low: 0.04, none: 0.1 },
        why: 'the module may have switched the channel off: cycle the key',
      },
      { for: ['plug-loose'], gives: { ...fed(0.87), none: 0.1 }, why: 'a pin pushed back is missed by the probe' },
      { for: ['battery-low'], gives: { ...fed(0.72), low: 0.25 }, why: 'no more than the battery has' },
    ],
  },
  passive: {
    ...ofScale(PASSIVE_FEED_SCALE),
    mistaken: 0.02,
    otherwise: {
      gives: { low: 0.5, part: 0.08, none: 0.37, full: 0.05 },
      why: 'a small bias from the module, or none',
    },
    rows: [{ for: ['loom-short-to-supply'], gives: { full: 0.8, low: 0.08 }, why: 'a fed wire touches it' }],
  },
};

export const BATTERY_REST: Table = {
  ...ofScale(scales.BATTERY_REST_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { low: 0.05 }, why: 'just parked, or small loads on' },
  rows: [{ for: ['battery-low'], gives: { low: 0.84 }, why: 'a tired one may still rest high' }],
};
export const BATTERY_CRANKING: Table = {
  ...ofScale(scales.BATTERY_CRANKING_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { low: 0.03 }, why: 'cold' },
  rows: [{ for: ['battery-low'], gives: { low: 0.92 }, why: 'cranking shows it' }],
};
export const MODULE_SUPPLY: Table = {
  ...ofScale(scales.MODULE_SUPPLY_SCALE),
  mistaken: 0.02,
  otherwise: { gives: { low: 0.03 }, why: 'a wrong pin' },
  rows: [
    { for: ['module-supply'], gives: { low: 0.86 }, why: 'a bad ground may hide in it' },
    { for: ['battery-low'], gives: { low: 0.5 }, why: 'no more than the battery has' },
    { for: ['module-plug-corroded'], gives: { low: 0.12 }, why: 'its feed pins may be green too' },
  ],
};
