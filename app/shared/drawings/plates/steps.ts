import { CORNER_OF } from '../../../../core/vehicle/channels';
import type { Channel } from '../../../../core/casefile/words';
import type { RungId, StepId } from '../../../../core/knowledge/guide/stepIds';
import type { Plate } from '../plate';
import { stepAt } from './sensorPlaces';

/** How a step is done and, where it is undone later, how that is done. */
interface StepPlates {
  readonly forward: Plate;
  readonly back?: Plate;
}

const NUTS = { scene: 'nuts', classes: ['is-n5'] } as const;
const CORNER = { scene: 'corner', state: 'whole' } as const;
const REAR = { scene: 'rear-corner', state: 'whole' } as const;

const PHOTO: Plate = { ...CORNER, crop: [300, 130, 330, 260], focus: ['lead', 'clip-1', 'clip-2', 'plug'] };
const LINER_OFF: Plate = {
  ...CORNER,
  focus: ['arch-back'],
  arrows: [{ kind: 'pull', from: [120, 300], to: [230, 250] }],
};
const LINER_ON: Plate = {
  ...CORNER,
  focus: ['arch-back'],
  arrows: [{ kind: 'press', from: [230, 250], to: [120, 300] }],
};
const CLIPS_OUT: Plate = {
  ...CORNER,
  crop: [340, 150, 240, 160],
  focus: ['clip-1', 'clip-2'],
  arrows: [{ kind: 'pull', from: [372, 206], to: [344, 214] }],
};

/** What is drawn at a front corner, as it is at a rear one. */
const AT_REAR: ReadonlyMap<Plate, Plate> = new Map<Plate, Plate>([
  [CORNER, REAR],
  [PHOTO, { ...REAR, crop: [240, 230, 330, 240], focus: ['lead', 'clip-1', 'clip-2', 'plug'] }],
  [LINER_OFF, { ...REAR, focus: ['arch-back'], arrows: [{ kind: 'pull', from: [690, 330], to: [580, 280] }] }],
  [LINER_ON, { ...REAR, focus: ['arch-back'], arrows: [{ kind: 'press', from: [580, 280], to: [690, 330] }] }],
  [
    CLIPS_OUT,
    {
      ...REAR,
      crop: [270, 310, 240, 160],
      focus: ['clip-1', 'clip-2'],
      arrows: [{ kind: 'pull', from: [357, 396], to: [340, 428] }],
    },
  ],
]);
const SEAT = { scene: 'seat', crop: [20, -20, 330, 290] } as const;

export const STEP_PLATES: Readonly<Record<StepId, StepPlates>> = {
  chock: { forward: { scene: 'raise', state: 'chocked' } },
  'ignition-off': { forward: { scene: 'key', state: 'off' } },
  'nuts-cracked': { forward: { scene: 'raise', state: 'nuts-cracked' } },
  raised: { forward: { scene: 'raise', state: 'on-stand' }, back: { scene: 'raise', state: 'lowered' } },
  'wheel-off': { forward: { scene: 'raise', state: 'wheel-off' }, back: { ...NUTS, state: 'pass-1' } },
  'liner-off': { forward: LINER_OFF, back: LINER_ON },
  'trim-off': {
    forward: { scene: 'trim', state: 'lifted' },
    back: { scene: 'trim', state: 'pushed' },
  },
  'caliper-off': {
    forward: { scene: 'behind-disc', state: 'caliper-hung', focus: ['caliper-hung', 'hook'] },
    back: { scene: 'behind-disc', state: 'disc-on', classes: ['caliper-on', 'bracket-on'], focus: ['caliper'] },
  },
  'disc-off': {
    forward: { scene: 'behind-disc', state: 'caliper-hung', focus: ['disc-aside'] },
    back: { scene: 'behind-disc', state: 'disc-on', focus: ['disc'] },
  },
  photo: { forward: PHOTO },
  'plug-apart': { forward: { scene: 'plug', state: 'lock-first' }, back: { scene: 'plug', state: 'click' } },
  'clips-out': { forward: CLIPS_OUT, back: { scene: 'mend', state: 'refit' } },
  'bolt-out': { forward: { ...SEAT, state: 'bolt-out' }, back: { ...SEAT, state: 'torque' } },
  'sensor-out': { forward: { ...SEAT, state: 'pull' }, back: { ...SEAT, state: 'seat' } },
  'module-plug-apart': {
    forward: { scene: 'module-plug', state: 'open' },
    back: { scene: 'module-plug', state: 'seated' },
  },
  'wheel-torqued': { forward: { ...NUTS, state: 'pass-3' } },
  'pedal-pumped': { forward: { scene: 'switch', state: 'pressed' } },
  'ring-cleaned': { forward: { scene: 'ring', state: 'clean' } },
  'ring-seen': { forward: { scene: 'ring', state: 'turn' } },
  'bore-bright': { forward: { ...SEAT, state: 'bore' } },
  'flange-flat': { forward: { ...SEAT, state: 'blade-flange' } },
  'part-compared': { forward: { scene: 'seat', state: 'compare', crop: [0, 50, 360, 240] } },
  'bore-greased': { forward: { ...SEAT, state: 'bore-film' } },
  'tip-cleaned': { forward: { scene: 'tip', state: 'wipe' } },
  'wire-cut': { forward: { scene: 'mend', state: 'cutback' } },
  'copper-bright': { forward: { scene: 'mend', state: 'cutback', focus: ['rot'] } },
  'piece-set-in': { forward: { scene: 'mend', state: 'insert' } },
  'wire-measured': {
    forward: {
      scene: 'probing',
      state: 'wire',
      vars: { '--dial': '12deg' },
      figures: { 'display-value': '0.4', 'display-unit': 'Ω' },
    },
  },
  'wire-sleeved': { forward: { scene: 'mend', state: 'sleeve' } },
  'wire-twisted': { forward: { scene: 'mend', state: 'stagger' } },
  'pins-cleaned': { forward: { scene: 'plug', state: 'clean' } },
  'seal-seen': { forward: { scene: 'plug', state: 'unplugged' } },
  'pins-seen': { forward: { scene: 'plug', state: 'pushed-back' } },
  'break-found': {
    forward: {
      scene: 'probing',
      state: 'wire',
      vars: { '--dial': '12deg' },
      figures: { 'display-value': 'OL', 'display-unit': '' },
    },
  },
  'loom-closed': { forward: { scene: 'loom', state: 'sound' } },
  'module-pins-cleaned': { forward: { scene: 'module-plug', state: 'corroded' } },
  'battery-charged': { forward: { scene: 'battery', state: 'probing' } },
  'feed-mended': { forward: { scene: 'fuse', state: 'blown' } },
  'fluid-topped': { forward: { scene: 'fluid', state: 'between' } },
  'hub-nut-cracked': { forward: { scene: 'hub-unit', state: 'assembled', focus: ['nut', 'keeper'] } },
  'hub-unit-out': {
    forward: { scene: 'hub-unit', state: 'apart', focus: ['bolts', 'bearing'] },
    back: { scene: 'hub-unit', state: 'assembled', focus: ['bearing', 'encoder'], classes: ['show-hidden'] },
  },
  'hub-seat-bright': { forward: { scene: 'hub-unit', state: 'apart', focus: ['knuckle'] } },
  'encoder-checked': { forward: { scene: 'hub-unit', state: 'apart', focus: ['bearing', 'encoder'] } },
  'hub-nut-torqued': { forward: { scene: 'hub-unit', state: 'assembled', focus: ['nut', 'keeper', 'pin-bent'] } },
  'shaft-out': {
    forward: { scene: 'hub-unit', state: 'apart', focus: ['shaft'] },
    back: { scene: 'hub-unit', state: 'assembled', focus: ['shaft', 'shaft-end'] },
  },
  'ring-off': { forward: { scene: 'ring', state: 'cracked' } },
  'ring-seat-bright': { forward: { scene: 'ring', state: 'clean' } },
  'ring-on': { forward: { scene: 'ring', state: 'sound' } },
  'ring-true': { forward: { scene: 'seat', state: 'blade-ring', crop: [30, 60, 330, 300] } },
  'tyre-matched': { forward: { scene: 'tyres', state: 'mixed-sizes' } },
  'switch-replaced': { forward: { scene: 'switch', state: 'pressed' } },
  'spacer-fitted': { forward: { scene: 'seat', state: 'blade-flange', crop: [90, 20, 270, 200] } },
  'marks-checked': { forward: { scene: 'tip', state: 'scored' } },
  'battery-renewed': { forward: { scene: 'battery', state: 'sound' } },
  own: { forward: CORNER, back: CORNER },
};

export const RUNG_PLATES: Readonly<Record<RungId, Plate>> = {
  'clean-around': { scene: 'stuck', state: 'clean' },
  penetrant: { scene: 'stuck', state: 'soak' },
  turn: { scene: 'stuck', state: 'turn' },
  rock: { scene: 'stuck', state: 'rock' },
  'from-behind': { scene: 'stuck', state: 'drift' },
  'straight-pull': { ...SEAT, state: 'pull' },
  warm: { scene: 'stuck', state: 'warm' },
  'cut-head': { scene: 'stuck', state: 'cut' },
  'drill-core': { scene: 'stuck', state: 'drill' },
  'fold-shell': { scene: 'stuck', state: 'collapse' },
  'bolt-grip': { scene: 'bolt', state: 'sheared' },
  'bolt-warm': { scene: 'stuck', state: 'warm' },
  'bolt-file': { scene: 'bolt', state: 'file' },
  'bolt-punch': { scene: 'bolt', state: 'punch' },
  'bolt-drill': { scene: 'bolt', state: 'drill' },
  'bolt-extract': { scene: 'bolt', state: 'extract' },
  'bolt-tap': { scene: 'bolt', state: 'tap' },
  'bolt-insert': { scene: 'bolt', state: 'insert' },
  'lock-look': { ...NUTS, state: 'order' },
  'lock-order': { ...NUTS, state: 'order' },
  'lock-grip': { scene: 'raise', state: 'nuts-cracked' },
  'lock-stop': { scene: 'raise', state: 'lowered' },
  'bracket-soak': {
    scene: 'behind-disc',
    state: 'disc-on',
    classes: ['caliper-on', 'bracket-on'],
    focus: ['bracket-ends'],
  },
  'bracket-bar': {
    scene: 'behind-disc',
    state: 'disc-on',
    classes: ['caliper-on', 'bracket-on'],
    focus: ['bracket-ends'],
  },
  'bracket-stop': { scene: 'raise', state: 'lowered' },
  'nut-free': { scene: 'hub-unit', state: 'assembled', focus: ['nut', 'keeper'] },
  'nut-soak': { scene: 'hub-unit', state: 'assembled', focus: ['nut'] },
  'nut-bar': { scene: 'raise', state: 'nuts-cracked' },
  'nut-stop': { scene: 'raise', state: 'lowered' },
};

/** At the rear the other end of the car rises, and the chocks stand at the front; a corner is drawn as it is there, and for the left: mirrored for the right. */
function atCorner(channel: Channel | null | undefined, plate: Plate): Plate {
  const isRear = channel ? CORNER_OF[channel].end === 'rear' : false;
  if (plate.scene === 'raise') return isRear ? { ...plate, mirror: true, classes: ['rear'] } : plate;
  const rear = AT_REAR.get(plate);
  if (!rear) return plate;
  const drawn = isRear ? rear : plate;
  return channel && CORNER_OF[channel].side === 'right' ? { ...drawn, mirror: true } : drawn;
}

/** Where a step is done: the corner, and the place of its sensor by the spec sheet. */
interface Where {
  readonly channel?: Channel | null | undefined;
  readonly place?: string | undefined;
}

/**
 * The drawing of a step of the guide.
 * @param id the step that is done or undone. @param isBack whether it is undone. @param where it is done.
 */
export function stepPlate(id: StepId, isBack: boolean, { channel, place }: Where = {}): Plate {
  const { forward, back } = STEP_PLATES[id];
  return stepAt(id, isBack, place) ?? atCorner(channel, isBack ? (back ?? forward) : forward);
}

/** The drawing of a rung of the ladder for what will not come loose. @param channel where. */
export const rungPlate = (id: RungId, channel: Channel | null | undefined): Plate => atCorner(channel, RUNG_PLATES[id]);
