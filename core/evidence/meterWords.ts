import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { showReading } from '../quantities/show';
import { coilVerdict, halfWidthOf } from './coilVerdict';
import { readMeter } from './readMeter';
import { statedType, type ReadingContext } from './report';
import { texts } from '#words/core/evidence';

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
  manual: texts.theManualsBand,
  'other-side': texts.theBandOfThe,
  'own-sensor': texts.whatTheCoilRead,
  generic: texts.theUsualBandGeneric,
} as const;

/** What each outcome of a table means to the owner. */
const OUTCOME_WORDS: Readonly<Record<string, readonly [MeterWords['tone'], string]>> = {
  open: ['bad', texts.overloadOlNoConnection],
  unsteady: ['bad', texts.itJumpsAContact],
  steady: ['good', texts.steadyWhileMoved],
  normal: ['good', texts.aSignalIsThere],
  none: ['bad', texts.nothingThere],
  waver: ['bad', texts.itRisesAndFalls],
  full: ['good', texts.fedAsItShould],
  part: ['good', texts.fedAtARegulated],
  good: ['good', texts.aWholeWire],
  some: ['bad', texts.resistanceWhereNoneShould],
  insulated: ['good', texts.insulatedAsItShould],
  leak: ['bad', texts.itLeaks],
  short: ['bad', texts.shorted],
  well: ['good', texts.asItShouldBe],
  low: ['bad', texts.tooLow],
  high: ['bad', texts.tooHigh],
};

function coilWords(meter: Meter, channel: Channel, context: ReadingContext): MeterWords | null {
  const verdict = coilVerdict(meter, channel, context);
  if (!verdict) return null;
  const { band, correctedOhm, halfWidthOhm } = verdict;
  const scale = { value: correctedOhm, halfWidth: halfWidthOhm, min: band.min, max: band.max };
  const shown = showReading(correctedOhm, 'resistance');
  const at =
    meter.temperature === undefined
      ? texts.partTemperatureNotKnown
      : meter.temperature === band.atCelsius
        ? texts.measuredAt(meter.temperature)
        : texts.atCThisIs(meter.temperature, shown.number, shown.unit, band.atCelsius);
  const whose = BAND_FROM[band.from];
  switch (verdict.verdict) {
    case 'inside':
      return {
        tone: 'good',
        heading: texts.inside(whose),
        detail: texts.aWholeCoilCan(at),
        scale,
      };
    case 'below':
      return {
        tone: 'bad',
        heading: `${correctedOhm < band.min * 0.6 ? texts.wellBelow : texts.below} ${whose}.`,
        detail: `${at}. ${meter.point === 'sensor' ? texts.theSensorOrIts : texts.sensorLeadPlugOr}`,
        scale,
      };
    case 'above':
      return {
        tone: 'bad',
        heading: texts.above(whose),
        detail: texts.compareWithTheOther(at),
        scale,
      };
    case 'borderline-low':
    case 'borderline-high':
      return {
        tone: 'borderline',
        heading: texts.borderlineWithinItsOwn,
        detail: texts.giveOrTakeMeasure(
          at,
          showReading(halfWidthOhm, 'resistance').number,
          showReading(halfWidthOhm, 'resistance').unit,
        ),
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
      heading: texts.countsForNothingHere,
      detail: reading.ignored.replace(/^void: /, ''),
      scale: null,
    };
  const fits = reading.reports[0]?.fits ?? {};
  const sorted = Object.entries(fits).sort(([, a], [, b]) => b - a);
  const [tone, words] = OUTCOME_WORDS[sorted[0]?.[0] ?? ''] ?? ['plain', texts.noted];
  const isWeak = sorted.length > 1 && (sorted[1]?.[1] ?? 0) > 0.25;
  const halfWidth = meter.value === 'overload' ? 0 : halfWidthOf(meter, context);
  const detail = isWeak
    ? texts.notClearCutThis
    : halfWidth > 0 && meter.value !== 'overload'
      ? texts.giveOrTake(showReading(halfWidth, meter.quantity).number, showReading(halfWidth, meter.quantity).unit)
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
