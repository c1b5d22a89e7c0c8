import { texts } from '#words/screens/dash';
/** Spans of the past, oldest first, as days ago. */
export const SPANS = [
  { id: 'older', words: texts.aYearOrMore, from: 300 },
  { id: 'months', words: texts.monthsAgo, from: 45 },
  { id: 'weeks', words: texts.weeksAgo, from: 8 },
  { id: 'days', words: texts.daysAgo, from: 0 },
  { id: 'unknown', words: texts.whenUnknown, from: -1 },
] as const;

export type SpanId = (typeof SPANS)[number]['id'];

/** The span in which something so many days ago lies. */
export function spanOf(agoDays: number | undefined): SpanId {
  if (agoDays === undefined) return 'unknown';
  return SPANS.find((span) => agoDays >= span.from)?.id ?? 'days';
}
