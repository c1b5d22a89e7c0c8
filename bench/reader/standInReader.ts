import { MODULES, type Link, type ModuleName, type Timer } from '../../core/diagnostics/link';
import { codeBytes, PENDING, SERVICE, WHEEL_SPEEDS } from '../../core/diagnostics/messages';
import type { Channel } from '../../core/casefile/words';
import type { Motion } from '../car/wheels';
import type { World } from '../world';

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

/** Status bytes of ISO 14229-1: failed now and confirmed; confirmed; pending. */
const STATUS: Readonly<Record<string, number>> = { current: 0x09, stored: 0x28, pending: 0x04, unknown: 0x40 };
const NO_SPEED = 0xffff;

function moduleAt(address: number): ModuleName | null {
  return (Object.keys(MODULES) as ModuleName[]).find((one) => MODULES[one] === address) ?? null;
}

const refuse = (service: number, code: number): Uint8Array => Uint8Array.of(SERVICE.negative, service, code);

/** The reader's side of ISO 14229 over a car of the bench. */
export class StandInReader {
  /** @param world the car. @param spun the wheel that is being spun by hand, if any. @param motion how the car is driven, if it is. */
  constructor(
    private readonly world: World,
    private readonly spun: Channel | null = null,
    private readonly motion: Motion | null = null,
  ) {}

  private codes(module: ModuleName, mask: number): Uint8Array {
    const records = this.world.readCodes().flatMap((one) => {
      const bytes = one.kind === 'code' && (one.module ?? 'abs') === module ? codeBytes(one.code) : null;
      const status = one.kind === 'code' ? (STATUS[one.status] ?? 0) : 0;
      return bytes && (status & mask) !== 0 ? [...bytes, status] : [];
    });
    return Uint8Array.of(SERVICE.readCodes + 0x40, 0x02, 0xff, ...records);
  }

  private speeds(): Uint8Array {
    const values = this.world.vehicle.channels.flatMap((channel) => {
      const { motion, world } = this;
      const kmh = motion ? world.roadSpeedOf(channel, motion) : world.speedOf(channel, this.spun);
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
    if (module === null || (module === 'abs' && this.world.isModuleSilent)) return null;
    switch (service) {
      case SERVICE.session:
        return second === 1 || second === 3
          ? Uint8Array.of(service + 0x40, second, 0, 0x32, 1, 0xf4)
          : refuse(service, 0x12);
      case SERVICE.testerPresent:
        return second === 0x80 ? null : Uint8Array.of(service + 0x40, second);
      case SERVICE.readCodes:
        if (message.length !== 3) return refuse(service, 0x13);
        return second === 0x02 ? this.codes(module, third) : refuse(service, 0x12);
      case SERVICE.clear:
        if (message.length !== 4) return refuse(service, 0x13);
        if (module === 'abs') this.world.forget();
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
        if (plan.dropAfter !== null && answers >= plan.dropAfter) return end('the plug slipped out');
        answers += 1;
        hear(module, answer);
      });
    },
    onMessage: (heard) => (hear = heard),
    onLost: (lost) => (lose = lost),
    close: () => end('closed'),
  };
}
