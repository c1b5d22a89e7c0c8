import { TANSY as TANSY_ON_BENCH } from '../../bench/practice/sampleCars';
import type { Vehicle } from '../../core/casefile/contract';
import type { DemoCase } from './demoCase';
import { texts } from '#words/screens/samples';

/** A 2009 estate, shared by an allotment society. Made up, like all of the sample garage. */
export const TANSY: Vehicle = {
  ...TANSY_ON_BENCH,
  words: texts.n2009EstateOfThe,
};

const OWNER = {
  hourValue: 15,
  currency: 'EUR',
  tools: [texts.multimeter, texts.lowCostCodeReader],
  meter: { percent: 1, counts: 3 },
};

/** The tour job: water in the rear-right sensor, its coil partly bridged. */
export const TANSY_FLOODED: DemoCase = {
  vehicle: TANSY,
  owner: OWNER,
  seen: [
    [2, { kind: 'lamps', lit: ['abs', 'stability', 'hill-start'], pattern: ['steady-from-key-on'] }],
    [2, { kind: 'history', event: 'water', ago: 2 }],
    [2, { kind: 'look', part: 'fluid', finding: 'sound' }],
    [2, { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.58, resolution: 0.01 }],
    [1, { kind: 'code', code: 'C003A-01', status: 'current', module: 'abs' }],
    [1, { kind: 'clear', result: 'returned-at-key-on', method: 'reader', returned: ['C003A-01'], stayed: [] }],
    [
      0,
      {
        kind: 'meter',
        channel: 'rear-right',
        point: 'module-end',
        quantity: 'resistance',
        value: 392,
        resolution: 1,
        temperature: 9,
      },
    ],
    [
      0,
      {
        kind: 'meter',
        channel: 'rear-left',
        point: 'module-end',
        quantity: 'resistance',
        value: 1121,
        resolution: 1,
        temperature: 9,
      },
    ],
    [0, { kind: 'look', channel: 'rear-right', part: 'loom', finding: 'sound' }],
  ],
  costs: [{ daysAgo: 1, item: texts.workshopNewSensorFitted, amount: 280, use: 'quote', case: 'usual' }],
};

/** Finished: the front-left lead, rubbed by the tyre after a strut job. */
export const TANSY_LEAD: DemoCase = {
  vehicle: TANSY,
  owner: OWNER,
  seen: [
    [610, { kind: 'lamps', lit: ['abs', 'stability'], pattern: ['intermittent', 'when-turning'] }],
    [610, { kind: 'history', event: 'shock-or-strut', channel: 'front-left', ago: 14 }],
    [610, { kind: 'code', code: 'C0031-1F', status: 'stored', module: 'abs' }],
    [609, { kind: 'look', channel: 'front-left', part: 'lead', finding: 'chafed' }],
    [
      609,
      {
        kind: 'meter',
        channel: 'front-left',
        point: 'sensor',
        quantity: 'resistance',
        value: 1180,
        while: 'wiggle',
        unsteady: true,
      },
    ],
    [608, { kind: 'clear', result: 'stayed-clear', method: 'reader', stayed: ['C0031-1F'] }],
    [608, { kind: 'live', channel: 'front-left', while: 'hand-spin', finding: 'follows' }],
    [607, { kind: 'drive', result: 'lamps-stayed-out', distance: 6 }],
    [607, { kind: 'no-code', module: 'abs' }],
  ],
  repairs: [
    { afterCount: 5, daysAgo: 608, channel: 'front-left', action: 'repaired-wire', segment: 'lead', result: 'fixed' },
  ],
  costs: [
    { daysAgo: 608, item: texts.adhesiveLinedSleeves, amount: 6, use: 'needed' },
    { daysAgo: 609, item: texts.crimpPliers, amount: 24, use: 'kept' },
    { daysAgo: 610, item: texts.workshopNewSensorFitted, amount: 190, use: 'quote', case: 'usual' },
  ],
  ending: 'solved',
};
