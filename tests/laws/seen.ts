import type { Channel } from '../../core/casefile/words';
import type { FaultId } from '../../core/knowledge/faults';
import { repairsFor } from '../../core/knowledge/repairs/all';
import type { Assessment } from '../../core/judgement/assess';
import {
  chance,
  code,
  erased,
  fileOf,
  firstMoves,
  lamps,
  look,
  named,
  staysAt,
  subjects,
  unless,
  wheelCode,
  type Event,
  type Law,
  type Situation,
  type Subject,
} from './law';

/** Laws 1 and 9: what has been seen is believed, and mended. */

interface Sight {
  readonly part: string;
  readonly finding: string;
  readonly fault: FaultId;
  readonly only?: Subject['type'];
}

/** Findings that are the fault itself, by the catalogue's own words. */
const DEFECTS: readonly Sight[] = [
  { part: 'lead', finding: 'severed', fault: 'lead-open' },
  { part: 'loom', finding: 'severed', fault: 'loom-open' },
  { part: 'plug', finding: 'unplugged', fault: 'plug-loose' },
  { part: 'plug', finding: 'loose', fault: 'plug-loose' },
  { part: 'plug', finding: 'bent', fault: 'plug-loose' },
  { part: 'gap', finding: 'not-seated', fault: 'gap-wide' },
  { part: 'gap', finding: 'bent', fault: 'gap-wide' },
  { part: 'ring', finding: 'cracked', fault: 'ring-damaged' },
  { part: 'ring', finding: 'teeth-missing', fault: 'ring-damaged' },
  { part: 'ring', finding: 'swollen', fault: 'ring-swollen' },
  { part: 'ring', finding: 'reversed', fault: 'ring-wrong' },
  { part: 'ring', finding: 'wrong-part', fault: 'ring-wrong' },
  { part: 'bearing', finding: 'play', fault: 'bearing-play' },
  { part: 'sensor', finding: 'cracked', fault: 'sensor-damaged' },
];

/** Findings that speak for a segment without being the fault. */
const SIGNS: readonly (readonly [part: string, finding: string, segment: string, repairs: readonly string[]])[] = [
  ['lead', 'chafed', 'lead', ['repaired-wire:lead', 'replaced:sensor']],
  ['lead', 'nicked', 'lead', ['repaired-wire:lead', 'replaced:sensor']],
  ['lead', 'stretched', 'lead', ['repaired-wire:lead', 'replaced:sensor']],
  ['plug', 'corroded', 'plug', ['cleaned:plug']],
  ['plug', 'wet', 'plug', ['cleaned:plug']],
  ['loom', 'chafed', 'loom', ['repaired-wire:loom']],
  ['loom', 'corroded', 'loom', ['repaired-wire:loom']],
  ['loom', 'nicked', 'loom', ['repaired-wire:loom']],
  ['ring', 'debris', 'ring', ['cleaned:ring']],
  ['gap', 'lifted-by-rust', 'gap', ['reseated:gap']],
  ['sensor', 'dirty', 'sensor', ['cleaned:sensor', 'replaced:sensor']],
  ['sensor', 'wet', 'sensor', ['replaced:sensor']],
  ['module', 'corroded', 'module', ['cleaned:module']],
  ['module', 'wet', 'module', ['cleaned:module']],
];

/** Ways in which a code may have pointed at the wheel before anybody looked. */
function pointers(channel: Channel, isSignal: boolean): readonly (readonly [string, readonly Event[]])[] {
  const bare = wheelCode(channel);
  const byte = wheelCode(channel, isSignal ? '31' : '13');
  return [
    ['bare code', [code(bare)]],
    ['failure byte', [lamps(['abs', 'stability']), code(byte)]],
    ['stored code', [code(bare, 'stored')]],
    ['returned', [code(byte), erased(isSignal ? 'returned-when-moving' : 'returned-at-key-on', [byte])]],
    ['wording', [code(bare, 'current', { meaning: isSignal ? 'signal implausible' : 'circuit malfunction' })]],
  ];
}

const SIGNAL_PARTS: readonly string[] = ['ring', 'gap', 'bearing', 'sensor'];

function repairComesEarly(answer: Assessment, channel: Channel | null, repairs: readonly string[], within: number) {
  const at = answer.next.findIndex(
    (move) => repairs.includes(move.check.slice('repair:'.length)) && (move.channel === channel || !channel),
  );
  return unless(at >= 0 && at < within, `repair at place ${at + 1}: ${firstMoves(answer, 4)}`);
}

function seenDefect(
  { part, finding, fault }: Sight,
  subject: Subject,
  [how, before]: readonly [string, readonly Event[]],
): Situation {
  const { channel } = subject;
  return {
    name: `${subject.label}, ${how}, ${part} ${finding}`,
    file: fileOf(subject.vehicle, [...before, look(channel, part, finding)]),
    problems: (answer) => [
      ...unless(
        answer.ranking[0]?.fault === fault && answer.ranking[0].channel === channel,
        `${answer.ranking[0]?.fault} leads`,
      ),
      ...unless(chance(answer, fault, channel) >= 0.6, `only ${chance(answer, fault, channel)}`),
      ...repairComesEarly(
        answer,
        channel,
        repairsFor(fault).map((record) => record.repair),
        2,
      ),
      ...unless(answer.next[0] !== undefined && staysAt(answer.next[0], channel), `first ${named(answer.next[0])}`),
    ],
  };
}

function seenSign(
  [part, finding, segment, repairs]: (typeof SIGNS)[number],
  subject: Subject,
  [how, before]: readonly [string, readonly Event[]],
): Situation {
  const { channel } = subject;
  return {
    name: `${subject.label}, ${how}, ${part} ${finding}`,
    file: fileOf(subject.vehicle, [...before, look(channel, part, finding)]),
    problems: (answer) => {
      const own = answer.segments.filter((view) => view.channel === channel);
      const leading = [...own].sort((a, b) => b.probability - a.probability)[0];
      return [
        ...unless(leading?.segment === segment, `${leading?.segment} leads with ${leading?.probability}`),
        ...repairComesEarly(answer, channel, repairs, 3),
        ...unless(answer.next[0] !== undefined && staysAt(answer.next[0], channel), `first ${named(answer.next[0])}`),
      ];
    },
  };
}

/** Defects that all channels share, each seen where what led there points at it. */
const CAR_DEFECTS: readonly (readonly [
  name: string,
  before: readonly Event[],
  seen: readonly [string, string],
  fault: FaultId,
])[] = [
  ['fluid low, brake lamp', [lamps(['brake'])], ['fluid', 'level-low'], 'brake-fluid-low'],
  [
    'fluid low, no code',
    [lamps(['brake']), { kind: 'no-code', module: 'abs' }],
    ['fluid', 'level-low'],
    'brake-fluid-low',
  ],
  [
    'fuse blown, silent module',
    [lamps(['abs', 'stability']), { kind: 'no-answer', module: 'abs' }],
    ['fuse', 'blown'],
    'module-supply',
  ],
  [
    'fuse blown, lost module',
    [lamps(['abs']), code('U0121', 'current', { module: 'instruments' })],
    ['fuse', 'blown'],
    'module-supply',
  ],
  ['switch broken, its code', [lamps(['stability']), code('C0040')], ['brake-switch', 'broken'], 'brake-switch'],
  ['switch broken, lamps', [lamps(['abs', 'stability'])], ['brake-switch', 'broken'], 'brake-switch'],
];

function carDefects(): Situation[] {
  return subjects().flatMap(({ vehicle, label, type, channel }) =>
    CAR_DEFECTS.map(([name, before, [part, finding], fault]): Situation => ({
      name: `${type} ${label}, ${name}`,
      file: fileOf(vehicle, [...before, look(null, part, finding)]),
      problems: (answer) => [
        ...unless(answer.ranking[0]?.fault === fault, `${answer.ranking[0]?.fault} leads`),
        ...unless(chance(answer, fault, null) >= 0.6, `only ${chance(answer, fault, null)}`),
        ...repairComesEarly(
          answer,
          null,
          repairsFor(fault).map((record) => record.repair),
          2,
        ),
        ...unless(
          answer.next.slice(0, 2).every((move) => move.channel !== channel || move.check === 'clear'),
          `a wheel among the first: ${firstMoves(answer)}`,
        ),
      ],
    })),
  );
}

const cross = (make: (subject: Subject) => readonly Situation[]): readonly Situation[] => subjects().flatMap(make);

export const SEEN_IS_SEEN: Law = {
  number: 1,
  name: 'Seen is seen',
  situations: [
    ...cross((subject) =>
      DEFECTS.flatMap((sight) =>
        pointers(subject.channel, SIGNAL_PARTS.includes(sight.part)).map((pointer) =>
          seenDefect(sight, subject, pointer),
        ),
      ),
    ),
    ...cross((subject) =>
      SIGNS.flatMap((sign) =>
        pointers(subject.channel, SIGNAL_PARTS.includes(sign[0])).map((pointer) => seenSign(sign, subject, pointer)),
      ),
    ),
    ...carDefects(),
  ],
};

/** What is mended in a moment for nothing, once seen. */
const AT_ONCE: readonly (readonly [part: string, finding: string, repair: string])[] = [
  ['plug', 'unplugged', 'reseated:plug'],
  ['plug', 'loose', 'reseated:plug'],
];

export const FREE_AND_CERTAIN: Law = {
  number: 9,
  name: 'Free and certain before clever',
  situations: cross((subject) =>
    AT_ONCE.flatMap(([part, finding, repair]) => [
      ...pointers(subject.channel, false).map(([how, before]): Situation => ({
        name: `${subject.label}, ${how}, ${part} ${finding}`,
        file: fileOf(subject.vehicle, [...before, look(subject.channel, part, finding)]),
        problems: (answer) =>
          unless(named(answer.next[0]) === `repair:${repair}@${subject.channel}`, `first ${firstMoves(answer)}`),
      })),
      {
        name: `${subject.label}, ${part} ${finding}, mended, not proved`,
        file: fileOf(subject.vehicle, [
          code(wheelCode(subject.channel)),
          look(subject.channel, part, finding),
          { repaired: { action: 'reseated', segment: 'plug', channel: subject.channel, result: 'unknown' } },
        ]),
        problems: (answer) =>
          unless(/^(clear|code|live:)/.test(answer.next[0]?.check ?? ''), `first ${firstMoves(answer)}`),
      },
    ]),
  ),
};
