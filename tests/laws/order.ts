import type { Channel } from '../../core/casefile/words';
import {
  code,
  erased,
  fileOf,
  firstMoves,
  isRepair,
  lamps,
  live,
  look,
  meter,
  named,
  repaired,
  staysAt,
  subjects,
  totalOf,
  unless,
  wheelCode,
  type Event,
  type Law,
  type Seen,
  type Situation,
  type Subject,
} from './law';

/** Laws 8, 10, 15 and 17: staying at the corner, nothing twice, honest words, a list of use. */

const BYTES = ['', '01', '13', '11', '12', '1F', '31', '2F', '64'] as const;
const KEPT_AWAY = /^(look:(fluid|tyres|brake-switch)|repair:(replaced:elsewhere|topped-up))/;

/** Something speaks for the fluid, the switch or a tyre from a joint chance of three in a hundred on. */
function speaksForThem(answer: Parameters<Situation['problems']>[0]): boolean {
  const beside = ['brake-fluid-low', 'brake-switch', 'tyre-mismatch'];
  return answer.ranking.some((row) => beside.includes(row.fault) && row.probability >= 0.03);
}

function oneCode(subject: Subject): Situation[] {
  const { vehicle, channel, label } = subject;
  const contexts: readonly (readonly [string, (text: string) => readonly Event[]])[] = [
    ['code alone', (text) => [code(text)]],
    ['with lamps', (text) => [lamps(['abs', 'stability'], 'steady-from-key-on'), code(text)]],
    ['returned', (text) => [lamps(['abs']), code(text), erased('returned-at-key-on', [text])]],
    ['battery measured', (text) => [meter(null, 'battery', 'dc-voltage', 12.6), code(text)]],
  ];
  return BYTES.flatMap((byte) =>
    contexts.map(([how, events]): Situation => {
      const text = wheelCode(channel, byte);
      return {
        name: `${label}: ${text} ${how}`,
        file: fileOf(vehicle, events(text)),
        problems: (answer) => [
          ...unless(
            answer.next.length >= 3 &&
              answer.next.slice(0, 3).every((move) => staysAt(move, channel) || move.check.startsWith('ask:')),
            `leaves the corner: ${firstMoves(answer)}`,
          ),
          ...unless(
            answer.next.slice(0, 5).every((move) => !KEPT_AWAY.test(move.check)) || speaksForThem(answer),
            `fluid, tyres or switch early: ${firstMoves(answer, 5)}`,
          ),
          ...unless(
            !answer.next.slice(0, 1).some((move) => isRepair(move) && move.cost >= 10),
            `buys first: ${firstMoves(answer)}`,
          ),
        ],
      };
    }),
  );
}

export const STAY_AT_THE_CORNER: Law = {
  number: 8,
  name: 'Stay at the corner',
  situations: subjects().flatMap(oneCode),
};

/** Checks answered as a sound car would answer them. */
function soundAnswers(channel: Channel, type: Subject['type']): readonly (readonly [check: string, seen: Seen])[] {
  return [
    ['look:lead', look(channel, 'lead', 'sound')],
    ['look:plug', look(channel, 'plug', 'sound')],
    ['look:loom', look(channel, 'loom', 'sound')],
    ['look:ring', look(channel, 'ring', 'sound')],
    ['look:gap', look(channel, 'gap', 'sound')],
    ['look:bearing', look(channel, 'bearing', 'sound')],
    ['look:sensor', look(channel, 'sensor', 'sound')],
    ['look:module', look(channel, 'module', 'sound')],
    ['look:battery', look(null, 'battery', 'sound')],
    ['look:fuse', look(null, 'fuse', 'sound')],
    ['look:ground-point', look(null, 'ground-point', 'sound')],
    ['look:fluid', look(null, 'fluid', 'sound')],
    ['look:tyres', look(null, 'tyres', 'sound')],
    ['look:brake-switch', look(null, 'brake-switch', 'sound')],
    ['meter:battery:dc-voltage', meter(null, 'battery', 'dc-voltage', 12.6)],
    ['meter:sensor-to-ground:resistance', meter(channel, 'sensor-to-ground', 'resistance', 'overload')],
    ['meter:wire-1:resistance', meter(channel, 'wire-1', 'resistance', 0.4)],
    ['meter:wire-to-wire:resistance', meter(channel, 'wire-to-wire', 'resistance', 'overload')],
    ['distance:air-gap', { kind: 'distance', channel, point: 'air-gap', value: 0.0008 }],
    ['distance:flange-void', { kind: 'distance', channel, point: 'flange-void', value: 0 }],
    ['live:stationary', live(channel, 'stationary', 'zero')],
    ['substitute', { kind: 'substitute', channel, result: 'fault-stayed' }],
    ['unplug', { kind: 'unplug', channel, result: 'different-code' }],
    ...(type === 'passive'
      ? ([
          ['meter:sensor:resistance', meter(channel, 'sensor', 'resistance', 1190)],
          ['meter:module-end:resistance', meter(channel, 'module-end', 'resistance', 1195)],
        ] as const)
      : []),
    ...(type === 'active'
      ? ([['meter:supply-at-plug:dc-voltage', meter(channel, 'supply-at-plug', 'dc-voltage', 11.8)]] as const)
      : []),
  ];
}

function answered({ vehicle, channel, type, label }: Subject): Situation[] {
  return soundAnswers(channel, type).flatMap(([check, seen]) =>
    (['13', '31'] as const).map((byte): Situation => ({
      name: `${label}: ${check} answered, code ${byte}`,
      file: fileOf(vehicle, [code(wheelCode(channel, byte)), seen]),
      problems: (answer) =>
        unless(
          !answer.next.some(
            (move) => move.check === check && !move.while && (move.channel === channel || move.channel === null),
          ),
          `${check} offered again`,
        ),
    })),
  );
}

/** A part that can't be seen from here is not offered again until something opens the view; it proves nothing. */
function hiddenParts({ vehicle, channel, label }: Subject): Situation[] {
  return (['lead', 'plug', 'ring', 'gap', 'loom'] as const).flatMap((part): Situation[] => {
    const start = [code(wheelCode(channel, '31'))];
    const hidden = look(channel, part, 'hidden');
    const opened = { work: [{ id: 'w1', step: `wheel-off@${channel}` }] };
    return [
      {
        name: `${label}: ${part} hidden`,
        file: fileOf(vehicle, [...start, hidden]),
        beside: fileOf(vehicle, start),
        problems: (answer) =>
          unless(
            !answer.next.some((move) => move.check === `look:${part}` && move.channel === channel),
            `look:${part} offered again`,
          ),
        compare: (answer, other) =>
          unless(
            JSON.stringify(answer.ranking) === JSON.stringify(other.ranking),
            'not seeing has moved the judgement',
          ),
      },
      {
        name: `${label}: ${part} hidden, then the wheel came off`,
        file: fileOf(vehicle, [...start, hidden], opened),
        beside: fileOf(vehicle, start, opened),
        problems: () => [],
        compare: (answer, other) =>
          unless(
            !other.next.some((move) => move.check === `look:${part}`) ||
              answer.next.some((move) => move.check === `look:${part}`),
            `look:${part} does not come back`,
          ),
      },
    ];
  });
}

function inVain({ vehicle, channel, label }: Subject): Situation[] {
  return (['replaced:sensor', 'cleaned:plug', 'repaired-wire:loom', 'reseated:gap', 'repaired-wire:lead'] as const).map(
    (repair): Situation => ({
      name: `${label}: ${repair} changed nothing`,
      file: fileOf(vehicle, [
        code(wheelCode(channel, '13')),
        repaired(repair, channel, 'no-change'),
        erased('returned-at-key-on', [wheelCode(channel, '13')]),
      ]),
      problems: (answer) => [
        ...unless(
          !answer.next.some((move) => move.check === `repair:${repair}` && move.channel === channel),
          `${repair} again`,
        ),
        ...unless(answer.next.length > 0, 'nothing left to do'),
      ],
    }),
  );
}

export const NOTHING_TWICE: Law = {
  number: 10,
  name: 'Nothing twice',
  situations: subjects().flatMap((subject) => [...answered(subject), ...hiddenParts(subject), ...inVain(subject)]),
};

/** Evidence of all kinds, for what must hold of every answer. */
function middles({ vehicle, channel, type, label }: Subject): readonly (readonly [string, Situation['file']])[] {
  return (['', '13', '31', '1F', '64'] as const).flatMap((byte) =>
    soundAnswers(channel, type)
      .filter((_seen, at) => at % 3 === 0)
      .map(
        ([check, seen]) =>
          [
            `${label}: code ${byte || 'bare'}, ${check}`,
            fileOf(vehicle, [lamps(['abs']), code(wheelCode(channel, byte)), seen]),
          ] as const,
      ),
  );
}

export const HONEST_WORDS: Law = {
  number: 15,
  name: 'Honest words',
  situations: subjects().flatMap((subject) =>
    middles(subject).map(([name, file]): Situation => ({
      name,
      file,
      problems: (answer) =>
        answer.next
          .slice(0, 3)
          .flatMap((move, at) => [
            ...unless(at > 0 || move.expectedSaving >= 0, `the first saves ${move.expectedSaving}`),
            ...unless(
              isRepair(move) || /\bIf\b/.test(move.why),
              `${named(move)} does not say what it could change: ${move.why}`,
            ),
            ...unless(/^[A-Z]/.test(move.why) && /[.!?]$/.test(move.why), `no sentence: ${move.why}`),
            ...unless(
              Number.isFinite(move.minutes) && move.minutes > 0,
              `${named(move)} takes ${move.minutes} minutes`,
            ),
          ]),
    })),
  ),
};

function finished({ vehicle, channel, label }: Subject): Situation {
  return {
    name: `${label}: a finished job`,
    file: fileOf(
      vehicle,
      [
        code(wheelCode(channel, '13')),
        look(channel, 'plug', 'unplugged'),
        repaired('reseated:plug', channel, 'fixed'),
        erased('stayed-clear'),
        { kind: 'drive', result: 'lamps-stayed-out', distance: 25 },
        { kind: 'no-code', module: 'abs' },
        lamps([]),
      ],
      { ending: 'solved' },
    ),
    problems: (answer) => unless(answer.next.length === 0, `still lists ${firstMoves(answer)}`),
  };
}

function twoCorners({ vehicle, channel, label }: Subject): Situation[] {
  return vehicle.channels
    .filter((other) => other !== channel)
    .map((other): Situation => ({
      name: `${label} and ${other}: two current codes`,
      file: fileOf(vehicle, [lamps(['abs']), code(wheelCode(channel, '13')), code(wheelCode(other, '13'))]),
      problems: (answer) =>
        [channel, other].flatMap((corner) =>
          unless(
            answer.next.slice(0, 4).some((move) => move.channel === corner || move.check === 'clear'),
            `${corner} is not served: ${firstMoves(answer, 4)}`,
          ),
        ),
    }));
}

function justAnswered({ vehicle, channel, label }: Subject): Situation[] {
  return vehicle.channels
    .filter((other) => other !== channel)
    .map((other): Situation => ({
      name: `${label}: ${other} spun and follows`,
      file: fileOf(vehicle, [lamps(['abs']), code(wheelCode(channel, '31')), live(other, 'hand-spin', 'follows')]),
      problems: (answer) => [
        ...unless(totalOf(answer, other) < 0.05, `${other} still ${totalOf(answer, other).toFixed(2)}`),
        ...unless(
          !answer.next.slice(0, 3).some((move) => move.channel === other),
          `moves at the wheel that answered: ${firstMoves(answer)}`,
        ),
      ],
    }));
}

export const OF_USE: Law = {
  number: 17,
  name: 'The list is of use',
  situations: subjects().flatMap((subject) => [finished(subject), ...twoCorners(subject), ...justAnswered(subject)]),
};
