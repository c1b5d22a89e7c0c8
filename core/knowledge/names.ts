import type { Cost, Repair } from '../casefile/contract';
import type { Segment, RepairSegment } from '../casefile/words';
import { texts } from '#words/knowledge/names';

/** Plain words for the contract's words, for screens and the record. */

export const SEGMENT_NAMES: Readonly<Record<RepairSegment, string>> = {
  ring: texts.ring,
  gap: texts.gap,
  sensor: texts.sensor,
  lead: texts.lead,
  plug: texts.plug,
  loom: texts.loom,
  module: texts.module,
  supply: texts.supply,
  elsewhere: texts.elsewhere,
};

/** One tap further: what a segment is. */
export const SEGMENT_EXPLAINED: Readonly<Record<Segment, string>> = {
  ring: texts.theToothedRingOr,
  gap: texts.theAirBetweenRing,
  sensor: texts.theCoilOrChip,
  lead: texts.theSensorsOwnCable,
  plug: texts.theConnectorBetweenThe,
  loom: texts.theBodyWiringFrom,
  module: texts.theBrakeModuleIts,
};

/** What a repair was followed by, as the prove stage keeps it. */
export const REPAIR_RESULT_NAMES: Readonly<Record<Repair['result'], string>> = {
  fixed: texts.curedIt,
  'no-change': texts.changedNothing,
  partly: texts.helpedInPart,
  unknown: texts.notProvedYet,
};

export const LAMP_NAMES: Readonly<Record<string, string>> = {
  abs: texts.abs,
  stability: texts.stability,
  brake: texts.brake,
  'brake-red': texts.brakeRed,
  'pad-wear': texts.padWear,
  'parking-brake': texts.parkingBrake,
  'hill-start': texts.hillStart,
  'hill-descent': texts.hillDescent,
  'tyre-pressure': texts.tyrePressure,
  airbag: texts.airbag,
  engine: texts.engine,
  service: texts.service,
  message: texts.messageText,
};
export const CODE_STATUS_NAMES: Readonly<Record<string, string>> = {
  current: texts.current,
  stored: texts.stored,
  pending: texts.pending,
  unknown: texts.notTold,
};
export const MODULE_NAMES: Readonly<Record<string, string>> = {
  abs: texts.brakes,
  engine: texts.engine,
  airbag: texts.airbag,
  instruments: texts.instruments,
  body: texts.body,
  steering: texts.steering,
  transmission: texts.transmission,
  other: texts.anotherModule,
};
export const PATTERN_NAMES: Readonly<Record<string, string>> = {
  'steady-from-key-on': texts.steadyFromKeyOn,
  'after-moving-off': texts.onlyAfterMovingOff,
  intermittent: texts.nowAndThen,
  'when-turning': texts.onBends,
  'on-bumps': texts.onBumps,
  'when-wet': texts.whenWet,
  'when-hot': texts.whenHot,
  'goes-out-after-restart': texts.goneAfterARestart,
};
export const SYMPTOM_NAMES: Readonly<Record<string, string>> = {
  'abs-pulses-at-low-speed': texts.pedalPulsesWhenNearly,
  'stability-cuts-in': texts.stabilityCutsInWithout,
  'speedometer-wrong': texts.speedometerWrongOrDead,
  'noise-from-wheel': texts.noiseFromAWheel,
  'pedal-soft': texts.pedalSoftOrSinking,
  'fluid-leak': texts.fluidLeaking,
  none: texts.nothingElseNoticed,
};
export const HISTORY_NAMES: Readonly<Record<string, string>> = {
  'wheel-bearing': texts.wheelBearing,
  'shock-or-strut': texts.shockOrStrut,
  brakes: texts.brakes,
  driveshaft: texts.driveshaft,
  steering: texts.steeringParts,
  'wheels-or-tyres': texts.wheelsOrTyres,
  battery: texts.batteryRenewed,
  'flat-battery-event': texts.batteryWentFlat,
  'stood-unused': texts.stoodUnused,
  rodents: texts.gnawedByAnimals,
  'salted-roads': texts.wintersOnSalt,
  water: texts.floodOrDeepWater,
  'crash-or-kerb': texts.crashOrKerb,
  'sensor-replaced': texts.sensorReplaced,
  'wiring-added': texts.wiringAddedOrMended,
  'known-weak-point': texts.knownWeakPoint,
  'nothing-known': texts.nothingThatIKnow,
};
export const TYPE_NAMES: Readonly<Record<string, string>> = { passive: texts.passive, active: texts.active };
export const LIVE_NAMES: Readonly<Record<string, string>> = {
  follows: texts.followsTheWheel,
  zero: texts.staysAtZero,
  'drops-out': texts.dropsOut,
  erratic: texts.jumpsAbout,
  'reads-fast': texts.readsTooFast,
  'reads-slow': texts.readsTooSlow,
  'stuck-high': texts.stuckAtAValue,
  'wrong-direction': texts.wrongDirection,
  'no-direction': texts.noDirection,
  'cuts-in-late': texts.cutsInLate,
  'answers-as-other-channel': texts.anotherCornerAnswers,
};
export const CLEAR_NAMES: Readonly<Record<string, string>> = {
  'returned-at-key-on': texts.cameBackAtKey,
  'returned-when-moving': texts.cameBackOnMoving,
  'returned-later': texts.cameBackLater,
  'stayed-clear': texts.stayedAway,
  refused: texts.wouldNotErase,
};
export const DRIVE_NAMES: Readonly<Record<string, string>> = {
  'lamps-stayed-out': texts.lampsStayedOut,
  'lamps-came-back': texts.lampsCameBack,
  'lamps-went-out': texts.lampsWentOutBy,
};
export const TRIAL_NAMES: Readonly<Record<string, string>> = {
  'fault-followed': texts.theFaultWentWith,
  'fault-stayed': texts.theFaultStayed,
  'signal-normal': texts.theSignalIsNormal,
  'same-code': texts.theSameCode,
  'different-code': texts.anotherCode,
};
export const FINDING_NAMES: Readonly<Record<string, string>> = {
  sound: texts.sound,
  hidden: texts.iCantSeeIt,
  cracked: texts.cracked,
  'teeth-missing': texts.teethMissing,
  swollen: texts.swollen,
  scored: texts.scored,
  debris: texts.debris,
  reversed: texts.wrongWayRound,
  'wrong-part': texts.wrongPart,
  'lifted-by-rust': texts.liftedByRust,
  'not-seated': texts.notSeated,
  bent: texts.bent,
  corroded: texts.corroded,
  dirty: texts.dirty,
  play: texts.hasPlay,
  wet: texts.wetInside,
  chafed: texts.rubbed,
  nicked: texts.nicked,
  severed: texts.cutThrough,
  unclipped: texts.outOfItsClip,
  stretched: texts.stretched,
  brittle: texts.brittle,
  loose: texts.loose,
  unplugged: texts.unplugged,
  blown: texts.blown,
  'level-low': texts.levelLow,
  'mixed-sizes': texts.mixedSizes,
  broken: texts.broken,
};
export const FAILURE_NAMES: Readonly<Record<string, string>> = {
  open: texts.openCircuit,
  'short-to-ground': texts.shortToGround,
  'short-to-supply': texts.shortToSupply,
  circuit: texts.circuit,
  intermittent: texts.intermittent,
  'no-signal': texts.noSignal,
  erratic: texts.erratic,
  implausible: texts.implausible,
  direction: texts.direction,
  supply: texts.supply2,
};
export const REPAIR_NAMES: Readonly<Record<string, string>> = {
  replaced: texts.replaced,
  cleaned: texts.cleaned,
  'repaired-wire': texts.wireMended,
  reseated: texts.seatedAfresh,
  spaced: texts.spacerFitted,
  charged: texts.charged,
  'topped-up': texts.toppedUp,
  other: texts.otherWork,
};
export const COST_USE_NAMES: Readonly<Record<Cost['use'], string>> = texts.costUses;
export const QUOTE_CASE_NAMES: Readonly<Record<NonNullable<Cost['case']>, string>> = texts.quoteCases;
