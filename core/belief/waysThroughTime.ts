import type { Repair } from '../casefile/contract';
import type { Boundary } from '../evidence/timeline';
import { faultRow, type Cause } from '../knowledge/faults';
import { WORK_LEAVES_PLUG_LOOSE } from '../knowledge/priors';
import { cureChance } from '../knowledge/repairs/all';

/** One way that a channel (or what all share) may have been, epoch by epoch, with its prior odds against a sound one. */
export interface Hypothesis {
  readonly faults: readonly (readonly Cause[])[];
  readonly odds: number;
  /** Whether a real fault was there in any epoch; an old code alone is none. */
  readonly faulty: boolean;
}

/** All ways, and whether some of small weight were left out because there were too many. */
export interface Ways {
  readonly ways: readonly Hypothesis[];
  readonly isApproximate: boolean;
}

/** How things may have stood before anything was done. */
export interface Start {
  readonly faults: readonly Cause[];
  readonly odds: number;
}

interface Change {
  readonly epoch: number;
  readonly faults: readonly Cause[];
}

/** A way while it grows: only what changed is kept. */
interface Draft {
  readonly changes: readonly Change[];
  readonly now: readonly Cause[];
  readonly odds: number;
}

interface Outcome {
  readonly faults: readonly Cause[];
  readonly chance: number;
}

/** More ways than this are not followed: the lightest go. */
const MOST_WAYS = 900;
/** Ways with smaller odds against a sound channel are not worth following. */
const LEAST_ODDS = 1e-9;
/** Beyond this share of all faulty ways, what was left out makes the answer approximate. */
const MATTERS = 1e-4;

/** The faults after a repair, with the chance of each outcome. */
function afterRepair(faults: readonly Cause[], repair: Repair): readonly Outcome[] {
  let outcomes: Outcome[] = [{ faults: [], chance: 1 }];
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
function withWorkFaults(outcomes: readonly Outcome[]): readonly Outcome[] {
  return outcomes.flatMap((outcome) =>
    outcome.faults.some((fault) => fault !== 'stale-code')
      ? [outcome]
      : [
          { faults: outcome.faults, chance: outcome.chance * (1 - WORK_LEAVES_PLUG_LOOSE) },
          { faults: ['plug-loose'] as const, chance: outcome.chance * WORK_LEAVES_PLUG_LOOSE },
        ],
  );
}

function changed(draft: Draft, epoch: number, { faults, chance }: Outcome): Draft {
  const isSame = faults.length === draft.now.length;
  return {
    changes: isSame ? draft.changes : [...draft.changes, { epoch, faults }],
    now: isSame ? draft.now : faults,
    odds: draft.odds * chance,
  };
}

/** What a boundary makes of a way. */
function across(draft: Draft, mark: Boundary, epoch: number, isTouched: boolean, isChannel: boolean): readonly Draft[] {
  if (mark.is === 'clear') {
    const faults = draft.now.filter((fault) => fault !== 'stale-code');
    return [changed(draft, epoch, { faults, chance: 1 })];
  }
  if (!isTouched) return [draft];
  const outcomes = afterRepair(draft.now, mark.repair);
  return (isChannel ? withWorkFaults(outcomes) : outcomes).map((outcome) => changed(draft, epoch, outcome));
}

function byEpoch({ changes }: Draft, epochs: number): readonly (readonly Cause[])[] {
  const faults: (readonly Cause[])[] = [];
  let at = 0;
  for (let epoch = 0; epoch < epochs; epoch += 1) {
    if ((changes[at + 1]?.epoch ?? Infinity) <= epoch) at += 1;
    faults.push(changes[at]?.faults ?? []);
  }
  return faults;
}

/** Keeps the heaviest ways; gives back the odds of those that were dropped. */
function pruned(drafts: readonly Draft[]): { readonly kept: readonly Draft[]; readonly dropped: number } {
  const worth = drafts.filter((draft) => draft.odds >= LEAST_ODDS);
  const kept = worth.length > MOST_WAYS ? [...worth].sort((a, b) => b.odds - a.odds).slice(0, MOST_WAYS) : worth;
  const sum = (list: readonly Draft[]): number => list.reduce((total, draft) => total + draft.odds, 0);
  return { kept, dropped: kept.length === drafts.length ? 0 : sum(drafts) - sum(kept) };
}

/**
 * Follows every way through the repairs and erases of a job.
 * @param start how things may have stood at first. @param boundaries repairs and erases in order.
 * @param touches whether a repair touched this channel. @param isChannel whether work here may leave a plug loose.
 * @returns the ways; at most some hundreds, however many repairs there were.
 * @example throughBoundaries([{ faults: ['ring-damaged'], odds: 0.1 }], [], () => true, true).ways.map(({ faults }) => faults) // => [[["ring-damaged"]]]
 */
export function throughBoundaries(
  start: readonly Start[],
  boundaries: readonly Boundary[],
  touches: (repair: Repair) => boolean,
  isChannel: boolean,
): Ways {
  let drafts: readonly Draft[] = start.map(({ faults, odds }) => ({
    changes: [{ epoch: 0, faults }],
    now: faults,
    odds,
  }));
  let dropped = 0;
  boundaries.forEach((mark, at) => {
    const isTouched = mark.is === 'repair' && touches(mark.repair);
    const next = drafts.flatMap((draft) => across(draft, mark, at + 1, isTouched, isChannel));
    const { kept, dropped: lost } = isTouched ? pruned(next) : { kept: next, dropped: 0 };
    drafts = kept;
    dropped += lost;
  });
  const ways = drafts.map((draft): Hypothesis => {
    const faults = byEpoch(draft, boundaries.length + 1);
    return {
      faults,
      odds: draft.odds,
      faulty: draft.changes.some((change) => change.faults.some((fault) => fault !== 'stale-code')),
    };
  });
  const faulty = ways.reduce((sum, way) => sum + (way.faulty ? way.odds : 0), 0);
  return { ways, isApproximate: dropped > MATTERS * faulty };
}
