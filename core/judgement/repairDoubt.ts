import { posteriorOf, scenariosOf } from '../belief/posterior';
import type { CaseFile, Repair } from '../casefile/contract';
import { cureChance } from '../knowledge/repairs/all';
import { faultRow } from '../knowledge/faults';

/** The case as it stood when a repair was made: nothing that came after it. */
function asOf(file: CaseFile, repairs: readonly Repair[], first: Repair): CaseFile {
  const { after } = first;
  const at = after === null ? -1 : file.observations.findIndex((seen) => seen.id === after);
  const observations = after === undefined ? file.observations : file.observations.slice(0, at + 1);
  return { ...file, observations, repairs: (file.repairs ?? []).filter((made) => !repairs.includes(made)) };
}

/**
 * The doubt about repairs before anything was tried: the chance that some fault was left, by what was known when they were made.
 * This is the q of the watch: what drives have shown since is counted there, not twice.
 * @param file the case. @param repairs those that stand together, in the order of making them.
 * @returns 0 to 1; null for no repairs.
 * @example repairDoubt(CASE, []) // => null
 */
export function repairDoubt(file: CaseFile, repairs: readonly Repair[]): number | null {
  const [first] = repairs;
  if (!first) return null;
  const scenarios = scenariosOf(posteriorOf(asOf(file, repairs, first)));
  const faulty = scenarios.filter((scenario) => scenario.faults.some(({ fault }) => fault !== 'stale-code'));
  const left = (cause: (typeof faulty)[number]['faults'][number]): number =>
    repairs.reduce((chance, repair) => {
      const isThere = cause.channel === null || (repair.channel ?? null) === cause.channel || !repair.channel;
      return isThere ? chance * (1 - cureChance(repair, faultRow(cause.fault).id)) : chance;
    }, 1);
  const [all, cured] = faulty.reduce(
    ([sum, good], { faults, probability }) => [
      sum + probability,
      good + probability * faults.reduce((chance, cause) => chance * (1 - left(cause)), 1),
    ],
    [0, 0],
  );
  return all > 0 ? Math.min(1, Math.max(0, 1 - cured / all)) : 1;
}
