import type { SENSOR_PLACES } from '../../../../core/casefile/words';
import type { StepId } from '../../../../core/knowledge/guide/stepIds';
import type { Plate } from '../plate';

type SensorPlace = (typeof SENSOR_PLACES)[number];

/** How the sensor's seat looks where it does not sit in the knuckle: as it stands, and with the sensor coming out. */
const AT: Readonly<Record<Exclude<SensorPlace, 'knuckle'>, { readonly whole: Plate; readonly out: Plate }>> = {
  differential: {
    whole: { scene: 'differential', state: 'whole' },
    out: { scene: 'differential', state: 'sensor-out' },
  },
  'one-piece-hub': {
    whole: { scene: 'hub-unit', state: 'assembled', classes: ['show-hidden'] },
    out: { scene: 'hub-unit', state: 'apart' },
  },
  'behind-disc': {
    whole: { scene: 'behind-disc', state: 'disc-on', classes: ['bracket-on'], focus: ['sensor'] },
    out: { scene: 'behind-disc', state: 'caliper-hung', focus: ['sensor', 'sensor-bolt'] },
  },
  'in-bearing': {
    whole: { scene: 'hub-unit', state: 'assembled', classes: ['show-hidden'] },
    out: { scene: 'hub-unit', state: 'apart' },
  },
};

const placed = (place: string | undefined) =>
  place && place in AT ? AT[place as Exclude<SensorPlace, 'knuckle'>] : null;

/** The sensor where it sits on this car; null where that is the knuckle, or nobody has said. */
export const sensorAt = (place: string | undefined): Plate | null => placed(place)?.whole ?? null;

/** Steps at the sensor's seat, as they look elsewhere than in a knuckle; null where the usual drawing serves. */
export function stepAt(id: StepId, isBack: boolean, place: string | undefined): Plate | null {
  const at = placed(place);
  if (!at) return null;
  if (id === 'sensor-out') return isBack ? at.whole : at.out;
  return id === 'bolt-out' && place === 'differential' ? at.whole : null;
}
