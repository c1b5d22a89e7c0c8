import type { ObservationOf } from '../core/casefile/contract';
import type { Car, Corner } from './car/corner';
import { signalOf, type Signal } from './car/signal';
import type { Chance } from './chance';
import { isShaky, momentsOf } from './monitor/drive';

type Finding = ObservationOf<'live'>['finding'];
type Look = { readonly finding: Finding; readonly rhythm?: 'once-per-turn' };

/** What a wheel turned by hand and a drive reach, km/h. */
const REACHED_KMH = { 'hand-spin': 14, drive: 40 } as const;
/** Later than this is late, km/h. */
const LATE_KMH = 8;
const WAVERS = 0.3;
const OFF_BY = 0.03;

function wholeSignal(signal: Signal, how: 'hand-spin' | 'drive', chance: Chance): Look {
  if (signal.dip > WAVERS) return { finding: 'erratic', rhythm: 'once-per-turn' };
  if (signal.cutInKmh > LATE_KMH) return { finding: 'cuts-in-late' };
  if (Math.abs(signal.ratio - 1) > OFF_BY && (how === 'drive' || chance.hits(0.5)))
    return { finding: signal.ratio > 1 ? 'reads-fast' : 'reads-slow' };
  return { finding: signal.direction === 'none' ? 'no-direction' : 'follows' };
}

/**
 * What the live speed of a corner shows on a low-cost reader.
 * @param corner the corner. @param car the car. @param how standing, turned by hand or driven. @param isWet the weather on the road. @param chance draws.
 * @returns the finding; a conductor that opens in some moments drops out, in all of them it is silent.
 * @example liveLook(brokenWheel('lead-open'), broken('lead-open'), 'drive', false, chance()) // => {"finding":"zero"}
 */
export function liveLook(
  corner: Corner,
  car: Car,
  how: 'stationary' | 'hand-spin' | 'drive',
  isWet: boolean,
  chance: Chance,
): Look {
  if (how === 'stationary') {
    const isStuck = corner.type === 'active' && Math.max(...corner.loom.ohm) > 1e6 && chance.hits(0.2);
    return { finding: isStuck ? 'stuck-high' : 'zero' };
  }
  const still = momentsOf(false).slice(0, 1);
  const moments = how === 'drive' ? momentsOf(isWet) : [...still, ...still];
  const signals = (isShaky(corner) ? moments : still).map(({ moment }) => signalOf(corner, car, chance, moment));
  const heard = signals.filter((signal) => signal.cutInKmh <= REACHED_KMH[how]);
  const [best] = heard;
  if (!best) return { finding: 'zero' };
  if (heard.length < signals.length) return { finding: 'drops-out' };
  return wholeSignal(best, how, chance);
}
