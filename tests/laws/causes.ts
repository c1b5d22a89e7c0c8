import type { Assessment } from '../../core/judgement/assess';
import {
  chance,
  code,
  erased,
  fileOf,
  firstMoves,
  isRepair,
  lamps,
  live,
  look,
  meter,
  repaired,
  subjects,
  unless,
  wheelCode,
  type Event,
  type Law,
  type Situation,
  type Subject,
} from './law';

/** Laws 2, 3, 4, 7 and 16: named causes, open outcomes, good ends, first moves, safety. */

const firstAre = (answer: Assessment, allowed: RegExp, count: number): readonly string[] =>
  unless(
    answer.next.length > 0 && answer.next.slice(0, count).every((move) => allowed.test(move.check)),
    `first ${firstMoves(answer, count)}`,
  );

/** What names its cause, and the checks or repairs that are sensible first. */
const NAMED: readonly (readonly [name: string, events: readonly Event[], first: RegExp, count: number])[] = [
  [
    'system voltage low',
    [lamps(['abs', 'stability']), code('P0562', 'current', { module: 'engine' })],
    /^(meter:battery|look:(battery|fuse|ground-point)|meter:module-supply|repair:(charged|repaired-wire):supply)/,
    2,
  ],
  [
    'wording: supply voltage of the module',
    [
      lamps(['abs', 'stability']),
      code('5D20', 'current', { module: 'abs', meaning: 'control module supply voltage too low' }),
    ],
    /^(meter:battery|look:(battery|fuse|ground-point)|meter:module-supply|repair:(charged|repaired-wire):supply)/,
    2,
  ],
  [
    'failure supply without a wheel',
    [code('5D21', 'current', { module: 'abs', failure: 'supply' })],
    /^(meter:battery|look:(battery|fuse|ground-point)|meter:module-supply|repair:(charged|repaired-wire):supply)/,
    2,
  ],
  [
    'module lost, now',
    [
      lamps(['abs', 'stability', 'brake-red']),
      code('U0121', 'current', { module: 'instruments' }),
      { kind: 'no-answer', module: 'abs' },
    ],
    /^(meter:battery|look:(battery|fuse|ground-point|module)|meter:module-supply|code|repair:(charged|repaired-wire):supply)/,
    2,
  ],
  ['switch code', [lamps(['stability']), code('C0040')], /^(look:brake-switch|repair:replaced:elsewhere)/, 1],
  [
    'switch wording',
    [lamps(['stability']), code('P0571', 'current', { module: 'engine', meaning: 'brake switch circuit' })],
    /^look:brake-switch/,
    1,
  ],
  ['brake lamp alone, module empty', [lamps(['brake']), { kind: 'no-code', module: 'abs' }], /^look:fluid/, 1],
  ['red brake lamp alone, module empty', [lamps(['brake-red']), { kind: 'no-code', module: 'abs' }], /^look:fluid/, 1],
  ['fluid code', [lamps(['brake']), code('C0049')], /^(look:fluid|repair:topped-up)/, 1],
];

function everyWheel({ vehicle, label }: Subject): Situation[] {
  const codes = vehicle.channels.map((channel) => code(wheelCode(channel), 'stored', { odometer: 84_000 }));
  const flat: Event = { kind: 'history', event: 'flat-battery-event', ago: 5 };
  return [
    ['no reading', []],
    ['battery low', [meter(null, 'battery', 'dc-voltage', 11.7)]],
    ['battery well', [meter(null, 'battery', 'dc-voltage', 12.7)]],
  ].map(([name, more]) => ({
    name: `${label}: every wheel after a flat battery, ${name as string}`,
    file: fileOf(vehicle, [lamps(['abs', 'stability']), flat, ...codes, ...(more as Event[])]),
    problems: (answer) => firstAre(answer, /^(clear|meter:battery|look:battery|repair:charged)/, 1),
  }));
}

export const NAMED_CAUSE: Law = {
  number: 2,
  name: 'A named cause is looked at first',
  situations: subjects().flatMap((subject) => [
    ...NAMED.map(([name, events, first, count]): Situation => ({
      name: `${subject.label}: ${name}`,
      file: fileOf(subject.vehicle, events),
      problems: (answer) => firstAre(answer, first, count),
    })),
    ...everyWheel(subject),
  ]),
};

const REPAIRS = [
  'replaced:sensor',
  'cleaned:plug',
  'reseated:plug',
  'repaired-wire:loom',
  'repaired-wire:lead',
  'reseated:gap',
  'replaced:ring',
  'cleaned:sensor',
] as const;

/** Repairs that a signal code calls for; the others answer an electrical one. */
const AT_THE_WHEEL: readonly string[] = ['reseated:gap', 'replaced:ring', 'cleaned:sensor'];

const PROOF = /^(clear|code|live:|drive)/;

export const OPEN_OUTCOME: Law = {
  number: 3,
  name: 'An open outcome is proved first',
  situations: subjects(['passive', 'active']).flatMap(({ vehicle, channel, label }) =>
    REPAIRS.flatMap((repair) =>
      [
        ['nothing since', []],
        ['lamp still lit', [lamps(['abs', 'stability'])]],
        ['code still stored', [code(wheelCode(channel), 'stored')]],
      ].map(([name, since]): Situation => ({
        name: `${label}: ${repair} done, ${name as string}`,
        file: fileOf(vehicle, [
          lamps(['abs', 'stability']),
          code(wheelCode(channel, '13')),
          repaired(repair, channel),
          ...(since as Event[]),
        ]),
        problems: (answer) => [
          ...firstAre(answer, PROOF, 1),
          ...unless(!answer.next.slice(0, 2).some(isRepair), `repairs: ${firstMoves(answer)}`),
          ...unless(
            (since as Event[]).length === 0 || answer.ignored.some((entry) => /nothing yet/.test(entry.why)),
            'does not say that it proves nothing yet',
          ),
        ],
      })),
    ),
  ),
};

function goodEnds({ vehicle, channel, label }: Subject): Situation[] {
  const known = lamps(['abs', 'stability']);
  const proofs: readonly (readonly [string, readonly Event[]])[] = [
    [
      'erased, driven, read',
      [
        erased('stayed-clear'),
        { kind: 'drive', result: 'lamps-stayed-out', distance: 12 },
        { kind: 'no-code', module: 'abs' },
      ],
    ],
    [
      'erased, spun, driven, read, dark',
      [
        erased('stayed-clear'),
        live(channel, 'hand-spin', 'follows'),
        { kind: 'drive', result: 'lamps-stayed-out', distance: 20 },
        { kind: 'no-code', module: 'abs' },
        lamps([]),
      ],
    ],
    [
      'went out by itself, driven, read',
      [{ kind: 'drive', result: 'lamps-went-out', distance: 15 }, { kind: 'no-code', module: 'abs' }, lamps([])],
    ],
  ];
  return REPAIRS.flatMap((repair) =>
    proofs.flatMap(([name, proof]) => {
      const byte = AT_THE_WHEEL.includes(repair) ? '31' : '13';
      return (['fixed', 'unknown'] as const).map((result): Situation => ({
        name: `${label}: ${repair} ${result}, ${name}`,
        file: fileOf(vehicle, [known, code(wheelCode(channel, byte)), repaired(repair, channel, result), ...proof]),
        problems: (answer) => [
          ...unless(chance(answer, 'none', null) >= 0.9, `none ${chance(answer, 'none', null)}`),
          ...unless(!answer.next.some(isRepair), `repairs: ${firstMoves(answer)}`),
          ...unless(answer.stop?.id === 'nothing-wrong', `stop ${answer.stop?.id}`),
        ],
      }));
    }),
  );
}

export const GOOD_END: Law = {
  number: 4,
  name: 'A good end is an end',
  situations: subjects(['passive', 'active']).flatMap(goodEnds),
};

const ONLY_LAMPS: readonly (readonly string[])[] = [
  ['abs'],
  ['abs', 'stability'],
  ['stability'],
  ['abs', 'stability', 'hill-start'],
  ['abs', 'stability', 'brake'],
  ['abs', 'brake-red'],
];
const PATTERNS: readonly (readonly string[])[] = [
  [],
  ['steady-from-key-on'],
  ['after-moving-off'],
  ['intermittent'],
  ['when-wet'],
  ['goes-out-after-restart'],
];

export const FIRST_OF_ALL: Law = {
  number: 7,
  name: 'First of all, read the codes',
  situations: subjects().flatMap(({ vehicle, label }) =>
    ONLY_LAMPS.flatMap((lit) =>
      PATTERNS.map((pattern): Situation => ({
        name: `${label}: ${lit.join('+')} ${pattern.join()}`,
        file: fileOf(vehicle, [lamps(lit, ...pattern)]),
        problems: (answer) => [
          ...firstAre(answer, /^(code|look:(fluid|battery|brake-switch|tyres|lead)|meter:battery|ask:)/, 1),
          ...unless(!answer.next.slice(0, 3).some(isRepair), `repairs: ${firstMoves(answer)}`),
        ],
      })),
    ),
  ),
};

const DANGERS: readonly (readonly [name: string, events: readonly Event[]])[] = [
  ['red brake lamp', [lamps(['brake-red'])]],
  ['red brake lamp with ABS', [lamps(['abs', 'brake-red'])]],
  ['soft pedal', [lamps(['abs']), { kind: 'symptom', symptom: 'pedal-soft' }]],
  ['leak', [lamps(['abs']), { kind: 'symptom', symptom: 'fluid-leak' }]],
];

export const SAFETY_FIRST: Law = {
  number: 16,
  name: 'Safety first',
  situations: subjects().flatMap(({ vehicle, channel, label }) => [
    ...DANGERS.flatMap(([name, events]) =>
      [
        ['alone', []],
        ['with a code', [code(wheelCode(channel, '31'))]],
        ['with an intermittent code', [code(wheelCode(channel, '1F'), 'stored')]],
      ].map(([how, more]): Situation => ({
        name: `${label}: ${name} ${how as string}`,
        file: fileOf(vehicle, [...events, ...(more as Event[])]),
        problems: (answer) => [
          ...unless(!answer.next.some((move) => /drive/.test(move.check)), `drives: ${firstMoves(answer, 14)}`),
          ...unless(
            answer.stop?.id === 'hydraulic' || /do-not-drive|red-brake/.test(answer.cautions[0]?.id ?? ''),
            `first caution ${answer.cautions[0]?.id}`,
          ),
        ],
      })),
    ),
    ...(['13', '31', '1F'] as const).map((byte): Situation => ({
      name: `${label}: high voltage, code ${byte}`,
      file: fileOf({ ...vehicle, highVoltage: true }, [
        lamps(['abs']),
        code(wheelCode(channel, byte)),
        look(channel, 'lead', 'severed'),
      ]),
      problems: (answer) => [
        ...unless(
          answer.cautions.some((caution) => caution.id === 'high-voltage'),
          'no caution',
        ),
        ...unless(answer.stop?.id !== 'high-voltage', 'a dead end'),
        ...unless(answer.next.slice(0, 2).some(isRepair), `no repair: ${firstMoves(answer)}`),
        ...unless(
          !/looks and code reading only/i.test(answer.cautions.map((caution) => caution.text).join()),
          'the caution forbids what is proposed',
        ),
      ],
    })),
  ]),
};
