import type { ObservationKind } from '../../core/casefile/contract';
import * as words from '../../core/casefile/words';
import type { Seen } from '../cases/writtenCase';

/** One observation of every word that the contract has, at the corner that the code names. */

const AT = 'front-left';
/** From a dead short to nothing at all, in ohms. */
const OHMS = [0.2, 60, 600, 1180, 1600, 9000, 2e6, 'overload'] as const;
const VOLTS_AC = [0, 0.004, 0.05, 0.3, 1.5];
const VOLTS_DC = [0, 0.3, 4.6, 9.8, 11.4, 12.5, 14.2];
const AMPERES = [0, 0.0035, 0.007, 0.014, 0.05];

const VALUES: Readonly<Record<(typeof words.QUANTITIES)[number], readonly (number | 'overload')[]>> = {
  resistance: OHMS,
  'ac-voltage': VOLTS_AC,
  'dc-voltage': VOLTS_DC,
  'dc-current': AMPERES,
};

const of = (kind: ObservationKind, rest: object): Seen => ({ kind, ...rest }) as Seen;

function meters(): Seen[] {
  const still = Object.entries(words.METER_QUANTITIES).flatMap(([point, quantities]) =>
    quantities.flatMap((quantity) =>
      VALUES[quantity].map((value) => of('meter', { channel: AT, point, quantity, value })),
    ),
  );
  const moved = words.METER_WHILE.flatMap((during) =>
    [1180, 'overload'].map((value) =>
      of('meter', { channel: AT, point: 'sensor', quantity: 'resistance', value, while: during, unsteady: true }),
    ),
  );
  const ends = words.METER_ENDS.flatMap((end) =>
    [0.5, 1300, 'overload'].map((value) =>
      of('meter', { channel: AT, point: 'wire-1', quantity: 'resistance', value, ends: end }),
    ),
  );
  const jumps = words.JUMPS_AT.map((jumpsAt) =>
    of('meter', {
      channel: AT,
      point: 'module-end',
      quantity: 'resistance',
      value: 1180,
      while: 'wiggle',
      unsteady: true,
      jumpsAt,
    }),
  );
  const turned = VOLTS_AC.map((value) =>
    of('meter', { channel: AT, point: 'sensor', quantity: 'ac-voltage', value, while: 'hand-spin', resolution: 0.001 }),
  );
  const ranges = ['sensor', 'wire-1', 'wire-1-to-ground'].flatMap((point) =>
    [20, 200, 2000, 2e6].map((range) =>
      of('meter', { channel: AT, point, quantity: 'resistance', value: 'overload', range }),
    ),
  );
  const keyed = [true, false, 'on', 'off'].map((ignition) =>
    of('meter', { channel: AT, point: 'supply-at-plug', quantity: 'dc-voltage', value: 0.1, ignition }),
  );
  const warm = [-15, 20, 90].map((temperature) =>
    of('meter', { channel: AT, point: 'sensor', quantity: 'resistance', value: 1500, temperature }),
  );
  return [...still, ...moved, ...ends, ...jumps, ...turned, ...ranges, ...keyed, ...warm];
}

function lives(): Seen[] {
  const plain = words.LIVE_WHILE.flatMap((during) =>
    words.LIVE_FINDINGS.map((finding) => of('live', { channel: AT, while: during, finding })),
  );
  const closer = [
    { finding: 'dips', rhythm: 'once-per-turn', strength: 0.1 },
    { finding: 'dips', rhythm: 'once-per-turn', strength: 0.8, confidence: 0.5 },
    { finding: 'drops-out', speed: 4 },
    { finding: 'drops-out', speed: 90 },
    { finding: 'drops-out', temperature: 70 },
  ].map((more) => of('live', { channel: AT, while: 'drive', ...more }));
  const moved = words.JUMPS_AT.map((jumpsAt) =>
    of('live', { channel: AT, while: 'wiggle', finding: 'drops-out', jumpsAt }),
  );
  return [...plain, ...closer, ...moved];
}

function codesSeen(): Seen[] {
  const code = (rest: object): Seen => of('code', { code: 'C0031', status: 'current', ...rest });
  return [
    ...words.CODE_STATUSES.map((status) => code({ status })),
    ...words.FAILURES.map((failure) => code({ failure, code: 'C1234' })),
    ...words.FAILURES.map((failure) => code({ failure, status: 'stored' })),
    ...words.MODULES.map((module) => code({ module })),
    ...['U0121', 'C0034 right front', 'C0110', 'P0500', 'C0800', 'B1318', 'C0051', 'U0415'].map((text) =>
      code({ code: text, status: 'stored' }),
    ),
    code({ code: 'C1145', meaning: 'wheel speed sensor front left, open circuit' }),
    code({ code: 'C1145', meaning: 'right front wheel speed signal implausible' }),
    ...words.MODULES.map((module) => of('no-code', { module })),
    of('no-code', { module: 'abs', tested: true }),
    ...words.MODULES.map((module) => of('no-answer', { module })),
  ];
}

/** Observations by kind: every word of the contract once at least, so that a new word is judged here from its first day. */
export const EVERY_WORD: Readonly<Record<string, readonly Seen[]>> = {
  lamps: [
    ...words.LAMPS.map((lamp) => of('lamps', { lit: [lamp] })),
    ...words.LAMP_PATTERNS.map((pattern) => of('lamps', { lit: ['abs', 'stability'], pattern: [pattern] })),
    of('lamps', { lit: [] }),
  ],
  symptom: words.SYMPTOMS.flatMap((symptom) => [
    of('symptom', { symptom, channel: AT }),
    of('symptom', { symptom, bend: 'left' }),
  ]),
  codes: codesSeen(),
  clear: words.CLEAR_RESULTS.flatMap((result) => [
    of('clear', { result }),
    of('clear', { result, returned: ['C0031'], stayed: [] }),
    of('clear', { result, method: 'drive' }),
  ]),
  live: lives(),
  drive: words.DRIVE_RESULTS.flatMap((result) => [
    of('drive', { result }),
    of('drive', { result, distance: 60 }),
    of('drive', { result, trips: 6 }),
  ]),
  look: Object.entries(words.LOOK_FINDINGS).flatMap(([part, findings]) =>
    findings.flatMap((finding) => [
      of('look', { channel: AT, part, finding }),
      ...(finding === 'sound' ? [of('look', { channel: AT, part, finding, unsure: true })] : []),
    ]),
  ),
  meter: meters(),
  distance: words.DISTANCE_POINTS.flatMap((point) =>
    [0.0002, 0.0008, 0.003].map((value) => of('distance', { channel: AT, point, value })),
  ),
  swap: words.SWAP_RESULTS.map((result) => of('swap', { channel: AT, with: 'front-right', result })),
  substitute: words.SUBSTITUTE_RESULTS.map((result) => of('substitute', { channel: AT, result })),
  unplug: words.UNPLUG_RESULTS.map((result) => of('unplug', { channel: AT, result })),
  history: words.HISTORY_EVENTS.flatMap((event) => [
    of('history', { event }),
    of('history', { event, channel: AT }),
    of('history', { event, channel: AT, ago: 400 }),
  ]),
};
