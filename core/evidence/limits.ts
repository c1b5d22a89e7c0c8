import {
  USUAL_COIL_BAND,
  USUAL_FIGURES,
  type Limit,
  type LimitBase,
  type ManualFigure,
} from '../knowledge/outcomes/outcome';
import { SUPPLY } from '../knowledge/limits';
import type { CoilBand } from './coilBand';
import { ofKind, type ReadingContext } from './report';

/** Where a limit came from. */
export type LimitFrom = 'fixed' | 'generic' | 'manual' | 'other-side' | 'own-sensor' | 'battery' | 'nominal';

/** A limit as it held for one reading, in the unit of its scale. */
export interface UsedLimit {
  readonly value: number;
  readonly from: LimitFrom;
}

/** Measured battery voltage of the stage, else the nominal one. */
function batteryVolt(context: ReadingContext): UsedLimit {
  const measured = ofKind(context, 'meter').filter((meter) => meter.point === 'battery' && meter.while !== 'cranking');
  const value = measured.at(-1)?.value;
  return typeof value === 'number' && value > SUPPLY.leastBatteryVolt
    ? { value, from: 'battery' }
    : { value: context.vehicle.supplyNominal ?? SUPPLY.usualVolt, from: 'nominal' };
}

/** The figures of the sheet by the names that limits use. */
function manualFigure(figure: ManualFigure, { specs }: ReadingContext['vehicle']): number | undefined {
  switch (figure) {
    case 'spin-voltage':
      return specs?.handSpinVoltage?.min;
    case 'plug-feed':
      return specs?.supplyAtPlug?.min;
    case 'air-gap-min':
      return specs?.airGap?.min;
    case 'air-gap-max':
      return specs?.airGap?.max;
    default:
      return figure satisfies never;
  }
}

function manualLimit(figure: ManualFigure, { vehicle }: ReadingContext): UsedLimit {
  const own = manualFigure(figure, vehicle);
  return own === undefined ? { value: USUAL_FIGURES[figure], from: 'generic' } : { value: own, from: 'manual' };
}

function baseOf(base: LimitBase, band: CoilBand | null, context: ReadingContext): UsedLimit {
  switch (base) {
    case 'band-min':
      return { value: band?.min ?? USUAL_COIL_BAND.min, from: band?.from ?? 'generic' };
    case 'band-max':
      return { value: band?.max ?? USUAL_COIL_BAND.max, from: band?.from ?? 'generic' };
    case 'battery':
      return batteryVolt(context);
    default:
      return manualLimit(base, context);
  }
}

/**
 * A limit as it holds for one reading.
 * @param limit the record's. @param band the band of a coil, null for other readings. @param context the stage that the reading was made in: spec sheet, battery.
 * @returns the value in the scale's unit, and where it came from.
 * @example usedLimit({ at12V: 12.4 }, null, { ...STAGE, vehicle: { ...CASE.vehicle, supplyNominal: 24 } }) // => { value: 24.8, from: "nominal" }
 */
export function usedLimit(limit: Limit, band: CoilBand | null, context: ReadingContext): UsedLimit {
  if ('fixed' in limit) return { value: limit.fixed, from: 'fixed' };
  if ('manual' in limit) return manualLimit(limit.manual, context);
  if ('share' in limit) {
    const base = baseOf(limit.of, band, context);
    return { ...base, value: limit.share * base.value };
  }
  const nominal = context.vehicle.supplyNominal ?? SUPPLY.usualVolt;
  return { value: (limit.at12V * nominal) / SUPPLY.usualVolt, from: 'nominal' };
}
