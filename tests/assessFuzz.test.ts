import fc from 'fast-check';
import { expect, test } from 'vitest';
import { assess } from '../core/judgement/assess';
import { CASE_FILE, type CaseFile } from '../core/casefile/contract';
import { validate } from '../core/casefile/validate';
import { describeObservation } from '../core/report/describe';
import { fromShape } from './support/fromShape';

interface Loose {
  readonly vehicle: { readonly specs?: Readonly<Record<string, { min?: number; max?: number } | undefined>> };
  readonly observations: { id: string; value?: unknown; quantity?: string; with?: string; channel?: string }[];
  readonly repairs?: { id: string; after?: unknown }[];
  readonly work?: { id: string }[];
  readonly costs?: { id: string }[];
  readonly fasteners?: { id: string }[];
  readonly attachments?: { id: string }[];
}

/** Ids of their own, readings that can be: what no single place of a file can tell. */
function mended(data: unknown): unknown {
  const file = JSON.parse(JSON.stringify(data)) as Loose;
  for (const list of [file.observations, file.repairs, file.work, file.fasteners, file.costs, file.attachments])
    list?.forEach((entry, index) => (entry.id = `x${index}`));
  for (const observation of file.observations) {
    if (typeof observation.value === 'number' && observation.quantity) observation.value = Math.abs(observation.value);
    if (observation.with !== undefined && observation.with === observation.channel) delete observation.channel;
  }
  for (const repair of file.repairs ?? []) repair.after = null;
  for (const band of [file.vehicle.specs?.['sensorResistance'], file.vehicle.specs?.['airGap']])
    if (band?.min !== undefined && band.max !== undefined && band.min > band.max)
      [band.min, band.max] = [band.max, band.min];
  return file;
}

test('any file that the contract admits is judged: no exception, chances in [0, 1], all that is told in words', () => {
  let judged = 0;
  fc.assert(
    fc.property(fromShape(CASE_FILE), (data) => {
      const read = validate(mended(data));
      expect(read.ok ? [] : read.problems).toEqual([]);
      if (!read.ok) return;
      const file: CaseFile = read.value;
      const { ranking, segments, next, ignored } = assess(file);
      for (const row of [...ranking, ...segments])
        expect(Number.isFinite(row.probability) && row.probability >= 0 && row.probability <= 1).toBe(true);
      expect(segments).toHaveLength(7 * file.vehicle.channels.length);
      for (const move of next)
        expect([
          Number.isFinite(move.minutes),
          Number.isFinite(move.cost),
          Number.isFinite(move.expectedSaving),
          move.why.length > 0,
        ]).toEqual([true, true, true, true]);
      for (const reason of ignored) expect(reason.why.length).toBeGreaterThan(3);
      for (const observation of file.observations)
        expect(describeObservation(observation, file).title.length).toBeGreaterThan(0);
      judged += 1;
    }),
    { numRuns: 60 },
  );
  expect(judged).toBe(60);
}, 120_000);
