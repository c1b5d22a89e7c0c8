import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { showReading } from '../quantities/show';
import { coilVerdict, halfWidthOf } from './coilVerdict';
import { readMeter } from './readMeter';
import { statedType, type ReadingContext } from './report';

/** A reading's verdict in words, and what to draw of it. */
export interface MeterWords {
  readonly tone: 'good' | 'bad' | 'borderline' | 'void' | 'plain';
  readonly heading: string;
  readonly detail: string;
  /** The scale: value and band in the quantity's unit; null where there is nothing to draw. */
  readonly scale: {
    readonly value: number;
    readonly halfWidth: number;
    readonly min: number | null;
    readonly max: number | null;
  } | null;
}

type Meter = ObservationOf<'meter'>;

const BAND_FROM = {
  manual: "the manual's band",
  'other-side': 'the band of the other side',
  'own-sensor': 'what the coil read at its own plug, and a few ohm for the wires',
  generic: 'the usual band (generic)',
} as const;

/** What each outcome of a table means to the owner. */
const OUTCOME_WORDS: Readonly<Record<string, readonly [MeterWords['tone'], string]>> = {
  open: ['bad', 'Overload (OL): no connection'],
  unsteady: ['bad', 'It jumps: a contact comes and goes'],
  steady: ['good', 'Steady while moved'],
  normal: ['good', 'A signal is there'],
  none: ['bad', 'Nothing there'],
  waver: ['bad', 'It rises and falls with the turn'],
  full: ['good', 'Fed as it should be'],
  part: ['good', 'Fed, at a regulated voltage'],
  good: ['good', 'A whole wire'],
  some: ['bad', 'Resistance where none should be'],
  insulated: ['good', 'Insulated, as it should be'],
  leak: ['bad', 'It leaks'],
  short: ['bad', 'Shorted'],
  well: ['good', 'As it should be'],
  low: ['bad', 'Too low'],
  high: ['bad', 'Too high'],
};

function coilWords(meter: Meter, channel: Channel, context: ReadingContext): MeterWords | null {
  const verdict = coilVerdict(meter, channel, context);
  if (!verdict) return null;
  const { band, correctedOhm, halfWidthOhm } = verdict;
  const scale = { value: correctedOhm, halfWidth: halfWidthOhm, min: band.min, max: band.max };
  const shown = showReading(correctedOhm, 'resistance');
  const at =
    meter.temperature === undefined
      ? 'Part temperature not known'
      : `At ${meter.temperature} °C this is ${shown.number} ${shown.unit} at ${band.atCelsius} °C`;
  const whose = BAND_FROM[band.from];
  switch (verdict.verdict) {
    case 'inside':
      return {
        tone: 'good',
        heading: `Inside ${whose}.`,
        detail: `${at}. A whole coil can still be weak or break when shaken.`,
        scale,
      };
    case 'below':
      return {
        tone: 'bad',
        heading: `${correctedOhm < band.min * 0.6 ? 'Well below' : 'Below'} ${whose}.`,
        detail: `${at}. ${meter.point === 'sensor' ? 'The sensor or its lead; the loom was not in this reading.' : 'Sensor, lead, plug or loom: all were in this reading.'}`,
        scale,
      };
    case 'above':
      return {
        tone: 'bad',
        heading: `Above ${whose}.`,
        detail: `${at}. Compare with the other side before you call it broken: a new part can read outside a printed band.`,
        scale,
      };
    case 'borderline-low':
    case 'borderline-high':
      return {
        tone: 'borderline',
        heading: `Borderline: within its own uncertainty of a limit.`,
        detail: `${at}, give or take ${showReading(halfWidthOhm, 'resistance').number} ${showReading(halfWidthOhm, 'resistance').unit}. Measure on a finer range, or note the part's temperature.`,
        scale,
      };
    default:
      return verdict.verdict satisfies never;
  }
}

function otherWords(meter: Meter, channel: Channel | null, context: ReadingContext): MeterWords {
  const reading = readMeter(meter, channel, context);
  if ('ignored' in reading)
    return {
      tone: 'void',
      heading: 'Counts for nothing here.',
      detail: reading.ignored.replace(/^void: /, ''),
      scale: null,
    };
  const fits = reading.reports[0]?.fits ?? {};
  const sorted = Object.entries(fits).sort(([, a], [, b]) => b - a);
  const [tone, words] = OUTCOME_WORDS[sorted[0]?.[0] ?? ''] ?? ['plain', 'Noted'];
  const isWeak = sorted.length > 1 && (sorted[1]?.[1] ?? 0) > 0.25;
  const halfWidth = meter.value === 'overload' ? 0 : halfWidthOf(meter, context);
  const detail = isWeak
    ? 'Not clear-cut: this reading alone is weak evidence.'
    : halfWidth > 0 && meter.value !== 'overload'
      ? `Give or take ${showReading(halfWidth, meter.quantity).number} ${showReading(halfWidth, meter.quantity).unit}.`
      : '';
  return { tone: isWeak && tone === 'bad' ? 'borderline' : tone, heading: `${words}.`, detail, scale: null };
}

/**
 * The verdict of a meter reading in words.
 * @param meter the reading. @param channel its channel, null for the car. @param context the stage it was made in.
 * @returns tone, heading, detail and, for coils, the scale to draw (ohm at the band's temperature).
 * @example meterWords(CASE.observations[2], 'front-right', STAGE).tone // => "good"
 */
export function meterWords(meter: Meter, channel: Channel | null, context: ReadingContext): MeterWords {
  const isCoil = meter.quantity === 'resistance' && (meter.point === 'sensor' || meter.point === 'module-end');
  if (
    isCoil &&
    channel &&
    !meter.unsteady &&
    meter.value !== 'overload' &&
    meter.while !== 'wiggle' &&
    statedType(context, channel) !== 'active'
  )
    return coilWords(meter, channel, context) ?? otherWords(meter, channel, context);
  return otherWords(meter, channel, context);
}
