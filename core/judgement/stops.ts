import { capital } from '../words/capital';
import { percent } from '../words/percent';
import type { CaseFile, Observation } from '../casefile/contract';
import { faultName } from '../knowledge/faults';
import { curesFully } from '../knowledge/repairs/all';
import type { Plan } from '../planning/plan';
import type { Posterior, Ranked } from '../belief/posterior';
import { texts } from '#words/core/judgement';

export type StopId =
  | 'hydraulic'
  | 'high-voltage'
  | 'airbag'
  | 'module'
  | 'structure'
  | 'two-repairs-failed'
  | 'nothing-wrong'
  | 'enough-known';

export interface Stop {
  readonly id: StopId;
  readonly reason: string;
}

interface Facts {
  readonly file: CaseFile;
  readonly posterior: Posterior;
  readonly all: readonly Observation[];
  readonly latest: readonly Observation[];
  readonly ranking: readonly Ranked[];
  readonly plan: Plan;
}

const MODULE_LIKELY = 0.6;
const MODULE_SURE = 0.85;
const NOTHING_LIKELY = 0.9;
/** Where the car was erased and driven since, and nothing came back, less will do: it is then for the drive to tell. */
const NOTHING_CAME_BACK = 0.8;

function lampsNow(all: readonly Observation[]): readonly string[] {
  const last = all.filter((observation) => observation.kind === 'lamps').at(-1);
  return last?.kind === 'lamps' ? last.lit : [];
}

function isHydraulic({ all }: Facts): boolean {
  const lamps = lampsNow(all);
  return (
    all.some(
      (observation) =>
        observation.kind === 'symptom' &&
        (observation.symptom === 'pedal-soft' || observation.symptom === 'fluid-leak'),
    ) ||
    (lamps.includes('brake-red') &&
      lamps.includes('abs') &&
      all.some(
        (observation) =>
          observation.kind === 'look' && observation.part === 'fluid' && observation.finding === 'level-low',
      ))
  );
}

/** The airbag lamp stayed lit after the others were cured: no echo. */
function isAirbag({ all, posterior }: Facts): boolean {
  const lamps = lampsNow(all);
  return (
    lamps.includes('airbag') &&
    !lamps.includes('abs') &&
    !lamps.includes('stability') &&
    (posterior.timeline.stages.length > 1 || lamps.length === 1)
  );
}

function isStructure({ all }: Facts): boolean {
  const struck = all.some((observation) => observation.kind === 'history' && observation.event === 'crash-or-kerb');
  return (
    struck &&
    all.some(
      (observation) => observation.kind === 'look' && observation.part === 'gap' && observation.finding === 'bent',
    )
  );
}

function twoRepairsFailed({ file }: Facts): boolean {
  const results = (file.repairs ?? []).map((repair) => repair.result);
  return results.slice(results.lastIndexOf('fixed') + 1).filter((result) => result === 'no-change').length >= 2;
}

/** Its plug is looked at first: rot there is cleaned for nothing, and looks just the same from the wheel. */
function isModule({ ranking, latest }: Facts): boolean {
  const looked = latest.some((observation) => observation.kind === 'look' && observation.part === 'module');
  const limit = looked ? MODULE_LIKELY : MODULE_SURE;
  return ranking.some((row) => row.fault === 'module-input' && row.probability >= limit);
}

/** Nothing is wrong now, and the car has been asked since the last repair. */
function nothingWrong({ posterior, latest, all }: Facts): boolean {
  const erased = latest.findLast((observation) => observation.kind === 'clear');
  const isClear = erased?.kind === 'clear' && erased.result === 'stayed-clear';
  if (posterior.none < (isClear ? NOTHING_CAME_BACK : NOTHING_LIKELY) || all.length === 0) return false;
  return (
    posterior.timeline.stages.length === 1 ||
    latest.some(
      (observation) =>
        observation.kind === 'clear' ||
        observation.kind === 'drive' ||
        observation.kind === 'no-code' ||
        observation.kind === 'live',
    )
  );
}

const RULES: readonly {
  readonly id: StopId;
  readonly when: (facts: Facts) => boolean;
  readonly reason: (facts: Facts) => string;
}[] = [
  {
    id: 'hydraulic',
    when: isHydraulic,
    reason: () => texts.softPedalOrLost,
  },
  {
    id: 'airbag',
    when: isAirbag,
    reason: () => texts.theAirbagLampStays,
  },
  {
    id: 'structure',
    when: isStructure,
    reason: () => texts.afterABlowA,
  },
  {
    id: 'two-repairs-failed',
    when: twoRepairsFailed,
    reason: () => texts.twoRepairsChangedNothing,
  },
  {
    id: 'module',
    when: isModule,
    reason: ({ ranking }) =>
      texts.theModulesOwnInput(percent(ranking.find((row) => row.fault === 'module-input')?.probability ?? 0)),
  },
  {
    id: 'nothing-wrong',
    when: nothingWrong,
    reason: ({ posterior }) =>
      posterior.none >= NOTHING_LIKELY
        ? texts.nothingIsWrongNow(percent(posterior.none))
        : texts.nothingHasComeBack(percent(posterior.none)),
  },
];

/**
 * Whether to stop looking, and why.
 * @param facts the case, its belief and its plan.
 * @returns the first stop that applies, most urgent first; `enough-known` when repairing now beats every check; null to go on.
 * @example stopFor({ ...FACTS, ranking: FACTS.ranked })?.id // => "enough-known"
 */
export function stopFor(facts: Facts): Stop | null {
  const found = RULES.find((entry) => entry.when(facts));
  if (found) return { id: found.id, reason: found.reason(facts) };
  const top = facts.plan.moves[0];
  if (top?.move.kind !== 'repair') return null;
  const { name, channel } = top.move;
  const likeliest = facts.ranking.find(
    (row) => curesFully(name, row.fault) && (row.channel === channel || row.channel === null),
  );
  const fault = likeliest ? ` ${capital(faultName(likeliest.fault))}: ${percent(likeliest.probability)}.` : '';
  return { id: 'enough-known', reason: texts.furtherChecksWouldNot(fault) };
}
