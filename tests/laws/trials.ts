import type { Channel } from '../../core/casefile/words';
import {
  chance,
  code,
  erased,
  fileOf,
  firstMoves,
  lamps,
  live,
  look,
  meter,
  shareOf,
  subjects,
  unless,
  wheelCode,
  type Event,
  type Law,
  type Situation,
  type Subject,
} from './law';
import { otherSide } from '../../core/vehicle/channels';

/** Laws 5 and 6: exchanging sensors, and halving the path by readings. */

const buysSensor = (answer: Parameters<Situation['problems']>[0], channel: Channel): readonly string[] =>
  unless(
    !answer.next.slice(0, 3).some((move) => move.check === 'repair:replaced:sensor' && move.channel === channel),
    `buys the sensor: ${firstMoves(answer)}`,
  );

const unit = (answer: Parameters<Situation['problems']>[0], channel: Channel): number =>
  shareOf(answer, channel, 'sensor', 'lead');

function exchanges({ vehicle, channel, label }: Subject): Situation[] {
  const twin = otherSide(channel, vehicle.channels);
  const trials: readonly (readonly [string, Event, 'condemned' | 'freed'])[] = [
    ['another sensor works', { kind: 'substitute', channel, result: 'signal-normal' }, 'condemned'],
    ['another sensor does not', { kind: 'substitute', channel, result: 'fault-stayed' }, 'freed'],
    ...(twin
      ? ([
          ['swap: went along', { kind: 'swap', channel, with: twin, result: 'fault-followed' }, 'condemned'],
          ['swap: stayed', { kind: 'swap', channel, with: twin, result: 'fault-stayed' }, 'freed'],
        ] as const)
      : []),
  ];
  const before = ['', '01', '13', '11', '31', '64'].flatMap((byte) => [
    [
      `code ${byte || 'bare'}`,
      [lamps(['abs', 'stability'], 'steady-from-key-on'), code(wheelCode(channel, byte))],
    ] as const,
    [
      `code ${byte || 'bare'}, looked`,
      [code(wheelCode(channel, byte)), look(channel, 'lead', 'sound'), look(channel, 'plug', 'sound')],
    ] as const,
  ]);
  return before.flatMap(([how, events]) =>
    trials.map(([name, trial, verdict]): Situation => ({
      name: `${label}: ${how}, ${name}`,
      file: fileOf(vehicle, [...events, trial]),
      problems: (answer) =>
        verdict === 'condemned'
          ? unless(unit(answer, channel) >= 0.8, `sensor and lead ${unit(answer, channel).toFixed(2)}`)
          : [
              ...unless(
                shareOf(answer, channel, 'sensor') <= 0.12,
                `sensor still ${shareOf(answer, channel, 'sensor').toFixed(2)}`,
              ),
              ...buysSensor(answer, channel),
            ],
    })),
  );
}

/** What comes and goes is not settled by a trial of a few minutes. */
function intermittent({ vehicle, channel, label }: Subject): Situation[] {
  const events: readonly Event[] = [
    lamps(['abs'], 'intermittent', 'on-bumps'),
    code(wheelCode(channel, '1F'), 'stored'),
  ];
  return [
    {
      name: `${label}: intermittent, another sensor works for a moment`,
      file: fileOf(vehicle, [...events, { kind: 'substitute', channel, result: 'signal-normal' }]),
      problems: (answer) =>
        unless(
          shareOf(answer, channel, 'plug', 'loom', 'module') >= 0.1,
          `the rest of the path only ${shareOf(answer, channel, 'plug', 'loom', 'module').toFixed(2)}`,
        ),
    },
    {
      name: `${label}: intermittent, quiet on a short drive`,
      file: fileOf(vehicle, [
        ...events,
        erased('stayed-clear'),
        { kind: 'drive', result: 'lamps-stayed-out', distance: 2 },
      ]),
      problems: (answer) =>
        unless(chance(answer, 'none', null) < 0.8, `none already ${chance(answer, 'none', null).toFixed(2)}`),
    },
  ];
}

export const EXCHANGE: Law = {
  number: 5,
  name: 'Exchange',
  situations: subjects().flatMap((subject) => [...exchanges(subject), ...intermittent(subject)]),
};

const OHM = 'resistance';

function passiveHalves({ vehicle, channel, label }: Subject): Situation[] {
  const starts = ['', '13', '01', '31'].map((byte) => [byte || 'bare', [code(wheelCode(channel, byte))]] as const);
  const whole = meter(channel, 'sensor', OHM, 1180, { temperature: 20 });
  return starts.flatMap(([how, start]): Situation[] => [
    {
      name: `${label}, ${how}: open at the sensor's pins`,
      file: fileOf(vehicle, [...start, meter(channel, 'sensor', OHM, 'overload', { range: 20_000 })]),
      problems: (answer) =>
        unless(unit(answer, channel) >= 0.85, `sensor and lead ${unit(answer, channel).toFixed(2)}`),
    },
    {
      name: `${label}, ${how}: whole at the sensor, open at the module`,
      file: fileOf(vehicle, [...start, whole, meter(channel, 'module-end', OHM, 'overload', { range: 20_000 })]),
      problems: (answer) => [
        ...unless(
          shareOf(answer, channel, 'plug', 'loom') >= 0.8,
          `loom and plug ${shareOf(answer, channel, 'plug', 'loom').toFixed(2)}`,
        ),
        ...unless(
          /^(look:(plug|loom)|meter:wire|repair:(repaired-wire:loom|reseated:plug|cleaned:plug))/.test(
            answer.next[0]?.check ?? '',
          ),
          `first ${firstMoves(answer)}`,
        ),
      ],
    },
    ...(['wire-1', 'wire-2'] as const).map((wire): Situation => ({
      name: `${label}, ${how}: ${wire} open end to end`,
      file: fileOf(vehicle, [...start, meter(channel, wire, OHM, 'overload', { ends: 'both-unplugged' })]),
      problems: (answer) =>
        unless(shareOf(answer, channel, 'loom') >= 0.85, `loom ${shareOf(answer, channel, 'loom').toFixed(2)}`),
    })),
  ]);
}

function activeHalves({ vehicle, channel, label }: Subject): Situation[] {
  const starts = ['', '13', '01', '31'].map((byte) => [byte || 'bare', [code(wheelCode(channel, byte))]] as const);
  const battery = meter(null, 'battery', 'dc-voltage', 12.6);
  const feed = (volt: number): Event => meter(channel, 'supply-at-plug', 'dc-voltage', volt, { ignition: 'on' });
  return starts.flatMap(([how, start]): Situation[] => [
    {
      name: `${label}, ${how}: no feed, battery sound`,
      file: fileOf(vehicle, [...start, battery, feed(0.1)]),
      problems: (answer) => [
        ...buysSensor(answer, channel),
        ...unless(
          shareOf(answer, channel, 'sensor') <= 0.12,
          `sensor ${shareOf(answer, channel, 'sensor').toFixed(2)}`,
        ),
      ],
    },
    {
      name: `${label}, ${how}: all else good and still silent`,
      file: fileOf(vehicle, [
        ...start,
        battery,
        look(channel, 'lead', 'sound'),
        look(channel, 'plug', 'sound'),
        feed(11.9),
        look(channel, 'ring', 'sound'),
        look(channel, 'gap', 'sound'),
        look(channel, 'bearing', 'sound'),
        live(channel, 'hand-spin', 'zero'),
      ]),
      problems: (answer) =>
        unless(
          shareOf(answer, channel, 'sensor') >= 0.6,
          `sensor ${shareOf(answer, channel, 'sensor').toFixed(2)}, ${answer.ranking[0]?.fault} ${answer.ranking[0]?.probability}`,
        ),
    },
  ]);
}

export const HALVING: Law = {
  number: 6,
  name: 'Halving',
  situations: [...subjects(['passive']).flatMap(passiveHalves), ...subjects(['active']).flatMap(activeHalves)],
};
