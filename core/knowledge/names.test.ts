import { describe, expect, test } from 'vitest';
import * as words from '../casefile/words';
import * as names from './names';
import { toolNames, TOOLS, type ToolId } from './guide/tools';
import { USUAL_FASTENERS, WITHOUT_IT } from './guide/fasteners';
import { STEP_IDS } from './guide/stepIds';

const FINDINGS = [...new Set(Object.values(words.LOOK_FINDINGS).flat())];
const TRIALS = [...words.SWAP_RESULTS, ...words.SUBSTITUTE_RESULTS, ...words.UNPLUG_RESULTS];

const NAMED: readonly (readonly [string, Readonly<Record<string, string>>, readonly string[]])[] = [
  ['places of repair', names.SEGMENT_NAMES, words.PLACES_OF_REPAIR],
  ['segments', names.SEGMENT_EXPLAINED, words.SEGMENTS],
  ['lamps', names.LAMP_NAMES, words.LAMPS],
  ['statuses', names.CODE_STATUS_NAMES, words.CODE_STATUSES],
  ['modules', names.MODULE_NAMES, words.MODULES],
  ['patterns', names.PATTERN_NAMES, words.LAMP_PATTERNS],
  ['symptoms', names.SYMPTOM_NAMES, words.SYMPTOMS],
  ['history', names.HISTORY_NAMES, words.HISTORY_EVENTS],
  ['speeds', names.LIVE_NAMES, words.LIVE_FINDINGS],
  ['erasing', names.CLEAR_NAMES, words.CLEAR_RESULTS],
  ['drives', names.DRIVE_NAMES, words.DRIVE_RESULTS],
  ['trials', names.TRIAL_NAMES, TRIALS],
  ['looks', names.FINDING_NAMES, FINDINGS],
  ['failures', names.FAILURE_NAMES, words.FAILURES],
  ['repairs', names.REPAIR_NAMES, words.REPAIR_ACTIONS],
  ['costs', names.COST_USE_NAMES, words.COST_USES],
  ['quotes', names.QUOTE_CASE_NAMES, words.QUOTE_CASES],
];

describe.each(NAMED)('%s', (_what, table, all) => {
  test('every word of the contract has a name of its own, and none is named that it has not', () => {
    const own = all.map((word) => table[word] ?? '');
    expect(own.filter((name) => name.trim() === '')).toEqual([]);
    expect(new Set(own).size).toBe(new Set(all).size);
    expect(Object.keys(table).filter((word) => !all.includes(word))).toEqual([]);
  });
});

describe('what lies in the hand', () => {
  test('every tool has a name of its own; they come in the order asked for', () => {
    expect(new Set(Object.values(TOOLS)).size).toBe(Object.keys(TOOLS).length);
    const wanted: ToolId[] = ['jack', 'axle-stand', 'chocks'];
    expect(toolNames(wanted)).toEqual([TOOLS.jack, TOOLS['axle-stand'], TOOLS.chocks]);
    expect(toolNames([])).toEqual([]);
  });
  test('what a step takes out: of a kind, with a name, so many; steps are steps of the guide', () => {
    const usual = Object.entries(USUAL_FASTENERS);
    expect(usual.map(([step, { kind, count }]) => `${step} ${count} ${kind}`)).toEqual([
      'wheel-off 5 nut',
      'liner-off 4 rivet',
      'trim-off 4 clip',
      'caliper-off 2 hex',
      'disc-off 1 star',
      'clips-out 2 clip',
      'bolt-out 1 hex',
      'hub-unit-out 4 hex',
      'own 1 other',
    ]);
    expect(new Set(usual.map(([, { name }]) => name)).size).toBe(usual.length);
    expect(
      [...usual.map(([step]) => step), ...Object.keys(WITHOUT_IT)].filter(
        (step) => !(STEP_IDS as readonly string[]).includes(step),
      ),
    ).toEqual([]);
    expect(new Set(Object.values(WITHOUT_IT)).size).toBe(Object.keys(WITHOUT_IT).length);
    expect(Object.keys(WITHOUT_IT).length).toBeGreaterThanOrEqual(6);
  });
});
