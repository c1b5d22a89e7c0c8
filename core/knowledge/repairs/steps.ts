import type { StepRow } from '../guide/step';

/** Steps that several repairs share, and short ways to write one. */

export const prepare = (
  id: string,
  text: string,
  why: string,
  drawing: StepRow['drawing'],
  extra: Partial<StepRow> = {},
): StepRow => ({ id, phase: 'prepare', corner: true, text, why, drawing, ...extra });
export const fit = (
  id: string,
  text: string,
  why: string,
  drawing: StepRow['drawing'],
  extra: Partial<StepRow> = {},
): StepRow => ({ id, phase: 'fit', corner: true, text, why, drawing, ...extra });

export const BORE = prepare(
  'bore-bright',
  'Scrape and sand bore and face to bright metal',
  'Rust under the flange lifts the sensor; the gap grows, the signal goes.',
  'bore',
  { tools: ['scraper', 'emery cloth', 'vacuum'], cautions: ['eyes', 'chips'] },
);
export const RING = prepare(
  'ring-seen',
  'Turn the hub a full turn and look at the ring',
  'A scored tip has a cause: a crack, rust or a chip on the ring.',
  'ring',
  { tools: ['torch'] },
);
export const COMPARE = prepare(
  'part-compared',
  'Lay new part beside old: length, tip, ear, plug, clips',
  'Wrong parts are often delivered. It is better to notice now.',
  'compare',
  { tools: ['new sensor'] },
);
export const FILM = prepare(
  'bore-greased',
  'A film of grease in the bore, or none: your choice',
  'Grease keeps rust away for the next one; some leave it dry, some oil an O-ring. All work; the tip stays clean.',
  'bore',
  { cautions: ['grease'] },
);

/** Cutting back, joining and closing a wire, wherever it is. */
export const wireSteps = (cautions: readonly string[]): readonly StepRow[] => [
  fit('wire-cut', 'Cut back to sound, bright copper', 'Dark copper does not take solder.', 'wire', {
    tools: ['cutters'],
    cautions,
  }),
  fit(
    'wire-sleeved',
    'Slide the sleeve on first, join stripe to stripe with the joints staggered, then shrink',
    'If you forget the sleeve, you have to make the joint again.',
    'wire',
    { tools: ['adhesive-lined sleeve', 'soldering iron or crimp pliers', 'hot-air gun'] },
  ),
];
