import type { Table } from './table';

/** A reading jumped while a wire was moved, and its maker said where: at the sensor, along the lead, at the plug, along the loom. */
export const JUMPS_AT: Table = {
  topic: 'jumps-at',
  outcomes: ['nowhere', 'sensor', 'lead', 'plug', 'loom'],
  mistaken: 0.04,
  otherwise: { gives: { nowhere: 0, sensor: 0.25, lead: 0.25, plug: 0.25 }, why: 'slipping probes, anywhere' },
  rows: [
    {
      for: ['lead-intermittent', 'lead-open'],
      gives: { nowhere: 0, lead: 0.82, sensor: 0.09, plug: 0.07 },
      why: 'where it jumps it breaks',
    },
    {
      for: ['sensor-intermittent'],
      gives: { nowhere: 0, sensor: 0.78, lead: 0.18, plug: 0.02 },
      why: 'moving the lead where it leaves the body',
    },
    {
      for: ['plug-corroded', 'plug-loose'],
      gives: { nowhere: 0, plug: 0.85, lead: 0.07, loom: 0.06 },
      why: 'contacts move',
    },
    {
      for: ['loom-intermittent', 'loom-open'],
      gives: { nowhere: 0, loom: 0.84, plug: 0.1, lead: 0.04 },
      why: 'where it jumps it breaks',
    },
  ],
};
