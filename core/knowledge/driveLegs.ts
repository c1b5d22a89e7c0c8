import type { LAMP_PATTERNS, LIVE_FINDINGS, SYMPTOMS } from '../casefile/words';
import { texts } from '#words/knowledge/driveLegs';

/** What of a job asks for a leg of the test drive. */
export interface LegSigns {
  readonly patterns?: readonly (typeof LAMP_PATTERNS)[number][];
  readonly symptoms?: readonly (typeof SYMPTOMS)[number][];
  readonly findings?: readonly (typeof LIVE_FINDINGS)[number][];
  /** Segments at which something was repaired or is suspected. */
  readonly segments?: readonly string[];
}

/** A piece of a test drive: what to do, and what it shows. */
export interface DriveLeg {
  readonly id: string;
  readonly words: string;
  readonly why: string;
  readonly minutes: number;
  readonly km: number;
  /** A leg without signs belongs to every drive. */
  readonly signs?: LegSigns;
  /** How the lamps behaved, if one comes on here. */
  readonly pattern?: (typeof LAMP_PATTERNS)[number];
}

/** The legs of a test drive in the order they are driven. Speeds: many modules test a wheel's signal from 15 to 25 km/h on, for some ten seconds (trade experience). */
export const DRIVE_LEGS: readonly DriveLeg[] = [
  { id: 'creep', words: texts.creep, why: texts.creepWhy, minutes: 2, km: 0.2, pattern: 'after-moving-off' },
  {
    id: 'slow',
    words: texts.slow,
    why: texts.slowWhy,
    minutes: 3,
    km: 0.6,
    signs: {
      symptoms: ['abs-pulses-at-low-speed'],
      findings: ['cuts-in-late', 'erratic', 'drops-out'],
      segments: ['ring', 'gap'],
    },
    pattern: 'after-moving-off',
  },
  { id: 'steady', words: texts.steady, why: texts.steadyWhy, minutes: 2, km: 1.2, pattern: 'after-moving-off' },
  { id: 'bends', words: texts.bends, why: texts.bendsWhy, minutes: 4, km: 1.6, pattern: 'when-turning' },
  { id: 'bumps', words: texts.bumps, why: texts.bumpsWhy, minutes: 3, km: 1, pattern: 'on-bumps' },
  { id: 'stops', words: texts.stops, why: texts.stopsWhy, minutes: 2, km: 0.8 },
  {
    id: 'wet',
    words: texts.wet,
    why: texts.wetWhy,
    minutes: 10,
    km: 2,
    signs: { patterns: ['when-wet'] },
    pattern: 'when-wet',
  },
  {
    id: 'warm',
    words: texts.warm,
    why: texts.warmWhy,
    minutes: 20,
    km: 15,
    signs: { patterns: ['when-hot'] },
    pattern: 'when-hot',
  },
  {
    id: 'restart',
    words: texts.restart,
    why: texts.restartWhy,
    minutes: 4,
    km: 1,
    pattern: 'steady-from-key-on',
  },
];
