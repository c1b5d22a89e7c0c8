import { texts } from '#words/knowledge/faults';
import type { RepairSegment } from '../casefile/words';

/** What a fault does to the signal: the trait that checks which know no part go by. */
type Nature = 'hard' | 'contact' | 'intermittent' | 'signal' | 'dead' | 'beside' | 'history';

/** A fault in one record; the repairs that cure it name it (`repairs/`), and tables say what each check shows of it. */
export interface FaultRow {
  readonly id: string;
  readonly segment: RepairSegment;
  readonly nature: Nature;
  /** How often it is the cause, per thousand single faults at a corner, by sensor type; 0 means it cannot be (trade experience). */
  readonly often: { readonly passive: number; readonly active: number };
  /** What it is called, in lower case. */
  readonly name: string;
  readonly why: string;
}

const row = <const R extends FaultRow>(record: R): R => record;

/** The faults that a channel can have. Ids are part of the contract. */
export const CHANNEL_FAULTS = [
  row({
    id: 'ring-damaged',
    segment: 'ring',
    nature: 'signal',
    often: { passive: 55, active: 25 },
    name: texts.ringCrackedOrMissing,
    why: 'iron rings rust and crack; an encoder in a seal is better kept',
  }),
  row({
    id: 'ring-swollen',
    segment: 'ring',
    nature: 'signal',
    often: { passive: 50, active: 2 },
    name: texts.ringSwollenWithRust,
    why: 'rust under a pressed iron ring lifts it until it touches',
  }),
  row({
    id: 'ring-wrong',
    segment: 'ring',
    nature: 'dead',
    often: { passive: 10, active: 25 },
    name: texts.wrongOrReversedRing,
    why: 'comes with other work: encoder bearing the wrong way round, wrong count, none',
  }),
  row({
    id: 'ring-debris',
    segment: 'ring',
    nature: 'signal',
    often: { passive: 25, active: 40 },
    name: texts.debrisOnTheRing,
    why: 'metal fuzz on a magnetic encoder, mud between teeth',
  }),
  row({
    id: 'gap-wide',
    segment: 'gap',
    nature: 'signal',
    often: { passive: 60, active: 40 },
    name: texts.gapTooWide,
    why: 'rust under the flange lifts the sensor',
  }),
  row({
    id: 'bearing-play',
    segment: 'gap',
    nature: 'signal',
    often: { passive: 25, active: 25 },
    name: texts.playInTheWheel,
    why: 'a worn bearing lets the gap change with every turn',
  }),
  row({
    id: 'sensor-open',
    segment: 'sensor',
    nature: 'hard',
    often: { passive: 105, active: 25 },
    name: texts.sensorCoilOpen,
    why: 'coils break inside with age and water',
  }),
  row({
    id: 'sensor-short',
    segment: 'sensor',
    nature: 'hard',
    often: { passive: 55, active: 25 },
    name: texts.sensorShortedOrLeaking,
    why: 'water inside bridges turns or leaks to the body',
  }),
  row({
    id: 'sensor-weak',
    segment: 'sensor',
    nature: 'signal',
    often: { passive: 35, active: 25 },
    name: texts.sensorWeak,
    why: 'magnets weaken; thresholds drift',
  }),
  row({
    id: 'sensor-damaged',
    segment: 'sensor',
    nature: 'signal',
    often: { passive: 40, active: 35 },
    name: texts.sensorTipDamaged,
    why: 'tip worn or scored, body cracked',
  }),
  row({
    id: 'sensor-intermittent',
    segment: 'sensor',
    nature: 'intermittent',
    often: { passive: 40, active: 40 },
    name: texts.sensorBreakingNowAnd,
    why: 'a cracked joint inside opens with heat or shaking',
  }),
  row({
    id: 'sensor-dead',
    segment: 'sensor',
    nature: 'dead',
    often: { passive: 0, active: 165 },
    name: texts.sensorElectronicsDead,
    why: "an active sensor's electronics fail outright",
  }),
  row({
    id: 'sensor-dirty',
    segment: 'sensor',
    nature: 'signal',
    often: { passive: 30, active: 45 },
    name: texts.sensorTipDirty,
    why: 'metal dust on the tip',
  }),
  row({
    id: 'lead-open',
    segment: 'lead',
    nature: 'hard',
    often: { passive: 85, active: 85 },
    name: texts.leadBroken,
    why: 'the lead flexes with every bump and bend',
  }),
  row({
    id: 'lead-intermittent',
    segment: 'lead',
    nature: 'intermittent',
    often: { passive: 80, active: 80 },
    name: texts.leadBreakingNowAnd,
    why: 'strands break one by one where it flexes',
  }),
  row({
    id: 'lead-short',
    segment: 'lead',
    nature: 'hard',
    often: { passive: 30, active: 30 },
    name: texts.leadRubbedThrough,
    why: 'rubbed through against metal or tyre',
  }),
  row({
    id: 'plug-corroded',
    segment: 'plug',
    nature: 'contact',
    often: { passive: 90, active: 95 },
    name: texts.plugCorroded,
    why: 'the plug sits in spray',
  }),
  row({
    id: 'plug-loose',
    segment: 'plug',
    nature: 'hard',
    often: { passive: 35, active: 40 },
    name: texts.plugLooseOrUnlatched,
    why: 'not latched after other work, or a pin pushed back',
  }),
  row({
    id: 'loom-open',
    segment: 'loom',
    nature: 'hard',
    often: { passive: 45, active: 45 },
    name: texts.loomWireBroken,
    why: 'wires rot under clips and sills',
  }),
  row({
    id: 'loom-intermittent',
    segment: 'loom',
    nature: 'intermittent',
    often: { passive: 35, active: 35 },
    name: texts.loomBreakingNowAnd,
    why: 'a wire that flexes at a grommet or door sill',
  }),
  row({
    id: 'loom-short-to-ground',
    segment: 'loom',
    nature: 'hard',
    often: { passive: 18, active: 18 },
    name: texts.loomShortedToGround,
    why: 'chafed against the body',
  }),
  row({
    id: 'loom-short-to-supply',
    segment: 'loom',
    nature: 'hard',
    often: { passive: 6, active: 6 },
    name: texts.loomShortedToSupply,
    why: 'chafed against a fed wire in the same loom',
  }),
  row({
    id: 'loom-short-across',
    segment: 'loom',
    nature: 'hard',
    often: { passive: 12, active: 12 },
    name: texts.loomWiresBridged,
    why: 'the pair crushed or melted together',
  }),
  row({
    id: 'loom-crossed',
    segment: 'loom',
    nature: 'hard',
    often: { passive: 6, active: 8 },
    name: texts.loomWiresCrossed,
    why: 'only after somebody mended wires',
  }),
  row({
    id: 'module-plug-corroded',
    segment: 'module',
    nature: 'contact',
    often: { passive: 14, active: 14 },
    name: texts.modulesPlugCorroded,
    why: 'water creeps along wires into the plug',
  }),
  row({
    id: 'module-input',
    segment: 'module',
    nature: 'hard',
    often: { passive: 14, active: 14 },
    name: texts.modulesInputFailed,
    why: 'rare, expensive, and blamed too often',
  }),
  row({
    id: 'tyre-mismatch',
    segment: 'elsewhere',
    nature: 'signal',
    often: { passive: 8, active: 8 },
    name: texts.oddTyreSize,
    why: 'one odd tyre turns faster or slower than the rest',
  }),
] as const;

/** A code that stays stored although its cause has gone. */
export const STALE_CODE = row({
  id: 'stale-code',
  segment: 'elsewhere',
  nature: 'history',
  often: { passive: 45, active: 45 },
  name: texts.oldCodeWithoutA,
  why: 'codes stay stored long after their cause has gone',
});

/** Causes that all channels share. `often` is per thousand jobs, whatever the sensors. */
export const SHARED_FAULTS = [
  row({
    id: 'battery-low',
    segment: 'supply',
    nature: 'beside',
    often: { passive: 50, active: 50 },
    name: texts.batteryLow,
    why: 'a weak battery sets codes all over the car',
  }),
  row({
    id: 'module-supply',
    segment: 'supply',
    nature: 'beside',
    often: { passive: 16, active: 16 },
    name: texts.modulesFeedOrGround,
    why: "the brake module's fuse, feed or ground",
  }),
  row({
    id: 'brake-switch',
    segment: 'elsewhere',
    nature: 'beside',
    often: { passive: 18, active: 18 },
    name: texts.brakeSwitch,
    why: 'lights some of the same lamps as the wheel speed sensors',
  }),
  row({
    id: 'brake-fluid-low',
    segment: 'elsewhere',
    nature: 'beside',
    often: { passive: 22, active: 22 },
    name: texts.brakeFluidLow,
    why: 'shares a lamp; worn pads or a leak behind it',
  }),
] as const;
