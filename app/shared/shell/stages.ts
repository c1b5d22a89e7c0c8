/** The five stages in working order. */
export const STAGES = [
  { id: 'dash', number: 1, name: 'Dash' },
  { id: 'codes', number: 2, name: 'Codes' },
  { id: 'find', number: 3, name: 'Find' },
  { id: 'fix', number: 4, name: 'Fix' },
  { id: 'prove', number: 5, name: 'Prove' },
] as const;

export type StageId = (typeof STAGES)[number]['id'];
