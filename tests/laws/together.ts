import type { CaseFile, Vehicle } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { Assessment } from '../../core/judgement/assess';
import type { FaultId } from '../../core/knowledge/faults';
import { repairsFor } from '../../core/knowledge/repairs/all';
import {
  chance,
  code,
  erased,
  fileOf,
  firstMoves,
  FOUR,
  lamps,
  live,
  look,
  meter,
  named,
  repaired,
  subjects,
  totalOf,
  unless,
  wheelCode,
  type Event,
  type Law,
  type Situation,
  type Subject,
} from './law';

/** Laws 11 to 14: two faults, symmetry, names, cause and consequence. */

const PROVEN: readonly (readonly [part: string, finding: string, fault: FaultId, byte: string])[] = [
  ['lead', 'severed', 'lead-open', '13'],
  ['plug', 'unplugged', 'plug-loose', '13'],
  ['loom', 'severed', 'loom-open', '13'],
  ['ring', 'teeth-missing', 'ring-damaged', '2F'],
  ['bearing', 'play', 'bearing-play', '64'],
  ['sensor', 'cracked', 'sensor-damaged', '31'],
];

function twoFaults({ vehicle, channel, label }: Subject): Situation[] {
  const others = vehicle.channels.filter((other) => other !== channel);
  return others.flatMap((other) =>
    PROVEN.flatMap(([part, finding, fault, byte], at): Situation[] => {
      const [part2, finding2, fault2, byte2] = PROVEN[(at + 1) % PROVEN.length] as (typeof PROVEN)[number];
      const both: readonly Event[] = [
        lamps(['abs']),
        code(wheelCode(channel, byte)),
        code(wheelCode(other, byte2)),
        look(channel, part, finding),
        look(other, part2, finding2),
      ];
      const repair = repairsFor(fault)[0]?.repair ?? '';
      return [
        {
          name: `${label} ${fault}, ${other} ${fault2}`,
          file: fileOf(vehicle, both),
          problems: (answer) => [
            ...unless(chance(answer, fault, channel) >= 0.5, `${channel} ${fault} ${chance(answer, fault, channel)}`),
            ...unless(chance(answer, fault2, other) >= 0.5, `${other} ${fault2} ${chance(answer, fault2, other)}`),
            ...[channel, other].flatMap((corner) =>
              unless(
                answer.next.slice(0, 4).some((move) => move.channel === corner),
                `${corner} not served: ${firstMoves(answer, 4)}`,
              ),
            ),
          ],
        },
        {
          name: `${label} ${fault} cured, ${other} ${fault2} left`,
          file: fileOf(vehicle, [
            ...both,
            repaired(repair, channel, 'partly'),
            erased('returned-at-key-on', [wheelCode(other, byte2)]),
          ]),
          problems: (answer) => [
            ...unless(chance(answer, fault2, other) >= 0.5, `${other} ${fault2} ${chance(answer, fault2, other)}`),
            ...unless(totalOf(answer, channel) < 0.2, `${channel} still ${totalOf(answer, channel).toFixed(2)}`),
          ],
        },
      ];
    }),
  );
}

export const TWO_FAULTS: Law = {
  number: 11,
  name: 'Two faults',
  situations: subjects(['passive', 'active']).flatMap(twoFaults),
};

/** The same car seen in a mirror. */
const MIRROR: Readonly<Record<string, string>> = {
  'front-left': 'front-right',
  'front-right': 'front-left',
  'rear-left': 'rear-right',
  'rear-right': 'rear-left',
  left: 'right',
  right: 'left',
  ...Object.fromEntries(
    [
      ['C0031', 'C0034'],
      ['C0037', 'C003A'],
    ].flatMap(([a, b]) =>
      ['', '-13', '-31', '-64', '-1F'].flatMap((byte) => [
        [`${a}${byte}`, `${b}${byte}`],
        [`${b}${byte}`, `${a}${byte}`],
      ]),
    ),
  ),
};

function mirrored(value: unknown): unknown {
  if (typeof value === 'string') return MIRROR[value] ?? value;
  if (Array.isArray(value)) return value.map(mirrored);
  if (value && typeof value === 'object')
    return Object.fromEntries(Object.entries(value).map(([key, entry]) => [MIRROR[key] ?? key, mirrored(entry)]));
  return value;
}

function mirrorFile(file: CaseFile): CaseFile {
  const made = mirrored(file) as CaseFile;
  return { ...made, vehicle: { ...made.vehicle, channels: file.vehicle.channels } };
}

/** What of an answer a mirror must keep: words of sides aside, which are spoken. */
function plain(answer: Assessment): unknown {
  const rows = answer.ranking.map((row) => `${row.channel} ${row.fault} ${row.probability.toFixed(5)}`).sort();
  const moves = answer.next.map((move) => `${named(move)} ${move.expectedSaving.toFixed(1)}`);
  const paths = answer.segments.map((view) => `${view.channel} ${view.segment} ${view.state}`).sort();
  return { rows, first: moves.slice(0, 3), paths, stop: answer.stop?.id ?? null };
}

const STORIES: readonly ((channel: Channel) => readonly Event[])[] = [
  (channel) => [code(wheelCode(channel, '13'))],
  (channel) => [
    lamps(['abs'], 'intermittent'),
    code(wheelCode(channel, '1F'), 'stored'),
    look(channel, 'lead', 'chafed'),
  ],
  (channel) => [
    code(wheelCode(channel, '31')),
    live(channel, 'drive', 'cuts-in-late'),
    look(channel, 'gap', 'lifted-by-rust'),
  ],
  (channel) => [code(wheelCode(channel, '64')), live(channel, 'drive', 'erratic', { rhythm: 'once-per-turn' })],
  (channel) => [code(wheelCode(channel, '13')), look(channel, 'plug', 'unplugged'), repaired('reseated:plug', channel)],
  (channel) => [code(wheelCode(channel)), { kind: 'history', event: 'shock-or-strut', channel, ago: 10 }],
  (channel) => [
    lamps(['abs']),
    { kind: 'symptom', symptom: 'stability-cuts-in', bend: channel.endsWith('left') ? 'left' : 'right' },
    code(wheelCode(channel, '64')),
  ],
  (channel) => [code(wheelCode(channel, '13')), meter(channel, 'sensor', 'resistance', 'overload', { range: 20_000 })],
];

function mirrors({ vehicle, label }: Subject): Situation[] {
  if (!vehicle.channels.includes('rear-left')) return [];
  return FOUR.flatMap((channel) =>
    STORIES.map((story, at): Situation => {
      const file = fileOf(vehicle, story(channel));
      return {
        name: `${label}: mirror of story ${at + 1} at ${channel}`,
        file,
        beside: mirrorFile(file),
        problems: () => [],
        compare: (answer, other) => {
          const [here, there] = [plain(mirrored(answer) as Assessment), plain(other)];
          return unless(
            JSON.stringify(here) === JSON.stringify(there),
            `differs: ${JSON.stringify((here as { first: unknown }).first)} / ${JSON.stringify((there as { first: unknown }).first)}`,
          );
        },
      };
    }),
  );
}

function elsewhereSound({ vehicle, channel, label }: Subject): Situation[] {
  const start = [code(wheelCode(channel, '13')), look(channel, 'lead', 'chafed')];
  return vehicle.channels
    .filter((other) => other !== channel)
    .flatMap((other) =>
      (
        [
          ['plug sound', look(other, 'plug', 'sound')],
          ['ring sound', look(other, 'ring', 'sound')],
          ['spins', live(other, 'hand-spin', 'follows')],
          ['coil whole', meter(other, 'sensor', 'resistance', 1200)],
        ] as const
      ).map(([name, seen]): Situation => ({
        name: `${label}: ${other} ${name}`,
        file: fileOf(vehicle, [...start, seen]),
        problems: (answer) => unless(answer.ranking[0]?.channel === channel, `${answer.ranking[0]?.channel} leads`),
      })),
    );
}

/** Findings that speak for what leads already: it must not fall. */
const MORE: readonly (readonly [
  start: (channel: Channel) => readonly Event[],
  more: (channel: Channel) => Event,
  fault: FaultId,
])[] = [
  [(c) => [code(wheelCode(c, '13')), look(c, 'lead', 'severed')], (c) => live(c, 'hand-spin', 'zero'), 'lead-open'],
  [(c) => [code(wheelCode(c, '13')), look(c, 'lead', 'severed')], (c) => look(c, 'lead', 'unclipped'), 'lead-open'],
  [(c) => [code(wheelCode(c, '13')), look(c, 'plug', 'unplugged')], (c) => live(c, 'hand-spin', 'zero'), 'plug-loose'],
  [
    (c) => [code(wheelCode(c, '64')), look(c, 'ring', 'teeth-missing')],
    (c) => live(c, 'drive', 'erratic', { rhythm: 'once-per-turn' }),
    'ring-damaged',
  ],
  [
    (c) => [code(wheelCode(c, '64')), look(c, 'ring', 'cracked')],
    (c) => look(c, 'ring', 'teeth-missing'),
    'ring-damaged',
  ],
  [
    (c) => [code(wheelCode(c, '31')), look(c, 'gap', 'not-seated')],
    (c) => live(c, 'drive', 'cuts-in-late'),
    'gap-wide',
  ],
  [
    (c) => [code(wheelCode(c, '31')), look(c, 'gap', 'lifted-by-rust')],
    (c) => ({ kind: 'distance', channel: c, point: 'flange-void', value: 0.0006 }),
    'gap-wide',
  ],
  [
    (c) => [code(wheelCode(c, '64')), look(c, 'bearing', 'play')],
    (c) => ({ kind: 'symptom', symptom: 'noise-from-wheel', channel: c }),
    'bearing-play',
  ],
  [(c) => [code(wheelCode(c)), look(c, 'plug', 'corroded')], (c) => look(c, 'plug', 'wet'), 'plug-corroded'],
];

function moreNeverLess({ vehicle, channel, label }: Subject): Situation[] {
  return MORE.map(([start, more, fault], at): Situation => {
    const before = fileOf(vehicle, start(channel));
    return {
      name: `${label}: more for ${fault} (${at + 1})`,
      file: fileOf(vehicle, [...start(channel), more(channel)]),
      beside: before,
      problems: () => [],
      compare: (answer, other) =>
        unless(
          chance(answer, fault, channel) >= chance(other, fault, channel) - 0.005,
          `${chance(other, fault, channel).toFixed(3)} fell to ${chance(answer, fault, channel).toFixed(3)}`,
        ),
    };
  });
}

export const SYMMETRY: Law = {
  number: 12,
  name: 'Symmetry',
  situations: subjects().flatMap((subject) => [
    ...mirrors(subject),
    ...elsewhereSound(subject),
    ...moreNeverLess(subject),
  ]),
};

/** A reader whose names are crossed side to side, and somebody who spins wheels to find out. */
function names(vehicle: Vehicle, label: string): Situation[] {
  const cross: Readonly<Record<string, Channel>> = {
    'front-left': 'front-right',
    'front-right': 'front-left',
    'rear-left': 'rear-right',
    'rear-right': 'rear-left',
  };
  const spun = (wheel: Channel): Event =>
    live(wheel, 'hand-spin', 'answers-as-other-channel', { shownAs: cross[wheel] });
  return FOUR.flatMap((wheel): Situation[] => {
    const other = cross[wheel] as Channel;
    const text = wheelCode(wheel, '31');
    const axle = FOUR.find((channel) => channel.slice(0, 4) !== wheel.slice(0, 4)) as Channel;
    return [
      {
        name: `${label}: ${wheel} spun once, answers as ${other}`,
        file: fileOf(vehicle, [code(text), spun(wheel)]),
        problems: (answer) => [
          ...unless(
            answer.next[0]?.check === 'live:hand-spin' && answer.next[0].channel !== wheel,
            `first ${firstMoves(answer)}`,
          ),
          ...unless(totalOf(answer, wheel) < 0.3, `the wheel that answered is at ${totalOf(answer, wheel).toFixed(2)}`),
        ],
      },
      {
        name: `${label}: all wheels spun, the code moves`,
        file: fileOf(vehicle, [
          code(text),
          ...FOUR.filter((channel) => channel !== other).map(spun),
          live(other, 'hand-spin', 'zero'),
        ]),
        problems: (answer) =>
          unless(
            totalOf(answer, other) > 0.6,
            `${other} only ${totalOf(answer, other).toFixed(2)}, ${wheel} ${totalOf(answer, wheel).toFixed(2)}`,
          ),
      },
      {
        name: `${label}: spun wrongly, then seen to be right`,
        file: fileOf(vehicle, [
          code(text),
          spun(axle),
          live(axle, 'hand-spin', 'follows', { shownAs: axle }),
          live(cross[axle] as Channel, 'hand-spin', 'follows', { shownAs: cross[axle] }),
          live(other, 'hand-spin', 'follows', { shownAs: other }),
          live(wheel, 'hand-spin', 'zero'),
        ]),
        problems: (answer) =>
          unless(totalOf(answer, wheel) > 0.6, `${wheel} only ${totalOf(answer, wheel).toFixed(2)}`),
      },
    ];
  });
}

export const NAMES: Law = {
  number: 13,
  name: 'Names',
  situations: subjects()
    .filter(({ vehicle }) => vehicle.channels.includes('rear-left'))
    .flatMap(({ vehicle, label }) => names(vehicle, label)),
};

function causes({ vehicle, channel, label }: Subject): Situation[] {
  return (['31', '64', '2F', ''] as const).flatMap((byte): Situation[] => [
    {
      name: `${label}, ${byte || 'bare'}: the tip is scored`,
      file: fileOf(vehicle, [code(wheelCode(channel, byte)), look(channel, 'sensor', 'scored')]),
      problems: (answer) => {
        const sensor = answer.next.findIndex((move) => move.check === 'repair:replaced:sensor');
        const before = answer.next.slice(0, sensor < 0 ? 3 : sensor).map((move) => move.check);
        return [
          ...unless(before.includes('look:ring'), `ring not before: ${firstMoves(answer, 5)}`),
          ...unless(before.includes('look:bearing'), `bearing not before: ${firstMoves(answer, 5)}`),
        ];
      },
    },
    {
      name: `${label}, ${byte || 'bare'}: swollen ring, scored tip`,
      file: fileOf(vehicle, [
        code(wheelCode(channel, byte)),
        look(channel, 'ring', 'swollen'),
        look(channel, 'sensor', 'scored'),
      ]),
      problems: (answer) => [
        ...unless(chance(answer, 'ring-swollen', channel) >= 0.9, `ring ${chance(answer, 'ring-swollen', channel)}`),
        ...unless(chance(answer, 'sensor-damaged', channel) >= 0.3, `tip ${chance(answer, 'sensor-damaged', channel)}`),
        ...unless(
          answer.next
            .filter((move) => move.check === 'repair:replaced:sensor')
            .every((move) => /come back|again/.test(move.why)) ||
            answer.cautions.some((caution) => caution.id === 'consequence'),
          'a new sensor over a swollen ring is not said to come back',
        ),
      ],
    },
  ]);
}

export const CAUSE_AND_CONSEQUENCE: Law = {
  number: 14,
  name: 'Cause and consequence',
  situations: subjects(['passive', 'active']).flatMap(causes),
};
