import type { ObservationOf } from '../casefile/contract';
import { CHANNEL_FAULTS } from './faultRows';
import type { FaultId } from './faults';

type Event = ObservationOf<'history'>['event'];

export interface HistoryRow {
  readonly event: Event;
  /** How many times likelier each fault becomes when the event was lately. */
  readonly times: Partial<Record<FaultId, number>>;
  /** The days after which a third of the factor's logarithm is left, so that about a tenth of the extra suspicion is; null for what does not fade. */
  readonly fadesDays: number | null;
  readonly why: string;
}

const LEAD_DISTURBED = { 'plug-loose': 6, 'lead-open': 4, 'lead-intermittent': 4, 'lead-short': 4 } as const;
const WIRES_WET = {
  'plug-corroded': 3,
  'module-plug-corroded': 2,
  'loom-open': 1.6,
  'loom-intermittent': 1.5,
  'lead-intermittent': 1.4,
} as const;

/** What earlier work and events make likelier. The corner touched last is the corner to suspect. */
export const HISTORY: readonly HistoryRow[] = [
  {
    event: 'wheel-bearing',
    times: {
      ...LEAD_DISTURBED,
      'ring-wrong': 40,
      'ring-damaged': 3,
      'ring-debris': 3,
      'gap-wide': 3,
      'sensor-damaged': 4,
    },
    fadesDays: 120,
    why: 'an encoder bearing fits both ways round; the sensor comes out and goes back',
  },
  {
    event: 'shock-or-strut',
    times: { ...LEAD_DISTURBED, 'lead-open': 7, 'lead-intermittent': 6 },
    fadesDays: 120,
    why: 'the lead hangs on the strut and is stretched or left out of its clip',
  },
  {
    event: 'brakes',
    times: { ...LEAD_DISTURBED, 'sensor-damaged': 2, 'brake-switch': 1.5, 'brake-fluid-low': 2 },
    fadesDays: 90,
    why: 'the lead runs past the caliper',
  },
  {
    event: 'driveshaft',
    times: { ...LEAD_DISTURBED, 'ring-wrong': 25, 'ring-damaged': 5, 'sensor-damaged': 3 },
    fadesDays: 120,
    why: 'the ring sits on the shaft; another shaft may have another ring or none',
  },
  {
    event: 'steering',
    times: { 'lead-open': 2, 'lead-intermittent': 2, 'plug-loose': 2 },
    fadesDays: 90,
    why: 'leads are moved aside for the rods',
  },
  {
    event: 'wheels-or-tyres',
    times: { 'tyre-mismatch': 15, 'lead-open': 1.3 },
    fadesDays: 90,
    why: 'one tyre of another size turns at another speed',
  },
  {
    event: 'battery',
    times: { 'battery-low': 0.25, 'stale-code': 3, 'module-supply': 1.5 },
    fadesDays: 180,
    why: 'a new battery is rarely flat, but the change leaves old codes',
  },
  {
    event: 'flat-battery-event',
    times: { 'battery-low': 3, 'stale-code': 8 },
    fadesDays: 120,
    why: 'a flat battery leaves a flood of old codes',
  },
  {
    event: 'stood-unused',
    times: {
      'battery-low': 4,
      'ring-damaged': 1.5,
      'ring-swollen': 1.7,
      'plug-corroded': 1.6,
      'gap-wide': 1.4,
      'stale-code': 2,
    },
    fadesDays: 200,
    why: 'rust and a battery that ran down',
  },
  {
    event: 'rodents',
    times: {
      'lead-open': 4,
      'loom-open': 6,
      'loom-short-across': 4,
      'loom-short-to-ground': 4,
      'lead-short': 3,
      'loom-intermittent': 2,
    },
    fadesDays: 300,
    why: 'gnawed wires',
  },
  {
    event: 'salted-roads',
    times: { 'ring-damaged': 1.8, 'ring-swollen': 2.2, 'gap-wide': 1.8, 'plug-corroded': 1.8, 'loom-open': 1.4 },
    fadesDays: null,
    why: 'salt rusts rings, seats and plugs',
  },
  {
    event: 'water',
    times: { ...WIRES_WET, 'sensor-short': 3.5, 'sensor-open': 1.5 },
    fadesDays: 90,
    why: 'water gets into sensor and plug',
  },
  {
    event: 'crash-or-kerb',
    times: {
      'bearing-play': 4,
      'gap-wide': 4,
      'ring-damaged': 3,
      'sensor-damaged': 3,
      'lead-open': 3,
      'loom-open': 1.5,
    },
    fadesDays: 200,
    why: 'a blow bends what holds the gap',
  },
  {
    event: 'sensor-replaced',
    times: {
      'gap-wide': 4,
      'plug-loose': 4,
      'ring-debris': 2,
      'sensor-open': 0.5,
      'sensor-short': 0.5,
      'sensor-dead': 0.7,
      'sensor-weak': 0.9,
      'sensor-damaged': 0.6,
      'sensor-dirty': 0.5,
      'loom-open': 1.8,
      'loom-intermittent': 1.8,
    },
    fadesDays: 365,
    why: 'a new sensor that did not cure points past it',
  },
  {
    event: 'wiring-added',
    times: {
      'loom-crossed': 40,
      'loom-open': 4,
      'loom-short-to-supply': 8,
      'loom-short-to-ground': 4,
      'loom-short-across': 3,
      'module-supply': 3,
    },
    fadesDays: 365,
    why: 'cut, tapped or mended wires',
  },
  {
    event: 'nothing-known',
    times: {
      'ring-wrong': 0.35,
      'loom-crossed': 0.35,
      'tyre-mismatch': 0.4,
      'plug-loose': 0.7,
      'stale-code': 0.7,
      'lead-open': 0.85,
      'lead-intermittent': 0.85,
    },
    fadesDays: null,
    why: 'asked, and nobody remembers any work: what only comes with work is less likely',
  },
  { event: 'known-weak-point', times: {}, fadesDays: null, why: 'a hint for the eye; what is weak stands in the note' },
];

const TENTH = Math.log(10);

/**
 * How many times likelier an event makes a fault, faded by its age.
 * @param event the event. @param fault a fault of the catalogue.
 * @param agoDays days since, 0 or more; undefined counts as lately.
 * @returns a factor above 0; 1 where the event says nothing of the fault. An event's own corner counts in full.
 * @example historyFactor('salted-roads', 'ring-swollen', 4000) // => 2.2
 */
export function historyFactor(event: Event, fault: FaultId, agoDays: number | undefined): number {
  const row = HISTORY.find((row) => row.event === event);
  const times = row?.times[fault] ?? 1;
  if (!row || row.fadesDays === null || agoDays === undefined) return times;
  return times ** Math.exp((-TENTH * agoDays) / row.fadesDays / 2);
}

/**
 * Every channel fault's factors from the history of one channel, multiplied; order does not matter.
 * @example historyFactors([{ id: 'h', kind: 'history', event: 'salted-roads' }]).get('ring-swollen') // => 2.2
 */
export function historyFactors(events: readonly ObservationOf<'history'>[]): ReadonlyMap<FaultId, number> {
  const ids: FaultId[] = [
    ...CHANNEL_FAULTS.map((row) => row.id),
    'stale-code',
    'battery-low',
    'module-supply',
    'brake-switch',
    'brake-fluid-low',
  ];
  return new Map(
    ids.map((id) => [id, events.reduce((product, event) => product * historyFactor(event.event, id, event.ago), 1)]),
  );
}
