import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import ElementPlus from 'element-plus';
import { createMemoryHistory, RouterView, type Router } from 'vue-router';
import { debriefOf } from '../bench/practice/debrief';
import { lessonOf } from '../bench/practice/lesson';
import { trialCars } from '../bench/trial/trial';
import { assessFully } from '../core/judgement/assess';
import type { CaseFile, Vehicle } from '../core/casefile/contract';
import { createAppRouter } from './router';
import { readBundle, writeBundle, zipFolder } from './storage/bundle';
import { openDatabase, type Database } from './storage/database';
import { dexieShelf } from './storage/dexieShelf';
import { createGarageStorage, type GarageStorage, type JobRecord } from './storage/garageStorage';
import { emptyCase, useGarage } from './stores/garage';
import { providePorts, type Ports } from './stores/ports';
import type { AdviserClient } from './workers/adviserClient';
import type { Prepared } from './workers/preparePhoto';
import { readBlob } from './workers/readBlob';
import { readLogBlob } from './workers/readLogBlob';

export const NOW = '2026-05-04T17:30:00+02:00';

/** The adviser in this very thread. */
const adviser: AdviserClient = {
  assess: (file) => Promise.resolve(assessFully(file)),
  glance: (file) => Promise.resolve(assessFully(file)),
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

/** What a photograph becomes: no canvas here. */
const PICTURE: Prepared = {
  type: 'image/jpeg',
  full: Uint8Array.of(1, 2, 3),
  small: Uint8Array.of(4),
  takenAt: '2026-05-03T10:11:12',
  sha256: '0'.repeat(64),
};

/** Ids that repeat, and a clock that stands still. */
function portsOn(storage: GarageStorage): Ports {
  return {
    storage,
    adviser,
    files: {
      read: readBlob,
      pack: writeBundle,
      folder: (files) => Promise.resolve(zipFolder(files)),
      unpack: async (file) => readBundle(new Uint8Array(await file.arrayBuffer())),
    },
    logs: { read: readLogBlob },
    photos: { prepare: (file) => Promise.resolve(file.size > 0 ? PICTURE : null) },
    bench: {
      debrief: (practice) => Promise.resolve(debriefOf(practice)),
      lesson: (vehicle, found) => Promise.resolve(lessonOf(vehicle, found)),
      trial: (cars, seed, progress) => {
        progress(cars);
        return { done: Promise.resolve(trialCars(0, cars, seed)), stop: () => undefined };
      },
    },
    keepInMemory: () => undefined,
    askToStay: () => Promise.resolve(),
    room: () => Promise.resolve({ used: 1_234_567, quota: 2_000_000_000, isKept: false }),
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
  vi.waitFor(holds, { timeout: 10_000, interval: 15 });

/** The app of the test before: its keys must not be pressed any more. */
let former: VueWrapper | null = null;

/** A list that drops down places itself with much reckoning, a second each in a document without layout; no test opens one here, journeys do. */
const HEAVY = {
  ElSelect: { template: '<span class="select" />' },
  ElPopover: { inheritAttrs: false, template: '<span><slot name="reference" /></span>' },
};

/** What lies folded away is looked at as if somebody had opened it. */
const UNFOLDED = { WhenOpened: { template: '<slot />' } };

/** The app as it stands at an address, with everything behind it real but the worker. */
export async function show(
  garage: TestGarage,
  address: string,
): Promise<{ readonly screen: VueWrapper; readonly router: Router }> {
  former?.unmount();
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
    global: {
      stubs: { ...HEAVY, ...UNFOLDED },
      plugins: [ElementPlus, pinia, router, { install: (app) => providePorts(app, garage.ports) }],
    },
  });
  former = screen;
  await flushPromises();
  return { screen, router };
}

/** What a test does to a screen, by the marks and words on it. */
export function handsOn(screen: VueWrapper) {
  const mark = (name: string) => screen.find(`[data-test="${name}"]`);
  const button = (words: string | RegExp) =>
    screen
      .findAll('button, a')
      .find((found) => (typeof words === 'string' ? found.text() === words : words.test(found.text())));

  /** Waits for something to press, and presses it. */
  async function press(what: string | RegExp): Promise<void> {
    const find = () => (typeof what === 'string' && mark(what).exists() ? mark(what) : button(what));
    await until(() => {
      if (!find()) throw new Error(`there is nothing to press called ${String(what)}`);
    });
    await find()?.trigger('click');
  }

  /** Writes into the field of a mark, a label or a place holder. */
  async function write(where: string, text: string): Promise<void> {
    const field = screen.find(`[data-test="${where}"]`);
    const input = field.exists() ? field : screen.find(`[aria-label="${where}"], [placeholder="${where}"]`);
    const inner = input.element.matches('input, textarea') ? input : input.find('input, textarea');
    await inner.setValue(text);
    await inner.trigger('change');
  }

  /** Waits until the screen says something. */
  const says = (words: string | RegExp): Promise<void> =>
    until(() => {
      const text = screen.text().replace(/\s+/g, ' ');
      if (typeof words === 'string' ? !text.includes(words) : !words.test(text))
        throw new Error(`the screen does not say ${String(words)}: ${text.slice(0, 1500)}`);
    });

  return { mark, button, press, write, says, list: (selector: string) => screen.findAll(selector) };
}
