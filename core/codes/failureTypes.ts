import type { Failure } from '../casefile/words';
import { texts } from '#words/core/codes';

/** What a failure type byte points at: the electrical path, the signal's source, or neither. */
export type FailureNature = 'electrical' | 'signal' | 'other';

export interface FailureType {
  readonly byte: string;
  readonly meaning: string;
  readonly nature: FailureNature;
  readonly failure: Failure | null;
}

type Row = readonly [byte: string, meaning: string, nature: FailureNature, failure: Failure | null];

/** Failure type bytes of SAE J2012-DA / ISO 15031-6 that a wheel speed sensor's code may carry. */
const ROWS: readonly Row[] = [
  ['01', texts.generalElectricalFailure, 'electrical', 'circuit'],
  ['02', texts.generalSignalFailure, 'signal', null],
  ['04', texts.systemInternalFailure, 'other', null],
  ['07', texts.mechanicalFailure, 'signal', null],
  ['09', texts.componentFailure, 'other', null],
  ['11', texts.circuitShortToGround, 'electrical', 'short-to-ground'],
  ['12', texts.circuitShortToBattery, 'electrical', 'short-to-supply'],
  ['13', texts.circuitOpen, 'electrical', 'open'],
  ['14', texts.circuitShortToGroundOr, 'electrical', 'circuit'],
  ['15', texts.circuitShortToBatteryOr, 'electrical', 'circuit'],
  ['16', texts.circuitVoltageBelowThreshold, 'electrical', 'circuit'],
  ['17', texts.circuitVoltageAboveThreshold, 'electrical', 'circuit'],
  ['18', texts.circuitCurrentBelowThreshold, 'electrical', 'circuit'],
  ['19', texts.circuitCurrentAboveThreshold, 'electrical', 'circuit'],
  ['1A', texts.circuitResistanceBelowThreshold, 'electrical', 'circuit'],
  ['1B', texts.circuitResistanceAboveThreshold, 'electrical', 'circuit'],
  ['1C', texts.circuitVoltageOutOf, 'electrical', 'circuit'],
  ['1D', texts.circuitCurrentOutOf, 'electrical', 'circuit'],
  ['1E', texts.circuitResistanceOutOf, 'electrical', 'circuit'],
  ['1F', texts.circuitIntermittent, 'electrical', 'intermittent'],
  ['21', texts.signalAmplitudeBelowMinimum, 'signal', 'no-signal'],
  ['22', texts.signalAmplitudeAboveMaximum, 'signal', 'erratic'],
  ['23', texts.signalStuckLow, 'signal', 'implausible'],
  ['24', texts.signalStuckHigh, 'signal', 'implausible'],
  ['25', texts.signalShapeOrWaveform, 'signal', 'erratic'],
  ['26', texts.signalRateOfChange, 'signal', 'erratic'],
  ['27', texts.signalRateOfChangeAbove, 'signal', 'erratic'],
  ['28', texts.signalBiasLevelOut, 'signal', 'erratic'],
  ['29', texts.signalInvalid, 'signal', 'implausible'],
  ['2B', texts.signalCrossCoupled, 'electrical', null],
  ['2F', texts.signalErratic, 'signal', 'erratic'],
  ['31', texts.noSignal, 'signal', 'no-signal'],
  ['36', texts.signalFrequencyTooLow, 'signal', 'erratic'],
  ['37', texts.signalFrequencyTooHigh, 'signal', 'erratic'],
  ['38', texts.signalFrequencyIncorrect, 'signal', 'erratic'],
  ['39', texts.signalHasTooFew, 'signal', 'no-signal'],
  ['3A', texts.signalHasTooMany, 'signal', 'erratic'],
  ['49', texts.internalElectronicFailure, 'other', null],
  ['4A', texts.incorrectComponentInstalled, 'signal', null],
  ['61', texts.signalCalculationFailure, 'signal', 'implausible'],
  ['62', texts.signalCompareFailure, 'signal', 'implausible'],
  ['64', texts.signalPlausibilityFailure, 'signal', 'implausible'],
  ['65', texts.signalHasTooFewTransitions, 'signal', 'no-signal'],
  ['66', texts.signalHasTooManyTransitions, 'signal', 'erratic'],
  ['92', texts.performanceOrIncorrectOperation, 'other', null],
  ['95', texts.incorrectAssembly, 'signal', null],
  ['96', texts.componentInternalFailure, 'other', null],
];

export const FAILURE_TYPES: ReadonlyMap<string, FailureType> = new Map(
  ROWS.map(([byte, meaning, nature, failure]) => [byte, { byte, meaning, nature, failure }]),
);
