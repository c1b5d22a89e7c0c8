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

/** What age and weather leave on a part whether or not it is at fault, and how often it is noted beside damage. */
const BESIDE_DAMAGE: Readonly<Partial<Record<LookPart, readonly string[]>>> = {
  ring: ['scored'],
  gap: ['corroded', 'dirty'],
  sensor: ['dirty'],
  lead: ['unclipped', 'wet'],
  plug: ['wet'],
  loom: ['unclipped', 'wet'],
};
const BESIDE_SHARE = 0.15;

/**
 * Somebody looks at a part. What looks like damage need not be any; damage is now and then overlooked, or found beside something harmless.
 * @param part which. @param car the car. @param corner where; null beside the channels. @param chance draws. @returns one observation a finding.
 * @example lookAt('plug', broken('plug-loose'), brokenWheel('plug-loose'), chance()).map(({ finding }) => finding) // => ["loose","wet"]
 */
export function lookAt(part: LookPart, car: Car, corner: Corner | null, chance: Chance): Seen[] {
  const truth = visible(part, car, corner);
  const at: { channel?: Channel } = corner ? { channel: corner.channel } : {};
  const isOverlooked = truth !== 'sound' && chance.hits(OVERLOOKED);
  const saw = (finding: string): Seen => ({ kind: 'look', part, finding, ...at });
  if (truth === 'sound' || isOverlooked) return [saw('sound')];
  const others = (BESIDE_DAMAGE[part] ?? []).filter((finding) => finding !== truth);
  const beside = others.length > 0 && chance.hits(BESIDE_SHARE) ? [saw(chance.pick(others))] : [];
  return [saw(truth), ...beside];
}
