import type { ObservationOf } from '../casefile/contract';
import type { Limit, OutcomeRecord, Wording } from '../knowledge/outcomes/outcome';
import { showReading } from '../quantities/show';
import { capital } from '../words/capital';
import type { CoilBand } from './coilBand';
import { usedLimit } from './limits';
import type { UsedScale } from './onScale';
import type { Verdict } from './verdict';
import { texts } from '#words/core/evidence';

/** What a verdict on a reading is put into words from. */
export interface JudgedReading {
  readonly meter: ObservationOf<'meter'>;
  readonly outcome: OutcomeRecord;
  /** The figure as it was judged, null for an overload or a display that jumped. */
  readonly figure: { readonly value: number; readonly halfWidth: number } | null;
  readonly used: UsedScale;
  readonly isClear: boolean;
  /** Whether another outcome is nearly as likely. */
  readonly isRivalled: boolean;
}

type Words = Pick<Verdict, 'heading' | 'detail'>;

const BAND_FROM = {
  manual: texts.theManualsBand,
  'other-side': texts.theBandOfThe,
  'own-sensor': texts.whatTheCoilRead,
  generic: texts.theUsualBandGeneric,
} as const satisfies Readonly<Record<CoilBand['from'], string>>;

/** At which temperature a coil was measured, and what it reads at that of its band. */
function temperatureWords({ meter, figure, used }: JudgedReading): string {
  const { band } = used;
  if (!band || !figure) return '';
  if (meter.temperature === undefined) return texts.partTemperatureNotKnown;
  if (meter.temperature === band.atCelsius) return texts.measuredAt(meter.temperature);
  const { number, unit } = showReading(figure.value, meter.quantity);
  return texts.atCThisIs(meter.temperature, number, unit, band.atCelsius);
}

function offBy({ meter, figure }: JudgedReading): readonly [number: string, unit: string] | null {
  if (!figure || figure.halfWidth <= 0) return null;
  const { number, unit } = showReading(figure.halfWidth, meter.quantity);
  return [number, unit];
}

function unclear(judged: JudgedReading): Words {
  const { meter, used, figure, isRivalled, outcome } = judged;
  const at = temperatureWords(judged);
  const off = offBy(judged);
  if (used.band && off)
    return {
      heading: isRivalled && outcome.detail ? `${say(outcome.text, judged)}.` : texts.borderlineWithinItsOwn,
      detail: texts.giveOrTakeMeasure(at, ...off),
    };
  const isRange = meter.value === 'overload' && meter.range !== undefined;
  const detail = isRange ? texts.rangeTooSmall : texts.notClearCutThis;
  return { heading: figure ? texts.borderlineWithinItsOwn : `${say(outcome.text, judged)}.`, detail };
}

function say(wording: Wording, { used }: JudgedReading): string {
  return typeof wording === 'string' ? wording : wording(BAND_FROM[used.band?.from ?? 'generic']);
}

/** Whether a figure lies so far off that something else is said of it. */
function isFar({ outcome, figure, used }: JudgedReading): boolean {
  const { under, over } = outcome.far ?? {};
  if (!figure) return false;
  const at = (limit: Limit): number => usedLimit(limit, used.band, used.context).value;
  return (under !== undefined && figure.value < at(under)) || (over !== undefined && figure.value > at(over));
}

/**
 * The words of a verdict on a reading.
 * @param judged the outcome, the figure, its limits. @returns heading and detail; the detail may be empty.
 * @example meterWording({ meter: { ...CASE.observations[2], value: 'overload' }, outcome: { id: 'open', tone: 'bad', text: 'No connection' }, figure: null, used: { band: null }, isClear: true, isRivalled: false }).heading // => "No connection."
 */
export function meterWording(judged: JudgedReading): Words {
  const { outcome, figure, isClear } = judged;
  if (!isClear) return unclear(judged);
  const far = isFar(judged) ? outcome.far : undefined;
  const heading = `${say(far?.text ?? (figure ? outcome.ofNumber : undefined) ?? outcome.text, judged)}.`;
  const detail = far?.detail ?? outcome.detail;
  if (figure && detail) return { heading, detail: detail(temperatureWords(judged)) };
  const off = offBy(judged);
  return { heading, detail: off ? texts.giveOrTake(...off) : '' };
}

/**
 * The verdict on an answer that counts for nothing where it stands.
 * @param why the reason, as half a sentence. @returns a verdict that says nothing of any part.
 * @example voidVerdict('the ignition was off').detail // => "The ignition was off."
 */
export function voidVerdict(why: string): Verdict {
  return {
    topic: '',
    outcome: '',
    tone: 'void',
    heading: texts.countsForNothingHere,
    detail: `${capital(why)}.`,
    fits: {},
    good: [],
    bad: [],
    figure: null,
  };
}
