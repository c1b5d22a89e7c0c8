import { checkRecord } from '../../../../core/knowledge/checks/all';
import type { Channel } from '../../../../core/casefile/words';
import type { CheckId } from '../../../../core/knowledge/checks/checkIds';
import type { Plate } from '../plate';
import { cornerPlate, isCornerPart, type CornerPart } from './corner';
import { PLACE_PLATES } from './looks';
import { sensorAt } from './sensorPlaces';

type DialPosition = 'ohm' | 'vac' | 'vdc' | 'ma';
const DIAL: Readonly<Record<DialPosition, string>> = { ohm: '12deg', vac: '-84deg', vdc: '-36deg', ma: '112deg' };

type Touched = Extract<Plate, { scene: 'probing' }>['state'];

/** The meter with its dial turned, its probes on what is measured, and a figure that it may show. */
const probing = (state: Touched, dial: DialPosition, value: string, unit: string): Plate => ({
  scene: 'probing',
  state,
  vars: { '--dial': DIAL[dial] },
  figures: { 'display-value': value, 'display-unit': unit },
});

/** How each check is made. */
export const CHECK_PLATES: Readonly<Record<CheckId, Plate>> = {
  'look:ring': PLACE_PLATES.ring,
  'look:gap': PLACE_PLATES.gap,
  'look:bearing': PLACE_PLATES.bearing,
  'look:sensor': PLACE_PLATES.sensor,
  'look:lead': PLACE_PLATES.lead,
  'look:plug': PLACE_PLATES.plug,
  'look:loom': PLACE_PLATES.loom,
  'look:module': PLACE_PLATES.module,
  'look:battery': PLACE_PLATES.battery,
  'look:fuse': PLACE_PLATES.fuse,
  'look:ground-point': PLACE_PLATES['ground-point'],
  'look:fluid': PLACE_PLATES.fluid,
  'look:tyres': PLACE_PLATES.tyres,
  'look:brake-switch': PLACE_PLATES['brake-switch'],
  'meter:sensor:resistance': probing('sensor', 'ohm', '1.12', 'kΩ'),
  'meter:sensor-to-ground:resistance': probing('body', 'ohm', 'OL', ''),
  'meter:sensor:ac-voltage': probing('spin', 'vac', '0.31', 'V'),
  'meter:supply-at-plug:dc-voltage': probing('sockets', 'vdc', '11.9', 'V'),
  'meter:sensor-current:dc-current': probing('series', 'ma', '7.1', 'mA'),
  'meter:module-end:resistance': probing('module', 'ohm', '1.14', 'kΩ'),
  'meter:module-end:ac-voltage': probing('module', 'vac', '0.29', 'V'),
  'meter:wire-1:resistance': probing('wire', 'ohm', '0.3', 'Ω'),
  'meter:wire-2:resistance': probing('wire', 'ohm', '0.3', 'Ω'),
  'meter:wire-1-to-ground:resistance': probing('wire-ground', 'ohm', 'OL', ''),
  'meter:wire-2-to-ground:resistance': probing('wire-ground', 'ohm', 'OL', ''),
  'meter:wire-to-wire:resistance': probing('sockets', 'ohm', 'OL', ''),
  'meter:wire-1-to-ground:dc-voltage': probing('wire-ground', 'vdc', '0.00', 'V'),
  'meter:battery:dc-voltage': probing('battery', 'vdc', '12.6', 'V'),
  'meter:module-supply:dc-voltage': probing('feed', 'vdc', '12.5', 'V'),
  'distance:air-gap': { scene: 'seat', state: 'blade-gap', crop: [30, 60, 330, 270] },
  'distance:ring-runout': { scene: 'seat', state: 'blade-ring', crop: [30, 60, 330, 300] },
  'distance:flange-void': { scene: 'seat', state: 'blade-flange', crop: [90, 20, 270, 200] },
  'live:stationary': { scene: 'reader', state: 'one-stuck' },
  'live:hand-spin': { scene: 'reader', state: 'one-zero' },
  'live:drive': { scene: 'drive', state: 'overview' },
  swap: { scene: 'seat', state: 'compare' },
  substitute: { scene: 'swap-trial', state: 'hang' },
  unplug: { scene: 'plug', state: 'pull' },
  code: { scene: 'socket', state: 'waiting' },
  clear: { scene: 'reader', state: 'all-follow' },
  'ask:history': { scene: 'corner', state: 'whole' },
  'ask:specs': probing('sensor', 'ohm', '1.12', 'kΩ'),
  'ask:sensor-type': { scene: 'seat', state: 'encoder' },
};

/** The wheel's number on the reader's picture. */
const AT_WHEEL: Readonly<Partial<Record<Channel, string>>> = {
  'front-right': 'at-fr',
  'rear-left': 'at-rl',
  'rear-right': 'at-rr',
  'rear-axle': 'at-rl',
};

/** Looks at the corner whose drawing depends on where the sensor sits. */
const BY_SENSOR_PLACE: readonly CornerPart[] = ['gap', 'sensor'];

/**
 * The drawing of a check: looks show the part at its place on this car, the reader the wheel in question.
 * @param channel null for the whole car. @param places of the corner's sensor, by the spec sheet.
 */
export function checkPlate(check: CheckId, channel: Channel | null, places: { readonly sensor?: string } = {}): Plate {
  const plate = CHECK_PLATES[check];
  if (!channel) return plate;
  const answer = checkRecord(check)?.answer;
  const part = answer?.is === 'look' ? answer.part : null;
  if (part && isCornerPart(part)) {
    const atPlace = BY_SENSOR_PLACE.includes(part) ? sensorAt(places.sensor) : null;
    return atPlace ?? cornerPlate(part, channel);
  }
  const wheel = AT_WHEEL[channel];
  return plate.scene === 'reader' && wheel ? { ...plate, classes: [wheel] } : plate;
}
