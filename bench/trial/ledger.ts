import { checkRecord } from '../../core/knowledge/checks/all';
import {
  curesFully,
  HOUR_VALUE,
  priceOf,
  repairRecord,
  VERIFY_MINUTES,
  WORKSHOP_MINUTES,
  workshopPrice,
} from '../../core/knowledge/repairs/all';
import { minutesToOpen, openingsFor, type Setup } from '../../core/knowledge/setups';
import { locatedWires } from '../../core/planning/seen';
import { checkMove, repairMove, type MoveRef } from '../../core/knowledge/moves';
import type { CaseFile, Repair } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { Chance } from '../chance';
import type { Seen } from '../monitor/codes';
import type { World } from '../world';
import { beforehand, writtenDown } from './beforehand';

/** How a job went, in the end. */
export interface Outcome {
  readonly repairedRightly: boolean;
  readonly cost: number;
  readonly minutes: number;
  readonly checks: number;
  readonly partsForNothing: number;
}

/** A move, or what is none of the contract: a drive, or probes put where they decide nothing. */
export type LoggedRef = MoveRef | { readonly is: 'drive' | 'probe'; readonly channel: Channel | null };

/** A move that was made, with what it cost: money and time together. */
export interface LoggedMove {
  readonly move: LoggedRef;
  readonly minutes: number;
  readonly cost: number;
}

interface Price {
  readonly minutes: number;
  readonly setups: readonly Setup[];
}

function priceOfCheck(check: string, manner?: 'wiggle'): Price {
  return checkRecord(check, manner) ?? { minutes: DRIVE_MINUTES, setups: [] };
}

function withTypes(file: CaseFile, world: World): CaseFile {
  const types = Object.fromEntries(
    file.vehicle.channels.map((channel) => [channel, world.corner(channel)?.type ?? 'passive']),
  );
  return { ...file, vehicle: { ...file.vehicle, sensorTypes: types } };
}

function withSpecs(file: CaseFile, world: World): CaseFile {
  const ohm = world.typicalCoilOhm;
  const sensorResistance = { min: Math.round(ohm * 0.85), max: Math.round(ohm * 1.15), at: 20 };
  return { ...file, vehicle: { ...file.vehicle, specs: { ...file.vehicle.specs, sensorResistance } } };
}

/** A short loop. */
const DRIVE_MINUTES = 12;
/** Parts dearer than this, fitted without need, are parts bought for nothing. */
const A_PART = 10;

/** One car in one policy's hands: the file it keeps, the clock and the money. The prices are the adviser's own, for all policies alike. */
export class Ledger {
  file: CaseFile;
  minutes = 0;
  money = 0;
  checks = 0;
  partsForNothing = 0;
  readonly log: LoggedMove[] = [];
  private open = new Set<string>();
  private bought: string | null = null;
  private count = 0;

  private readonly pen: Chance;

  constructor(readonly world: World) {
    this.file = { format: 'zelf-case', version: 1, vehicle: world.vehicle, observations: [], repairs: [] };
    this.pen = world.chanceOf('pen');
    this.record([world.lamps()]);
    beforehand(this, world.chanceOf('beforehand'));
  }

  get cost(): number {
    return this.money + (HOUR_VALUE * this.minutes) / 60;
  }

  private id(): string {
    this.count += 1;
    return `o${this.count}`;
  }

  record(seen: readonly Seen[]): void {
    const made = writtenDown(seen, this.pen).map((seen) => ({ ...seen, id: this.id() }));
    this.file = { ...this.file, observations: [...this.file.observations, ...made] };
  }

  /** What was seen since the last repair. */
  private get stage(): CaseFile['observations'] {
    const after = this.file.repairs?.at(-1)?.after ?? null;
    return this.file.observations.slice(this.file.observations.findIndex((seen) => seen.id === after) + 1);
  }

  private spend(price: Price, channel: Channel | null): void {
    const openings = openingsFor(price.setups, this.file, channel);
    this.minutes += price.minutes + minutesToOpen(openings, this.open, this.file);
    openings.forEach((opening) => this.open.add(opening.key));
  }

  /** Writes a move into the log with what it has cost since. */
  private logged<T>(move: LoggedRef, make: () => T): T {
    const [minutes, cost] = [this.minutes, this.cost];
    const made = make();
    this.log.push({ move, minutes: this.minutes - minutes, cost: this.cost - cost });
    return made;
  }

  /** Reads codes with a reader that asks so many modules, each of which has the module test itself anew. */
  read(modules: number): void {
    this.logged({ is: 'check', check: 'code', channel: null }, () => {
      this.spend(priceOfCheck('code'), null);
      this.checks += 1;
      this.record(this.world.readByReader(modules));
    });
  }

  /** Makes a check, pays for it, writes down what it showed. */
  check(check: string, channel: Channel | null, manner?: 'wiggle', range?: number): readonly Seen[] {
    const move = checkMove(check, channel, manner) ?? { is: 'drive', channel };
    return this.logged(move, () => this.made(check, channel, manner, range));
  }

  /** Something looked at that is no check of the contract: it takes time, and nothing is written down of it. */
  watch<T>(channel: Channel | null, minutes: number, look: (chance: Chance) => T): T {
    return this.logged({ is: 'probe', channel }, () => {
      this.spend({ minutes, setups: ['plug-apart'] }, channel);
      return look(this.world.chanceOf(`probe ${this.log.length}`));
    });
  }

  private made(check: string, channel: Channel | null, manner?: 'wiggle', range?: number): readonly Seen[] {
    this.spend(priceOfCheck(check, manner), channel);
    this.checks += 1;
    if (check === 'substitute' && !this.bought) {
      this.bought = `${channel}`;
      this.money += this.priceOf('replaced:sensor');
    }
    const seen = this.world.observe(check, channel, manner, range);
    this.record(seen);
    return seen;
  }

  /** Learns something from the manual: no observation, but time. */
  learnFromManual(check: 'ask:sensor-type' | 'ask:specs'): void {
    this.logged({ is: 'check', check, channel: null }, () => {
      this.spend(priceOfCheck(check), null);
      this.checks += 1;
      this.file = check === 'ask:specs' ? withSpecs(this.file, this.world) : withTypes(this.file, this.world);
    });
  }

  private priceOf(repair: string): number {
    const record = repairRecord(repair);
    return record ? (record.workshop ? workshopPrice(this.file) : priceOf(record, this.file)) : 0;
  }

  /** Whether a repair is one that a fault still on the car asks for. */
  private isCalledFor(repair: string, channel: Channel | null): boolean {
    return this.world.faults.some(
      (fault) => (fault.channel === channel || fault.channel === null) && curesFully(repair, fault.fault),
    );
  }

  /** Makes a repair, pays for it, proves it, writes it down. */
  repair(repair: string, channel: Channel | null): Repair['result'] {
    const move = repairMove(repair, channel);
    if (!move) throw new RangeError(`the bench knows no repair "${repair}"`);
    return this.logged(move, () => this.repaired(repair, channel));
  }

  private repaired(repair: string, channel: Channel | null): Repair['result'] {
    const record = repairRecord(repair);
    const isFound = record?.locating && locatedWires(this.stage).has(`${record.locating.look}@${channel ?? ''}`);
    const minutes = (record?.minutes ?? 30) - (isFound ? (record?.locating?.minutes ?? 0) : 0);
    this.spend({ minutes: minutes + VERIFY_MINUTES, setups: record?.setups ?? [] }, channel);
    const price = this.priceOf(repair);
    const isBought = repair === 'replaced:sensor' && this.bought === `${channel}`;
    this.money += isBought ? 0 : price;
    if (isBought) this.bought = null;
    if (record?.action === 'replaced' && price >= A_PART && !this.isCalledFor(repair, channel))
      this.partsForNothing += 1;
    this.open = new Set();
    return this.recordRepair(repair, channel, true);
  }

  /** Writes a repair down, with what its proof showed; where nobody proved it, only that it was made. */
  recordRepair(repair: string, channel: Channel | null, isProved: boolean): Repair['result'] {
    const move = repairMove(repair, channel);
    if (!move) throw new RangeError(`the bench knows no repair "${repair}"`);
    const { action, segment } = move;
    const after = this.file.observations.at(-1)?.id ?? null;
    const proof = isProved ? this.world.repair(repair, channel) : null;
    if (!proof) this.world.mend(repair, channel);
    const result = proof?.result ?? 'unknown';
    const made: Repair = { id: `r${this.count}`, action, segment, channel, result, after };
    this.file = { ...this.file, repairs: [...(this.file.repairs ?? []), made] };
    this.record(proof?.seen ?? []);
    return result;
  }

  /** Hands the car over: the workshop's price, and the owner's time for it. */
  toWorkshop(): void {
    this.money += workshopPrice(this.file);
    this.minutes += WORKSHOP_MINUTES;
  }

  /** The end: a car whose lamps would come back goes to a workshop, unless handing it over was right, which is paid too. */
  close(isRightStop: boolean): Outcome {
    const sound = this.world.isSound || this.world.staysOut();
    if (!sound) this.toWorkshop();
    if (this.bought) this.partsForNothing += 1;
    return {
      repairedRightly: sound || isRightStop,
      cost: this.cost,
      minutes: this.minutes,
      checks: this.checks,
      partsForNothing: this.partsForNothing,
    };
  }
}
