import type { Channel } from '../../core/casefile/words';
import { AT_REST, type Moment } from '../car/corner';
import type { Motion } from '../car/wheels';
import type { World } from '../world';

/** What is being done to the car while its speeds are watched: a loop of two minutes, a wheel spun by hand, or one turned while wires are flexed. */
export const COURSES = ['drive', 'spin', 'wiggle'] as const;
export type CourseName = (typeof COURSES)[number];

/** A stretch of the loop. */
interface Stretch {
  readonly until: number;
  readonly kmh: readonly [from: number, to: number];
  readonly steer: number;
  readonly isRough: boolean;
}

const LOOP: readonly Stretch[] = [
  { until: 4, kmh: [0, 0], steer: 0, isRough: false },
  { until: 16, kmh: [0, 32], steer: 0, isRough: false },
  { until: 26, kmh: [32, 30], steer: 0, isRough: false },
  { until: 34, kmh: [30, 28], steer: 0.09, isRough: false },
  { until: 46, kmh: [28, 36], steer: 0, isRough: false },
  { until: 52, kmh: [36, 34], steer: 0, isRough: true },
  { until: 60, kmh: [34, 0], steer: 0, isRough: false },
  { until: 64, kmh: [0, 0], steer: 0, isRough: false },
  { until: 80, kmh: [0, 52], steer: 0, isRough: false },
  { until: 94, kmh: [52, 50], steer: 0, isRough: false },
  { until: 102, kmh: [50, 26], steer: 0, isRough: false },
  { until: 110, kmh: [26, 26], steer: -0.09, isRough: false },
  { until: 120, kmh: [26, 0], steer: 0, isRough: false },
];

/**
 * Where the car is on its loop. @param second since it set off, 0 or more.
 * @example loopAt(0) // => {"motion":{"kmh":0,"steer":0},"isRough":false}
 */
export function loopAt(second: number): { readonly motion: Motion; readonly isRough: boolean } {
  const round = LOOP.at(-1)?.until ?? 1;
  const now = second % round;
  const at = LOOP.findIndex(({ until }) => now < until);
  const { until, kmh, steer, isRough } = LOOP[at] as Stretch;
  const from = LOOP[at - 1]?.until ?? 0;
  const share = (now - from) / (until - from);
  return { motion: { kmh: kmh[0] + share * (kmh[1] - kmh[0]), steer }, isRough };
}

/** Hands push a wheel now and then: so fast after a push, and so much of it lost a second. */
const PUSHED_KMH = 7.5;
const PUSH_SECONDS = 4;
const FADES = 0.45;
const spunAt = (second: number): number => PUSHED_KMH * Math.exp(-FADES * (second % PUSH_SECONDS));

/** A helper turns the wheel steadily while one place after another is flexed, so long each. */
const TURNED_KMH = 6;
const FLEXED_SECONDS = 5;
const FLEXED: readonly Moment['moved'][] = ['nothing', 'lead', 'nothing', 'loom'];
const flexedAt = (second: number): Moment['moved'] =>
  FLEXED[Math.floor(second / FLEXED_SECONDS) % FLEXED.length] ?? 'nothing';

/** The speeds that the module tells while something goes on. */
export class Course {
  private last: number | null = null;
  private readonly turns = new Map<Channel, number>();

  /** @param world the car. @param name what goes on. @param spun the wheel that hands turn. @param now milliseconds that only grow. */
  constructor(
    private readonly world: World,
    private readonly name: CourseName,
    private readonly spun: Channel | null,
    private readonly now: () => number,
  ) {}

  private begun: number | null = null;

  /** Speeds by the names of the module's channels, km/h; null where it has none. */
  speeds(): readonly (number | null)[] {
    const now = this.now() / 1000;
    this.begun ??= now;
    const second = now - this.begun;
    const step = this.last === null ? 0 : now - this.last;
    this.last = now;
    return this.world.vehicle.channels.map((name) => this.speedOf(name, second, step));
  }

  private speedOf(name: Channel, second: number, step: number): number | null {
    const turn = this.turns.get(name) ?? 0;
    const { motion, moment } = this.atWheel(name, second);
    const shown = this.world.rollingSpeedOf(name, motion, moment, turn);
    if (shown) this.turns.set(name, turn + (shown.own / 3.6 / shown.circumferenceM) * step);
    return shown && shown.kmh;
  }

  private atWheel(name: Channel, second: number): { readonly motion: Motion; readonly moment: Moment } {
    if (this.name === 'drive') {
      const { motion, isRough } = loopAt(second);
      return { motion, moment: { ...AT_REST, moved: isRough ? 'all' : 'nothing', isSteered: motion.steer !== 0 } };
    }
    const isTurned = this.world.hearsAs(name) === this.spun;
    if (this.name === 'spin') return { motion: { kmh: isTurned ? spunAt(second) : 0, steer: 0 }, moment: AT_REST };
    return { motion: { kmh: isTurned ? TURNED_KMH : 0, steer: 0 }, moment: { ...AT_REST, moved: flexedAt(second) } };
  }
}
