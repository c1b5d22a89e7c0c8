import type { Arrow, Crop, Lens, Plate } from './plate';

/** A scene taken apart: its root's attributes, and what stands inside. */
interface Root {
  readonly viewBox: Crop;
  readonly classes: readonly string[];
  readonly id: string;
  readonly inside: string;
}

const ROOT = /<svg\b([^>]*)>([\s\S]*)<\/svg>\s*$/;

const attribute = (tag: string, name: string): string => new RegExp(`\\b${name}="([^"]*)"`).exec(tag)?.[1] ?? '';

function rootOf(scene: string): Root {
  const match = ROOT.exec(scene);
  if (!match) throw new Error('a scene is one SVG element');
  const [, tag = '', inside = ''] = match;
  const [left = 0, top = 0, width = 0, height = 0] = attribute(tag, 'viewBox')
    .split(/[\s,]+/)
    .map(Number);
  const classes = attribute(tag, 'class')
    .split(' ')
    .filter((name) => name !== '' && !name.startsWith('is-'));
  return { viewBox: [left, top, width, height], classes, id: attribute(tag, 'id'), inside };
}

/** Adds a class to the part with this id. */
function withClass(svg: string, id: string, name: string): string {
  return svg.replace(new RegExp(`<(\\w+)([^>]*\\bid="${id}"[^>]*)>`), (whole, element: string, rest: string) =>
    /\bclass="/.test(rest)
      ? `<${element}${rest.replace(/\bclass="([^"]*)"/, `class="$1 ${name}"`)}>`
      : whole.replace(`<${element}`, `<${element} class="${name}"`),
  );
}

const escaped = (text: string): string => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');

const withFigure = (svg: string, id: string, figure: string): string =>
  svg.replace(new RegExp(`(<text[^>]*\\bid="${id}"[^>]*>)[^<]*`), (_, tag: string) => `${tag}${escaped(figure)}`);

const round = (value: number): number => Math.round(value * 10) / 10;

/** An arrow with a paper halo, so that it stands out from what it crosses. */
function arrowOf({ from, to, bow = 0, kind }: Arrow, unit: number): string {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(dx, dy) || 1;
  const middle = [
    (from[0] + to[0]) / 2 - (dy / length) * 2 * bow,
    (from[1] + to[1]) / 2 + (dx / length) * 2 * bow,
  ] as const;
  const angle = Math.atan2(to[1] - middle[1], to[0] - middle[0]);
  const barb = (turn: number): string =>
    `${round(to[0] - 13 * unit * Math.cos(angle + turn))} ${round(to[1] - 13 * unit * Math.sin(angle + turn))}`;
  const shaft = `M${from.join(' ')}Q${middle.map(round).join(' ')} ${to.join(' ')}`;
  const path = `${shaft}M${barb(0.5)}L${to.join(' ')}L${barb(-0.5)}`;
  const line = (colour: string, width: number): string =>
    `<path d="${path}" fill="none" stroke="${colour}" stroke-width="${round(width * unit)}" stroke-linecap="round" stroke-linejoin="round"/>`;
  const drawn = `${line('#FFFDF8', 8.4)}${line('#0E5A5E', 3.6)}`;
  return kind === 'spin' ? `<g class="spins">${drawn}</g>` : drawn;
}

/** The same scene once more in a circle, with its ring and two tangents to what it magnifies. */
function lensOf({ on, at, radius, zoom }: Lens, unit: number): string {
  const small = radius / zoom;
  const angle = Math.atan2(at[1] - on[1], at[0] - on[0]);
  const tangent = (side: 1 | -1): string => {
    const turn = angle + (side * Math.PI) / 2;
    const end = (centre: readonly [number, number], r: number): string =>
      `${round(centre[0] + r * Math.cos(turn))} ${round(centre[1] + r * Math.sin(turn))}`;
    return `M${end(on, small)}L${end(at, radius)}`;
  };
  const move = `translate(${round(at[0] - on[0] * zoom)} ${round(at[1] - on[1] * zoom)}) scale(${zoom})`;
  const ink = `fill="none" stroke="#1D2B2F" stroke-width="${round(2.4 * unit)}"`;
  return `<clipPath id="plate-lens"><circle cx="${at[0]}" cy="${at[1]}" r="${radius}"/></clipPath>
<path d="${tangent(1)}${tangent(-1)}" fill="none" stroke="#1D2B2F" stroke-width="${round(1.2 * unit)}"/><circle cx="${on[0]}" cy="${on[1]}" r="${round(small)}" ${ink}/>
<g clip-path="url(#plate-lens)"><circle cx="${at[0]}" cy="${at[1]}" r="${radius}" fill="#F5F1E8"/><use href="#plate-scene" transform="${move}"/></g><circle cx="${at[0]}" cy="${at[1]}" r="${radius}" ${ink}/>`;
}

/** Where motion explains, a spin turns once, slowly; not for those who asked for less motion. */
const MOTION =
  '.spins{transform-box:fill-box;transform-origin:center}@media (prefers-reduced-motion:no-preference){.spins{animation:plate-spin 4s ease-in-out 1}}@keyframes plate-spin{from{transform:rotate(-50deg)}to{transform:rotate(0)}}';

function classesOf(plate: Plate, own: readonly string[]): string {
  const state = plate.state === 'whole' ? [] : [`is-${plate.state}`, plate.state];
  const quiet = (plate.focus ?? plate.act) ? ['quiet'] : [];
  return [...own, ...state, ...quiet, ...(plate.classes ?? [])].join(' ');
}

/** An element's tag, its attributes, and whether it opens or closes. */
const TAG = /<(\/?)([\w-]+)((?:[^>"]|"[^"]*")*?)(\/?)>/g;

/** Of a scene only the texts with these ids, in the groups in which they stand, and the styles. */
function textsAlone(svg: string, ids: readonly string[]): string {
  const around: { readonly name: string; readonly tag: string }[] = [];
  const kept: string[] = [...svg.matchAll(/<style>[\s\S]*?<\/style>/g)].map(([style]) => style);
  for (const [tag, closes, name = '', rest = '', isWhole] of svg.matchAll(TAG)) {
    if (closes) around.pop();
    else if (!isWhole) {
      around.push({ name, tag });
      if (name !== 'text' || !ids.includes(attribute(rest, 'id'))) continue;
      kept.push(`${around.map((group) => group.tag).join('')}</text>`);
      kept.push(
        ...around
          .slice(0, -1)
          .reverse()
          .map((group) => `</${group.name}>`),
      );
    }
  }
  return kept.join('');
}

/** The document around what is shown of a scene. */
function documentOf(root: Root, plate: Plate, inside: string, over: string): string {
  const [left, top, width, height] = plate.crop ?? root.viewBox;
  const vars = Object.entries(plate.vars ?? {})
    .map(([name, value]) => `${name}:${value}`)
    .join(';');
  const turned = plate.mirror ? ` transform="translate(${round(2 * left + width)} 0) scale(-1 1)"` : '';
  const name = root.id ? ` id="${root.id}"` : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${left} ${top} ${width} ${height}" width="${width}" height="${height}" class="${classesOf(plate, root.classes)}"${name} style="${vars}"><style>${MOTION}</style><g${turned}><g id="plate-scene">${inside}</g>${over}</g></svg>`;
}

const withFigures = (svg: string, { figures = {} }: Plate): string =>
  Object.entries(figures).reduce((drawn, [id, figure]) => withFigure(drawn, id, figure), svg);

/**
 * A plate as one SVG document of its own, for an image: nothing of it can reach the page, nor the page it.
 * @param scene the scene's SVG. @param plate what of it is shown, and how.
 * @returns SVG text. Throws where the scene is no SVG.
 */
export function composed(scene: string, plate: Plate): string {
  const root = rootOf(scene);
  const unit = (plate.crop ?? root.viewBox)[2] / 320;
  let inside = root.inside;
  for (const part of plate.focus ?? []) inside = withClass(inside, part, 'focus');
  for (const part of plate.act ?? []) inside = withClass(inside, part, 'act');
  const over = [
    ...(plate.lens ? [lensOf(plate.lens, unit)] : []),
    ...(plate.arrows ?? []).map((arrow) => arrowOf(arrow, unit)),
  ].join('');
  return documentOf(root, plate, withFigures(inside, plate), over);
}

/**
 * A scene of nothing but its displays, to draw figures over a plate whose displays are empty.
 * @param scene the scene's SVG. @param plate whose figures they are. @returns a scene of a few kilobytes.
 */
export function displaysOf(scene: string, plate: Plate): string {
  const root = rootOf(scene);
  const texts = textsAlone(root.inside, Object.keys(plate.figures ?? {}));
  return `<svg viewBox="${root.viewBox.join(' ')}" class="${root.classes.join(' ')}" id="${root.id}">${texts}</svg>`;
}

/**
 * The figures of a plate alone, drawn again at every key without the rest.
 * @param displays of {@link displaysOf}. @param plate with its figures. @returns SVG text.
 */
export function figuresAlone(displays: string, plate: Plate): string {
  const root = rootOf(displays);
  return documentOf(root, plate, withFigures(root.inside, plate), '');
}
