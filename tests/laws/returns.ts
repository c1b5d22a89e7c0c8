import {
  chance,
  code,
  erased,
  fileOf,
  firstMoves,
  isRepair,
  lamps,
  live,
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

/** Law 18: what comes back is there. However many drives were clean before: a lamp that came on again was lit by a fault. */

const REPAIRS = ['replaced:sensor', 'repaired-wire:loom', 'repaired-wire:lead', 'cleaned:plug'] as const;
const CLEAN = [0, 1, 6] as const;

/** A stored code may be of another day: the corner that it names need not lead, but is not let go. */
const STILL_HERE = 0.6;

const driven = (result: 'lamps-stayed-out' | 'lamps-came-back'): Event => ({ kind: 'drive', result, distance: 12 });

function comesBack({ vehicle, channel, label }: Subject): Situation[] {
  const wheel = code(wheelCode(channel, '1F'), 'stored');
  return REPAIRS.flatMap((repair) =>
    CLEAN.flatMap((clean) =>
      (['unknown', 'no-change'] as const).map((result): Situation => ({
        name: `${label}: ${repair} ${result}, ${clean} clean drives, then a lamp came back`,
        file: fileOf(vehicle, [
          lamps(['abs'], 'intermittent'),
          wheel,
          repaired(repair, channel, result),
          erased('stayed-clear'),
          live(channel, 'hand-spin', 'follows'),
          ...Array.from({ length: clean }, () => driven('lamps-stayed-out')),
          ...(clean > 0 ? [{ kind: 'no-code', module: 'abs' } as const, lamps([])] : []),
          driven('lamps-came-back'),
        ]),
        problems: (answer) => {
          const others = vehicle.channels.filter((other) => other !== channel);
          const most = Math.max(...others.map((other) => totalOf(answer, other)));
          const none = chance(answer, 'none', null);
          return [
            ...unless(answer.stop?.id !== 'nothing-wrong', 'says that nothing is wrong'),
            ...unless(none <= (result === 'no-change' ? 0.02 : 0.25), `none ${none}`),
            ...unless(
              result !== 'no-change' || totalOf(answer, channel) >= STILL_HERE * most,
              `the corner has ${totalOf(answer, channel)}, another ${most}`,
            ),
            ...unless(answer.next.length > 0, 'proposes nothing'),
            ...unless(
              result !== 'no-change' ||
                !answer.next
                  .slice(0, 3)
                  .some((move) => isRepair(move) && named(move) === `repair:${repair}@${channel}`),
              `the same repair again: ${firstMoves(answer)}`,
            ),
          ];
        },
      })),
    ),
  );
}

export const COMES_BACK: Law = {
  number: 18,
  name: 'What comes back is there',
  situations: subjects(['passive', 'active']).flatMap(comesBack),
};
