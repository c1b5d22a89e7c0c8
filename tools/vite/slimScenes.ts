import { readFile } from 'node:fs/promises';
import { optimize } from 'svgo';
import type { Plugin } from 'vite';

const SCENE = /\/drawings\/scenes\/[\w-]+\.svg\?raw$/;
const STYLE = /<style>[\s\S]*?<\/style>/;
/** What may be assumed of every line while the styles are away: drawn, with ends that reach beyond it, so that no dot and no join is lost. */
const DRAWN = ' stroke="#000" stroke-linecap="square"';

/** Whatever asks each element for its style is left out: it would be matched against every rule of the scene. */
const LEFT_OUT = {
  cleanupIds: false,
  inlineStyles: false,
  minifyStyles: false,
  mergePaths: false,
  collapseGroups: false,
  removeHiddenElems: false,
  removeUselessStrokeAndFill: false,
  removeUnknownsAndDefaults: false,
  removeNonInheritableGroupAttrs: false,
  moveElemsAttrsToGroup: false,
  moveGroupAttrsToElems: false,
} as const;

/**
 * A scene with shorter numbers and paths, without what an editor or a reader of the source needs.
 * @param svg one of the drawing room's scenes. @returns the same picture; parts, states and styles as they were.
 */
export function slim(svg: string): string {
  const [style = ''] = STYLE.exec(svg) ?? [];
  const { data } = optimize(svg.replace(STYLE, '').replace('<svg', `<svg${DRAWN}`), {
    plugins: [
      {
        name: 'preset-default',
        params: { overrides: { ...LEFT_OUT, convertPathData: { floatPrecision: 1 } } },
      },
      'removeTitle',
    ],
  });
  const root = /<svg[^>]*>/.exec(data)?.[0] ?? '';
  const bare = root.replace(' stroke="#000"', '').replace(' stroke-linecap="square"', '');
  return data.replace(root, () => bare + style);
}

/**
 * Ships the drawing room's scenes slimmed: what an editor or a reader of the source needs goes, parts and states stay.
 * Ids and classes are the names by which plates light parts and choose states, so they are left alone.
 */
export const slimScenes = (): Plugin => ({
  name: 'zelf-slim-scenes',
  enforce: 'pre',
  apply: 'build',
  async load(id) {
    if (!SCENE.test(id)) return null;
    return `export default ${JSON.stringify(slim(await readFile(id.replace(/\?raw$/, ''), 'utf8')))}`;
  },
});
