import {
  MODULE_END_SCALE,
  SENSOR_RESISTANCE_SCALE,
  SENSOR_TO_GROUND_SCALE,
  SENSOR_WIGGLE_SCALE,
} from '../outcomes/meterSensor';
import type { Scale } from '../outcomes/outcome';
import { ofScale, type Row, type Table, type TypedTable } from './table';

/** Readings at the sensor's own pins and at the module's end of the loom. */

const SOUND_COIL: Row = {
  gives: { inside: 0.925, open: 0.02, unsteady: 0.01, low: 0.013, high: 0.03, 'near-zero': 0.002 },
  why: 'in the band; two in a hundred read open for want of contact',
};

/** A reading across an active sensor condemns nothing: it may overload, or show its electronics. */
const ACROSS_ACTIVE: Row = {
  gives: { open: 0.63, high: 0.31, inside: 0.03, low: 0.012, 'near-zero': 0.008 },
  why: 'electronics, no coil',
};

/** But hardly any ohm at all is a short, whatever sits behind the pins. */
const SHORT_ACROSS_ACTIVE: Table['rows'] = [
  {
    for: ['sensor-short', 'lead-short/across'],
    gives: { 'near-zero': 0.5, low: 0.18, open: 0.16, high: 0.12 },
    why: 'a bridge across the pins',
  },
];

const nothing = (scale: Scale, otherwise: Row): Table => ({
  ...ofScale(scale),
  mistaken: 0.02,
  otherwise,
  rows: [],
});

export const SENSOR_RESISTANCE: TypedTable = {
  passive: {
    ...ofScale(SENSOR_RESISTANCE_SCALE),
    mistaken: 0.02,
    otherwise: SOUND_COIL,
    rows: [
      {
        for: ['sensor-open/through'],
        gives: { open: 0.97, high: 0.01, inside: 0.005, low: 0.005, 'near-zero': 0.005 },
        why: 'no way through the coil',
      },
      {
        for: ['sensor-open/high'],
        gives: { high: 0.78, open: 0.16, inside: 0.03, low: 0.005, 'near-zero': 0.005 },
        why: 'high and stable',
      },
      {
        for: ['lead-open'],
        gives: { open: 0.96, inside: 0.01, high: 0.01, low: 0.005, 'near-zero': 0.005 },
        why: 'the reading at the plug takes in the lead',
      },
      {
        for: ['sensor-short/turns'],
        gives: { low: 0.72, 'near-zero': 0.22, inside: 0.04, open: 0.005 },
        why: 'bridged turns read low',
      },
      {
        for: ['sensor-short/body'],
        gives: { inside: 0.86, low: 0.08, open: 0.02 },
        why: 'a leak to the body does not show across the pins',
      },
      {
        for: ['lead-short/across'],
        gives: { 'near-zero': 0.76, low: 0.17, inside: 0.03, open: 0.01 },
        why: 'the bridge is nearer than the coil',
      },
      {
        for: ['lead-short/body'],
        gives: { inside: 0.86, low: 0.06, open: 0.03 },
        why: 'wire to metal does not show across the pins',
      },
      {
        for: ['sensor-intermittent'],
        gives: { inside: 0.55, open: 0.14, unsteady: 0.22, high: 0.06 },
        why: 'an intermittent can read perfect at rest',
      },
      {
        for: ['lead-intermittent'],
        gives: { inside: 0.58, open: 0.12, unsteady: 0.24, high: 0.04 },
        why: 'an intermittent can read perfect at rest',
      },
      {
        for: ['plug-corroded'],
        gives: { inside: 0.75, high: 0.14, unsteady: 0.07, open: 0.03, low: 0.007, 'near-zero': 0.003 },
        why: 'the probes scrape through',
      },
      {
        for: ['sensor-weak'],
        gives: { inside: 0.86, low: 0.025, high: 0.085, open: 0.015, unsteady: 0.013, 'near-zero': 0.002 },
        why: 'a weak magnet is no weak coil',
      },
      {
        for: ['sensor-damaged'],
        gives: { inside: 0.87, low: 0.025, high: 0.06, open: 0.03, unsteady: 0.012, 'near-zero': 0.003 },
        why: 'the tip is hurt, seldom the coil',
      },
    ],
  },
  active: { ...nothing(SENSOR_RESISTANCE_SCALE, ACROSS_ACTIVE), rows: SHORT_ACROSS_ACTIVE },
};

export const SENSOR_WIGGLE: TypedTable = {
  passive: {
    ...ofScale(SENSOR_WIGGLE_SCALE),
    mistaken: 0.02,
    otherwise: { gives: { unsteady: 0.03, open: 0.02 }, why: 'slipping probes' },
    rows: [
      { for: ['lead-intermittent'], gives: { unsteady: 0.85, open: 0.03 }, why: 'where it jumps is where it breaks' },
      { for: ['sensor-intermittent'], gives: { unsteady: 0.5, open: 0.06 }, why: 'flexing reaches the body a little' },
      {
        for: ['plug-corroded'],
        gives: { unsteady: 0.3, open: 0.02 },
        why: 'its own half of the plug: a green contact moves',
      },
      { for: ['lead-open', 'sensor-open'], gives: { open: 0.93, unsteady: 0.04 }, why: 'open stays open' },
      { for: ['sensor-open/high'], gives: { steady: 0.9, unsteady: 0.06 }, why: 'high, but stable' },
    ],
  },
  active: nothing(SENSOR_WIGGLE_SCALE, {
    gives: { steady: 0.3, open: 0.6 },
    why: 'electronics, no coil',
  }),
};

/** A sensor pin to the sensor's own metal. */
export const SENSOR_TO_GROUND: TypedTable = (() => {
  const table: Table = {
    ...ofScale(SENSOR_TO_GROUND_SCALE),
    mistaken: 0.02,
    otherwise: { gives: { leak: 0.02 }, why: 'wet fingers, damp plug' },
    rows: [
      { for: ['sensor-short/body'], gives: { leak: 0.93 }, why: 'that is what it is' },
      {
        for: ['sensor-short/turns'],
        gives: { leak: 0.4 },
        why: 'the water that bridges turns often reaches the body too',
      },
      { for: ['lead-short/body'], gives: { leak: 0.85 }, why: 'rubbed through to metal' },
      { for: ['lead-short/across'], gives: { leak: 0.12 }, why: 'rubbed through to the other wire' },
      { for: ['plug-corroded'], gives: { leak: 0.08 }, why: 'salt bridges' },
    ],
  };
  return { passive: table, active: table };
})();

export const MODULE_END: TypedTable = {
  passive: {
    ...ofScale(MODULE_END_SCALE),
    mistaken: 0.02,
    otherwise: SOUND_COIL,
    rows: [
      {
        for: ['sensor-open/through'],
        gives: { open: 0.97, high: 0.01, inside: 0.005, low: 0.005, 'near-zero': 0.005 },
        why: 'seen through the loom',
      },
      {
        for: ['sensor-open/high'],
        gives: { high: 0.78, open: 0.16, inside: 0.03, low: 0.005, 'near-zero': 0.005 },
        why: 'seen through the loom',
      },
      {
        for: ['lead-open', 'loom-open', 'plug-loose'],
        gives: { open: 0.94, high: 0.02, inside: 0.015, low: 0.005, 'near-zero': 0.005 },
        why: 'no way through',
      },
      {
        for: ['sensor-short/turns'],
        gives: { low: 0.72, 'near-zero': 0.22, inside: 0.04, open: 0.005 },
        why: 'seen through the loom',
      },
      {
        for: ['lead-short/across', 'loom-short-across'],
        gives: { 'near-zero': 0.74, low: 0.19, inside: 0.04, open: 0.01 },
        why: 'the bridge is nearer than the coil',
      },
      {
        for: ['sensor-short/body', 'lead-short/body', 'loom-short-to-ground'],
        gives: { inside: 0.86, low: 0.08 },
        why: 'one wire to ground leaves the loop as it is',
      },
      {
        for: ['sensor-intermittent', 'lead-intermittent', 'loom-intermittent'],
        gives: { inside: 0.56, open: 0.14, unsteady: 0.22, high: 0.06 },
        why: 'an intermittent can read perfect at rest',
      },
      {
        for: ['plug-corroded'],
        gives: { inside: 0.22, high: 0.46, open: 0.19, unsteady: 0.11 },
        why: 'the contact is in the loop',
      },
      { for: ['loom-crossed'], gives: { inside: 0.7, open: 0.18 }, why: 'two wires exchanged read the same' },
      {
        for: ['sensor-weak', 'sensor-damaged'],
        gives: { inside: 0.87, low: 0.025, high: 0.07, open: 0.02, unsteady: 0.012, 'near-zero': 0.003 },
        why: 'seldom the coil',
      },
    ],
  },
  active: nothing(MODULE_END_SCALE, ACROSS_ACTIVE),
};
