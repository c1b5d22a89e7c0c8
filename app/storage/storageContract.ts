import { demoGarage } from '../demo/demoGarage';
import { createGarageStorage, type GarageSeen, type GarageStorage } from './garageStorage';
import type { JobRecord, StoredDraft, VehicleRecord } from './records';
import type { Shelf } from './shelf';

/** What every keeping of the garage must do, wherever its records lie: run in memory, on a stand-in and in a real browser. */
export interface ContractCase {
  readonly name: string;
  readonly run: (storage: GarageStorage, shelf: Shelf) => Promise<void>;
}

const NOW = '2026-05-04T17:30:00+02:00';

/** @throws Error with both values when they are not the same. */
function same(found: unknown, wanted: unknown): void {
  const [a, b] = [JSON.stringify(found), JSON.stringify(wanted)];
  if (a !== b) throw new Error(`found ${a}, wanted ${b}`);
}

async function fails(work: Promise<unknown>, words: RegExp): Promise<void> {
  const error = await work.then(
    () => null,
    (reason: unknown) => reason,
  );
  if (!(error instanceof Error) || !words.test(error.message))
    throw new Error(`found ${String(error)}, wanted ${words}`);
}

/** Waits until what is watched is as wanted. */
function once<T>(watch: (seen: (value: T) => void) => () => void, isWanted: (value: T) => boolean): Promise<T> {
  return new Promise((resolve) => {
    let stop: (() => void) | null = null;
    let isFound = false;
    stop = watch((value) => {
      if (isFound || !isWanted(value)) return;
      isFound = true;
      stop?.();
      resolve(value);
    });
    if (isFound) stop();
  });
}

async function laidOut(storage: GarageStorage): Promise<{ readonly job: JobRecord; readonly vehicle: VehicleRecord }> {
  const { vehicles, jobs } = demoGarage(NOW);
  await storage.putAll(vehicles, jobs);
  return { job: jobs[0] as JobRecord, vehicle: vehicles[0] as VehicleRecord };
}

const jobOf = (storage: GarageStorage, id: string): Promise<JobRecord | null> =>
  once<JobRecord | null>(
    (seen) => storage.watchJob(id, seen),
    () => true,
  );

const garageOf = (storage: GarageStorage): Promise<GarageSeen> =>
  once<GarageSeen>(
    (seen) => storage.watchGarage(seen),
    () => true,
  );

const draftOf = (storage: GarageStorage, id: string): Promise<StoredDraft> =>
  once<StoredDraft>(
    (seen) => storage.watchDraft(id, seen),
    () => true,
  );

const adding =
  (text: string) =>
  (job: JobRecord): JobRecord => ({ ...job, file: { ...job.file, notes: [...(job.file.notes ?? []), { text }] } });

export const STORAGE_CONTRACT: readonly ContractCase[] = [
  {
    name: 'what is put is seen, the newest job first',
    async run(storage) {
      await laidOut(storage);
      const { vehicles, jobs, damaged } = await garageOf(storage);
      same([vehicles.length, jobs.length, damaged.length], [3, 6, 0]);
      same(
        jobs
          .map((job) => job.updatedAt)
          .toSorted()
          .toReversed(),
        jobs.map((job) => job.updatedAt),
      );
    },
  },
  {
    name: 'a vehicle is removed with its jobs; the others stay, and it can be put back',
    async run(storage) {
      const { vehicle } = await laidOut(storage);
      const before = await garageOf(storage);
      const own = before.jobs.filter(({ vehicleId }) => vehicleId === vehicle.id);
      await storage.removeAll(
        [vehicle.id],
        own.map(({ id }) => id),
      );
      const after = await garageOf(storage);
      same([after.vehicles.length, after.jobs.length], [2, before.jobs.length - own.length]);
      await storage.putAll([vehicle], own);
      same((await garageOf(storage)).jobs.length, before.jobs.length);
    },
  },
  {
    name: 'pictures are kept as they are; those that no job speaks of are swept away',
    async run(storage) {
      const { job } = await laidOut(storage);
      const picture = (id: string) => ({
        id,
        type: 'image/jpeg',
        full: Uint8Array.of(1, 2, 255),
        small: Uint8Array.of(7),
      });
      await storage.putPhotos([picture('p1'), picture('p2'), { ...picture('p3'), keptAt: NOW }]);
      const attachment = { id: 'p1', name: 'seat.jpg', type: 'image/jpeg' };
      await storage.changeJob(job.id, (now) => ({ ...now, file: { ...now.file, attachments: [attachment] } }));
      await storage.sweepPhotos(NOW);
      const kept = await storage.photo('p1');
      same([kept?.type, ...(kept?.full ?? [])], ['image/jpeg', 1, 2, 255]);
      same(await storage.photo('p2'), null);
      same((await storage.photo('p3'))?.id, 'p3');
      await storage.sweepPhotos('2026-05-05T17:30:01+02:00');
      same(await storage.photo('p3'), null);
    },
  },
  {
    name: 'changes of several hands at once are all kept',
    async run(storage, shelf) {
      const { job } = await laidOut(storage);
      const other = createGarageStorage(shelf);
      await Promise.all(
        Array.from({ length: 20 }, (_none, at) => (at % 2 ? storage : other).changeJob(job.id, adding(`note ${at}`))),
      );
      same((await jobOf(storage, job.id))?.file.notes?.length, 20);
    },
  },
  {
    name: 'a change that fails leaves the job as it was; a change of nothing writes nothing',
    async run(storage) {
      const { job } = await laidOut(storage);
      const wrong = storage.changeJob(job.id, () => {
        throw new Error('not possible');
      });
      await fails(wrong, /not possible/);
      await storage.changeJob(job.id, (before) => before);
      same(await jobOf(storage, job.id), job);
      await fails(
        storage.changeJob('none', (before) => before),
        /there is no job/,
      );
      await fails(
        storage.changeVehicle('none', (before) => before),
        /there is no vehicle/,
      );
    },
  },
  {
    name: 'what a job finds out about its vehicle is on the sheet at once, and counted',
    async run(storage) {
      const { job } = await laidOut(storage);
      await storage.changeJob(job.id, (before) => ({
        ...before,
        file: { ...before.file, vehicle: { ...before.file.vehicle, odometer: 99_000 } },
      }));
      const sheet = await once<VehicleRecord | null>(
        (seen) => storage.watchVehicle(job.vehicleId, seen),
        (vehicle) => vehicle?.vehicle.odometer === 99_000,
      );
      same(sheet?.revision, 1);
      same((await jobOf(storage, job.id))?.sheetSeen?.vehicle.odometer, 99_000);
    },
  },
  {
    name: 'who watches is told of each change, and no more once it has stopped',
    async run(storage) {
      const { job } = await laidOut(storage);
      const seen: (string | undefined)[] = [];
      const renamed = once<JobRecord | null>(
        (tell) => storage.watchJob(job.id, tell),
        (now) => now?.title === 'renamed',
      );
      const stop = storage.watchJob(job.id, (now) => seen.push(now?.title));
      await storage.changeJob(job.id, (before) => ({ ...before, title: 'renamed' }));
      await renamed;
      stop();
      const before = seen.length;
      await storage.changeJob(job.id, (now) => ({ ...now, title: 'again' }));
      await once<JobRecord | null>(
        (tell) => storage.watchJob(job.id, tell),
        (now) => now?.title === 'again',
      );
      same(seen.length, before);
    },
  },
  {
    name: 'a job is removed, and put back',
    async run(storage) {
      const { job } = await laidOut(storage);
      await storage.removeJob(job.id);
      same(await jobOf(storage, job.id), null);
      await storage.putJob(job);
      same(await jobOf(storage, job.id), job);
    },
  },
  {
    name: 'a vehicle is added and changed; the changed record is given back',
    async run(storage) {
      const { vehicle } = await laidOut(storage);
      await storage.putVehicle({ ...vehicle, id: 'second' });
      const changed = await storage.changeVehicle('second', (before) => ({ ...before, owner: { hourValue: 31 } }));
      same([changed.owner.hourValue, changed.revision], [31, 1]);
      same(await storage.changeVehicle('second', (before) => before), changed);
    },
  },
  {
    name: 'drafts: two hands in one text lose no letter; whole ones are replaced; each change is counted',
    async run(storage) {
      await storage.keepDraft('text', 'C0034');
      same((await storage.keepDraft('text', 'C0034\nC0031', 'C0034')).text, 'C0034\nC0031');
      same((await storage.keepDraft('text', 'first\nC0034', 'C0034')).text, 'first\nC0034\nC0031');
      same(await storage.keepDraft('text', '12'), { text: '12', revision: 4 });
      same(await storage.keepDraft('text', ''), { text: '', revision: 5 });
      same(await draftOf(storage, 'text'), { text: '', revision: 5 });
      same(await draftOf(storage, 'none'), { text: '', revision: 0 });
    },
  },
  {
    name: 'a draft that another tab types is told',
    async run(storage, shelf) {
      const notice = once<StoredDraft>(
        (seen) => storage.watchDraft('d', seen),
        ({ text }) => text === 'half a read',
      );
      await createGarageStorage(shelf).keepDraft('d', 'half a read');
      same((await notice).revision, 1);
    },
  },
  {
    name: 'preferences of any shape',
    async run(storage) {
      await storage.keepPreference('look', { gloves: true, sizes: [1, 2] });
      same(await storage.preference('look'), { gloves: true, sizes: [1, 2] });
      same(await storage.preference('none'), undefined);
    },
  },
  {
    name: 'a damaged record stands apart, can be mended or removed, and all others work',
    async run(storage, shelf) {
      const { job } = await laidOut(storage);
      const broken = { ...job, id: 'broken', title: 5, file: { ...job.file, observations: [{ id: 'x', kind: 'no' }] } };
      await shelf.put('jobs', broken);
      await shelf.put('jobs', { id: 'hopeless' });
      const seen = await garageOf(storage);
      same(seen.jobs.length, 6);
      same(seen.damaged.map((entry) => [entry.key, entry.leavesOut]).toSorted(), [
        ['broken', 2],
        ['hopeless', null],
      ]);
      const [first, second] = seen.damaged.toSorted((a, b) => (a.key as string).localeCompare(b.key as string));
      if (!first || !second) throw new Error('nothing is damaged');
      await storage.mend(first, NOW);
      await storage.removeDamaged(second);
      const after = await garageOf(storage);
      same([after.jobs.length, after.damaged.length], [7, 0]);
      same((await jobOf(storage, 'broken'))?.title, 'repaired job');
      await fails(storage.mend(second, NOW), /too little/);
    },
  },
];
