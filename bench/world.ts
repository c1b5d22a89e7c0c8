import type { FaultId } from '../core/knowledge/faults';
import { repairsFor } from '../core/knowledge/repairs/all';
import type { Vehicle } from '../core/casefile/contract';
import { checkRecord } from '../core/knowledge/checks/all';
import type { Channel, MeterPoint, Quantity } from '../core/casefile/words';
import { otherSide } from '../core/vehicle/channels';
import { AT_REST, typicalCoilOhm, type Car, type Corner, type Moment } from './car/corner';
import { signalOf } from './car/signal';
import { wheelKmh, type Motion } from './car/wheels';
import type { Chance } from './chance';
import { liveLook } from './liveView';
import { lookAt } from './looks';
import type { MeterKind } from './meter/kinds';
import { readMeter } from './meter/readMeter';
import { lampsSeen } from './monitor/lamps';
import { observed, type Seen } from './monitor/codes';
import type { Trip } from './monitor/drive';
import { isLampLit, type Memory } from './monitor/memory';
import { keyOn, onTheRoad, WET_SHARE } from './monitor/monitor';
import type { Strategy } from './monitor/strategy';
import { tryPart } from './partTrials';
import type { ReaderNames } from './reader/names';
import { isSound, repairCar } from './repair';

/** A fault that is hidden in a car. */
export interface HiddenFault {
  readonly channel: Channel | null;
  readonly fault: FaultId;
}

/** A car as it stands before somebody begins, as plain data: nothing in it changes. */
export interface Made {
  readonly car: Car;
  readonly faults: readonly HiddenFault[];
  readonly vehicle: Vehicle;
  readonly strategy: Strategy;
  readonly meter: MeterKind;
  /** How the owner's reader names wheels, and whether it has words for codes. */
  readonly names: ReaderNames;
  readonly history: readonly Seen[];
  /** What its module has kept, and the last drives before anybody looked. */
  readonly memory: Memory;
  readonly trips: readonly Trip[];
  readonly odometerKm: number;
}

const DRIVE_MINUTES = 12;
const PROVING_DRIVES = 12;
const DRIVE_KM = 8;
/** Share of a turn in which a bad place passes, and how many of its pulses are lost where the field is gone (generic). */
const BAD_SHARE = 0.12;
const PULSES_LOST = 0.6;

/** A car that is looked at, measured, driven and repaired: the stand-in for the real one. It has a life: memory, time, and what was done to it. */
export class World {
  private car: Car;
  private memory: Memory;
  private odometerKm: number;
  readonly faults: readonly HiddenFault[];
  readonly vehicle: Vehicle;
  readonly strategy: Strategy;
  readonly names: ReaderNames;
  readonly meter: MeterKind;

  /** @param made the car. @param chance draws all that happens to it from now on. */
  constructor(
    private readonly made: Made,
    private readonly chance: Chance,
  ) {
    this.car = made.car;
    this.memory = made.memory;
    this.odometerKm = made.odometerKm;
    this.faults = made.faults;
    this.vehicle = made.vehicle;
    this.strategy = made.strategy;
    this.names = made.names;
    this.meter = made.meter;
  }

  /** Whether nothing is physically wrong, whatever old codes say. */
  get isSound(): boolean {
    return isSound(this.car);
  }

  /** Whether its owner would have noticed: a lamp stayed on, or a code is stored. */
  get isNoticed(): boolean {
    return this.memory.length > 0 || this.car.fluidIsLow;
  }

  /** Whether the brake module's lamp is lit. */
  get isLampLit(): boolean {
    return isLampLit(this.memory, this.strategy) || this.isModuleSilent;
  }

  /** Whether the lamps stay out for good, as far as an owner can tell: nothing is found on so many drives more, in any weather. */
  staysOut(drives = PROVING_DRIVES): boolean {
    const { memory, odometerKm } = this;
    let isFound = this.car.fluidIsLow;
    for (let drive = 0; drive < drives && !isFound; drive += 1) {
      this.memory = [];
      isFound = this.drive() || this.memory.length > 0;
    }
    [this.memory, this.odometerKm] = [memory, odometerKm];
    return !isFound;
  }

  corner(channel: Channel | null): Corner | null {
    return this.car.corners.find((corner) => corner.channel === channel) ?? null;
  }

  /** What the manual prints for a sound coil, ohm. */
  get typicalCoilOhm(): number {
    return typicalCoilOhm(this.car);
  }

  /** The car as it is now, for probes that are put where no check of the contract puts them. */
  get physical(): Car {
    return this.car;
  }

  /** Draws for something that happens to it under a name, without moving on its life. */
  chanceOf(name: string): Chance {
    return this.chance.branch(name);
  }

  /** A starved module answers nobody. */
  get isModuleSilent(): boolean {
    return this.car.feedDropVolt >= 5;
  }

  /** Whether a reader reaches the brake module: it is fed, and not one that only flashes. */
  get answersReaders(): boolean {
    return !this.isModuleSilent && this.strategy.speaks === 'to-readers';
  }

  /** What the modules have kept, for the reader's side. */
  get stored(): Memory {
    return this.memory;
  }

  /** Erases what a module has stored, or all have; what is wrong comes back when it is tested again. */
  forget(module?: string): void {
    this.memory = module === undefined ? [] : this.memory.filter((entry) => entry.module !== module);
  }

  /** The corner whose sensor a channel of the module really hears: another where a mend has crossed the wires. */
  private heardAt(channel: Channel): Corner | null {
    const own = this.corner(channel);
    return own?.loom.crossedWith ? this.corner(own.loom.crossedWith) : own;
  }

  /** What the reader shows beside a wheel's name while another wheel, or that one, is spun by hand at one turn a second: km/h; null where the module has none. */
  speedOf(name: Channel, spun: Channel | null = null): number | null {
    const corner = this.heardAt(this.names.of(name));
    if (!corner) return null;
    if (spun !== corner.channel) return 0;
    const kmh = 3.6 * corner.circumferenceM;
    const signal = signalOf(corner, this.car, this.chance);
    return signal.cutInKmh > kmh ? 0 : kmh * signal.ratio;
  }

  /** The same on the road: in a bend the outer wheels really are faster. */
  roadSpeedOf(name: Channel, motion: Motion): number | null {
    const corner = this.heardAt(this.names.of(name));
    if (!corner) return null;
    const own = corner.channel === 'rear-axle' ? motion.kmh : wheelKmh(corner.channel, motion);
    const moment = { ...AT_REST, moved: 'all' as const, isSteered: motion.steer !== 0 };
    const signal = signalOf(corner, this.car, this.chance, moment);
    return signal.cutInKmh > own ? 0 : own * signal.ratio;
  }

  /** The wheel that the module really hears under a name; null where it hears none. */
  hearsAs(name: Channel): Channel | null {
    return this.heardAt(this.names.of(name))?.channel ?? null;
  }

  /**
   * What the module tells of a wheel at one moment of its turning: a bad place of the ring costs it pulses once a turn.
   * @param turn of the wheel so far. @returns what is shown and what is true, km/h, and the way of a turn; null where the module has no such wheel.
   */
  rollingSpeedOf(
    name: Channel,
    motion: Motion,
    moment: Moment,
    turn: number,
  ): { readonly kmh: number; readonly own: number; readonly circumferenceM: number } | null {
    const corner = this.heardAt(this.names.of(name));
    if (!corner) return null;
    const own = corner.channel === 'rear-axle' ? motion.kmh : wheelKmh(corner.channel, motion);
    const { cutInKmh, ratio, dip } = signalOf(corner, this.car, this.chance, moment);
    const lost = turn % 1 < BAD_SHARE ? dip * PULSES_LOST : 0;
    const kmh = cutInKmh > own ? 0 : own * ratio * (1 - lost);
    return { kmh, own, circumferenceM: corner.circumferenceM };
  }

  /** Key off and on, and the self-test. Gives whether anything was found. */
  keyOn(): boolean {
    const { found, memory } = keyOn(this.car, this.memory, this.strategy, this.odometerKm, this.chance);
    this.memory = memory;
    return found;
  }

  /** Key on, then a drive. Gives whether anything was found. */
  private drive(): boolean {
    const isWet = this.chance.hits(WET_SHARE);
    this.odometerKm += DRIVE_KM;
    const { trip, memory } = onTheRoad(this.car, this.memory, this.strategy, this.odometerKm, isWet, this.chance);
    this.memory = memory;
    return trip.atKeyOn.length + trip.moving.length > 0;
  }

  /** How the lamps behave: what an owner can tell before anything is opened. */
  lamps(): Seen {
    return lampsSeen(this.car, this.memory, this.made.trips, this.strategy, this.chance);
  }

  /** Reading all modules, or counting the lamp's flashes. A starved module does not answer. */
  readCodes(): Seen[] {
    this.keyOn();
    const codes = this.memory
      .filter((entry) => entry.module !== 'abs' || !this.isModuleSilent)
      .map((entry) => this.names.printed(observed(entry, this.strategy), entry.channel));
    if (!this.answersReaders) return [{ kind: 'no-answer', module: 'abs' }, ...codes];
    return codes.length > 0 ? codes : [{ kind: 'no-code', module: 'abs' }];
  }

  /** What a diagnostic reader shows after asking so many modules, each of which has the brake module test itself anew. */
  readByReader(modules: number): Seen[] {
    for (let asked = 1; asked < modules; asked += 1) this.keyOn();
    const seen = this.readCodes();
    const isFlashed = (seen: Seen): boolean => seen.kind === 'code' && seen.module === 'abs';
    return this.answersReaders ? seen : seen.filter((seen) => !isFlashed(seen));
  }

  /** Erase, key on, drive: what returns, and when. */
  erase(): Seen {
    const before = [...new Set(this.memory.map((entry) => entry.text))];
    const plain = (code: string): string => code.slice(0, 5);
    this.memory = [];
    const seen = (result: 'returned-at-key-on' | 'returned-when-moving' | 'stayed-clear'): Seen => {
      const isBack = (code: string): boolean => this.memory.some((entry) => plain(entry.text) === plain(code));
      const method = this.strategy.speaks === 'by-lamp' ? 'key-cycles' : 'reader';
      return {
        kind: 'clear',
        result,
        method,
        returned: before.filter(isBack),
        stayed: before.filter((word) => !isBack(word)),
      };
    };
    this.keyOn();
    if (this.memory.length > 0) return seen('returned-at-key-on');
    this.drive();
    return seen(this.memory.length > 0 ? 'returned-when-moving' : 'stayed-clear');
  }

  /** A drive without an erase before it: whether the lamps are out afterwards. */
  private takeOut(): Seen {
    const wasLit = this.isLampLit;
    this.drive();
    this.keyOn();
    const result = this.isLampLit ? 'lamps-came-back' : wasLit ? 'lamps-went-out' : 'lamps-stayed-out';
    return { kind: 'drive', result, distance: DRIVE_KM };
  }

  /** Live speed of a corner as a low-cost reader shows it, under the name that it gives the wheel. */
  private live(corner: Corner, how: 'stationary' | 'hand-spin' | 'drive'): Seen {
    const base = { kind: 'live' as const, while: how };
    const answering = how === 'hand-spin' ? (corner.loom.crossedWith ?? corner.channel) : corner.channel;
    const shown = this.names.of(answering);
    if (how === 'hand-spin' && shown !== corner.channel)
      return { ...base, channel: corner.channel, finding: 'answers-as-other-channel', shownAs: shown };
    const isWet = how === 'drive' && this.chance.hits(WET_SHARE);
    return { ...base, channel: shown, shownAs: shown, ...liveLook(corner, this.car, how, isWet, this.chance) };
  }

  private distance(point: 'air-gap' | 'ring-runout' | 'flange-void', corner: Corner): Seen {
    const truth = {
      'air-gap': corner.gapM,
      'ring-runout': corner.ring.runoutM + corner.bearingPlayM / 2,
      'flange-void': corner.flangeVoidM,
    };
    const value = Math.max(0, truth[point] + 0.00004 * this.chance.gaussian());
    return { kind: 'distance', channel: corner.channel, point, value: Math.round(value * 20_000) / 20_000 };
  }

  private measure(
    point: MeterPoint,
    quantity: Quantity,
    corner: Corner | null,
    manner?: 'wiggle',
    range?: number,
  ): Seen[] {
    const how = manner ?? (quantity === 'ac-voltage' ? 'hand-spin' : 'still');
    const read = (while_: typeof how | 'cranking'): Seen =>
      readMeter(corner, this.car, point, quantity, while_, this.chance, {
        ...this.meter,
        ...(range ? { setTo: range } : {}),
      });
    return point === 'battery' ? [read(how), read('cranking')] : [read(how)];
  }

  private tryPart(kind: 'swap' | 'substitute' | 'unplug', corner: Corner): Seen {
    const twin = this.corner(otherSide(corner.channel, this.vehicle.channels));
    return tryPart(kind, corner, twin, this.car, this.strategy, this.chance);
  }

  /**
   * Makes a check and tells what it shows.
   * @param check a name of the contract, or `drive`. @param channel its corner, null for the car. @param manner `wiggle` while flexing. @param range full scale, where it was set by hand.
   * @returns observations without ids; none where the check has nothing to say (nothing worked on lately). @throws RangeError for a check that the bench can't make.
   */
  observe(check: string, channel: Channel | null, manner?: 'wiggle', range?: number): Seen[] {
    const corner = this.corner(channel);
    if (check === 'code') return this.readCodes();
    if (check === 'clear') return [this.erase()];
    if (check === 'drive') return [this.takeOut()];
    if (check === 'ask:history') return [...this.made.history];
    const answer = checkRecord(check)?.answer;
    if (answer?.is === 'look') return lookAt(answer.part, this.car, corner, this.chance);
    if (answer?.is === 'meter') return this.measure(answer.point, answer.quantity, corner, manner, range);
    if (!corner) throw new RangeError(`the bench has no corner ${channel} for "${check}"`);
    switch (answer?.is) {
      case 'live':
        if (!this.answersReaders) return [{ kind: 'no-answer', module: 'abs' }];
        if (answer.while === 'hand-spin') return [this.live(corner, answer.while)];
        return this.car.corners.map((other) => this.live(other, answer.while));
      case 'choice':
        return [this.tryPart(answer.kind, corner)];
      case 'distance':
        return [this.distance(answer.point, corner)];
      default:
        throw new RangeError(`the bench can't make the check "${check}"`);
    }
  }

  /** Repairs, and looks no further. */
  mend(repair: string, channel: Channel | null): void {
    this.car = repairCar(this.car, repair, channel, this.chance);
  }

  /** Repairs, then proves it: erase, key on, two drives of some minutes. */
  repair(
    repair: string,
    channel: Channel | null,
  ): { readonly result: 'fixed' | 'no-change'; readonly seen: Seen[]; readonly minutes: number } {
    this.mend(repair, channel);
    const proof = this.erase();
    const stayed = proof.kind === 'clear' && proof.result === 'stayed-clear';
    const isLasting = stayed && !this.drive() && this.memory.length === 0;
    return {
      result: isLasting ? 'fixed' : 'no-change',
      seen: [proof, { kind: 'drive', result: isLasting ? 'lamps-stayed-out' : 'lamps-came-back', distance: DRIVE_KM }],
      minutes: DRIVE_MINUTES,
    };
  }

  /** The repairs that cure what was drawn, cause and consequence. */
  get rightRepairs(): readonly { readonly repair: string; readonly channel: Channel | null }[] {
    return this.faults.map((fault) => ({
      repair: repairsFor(fault.fault)[0]?.repair ?? 'clear',
      channel: fault.fault === 'stale-code' ? null : fault.channel,
    }));
  }
}
