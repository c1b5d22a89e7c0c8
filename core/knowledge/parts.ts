import type { LookPart } from '../casefile/words';
import type { FaultId } from './faults';
import { UNMISTAKABLE, type PartRecord } from './part';
import { CAR_PARTS } from './carParts';
import { texts } from '#words/knowledge/parts';

/** Rust, dirt or a shadow is taken for it once in a great while. */
const HARDLY_EVER = 1e-5;

/** What an eye finds. `sound` by eye clears an outside cut well, an inner break only in part. */
export const PARTS: Readonly<Record<LookPart, PartRecord>> = {
  ring: {
    name: texts.ring,
    segment: 'ring',
    ofCar: false,
    findings: {
      cracked: { usual: HARDLY_EVER, is: 'ring-damaged' },
      'teeth-missing': { usual: UNMISTAKABLE, is: 'ring-damaged' },
      swollen: { usual: HARDLY_EVER, is: 'ring-swollen' },
      scored: { usual: 0.02 },
      debris: { usual: 0.012 },
      reversed: { usual: HARDLY_EVER, is: 'ring-wrong' },
      'wrong-part': { usual: HARDLY_EVER, is: 'ring-wrong' },
    },
    soundWhy: texts.oldIronIsRusty,
    rows: [
      {
        for: ['ring-damaged'],
        gives: { cracked: 0.5, 'teeth-missing': 0.22, sound: 0.18, scored: 0.05 },
        why: 'cracks hide under rust',
      },
      {
        for: ['ring-swollen'],
        gives: { swollen: 0.55, scored: 0.22, sound: 0.2 },
        why: 'rust lifts it; the tip leaves marks',
      },
      {
        for: ['ring-wrong'],
        gives: { reversed: 0.3, 'wrong-part': 0.25, sound: 0.42 },
        why: 'an encoder is invisible without a magnetic card',
      },
      { for: ['ring-debris'], gives: { debris: 0.8, sound: 0.17 }, why: 'metal dust and mud can be seen' },
      {
        for: ['bearing-play'],
        gives: { sound: 0.62, scored: 0.26, debris: 0.05 },
        why: 'a wandering ring is rubbed',
      },
      { for: ['sensor-damaged'], gives: { sound: 0.76, scored: 0.16 }, why: 'what scored the tip marked the ring' },
      { for: ['gap-wide'], gives: { sound: 0.85, debris: 0.08 }, why: 'scale from the seat' },
    ],
  },
  gap: {
    name: texts.seatAndFlange,
    segment: 'gap',
    ofCar: false,
    findings: {
      'lifted-by-rust': { usual: 0.012 },
      'not-seated': { usual: HARDLY_EVER, is: 'gap-wide' },
      bent: { usual: HARDLY_EVER, is: 'gap-wide' },
      corroded: { usual: 0.08 },
      dirty: { usual: 0.03 },
    },
    soundWhy: texts.aSeatWithSome,
    rows: [
      {
        for: ['gap-wide'],
        gives: { 'lifted-by-rust': 0.52, 'not-seated': 0.18, bent: 0.1, corroded: 0.08, dirty: 0.03, sound: 0.1 },
        why: 'a lifted flange can be seen',
      },
      { for: ['bearing-play'], gives: { sound: 0.7, corroded: 0.12 }, why: 'the seat itself is well' },
      {
        for: ['sensor-dirty', 'ring-debris'],
        gives: { sound: 0.62, dirty: 0.22, corroded: 0.1 },
        why: 'dirt all around',
      },
    ],
  },
  bearing: {
    name: texts.bearing,
    segment: 'gap',
    ofCar: false,
    findings: { play: { usual: HARDLY_EVER, is: 'bearing-play' } },
    soundWhy: texts.playIsFelt,
    rows: [{ for: ['bearing-play'], gives: { play: 0.85 }, why: 'rocked at twelve and six' }],
  },
  sensor: {
    name: texts.sensor,
    segment: 'sensor',
    ofCar: false,
    findings: {
      scored: { usual: 0.01 },
      cracked: { usual: HARDLY_EVER, is: 'sensor-damaged' },
      dirty: { usual: 0.04 },
      wet: { usual: 0.006 },
      'wrong-part': { usual: 0.002 },
    },
    soundWhy: texts.dirtIsCommon,
    rows: [
      {
        for: ['sensor-damaged'],
        gives: { scored: 0.5, cracked: 0.28, sound: 0.12, dirty: 0.06 },
        why: 'worn or cracked for all to see',
      },
      { for: ['sensor-dirty'], gives: { dirty: 0.9, sound: 0.08 }, why: 'that is what it is' },
      {
        for: ['sensor-short'],
        gives: { wet: 0.35, sound: 0.55, dirty: 0.06 },
        why: 'water inside seldom shows outside',
      },
      {
        for: ['ring-swollen', 'bearing-play'],
        gives: { scored: 0.22, sound: 0.68, dirty: 0.06 },
        why: 'a touching ring scores the tip',
      },
      { for: ['ring-debris'], gives: { dirty: 0.3, sound: 0.62, scored: 0.05 }, why: 'the same metal dust' },
      {
        for: ['sensor-open', 'sensor-dead', 'sensor-intermittent'],
        gives: { sound: 0.88, dirty: 0.05, wet: 0.04, scored: 0.01 },
        why: 'an inner fault does not show',
      },
      {
        for: ['sensor-weak'],
        gives: { sound: 0.82, 'wrong-part': 0.06, dirty: 0.05, wet: 0.04, scored: 0.01 },
        why: 'an inner fault does not show; a part that belongs elsewhere sits too far off',
      },
    ],
  },
  lead: {
    name: texts.lead,
    segment: 'lead',
    ofCar: false,
    findings: {
      chafed: { usual: 0.012 },
      nicked: { usual: 0.007 },
      severed: { usual: UNMISTAKABLE, is: 'lead-open' },
      unclipped: { usual: 0.045 },
      stretched: { usual: 0.007 },
      brittle: { usual: 0.012 },
      wet: { usual: 0.012 },
    },
    soundWhy: texts.aLeadOutOf,
    rows: [
      {
        for: ['lead-open'],
        gives: {
          sound: 0.28,
          chafed: 0.18,
          nicked: 0.1,
          severed: 0.21,
          stretched: 0.1,
          unclipped: 0.08,
          brittle: 0.05,
        },
        why: 'an inner break does not show; a cut does',
      },
      {
        for: ['lead-intermittent'],
        gives: { sound: 0.5, chafed: 0.13, stretched: 0.1, brittle: 0.08, unclipped: 0.11, nicked: 0.06 },
        why: 'strands break inside',
      },
      {
        for: ['lead-short'],
        gives: { sound: 0.2, chafed: 0.46, nicked: 0.16, brittle: 0.06, wet: 0.05, unclipped: 0.05 },
        why: 'rubbed through',
      },
    ],
  },
  plug: {
    name: texts.plug,
    segment: 'plug',
    ofCar: false,
    findings: {
      corroded: { usual: 0.02 },
      loose: { usual: HARDLY_EVER, is: 'plug-loose' },
      unplugged: { usual: UNMISTAKABLE, is: 'plug-loose' },
      wet: { usual: 0.012 },
      bent: { usual: HARDLY_EVER, is: 'plug-loose' },
    },
    soundWhy: texts.aFilmOnOld,
    rows: [
      { for: ['plug-corroded'], gives: { corroded: 0.66, wet: 0.22, sound: 0.1 }, why: 'green pins' },
      { for: ['plug-loose'], gives: { loose: 0.42, unplugged: 0.32, bent: 0.13, sound: 0.1 }, why: 'seen or felt' },
      {
        for: ['sensor-short', 'loom-open', 'lead-open'],
        gives: { sound: 0.92, corroded: 0.038, wet: 0.025 },
        why: 'wet places come together, beyond what pairs.ts tells of them',
      },
    ],
  },
  loom: {
    name: texts.loom,
    segment: 'loom',
    ofCar: false,
    findings: {
      chafed: { usual: 0.012 },
      nicked: { usual: 0.004 },
      severed: { usual: UNMISTAKABLE, is: 'loom-open' },
      unclipped: { usual: 0.03 },
      corroded: { usual: 0.01 },
      brittle: { usual: 0.005 },
      wet: { usual: 0.015 },
    },
    soundWhy: texts.mostOfItCannot,
    rows: [
      {
        for: ['loom-open'],
        gives: { sound: 0.55, corroded: 0.13, severed: 0.1, nicked: 0.05, chafed: 0.09, brittle: 0.03 },
        why: 'breaks hide under clips and tape',
      },
      {
        for: ['loom-intermittent'],
        gives: { sound: 0.65, chafed: 0.1, corroded: 0.1, brittle: 0.06 },
        why: 'strands break inside',
      },
      {
        for: ['loom-short-to-ground', 'loom-short-to-supply', 'loom-short-across'],
        gives: { sound: 0.38, chafed: 0.35, nicked: 0.12, wet: 0.04, brittle: 0.05 },
        why: 'chafed against something',
      },
      { for: ['loom-crossed'], gives: { sound: 0.7, nicked: 0.12 }, why: 'an old mend may be seen' },
    ],
  },
  ...CAR_PARTS,
};

/**
 * The fault that a finding is by definition.
 * @param part the part. @param finding what was seen. @returns the fault; null where the finding is only a sign.
 * @example faultSeen('plug', 'unplugged') // => "plug-loose"
 * @example faultSeen('lead', 'chafed') // => null
 */
export function faultSeen(part: LookPart, finding: string): FaultId | null {
  return PARTS[part].findings[finding]?.is ?? null;
}
