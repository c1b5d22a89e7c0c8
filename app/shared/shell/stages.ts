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
