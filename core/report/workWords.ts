import type { CaseFile, Work } from '../casefile/contract';
import { readWorkStep } from '../casefile/workStep';
import { triedOf } from '../guide/climb';
import { OPENING_ORDER } from '../guide/compose';
import { OWN_STEPS } from '../guide/workState';
import { RESULTS } from '../knowledge/guide/rung';
import type { StepRow } from '../knowledge/guide/step';
import { ALL_REPAIRS } from '../knowledge/repairs/all';
import { sayChannel, type SideSpeech } from '../vehicle/sides';
import { texts } from '#words/core/report';

const ROWS: ReadonlyMap<string, StepRow> = new Map(
  [...OPENING_ORDER, ...ALL_REPAIRS.flatMap(({ steps = [] }) => steps)].map((row) => [row.id, row]),
);

/**
 * What an entry of `work` says was done.
 * @param entry the entry. @param file the job. @param sides how sides are spoken.
 * @returns a sentence; null for what is no step of hands: timers, choices, what is ready.
 * @example describeWork({ id: 'w', step: 'ignition-off' }, CASE, 'left-right') // => "Ignition off, key in your pocket"
 */
export function describeWork(entry: Work, file: CaseFile, sides: SideSpeech): string | null {
  const { name, channel } = readWorkStep(entry.step);
  const where = channel ? sayChannel(channel, sides, file.vehicle.steeringSide) : '';
  const own = OWN_STEPS.find((kind) => kind === name);
  if (own) return texts.ownStep[own](entry.note ?? '');
  const tried = triedOf(entry);
  if (tried) return texts.tried(tried.rung.name, RESULTS[tried.result].words);
  const row = ROWS.get(name);
  if (!row) return null;
  const words = row.text.replaceAll('{where}', where || texts.theCar);
  return entry.skipped ? texts.skipped(words) : entry.undone ? texts.andPutBack(words) : words;
}
