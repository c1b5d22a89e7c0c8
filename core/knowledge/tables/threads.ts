/** A metric thread, with the drills that save or renew it. Lengths in mm. */
export interface Thread {
  readonly name: string;
  readonly diameter: number;
  readonly pitch: number;
}

/** Threads of sensors, brackets, hubs and wheels (ISO 262; fine pitches as cars have them). */
export const THREADS: readonly Thread[] = [
  { name: 'M5 × 0.8', diameter: 5, pitch: 0.8 },
  { name: 'M6 × 1', diameter: 6, pitch: 1 },
  { name: 'M8 × 1.25', diameter: 8, pitch: 1.25 },
  { name: 'M10 × 1.5', diameter: 10, pitch: 1.5 },
  { name: 'M10 × 1.25', diameter: 10, pitch: 1.25 },
  { name: 'M12 × 1.75', diameter: 12, pitch: 1.75 },
  { name: 'M12 × 1.5', diameter: 12, pitch: 1.5 },
  { name: 'M12 × 1.25', diameter: 12, pitch: 1.25 },
  { name: 'M14 × 1.5', diameter: 14, pitch: 1.5 },
];

const tenths = (mm: number): number => Math.round(10 * mm) / 10;
const fifths = (mm: number): number => Math.round(20 * mm) / 20;

/** Drills for one thread, mm. */
export interface Drills {
  /** For what is left of a sheared bolt: the thread's own walls stay untouched. */
  readonly core: number;
  /** Before a tap of the thread's own size. */
  readonly tap: number;
  /** Before the tap of a wire thread insert. */
  readonly insert: number;
}

/**
 * Drill sizes from the thread's own geometry. The thread's core (ISO 68-1) is d − 1.0825 p; a sheared bolt is drilled a tenth of the
 * diameter smaller, so that a little beside the middle harms nothing. The tap's drill is d − p (ISO 2306). A wire insert's thread
 * has its core at d + 0.2165 p; the drill leaves a little room: d + 0.3 p.
 * @param thread metric, mm. @returns sizes in mm, as drills are sold: to 0.1, the tap's to 0.05.
 * @example drillsFor({ name: 'M6 × 1', diameter: 6, pitch: 1 }) // => {"core":4.3,"tap":5,"insert":6.3}
 */
export function drillsFor({ diameter, pitch }: Thread): Drills {
  return {
    core: Math.floor(10 * (diameter - 1.0825 * pitch - 0.1 * diameter)) / 10,
    tap: fifths(diameter - pitch),
    insert: tenths(diameter + 0.3 * pitch),
  };
}
