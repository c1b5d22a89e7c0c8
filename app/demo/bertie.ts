import { BERTIE as BERTIE_ON_BENCH } from '../../bench/practice/sampleCars';
import type { Vehicle } from '../../core/casefile/contract';
import type { DemoCase } from './demoCase';
import { texts } from '#words/screens/samples';

/** A 2014 hatchback with active sensors and magnetic encoders in the wheel bearings. */
export const BERTIE: Vehicle = { ...BERTIE_ON_BENCH, words: texts.n2014Hatchback };

const OWNER = { hourValue: 15, currency: 'EUR', tools: [texts.multimeter], meter: { percent: 1, counts: 3 } };

/** Front left is no signal since its wheel bearing was pressed in the wrong way round. */
export const BERTIE_DEAF: DemoCase = {
  vehicle: BERTIE,
  owner: OWNER,
  seen: [
    [6, { kind: 'lamps', lit: ['abs', 'stability'], pattern: ['after-moving-off'] }],
    [6, { kind: 'history', event: 'wheel-bearing', channel: 'front-left', ago: 7 }],
    [5, { kind: 'code', code: 'C0031-31', status: 'stored', module: 'abs', odometer: 112_612 }],
    [5, { kind: 'clear', result: 'returned-when-moving', method: 'reader', returned: ['C0031-31'], stayed: [] }],
    [4, { kind: 'look', channel: 'front-left', part: 'lead', finding: 'sound' }],
    [
      4,
      {
        kind: 'meter',
        channel: 'front-left',
        point: 'supply-at-plug',
        quantity: 'dc-voltage',
        value: 11.84,
        resolution: 0.01,
        ignition: 'on',
      },
    ],
    [4, { kind: 'live', channel: 'front-left', while: 'hand-spin', finding: 'zero' }],
    [4, { kind: 'live', channel: 'front-right', while: 'hand-spin', finding: 'follows' }],
  ],
  work: [{ daysAgo: 7, step: 'wheel-torqued@front-left' }],
  costs: [{ daysAgo: 7, item: texts.wheelBearingFrontLeft, amount: 64, use: 'needed' }],
};

/** Finished: a flood of codes from a flat battery. */
export const BERTIE_FLOOD: DemoCase = {
  vehicle: BERTIE,
  owner: OWNER,
  seen: [
    [400, { kind: 'lamps', lit: ['abs', 'stability', 'tyre-pressure', 'service'], pattern: ['steady-from-key-on'] }],
    [400, { kind: 'history', event: 'stood-unused', ago: 400 }],
    [400, { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 11.72, resolution: 0.01 }],
    [400, { kind: 'code', code: 'C0031', status: 'stored', module: 'abs', odometer: 98_410 }],
    [400, { kind: 'code', code: 'C0034', status: 'stored', module: 'abs', odometer: 98_410 }],
    [400, { kind: 'code', code: 'C0037', status: 'stored', module: 'abs', odometer: 98_410 }],
    [399, { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.7, resolution: 0.01 }],
    [399, { kind: 'clear', result: 'stayed-clear', method: 'reader', stayed: ['C0031', 'C0034', 'C0037'] }],
    [398, { kind: 'drive', result: 'lamps-stayed-out', distance: 11 }],
    [398, { kind: 'no-code', module: 'abs' }],
  ],
  repairs: [{ afterCount: 6, daysAgo: 399, action: 'charged', segment: 'supply', result: 'fixed' }],
  costs: [
    { daysAgo: 399, item: texts.batteryCharger, amount: 38, use: 'kept' },
    { daysAgo: 400, item: texts.workshopBatteryAndCheck, amount: 210, use: 'quote', case: 'usual' },
  ],
  ending: 'solved',
};
