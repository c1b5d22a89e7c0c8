import type { Segment, RepairSegment } from '../casefile/words';

/** Plain words for the contract's words, for screens and the record. */

export const SEGMENT_NAMES: Readonly<Record<RepairSegment, string>> = {
  ring: 'Ring',
  gap: 'Gap',
  sensor: 'Sensor',
  lead: 'Lead',
  plug: 'Plug',
  loom: 'Loom',
  module: 'Module',
  supply: 'Supply',
  elsewhere: 'Elsewhere',
};

/** One tap further: what a segment is. */
export const SEGMENT_EXPLAINED: Readonly<Record<Segment, string>> = {
  ring: 'The toothed ring or magnetic encoder that turns with the wheel.',
  gap: 'The air between ring and tip: set by seat, flange, bore and bearing.',
  sensor: 'The coil or chip that turns passing teeth into a signal.',
  lead: "The sensor's own cable, from its body to the plug. It flexes with every bump.",
  plug: 'The connector between the lead and the body wiring, usually out in the spray.',
  loom: 'The body wiring from that plug to the module.',
  module: 'The brake module: its plug, its input, its feed to the sensor.',
};

export const LAMP_NAMES: Readonly<Record<string, string>> = {
  abs: 'ABS',
  stability: 'Stability',
  brake: 'Brake',
  'brake-red': 'Brake, red',
  'pad-wear': 'Pad wear',
  'parking-brake': 'Parking brake',
  'hill-start': 'Hill start',
  'hill-descent': 'Hill descent',
  'tyre-pressure': 'Tyre pressure',
  airbag: 'Airbag',
  engine: 'Engine',
  service: 'Service',
  message: 'Message text',
};
export const CODE_STATUS_NAMES: Readonly<Record<string, string>> = {
  current: 'current',
  stored: 'stored',
  pending: 'pending',
  unknown: 'not told',
};
export const MODULE_NAMES: Readonly<Record<string, string>> = {
  abs: 'Brakes',
  engine: 'Engine',
  airbag: 'Airbag',
  instruments: 'Instruments',
  body: 'Body',
  steering: 'Steering',
  transmission: 'Transmission',
  other: 'Another module',
};
export const PATTERN_NAMES: Readonly<Record<string, string>> = {
  'steady-from-key-on': 'steady, from key-on',
  'after-moving-off': 'only after moving off',
  intermittent: 'now and then',
  'when-turning': 'on bends',
  'on-bumps': 'on bumps',
  'when-wet': 'when wet',
  'when-hot': 'when hot',
  'goes-out-after-restart': 'gone after a restart',
};
export const SYMPTOM_NAMES: Readonly<Record<string, string>> = {
  'abs-pulses-at-low-speed': 'Pedal pulses when nearly stopped',
  'stability-cuts-in': 'Stability cuts in without reason',
  'speedometer-wrong': 'Speedometer wrong or dead',
  'noise-from-wheel': 'Noise from a wheel',
  'pedal-soft': 'Pedal soft or sinking',
  'fluid-leak': 'Fluid leaking',
  none: 'Nothing else noticed',
};
export const HISTORY_NAMES: Readonly<Record<string, string>> = {
  'wheel-bearing': 'Wheel bearing',
  'shock-or-strut': 'Shock or strut',
  brakes: 'Brakes',
  driveshaft: 'Driveshaft',
  steering: 'Steering parts',
  'wheels-or-tyres': 'Wheels or tyres',
  battery: 'Battery renewed',
  'flat-battery-event': 'Battery went flat',
  'stood-unused': 'Stood unused',
  rodents: 'Gnawed by animals',
  'salted-roads': 'Winters on salt',
  water: 'Flood or deep water',
  'crash-or-kerb': 'Crash or kerb',
  'sensor-replaced': 'Sensor replaced',
  'wiring-added': 'Wiring added or mended',
  'known-weak-point': 'Known weak point',
  'nothing-known': 'Nothing that I know of',
};
export const LIVE_NAMES: Readonly<Record<string, string>> = {
  follows: 'follows the wheel',
  zero: 'stays at zero',
  'drops-out': 'drops out',
  erratic: 'jumps about',
  'reads-fast': 'reads too fast',
  'reads-slow': 'reads too slow',
  'stuck-high': 'stuck at a value',
  'wrong-direction': 'wrong direction',
  'no-direction': 'no direction',
  'cuts-in-late': 'cuts in late',
  'answers-as-other-channel': 'another corner answers',
};
export const CLEAR_NAMES: Readonly<Record<string, string>> = {
  'returned-at-key-on': 'came back at key-on',
  'returned-when-moving': 'came back on moving',
  'returned-later': 'came back later',
  'stayed-clear': 'stayed away',
  refused: 'would not erase',
};
export const DRIVE_NAMES: Readonly<Record<string, string>> = {
  'lamps-stayed-out': 'lamps stayed out',
  'lamps-came-back': 'lamps came back',
  'lamps-went-out': 'lamps went out by themselves',
};
export const TRIAL_NAMES: Readonly<Record<string, string>> = {
  'fault-followed': 'the fault went with the sensor',
  'fault-stayed': 'the fault stayed',
  'signal-normal': 'the signal is normal',
  'same-code': 'the same code',
  'different-code': 'another code',
};
export const FINDING_NAMES: Readonly<Record<string, string>> = {
  sound: 'sound',
  hidden: "I can't see it from here",
  cracked: 'cracked',
  'teeth-missing': 'teeth missing',
  swollen: 'swollen',
  scored: 'scored',
  debris: 'debris',
  reversed: 'wrong way round',
  'wrong-part': 'wrong part',
  'lifted-by-rust': 'lifted by rust',
  'not-seated': 'not seated',
  bent: 'bent',
  corroded: 'corroded',
  dirty: 'dirty',
  play: 'has play',
  wet: 'wet inside',
  chafed: 'rubbed',
  nicked: 'nicked',
  severed: 'cut through',
  unclipped: 'out of its clip',
  stretched: 'stretched',
  brittle: 'brittle',
  loose: 'loose',
  unplugged: 'unplugged',
  blown: 'blown',
  'level-low': 'level low',
  'mixed-sizes': 'mixed sizes',
  broken: 'broken',
};
export const FAILURE_NAMES: Readonly<Record<string, string>> = {
  open: 'open circuit',
  'short-to-ground': 'short to ground',
  'short-to-supply': 'short to supply',
  circuit: 'circuit',
  intermittent: 'intermittent',
  'no-signal': 'no signal',
  erratic: 'erratic',
  implausible: 'implausible',
  direction: 'direction',
  supply: 'supply',
};
export const REPAIR_NAMES: Readonly<Record<string, string>> = {
  replaced: 'replaced',
  cleaned: 'cleaned',
  'repaired-wire': 'wire mended',
  reseated: 'seated afresh',
  spaced: 'spacer fitted',
  charged: 'charged',
  'topped-up': 'topped up',
  other: 'other work',
};
