import type { SceneId } from './sceneStates';

const LOADERS = import.meta.glob<string>('./scenes/*.svg', { query: '?raw', import: 'default' });

/** The SVG of a scene, as text. Throws where a scene has no file: that is a bug of ours. */
export async function loadScene(scene: SceneId): Promise<string> {
  const load = LOADERS[`./scenes/${scene}.svg`];
  if (!load) throw new Error(`no drawing for the scene "${scene}"`);
  return await load();
}
