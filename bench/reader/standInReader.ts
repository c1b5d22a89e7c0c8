import { MODULES, READER, type Link, type ModuleName, type Timer } from '../../core/diagnostics/link';
import { codeBytes, PENDING, READER_WORDS, REPORT, SERVICE, WHEEL_SPEEDS } from '../../core/diagnostics/messages';
import type { Channel } from '../../core/casefile/words';
import type { Motion } from '../car/wheels';
import { statusByteOf, type Memory } from '../monitor/memory';
import type { World } from '../world';
import type { Course } from './course';
import { texts } from '#words/screens/practice';

/** What goes wrong with the reader, beside the car's own faults. */
export interface FaultPlan {
  /** Answers take this long, ms. */
  readonly latencyMs: number;
  /** So many "pending" answers come before a real one. */
  readonly pendings: number;
  /** The link is lost after so many answers; null: it holds. */
  readonly dropAfter: number | null;
  /** Modules that this reader cannot reach. */
  readonly unreachable: readonly ModuleName[];
}

export const GOOD_READER: FaultPlan = { latencyMs: 40, pendings: 0, dropAfter: null, unreachable: [] };

/** All status bits are kept. */
const STATUS_MASK = 0xff;
const RECORD = 0x01;
const CELSIUS_OFFSET = 40;
const NO_SPEED = 0xffff;

function moduleAt(address: number): ModuleName | null {
  return (Object.keys(MODULES) as ModuleName[]).find((word) => MODULES[word] === address) ?? null;
}

const ascii = (lines: readonly string[]): readonly number[] => [...lines.join('\n')].map((word) => word.charCodeAt(0));

const refuse = (service: number, code: number): Uint8Array => Uint8Array.of(SERVICE.negative, service, code);

/** The reader's side of ISO 14229 over a car of the bench. */
export class StandInReader {
  /** @param world the car. @param spun the wheel that is being spun by hand, if any. @param motion how the car is driven, if it is. @param course what goes on while the speeds are watched, if anything does. */
  constructor(
    private readonly world: World,
    private readonly spun: Channel | null = null,
    private readonly motion: Motion | null = null,
    private readonly course: Course | null = null,
  ) {}

  private lastRead: ModuleName = 'abs';

  private kept(module: ModuleName): Memory {
    return this.world.stored.filter((entry) => entry.module === module);
  }

  /** Codes of a module whose status meets the mask. Asking has the modules test themselves anew. */
  private codes(module: ModuleName, mask: number): Uint8Array {
    this.world.keyOn();
    this.lastRead = module;
    const records = this.kept(module).flatMap((entry) => {
      const bytes = codeBytes(entry.text);
      const status = statusByteOf(entry);
      return bytes && (status & mask) !== 0 ? [...bytes, status] : [];
    });
    return Uint8Array.of(SERVICE.readCodes + 0x40, REPORT.byStatus, STATUS_MASK, ...records);
  }

  /** What the module noted of one code: how often and when it came, or the circumstances. Makes that keep nothing refuse. */
  private noted(module: ModuleName, report: number, code: readonly number[]): Uint8Array {
    const entry = this.kept(module).find((entry) => codeBytes(entry.text)?.every((byte, at) => byte === code[at]));
    if (!this.world.strategy.dates) return refuse(SERVICE.readCodes, 0x12);
    if (!entry) return refuse(SERVICE.readCodes, 0x31);
    const head = [SERVICE.readCodes + 0x40, report, ...code, statusByteOf(entry), RECORD];
    const { kmh, volt, celsius, odometerKm } = entry.frame;
    if (report === REPORT.extended) {
      const [failed, clean] = [entry.failed, entry.clean].map((value) => Math.min(0xff, value)) as [number, number];
      return Uint8Array.of(
        ...head,
        failed,
        clean,
        (odometerKm >> 16) & 0xff,
        (odometerKm >> 8) & 0xff,
        odometerKm & 0xff,
      );
    }
    const speed = Math.round(kmh * 100);
    return Uint8Array.of(
      ...head,
      speed >> 8,
      speed & 0xff,
      Math.round(volt * 10),
      Math.round(celsius) + CELSIUS_OFFSET,
    );
  }

  private report(module: ModuleName, message: Uint8Array): Uint8Array {
    const [service = 0, report = 0, mask = 0] = message;
    switch (report) {
      case REPORT.count: {
        if (message.length !== 3) return refuse(service, 0x13);
        const count = (this.codes(module, mask).length - 3) / 4;
        return Uint8Array.of(service + 0x40, report, STATUS_MASK, 0x01, count >> 8, count & 0xff);
      }
      case REPORT.byStatus:
        return message.length === 3 ? this.codes(module, mask) : refuse(service, 0x13);
      case REPORT.snapshot:
      case REPORT.extended:
        return message.length === 6 ? this.noted(module, report, [...message.slice(2, 5)]) : refuse(service, 0x13);
      default:
        return refuse(service, 0x12);
    }
  }

  /** The reader's own words: wheels as it names them, and the wheel that each code of the last module read names; none where it has no words. */
  private words(message: Uint8Array): Uint8Array {
    const [service = 0, high = 0, low = 0] = message;
    if (service !== SERVICE.readData) return refuse(service, 0x11);
    const { names, vehicle } = this.world;
    const identifier = (high << 8) | low;
    const answer = (lines: readonly string[]): Uint8Array => Uint8Array.of(service + 0x40, high, low, ...ascii(lines));
    if (identifier === READER_WORDS.wheels) return answer(vehicle.channels);
    if (identifier !== READER_WORDS.codes || !names.hasWords) return refuse(service, 0x31);
    return answer(this.kept(this.lastRead).map((entry) => (entry.channel ? names.of(entry.channel) : '')));
  }

  private speeds(): Uint8Array {
    const watched = this.course?.speeds();
    const values = this.world.vehicle.channels.flatMap((channel, at) => {
      const { motion, world } = this;
      const still = motion ? world.roadSpeedOf(channel, motion) : world.speedOf(channel, this.spun);
      const kmh = watched ? (watched[at] ?? null) : still;
      const raw = kmh === null ? NO_SPEED : Math.min(NO_SPEED - 1, Math.round(kmh * 100));
      return [raw >> 8, raw & 0xff];
    });
    return Uint8Array.of(SERVICE.readData + 0x40, WHEEL_SPEEDS >> 8, WHEEL_SPEEDS & 0xff, ...values);
  }

  /**
   * Answers one request as a module would.
   * @param address of the module. @param message the request. @returns the answer; null where nobody is there or none is wanted.
   */
  answer(address: number, message: Uint8Array): Uint8Array | null {
    const module = moduleAt(address);
    const [service = 0, second = 0, third = 0] = message;
    if (address === READER) return this.words(message);
    if (module === null || (module === 'abs' && !this.world.answersReaders)) return null;
    switch (service) {
      case SERVICE.session:
        return second === 1 || second === 3
          ? Uint8Array.of(service + 0x40, second, 0, 0x32, 1, 0xf4)
          : refuse(service, 0x12);
      case SERVICE.testerPresent:
        return second === 0x80 ? null : Uint8Array.of(service + 0x40, second);
      case SERVICE.readCodes:
        return this.report(module, message);
      case SERVICE.clear:
        if (message.length !== 4) return refuse(service, 0x13);
        this.world.forget(module);
        return Uint8Array.of(service + 0x40);
      case SERVICE.readData:
        return module === 'abs' && second === WHEEL_SPEEDS >> 8 && third === (WHEEL_SPEEDS & 0xff)
          ? this.speeds()
          : refuse(service, 0x31);
      default:
        return refuse(service, 0x11);
    }
  }
}

/**
 * A link to the stand-in within this program: the same contract as over a socket.
 * @param reader the reader's side. @param timer time. @param plan what goes wrong. @returns the link.
 * @example Object.keys(linkTo(new StandInReader(worldWith('lead-open'), null, null, null), { now: () => 0, after: () => () => undefined })) // => ["send","onMessage","onLost","close"]
 */
export function linkTo(reader: StandInReader, timer: Timer, plan: FaultPlan = GOOD_READER): Link {
  let hear: (module: number, message: Uint8Array) => void = () => undefined;
  let lose: (why: string) => void = () => undefined;
  let [isLost, answers] = [false, 0];
  const end = (why: string): void => {
    if (isLost) return;
    isLost = true;
    lose(why);
  };
  return {
    send(module, message) {
      const name = moduleAt(module);
      if (isLost || (name && plan.unreachable.includes(name))) return;
      const answer = reader.answer(module, message);
      if (!answer) return;
      for (let at = 1; at <= plan.pendings; at += 1)
        timer.after(plan.latencyMs * at, () => isLost || hear(module, refuse(message[0] ?? 0, PENDING)));
      timer.after(plan.latencyMs * (plan.pendings + 1), () => {
        if (isLost) return;
        if (plan.dropAfter !== null && answers >= plan.dropAfter) return end(texts.thePlugSlippedOut);
        answers += 1;
        hear(module, answer);
      });
    },
    onMessage: (heard) => (hear = heard),
    onLost: (lost) => (lose = lost),
    close: () => end('closed'),
  };
}
