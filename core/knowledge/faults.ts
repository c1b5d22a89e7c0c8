import type { RepairSegment } from '../casefile/words';

/** What a fault does to the signal: the trait that checks which know no part go by. */
export type Nature = 'hard' | 'contact' | 'intermittent' | 'signal' | 'dead' | 'beside' | 'history';

/** A fault in one record; the repairs that cure it name it (`repairs/`), and tables say what each check shows of it. */
export interface FaultRow {
  readonly id: string;
  readonly segment: RepairSegment;
  readonly nature: Nature;
  /** How often it is the cause, per thousand single faults at a corner, by sensor type; 0 means it cannot be (trade experience). */
  readonly often: { readonly passive: number; readonly active: number };
  /** What it is called, in lower case. */
  readonly name: string;
  readonly why: string;
}

const row = <const I extends string>(
  id: I,
  segment: RepairSegment,
  nature: Nature,
  passive: number,
  active: number,
  name: string,
  why: string,
) => ({ id, segment, nature, often: { passive, active }, name, why }) as const;

/** The faults that a channel can have. Ids are part of the contract. */
export const CHANNEL_FAULTS = [
  row(
    'ring-damaged',
    'ring',
    'signal',
    55,
    25,
    'ring cracked or missing teeth',
    'iron rings rust and crack; an encoder in a seal is better kept',
  ),
  row(
    'ring-swollen',
    'ring',
    'signal',
    50,
    2,
    'ring swollen with rust',
    'rust under a pressed iron ring lifts it until it touches',
  ),
  row(
    'ring-wrong',
    'ring',
    'dead',
    10,
    25,
    'wrong or reversed ring',
    'comes with other work: encoder bearing the wrong way round, wrong count, none',
  ),
  row(
    'ring-debris',
    'ring',
    'signal',
    25,
    40,
    'debris on the ring',
    'metal fuzz on a magnetic encoder, mud between teeth',
  ),
  row('gap-wide', 'gap', 'signal', 60, 40, 'gap too wide', 'rust under the flange lifts the sensor'),
  row(
    'bearing-play',
    'gap',
    'signal',
    25,
    25,
    'play in the wheel bearing',
    'a worn bearing lets the gap change with every turn',
  ),
  row('sensor-open', 'sensor', 'hard', 105, 25, 'sensor coil open', 'coils break inside with age and water'),
  row(
    'sensor-short',
    'sensor',
    'hard',
    55,
    25,
    'sensor shorted or leaking inside',
    'water inside bridges turns or leaks to the body',
  ),
  row('sensor-weak', 'sensor', 'signal', 35, 25, 'sensor weak', 'magnets weaken; thresholds drift'),
  row('sensor-damaged', 'sensor', 'signal', 40, 35, 'sensor tip damaged', 'tip worn or scored, body cracked'),
  row(
    'sensor-intermittent',
    'sensor',
    'intermittent',
    40,
    40,
    'sensor breaking now and then',
    'a cracked joint inside opens with heat or shaking',
  ),
  row(
    'sensor-dead',
    'sensor',
    'dead',
    0,
    165,
    'sensor electronics dead',
    "an active sensor's electronics fail outright",
  ),
  row('sensor-dirty', 'sensor', 'signal', 30, 45, 'sensor tip dirty', 'metal dust on the tip'),
  row('lead-open', 'lead', 'hard', 85, 85, 'lead broken', 'the lead flexes with every bump and bend'),
  row(
    'lead-intermittent',
    'lead',
    'intermittent',
    80,
    80,
    'lead breaking now and then',
    'strands break one by one where it flexes',
  ),
  row('lead-short', 'lead', 'hard', 30, 30, 'lead rubbed through', 'rubbed through against metal or tyre'),
  row('plug-corroded', 'plug', 'contact', 90, 95, 'plug corroded', 'the plug sits in spray'),
  row(
    'plug-loose',
    'plug',
    'hard',
    35,
    40,
    'plug loose or unlatched',
    'not latched after other work, or a pin pushed back',
  ),
  row('loom-open', 'loom', 'hard', 45, 45, 'loom wire broken', 'wires rot under clips and sills'),
  row(
    'loom-intermittent',
    'loom',
    'intermittent',
    35,
    35,
    'loom breaking now and then',
    'a wire that flexes at a grommet or door sill',
  ),
  row('loom-short-to-ground', 'loom', 'hard', 18, 18, 'loom shorted to ground', 'chafed against the body'),
  row(
    'loom-short-to-supply',
    'loom',
    'hard',
    6,
    6,
    'loom shorted to supply',
    'chafed against a fed wire in the same loom',
  ),
  row('loom-short-across', 'loom', 'hard', 12, 12, 'loom wires bridged', 'the pair crushed or melted together'),
  row('loom-crossed', 'loom', 'hard', 6, 8, 'loom wires crossed', 'only after somebody mended wires'),
  row(
    'module-plug-corroded',
    'module',
    'contact',
    14,
    14,
    "module's plug corroded",
    'water creeps along wires into the plug',
  ),
  row('module-input', 'module', 'hard', 14, 14, "module's input failed", 'rare, expensive, and blamed too often'),
  row(
    'tyre-mismatch',
    'elsewhere',
    'signal',
    8,
    8,
    'odd tyre size',
    'one odd tyre turns faster or slower than the rest',
  ),
] as const;

/** A code that stays stored although its cause has gone. */
const STALE_CODE = row(
  'stale-code',
  'elsewhere',
  'history',
  45,
  45,
  'old code without a fault',
  'codes stay stored long after their cause has gone',
);

/** Causes that all channels share. `often` is per thousand jobs, whatever the sensors. */
export const SHARED_FAULTS = [
  row('battery-low', 'supply', 'beside', 50, 50, 'battery low', 'a weak battery sets codes all over the car'),
  row(
    'module-supply',
    'supply',
    'beside',
    16,
    16,
    "module's feed or ground",
    "the brake module's fuse, feed or ground",
  ),
  row(
    'brake-switch',
    'elsewhere',
    'beside',
    18,
    18,
    'brake switch',
    'lights some of the same lamps as the wheel speed sensors',
  ),
  row(
    'brake-fluid-low',
    'elsewhere',
    'beside',
    22,
    22,
    'brake fluid low',
    'shares a lamp; worn pads or a leak behind it',
  ),
] as const;

export type ChannelFaultId = (typeof CHANNEL_FAULTS)[number]['id'];
export type SharedFaultId = (typeof SHARED_FAULTS)[number]['id'];
export type FaultId = ChannelFaultId | SharedFaultId | 'stale-code';

export const ALL_FAULTS: readonly (FaultRow & { readonly id: FaultId })[] = [
  ...CHANNEL_FAULTS,
  STALE_CODE,
  ...SHARED_FAULTS,
];

/**
 * Some faults take one of several forms that readings tell apart: the form is settled once for all readings, so that two readings of one coil cannot contradict each other.
 * Shares are of that fault's cases (trade experience); forms never leave the adviser.
 */
export const FORMS = [
  { fault: 'sensor-open', form: 'sensor-open/through', share: 0.87, why: 'the coil is broken through' },
  { fault: 'sensor-open', form: 'sensor-open/high', share: 0.13, why: 'a joint of high resistance, stable' },
  { fault: 'sensor-short', form: 'sensor-short/turns', share: 0.72, why: 'turns bridged: the coil reads low' },
  {
    fault: 'sensor-short',
    form: 'sensor-short/body',
    share: 0.28,
    why: 'leaks to its body: the coil reads as it should',
  },
  { fault: 'lead-short', form: 'lead-short/across', share: 0.6, why: 'wire to wire' },
  { fault: 'lead-short', form: 'lead-short/body', share: 0.4, why: 'one wire to metal' },
  { fault: 'loom-open', form: 'loom-open/1', share: 0.5, why: 'the first wire' },
  { fault: 'loom-open', form: 'loom-open/2', share: 0.5, why: 'the second wire' },
  { fault: 'loom-short-to-ground', form: 'loom-short-to-ground/1', share: 0.5, why: 'the first wire' },
  { fault: 'loom-short-to-ground', form: 'loom-short-to-ground/2', share: 0.5, why: 'the second wire' },
] as const satisfies readonly { fault: FaultId; form: string; share: number; why: string }[];

/** A fault of the catalogue, or one of its forms: what a state of the model holds. */
export type Cause = FaultId | (typeof FORMS)[number]['form'];

const BY_ID: ReadonlyMap<string, FaultRow & { readonly id: FaultId }> = new Map([
  ...ALL_FAULTS.map((row) => [row.id, row] as const),
  ...FORMS.flatMap((form) => ALL_FAULTS.filter((row) => row.id === form.fault).map((row) => [form.form, row] as const)),
]);

/**
 * The forms of a fault with their shares; the fault itself where it has none.
 * @example formsOf('sensor-open').map(({ form }) => form) // => ["sensor-open/through","sensor-open/high"]
 */
export function formsOf(fault: FaultId): readonly { readonly form: Cause; readonly share: number }[] {
  const forms = FORMS.filter((entry) => entry.fault === fault);
  return forms.length > 0 ? forms : [{ form: fault, share: 1 }];
}

/**
 * The catalogue's row of a fault.
 * @param id a fault of the catalogue, or one of its forms.
 * @returns its row. Throws for an id that is not in the catalogue: that is a bug of ours.
 * @example faultRow('gap-wide').segment // => "gap"
 */
export function faultRow(id: Cause): FaultRow & { readonly id: FaultId } {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`no fault "${id}" in the catalogue`);
  return found;
}

/**
 * Plain words for a fault of the catalogue.
 * @param fault its id, or `none`. @returns lower-case words; an unknown id is given back as it is.
 * @example faultName('gap-wide') // => "gap too wide"
 */
export function faultName(fault: string): string {
  return fault === 'none' ? 'nothing wrong now' : (BY_ID.get(fault)?.name ?? fault);
}
