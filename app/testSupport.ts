import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import ElementPlus from 'element-plus';
import { createMemoryHistory, RouterView, type Router } from 'vue-router';
import { assessFully } from '../core/judgement/assess';
import type { CaseFile, Vehicle } from '../core/casefile/contract';
import { createAppRouter } from './router';
import { openDatabase, type Database } from './storage/database';
import { dexieShelf } from './storage/dexieShelf';
import { createGarageStorage, type GarageStorage, type JobRecord } from './storage/garageStorage';
import { emptyCase, useGarage } from './stores/garage';
import { providePorts, type Ports } from './stores/ports';
import type { AdviserClient } from './workers/adviserClient';
import { readBlob } from './workers/readBlob';

export const NOW = '2026-05-04T17:30:00+02:00';

/** The adviser in this very thread. */
const adviser: AdviserClient = {
  assess: (file) => Promise.resolve(assessFully(file)),
  imagine: (_file, seen) => Promise.resolve(seen.map(() => [])),
  overturns: () => Promise.resolve([]),
};

/** A garage of its own on a database of its own, with a vehicle and a job in it. */
export interface TestGarage {
  readonly database: Database;
  readonly storage: GarageStorage;
  readonly ports: Ports;
  readonly job: () => Promise<JobRecord>;
}

let count = 0;

/** Ids that repeat, and a clock that stands still. */
function portsOn(storage: GarageStorage): Ports {
  return {
    storage,
    adviser,
    files: { read: readBlob },
    keepInMemory: () => undefined,
    askToStay: () => undefined,
    now: () => NOW,
    newId: () => `id${(count += 1)}`,
  };
}

/**
 * Lays out a garage with one vehicle `v` and one job `j`.
 * @param vehicle its vehicle. @param file what the job holds beside an empty case.
 */
export async function layOut(vehicle: Vehicle, file: Partial<CaseFile> = {}): Promise<TestGarage> {
  count += 1;
  const database = openDatabase(`zelf-view-${count}`);
  const storage = createGarageStorage(dexieShelf(database));
  const record = { id: 'v', vehicle, owner: {}, createdAt: NOW };
  const job: JobRecord = {
    id: 'j',
    vehicleId: 'v',
    title: 'a job',
    createdAt: NOW,
    updatedAt: NOW,
    stage: 'dash',
    subject: null,
    file: { ...emptyCase(record), ...file },
  };
  await storage.putAll([record], [job]);
  await storage.keepPreference('demo-laid-out', true);
  const ports = portsOn(storage);
  return { database, storage, ports, job: async () => (await database.jobs.get('j')) as JobRecord };
}

/** Makes the ports current for stores that are used outside any component, as in a tab of its own. */
export function newTab(garage: TestGarage): void {
  setActivePinia(createPinia());
  providePorts({ provide: () => undefined } as never, garage.ports);
}

/** Waits until something holds: storage answers when it answers. */
export const until = (holds: () => void | Promise<void>): Promise<void> =>
  vi.waitFor(holds, { timeout: 4000, interval: 15 });

/** The app as it stands at an address, with everything behind it real but the worker. */
export async function show(
  garage: TestGarage,
  address: string,
): Promise<{ readonly screen: VueWrapper; readonly router: Router }> {
  const pinia = createPinia();
  setActivePinia(pinia);
  const bar = document.createElement('div');
  bar.id = 'own-bar';
  document.body.replaceChildren(bar);
  providePorts({ provide: () => undefined } as never, garage.ports);
  await useGarage().open();
  const router = createAppRouter(createMemoryHistory());
  await router.push(address);
  await router.isReady();
  const screen = mount(RouterView, {
    attachTo: document.body,
    global: { plugins: [ElementPlus, pinia, router, { install: (app) => providePorts(app, garage.ports) }] },
  });
  await flushPromises();
  return { screen, router };
}
