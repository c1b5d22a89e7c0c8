import type { CaseFile } from '../../../core/casefile/contract';
import { texts } from '#words/shared/shell';

/** The five stages in working order. */
export const STAGES = [
  { id: 'dash', number: 1, name: texts.dash },
  { id: 'codes', number: 2, name: texts.codes },
  { id: 'find', number: 3, name: texts.find },
  { id: 'fix', number: 4, name: texts.fix },
  { id: 'prove', number: 5, name: texts.prove },
] as const;

export type StageId = (typeof STAGES)[number]['id'];

/** What of a job shows that a stage was worked in. */
const SIGNS: Readonly<Record<'dash' | 'codes' | 'find', readonly string[]>> = {
  dash: ['lamps', 'symptom', 'history'],
  codes: ['code', 'no-code', 'clear'],
  find: ['look', 'meter', 'live', 'distance', 'swap', 'substitute', 'unplug'],
};

/** The stages that something was done in. */
export function visitedStages(file: CaseFile | null): StageId[] {
  if (!file) return [];
  const kinds = new Set<string>(file.observations.map(({ kind }) => kind));
  const isVisited: Readonly<Record<StageId, boolean>> = {
    dash: SIGNS.dash.some((kind) => kinds.has(kind)),
    codes: SIGNS.codes.some((kind) => kinds.has(kind)),
    find: SIGNS.find.some((kind) => kinds.has(kind)),
    fix: (file.repairs?.length ?? 0) > 0,
    prove: file.ending === 'solved',
  };
  return STAGES.map(({ id }) => id).filter((id) => isVisited[id]);
}
