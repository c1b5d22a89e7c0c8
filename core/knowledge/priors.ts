/** The few numbers that say how faults come together. Estimates of trade experience; `often` in faults.ts has the rest. */

/** Odds that some channel of a car is at fault, against nothing wrong, when its owner opens a job. */
export const SOME_FAULT_ODDS = 9;

/** How much rarer two independent channel faults at once are than chance alone would have them. */
export const SECOND_CHANNEL = 0.012;

/** Odds of all shared causes together, against nothing wrong, on a car without a channel fault; shares by `often`. */
export const SHARED_ODDS = 1.3;

/** Odds of a shared cause beside a channel fault. */
export const SHARED_BESIDE_FAULT = 0.05;

/** Chance that a sound channel carries an old code. */
export const STALE_CHANCE = 0.03;

/** Chance that sensors are active where nobody said, and that a second channel has the type of a known one. */
export const ACTIVE_CHANCE = 0.5;
export const SAME_TYPE_CHANCE = 0.93;

/** Odds of rot all over the module's plug, so that several channels suffer at once, against nothing wrong. */
export const MODULE_PLUG_ROT_ODDS = 0.03;

/** Chance that work at a corner leaves its plug loose. */
export const WORK_LEAVES_PLUG_LOOSE = 0.01;
