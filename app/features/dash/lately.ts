/** Spans of the past, oldest first, as days ago. */
export const SPANS = [
  { id: 'older', words: 'a year or more', from: 300 },
  { id: 'months', words: 'months ago', from: 45 },
  { id: 'weeks', words: 'weeks ago', from: 8 },
  { id: 'days', words: 'days ago', from: 0 },
  { id: 'unknown', words: 'when, unknown', from: -1 },
] as const;

export type SpanId = (typeof SPANS)[number]['id'];

/** The span in which something so many days ago lies. */
export function spanOf(agoDays: number | undefined): SpanId {
  if (agoDays === undefined) return 'unknown';
  return SPANS.find((one) => agoDays >= one.from)?.id ?? 'days';
}
