import type { CaseFile } from './contract';
import { pointer, type Problem } from './problem';
import { texts } from '#words/core/casefile';

type Listed = readonly { readonly id: string }[] | undefined;

function doubledIds(list: Listed, name: string): Problem[] {
  const seen = new Set<string>();
  const problems: Problem[] = [];
  (list ?? []).forEach((entry, index) => {
    if (seen.has(entry.id))
      problems.push({
        path: pointer([name, index, 'id']),
        code: 'doubled-id',
        message: texts.theIdIsUsed(entry.id, name),
      });
    seen.add(entry.id);
  });
  return problems;
}

function repairsPointNowhere(file: CaseFile): Problem[] {
  const known = new Set(file.observations.map((observation) => observation.id));
  return (file.repairs ?? []).flatMap((repair, index) => {
    if (repair.after === undefined || repair.after === null || known.has(repair.after)) return [];
    const message = texts.thereIsNoObservation(repair.after);
    return [{ path: pointer(['repairs', index, 'after']), code: 'unknown-id', message }];
  });
}

function impossibleReadings(file: CaseFile): Problem[] {
  return file.observations.flatMap((observation, index) => {
    if (observation.kind !== 'meter' || observation.value === 'overload') return [];
    const signed = observation.quantity === 'dc-voltage' || observation.quantity === 'dc-current';
    if (signed || observation.value >= 0) return [];
    const message = texts.aCannotBeNegative(observation.quantity);
    return [{ path: pointer(['observations', index, 'value']), code: 'negative', message }];
  });
}

function swapsWithItself(file: CaseFile): Problem[] {
  return file.observations.flatMap((observation, index) => {
    if (observation.kind !== 'swap' || observation.channel === undefined || observation.with !== observation.channel)
      return [];
    const message = texts.aSensorCannotBe(observation.channel);
    return [{ path: pointer(['observations', index, 'with']), code: 'same-channel', message }];
  });
}

function bandsUpsideDown(file: CaseFile): Problem[] {
  const specs = file.vehicle.specs ?? {};
  return (['sensorResistance', 'airGap'] as const).flatMap((name) => {
    const band = specs[name];
    if (!band || band.min <= band.max) return [];
    const message = texts.minIsAboveMax(band.min, band.max);
    return [{ path: pointer(['vehicle', 'specs', name]), code: 'band-reversed', message }];
  });
}

/**
 * What no single place of the file can tell: rules between places.
 * @param file a file whose every place is right in itself.
 * @returns the problems, none when all is well.
 * @example crossChecks(CASE) // => []
 */
export function crossChecks(file: CaseFile): Problem[] {
  return [
    ...doubledIds(file.observations, 'observations'),
    ...doubledIds(file.repairs, 'repairs'),
    ...doubledIds(file.work, 'work'),
    ...doubledIds(file.fasteners, 'fasteners'),
    ...doubledIds(file.costs, 'costs'),
    ...doubledIds(file.attachments, 'attachments'),
    ...repairsPointNowhere(file),
    ...impossibleReadings(file),
    ...swapsWithItself(file),
    ...bandsUpsideDown(file),
  ];
}
