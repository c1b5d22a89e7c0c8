import type { ObservationOf } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import { showReading } from '../quantities/show';
import { capital } from '../words/capital';
import { coilVerdict, halfWidthOf, type CoilVerdict } from './coilVerdict';
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

type Told = readonly [MeterWords['tone'], string];

/** What each outcome of a table means to the owner. */
const OUTCOME_WORDS: Readonly<Record<string, Told>> = {
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

/** Where an outcome means something else: by the table's topic. */
const ELSEWHERE: Readonly<Record<string, Readonly<Record<string, Told>>>> = {
  'wire-voltage': { none: ['good', texts.noForeignVoltage], some: ['bad', texts.foreignVoltage] },
  'sensor-current': { none: ['bad', texts.drawsNothing], normal: ['good', texts.drawsCurrent] },
};

/** A feed at a passive sensor's plug. */
const PASSIVE_FEED: Readonly<Record<string, Told>> = {
  none: ['plain', texts.passiveIsNotFed],
  low: ['plain', texts.passiveIsNotFed],
  part: ['plain', texts.passiveIsNotFed],
  full: ['borderline', texts.passiveYetFed],
};

function wordsOf(outcome: string, topic: string, meter: Meter, type: SensorType | null): Told {
  if (outcome === 'open' && meter.value !== 'overload') return ['bad', texts.asGoodAsOpen];
  const apart = topic === 'supply-at-plug' && type === 'passive' ? PASSIVE_FEED : ELSEWHERE[topic];
  return apart?.[outcome] ?? OUTCOME_WORDS[outcome] ?? ['plain', texts.noted];
}

/** A coil that reads less than this share of the band's lower end, or of which the upper end is less than this share, is further off than sound parts differ. */
const WELL = 0.6;

function aboveWords(verdict: CoilVerdict, at: string, whose: string, within: string): Omit<MeterWords, 'scale'> {
  if (verdict.fits['open'] === 1) return { tone: 'bad', heading: `${texts.asGoodAsOpen}.`, detail: `${at}. ${within}` };
  if (verdict.correctedOhm > verdict.band.max / WELL)
    return { tone: 'bad', heading: texts.wellAbove(whose), detail: texts.seldomSound(at) };
  return { tone: 'bad', heading: texts.above(whose), detail: texts.compareWithTheOther(at) };
}

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
  const within = meter.point === 'sensor' ? texts.theSensorOrIts : texts.sensorLeadPlugOr;
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
        heading: `${correctedOhm < band.min * WELL ? texts.wellBelow : texts.below} ${whose}.`,
        detail: `${at}. ${within}`,
        scale,
      };
    case 'above':
      return { ...aboveWords(verdict, at, whose, within), scale };
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

/** Why a reading counts for nothing, as a sentence. */
function voidWords(ignored: string): MeterWords {
  const why = ignored.startsWith(texts.voidSign) ? ignored.slice(texts.voidSign.length) : ignored;
  return { tone: 'void', heading: texts.countsForNothingHere, detail: `${capital(why)}.`, scale: null };
}

function otherDetail(meter: Meter, isWeak: boolean, context: ReadingContext): string {
  if (isWeak)
    return meter.value === 'overload' && meter.range !== undefined ? texts.rangeTooSmall : texts.notClearCutThis;
  const halfWidth = halfWidthOf(meter, context);
  const { number, unit } = showReading(halfWidth, meter.quantity);
  return halfWidth > 0 ? texts.giveOrTake(number, unit) : '';
}

function otherWords(meter: Meter, channel: Channel | null, context: ReadingContext): MeterWords {
  const reading = readMeter(meter, channel, context);
  if ('ignored' in reading) return voidWords(reading.ignored);
  const [report] = reading.reports;
  const sorted = Object.entries(report?.fits ?? {}).sort(([, a], [, b]) => b - a);
  const topic = (report?.check.passive ?? report?.check.active)?.topic ?? '';
  const [tone, words] = wordsOf(sorted[0]?.[0] ?? '', topic, meter, statedType(context, channel));
  const isWeak = (sorted[1]?.[1] ?? 0) > 0.25;
  return {
    tone: isWeak && (tone === 'bad' || tone === 'good') ? 'borderline' : tone,
    heading: `${words}.`,
    detail: otherDetail(meter, isWeak, context),
    scale: null,
  };
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
