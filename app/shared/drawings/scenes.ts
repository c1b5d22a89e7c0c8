/**
 * The scenes of the drawing room and the states that each can show: a class `is-…` on the scene's root.
 * A scene is one SVG with a named group a part; it is loaded with the first plate that shows it.
 */
export const SCENES = {
  battery: ['sound', 'corroded', 'loose', 'probing'],
  'behind-disc': ['caliper-hung', 'bracket-on', 'disc-on'],
  bolt: ['sheared', 'file', 'punch', 'drill', 'extract', 'tap', 'insert', 'fitted'],
  corner: ['whole'],
  differential: ['whole', 'sensor-out', 'o-ring-left-behind'],
  drive: ['overview', 'stretch', 'bend', 'bumps', 'stops'],
  fluid: ['between', 'below-min', 'plug'],
  fuse: ['sound', 'blown', 'corroded', 'loose'],
  ground: ['sound', 'corroded', 'loose'],
  'hub-unit': ['apart', 'assembled', 'encoder-reversed', 'play'],
  key: ['off'],
  lead: ['sound', 'chafed', 'nicked', 'severed', 'unclipped', 'tight', 'brittle', 'wet'],
  loom: ['sound', 'gnawed', 'chafed', 'cut', 'spliced', 'nicked', 'unclipped', 'brittle', 'wet'],
  mend: ['cutback', 'sleeve', 'solder', 'soldersleeve', 'crimp', 'stagger', 'shrink', 'refit', 'insert', 'pull'],
  'module-plug': ['seated', 'open', 'pins', 'corroded', 'wet', 'loose'],
  nuts: ['order', 'pass-1', 'pass-2', 'pass-3'],
  plug: [
    'sound',
    'unplugged',
    'joined',
    'unlatched',
    'corroded',
    'bent',
    'pushed-back',
    'wet',
    'lock-first',
    'pull',
    'push',
    'pins',
    'clean',
    'click',
  ],
  probing: ['sensor', 'body', 'spin', 'sockets', 'series', 'module', 'feed', 'wire', 'wire-ground', 'battery'],
  raise: ['chocked', 'nuts-cracked', 'jacked', 'on-stand', 'wheel-off', 'lowered'],
  reader: ['all-follow', 'one-zero', 'one-jumps', 'one-stuck'],
  'rear-corner': ['whole'],
  ring: ['sound', 'cracked', 'teeth-missing', 'swollen', 'scored', 'debris', 'wrong-part', 'turn', 'clean'],
  seat: [
    'sound',
    'lifted-by-rust',
    'not-seated',
    'bent',
    'corroded',
    'dirty',
    'bore',
    'bore-film',
    'bolt-out',
    'pull',
    'turn',
    'seat',
    'torque',
    'blade-gap',
    'blade-flange',
    'blade-ring',
    'look',
    'compare',
    'encoder',
  ],
  socket: ['waiting', 'seated'],
  stuck: ['stuck', 'clean', 'soak', 'turn', 'rock', 'drift', 'warm', 'cut', 'drill', 'collapse', 'vacuum', 'look'],
  'swap-trial': ['hang', 'moving', 'dead'],
  switch: ['adjusted', 'pressed', 'loose', 'broken'],
  'taper-bearing': ['whole'],
  tip: ['sound', 'scored', 'cracked', 'dirty', 'wet', 'wipe', 'wrong-part'],
  tyres: ['sound', 'mixed-sizes'],
} as const;

export type SceneId = keyof typeof SCENES;
export type StateOf<S extends SceneId> = (typeof SCENES)[S][number];

const LOADERS = import.meta.glob<string>('./scenes/*.svg', { query: '?raw', import: 'default' });

/** The SVG of a scene, as text. Throws where a scene has no file: that is a bug of ours. */
export async function loadScene(scene: SceneId): Promise<string> {
  const load = LOADERS[`./scenes/${scene}.svg`];
  if (!load) throw new Error(`no drawing for the scene "${scene}"`);
  return await load();
}
