/** Limits that belong to no single check, each once for the whole program. */

/** Drives, in km. */
export const DRIVES = {
  /** A drive whose length nobody noted: a loop as the drive plan has it (trade experience: 5 km of bends, bumps and stops). */
  unnotedKm: 5,
  /** A fault that is there shows within so many, more or less: a shorter drive has not given it the time. */
  showsWithinKm: 4,
  /** A longer clean drive counts as several, each of so many, up to the most. */
  countsAsOneKm: 8,
  most: 4,
} as const;

/** Supplies, in volt. */
export const SUPPLY = {
  /** A car's, unless its sheet says otherwise. */
  usualVolt: 12,
  /** What a battery in a car may well show: under this it was no battery that was measured. */
  leastBatteryVolt: 3,
} as const;

/** Readings of a pair that lie this far apart are worth a thought: parts of one axle are alike within a tenth. */
export const ALIKE_WITHIN = 0.12;

/** Under this a meter's continuity range beeps (usual: 30 to 50 Ω). */
export const BEEPS_UNDER_OHM = 40;

/** What can be entered at all: beyond it the slip is in the typing. */
export const ENTRY = {
  mostMillimetres: 50,
  /** Of a part, by its surroundings: from a winter's night to a brake just used. */
  leastCelsius: -40,
  mostCelsius: 150,
} as const;

/** The contract's states of a segment, by the chance of a fault in it: 0 to 1. */
export const STATES = {
  atFaultFrom: 0.9,
  suspectFrom: 0.25,
  /** Proved good up to this, with so much direct evidence against its faults. */
  provedUpTo: 0.02,
  provedDecibans: 10,
} as const;
