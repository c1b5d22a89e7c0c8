import type { Observation, ObservationOf } from '../core/casefile/contract';
import type { Channel } from '../core/casefile/words';
import { BREAK_OHM, type Car, type Corner, type Pair } from './car/corner';
import { signalOf } from './car/signal';
import type { Chance } from './chance';
import { GROUND, ohmBetween } from './circuit/network';
import { AS_FITTED, NODES, wiringOf } from './circuit/wiring';

/** How a make of control module goes about its tests. */
export interface Strategy {
  /** Whether its codes carry a failure type byte. */
  readonly typed: boolean;
  /** Whether it tests the circuit at key-on, or only once the car moves. */
  readonly testsAtKeyOn: boolean;
  /** From this road speed on it compares wheels, km/h. */
  readonly comparesFromKmh: number;
  /** The failure type byte that it gives a break, and a contact that only resists. */
  readonly openByte: string;
  readonly resistsByte: string;
}

/** What a test found at one channel. */
export interface Finding {
  readonly channel: Channel;
  readonly byte: string;
}

/** Coil resistance that an input takes for a circuit, ohm. */
const PASSIVE_WINDOW = { least: 150, most: 8_000 } as const;
const LEAK_OHM = 3_000;
const ACTIVE_SERIES_OHM = 250;
/** From here on a contact passes for broken. */
const BROKEN_OHM = 1e6;

/** Draws how the module of this car goes about it. */
export function drawStrategy(chance: Chance): Strategy {
  return {
    typed: chance.hits(0.7),
    testsAtKeyOn: chance.hits(0.9),
    comparesFromKmh: chance.pick([12, 15, 20, 25]),
    openByte: chance.pick(['13', '13', '14', '01']),
    resistsByte: chance.pick(['13', '01', '1B', '14']),
  };
}

function pairsOf(corner: Corner): readonly Pair[] {
  return [corner.lead, corner.plug, corner.loom, corner.modulePlug];
}

/** Faults that any input sees as a short, whichever sensor. */
function shortOf(corner: Corner): string | null {
  const pairs = pairsOf(corner);
  if (pairs.some((one) => one.toSupplyOhm < 1000)) return '12';
  if (pairs.some((one) => Math.min(...one.toGroundOhm) < LEAK_OHM) || corner.sensor.insulationOhm < LEAK_OHM)
    return '11';
  return pairs.some((one) => one.bridgeOhm < PASSIVE_WINDOW.least) ? '01' : null;
}

/**
 * The electrical test of one channel: what the module can measure from its own pins, at this moment.
 * @param corner the channel. @param car what it shares. @param moved what shakes meanwhile. @param names how this make names what it finds. @param chance draws.
 * @returns a failure type byte (ISO 15031-6), null when it passes.
 */
export function electricalTest(
  corner: Corner,
  car: Car,
  moved: 'all' | 'nothing',
  names: Pick<Strategy, 'openByte' | 'resistsByte'>,
  chance: Chance,
): string | null {
  if (!corner.inputWorks) return '01';
  const short = shortOf(corner);
  if (short) return short;
  const wiring = wiringOf(corner, { ...AS_FITTED, moved }, car.partCelsius, chance);
  if (corner.type === 'active') {
    const series = ohmBetween({ resistors: wiring.resistors.slice(1), sources: [] }, NODES.input[0], NODES.sensor[0]);
    const back = ohmBetween({ resistors: wiring.resistors.slice(1), sources: [] }, NODES.input[1], NODES.sensor[1]);
    const way = wiring.resistors[0]?.ohm === BREAK_OHM ? BREAK_OHM : series + back;
    if (way > ACTIVE_SERIES_OHM) return way > BROKEN_OHM ? names.openByte : names.resistsByte;
    if (corner.sensor.coilOhm < 200) return '01';
    return corner.sensor.chip === 'mute' ? names.resistsByte : null;
  }
  const across = ohmBetween(wiring, NODES.input[0], NODES.input[1]);
  if (across > PASSIVE_WINDOW.most) return across > BROKEN_OHM ? names.openByte : names.resistsByte;
  if (across < PASSIVE_WINDOW.least) return '01';
  const leak = ohmBetween(wiring, NODES.input[1], GROUND);
  return leak < LEAK_OHM ? '11' : null;
}

/** What comparing wheels on the road shows of one channel. */
export function motionTest(corner: Corner, car: Car, strategy: Strategy, chance: Chance): string | null {
  const signal = signalOf(corner, car, chance);
  if (signal.cutInKmh > strategy.comparesFromKmh) return chance.pick(['31', '31', '21', '29']);
  if (signal.dip > 0.3) return chance.pick(['2F', '2F', '64', '39']);
  if (Math.abs(signal.ratio - 1) > 0.06) return '64';
  if (corner.loom.crossedWith && chance.hits(0.7)) return '64';
  if (signal.direction === 'none' && chance.hits(0.4)) return '64';
  return null;
}

/** A drive of some minutes: many moments, bumps and bends among them. */
const MOMENTS = 6;

/** All that a drive brings out: the electrical test again and again while all shakes, and the comparison of wheels. */
export function driveTest(car: Car, strategy: Strategy, chance: Chance): Finding[] {
  return car.corners.flatMap((corner): Finding[] => {
    for (let moment = 0; moment < MOMENTS; moment += 1) {
      const byte = electricalTest(corner, car, 'all', strategy, chance);
      const isShaky = [corner.sensor.shaky, ...pairsOf(corner).map((one) => one.shaky)].some((one) => one !== null);
      if (byte) return [{ channel: corner.channel, byte: isShaky ? chance.pick([byte, '1F', '2F']) : byte }];
    }
    const byte = motionTest(corner, car, strategy, chance);
    return byte ? [{ channel: corner.channel, byte }] : [];
  });
}

/** The key-on test: still, before anything moves. */
export function keyOnTest(car: Car, strategy: Strategy, chance: Chance): Finding[] {
  if (!strategy.testsAtKeyOn) return [];
  return car.corners.flatMap((corner): Finding[] => {
    const byte = electricalTest(corner, car, 'nothing', strategy, chance);
    return byte ? [{ channel: corner.channel, byte }] : [];
  });
}

const CODES: Readonly<Record<Channel, string>> = {
  'front-left': 'C0031',
  'front-right': 'C0034',
  'rear-left': 'C0037',
  'rear-right': 'C003A',
  'rear-axle': 'C0037',
};

export type Code = Omit<ObservationOf<'code'>, 'id'>;
export type Seen = Observation extends infer O ? (O extends Observation ? Omit<O, 'id'> : never) : never;

/** The code that tells a finding. */
export function codeOf(finding: Finding, strategy: Strategy, status: Code['status']): Code {
  const code = strategy.typed ? `${CODES[finding.channel]}-${finding.byte}` : CODES[finding.channel];
  return { kind: 'code', code, status, module: 'abs' };
}

/** A starved module finds its own voltage too low as soon as the key is on, and blames channels for it. */
export function supplyCodes(car: Car, strategy: Strategy, chance: Chance): Code[] {
  if (car.feedDropVolt <= 2 || car.feedDropVolt >= 5) return [];
  const hit = car.corners.filter(() => chance.hits(0.5));
  return hit.map((one) => codeOf({ channel: one.channel, byte: '16' }, strategy, 'current'));
}

/** Codes beside the channels: what a weak battery, the brake switch or the float leave. */
export function sharedCodes(car: Car, chance: Chance): Code[] {
  const made: Code[] = [];
  const stored = (code: string, module: Code['module'], odometer?: number): void => {
    made.push({ kind: 'code', code, status: 'stored', module, ...(odometer === undefined ? {} : { odometer }) });
  };
  if (car.crankingVolt < 9.4 && chance.hits(0.8)) {
    const at = chance.whole(60_000, 90_000);
    for (const corner of car.corners) if (chance.hits(0.5)) stored(CODES[corner.channel], 'abs', at);
    stored('U0121', 'instruments', at);
    stored('P0562', 'engine', at);
    if (chance.hits(0.5)) stored('B1342', 'body', at);
  }
  if (!car.brakeSwitchWorks && chance.hits(0.7))
    made.push({ kind: 'code', code: 'C0040', status: 'current', module: 'abs' });
  if (car.fluidIsLow && chance.hits(0.5)) made.push({ kind: 'code', code: 'C0049', status: 'current', module: 'abs' });
  return made;
}
