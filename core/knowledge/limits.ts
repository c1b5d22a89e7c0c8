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
