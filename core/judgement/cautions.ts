import type { CaseFile, Observation } from '../casefile/contract';
import { repairRecord } from '../knowledge/repairs/all';
import type { Ranked } from '../belief/posterior';
import type { OfferedMove } from '../planning/plan';

export interface Caution {
  readonly id: string;
  readonly text: string;
}

/** What a caution looks at. */
export interface CautionFacts {
  readonly file: CaseFile;
  readonly all: readonly Observation[];
  /** Faults, the likeliest first. */
  readonly ranked: readonly Ranked[];
  /** What is proposed, best first. */
  readonly moves: readonly OfferedMove[];
}

type When = (facts: CautionFacts) => boolean;

const lit = (all: readonly Observation[], lamp: string): boolean => {
  const last = all.findLast((observation) => observation.kind === 'lamps');
  return last?.kind === 'lamps' && last.lit.some((word) => word === lamp);
};
const symptom = (all: readonly Observation[], word: string): boolean =>
  all.some((observation) => observation.kind === 'symptom' && observation.symptom === word);

/** The first move's name and set-ups in a row. */
function firstMove({ moves: [first] }: CautionFacts): string {
  if (!first) return '';
  const setups = first.move.kind === 'check' ? first.move.record.setups : (repairRecord(first.move.name)?.setups ?? []);
  return `${first.move.name} ${setups.join(' ')}`;
}
const firstIs = (facts: CautionFacts, pattern: RegExp): boolean => pattern.test(firstMove(facts));

/** Causes at the ring's side that score a tip again. */
const SCORES_AGAIN: readonly string[] = ['ring-swollen', 'bearing-play'];
const LIKELY_ENOUGH = 0.3;

/** A new sensor is proposed where a swollen ring or a loose bearing is likely too. */
function wouldComeBack({ ranked, moves }: CautionFacts): boolean {
  return ranked.some(
    (row) =>
      SCORES_AGAIN.includes(row.fault) &&
      row.probability >= LIKELY_ENOUGH &&
      moves.some(({ move }) => move.name === 'replaced:sensor' && move.channel === row.channel),
  );
}

/** Cautions of the judgement: each is said once, where it matters. The order is that of urgency. */
const CAUTIONS: readonly { readonly id: string; readonly when: When; readonly text: string }[] = [
  {
    id: 'do-not-drive-hydraulic',
    when: ({ all }) => symptom(all, 'pedal-soft') || symptom(all, 'fluid-leak'),
    text: 'A soft pedal or leaking fluid: do not drive. This is hydraulics, a matter for a professional, before any sensor.',
  },
  {
    id: 'do-not-drive-red',
    when: ({ all }) => lit(all, 'brake-red') && lit(all, 'abs'),
    text: 'ABS and the red brake lamp together: brake force to the rear may be off. Do not drive.',
  },
  {
    id: 'red-brake-lamp',
    when: ({ all }) => lit(all, 'brake-red') && !lit(all, 'abs'),
    text: 'Red brake lamp: check parking brake and fluid level first, and do not drive until you know why it is lit.',
  },
  {
    id: 'airbag-lamp',
    when: ({ all }) => lit(all, 'airbag'),
    text: 'The airbag lamp is never a mere echo until it has gone out by itself after the repair. Airbags may be off meanwhile; never probe yellow connectors.',
  },
  {
    id: 'high-voltage',
    when: ({ file }) => file.vehicle.highVoltage === true,
    text: 'High-voltage car: before you touch a part, switch the car off, keep its key out of reach and make the 12 V side dead as its manual says. Never touch orange cables, their covers or the service plug. What cannot be reached without passing orange parts is for a professional.',
  },
  {
    id: 'consequence',
    when: wouldComeBack,
    text: 'A swollen ring or a loose bearing scores the tip: a new sensor alone will not last, the fault will come back. Mend the cause with it.',
  },
  {
    id: 'without-abs',
    when: ({ all }) => lit(all, 'abs') || lit(all, 'stability'),
    text: 'Without ABS and stability the car still brakes, but wheels can lock: longer stops, no help on ice.',
  },
  {
    id: 'jacking',
    when: (facts) => firstIs(facts, /wheel-off|raised|sensor-out/),
    text: 'Flat hard ground, chocks, stated jacking points, and stands: never a jack alone.',
  },
  {
    id: 'ignition-off',
    when: (facts) => firstIs(facts, /:resistance|plug/),
    text: 'Ignition off before a plug is opened or ohms are measured.',
  },
  {
    id: 'sensors-exchanged',
    when: ({ all }) => all.some((observation) => observation.kind === 'swap' && observation.putBack === false),
    text: 'The sensors of an axle are still exchanged: what followed the sensor now sits at the other corner. Put them back before you read on, or look there.',
  },
  {
    id: 'part-in-hand',
    when: (facts) => firstIs(facts, /sensor-out/),
    text: 'An old sensor often breaks when it is levered out: have the new one in hand before you force it.',
  },
  {
    id: 'module-plug',
    when: (facts) => firstIs(facts, /module-end|wire-|look:module/),
    text: "The module's plug carries strong feeds: isolate the battery as the manual says, identify the pins, never bridge two.",
  },
  {
    id: 'drive-reading',
    when: (facts) => firstIs(facts, /^live:drive/),
    text: 'Somebody else reads the screen; nobody handles it while driving.',
  },
];

/**
 * The cautions that matter now.
 * @param facts the case, what was seen, what is likely, what is proposed.
 * @returns id and text, most urgent first.
 */
export function cautionsFor(facts: CautionFacts): Caution[] {
  return CAUTIONS.filter((row) => row.when(facts)).map(({ id, text }) => ({ id, text }));
}
