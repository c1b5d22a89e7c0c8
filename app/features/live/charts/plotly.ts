/** Plotly comes with the first chart; where charts are likely, it is fetched beforehand in a quiet moment. */
export const loadPlotly = async () => (await import('plotly.js-basic-dist-min')).default;

/** Charts are drawn one after the other, a frame apart, so that none keeps the page from answering. */
let before: Promise<unknown> = Promise.resolve();
const frame = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

export function inTurn(draw: () => Promise<unknown>): Promise<void> {
  const mine = before.then(frame).then(draw);
  before = mine.catch(() => undefined);
  return mine.then(() => undefined);
}

/** Browsers without idle moments: after so long, ms. */
const QUIET_MS = 300;

/** Fetches it once the page has nothing else to do. */
export function expectCharts(): void {
  const fetch = (): void => void loadPlotly().catch(() => undefined);
  if ('requestIdleCallback' in window) window.requestIdleCallback(fetch);
  else setTimeout(fetch, QUIET_MS);
}
