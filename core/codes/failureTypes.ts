import type { Failure } from '../casefile/words';

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
  ['01', 'general electrical failure', 'electrical', 'circuit'],
  ['02', 'general signal failure', 'signal', null],
  ['04', 'system internal failure', 'other', null],
  ['07', 'mechanical failure', 'signal', null],
  ['09', 'component failure', 'other', null],
  ['11', 'circuit short to ground', 'electrical', 'short-to-ground'],
  ['12', 'circuit short to battery', 'electrical', 'short-to-supply'],
  ['13', 'circuit open', 'electrical', 'open'],
  ['14', 'circuit short to ground or open', 'electrical', 'circuit'],
  ['15', 'circuit short to battery or open', 'electrical', 'circuit'],
  ['16', 'circuit voltage below threshold', 'electrical', 'circuit'],
  ['17', 'circuit voltage above threshold', 'electrical', 'circuit'],
  ['18', 'circuit current below threshold', 'electrical', 'circuit'],
  ['19', 'circuit current above threshold', 'electrical', 'circuit'],
  ['1A', 'circuit resistance below threshold', 'electrical', 'circuit'],
  ['1B', 'circuit resistance above threshold', 'electrical', 'circuit'],
  ['1C', 'circuit voltage out of range', 'electrical', 'circuit'],
  ['1D', 'circuit current out of range', 'electrical', 'circuit'],
  ['1E', 'circuit resistance out of range', 'electrical', 'circuit'],
  ['1F', 'circuit intermittent', 'electrical', 'intermittent'],
  ['21', 'signal amplitude below minimum', 'signal', 'no-signal'],
  ['22', 'signal amplitude above maximum', 'signal', 'erratic'],
  ['23', 'signal stuck low', 'signal', 'implausible'],
  ['24', 'signal stuck high', 'signal', 'implausible'],
  ['25', 'signal shape or waveform failure', 'signal', 'erratic'],
  ['26', 'signal rate of change below threshold', 'signal', 'erratic'],
  ['27', 'signal rate of change above threshold', 'signal', 'erratic'],
  ['28', 'signal bias level out of range', 'signal', 'erratic'],
  ['29', 'signal invalid', 'signal', 'implausible'],
  ['2B', 'signal cross-coupled', 'electrical', null],
  ['2F', 'signal erratic', 'signal', 'erratic'],
  ['31', 'no signal', 'signal', 'no-signal'],
  ['36', 'signal frequency too low', 'signal', 'erratic'],
  ['37', 'signal frequency too high', 'signal', 'erratic'],
  ['38', 'signal frequency incorrect', 'signal', 'erratic'],
  ['39', 'signal has too few pulses', 'signal', 'no-signal'],
  ['3A', 'signal has too many pulses', 'signal', 'erratic'],
  ['49', 'internal electronic failure', 'other', null],
  ['4A', 'incorrect component installed', 'signal', null],
  ['61', 'signal calculation failure', 'signal', 'implausible'],
  ['62', 'signal compare failure', 'signal', 'implausible'],
  ['64', 'signal plausibility failure', 'signal', 'implausible'],
  ['65', 'signal has too few transitions', 'signal', 'no-signal'],
  ['66', 'signal has too many transitions', 'signal', 'erratic'],
  ['92', 'performance or incorrect operation', 'other', null],
  ['95', 'incorrect assembly', 'signal', null],
  ['96', 'component internal failure', 'other', null],
];

export const FAILURE_TYPES: ReadonlyMap<string, FailureType> = new Map(
  ROWS.map(([byte, meaning, nature, failure]) => [byte, { byte, meaning, nature, failure }]),
);
