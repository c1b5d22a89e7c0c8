import type { Data, Layout } from 'plotly.js';
import { toRaw } from 'vue';
import { texts } from '#words/screens/log';

/** Plotly comes with the first chart; where charts are likely, it is fetched beforehand in a quiet moment. */
export const loadPlotly = async () => (await import('plotly.js-basic-dist-min')).default;

/** A colour by its role in the sheet. */
export const role = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

/** A chart's layout in the sheet's own letters and colours; a copy, since Plotly writes into what it is given. @param height pixels. */
export const inSheet = (layout: Partial<Layout>, height: number): Partial<Layout> => ({
  paper_bgcolor: 'rgba(0,0,0,0)',
  plot_bgcolor: 'rgba(0,0,0,0)',
  font: { family: role('text') || 'sans-serif', size: 14, color: role('ink') },
  showlegend: false,
  dragmode: 'zoom',
  hovermode: 'x',
  height,
  ...structuredClone(toRaw(layout)),
});

const PICTURE_WIDTH = 1200;

/** Saves a chart as a picture, on the sheet's own ground. */
export async function saveFigure(
  { data, layout, height }: { data: Data[]; layout: Partial<Layout>; height: number },
  format: 'png' | 'svg',
): Promise<void> {
  const plotly = await loadPlotly();
  const ground = { ...inSheet(layout, height), paper_bgcolor: role('ground'), width: PICTURE_WIDTH };
  await plotly.downloadImage(
    { data, layout: ground },
    { format, filename: texts.pictureFile, width: PICTURE_WIDTH, height },
  );
}

/** Charts are drawn one after the other, a frame apart, so that none keeps the page from answering. */
let before: Promise<unknown> = Promise.resolve();
const frame = (): Promise<void> => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)));

export function inTurn(draw: () => Promise<unknown>): Promise<void> {
  const mine = before.then(frame).then(draw);
  before = mine.catch(() => undefined);
  return mine.then(() => undefined);
}

/** Browsers without idle moments: after so long, ms. */
const QUIET_MS = 300;

/** The next moment in which the page has nothing else to do. */
const quietMoment = (): Promise<void> =>
  new Promise((resolve) => {
    if ('requestIdleCallback' in window) window.requestIdleCallback(() => resolve());
    else setTimeout(resolve, QUIET_MS);
  });

/** It has one of all that the real ones have. */
const UNSEEN: { readonly data: Data[]; readonly layout: Partial<Layout> } = {
  data: Array.from({ length: 4 }, (_, at): Data => ({
    type: 'scatter',
    mode: 'lines',
    x: Array.from({ length: 400 }, (__, point) => point),
    y: Array.from({ length: 400 }, (__, point) => (point * (at + 1)) % 7),
  })),
  layout: {
    yaxis: { title: { text: '%' } },
    shapes: [{ type: 'rect', xref: 'x', yref: 'paper', x0: 0, x1: 1, y0: 0, y1: 1, layer: 'below' }],
    annotations: [{ x: 1, y: 1, xref: 'x', yref: 'paper', text: '%', showarrow: false }],
  },
};

/** Plotly's first chart takes three times as long as those after it: it is a small one that nobody sees. */
async function drawUnseen(): Promise<void> {
  const unseen = document.createElement('div');
  unseen.setAttribute('aria-hidden', 'true');
  unseen.style.cssText = 'position:fixed;left:-9999px;width:300px;height:100px';
  document.body.append(unseen);
  try {
    const plotly = await loadPlotly();
    await plotly.react(unseen, UNSEEN.data, inSheet(UNSEEN.layout, 100), { displayModeBar: false, responsive: true });
    plotly.purge(unseen);
  } finally {
    unseen.remove();
  }
}

/** Makes ready for charts, a part in each quiet moment. What fails here is told by the chart itself. */
export async function expectCharts(): Promise<void> {
  try {
    await quietMoment();
    await loadPlotly();
    await quietMoment();
    await inTurn(drawUnseen);
  } catch {
    return;
  }
}
