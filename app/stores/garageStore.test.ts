import { describe, expect, test, vi } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { openDatabase } from '../storage/database';
import { dexieShelf } from '../storage/dexieShelf';
import { createGarageStorage } from '../storage/garageStorage';
import { memoryShelf } from '../storage/memoryShelf';
import { layOut, newTab, NOW, until, type TestGarage } from '../testSupport';
import { isoWithOffset, shownMoment } from '../shared/time';
import { useGarage } from './garage';
import { usePracticeJobs } from './practiceJobs';
import { useTrouble } from './trouble';

/** A garage in which nobody has been yet. */
async function untouched(): Promise<TestGarage> {
  const garage = await layOut(car('passive'));
  const database = openDatabase(`zelf-untouched-${Math.random()}`);
  const storage = createGarageStorage(dexieShelf(database));
  return { ...garage, database, storage, ports: { ...garage.ports, storage } };
}

describe('the first visit', () => {
  test('lays the samples out, once; what is removed of them stays away', async () => {
    const garage = await untouched();
    newTab(garage);
    const first = useGarage();
    await first.open();
    await until(() =>
      expect(first.vehicles.map((vehicle) => vehicle.vehicle.name).toSorted()).toEqual(['Bertie', 'Pebble', 'Tansy']),
    );
    expect(first.isLoaded).toBe(true);
    for (const job of first.jobs) await first.removeJob(job.id);
    newTab(garage);
    const second = useGarage();
    await second.open();
    await until(() => expect(second.isLoaded).toBe(true));
    expect(second.jobs).toEqual([]);
  });
  test('without storage that lasts it is the same, and lasts as long as the page', async () => {
    const garage = await untouched();
    const storage = createGarageStorage(memoryShelf());
    newTab({ ...garage, ports: { ...garage.ports, storage } });
    const memory = useGarage();
    await memory.open();
    await until(() => expect(memory.jobs.length).toBe(6));
    const id = await memory.startJob('tansy');
    await until(() => expect(memory.jobs.some((job) => job.id === id)).toBe(true));
  });
});

describe('what is kept', () => {
  test('the browser is asked to keep it when the first job is started', async () => {
    const garage = await layOut(car('passive'));
    const askToStay = vi.fn(() => Promise.resolve());
    newTab({ ...garage, ports: { ...garage.ports, askToStay } });
    const all = useGarage();
    await all.open();
    await until(() => expect(all.isLoaded).toBe(true));
    expect(askToStay).not.toHaveBeenCalled();
    await all.startJob('v');
    expect(askToStay).toHaveBeenCalledOnce();
  });
  test('a file of a vehicle that is not known brings the vehicle with it', async () => {
    const garage = await layOut(car('passive'));
    newTab(garage);
    const all = useGarage();
    await all.open();
    await until(() => expect(all.isLoaded).toBe(true));
    const other = { ...caseOf(car('active'), []), vehicle: { ...car('active'), name: 'Orchard van' } };
    const taken = await all.importFile(
      new Blob([JSON.stringify(other)]),
      () => undefined,
      new AbortController().signal,
    );
    expect(taken.ok).toBe(true);
    await until(() => expect(all.vehicles.map((vehicle) => vehicle.vehicle.name)).toContain('Orchard van'));
  });
  test('practice cars share one place, each with its own number', async () => {
    const garage = await layOut(car('passive'));
    newTab(garage);
    const all = useGarage();
    await all.open();
    await until(() => expect(all.isLoaded).toBe(true));
    const { start } = usePracticeJobs();
    for (let count = 1; count <= 2; count += 1) {
      await start('easy');
      await until(() => expect(all.jobs.filter((job) => job.title === 'practice: Easy')).toHaveLength(count));
    }
    expect(all.vehicles.filter((vehicle) => vehicle.vehicle.name === 'Practice car')).toHaveLength(1);
    const seeds = all.jobs.map((job) => (job.file.practice as { seed?: number } | undefined)?.seed).filter(Boolean);
    expect(seeds.toSorted()).toEqual([1, 2]);
  });
});

describe('troubles', () => {
  test('the newest fault is shown; what is unsaved is known by its job', async () => {
    const garage = await layOut(car('passive'));
    newTab(garage);
    const trouble = useTrouble();
    expect([trouble.fault, trouble.canDecide]).toEqual([null, false]);
    const first = trouble.patience.failed('failing', null);
    const second = trouble.patience.failed('full', { job: 'j', change: (job) => job });
    expect([trouble.fault, trouble.canDecide, trouble.unsaved.map((entry) => entry.job)]).toEqual([
      'full',
      true,
      ['j'],
    ]);
    trouble.giveUp();
    expect(await Promise.all([first, second])).toEqual([false, false]);
    expect(trouble.fault).toBeNull();
  });
});

describe('moments', () => {
  test('have the local offset, and are shown short', () => {
    expect(isoWithOffset(new Date(2026, 4, 4, 7, 5, 9))).toMatch(/^2026-05-04T07:05:09(Z|[+-]\d\d:\d\d)$/);
    expect(shownMoment('')).toBe('');
    expect(shownMoment('not a time')).toBe('not a time');
    expect(shownMoment(NOW)).toMatch(/May/);
  });
});
