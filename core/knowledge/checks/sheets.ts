import { LIVE_FINDINGS, LOOK_FINDINGS, SUBSTITUTE_RESULTS, SWAP_RESULTS, UNPLUG_RESULTS } from '../../casefile/words';
import { SETUP_LINES, type Setup } from '../setups';
import { checkRecord, type AnyCheck } from './all';
import type { Answer } from './check';
import type { CheckId } from './checkIds';
import { texts } from '#words/knowledge/sheets';

/** What a line of the set-up list does, so that what is done already is not asked again. */
export interface SetupLine {
  readonly text: string;
  readonly opens?: Setup;
}

/** The sheet of a check: what to do before it, how it is drawn, how it is answered. */
export interface CheckSheet {
  readonly check: CheckId;
  readonly title: string;
  readonly setup: readonly SetupLine[];
  readonly caution?: string;
  readonly answer: Answer;
}

/** A plug is disconnected with the ignition off, whatever comes after. */
const OPENS_A_PLUG: readonly Setup[] = ['plug-apart', 'module-plug-apart'];

function linesOf({ setups, sheet }: AnyCheck): readonly SetupLine[] {
  const startsOff = sheet?.ignition === 'off' || setups.some((setup) => OPENS_A_PLUG.includes(setup));
  return [
    ...(startsOff ? [{ text: texts.ignitionOff }] : []),
    ...setups.map((setup) => ({ text: SETUP_LINES[setup], opens: setup })),
    ...(sheet?.ignition === 'on' ? [{ text: texts.ignitionOnEngineOff }] : []),
    ...(sheet?.lines ?? []).map((text) => ({ text })),
  ];
}

/**
 * The sheet of a check, made from its record.
 * @param check its name, such as `meter:sensor:resistance`.
 * @returns the sheet, or null when it is answered elsewhere (codes, history) or unknown.
 * @example sheetFor('look:ring')?.answer // => { is: "look", part: "ring" }
 */
export function sheetFor(check: string): CheckSheet | null {
  const record = checkRecord(check);
  if (!record?.sheet || !record.answer) return null;
  const { title, caution } = record.sheet;
  return { check: record.check, title, setup: linesOf(record), ...(caution ? { caution } : {}), answer: record.answer };
}

/**
 * The words that a check may be answered with, in the order to be shown; empty for numbers.
 * @example answersOf({ is: 'sensor-type' }) // => ["passive","active"]
 */
export function answersOf(answer: Answer): readonly string[] {
  switch (answer.is) {
    case 'look':
      return LOOK_FINDINGS[answer.part];
    case 'live':
      return answer.while === 'stationary' ? ['zero', 'stuck-high', 'erratic'] : LIVE_FINDINGS;
    case 'choice':
      return { swap: SWAP_RESULTS, substitute: SUBSTITUTE_RESULTS, unplug: UNPLUG_RESULTS }[answer.kind];
    case 'sensor-type':
      return ['passive', 'active'];
    case 'meter':
    case 'distance':
    case 'specs':
      return [];
    default:
      return answer satisfies never;
  }
}
