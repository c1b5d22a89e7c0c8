/**
 * The vocabulary of the case file: every closed list of words that the contract knows.
 * Relied on from outside: a word may be added with reason, none may change.
 */

export const CHANNELS = ['front-left', 'front-right', 'rear-left', 'rear-right', 'rear-axle'] as const;
export const SEGMENTS = ['ring', 'gap', 'sensor', 'lead', 'plug', 'loom', 'module'] as const;
export const PLACES_OF_REPAIR = [...SEGMENTS, 'supply', 'elsewhere'] as const;

export const SENSOR_TYPES = ['passive', 'active'] as const;
export const SENSOR_PLACES = ['knuckle', 'behind-disc', 'one-piece-hub', 'differential', 'in-bearing'] as const;
export const PLUG_PLACES = ['bonnet', 'arch-liner', 'trim', 'sill', 'seat', 'underbody'] as const;
export const SIDES = ['left', 'right'] as const;
export const TORQUE_POINTS = [
  'sensor-bolt',
  'caliper-bracket',
  'caliper-pin',
  'hub-nut',
  'wheel-nut',
  'brake-line-bracket',
] as const;

export const LAMPS = [
  'abs',
  'stability',
  'brake',
  'brake-red',
  'pad-wear',
  'parking-brake',
  'hill-start',
  'hill-descent',
  'tyre-pressure',
  'airbag',
  'engine',
  'service',
  'message',
] as const;
export const LAMP_PATTERNS = [
  'steady-from-key-on',
  'after-moving-off',
  'intermittent',
  'when-turning',
  'on-bumps',
  'when-wet',
  'when-hot',
  'goes-out-after-restart',
] as const;
export const SYMPTOMS = [
  'abs-pulses-at-low-speed',
  'stability-cuts-in',
  'speedometer-wrong',
  'noise-from-wheel',
  'pedal-soft',
  'fluid-leak',
  'none',
] as const;

export const CODE_STATUSES = ['current', 'stored', 'pending', 'unknown'] as const;
export const FAILURES = [
  'open',
  'short-to-ground',
  'short-to-supply',
  'circuit',
  'intermittent',
  'no-signal',
  'erratic',
  'implausible',
  'direction',
  'supply',
] as const;
export const MODULES = ['abs', 'engine', 'airbag', 'instruments', 'body', 'steering', 'transmission', 'other'] as const;
export const CLEAR_RESULTS = [
  'returned-at-key-on',
  'returned-when-moving',
  'returned-later',
  'stayed-clear',
  'refused',
] as const;
export const CLEAR_METHODS = ['reader', 'drive', 'key-cycles', 'by-itself'] as const;

export const LIVE_WHILE = ['stationary', 'wiggle', 'hand-spin', 'drive'] as const;
export const LIVE_FINDINGS = [
  'follows',
  'zero',
  'drops-out',
  'erratic',
  'reads-fast',
  'reads-slow',
  'stuck-high',
  'wrong-direction',
  'no-direction',
  'cuts-in-late',
  'answers-as-other-channel',
] as const;
export const RHYTHMS = ['once-per-turn'] as const;
export const DRIVE_RESULTS = ['lamps-stayed-out', 'lamps-came-back', 'lamps-went-out'] as const;

/** What an eye can find on each part; `sound` is understood for every part, and so is `hidden`: it can't be seen from here as things stand. */
export const LOOK_FINDINGS = {
  ring: ['sound', 'cracked', 'teeth-missing', 'swollen', 'scored', 'debris', 'reversed', 'wrong-part', 'hidden'],
  gap: ['sound', 'lifted-by-rust', 'not-seated', 'bent', 'corroded', 'dirty', 'hidden'],
  bearing: ['sound', 'play', 'hidden'],
  sensor: ['sound', 'scored', 'cracked', 'dirty', 'wet', 'wrong-part', 'hidden'],
  lead: ['sound', 'chafed', 'nicked', 'severed', 'unclipped', 'stretched', 'brittle', 'wet', 'hidden'],
  plug: ['sound', 'corroded', 'loose', 'unplugged', 'wet', 'bent', 'hidden'],
  loom: ['sound', 'chafed', 'nicked', 'severed', 'unclipped', 'corroded', 'brittle', 'wet', 'hidden'],
  module: ['sound', 'corroded', 'loose', 'wet', 'hidden'],
  battery: ['sound', 'corroded', 'loose', 'hidden'],
  fuse: ['sound', 'blown', 'corroded', 'loose', 'hidden'],
  'ground-point': ['sound', 'corroded', 'loose', 'hidden'],
  fluid: ['sound', 'level-low', 'hidden'],
  tyres: ['sound', 'mixed-sizes', 'hidden'],
  'brake-switch': ['sound', 'loose', 'broken', 'hidden'],
} as const;

/** What a meter can be put across, and which quantities make sense there. */
export const METER_QUANTITIES = {
  sensor: ['resistance', 'ac-voltage'],
  'sensor-to-ground': ['resistance'],
  'module-end': ['resistance', 'ac-voltage'],
  'supply-at-plug': ['dc-voltage'],
  'wire-1': ['resistance'],
  'wire-2': ['resistance'],
  'wire-1-to-ground': ['resistance', 'dc-voltage'],
  'wire-2-to-ground': ['resistance', 'dc-voltage'],
  'wire-to-wire': ['resistance'],
  'sensor-current': ['dc-current'],
  'module-supply': ['dc-voltage'],
  battery: ['dc-voltage'],
} as const;
export const QUANTITIES = ['resistance', 'ac-voltage', 'dc-voltage', 'dc-current'] as const;
/** Where moving a wire made a reading jump. */
export const JUMPS_AT = ['sensor', 'lead', 'plug', 'loom'] as const;
export const METER_WHILE = ['still', 'wiggle', 'hand-spin', 'cranking'] as const;
export const METER_ENDS = ['both-unplugged', 'module-connected', 'sensor-connected'] as const;

export const DISTANCE_POINTS = ['air-gap', 'ring-runout', 'flange-void', 'spacer'] as const;
export const SWAP_RESULTS = ['fault-followed', 'fault-stayed'] as const;
export const SUBSTITUTE_RESULTS = ['signal-normal', 'fault-stayed'] as const;
export const UNPLUG_RESULTS = ['same-code', 'different-code'] as const;
export const HISTORY_EVENTS = [
  'wheel-bearing',
  'shock-or-strut',
  'brakes',
  'driveshaft',
  'steering',
  'wheels-or-tyres',
  'battery',
  'flat-battery-event',
  'stood-unused',
  'rodents',
  'salted-roads',
  'water',
  'crash-or-kerb',
  'sensor-replaced',
  'wiring-added',
  'known-weak-point',
  'nothing-known',
] as const;

export const REPAIR_ACTIONS = [
  'replaced',
  'cleaned',
  'repaired-wire',
  'reseated',
  'spaced',
  'charged',
  'topped-up',
  'other',
] as const;
export const REPAIR_RESULTS = ['fixed', 'no-change', 'partly', 'unknown'] as const;
export const COST_USES = ['needed', 'wasted', 'kept', 'spare', 'refund', 'quote'] as const;
export const QUOTE_CASES = ['best', 'usual', 'worst'] as const;
export const ENDINGS = ['solved', 'unverified', 'unsolved', 'handed-over'] as const;

export type Channel = (typeof CHANNELS)[number];
export type Segment = (typeof SEGMENTS)[number];
export type RepairSegment = (typeof PLACES_OF_REPAIR)[number];
export type SensorType = (typeof SENSOR_TYPES)[number];
export type Failure = (typeof FAILURES)[number];
export type LookPart = keyof typeof LOOK_FINDINGS;
export type MeterPoint = keyof typeof METER_QUANTITIES;
export type Quantity = (typeof QUANTITIES)[number];
export type Side = (typeof SIDES)[number];
export type RepairAction = (typeof REPAIR_ACTIONS)[number];

/** Added with the fastener board: what holds a part, and what becomes of it. */
export const FASTENER_KINDS = ['hex', 'inner-hex', 'star', 'nut', 'screw', 'rivet', 'clip', 'other'] as const;
export const FASTENER_STATES = ['sound', 'worn', 'broken'] as const;
