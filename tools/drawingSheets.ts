import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { composed } from '../app/shared/drawings/composed';
import type { Plate } from '../app/shared/drawings/plate';
import { CHECK_PLATES } from '../app/shared/drawings/plates/checks';
import { cornerPlate } from '../app/shared/drawings/plates/corner';
import { LOOK_PLATES } from '../app/shared/drawings/plates/looks';
import { routeOf } from '../app/shared/drawings/plates/route';
import { TOOL_PLATES } from '../app/shared/drawings/plates/tools';
import { PLUG_PLACES } from '../core/casefile/words';
import { RUNG_PLATES, STEP_PLATES } from '../app/shared/drawings/plates/steps';

type Named = readonly [name: string, plate: Plate];

const LOOKS = Object.entries(LOOK_PLATES).flatMap(([part, plates]) =>
  Object.entries(plates as Readonly<Record<string, Plate>>).map(([finding, plate]): Named => [
    `${part}: ${finding}`,
    plate,
  ]),
);
const STEPS = Object.entries(STEP_PLATES).flatMap(([id, { forward, back }]): Named[] => [
  [id, forward],
  ...(back ? [[`${id} back`, back] as const] : []),
]);
/** Every plate of the drawing room, a few sheets. */
const SHEETS: Readonly<Record<string, readonly Named[]>> = {
  looks: LOOKS,
  checks: [
    ...Object.entries(CHECK_PLATES),
    ...(['gap', 'lead', 'plug', 'loom'] as const).map((part): Named => [
      `${part}, rear right`,
      cornerPlate(part, 'rear-right'),
    ]),
  ],
  steps: [...STEPS, ...Object.entries(RUNG_PLATES)],
  places: [
    ...Object.entries(TOOL_PLATES),
    ...(['front-left', 'rear-left'] as const).flatMap((channel) =>
      PLUG_PLACES.map((plug): Named => [`lead ${channel}, ${plug}`, routeOf(channel, plug).plate]),
    ),
  ],
};

const scene = (name: string): string => readFileSync(`app/shared/drawings/scenes/${name}.svg`, 'utf8');

function cardOf([name, plate]: Named): string {
  const data = Buffer.from(composed(scene(plate.scene), plate)).toString('base64');
  return `<figure><img alt="" src="data:image/svg+xml;base64,${data}"><figcaption>${name}</figcaption></figure>`;
}

/** Writes one page a sheet into a folder; a browser makes pictures of them. @returns their paths. */
export function writeDrawingSheets(folder: string): string[] {
  mkdirSync(folder, { recursive: true });
  return Object.entries(SHEETS).map(([name, plates]) => {
    const path = `${folder}/${name}.html`;
    writeFileSync(
      path,
      `<!doctype html><meta charset="utf-8"><title>${name}</title><style>body{font:13px sans-serif;margin:8px;display:grid;grid-template-columns:repeat(auto-fill,240px);gap:8px}figure{margin:0}img{width:240px;height:160px;object-fit:contain;background:#f5f1e8;border:1px solid #d8d0c0}</style>${plates.map(cardOf).join('')}`,
    );
    return path;
  });
}
