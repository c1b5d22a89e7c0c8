import type { Channel, LookPart } from '../core/casefile/words';
import type { Car, Corner } from './car/corner';
import type { Chance } from './chance';
import type { Seen } from './monitor/codes';

/** A look goes wrong this often: damage overlooked. */
const OVERLOOKED = 0.04;
/** Play below this is not felt, metre. */
const FELT_M = 0.0005;
/** The usual rolling circumference, metre, and the share from which tyres are told apart by eye. */
const USUAL_M = 1.95;
const ODD_TYRE = 0.04;

/** What is there to be seen, whoever looks. */
function visible(part: LookPart, car: Car, corner: Corner | null): string {
  switch (part) {
    case 'battery':
      return car.batteryLook;
    case 'fuse':
      return car.feedDropVolt > 8 ? 'blown' : 'sound';
    case 'ground-point':
      return car.groundLook;
    case 'fluid':
      return car.fluidIsLow ? 'level-low' : 'sound';
    case 'brake-switch':
      return car.brakeSwitchWorks ? 'sound' : 'broken';
    case 'tyres':
      return car.corners.some((corner) => Math.abs(corner.circumferenceM / USUAL_M - 1) > ODD_TYRE)
        ? 'mixed-sizes'
        : 'sound';
    case 'bearing':
      return (corner?.bearingPlayM ?? 0) > FELT_M ? 'play' : 'sound';
    case 'gap':
      return corner?.gapLook ?? 'sound';
    case 'ring':
      return corner?.ring.look ?? 'sound';
    case 'sensor':
      return corner?.sensor.look ?? 'sound';
    case 'lead':
      return corner?.lead.look ?? 'sound';
    case 'plug':
      return corner?.plug.look ?? 'sound';
    case 'loom':
      return corner?.loom.look ?? 'sound';
    case 'module':
      return corner?.modulePlug.look ?? 'sound';
    default:
      return part satisfies never;
  }
}

/**
 * Somebody looks at a part. What looks like damage need not be any; damage is now and then overlooked.
 * @param part which. @param car the car. @param corner where; null beside the channels. @param chance draws. @returns the observation.
 */
export function lookAt(part: LookPart, car: Car, corner: Corner | null, chance: Chance): Seen {
  const truth = visible(part, car, corner);
  const at: { channel?: Channel } = corner ? { channel: corner.channel } : {};
  return { kind: 'look', part, finding: truth !== 'sound' && chance.hits(OVERLOOKED) ? 'sound' : truth, ...at };
}
