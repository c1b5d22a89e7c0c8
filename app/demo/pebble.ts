import { PEBBLE as PEBBLE_ON_BENCH } from '../../bench/practice/sampleCars';
import { howOftenKey } from '../../core/proof/before';
import type { Vehicle } from '../../core/casefile/contract';
import type { DemoCase } from './demoCase';
import { texts } from '#words/screens/samples';

/** A 2011 camper on a van base, one sensor on the differential for both rear wheels. */
export const PEBBLE: Vehicle = { ...PEBBLE_ON_BENCH, words: texts.n2011CamperOnA };

const OWNER = {
  hourValue: 15,
  currency: 'EUR',
  tools: [texts.multimeter, texts.lowCostCodeReader],
  meter: { percent: 1, counts: 3 },
};

/** The loom broke strand by strand where it passes the waste-water tank; mended, the watch is running. */
export const PEBBLE_LOOM: DemoCase = {
  vehicle: PEBBLE,
  owner: OWNER,
  seen: [
    [19, { kind: 'lamps', lit: ['abs', 'stability'], pattern: ['intermittent', 'on-bumps'] }],
    [18, { kind: 'code', code: 'C0037-1F', status: 'stored', module: 'abs', odometer: 163_210 }],
    [18, { kind: 'clear', result: 'returned-later', method: 'reader', returned: ['C0037-1F'], stayed: [] }],
    [
      16,
      {
        kind: 'meter',
        channel: 'rear-axle',
        point: 'sensor',
        quantity: 'resistance',
        value: 1345,
        resolution: 1,
        temperature: 14,
      },
    ],
    [
      16,
      {
        kind: 'meter',
        channel: 'rear-axle',
        point: 'sensor',
        quantity: 'resistance',
        value: 1346,
        resolution: 1,
        while: 'wiggle',
      },
    ],
    [16, { kind: 'look', channel: 'rear-axle', part: 'plug', finding: 'sound' }],
    [15, { kind: 'look', channel: 'rear-axle', part: 'loom', finding: 'chafed' }],
    [14, { kind: 'clear', result: 'stayed-clear', method: 'reader', stayed: ['C0037-1F'] }],
    [14, { kind: 'live', channel: 'rear-axle', while: 'hand-spin', finding: 'follows' }],
    [13, { kind: 'drive', result: 'lamps-stayed-out', distance: 9 }],
    [13, { kind: 'no-code', module: 'abs' }],
    [13, { kind: 'lamps', lit: [] }],
    [11, { kind: 'drive', result: 'lamps-stayed-out', distance: 34 }],
    [6, { kind: 'drive', result: 'lamps-stayed-out', distance: 22 }],
  ],
  repairs: [
    { afterCount: 7, daysAgo: 14, channel: 'rear-axle', action: 'repaired-wire', segment: 'loom', result: 'unknown' },
  ],
  work: [{ daysAgo: 13, step: howOftenKey('every-tenth') }],
  costs: [
    { daysAgo: 20, item: texts.sensorBoughtOnA, amount: 47, use: 'spare' },
    { daysAgo: 15, item: texts.wireAndSleeves, amount: 9, use: 'needed' },
    { daysAgo: 18, item: texts.workshopSearchByThe, amount: 340, use: 'quote', case: 'usual' },
  ],
};

/** Brand new: lamps only. */
export const PEBBLE_NEW: DemoCase = {
  vehicle: PEBBLE,
  owner: OWNER,
  seen: [[0, { kind: 'lamps', lit: ['hill-start', 'message'], pattern: ['after-moving-off'] }]],
};
