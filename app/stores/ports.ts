import { hasInjectionContext, inject, type App, type InjectionKey } from 'vue';
import type { GarageStorage } from '../storage/garageStorage';
import type { AdviserClient } from '../workers/adviserClient';
import type { BenchClient } from '../workers/benchClient';
import type { FilesClient } from '../workers/filesClient';
import type { LogClient } from '../workers/logClient';
import type { PhotoClient } from '../workers/photoClient';

/** The browser's room for this site. */
export interface Room {
  /** Bytes. */
  readonly used: number;
  readonly quota: number;
  /** Whether the browser has promised not to clear it by itself. */
  readonly isKept: boolean;
}

/** What the app stands on; only `main.ts` chooses the implementations. */
export interface Ports {
  readonly storage: GarageStorage;
  readonly adviser: AdviserClient;
  readonly files: FilesClient;
  readonly logs: LogClient;
  readonly photos: PhotoClient;
  readonly bench: BenchClient;
  /** Asks the browser not to throw away what is stored when room gets short. */
  readonly askToStay: () => Promise<void>;
  /** How much room there is for what is stored; null where the browser does not say. */
  readonly room: () => Promise<Room | null>;
  /** From now on what is kept lasts as long as the page. */
  readonly keepInMemory: () => void;
  /** Now, as ISO 8601 with offset. */
  readonly now: () => string;
  readonly newId: () => string;
}

const KEY: InjectionKey<Ports> = Symbol('ports');

let current: Ports | null = null;

/** Gives the ports to the app and its stores. */
export function providePorts(app: App, ports: Ports): void {
  app.provide(KEY, ports);
  current = ports;
}

/** The ports, for stores and composables. */
export function usePorts(): Ports {
  const ports = (hasInjectionContext() ? inject(KEY, null) : null) ?? current;
  if (!ports) throw new Error('no ports: main.ts must call providePorts before the first store is used');
  return ports;
}
