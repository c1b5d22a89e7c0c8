import { readFile } from 'node:fs/promises';
import { optimize } from 'svgo';
import type { Plugin } from 'vite';

const SCENE = /\/drawings\/scenes\/[\w-]+\.svg\?raw$/;

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
    const svg = await readFile(id.replace(/\?raw$/, ''), 'utf8');
    const { data } = optimize(svg, {
      multipass: true,
      plugins: [
        {
          name: 'preset-default',
          params: {
            overrides: {
              cleanupIds: false,
              inlineStyles: false,
              removeHiddenElems: false,
              minifyStyles: false,
              mergePaths: false,
              collapseGroups: false,
              convertPathData: { floatPrecision: 1 },
            },
          },
        },
        'removeTitle',
      ],
    });
    return `export default ${JSON.stringify(data)}`;
  },
});
