import type { CaseFile } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import { Ledger, type LoggedMove } from '../trial/ledger';
import type { Seen } from '../monitor/codes';
import type { World } from '../world';
import { drawPractice, type TwinOf } from './drawPractice';
import { readFreely, type FreeProbe, type Reading } from './freeProbe';
import { levelOf, type LevelId } from './levels';

/** One thing that was done to a practice car; plain data, kept in the job's file. */
export type PracticeAction =
  /** The reader asked so many modules for their codes. */
  | { readonly do: 'read'; readonly modules: number }
  | {
      readonly do: 'check';
      readonly check: string;
      readonly channel: Channel | null;
      readonly manner?: 'wiggle';
      /** Full scale of the meter's range, where it was set by hand. */
      readonly range?: number;
    }
  /** The lamp's flashes were counted along with; what was counted stands in the job by itself. */
  | { readonly do: 'count-flashes' }
  /** Two probes were put somewhere where no check of the contract puts them. */
  | ({ readonly do: 'probe'; readonly channel: Channel } & FreeProbe)
  | { readonly do: 'repair'; readonly repair: string; readonly channel: Channel | null };

/** A practice car and all that was done to it, in order: enough to have the very same car again. */
export interface Practice {
  readonly level: LevelId;
  readonly seed: number;
  readonly actions: readonly PracticeAction[];
  /** The adviser stays silent: a test of one's own skill. */
  readonly alone?: boolean;
  /** At the level `twin`: of which vehicle, and what may be wrong with it. */
  readonly twin?: TwinOf;
  readonly finished?: boolean;
}

/** What an action showed. */
export interface Shown {
  readonly seen: readonly Seen[];
  readonly result: 'fixed' | 'no-change' | null;
  /** What was learnt of the car itself. */
  readonly vehicle: CaseFile['vehicle'] | null;
  /** What the meter's display shows of probes that make no check. */
  readonly display?: Reading;
}

/** Putting probes somewhere takes as long as this. */
const PROBE_MINUTES = 1;
const NOTHING_KNOWN: Seen = { kind: 'history', event: 'nothing-known' };

/**
 * The car of a practice, before anything was done to it. @throws RangeError for an unknown level.
 * @example worldOf({ level: 'first', seed: 1 }).faults.map(({ fault }) => fault) // => ["sensor-short"]
 */
export function worldOf({ level, seed, twin }: Pick<Practice, 'level' | 'seed' | 'twin'>): World {
  return drawPractice(level, seed, twin);
}

/** A practice car in its owner's hands, with clock and money. The same practice gives the same session: nothing else is asked for chance. */
export class PracticeSession {
  readonly ledger: Ledger;

  constructor(practice: Practice) {
    this.ledger = new Ledger(worldOf(practice));
    for (const action of practice.actions) this.act(action);
  }

  get world(): World {
    return this.ledger.world;
  }

  /** The codes that the lamp flashes once its socket is bridged; none where the car tells them to a reader, or has none. */
  get flashes(): readonly string[] {
    const { world } = this;
    if (world.strategy.speaks !== 'by-lamp' || world.isModuleSilent) return [];
    return world.stored.filter((entry) => entry.module === 'abs').map((entry) => entry.text);
  }

  get log(): readonly LoggedMove[] {
    return this.ledger.log;
  }

  /**
   * Does one thing to the car.
   * @param action what. @returns what it showed. @throws RangeError for a check that the bench cannot make.
   */
  act(action: PracticeAction): Shown {
    const { ledger } = this;
    switch (action.do) {
      case 'read':
        ledger.read(action.modules);
        return { seen: [], result: null, vehicle: null };
      case 'repair': {
        const before = ledger.file.observations.length;
        const result = ledger.repair(action.repair, action.channel);
        const seen = ledger.file.observations.slice(before).map(({ id: _id, ...seen }) => seen as Seen);
        return { seen, result: result === 'fixed' ? 'fixed' : 'no-change', vehicle: null };
      }
      case 'check': {
        if (action.check === 'ask:sensor-type' || action.check === 'ask:specs') {
          ledger.learnFromManual(action.check);
          return { seen: [], result: null, vehicle: ledger.file.vehicle };
        }
        const seen = ledger.check(action.check, action.channel, action.manner, action.range);
        if (action.check !== 'ask:history' || seen.length > 0) return { seen, result: null, vehicle: null };
        ledger.record([NOTHING_KNOWN]);
        return { seen: [NOTHING_KNOWN], result: null, vehicle: null };
      }
      case 'count-flashes':
        ledger.check('code', null);
        return { seen: [], result: null, vehicle: null };
      case 'probe': {
        const corner = this.world.corner(action.channel);
        if (!corner) throw new RangeError(`the bench has no corner ${action.channel}`);
        const reading = ledger.watch(action.channel, PROBE_MINUTES, (chance) =>
          readFreely(action, corner, this.world.physical, this.world.meter, chance),
        );
        return { seen: [], result: null, vehicle: null, display: reading };
      }
      default:
        return action satisfies never;
    }
  }
}

/**
 * After how many answers the link of a practice's next reading is lost; null: it holds. Only the first link of some levels fails.
 * @example dropOf({ level: 'first', seed: 1, actions: [{ do: 'read', modules: 1 }] }) // => null
 */
export function dropOf({ level, actions }: Practice): number | null {
  return actions.some((action) => action.do === 'read') ? null : levelOf(level).dropAfter;
}

/**
 * The case file with which a practice begins: the car as its owner brings it, with its lamps.
 * @param practice level and seed. @returns the file; nothing in it tells the fault.
 * @example startingFile({ level: 'first', seed: 1, actions: [] }).observations.map(({ kind }) => kind) // => ["lamps"]
 */
export function startingFile(practice: Practice): CaseFile {
  const { file } = new PracticeSession({ ...practice, actions: [] }).ledger;
  return file;
}
