import type { FaultId } from '../../core/knowledge/faults';
import type { Channel } from '../../core/casefile/words';
import { CORNER_OF } from '../../core/vehicle/channels';
import type { Chance } from '../chance';
import { BREAK_OHM, type Car, type Corner, type Pair, type Shaky, type Trigger } from './corner';

/** How each fault of the catalogue looks in metal and copper. Ranges are physical, drawn afresh for every car; no likelihood table is asked. */
type Breaks = (corner: Corner, chance: Chance) => Corner;

function openOne(pair: Pair, chance: Chance, ohm = BREAK_OHM): Pair['ohm'] {
  return chance.hits(0.5) ? [pair.ohm[0], ohm] : [ohm, pair.ohm[1]];
}

function shaky(chance: Chance, by: Trigger): Shaky {
  return { by, opensAtRest: chance.between(0.01, 0.2), opensUnder: chance.between(0.6, 0.99) };
}

/** A rotten contact: bad at any time, worse when it is shaken or wet. */
function rotten(chance: Chance): Shaky {
  const by = chance.pick(['shaking', 'shaking', 'water'] as const);
  return { by, opensAtRest: chance.between(0.2, 0.7), opensUnder: chance.between(0.4, 0.9) };
}

const isFront = ({ channel }: Corner): boolean => CORNER_OF[channel].end === 'front';

/** Who looks closely sees the damage only where it shows outside. */
function seen(chance: Chance, share: number, ...looks: readonly string[]): string {
  return chance.hits(share) ? chance.pick(looks) : 'sound';
}

const RING: Readonly<Record<string, Breaks>> = {
  'ring-damaged': (corner, chance) => ({
    ...corner,
    ring: {
      ...corner.ring,
      missingTeeth: chance.whole(1, 3),
      runoutM: corner.ring.runoutM + chance.between(0, 0.0003),
      look:
        corner.type === 'active'
          ? seen(chance, 0.5, 'cracked', 'scored')
          : seen(chance, 0.93, 'cracked', 'teeth-missing'),
    },
  }),
  'ring-swollen': (corner, chance) => {
    const swellingM = chance.between(0.0004, 0.0012);
    return {
      ...corner,
      gapM: Math.max(0.00005, corner.gapM - swellingM),
      ring: { ...corner.ring, runoutM: swellingM, look: seen(chance, 0.9, 'swollen', 'swollen', 'scored') },
    };
  },
  'ring-wrong': (corner, chance) => ({
    ...corner,
    ring: {
      ...corner.ring,
      kind: corner.type === 'active' && chance.hits(0.8) ? 'reversed' : 'wrong-count',
      teeth: chance.pick([42, 44, 52, 56]),
      look: corner.type === 'active' ? seen(chance, 0.55, 'reversed', 'wrong-part') : seen(chance, 0.7, 'wrong-part'),
    },
  }),
  'ring-debris': (corner, chance) => ({
    ...corner,
    ring: {
      ...corner.ring,
      debris: chance.between(0.55, 0.9),
      runoutM: corner.ring.runoutM + chance.between(0.0001, 0.0004),
      look: seen(chance, 0.85, 'debris'),
    },
  }),
};

const GAP: Readonly<Record<string, Breaks>> = {
  'gap-wide': (corner, chance) => {
    const voidM = chance.between(0.001, 0.0024);
    return {
      ...corner,
      flangeVoidM: voidM,
      gapM: corner.gapM + voidM,
      gapLook: seen(chance, 0.88, 'lifted-by-rust', 'lifted-by-rust', 'not-seated', 'bent'),
    };
  },
  'bearing-play': (corner, chance) => ({ ...corner, bearingPlayM: chance.between(0.0006, 0.0016) }),
};

const SENSOR: Readonly<Record<string, Breaks>> = {
  'sensor-open': (corner, chance) => ({
    ...corner,
    sensor: {
      ...corner.sensor,
      coilOhm: chance.hits(0.8) ? BREAK_OHM : corner.sensor.coilOhm * chance.between(3, 60),
      chip: 'mute',
      look: seen(chance, 0.1, 'cracked'),
    },
  }),
  'sensor-short': (corner, chance) => ({
    ...corner,
    sensor: {
      ...corner.sensor,
      ...(corner.type === 'active' || chance.hits(0.65)
        ? {
            coilOhm:
              corner.type === 'active' ? chance.between(5, 60) : corner.sensor.coilOhm * chance.between(0.01, 0.45),
            strength: 0.3,
          }
        : { insulationOhm: chance.logBetween(20, 20_000), strength: 0.5 }),
      look: seen(chance, 0.3, 'wet', 'cracked'),
    },
  }),
  'sensor-weak': (corner, chance) => ({ ...corner, sensor: { ...corner.sensor, strength: chance.between(0.08, 0.3) } }),
  'sensor-damaged': (corner, chance) => ({
    ...corner,
    sensor: { ...corner.sensor, strength: chance.between(0.1, 0.4), look: seen(chance, 0.9, 'scored', 'cracked') },
    gapM: corner.gapM + chance.between(0, 0.0006),
  }),
  'sensor-intermittent': (corner, chance) => ({
    ...corner,
    sensor: { ...corner.sensor, shaky: shaky(chance, chance.pick(['heat', 'shaking'])) },
  }),
  'sensor-dead': (corner, chance) => ({
    ...corner,
    sensor: {
      ...corner.sensor,
      chip: chance.pick(['mute', 'mute', 'mute', 'frozen', 'frozen', 'frozen', 'no-direction'] as const),
      look: seen(chance, 0.08, 'cracked'),
    },
  }),
  'sensor-dirty': (corner, chance) => ({
    ...corner,
    sensor: { ...corner.sensor, dirt: chance.between(0.6, 0.9), look: seen(chance, 0.92, 'dirty') },
  }),
};

const LEAD: Readonly<Record<string, Breaks>> = {
  'lead-open': (corner, chance) => ({
    ...corner,
    lead: {
      ...corner.lead,
      ohm: openOne(corner.lead, chance),
      look: seen(chance, 0.6, 'severed', 'chafed', 'stretched', 'nicked'),
    },
  }),
  'lead-intermittent': (corner, chance) => ({
    ...corner,
    lead: {
      ...corner.lead,
      shaky: shaky(chance, isFront(corner) ? chance.pick(['steering', 'shaking']) : 'shaking'),
      look: seen(chance, 0.45, 'chafed', 'brittle', 'unclipped', 'stretched'),
    },
  }),
  'lead-short': (corner, chance) => ({
    ...corner,
    lead: {
      ...corner.lead,
      ...(chance.hits(0.6)
        ? { toGroundOhm: [chance.logBetween(0.5, 2000), Infinity] as const }
        : { bridgeOhm: chance.logBetween(0.2, 150) }),
      look: seen(chance, 0.7, 'chafed', 'nicked'),
    },
  }),
};

const PLUG: Readonly<Record<string, Breaks>> = {
  'plug-corroded': (corner, chance) => ({
    ...corner,
    plug: {
      ...corner.plug,
      ohm: [chance.logBetween(30, 2e5), chance.logBetween(1, 1000)],
      shaky: rotten(chance),
      look: seen(chance, 0.93, 'corroded', 'corroded', 'wet'),
    },
  }),
  'plug-loose': (corner, chance) => ({
    ...corner,
    plug: {
      ...corner.plug,
      latched: false,
      ohm: openOne(corner.plug, chance),
      look: seen(chance, 0.93, 'unplugged', 'loose', 'bent'),
    },
  }),
};

const LOOM: Readonly<Record<string, Breaks>> = {
  'loom-open': (corner, chance) => ({
    ...corner,
    loom: {
      ...corner.loom,
      ohm: openOne(corner.loom, chance),
      look: seen(chance, 0.35, 'chafed', 'corroded', 'severed'),
    },
  }),
  'loom-intermittent': (corner, chance) => ({
    ...corner,
    loom: {
      ...corner.loom,
      shaky: shaky(chance, chance.pick(['shaking', 'shaking', 'water'])),
      look: seen(chance, 0.3, 'chafed', 'brittle', 'corroded'),
    },
  }),
  'loom-short-to-ground': (corner, chance) => ({
    ...corner,
    loom: {
      ...corner.loom,
      toGroundOhm: chance.hits(0.5) ? [chance.logBetween(0.2, 300), Infinity] : [Infinity, chance.logBetween(0.2, 300)],
      look: seen(chance, 0.4, 'chafed', 'nicked'),
    },
  }),
  'loom-short-to-supply': (corner, chance) => ({
    ...corner,
    loom: { ...corner.loom, toSupplyOhm: chance.logBetween(0.2, 200), look: seen(chance, 0.4, 'chafed') },
  }),
  'loom-short-across': (corner, chance) => ({
    ...corner,
    loom: { ...corner.loom, bridgeOhm: chance.logBetween(0.2, 80), look: seen(chance, 0.4, 'chafed') },
  }),
};

const MODULE: Readonly<Record<string, Breaks>> = {
  'module-plug-corroded': (corner, chance) => ({
    ...corner,
    modulePlug: {
      ...corner.modulePlug,
      ohm: [chance.logBetween(50, 2e5), chance.logBetween(1, 1000)],
      shaky: rotten(chance),
      look: seen(chance, 0.92, 'corroded', 'wet'),
    },
  }),
  'module-input': (corner, chance) => ({ ...corner, inputWorks: false, isFed: chance.hits(0.5) }),
};

/** Damage at a corner, by fault. `loom-crossed` needs a second corner and stands in `breakCar`. */
export const BREAKAGES: Readonly<Record<string, Breaks>> = {
  ...RING,
  ...GAP,
  ...SENSOR,
  ...LEAD,
  ...PLUG,
  ...LOOM,
  ...MODULE,
};

function crossed(car: Car, channel: Channel, chance: Chance): Car {
  const other = chance.pick(car.corners.filter((corner) => corner.channel !== channel));
  const swap: Readonly<Record<string, Channel>> = { [channel]: other.channel, [other.channel]: channel };
  return {
    ...car,
    corners: car.corners.map((corner) =>
      swap[corner.channel]
        ? { ...corner, loom: { ...corner.loom, crossedWith: swap[corner.channel] ?? null } }
        : corner,
    ),
  };
}

/**
 * A car with one fault more.
 * @param car the car. @param fault of the catalogue. @param channel its corner; null for what all share. @param chance draws.
 * @returns the broken car; `stale-code` breaks nothing. @throws RangeError for a fault that the physics does not know.
 * @example breakCar(SOUND, 'lead-open', 'front-left', chance()).corners[0].lead.ohm.some((ohm) => ohm > 1e8) // => true
 */
export function breakCar(car: Car, fault: FaultId, channel: Channel | null, chance: Chance): Car {
  switch (fault) {
    case 'battery-low':
      return {
        ...car,
        batteryVolt: chance.between(11, 12.1),
        crankingVolt: chance.between(6.5, 9.2),
        batteryLook: chance.hits(0.4) ? 'corroded' : car.batteryLook,
      };
    case 'module-supply': {
      const feedDropVolt = chance.between(2.5, 9);
      return { ...car, feedDropVolt, groundLook: feedDropVolt <= 8 && chance.hits(0.6) ? 'corroded' : car.groundLook };
    }
    case 'brake-switch':
      return { ...car, brakeSwitchWorks: false };
    case 'brake-fluid-low':
      return { ...car, fluidIsLow: true };
    case 'stale-code':
      return car;
    case 'loom-crossed':
      return channel ? crossed(car, channel, chance) : car;
    case 'tyre-mismatch':
      return {
        ...car,
        corners: car.corners.map((corner) =>
          corner.channel === channel
            ? { ...corner, circumferenceM: corner.circumferenceM * chance.pick([0.9, 0.92, 1.08, 1.1]) }
            : corner,
        ),
      };
    default: {
      const breaks = BREAKAGES[fault];
      if (!breaks) throw new RangeError(`no breakage for "${fault}"`);
      return {
        ...car,
        corners: car.corners.map((corner) => (corner.channel === channel ? breaks(corner, chance) : corner)),
      };
    }
  }
}
