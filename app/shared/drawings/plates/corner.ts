import { CORNER_OF } from '../../../../core/vehicle/channels';
import type { Channel } from '../../../../core/casefile/words';
import type { Crop, Plate } from '../plate';

/** Parts that are found at the corner itself. */
const CORNER_PARTS = ['gap', 'sensor', 'lead', 'plug', 'loom'] as const;
export type CornerPart = (typeof CORNER_PARTS)[number];

const PARTS: Readonly<
  Record<CornerPart, { readonly focus: readonly string[]; readonly front: Crop; readonly rear: Crop }>
> = {
  gap: { focus: ['sensor', 'knuckle-boss'], front: [340, 260, 210, 140], rear: [340, 270, 210, 140] },
  sensor: { focus: ['sensor'], front: [340, 260, 210, 140], rear: [340, 270, 210, 140] },
  lead: { focus: ['lead', 'clip-1', 'clip-2'], front: [300, 140, 330, 240], rear: [240, 230, 330, 240] },
  plug: { focus: ['plug'], front: [380, 140, 210, 140], rear: [230, 250, 210, 140] },
  loom: { focus: ['loom'], front: [380, 180, 240, 160], rear: [230, 210, 240, 160] },
};

export const isCornerPart = (part: string): part is CornerPart => (CORNER_PARTS as readonly string[]).includes(part);

/** A part at its place on this car: front or rear corner, drawn for the left and mirrored for the right. */
export function cornerPlate(part: CornerPart, channel: Channel): Plate {
  const isFront = CORNER_OF[channel].end === 'front';
  const { focus, front, rear } = PARTS[part];
  const side = CORNER_OF[channel].side === 'right' ? ({ mirror: true } as const) : {};
  return isFront
    ? { scene: 'corner', state: 'whole', focus, crop: front, ...side }
    : { scene: 'rear-corner', state: 'whole', focus, crop: rear, ...side };
}
