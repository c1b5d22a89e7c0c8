import { BROKEN_NOW_AND_THEN, CORRODED, LASTING, ONCE_A_TURN, WEAK_SIGNAL, WIRE_OPEN } from './groups';
import type { Table } from './table';

/** What the driver felt, and whether lamps came back on a drive. */

/** A trouble felt in one bend only: whether this corner is on its outer, loaded side. Weak. */
export const BEND_SIDE: Table = {
  topic: 'bend-side',
  outcomes: ['inner', 'outer'],
  mistaken: 0.1,
  otherwise: { gives: { outer: 0.5 }, why: 'says nothing of a sound corner' },
  rows: [
    {
      for: ['bearing-play', 'ring-swollen', 'gap-wide', 'sensor-damaged'],
      gives: { outer: 0.7 },
      why: 'side load moves ring and knuckle on the outer side',
    },
    {
      for: ['lead-intermittent', 'lead-short', 'tyre-mismatch'],
      gives: { outer: 0.6 },
      why: 'the spring and the lock move the lead most there',
    },
  ],
};

const symptom = (word: string, otherwise: Table['otherwise'], rows: Table['rows']): Table => ({
  topic: `symptom-${word}`,
  outcomes: ['absent', 'present'],
  mistaken: 0.04,
  otherwise,
  rows,
});

export const SYMPTOM_TABLES: Readonly<Record<string, Table>> = {
  'abs-pulses-at-low-speed': symptom('abs-pulses-at-low-speed', { gives: { present: 0.04 }, why: 'gravel, ice' }, [
    {
      for: [...WEAK_SIGNAL, ...ONCE_A_TURN, 'ring-debris'],
      gives: { present: 0.5 },
      why: 'the signal is lost first when slow, and ABS takes it for a locking wheel',
    },
    {
      for: [...BROKEN_NOW_AND_THEN, 'plug-corroded'],
      gives: { present: 0.15 },
      why: 'a drop-out looks like a locking wheel',
    },
  ]),
  'stability-cuts-in': symptom('stability-cuts-in', { gives: { present: 0.03 }, why: 'seldom without cause' }, [
    {
      for: ['ring-wrong', 'tyre-mismatch', ...ONCE_A_TURN, 'loom-crossed'],
      gives: { present: 0.35 },
      why: 'a false speed looks like a spinning wheel',
    },
    {
      for: [...BROKEN_NOW_AND_THEN, ...WEAK_SIGNAL, 'plug-corroded', 'ring-debris'],
      gives: { present: 0.15 },
      why: 'a fluctuating speed looks like slip',
    },
  ]),
  'speedometer-wrong': symptom('speedometer-wrong', { gives: { present: 0.03 }, why: 'seldom without cause' }, [
    {
      for: [
        ...WIRE_OPEN,
        'sensor-dead',
        'ring-wrong',
        'plug-loose',
        'module-supply',
        'module-input',
        'tyre-mismatch',
        'ring-damaged',
      ],
      gives: { present: 0.2 },
      why: 'many speedometers take their speed from the wheels',
    },
    { for: [...BROKEN_NOW_AND_THEN, ...WEAK_SIGNAL, 'plug-corroded'], gives: { present: 0.12 }, why: 'now and then' },
  ]),
  'noise-from-wheel': symptom('noise-from-wheel', { gives: { present: 0.05 }, why: 'tyres, brakes' }, [
    { for: ['bearing-play'], gives: { present: 0.6 }, why: 'a worn bearing hums' },
    { for: ['ring-swollen', 'ring-damaged'], gives: { present: 0.25 }, why: 'a ring that rubs ticks' },
    { for: ['sensor-damaged'], gives: { present: 0.12 }, why: 'a tip that is struck' },
  ]),
  'pedal-soft': symptom('pedal-soft', { gives: { present: 0.02 }, why: 'hydraulics, not signals' }, [
    { for: ['brake-fluid-low'], gives: { present: 0.3 }, why: 'air or a leak' },
  ]),
  'fluid-leak': symptom('fluid-leak', { gives: { present: 0.02 }, why: 'hydraulics, not signals' }, [
    { for: ['brake-fluid-low'], gives: { present: 0.5 }, why: 'what leaks is missing' },
  ]),
};

/** A test drive: whether the lamps came back. */
export const DRIVE: Table = {
  topic: 'drive',
  outcomes: ['stayed-out', 'came-back'],
  mistaken: 0.00001,
  otherwise: { gives: { 'came-back': 0.00001 }, why: 'a lamp that is lit is seen, and only a fault lights it' },
  rows: [
    {
      for: [...LASTING, 'module-supply', 'sensor-dead', 'ring-wrong', 'loom-crossed'],
      gives: { 'came-back': 0.95 },
      why: 'a lasting fault comes back',
    },
    {
      for: [...WEAK_SIGNAL, ...ONCE_A_TURN, 'ring-debris', 'tyre-mismatch'],
      gives: { 'came-back': 0.8 },
      why: 'seen within minutes of driving',
    },
    { for: [...CORRODED], gives: { 'came-back': 0.6 }, why: 'comes and goes' },
    { for: [...BROKEN_NOW_AND_THEN], gives: { 'came-back': 0.45 }, why: 'one drive may miss it' },
    {
      for: ['battery-low', 'brake-switch', 'brake-fluid-low'],
      gives: { 'came-back': 0.78 },
      why: 'does not depend on the wheels',
    },
    { for: ['stale-code'], gives: { 'came-back': 0.0005 }, why: 'history does not light lamps' },
  ],
};
