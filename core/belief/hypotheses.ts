import type { ObservationOf, Repair } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import { channelOn } from '../vehicle/channels';
import { cureChance } from '../knowledge/cures';
import { CHANNEL_FAULTS, faultRow, formsOf, SHARED_FAULTS, type Cause, type FaultId } from '../knowledge/faults';
import { historyFactors } from '../knowledge/history';
import { FAULT_PAIRS } from '../knowledge/pairs';
import { SHARED_ODDS, SOME_FAULT_ODDS, STALE_CHANCE, WORK_LEAVES_PLUG_LOOSE } from '../knowledge/priors';
import type { Boundary } from '../evidence/timeline';

/** One way that a channel (or what all share) may have been, epoch by epoch, with its prior odds against a sound one. */
export interface Hypothesis {
  readonly faults: readonly (readonly Cause[])[];
  readonly odds: number;
  /** Whether a real fault was there in any epoch; an old code alone is none. */
  readonly faulty: boolean;
}

interface Draft {
  readonly faults: readonly (readonly Cause[])[];
  readonly odds: number;
}

/** The faults after a repair, with the chance of each outcome. */
function afterRepair(
  faults: readonly Cause[],
  repair: Repair,
): readonly { faults: readonly Cause[]; chance: number }[] {
  let outcomes: { faults: readonly Cause[]; chance: number }[] = [{ faults: [], chance: 1 }];
  for (const fault of faults) {
    const cured = cureChance(repair, faultRow(fault).id);
    outcomes = outcomes.flatMap((outcome) => [
      ...(cured > 0 ? [{ faults: outcome.faults, chance: outcome.chance * cured }] : []),
      ...(cured < 1 ? [{ faults: [...outcome.faults, fault], chance: outcome.chance * (1 - cured) }] : []),
    ]);
  }
  return outcomes;
}

/** Work at a corner now and then leaves its plug loose. */
function withWorkFaults(
  outcomes: readonly { faults: readonly Cause[]; chance: number }[],
): readonly { faults: readonly Cause[]; chance: number }[] {
  return outcomes.flatMap((outcome) =>
    outcome.faults.some((fault) => fault !== 'stale-code')
      ? [outcome]
      : [
          { faults: outcome.faults, chance: outcome.chance * (1 - WORK_LEAVES_PLUG_LOOSE) },
          { faults: ['plug-loose'] as const, chance: outcome.chance * WORK_LEAVES_PLUG_LOOSE },
        ],
  );
}

function throughBoundaries(
  start: readonly Draft[],
  boundaries: readonly Boundary[],
  touches: (repair: Repair) => boolean,
  isChannel: boolean,
): Hypothesis[] {
  let drafts = start;
  for (const mark of boundaries) {
    drafts = drafts.flatMap((draft) => {
      const now = draft.faults.at(-1) ?? [];
      if (mark.is === 'clear')
        return [{ ...draft, faults: [...draft.faults, now.filter((fault) => fault !== 'stale-code')] }];
      if (!touches(mark.repair)) return [{ ...draft, faults: [...draft.faults, now] }];
      const outcomes = afterRepair(now, mark.repair);
      return (isChannel ? withWorkFaults(outcomes) : outcomes).map((entry) => ({
        faults: [...draft.faults, entry.faults],
        odds: draft.odds * entry.chance,
      }));
    });
  }
  return drafts.map((draft) => ({
    ...draft,
    faulty: draft.faults.some((faults) => faults.some((fault) => fault !== 'stale-code')),
  }));
}

const TOTAL = (type: SensorType): number => CHANNEL_FAULTS.reduce((sum, row) => sum + row.often[type], 0);

function channelStart(type: SensorType, corners: number, factors: ReadonlyMap<FaultId, number>): Draft[] {
  const scale = SOME_FAULT_ODDS / corners / TOTAL(type);
  const stale = Math.min(0.5, STALE_CHANCE * (factors.get('stale-code') ?? 1));
  const oddsOf = (id: FaultId, often: number): number => often * scale * (factors.get(id) ?? 1);
  const singles = CHANNEL_FAULTS.filter((row) => row.often[type] > 0).flatMap((row): Draft[] => {
    const led = FAULT_PAIRS.filter((pair) => pair.cause === row.id).reduce((sum, pair) => sum + pair.chance, 0);
    return formsOf(row.id).map(({ form, share }) => ({
      faults: [[form]],
      odds: oddsOf(row.id, row.often[type]) * (1 - led) * share,
    }));
  });
  const pairs = FAULT_PAIRS.flatMap((pair): Draft[] => {
    const often = CHANNEL_FAULTS.find((row) => row.id === pair.cause)?.often[type] ?? 0;
    if (often === 0) return [];
    const odds = oddsOf(pair.cause, often) * pair.chance;
    return formsOf(pair.cause).flatMap((cause) =>
      formsOf(pair.consequence).map((then) => ({
        faults: [[cause.form, then.form]],
        odds: odds * cause.share * then.share,
      })),
    );
  });
  return [{ faults: [[]], odds: 1 - stale }, { faults: [['stale-code']], odds: stale }, ...singles, ...pairs];
}

/** What is known of a car before any evidence but history. */
export interface Background {
  readonly channels: readonly Channel[];
  readonly history: readonly ObservationOf<'history'>[];
  readonly boundaries: readonly Boundary[];
}

function concerns(event: ObservationOf<'history'>, channel: Channel, channels: readonly Channel[]): boolean {
  return event.channel === undefined || channelOn(event.channel, channels) === channel;
}

const touches = (repair: Repair, channel: Channel, channels: readonly Channel[]): boolean =>
  !repair.channel || channelOn(repair.channel, channels) === channel;

/**
 * What of the background bears on a channel: channels with the same key have the same ways.
 * @param channel the channel. @param type its sensor type. @param about the car. @returns a key for look-ups.
 */
export function backgroundKey(channel: Channel, type: SensorType, about: Background): string {
  const history = about.history.map((observation) => Number(concerns(observation, channel, about.channels)));
  const repairs = about.boundaries.map((mark) =>
    mark.is === 'repair' ? Number(touches(mark.repair, channel, about.channels)) : 2,
  );
  return [type, ...history, '|', ...repairs].join();
}

/**
 * All the ways a channel may have been: sound, with an old code, one fault, or a cause with its consequence, through every repair.
 * @param channel the channel. @param type its sensor type in this variant. @param about the car.
 * @returns hypotheses with prior odds against a sound channel.
 */
export function channelHypotheses(channel: Channel, type: SensorType, about: Background): Hypothesis[] {
  const factors = historyFactors(about.history.filter((observation) => concerns(observation, channel, about.channels)));
  const isTouched = (repair: Repair): boolean => touches(repair, channel, about.channels);
  return throughBoundaries(channelStart(type, about.channels.length, factors), about.boundaries, isTouched, true);
}

/**
 * All the ways what the channels share may have been; at most one cause.
 * @param about the car. @returns hypotheses with prior odds; the first is none.
 */
export function sharedHypotheses(about: Background): Hypothesis[] {
  const factors = historyFactors(about.history);
  const total = SHARED_FAULTS.reduce((sum, row) => sum + row.often.passive, 0);
  const start: Draft[] = [
    { faults: [[]], odds: 1 },
    ...SHARED_FAULTS.map((row) => ({
      faults: [[row.id]],
      odds: (SHARED_ODDS * row.often.passive * (factors.get(row.id) ?? 1)) / total,
    })),
  ];
  return throughBoundaries(start, about.boundaries, () => true, false);
}
