import type { FaultId } from '../faults';

/** Faults that most checks cannot tell apart, under one name each. A fault may stand in several groups; a test keeps tables free of doubles. */

export const WIRE_OPEN = ['sensor-open', 'lead-open', 'loom-open'] as const satisfies readonly FaultId[];
export const LOOM_SHORT = [
  'loom-short-to-ground',
  'loom-short-to-supply',
  'loom-short-across',
] as const satisfies readonly FaultId[];
export const BROKEN_NOW_AND_THEN = [
  'sensor-intermittent',
  'lead-intermittent',
  'loom-intermittent',
] as const satisfies readonly FaultId[];
export const CORRODED = ['plug-corroded', 'module-plug-corroded'] as const satisfies readonly FaultId[];
/** The signal is there but small. */
export const WEAK_SIGNAL = [
  'gap-wide',
  'sensor-weak',
  'sensor-dirty',
  'sensor-damaged',
] as const satisfies readonly FaultId[];
/** Something happens once a turn. */
export const ONCE_A_TURN = ['ring-damaged', 'ring-swollen', 'bearing-play'] as const satisfies readonly FaultId[];
/** Comes out with the sensor. */
export const SENSOR_UNIT = [
  'sensor-open',
  'sensor-short',
  'sensor-weak',
  'sensor-damaged',
  'sensor-dead',
  'lead-open',
  'lead-short',
] as const satisfies readonly FaultId[];

/** Circuit faults that are there at every test. */
export const LASTING = [
  ...WIRE_OPEN,
  ...LOOM_SHORT,
  'sensor-short',
  'lead-short',
  'plug-loose',
  'module-input',
] as const satisfies readonly FaultId[];
/** Signal faults: seen only once the wheels turn. */
export const TURNING = [...WEAK_SIGNAL, ...ONCE_A_TURN, 'ring-debris'] as const satisfies readonly FaultId[];
