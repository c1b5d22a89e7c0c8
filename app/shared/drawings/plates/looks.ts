import type { LOOK_FINDINGS, LookPart } from '../../../../core/casefile/words';
import type { Plate } from '../plate';
import { cornerPlate } from './corner';

/** What can be drawn of a part: every finding but "can't be seen from here". */
export type DrawnFinding<P extends LookPart> = Exclude<(typeof LOOK_FINDINGS)[P][number], 'hidden'>;

const RING = { scene: 'ring' } as const;
const SEAT = { scene: 'seat', crop: [56, 30, 270, 250] } as const;
const LEAD = { scene: 'lead', crop: [130, 40, 270, 250] } as const;
const LOOM = { scene: 'loom', crop: [60, 90, 300, 190] } as const;
const PLUG = { scene: 'plug' } as const;
const TIP = { scene: 'tip', crop: [0, 10, 300, 200] } as const;

/** How each finding looks, part by part: the same view of the same scene, so that neighbours can be told apart. */
export const LOOK_PLATES: { readonly [P in LookPart]: Readonly<Record<DrawnFinding<P>, Plate>> } = {
  ring: {
    sound: { ...RING, state: 'sound' },
    cracked: { ...RING, state: 'cracked' },
    'teeth-missing': { ...RING, state: 'teeth-missing' },
    swollen: { ...RING, state: 'swollen' },
    scored: { ...RING, state: 'scored' },
    debris: { ...RING, state: 'debris' },
    reversed: { scene: 'hub-unit', state: 'encoder-reversed', crop: [300, 130, 330, 240] },
    'wrong-part': { ...RING, state: 'wrong-part' },
  },
  gap: {
    sound: { ...SEAT, state: 'sound' },
    'lifted-by-rust': { ...SEAT, state: 'lifted-by-rust' },
    'not-seated': { ...SEAT, state: 'not-seated' },
    bent: { ...SEAT, state: 'bent' },
    corroded: { ...SEAT, state: 'corroded' },
    dirty: { ...SEAT, state: 'dirty' },
  },
  bearing: {
    sound: { scene: 'hub-unit', state: 'assembled', crop: [150, 60, 480, 430] },
    play: { scene: 'hub-unit', state: 'play', classes: ['assembled'], crop: [150, 60, 480, 430] },
  },
  sensor: {
    sound: { ...TIP, state: 'sound' },
    scored: { ...TIP, state: 'scored' },
    cracked: { ...TIP, state: 'cracked' },
    dirty: { ...TIP, state: 'dirty' },
    wet: { ...TIP, state: 'wet' },
    'wrong-part': { scene: 'tip', state: 'wrong-part' },
  },
  lead: {
    sound: { ...LEAD, state: 'sound' },
    chafed: { ...LEAD, state: 'chafed' },
    nicked: { ...LEAD, state: 'nicked' },
    severed: { ...LEAD, state: 'severed' },
    unclipped: { scene: 'lead', crop: [130, 60, 350, 260], state: 'unclipped' },
    stretched: { scene: 'lead', crop: [120, 20, 280, 250], state: 'tight' },
    brittle: { ...LEAD, state: 'brittle' },
    wet: { scene: 'lead', crop: [130, 100, 270, 220], state: 'wet' },
  },
  plug: {
    sound: { ...PLUG, state: 'pins' },
    corroded: { ...PLUG, state: 'corroded' },
    loose: { ...PLUG, state: 'unlatched' },
    unplugged: { ...PLUG, state: 'unplugged' },
    wet: { ...PLUG, state: 'wet' },
    bent: { ...PLUG, state: 'bent' },
  },
  loom: {
    sound: { ...LOOM, state: 'sound' },
    chafed: { ...LOOM, state: 'chafed' },
    nicked: { ...LOOM, state: 'nicked' },
    severed: { ...LOOM, state: 'cut' },
    unclipped: { scene: 'loom', state: 'unclipped', crop: [60, 100, 340, 240] },
    corroded: { ...LOOM, state: 'spliced', crop: [10, 110, 300, 210] },
    brittle: { ...LOOM, state: 'brittle' },
    wet: { ...LOOM, state: 'wet' },
  },
  module: {
    sound: { scene: 'module-plug', state: 'seated' },
    corroded: { scene: 'module-plug', state: 'corroded' },
    loose: { scene: 'module-plug', state: 'loose' },
    wet: { scene: 'module-plug', state: 'wet' },
  },
  battery: {
    sound: { scene: 'battery', state: 'sound' },
    corroded: { scene: 'battery', state: 'corroded' },
    loose: { scene: 'battery', state: 'loose' },
  },
  fuse: {
    sound: { scene: 'fuse', state: 'sound' },
    blown: { scene: 'fuse', state: 'blown' },
    corroded: { scene: 'fuse', state: 'corroded' },
    loose: { scene: 'fuse', state: 'loose' },
  },
  'ground-point': {
    sound: { scene: 'ground', state: 'sound' },
    corroded: { scene: 'ground', state: 'corroded' },
    loose: { scene: 'ground', state: 'loose' },
  },
  fluid: {
    sound: { scene: 'fluid', state: 'between' },
    'level-low': { scene: 'fluid', state: 'below-min' },
  },
  tyres: {
    sound: { scene: 'tyres', state: 'sound' },
    'mixed-sizes': { scene: 'tyres', state: 'mixed-sizes' },
  },
  'brake-switch': {
    sound: { scene: 'switch', state: 'adjusted' },
    loose: { scene: 'switch', state: 'loose' },
    broken: { scene: 'switch', state: 'broken' },
  },
};

/** Where to look, part by part, before anything is told apart. */
export const PLACE_PLATES: Readonly<Record<LookPart, Plate>> = {
  ring: { scene: 'ring', state: 'turn' },
  gap: cornerPlate('gap', 'front-left'),
  bearing: { scene: 'hub-unit', state: 'play', classes: ['assembled'], crop: [150, 60, 480, 430] },
  sensor: cornerPlate('sensor', 'front-left'),
  lead: cornerPlate('lead', 'front-left'),
  plug: cornerPlate('plug', 'front-left'),
  loom: cornerPlate('loom', 'front-left'),
  module: { scene: 'module-plug', state: 'open' },
  battery: { scene: 'battery', state: 'sound' },
  fuse: { scene: 'fuse', state: 'sound' },
  'ground-point': { scene: 'ground', state: 'sound' },
  fluid: { scene: 'fluid', state: 'between' },
  tyres: { scene: 'tyres', state: 'sound' },
  'brake-switch': { scene: 'switch', state: 'adjusted' },
};

/** The plate of one finding; null for what cannot be drawn. */
export function lookPlate(part: LookPart, finding: string): Plate | null {
  const plates: Readonly<Record<string, Plate>> = LOOK_PLATES[part];
  return plates[finding] ?? null;
}
