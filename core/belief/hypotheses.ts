import type { Observation, ObservationOf, Repair } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import { CHANNEL_FAULTS, SHARED_FAULTS } from '../knowledge/faultRows';
import { faultRow, formsOf, type Cause, type FaultId } from '../knowledge/faults';
import { historyFactors } from '../knowledge/history';
import { FAULT_PAIRS } from '../knowledge/pairs';
import { faultSeen, PARTS } from '../knowledge/parts';
import {
  MODULE_PLUG_ROT_ODDS,
  SECOND_CHANNEL,
  SHARED_BESIDE_FAULT,
  SHARED_ODDS,
  SOME_FAULT_ODDS,
  STALE_CHANCE,
} from '../knowledge/priors';
import { channelOn } from '../vehicle/channels';
import type { Boundary } from '../evidence/timeline';
import { throughBoundaries, type Start, type Ways } from './waysThroughTime';

/** What is known of a car before any evidence but history and what eyes have proved. */
export interface Background {
  readonly channels: readonly Channel[];
  readonly history: readonly ObservationOf<'history'>[];
  readonly boundaries: readonly Boundary[];
  /** Looks that found a fault itself: those faults are also thought of beside every other one. */
  readonly proven: readonly { readonly channel: Channel | null; readonly fault: FaultId }[];
}

/**
 * The faults that somebody has seen with their own eyes.
 * @param observations all counted ones. @param channels the car's.
 * @returns each fault and its place once; null for what all channels share.
 * @example provenBySight(CASE.observations, CASE.vehicle.channels) // => [{"channel":"front-right","fault":"plug-loose"}]
 */
export function provenBySight(
  observations: readonly Observation[],
  channels: readonly Channel[],
): Background['proven'] {
  const found = new Map<string, Background['proven'][number]>();
  for (const observation of observations) {
    if (observation.kind !== 'look' || observation.withdrawn) continue;
    const fault = faultSeen(observation.part, observation.finding);
    const isOfCar = PARTS[observation.part].ofCar;
    const channel = !isOfCar && observation.channel ? channelOn(observation.channel, channels) : null;
    if (fault && (isOfCar || channel)) found.set(`${channel ?? ''} ${fault}`, { channel, fault });
  }
  return [...found.values()];
}

const totalOften = (type: SensorType): number => CHANNEL_FAULTS.reduce((sum, row) => sum + row.often[type], 0);

/** One fault, or several, with the odds of their standing there together. */
interface Drawn {
  readonly faults: readonly Cause[];
  readonly odds: number;
}

function inForms(fault: FaultId, odds: number): readonly Drawn[] {
  return formsOf(fault).map(({ form, share }) => ({ faults: [form], odds: odds * share }));
}

/** A cause with its consequence. */
function pairsOf(oddsOf: (fault: FaultId) => number): readonly Drawn[] {
  return FAULT_PAIRS.flatMap((pair) => {
    const odds = oddsOf(pair.cause) * pair.chance;
    if (odds <= 0) return [];
    return formsOf(pair.cause).flatMap((cause) =>
      formsOf(pair.consequence).map((then) => ({
        faults: [cause.form, then.form],
        odds: odds * cause.share * then.share,
      })),
    );
  });
}

/** What has been seen stays thought of, whatever else speaks for another fault: each proven fault beside every other, and all proven together. */
function besideProven(proven: readonly FaultId[], singles: readonly Drawn[], together: number): readonly Drawn[] {
  const own = (fault: FaultId): readonly Drawn[] =>
    singles.filter(({ faults: [first] }) => first !== undefined && faultRow(first).id === fault);
  const all = proven.map((fault) => own(fault)[0]).filter((drawn) => drawn !== undefined);
  const joint = all.reduce<Drawn>(
    (sum, { faults, odds }) => ({ faults: [...sum.faults, ...faults], odds: sum.odds * odds }),
    { faults: [], odds: together ** Math.max(0, all.length - 1) },
  );
  const bases = all.length > 1 ? [...all, joint] : all;
  const seen = new Set<string>();
  const once = ({ faults }: Drawn): boolean => {
    const key = [...faults].sort().join(' ');
    return !seen.has(key) && seen.add(key).size > 0;
  };
  return [
    ...(all.length > 1 ? [joint] : []),
    ...bases.flatMap((base) =>
      singles
        .filter(
          ({ faults: [first] }) => first && !base.faults.some((fault) => faultRow(fault).id === faultRow(first).id),
        )
        .map(({ faults, odds }) => ({ faults: [...base.faults, ...faults], odds: base.odds * odds * together })),
    ),
  ].filter(once);
}

function isListedPair({ faults }: Drawn): boolean {
  const [first, second] = faults.map((fault) => faultRow(fault).id);
  return (
    faults.length === 2 &&
    FAULT_PAIRS.some(
      ({ cause, consequence }) =>
        (cause === first && consequence === second) || (cause === second && consequence === first),
    )
  );
}

function channelStart(
  type: SensorType,
  corners: number,
  factors: ReadonlyMap<FaultId, number>,
  proven: readonly FaultId[],
): Start[] {
  const scale = SOME_FAULT_ODDS / corners / totalOften(type);
  const stale = Math.min(0.5, STALE_CHANCE * (factors.get('stale-code') ?? 1));
  const oddsOf = (fault: FaultId): number =>
    (CHANNEL_FAULTS.find((row) => row.id === fault)?.often[type] ?? 0) * scale * (factors.get(fault) ?? 1);
  const singles = CHANNEL_FAULTS.filter((row) => row.often[type] > 0 || proven.includes(row.id)).flatMap((row) => {
    const led = FAULT_PAIRS.filter((pair) => pair.cause === row.id).reduce((sum, pair) => sum + pair.chance, 0);
    return inForms(row.id, Math.max(oddsOf(row.id), proven.includes(row.id) ? scale : 0) * (1 - led));
  });
  const beside = besideProven(proven, singles, SECOND_CHANNEL).filter((drawn) => !isListedPair(drawn));
  return [
    { faults: [], odds: 1 - stale },
    { faults: ['stale-code'], odds: stale },
    ...singles,
    ...pairsOf(oddsOf),
    ...beside,
  ];
}

function concerns(event: ObservationOf<'history'>, channel: Channel, channels: readonly Channel[]): boolean {
  return event.channel === undefined || channelOn(event.channel, channels) === channel;
}

/** Repairs of what belongs to the car as a whole touch every channel, whatever corner they were noted for. */
const touches = (repair: Repair, channel: Channel, channels: readonly Channel[]): boolean =>
  !repair.channel || repair.segment === 'module' || channelOn(repair.channel, channels) === channel;

function provenAt(channel: Channel | null, about: Background): readonly FaultId[] {
  return about.proven.filter((seen) => seen.channel === channel).map((seen) => seen.fault);
}

/**
 * What of the background bears on a channel: channels with the same key have the same ways.
 * @param channel the channel. @param type its sensor type. @param about the car. @returns a key for look-ups.
 * @example backgroundKey('front-left', 'passive', { channels: ['front-left'], history: [], boundaries: [], proven: [] }) // => "passive,|,|"
 */
export function backgroundKey(channel: Channel, type: SensorType, about: Background): string {
  const history = about.history.map((event) => Number(concerns(event, channel, about.channels)));
  const repairs = about.boundaries.map((mark) =>
    mark.is === 'repair' ? Number(touches(mark.repair, channel, about.channels)) : 2,
  );
  return [type, ...history, '|', ...repairs, '|', ...provenAt(channel, about)].join();
}

/**
 * All the ways a channel may have been: sound, with an old code, one fault, a cause with its consequence, or what has been seen beside another, through every repair.
 * @param channel the channel. @param type its sensor type in this variant. @param about the car.
 * @returns ways with prior odds against a sound channel.
 * @example channelHypotheses('front-left', 'passive', { channels: ['front-left'], history: [], boundaries: [], proven: [] }).ways[0].faulty // => false
 */
export function channelHypotheses(channel: Channel, type: SensorType, about: Background): Ways {
  const factors = historyFactors(about.history.filter((event) => concerns(event, channel, about.channels)));
  const start = channelStart(type, about.channels.length, factors, provenAt(channel, about));
  const isTouched = (repair: Repair): boolean => touches(repair, channel, about.channels);
  return throughBoundaries(start, about.boundaries, isTouched, true);
}

/**
 * All the ways what the channels share may have been: none, one cause, rot all over the module's plug, or what has been seen beside another.
 * @param about the car. @returns ways with prior odds; the first is none.
 * @example sharedHypotheses({ channels: ['front-left'], history: [], boundaries: [], proven: [] }).ways[0].faults // => [[]]
 */
export function sharedHypotheses(about: Background): Ways {
  const factors = historyFactors(about.history);
  const total = SHARED_FAULTS.reduce((sum, row) => sum + row.often.passive, 0);
  const singles: Drawn[] = SHARED_FAULTS.map((row) => ({
    faults: [row.id],
    odds: (SHARED_ODDS * row.often.passive * (factors.get(row.id) ?? 1)) / total,
  }));
  const rot: Drawn = {
    faults: ['module-plug-corroded'],
    odds: MODULE_PLUG_ROT_ODDS * (factors.get('module-plug-corroded') ?? 1),
  };
  const beside = besideProven(provenAt(null, about), [...singles, rot], SHARED_BESIDE_FAULT);
  const start: Start[] = [{ faults: [], odds: 1 }, ...singles, rot, ...beside];
  return throughBoundaries(start, about.boundaries, () => true, false);
}
