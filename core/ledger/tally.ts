import type { Cost } from '../casefile/contract';

/** What a job cost, by use. All in the job's currency. */
export interface Tally {
  readonly needed: number;
  readonly wasted: number;
  readonly kept: number;
  readonly spare: number;
  readonly refund: number;
  /** Needed, wasted, tools and spares, less refunds. */
  readonly spent: number;
  /** The workshop's quote for the usual case, or the only one; null without a quote. */
  readonly quote: number | null;
  /** Quote less what was needed or wasted (tools and spares stay with the owner), refunds added; null without a quote. */
  readonly saved: number | null;
}

/**
 * Adds up a job's costs.
 * @param costs entries of the case file, amounts 0 or more.
 * @returns the sums; rounded to hundredths.
 * @example tally([{ id: 'c1', item: 'sensor', amount: 31, use: 'needed' }, { id: 'c2', item: 'quote', amount: 280, use: 'quote' }]).saved // => 249
 */
export function tally(costs: readonly Cost[]): Tally {
  const sum = (use: Cost['use']): number =>
    Math.round(100 * costs.reduce((total, cost) => total + (cost.use === use ? cost.amount : 0), 0)) / 100;
  const [needed, wasted, kept, spare, refund] = [
    sum('needed'),
    sum('wasted'),
    sum('kept'),
    sum('spare'),
    sum('refund'),
  ];
  const quotes = costs.filter((cost) => cost.use === 'quote');
  const quote = (quotes.find((quote) => quote.case === 'usual') ?? quotes[0])?.amount ?? null;
  const rounded = (amount: number): number => Math.round(100 * amount) / 100;
  return {
    needed,
    wasted,
    kept,
    spare,
    refund,
    spent: rounded(needed + wasted + kept + spare - refund),
    quote,
    saved: quote === null ? null : rounded(quote - needed - wasted + refund),
  };
}
