import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { demoGarage } from '../demo/demoGarage';
import { openDatabase, type Database, type JobRecord } from './database';
import { createGarageStorage, type GarageStorage } from './garageStorage';

let database: Database;
let storage: GarageStorage;
const NOW = '2026-05-04T17:30:00+02:00';

beforeEach(() => {
  database = openDatabase(`zelf-test-${Math.random()}`);
  storage = createGarageStorage(database);
});
afterEach(() => database.delete());

async function oneJob(): Promise<JobRecord> {
  const demo = demoGarage(NOW);
  await storage.putAll(demo.vehicles, demo.jobs);
  return demo.jobs[0] as JobRecord;
}

describe('the garage on disk', () => {
  test('every version of the database has its tables', () => {
    expect(database.verno).toBe(1);
    expect(database.tables.map((one) => one.name).sort()).toEqual(['drafts', 'jobs', 'preferences', 'vehicles']);
  });
  test('changes of two tabs at once are both kept', async () => {
    const job = await oneJob();
    const other = createGarageStorage(database);
    const add =
      (text: string) =>
      (job: JobRecord): JobRecord => ({
        ...job,
        file: { ...job.file, notes: [...(job.file.notes ?? []), { text }] },
      });
    await Promise.all([
      storage.changeJob(job.id, add('one')),
      other.changeJob(job.id, add('two')),
      storage.changeJob(job.id, add('three')),
    ]);
    expect((await database.jobs.get(job.id))?.file.notes).toHaveLength(3);
  });
  test('a change that fails leaves the job as it was', async () => {
    const job = await oneJob();
    await expect(
      storage.changeJob(job.id, () => {
        throw new Error('no');
      }),
    ).rejects.toThrow('no');
    expect(await database.jobs.get(job.id)).toEqual(JSON.parse(JSON.stringify(job)));
    await expect(storage.changeJob('none', (other) => other)).rejects.toThrow(/there is no job/);
  });
  test('what is watched is told of changes', async () => {
    const job = await oneJob();
    const seen: (string | undefined)[] = [];
    const told = new Promise<void>((resolve) => {
      const stop = storage.watchJob(job.id, (now) => {
        seen.push(now?.title);
        if (seen.includes('renamed')) {
          stop();
          resolve();
        } else void storage.changeJob(job.id, (before) => ({ ...before, title: 'renamed' }));
      });
    });
    await told;
    expect(seen.at(-1)).toBe('renamed');
  });
  test('drafts and preferences', async () => {
    await storage.keepDraft('d', 'half a read');
    expect(await storage.draft('d')).toBe('half a read');
    await storage.keepDraft('d', '');
    expect(await database.drafts.count()).toBe(0);
    await storage.keepPreference('look', { gloves: true });
    expect(await storage.preference('look')).toEqual({ gloves: true });
  });
});
