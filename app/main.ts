import { createPinia } from 'pinia';
import { createApp, nextTick } from 'vue';
import { START_LOCATION } from 'vue-router';
import App from './App.vue';
import { createAppRouter } from './router';
import { askToStay, roomHere } from './storage/browserRoom';
import { NotKept } from './storage/faults';
import { createGarageStorage } from './storage/garageStorage';
import { lateShelf } from './storage/lateShelf';
import { memoryShelf } from './storage/memoryShelf';
import { switchShelf } from './storage/switchShelf';
import { providePorts } from './stores/ports';
import { useTrouble } from './stores/trouble';
import { elsewhere } from './shared/language/language';
import { tell, tellMishap } from './shared/tell';
import { isoWithOffset } from './shared/time';
import { createAdviserClient } from './workers/adviserClient';
import { createBenchClient } from './workers/benchClient';
import { createFilesClient } from './workers/filesClient';
import { createLogClient } from './workers/logClient';
import { createPhotoClient } from './workers/photoClient';
import './shared/theme/element.css';
import { texts } from '#words/shared/app';

/* Before anything else is begun: where to go when another language was chosen. */
const there = elsewhere();
if (there) location.replace(there);

const app = createApp(App);
const pinia = createPinia();
app.use(pinia);
const trouble = useTrouble(pinia);
const shelf = switchShelf(lateShelf(() => import('./storage/browserShelf').then(({ browserShelf }) => browserShelf())));
providePorts(app, {
  storage: createGarageStorage(shelf, trouble.patience),
  keepInMemory: () => shelf.use(memoryShelf()),
  askToStay,
  room: roomHere,
  adviser: createAdviserClient({
    restarted: ({ fault, message }) => (trouble.adviser = { fault, message, retry: null }),
    recovered: () => {
      trouble.adviser = null;
      void tell(texts.theAdviserHadStopped);
    },
  }),
  files: createFilesClient(),
  logs: createLogClient(),
  photos: createPhotoClient(),
  bench: createBenchClient(),
  now: () => isoWithOffset(new Date()),
  newId: () => crypto.randomUUID?.() ?? `id-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`,
});

/** An error that nobody expected; what the store could not keep has been said already. */
function mishap(error: unknown): void {
  if (error instanceof NotKept) return;
  console.error(error);
  void tellMishap(error instanceof Error ? error.message : String(error));
}

/** A part of the program that is gone after an update. */
const isGone = (error: unknown): boolean =>
  error instanceof Error && /dynamically imported module|module script|preload/i.test(error.message);

/** The beginning goes in turns, so that the first tap never waits for all of it. */
const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

await turn();
const router = createAppRouter();
router.onError((error: unknown) => (isGone(error) ? (trouble.isNewVersion = true) : mishap(error)));
window.addEventListener('vite:preloadError', (event) => {
  event.preventDefault();
  trouble.isNewVersion = true;
});
window.addEventListener('unhandledrejection', (event) => mishap(event.reason));
app.config.errorHandler = mishap;
/* Whoever changes the address while the program still begins goes there: the router does not listen before its first view. */
router.beforeResolve((to, from) => {
  const asked = location.hash.slice(1);
  return from === START_LOCATION && asked && router.resolve(asked).fullPath !== to.fullPath ? asked : true;
});
app.use(router);
/* Which address the view belongs to that stands now: for who has to wait until another has taken its place. */
router.afterEach((to) => void nextTick(() => (document.documentElement.dataset['address'] = to.fullPath)));
/* What the page shows by itself stays until the first view can take its place: no moment is blank. */
await router.isReady().catch(() => undefined);
await turn();
if (!there) app.mount('#app');
