import { createRouter, createWebHashHistory, type Router, type RouterHistory } from 'vue-router';

/** Longest that a place on the page is waited for, ms. */
const AT_LATEST = 600;

/** Where the page stood before, once it is tall enough again: what it holds comes in turns. */
function placeAgain(place: { readonly top: number; readonly left: number }): Promise<typeof place> {
  const began = performance.now();
  const isThere = (): boolean =>
    document.documentElement.scrollHeight >= place.top + window.innerHeight || performance.now() - began > AT_LATEST;
  return new Promise((resolve) => {
    const look = (): void => void (isThere() ? resolve(place) : requestAnimationFrame(look));
    look();
  });
}

/** Addresses behind the hash, so that any static host serves every one of them. */
export function createAppRouter(history: RouterHistory = createWebHashHistory()): Router {
  return createRouter({
    history,
    scrollBehavior: (_to, _from, saved) => (saved ? placeAgain(saved) : { top: 0 }),
    routes: [
      { path: '/', name: 'garage', component: () => import('./pages/GaragePage.vue') },
      { path: '/bench', name: 'bench-home', component: () => import('./pages/BenchHomePage.vue') },
      { path: '/arithmetic', name: 'arithmetic', component: () => import('./pages/ArithmeticPage.vue') },
      { path: '/handbook', name: 'handbook', component: () => import('./pages/HandbookPage.vue') },
      { path: '/vehicle/:vehicle', name: 'vehicle', component: () => import('./pages/VehiclePage.vue') },
      {
        path: '/job/:job',
        component: () => import('./pages/JobPage.vue'),
        redirect: (to) => ({ name: 'dash', params: to.params }),
        children: [
          { path: 'dash', name: 'dash', component: () => import('./pages/DashPage.vue') },
          { path: 'codes', name: 'codes', component: () => import('./pages/CodesPage.vue') },
          { path: 'find', name: 'find', component: () => import('./pages/FindPage.vue') },
          { path: 'find/check', name: 'check', component: () => import('./pages/CheckPage.vue') },
          { path: 'find/live', name: 'live', component: () => import('./pages/LivePage.vue') },
          { path: 'find/watch', name: 'watch', component: () => import('./pages/WatchPage.vue') },
          { path: 'fix', name: 'fix', component: () => import('./pages/FixPage.vue') },
          { path: 'prove', name: 'prove', component: () => import('./pages/ProvePage.vue') },
          { path: 'bench', name: 'bench', component: () => import('./pages/BenchPage.vue') },
          { path: 'notebook', name: 'notebook', component: () => import('./pages/NotebookPage.vue') },
          { path: 'record', name: 'record', component: () => import('./pages/RecordPage.vue') },
        ],
      },
      { path: '/:rest(.*)*', name: 'lost', component: () => import('./pages/LostPage.vue') },
    ],
  });
}
