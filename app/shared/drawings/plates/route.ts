import { CORNER_OF } from '../../../../core/vehicle/channels';
import type { Channel, PLUG_PLACES } from '../../../../core/casefile/words';
import type { RotPlace } from '../../../../core/knowledge/rotPlaces';
import type { Crop, Plate } from '../plate';

type PlugPlace = (typeof PLUG_PLACES)[number];
type Point = readonly [x: number, y: number];

/** Where a lead's bad places lie on the drawing of its way through the car: by axle and by where its plug sits. */
export const ROT_MARKS: Readonly<
  Record<'front' | 'rear', Readonly<Record<PlugPlace, Readonly<Partial<Record<RotPlace, Point>>>>>>
> = {
  front: {
    bonnet: { 'first-clip': [168, 250], bracket: [170, 222], tyre: [210, 236], grommet: [228, 184] },
    'arch-liner': { 'first-clip': [168, 250], bracket: [178, 216], tyre: [216, 254], grommet: [248, 220] },
    trim: { 'first-clip': [178, 240], bracket: [222, 220], grommet: [304, 236] },
    sill: { 'first-clip': [196, 242], bracket: [236, 248], grommet: [290, 270], 'heat-shield': [330, 302] },
    seat: { 'first-clip': [196, 240], bracket: [238, 236], grommet: [378, 244] },
    underbody: { 'first-clip': [206, 256], bracket: [238, 316], grommet: [294, 282], 'heat-shield': [334, 316] },
  },
  rear: {
    bonnet: { 'first-clip': [610, 246], bracket: [552, 250], tyre: [578, 228], grommet: [230, 166] },
    'arch-liner': { 'first-clip': [610, 244], bracket: [588, 214], tyre: [560, 256], grommet: [536, 210] },
    trim: { 'first-clip': [586, 238], bracket: [634, 202], grommet: [706, 226] },
    sill: { 'first-clip': [588, 240], bracket: [550, 256], grommet: [502, 266], 'heat-shield': [474, 322] },
    seat: { 'first-clip': [606, 240], bracket: [566, 224], grommet: [504, 226], 'heat-shield': [474, 320] },
    underbody: { 'first-clip': [590, 254], bracket: [556, 316], grommet: [512, 284], 'heat-shield': [466, 322] },
  },
};

/** The scene, and each axle's wheel in it. */
const SCENE: Crop = [20, 44, 744, 296];
const WHEEL: Readonly<Record<'front' | 'rear', Point>> = { front: [176, 277], rear: [600, 277] };
/** Room around what is marked, and the least that still shows where on the car it is. */
const MARGIN = 34;
const LEAST_WIDTH = 190;
const RATIO = 3 / 2;

const clamp = (value: number, least: number, most: number): number => Math.min(Math.max(value, least), most);

/** The piece of the car that holds the wheel and all the places, no larger than it must be. */
function cropAround(points: readonly Point[]): Crop {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, right] = [Math.min(...xs) - MARGIN, Math.max(...xs) + MARGIN];
  const [top, bottom] = [Math.min(...ys) - MARGIN, Math.max(...ys) + MARGIN];
  const width = Math.min(SCENE[2], Math.max(LEAST_WIDTH, right - left, (bottom - top) * RATIO));
  const height = Math.min(SCENE[3], width / RATIO);
  const x = clamp((left + right - width) / 2, SCENE[0], SCENE[0] + SCENE[2] - width);
  const y = clamp((top + bottom - height) / 2, SCENE[1], SCENE[1] + SCENE[3] - height);
  return [Math.round(x), Math.round(y), Math.floor(width), Math.floor(height)];
}

/** Where the plug sits on most cars, while the owner has not said. */
const USUAL = { front: 'arch-liner', rear: 'sill' } as const;

/** The way of a corner's lead through the car, with its bad places. */
export interface Route {
  readonly plate: Plate;
  readonly crop: Crop;
  readonly marks: readonly { readonly place: RotPlace; readonly at: Point }[];
  /** Whether the owner has said where the plug sits. */
  readonly isOwn: boolean;
}

/** @param channel of the corner. @param plug where its plug sits; the usual place where nobody has said. */
export function routeOf(channel: Channel, plug: PlugPlace | undefined): Route {
  const axle = CORNER_OF[channel].end;
  const place = plug ?? USUAL[axle];
  const marks = Object.entries(ROT_MARKS[axle][place]).map(([id, at]) => ({ place: id as RotPlace, at }));
  const crop = cropAround([WHEEL[axle], ...marks.map(({ at }) => at)]);
  return {
    plate: { scene: 'route', state: place === 'seat' ? 'under-seat' : place, classes: [`at-${axle}`], crop },
    crop,
    marks,
    isOwn: plug !== undefined,
  };
}
