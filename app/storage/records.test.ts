import { describe, expect, test } from 'vitest';
import { explain } from '../../core/casefile/explain';
import type { Misfit } from '../../core/casefile/misfits';
import { demoGarage } from '../demo/demoGarage';
import { createGarageStorage, type GarageSeen } from './garageStorage';
import { memoryShelf } from './memoryShelf';
import { lookAtRecord, mendedRecord, type RecordTable } from './records';

const NOW = '2026-05-04T17:30:00+02:00';
const demo = demoGarage(NOW);
const job = demo.jobs[0] as unknown as Record<string, unknown>;
const vehicle = demo.vehicles[0] as unknown as Record<string, unknown>;
const file = job['file'] as Record<string, unknown>;
const observations = file['observations'] as object[];

const without = (record: object, key: string): object =>
  Object.fromEntries(Object.entries(record).filter(([name]) => name !== key));

/** Fifteen ways in which a record goes bad, and what a mending leaves out; null: it cannot be mended. */
const DAMAGES: readonly (readonly [string, RecordTable, object, number | null])[] = [
  ['a job without its file', 'jobs', without(job, 'file'), null],
  ['a file that is null', 'jobs', { ...job, file: null }, null],
  ['a file without observations', 'jobs', { ...job, file: without(file, 'observations') }, null],
  ['observations that are no list', 'jobs', { ...job, file: { ...file, observations: {} } }, null],
  [
    'one observation of an unknown kind',
    'jobs',
    { ...job, file: { ...file, observations: [...observations, { id: 'x', kind: 'aura' }] } },
    1,
  ],
  ['an observation that is null', 'jobs', { ...job, file: { ...file, observations: [null, ...observations] } }, 1],
  ['a file from the future', 'jobs', { ...job, file: { ...file, version: 9 } }, null],
  ['a title that is a number', 'jobs', { ...job, title: 5 }, 1],
  ['no time of change', 'jobs', without(job, 'updatedAt'), 0],
  ['a stage that does not exist', 'jobs', { ...job, stage: 'moon' }, 1],
  ['a history that is text', 'jobs', { ...job, history: 'none' }, 1],
  ['a sheet that is half there', 'jobs', { ...job, sheetSeen: { vehicle: 5 } }, 1],
  [
    'costs that are nonsense',
    'jobs',
    { ...job, file: { ...file, costs: [{ id: 'c', item: 'sensor', amount: 'much', use: 'needed' }] } },
    1,
  ],
  ['a vehicle without channels', 'vehicles', { ...vehicle, vehicle: { name: 'Tansy' } }, null],
  [
    'a vehicle with odd specs',
    'vehicles',
    { ...vehicle, vehicle: { ...(vehicle['vehicle'] as object), specs: { toneRingTeeth: 'many' } } },
    1,
  ],
];

describe('damaged records', () => {
  test.each(DAMAGES)('%s', async (_name, table, record, leftOut) => {
    const shelf = memoryShelf();
    const storage = createGarageStorage(shelf);
    await storage.putAll(demo.vehicles, demo.jobs);
    await shelf.put(table, record);
    const seen = await new Promise<GarageSeen>((resolve) => storage.watchGarage(resolve));
    expect(seen.damaged).toMatchObject([{ table, leavesOut: leftOut }]);
    expect(explain(seen.damaged[0]?.misfits[0] as Misfit).message.length).toBeGreaterThan(5);
    expect([seen.vehicles.length, seen.jobs.length]).toEqual(table === 'jobs' ? [3, 5] : [2, 6]);
  });
  test('a mended record is sound, and holds all that was', () => {
    for (const [name, table, record, leftOut] of DAMAGES) {
      const mending = mendedRecord(table, record, NOW);
      expect(mending?.leftOut ?? null, name).toBe(leftOut);
      if (mending) expect(lookAtRecord(table, 'k', mending.record), name).toBeNull();
    }
    const mending = mendedRecord('jobs', DAMAGES[5]?.[2], NOW);
    expect((mending?.record as unknown as typeof job)['file']).toEqual(file);
  });
  test('what is no record at all is damaged, too', () => {
    for (const raw of [null, 5, 'text', [], {}])
      expect(lookAtRecord('jobs', 'k', raw)).toMatchObject({ leavesOut: null, title: '' });
  });
  test('its name is told as far as it has one', () => {
    expect(lookAtRecord('jobs', 'k', { ...job, stage: 'moon' })?.title).toBe('Tansy: lamps since the flooded lane');
  });
  test('sound records of the samples are not damaged', () => {
    for (const job of demo.jobs) expect(lookAtRecord('jobs', job.id, job)).toBeNull();
    for (const vehicle of demo.vehicles) expect(lookAtRecord('vehicles', vehicle.id, vehicle)).toBeNull();
  });
});
