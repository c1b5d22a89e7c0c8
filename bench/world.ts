import { faultRow, type FaultId } from '../core/adviser/faults';
import type { Vehicle } from '../core/casefile/contract';
import type { Channel, LookPart, MeterPoint, Quantity } from '../core/casefile/words';
import { otherSide } from '../core/vehicle/channels';
import { BREAK_OHM, type Car, type Corner } from './car/corner';
import { signalOf } from './car/signal';
import { soundCorner } from './car/soundCar';
import { wheelKmh, type Motion } from './car/wheels';
import type { Chance } from './chance';
import { readMeter } from './meter';
import {
  codeOf,
  driveTest,
  electricalTest,
  keyOnTest,
  sharedCodes,
  supplyCodes,
  type Code,
  type Finding,
  type Seen,
  type Strategy,
} from './monitor';
import { isSound, repairCar } from './repair';

/** A car with a hidden fault, as drawn. */
export interface HiddenFault {
  readonly channel: Channel | null;
  readonly fault: FaultId;
}

/** A look goes wrong this often: something taken for damage, or damage overlooked. */
const LOOK_SLIP = 0.02;
const DRIVE_MINUTES = 12;
const PROVING_DRIVES = 12;

/** A car that is looked at, measured, driven and repaired: the stand-in for the real one. It has a life: memory, time, and what was done to it. */
export class World {
  private memory: Code[] = [];

  constructor(
    private car: Car,
    readonly faults: readonly HiddenFault[],
    readonly vehicle: Vehicle,
    readonly strategy: Strategy,
    private readonly history: readonly Seen[],
    private readonly chance: Chance,
  ) {
    this.drive();
    for (const one of faults)
      if (one.fault === 'stale-code' && one.channel)
        this.store(codeOf({ channel: one.channel, byte: chance.pick(['13', '1F', '31', '2F']) }, strategy, 'stored'));
  }

  get isCured(): boolean {
    return isSound(this.car) && this.memory.length === 0;
  }

  /** Whether nothing is physically wrong, whatever old codes say. */
  get isSound(): boolean {
    return isSound(this.car);
  }

  /** Whether the lamps stay out for good, as far as an owner can tell: nothing is found on so many drives more. */
  staysOut(drives = PROVING_DRIVES): boolean {
    const before = this.memory;
    let found = this.car.fluidIsLow;
    for (let drive = 0; drive < drives && !found; drive += 1) {
      this.memory = [];
      found = this.drive().length > 0 || this.memory.length > 0;
    }
    this.memory = before;
    return !found;
  }

  /** Whether its owner would have noticed: a lamp stayed on, or a code is stored. */
  get isNoticed(): boolean {
    return this.memory.length > 0 || this.car.fluidIsLow;
  }

  corner(channel: Channel | null): Corner | null {
    return this.car.corners.find((one) => one.channel === channel) ?? null;
  }

  /** What the manual prints for a sound coil, ohm. */
  get typicalCoilOhm(): number {
    const sound = this.car.corners.map((one) => one.sensor.coilOhm).filter((one) => one > 500 && one < 5000);
    return sound.sort((a, b) => a - b)[Math.floor(sound.length / 2)] ?? 1200;
  }

  /** A starved module answers nobody. */
  get isModuleSilent(): boolean {
    return this.car.feedDropVolt >= 5;
  }

  /** Erases what is stored; what is wrong comes back when it is tested again. */
  forget(): void {
    this.memory = [];
  }

  /** Live speed of a wheel spun by hand at one turn a second, km/h; null where the module has none. */
  speedOf(channel: Channel, spun: Channel | null = null): number | null {
    const corner = this.corner(channel);
    if (!corner) return null;
    if (spun !== channel) return 0;
    const kmh = 3.6 * corner.circumferenceM;
    const signal = signalOf(corner, this.car, this.chance);
    return signal.cutInKmh > kmh ? 0 : kmh * signal.ratio;
  }

  /** Live speed of a wheel on the road, km/h: in a bend the outer wheels really are faster; null where the module has none. */
  roadSpeedOf(channel: Channel, motion: Motion): number | null {
    const corner = this.corner(channel);
    if (!corner) return null;
    const own = channel === 'rear-axle' ? motion.kmh : wheelKmh(channel, motion);
    const signal = signalOf(corner, this.car, this.chance);
    return signal.cutInKmh > own ? 0 : own * signal.ratio;
  }

  private store(code: Code): void {
    this.memory = [...this.memory.filter((one) => one.code !== code.code), code];
  }

  private remember(findings: readonly Finding[], status: Code['status']): void {
    for (const one of findings) this.store(codeOf(one, this.strategy, status));
  }

  /** Key on: circuits are tested, what is found now is current. */
  private keyOn(): readonly Finding[] {
    this.memory = this.memory.map((one) => ({ ...one, status: 'stored' as const }));
    const found = keyOnTest(this.car, this.strategy, this.chance);
    this.remember(found, 'current');
    for (const one of supplyCodes(this.car, this.strategy, this.chance)) this.store(one);
    return found;
  }

  private drive(): readonly Finding[] {
    const atKeyOn = this.keyOn();
    const found = driveTest(this.car, this.strategy, this.chance);
    this.remember(
      found.filter((one) => !atKeyOn.some((each) => each.channel === one.channel)),
      'stored',
    );
    for (const one of sharedCodes(this.car, this.chance)) this.store(one);
    return [...atKeyOn, ...found];
  }

  /** How the lamps behave: what an owner can tell before anything is opened. */
  lamps(): Seen {
    const atKeyOn = keyOnTest(this.car, this.strategy, this.chance);
    const moving = driveTest(this.car, this.strategy, this.chance);
    const again = driveTest(this.car, this.strategy, this.chance);
    const shared = this.car.feedDropVolt > 2 || !this.car.brakeSwitchWorks || this.car.crankingVolt < 9.4;
    const red = this.car.fluidIsLow ? (['brake-red'] as const) : [];
    const many = this.car.crankingVolt < 9.4 && this.chance.hits(0.5) ? (['engine', 'airbag', 'service'] as const) : [];
    const isLit = atKeyOn.length + moving.length > 0 || shared || (this.car.fluidIsLow && this.chance.hits(0.4));
    const family = isLit ? (['abs', 'stability'] as const) : [];
    const pattern =
      atKeyOn.length > 0
        ? ('steady-from-key-on' as const)
        : moving.length > 0 && again.length > 0
          ? ('after-moving-off' as const)
          : ('intermittent' as const);
    const told = isLit && this.chance.hits(0.85) ? { pattern: [pattern] } : {};
    return { kind: 'lamps', lit: [...family, ...red, ...many], ...told };
  }

  /** Reading all modules. A starved module does not answer. */
  readCodes(): Seen[] {
    if (this.car.feedDropVolt >= 5) return [{ kind: 'no-answer', module: 'abs' }];
    this.keyOn();
    return this.memory.length > 0 ? [...this.memory] : [{ kind: 'no-code', module: 'abs' }];
  }

  /** Erase, key on, drive: what returns, and when. */
  erase(): Seen {
    const before = this.memory.map((one) => one.code);
    const plain = (code: string): string => code.slice(0, 5);
    this.memory = [];
    const listed = (codes: readonly string[]) => ({
      returned: before.filter((one) => codes.some((each) => plain(each) === plain(one))),
      stayed: before.filter((one) => !codes.some((each) => plain(each) === plain(one))),
    });
    this.keyOn();
    if (this.memory.length > 0)
      return {
        kind: 'clear',
        result: 'returned-at-key-on',
        method: 'reader',
        ...listed(this.memory.map((one) => one.code)),
      };
    this.drive();
    if (this.memory.length > 0)
      return {
        kind: 'clear',
        result: 'returned-when-moving',
        method: 'reader',
        ...listed(this.memory.map((one) => one.code)),
      };
    return { kind: 'clear', result: 'stayed-clear', method: 'reader', returned: [], stayed: before };
  }

  private look(part: LookPart, channel: Channel | null): Seen {
    const corner = this.corner(channel);
    const at = corner ? { channel: corner.channel } : {};
    const found = (finding: string): Seen => ({ kind: 'look', part, finding, ...at });
    const truth = this.visible(part, corner);
    if (truth !== 'sound') return found(this.chance.hits(LOOK_SLIP * 2) ? 'sound' : truth);
    const slip: Partial<Record<LookPart, string>> = {
      lead: 'unclipped',
      plug: 'wet',
      sensor: 'dirty',
      gap: 'corroded',
    };
    return found(this.chance.hits(LOOK_SLIP) ? (slip[part] ?? 'sound') : 'sound');
  }

  private visible(part: LookPart, corner: Corner | null): string {
    const { car } = this;
    switch (part) {
      case 'battery':
        return car.crankingVolt < 9.4 && this.chance.hits(0.2) ? 'corroded' : 'sound';
      case 'fuse':
        return car.feedDropVolt > 8 ? 'blown' : 'sound';
      case 'ground-point':
        return car.feedDropVolt > 2 && car.feedDropVolt <= 8 && this.chance.hits(0.6) ? 'corroded' : 'sound';
      case 'fluid':
        return car.fluidIsLow ? 'level-low' : 'sound';
      case 'brake-switch':
        return car.brakeSwitchWorks ? 'sound' : 'broken';
      case 'tyres':
        return car.corners.some((one) => Math.abs(one.circumferenceM / 1.95 - 1) > 0.04) ? 'mixed-sizes' : 'sound';
      case 'bearing':
        return (corner?.bearingPlayM ?? 0) > 0.0005 ? 'play' : 'sound';
      case 'gap':
        return corner?.gapLook ?? 'sound';
      case 'ring':
        return corner?.ring.look ?? 'sound';
      case 'sensor':
        return corner?.sensor.look ?? 'sound';
      case 'lead':
        return corner?.lead.look ?? 'sound';
      case 'plug':
        return corner?.plug.look ?? 'sound';
      case 'loom':
        return corner?.loom.look ?? 'sound';
      case 'module':
        return corner?.modulePlug.look ?? 'sound';
      default:
        return part satisfies never;
    }
  }

  /** Live speed of a corner as a low-cost reader shows it. */
  private live(corner: Corner, how: 'stationary' | 'hand-spin' | 'drive'): Seen {
    const base = { kind: 'live' as const, while: how, channel: corner.channel };
    if (how === 'stationary') {
      const stuck = corner.type === 'active' && Math.max(...corner.loom.ohm) > 1e6 && this.chance.hits(0.2);
      return { ...base, finding: stuck ? 'stuck-high' : 'zero' };
    }
    if (how === 'hand-spin' && corner.loom.crossedWith)
      return { ...base, finding: 'answers-as-other-channel', shownAs: corner.loom.crossedWith };
    const signal = signalOf(corner, this.car, this.chance);
    const shakies = [
      corner.sensor.shaky,
      corner.lead.shaky,
      corner.plug.shaky,
      corner.loom.shaky,
      corner.modulePlug.shaky,
    ];
    const drops = shakies.some(
      (one) => one !== null && this.chance.hits(how === 'drive' ? one.opensShaken : one.opensAtRest),
    );
    const limit = how === 'drive' ? 40 : 14;
    if (signal.cutInKmh > limit) return { ...base, finding: 'zero' };
    if (drops) return { ...base, finding: 'drops-out' };
    if (signal.dip > 0.3) return { ...base, finding: 'erratic', rhythm: 'once-per-turn' };
    if (signal.cutInKmh > 8) return { ...base, finding: 'cuts-in-late' };
    if (Math.abs(signal.ratio - 1) > 0.03 && (how === 'drive' || this.chance.hits(0.5)))
      return { ...base, finding: signal.ratio > 1 ? 'reads-fast' : 'reads-slow' };
    if (signal.direction === 'none') return { ...base, finding: 'no-direction' };
    return { ...base, finding: 'follows' };
  }

  /** The corner with another sensor and lead in it: held still and turned by hand, or driven. */
  private withAnotherSensor(corner: Corner, sensor: Corner, how: 'by-hand' | 'driven'): boolean {
    const changed = { ...corner, sensor: sensor.sensor, lead: sensor.lead };
    const car = { ...this.car, corners: [changed] };
    const strategy = { ...this.strategy, testsAtKeyOn: true };
    if (how === 'driven')
      return keyOnTest(car, strategy, this.chance).length + driveTest(car, strategy, this.chance).length === 0;
    const isQuiet = Array.from({ length: 3 }, () => keyOnTest(car, strategy, this.chance));
    const signal = signalOf(changed, car, this.chance);
    return (
      isQuiet.every((one) => one.length === 0) &&
      signal.cutInKmh < 15 &&
      signal.dip < 0.3 &&
      Math.abs(signal.ratio - 1) < 0.05
    );
  }

  private trial(kind: 'swap' | 'substitute' | 'unplug', corner: Corner): Seen {
    const { channel } = corner;
    const fresh = soundCorner(channel, corner.type, 1200, this.chance);
    if (kind === 'substitute')
      return {
        kind,
        channel,
        result: this.withAnotherSensor(corner, fresh, 'by-hand') ? 'signal-normal' : 'fault-stayed',
      };
    if (kind === 'unplug') {
      const unplugged = {
        ...corner,
        lead: fresh.lead,
        sensor: fresh.sensor,
        plug: { ...fresh.plug, ohm: [BREAK_OHM, BREAK_OHM] as const },
      };
      const before = electricalTest(corner, this.car, 'nothing', this.strategy, this.chance);
      const after = electricalTest(unplugged, this.car, 'nothing', this.strategy, this.chance);
      return { kind, channel, result: before !== null && before === after ? 'same-code' : 'different-code' };
    }
    const twin = otherSide(channel, this.vehicle.channels);
    const other = this.corner(twin);
    const result =
      other && this.withAnotherSensor(corner, other, 'driven')
        ? ('fault-followed' as const)
        : ('fault-stayed' as const);
    return { kind, channel, with: twin ?? channel, result, putBack: true };
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

  /**
   * Makes a check and tells what it shows.
   * @param check a name of the contract. @param channel its corner, null for the car. @param manner `wiggle` while flexing.
   * @returns observations without ids; none where the check has nothing to say (nothing worked on lately). @throws RangeError for a check that the bench can't make.
   */
  observe(check: string, channel: Channel | null, manner?: 'wiggle'): Seen[] {
    const [kind, point, quantity] = check.split(':') as [string, string | undefined, string | undefined];
    if (kind === 'code') return this.readCodes();
    if (kind === 'clear') return [this.erase()];
    if (kind === 'look') return [this.look(point as LookPart, channel)];
    if (check === 'ask:history') return [...this.history];
    const corner = this.corner(channel);
    if (kind === 'meter') {
      const how = manner ?? (quantity === 'ac-voltage' ? 'hand-spin' : 'still');
      const made = readMeter(corner, this.car, point as MeterPoint, quantity as Quantity, how, this.chance);
      return point === 'battery'
        ? [made, readMeter(null, this.car, 'battery', 'dc-voltage', 'cranking', this.chance)]
        : [made];
    }
    if (!corner) throw new RangeError(`the bench has no corner ${channel} for "${check}"`);
    if (kind === 'live' && point === 'hand-spin') return [this.live(corner, point)];
    if (kind === 'live') return this.car.corners.map((one) => this.live(one, point as 'stationary' | 'drive'));
    if (kind === 'swap' || kind === 'substitute' || kind === 'unplug') return [this.trial(kind, corner)];
    if (kind === 'distance') return [this.distance(point as 'air-gap' | 'ring-runout' | 'flange-void', corner)];
    throw new RangeError(`the bench can't make the check "${check}"`);
  }

  /** Repairs, then proves it: erase, key on, a drive of some minutes. */
  repair(
    repair: string,
    channel: Channel | null,
  ): { readonly result: 'fixed' | 'no-change'; readonly seen: Seen[]; readonly minutes: number } {
    this.car = repairCar(this.car, repair, channel, this.chance);
    const proof = this.erase();
    const stayed = proof.kind === 'clear' && proof.result === 'stayed-clear';
    const lasting = stayed && this.drive().length === 0 && this.memory.length === 0;
    return {
      result: lasting ? 'fixed' : 'no-change',
      seen: [proof, { kind: 'drive', result: lasting ? 'lamps-stayed-out' : 'lamps-came-back', distance: 8 }],
      minutes: DRIVE_MINUTES,
    };
  }

  /** The repairs that cure what was drawn, cause and consequence. */
  get rightRepairs(): readonly { readonly repair: string; readonly channel: Channel | null }[] {
    return this.faults.map((one) => ({
      repair: faultRow(one.fault).cures[0] ?? 'clear',
      channel: one.fault === 'stale-code' ? null : one.channel,
    }));
  }
}
