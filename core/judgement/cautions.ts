import type { CaseFile, Observation } from '../casefile/contract';
import type { MeterPoint, RepairSegment } from '../casefile/words';
import type { Answer } from '../knowledge/checks/check';
import { PARTS } from '../knowledge/parts';
import { repairRecord } from '../knowledge/repairs/all';
import type { Setup } from '../knowledge/setups';
import type { Ranked } from '../belief/posterior';
import type { OfferedMove } from '../planning/plan';
import { texts } from '#words/core/judgement';

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

/** What a move needs opened, and which answer it asks for. */
interface Needs {
  readonly setups: readonly Setup[];
  readonly answer: Answer | undefined;
  readonly segment: RepairSegment | null;
}

/** What the first move needs; nothing where there is none. */
function firstNeeds({ moves: [first] }: CautionFacts): Needs {
  if (!first) return { setups: [], answer: undefined, segment: null };
  const { move } = first;
  if (move.kind === 'check') {
    const { setups, answer } = move.record;
    return { setups, answer, segment: answer?.is === 'look' ? PARTS[answer.part].segment : null };
  }
  return { setups: repairRecord(move.name)?.setups ?? [], answer: undefined, segment: move.segment };
}

const opens =
  (...wanted: readonly Setup[]): When =>
  (facts) =>
    firstNeeds(facts).setups.some((setup) => wanted.includes(setup));

/** Whether probes go into the module's plug, or eyes and hands to it. */
const MODULE_POINTS: readonly MeterPoint[] = [
  'module-end',
  'wire-1',
  'wire-2',
  'wire-1-to-ground',
  'wire-2-to-ground',
  'wire-to-wire',
];

function isAtModulePlug(facts: CautionFacts): boolean {
  const { answer } = firstNeeds(facts);
  if (answer?.is === 'look') return answer.part === 'module';
  return answer?.is === 'meter' && MODULE_POINTS.includes(answer.point);
}

/** Whether a plug is opened or handled, or ohms are measured. */
function wantsIgnitionOff(facts: CautionFacts): boolean {
  const { answer, segment } = firstNeeds(facts);
  const isOhms = answer?.is === 'meter' && answer.quantity === 'resistance';
  return isOhms || segment === 'plug' || opens('plug-apart', 'module-plug-apart')(facts);
}

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
    text: texts.aSoftPedalOr,
  },
  {
    id: 'do-not-drive-red',
    when: ({ all }) => lit(all, 'brake-red') && lit(all, 'abs'),
    text: texts.absAndTheRed,
  },
  {
    id: 'red-brake-lamp',
    when: ({ all }) => lit(all, 'brake-red') && !lit(all, 'abs'),
    text: texts.redBrakeLampCheck,
  },
  {
    id: 'airbag-lamp',
    when: ({ all }) => lit(all, 'airbag'),
    text: texts.theAirbagLampIs,
  },
  {
    id: 'high-voltage',
    when: ({ file }) => file.vehicle.highVoltage === true,
    text: texts.highVoltageCarBefore,
  },
  {
    id: 'consequence',
    when: wouldComeBack,
    text: texts.aSwollenRingOr,
  },
  {
    id: 'without-abs',
    when: ({ all }) => lit(all, 'abs') || lit(all, 'stability'),
    text: texts.withoutAbsAndStability,
  },
  {
    id: 'jacking',
    when: opens('wheel-off', 'raised', 'sensor-out'),
    text: texts.flatHardGroundChocks,
  },
  {
    id: 'ignition-off',
    when: wantsIgnitionOff,
    text: texts.ignitionOffBeforeA,
  },
  {
    id: 'sensors-exchanged',
    when: ({ all }) => all.some((observation) => observation.kind === 'swap' && observation.putBack === false),
    text: texts.theSensorsOfAn,
  },
  {
    id: 'part-in-hand',
    when: opens('sensor-out'),
    text: texts.anOldSensorOften,
  },
  {
    id: 'module-plug',
    when: isAtModulePlug,
    text: texts.theModulesPlugCarries,
  },
  {
    id: 'drive-reading',
    when: (facts) => {
      const { answer } = firstNeeds(facts);
      return answer?.is === 'live' && answer.while === 'drive';
    },
    text: texts.somebodyElseReadsThe,
  },
];

/**
 * The cautions that matter now.
 * @param facts the case, what was seen, what is likely, what is proposed.
 * @returns id and text, most urgent first.
 * @example cautionsFor({ ...FACTS, moves: [] }).map(({ id }) => id) // => ["without-abs"]
 * @example cautionsFor(FACTS).map(({ id }) => id) // => ["without-abs","ignition-off"]
 */
export function cautionsFor(facts: CautionFacts): Caution[] {
  return CAUTIONS.filter((row) => row.when(facts)).map(({ id, text }) => ({ id, text }));
}
