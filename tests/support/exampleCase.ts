import { posteriorOf } from '../../core/belief/posterior';
import { timelineOf } from '../../core/evidence/timeline';
import { BATTERY_REST_SCALE, WIRE_TO_WIRE_SCALE } from '../../core/knowledge/outcomes/meterLoom';
import { caseOf, car } from './caseBuilder';

/** The case that examples in docstrings speak of as `CASE`: Tansy's front right wheel is named by a current code, a new sensor changed nothing, then its plug was seen hanging open. */
export const CASE = caseOf(
  car('passive'),
  [
    { kind: 'lamps', lit: ['abs'] },
    { kind: 'code', code: 'C0034', status: 'current' },
    { kind: 'meter', channel: 'front-right', point: 'sensor', quantity: 'resistance', value: 1200 },
    { kind: 'look', part: 'plug', finding: 'unplugged', channel: 'front-right' },
  ],
  [{ action: 'replaced', segment: 'sensor', channel: 'front-right', result: 'no-change', after: 'o3' }],
);

/** `POSTERIOR`: what is believed of it; `STAGE`: the stage before its repair, as observations are read in it. */
export const POSTERIOR = posteriorOf(CASE);
const first = timelineOf(CASE).stages[0];
if (!first) throw new Error('the example has no stage');
export const STAGE = first.context;

/** Scales that examples judge by: a rested battery, and two wires that must not touch. */
export const RESTED = BATTERY_REST_SCALE;
export const APART = WIRE_TO_WIRE_SCALE;

/** ASCII bytes of a text, for examples of what reads files. */
export const asBytes = (text: string): Uint8Array => new TextEncoder().encode(text);
