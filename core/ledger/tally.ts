import type { Cost } from '../casefile/contract';
import { roundMoney, USUAL_CURRENCY } from '../words/money';

/** What a workshop asks, by how it goes; null where nobody asked. */
export type Quotes = Readonly<Record<'best' | 'usual' | 'worst', number | null>>;

/** What a job cost, by use. All in the job's currency. */
export interface Tally {
  readonly needed: number;
  readonly wasted: number;
  readonly kept: number;
  readonly spare: number;
  readonly refund: number;
  /** Needed, wasted, tools and spares, less refunds. */
  readonly spent: number;
  readonly quotes: Quotes;
  /** The workshop's quote for the usual case, or the only one; null without a quote. */
  readonly quote: number | null;
  /** Quote less what was needed or wasted (tools and spares stay with the owner), refunds added; null without a quote. */
  readonly saved: number | null;
  /** Entries in another currency: they are in none of the sums. */
  readonly otherCurrencies: readonly Cost[];
}

/** The newest quote of a case; one without a case is the usual one. */
const quoteOf = (costs: readonly Cost[], wanted: keyof Quotes): number | null =>
  costs.findLast((cost) => cost.use === 'quote' && (cost.case ?? 'usual') === wanted)?.amount ?? null;

/**
 * Adds up a job's costs.
 * @param costs entries of the case file, amounts 0 or more. @param currency the job's: ISO 4217; an entry without one is in it.
 * @returns the sums, in whole steps of the currency's smallest coin, so that they agree with the lines.
 * @example tally([{ id: 'c1', item: 'sensor', amount: 31, use: 'needed' }, { id: 'c2', item: 'quote', amount: 280, use: 'quote' }]).saved // => 249
 */
export function tally(costs: readonly Cost[], currency = USUAL_CURRENCY): Tally {
  const own = costs.filter((cost) => (cost.currency ?? currency) === currency);
  const round = (amount: number): number => roundMoney(amount, currency);
  const sum = (use: Cost['use']): number =>
    round(own.reduce((total, cost) => total + (cost.use === use ? round(cost.amount) : 0), 0));
  const [needed, wasted, kept, spare, refund] = [
    sum('needed'),
    sum('wasted'),
    sum('kept'),
    sum('spare'),
    sum('refund'),
  ];
  const quotes = { best: quoteOf(own, 'best'), usual: quoteOf(own, 'usual'), worst: quoteOf(own, 'worst') };
  const quote = quotes.usual ?? quotes.best ?? quotes.worst;
  return {
    needed,
    wasted,
    kept,
    spare,
    refund,
    spent: round(needed + wasted + kept + spare - refund),
    quotes,
    quote,
    saved: quote === null ? null : round(quote - needed - wasted + refund),
    otherCurrencies: costs.filter((cost) => (cost.currency ?? currency) !== currency),
  };
}
